package org.mobrel.journeys;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Random;
import javax.sound.sampled.AudioFileFormat;
import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.AudioInputStream;
import javax.sound.sampled.AudioSystem;

/** What a microphone beside a canner would hear: a weight that rocks, and what is around it. */
final class KitchenSound {

    private static final float RATE = 48_000;
    private static final double[][] TONES = {
        {1_450, 1, 0.03}, {2_700, 0.7, 0.025}, {4_300, 0.5, 0.02}, {6_100, 0.35, 0.015}
    };

    private final double[] sound;
    private final Random dice = new Random(7);

    /** A quiet kitchen. */
    KitchenSound(int seconds) {
        sound = new double[(int) (seconds * RATE)];
        hum(0, seconds, 0.002);
    }

    /** The weight rocks two or three times a second. */
    KitchenSound rocks(int from, int until) {
        for (double at = from + 0.2; at < until; at += 0.3 + 0.2 * dice.nextDouble()) {
            double loud = 0.15 * (0.8 + 0.4 * dice.nextDouble());
            int start = (int) (at * RATE);
            for (int index = 0; index < RATE / 8 && start + index < sound.length; index++) {
                double t = index / RATE;
                double value = 0;
                for (double[] tone : TONES) {
                    value += tone[1] * Math.exp(-t / tone[2]) * Math.sin(2 * Math.PI * tone[0] * t);
                }
                sound[start + index] += loud * value;
            }
        }
        return this;
    }

    /** An extractor hood runs, much louder than the weight. */
    KitchenSound hood(int from, int until) {
        hum(from, until, 1.2);
        return this;
    }

    private void hum(int from, int until, double loud) {
        double smooth = 0;
        for (int index = (int) (from * RATE); index < until * RATE && index < sound.length; index++) {
            smooth = 0.6 * smooth + 0.4 * (dice.nextDouble() * 2 - 1);
            sound[index] += loud * smooth;
        }
    }

    Path write() {
        ByteBuffer samples = ByteBuffer.allocate(2 * sound.length).order(ByteOrder.LITTLE_ENDIAN);
        for (double value : sound) {
            samples.putShort((short) Math.max(-32_000, Math.min(32_000, Math.round(value * 20_000))));
        }
        try {
            Path file = Files.createTempFile("mobrel-journey-sound", ".wav");
            AudioFormat format = new AudioFormat(RATE, 16, 1, true, false);
            try (AudioInputStream in =
                    new AudioInputStream(new ByteArrayInputStream(samples.array()), format, sound.length)) {
                AudioSystem.write(in, AudioFileFormat.Type.WAVE, file.toFile());
            }
            return file;
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }
}

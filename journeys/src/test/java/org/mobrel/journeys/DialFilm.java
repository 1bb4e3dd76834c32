package org.mobrel.journeys;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Font;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;

/** What a camera before a dial would see: a face of 20 psi, seen a little from aside, and its needle. */
final class DialFilm {

    private static final int WIDTH = 640;
    private static final int HEIGHT = 480;
    private static final int A_SECOND = 2;
    private static final double RADIUS = 150;
    private static final double ZERO = Math.toRadians(135);
    private static final double PER_PSI = Math.toRadians(270) / 20;

    private final List<byte[]> pictures = new ArrayList<>();
    private final Random dice = new Random(11);
    private double psi;

    DialFilm(double psi) {
        this.psi = psi;
    }

    /** The needle stands still. */
    DialFilm stands(int seconds) {
        for (int picture = 0; picture < seconds * A_SECOND; picture++) {
            pictures.add(picture(false));
        }
        return this;
    }

    /** It sinks, a little with each picture. */
    DialFilm sinksTo(double to, int seconds) {
        double step = (to - psi) / (seconds * A_SECOND);
        for (int picture = 0; picture < seconds * A_SECOND; picture++) {
            psi += step;
            pictures.add(picture(false));
        }
        return this;
    }

    /** Somebody stands before it. */
    DialFilm hidden(int seconds) {
        for (int picture = 0; picture < seconds * A_SECOND; picture++) {
            pictures.add(picture(true));
        }
        return this;
    }

    /** Where a mark is in the picture, as parts of its width and height; the middle for a negative one. */
    static double[] spot(double mark) {
        double angle = ZERO + mark * PER_PSI;
        double far = mark < 0 ? 0 : 0.9 * RADIUS;
        double[] at = {far * Math.cos(angle), far * Math.sin(angle)};
        seen().transform(at, 0, at, 0, 1);
        return new double[] {at[0] / WIDTH, at[1] / HEIGHT};
    }

    private static AffineTransform seen() {
        AffineTransform seen = AffineTransform.getTranslateInstance(WIDTH / 2.0, HEIGHT / 2.0);
        seen.concatenate(new AffineTransform(0.94, 0.05, 0.03, 0.86, 0, 0));
        return seen;
    }

    private byte[] picture(boolean hidden) {
        BufferedImage image = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = image.createGraphics();
        pen.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        pen.setColor(new Color(96, 102, 110));
        pen.fillRect(0, 0, WIDTH, HEIGHT);
        pen.setColor(new Color(140, 120, 96));
        pen.fillRect(0, HEIGHT - 70, WIDTH, 70);
        pen.transform(seen());
        disc(pen, RADIUS * 1.14, new Color(60, 60, 64));
        disc(pen, RADIUS, new Color(238, 236, 226));
        pen.setColor(new Color(30, 30, 30));
        for (int mark = 0; mark <= 20; mark++) {
            line(pen, mark, mark % 5 == 0 ? 0.84 : 0.9, 0.96, mark % 5 == 0 ? 5 : 2.5f);
        }
        pen.setFont(new Font(Font.SANS_SERIF, Font.BOLD, 20));
        for (int mark = 0; mark <= 20; mark += 5) {
            double angle = ZERO + mark * PER_PSI;
            pen.drawString(Integer.toString(mark), (float) (0.7 * RADIUS * Math.cos(angle) - 9), (float)
                    (0.7 * RADIUS * Math.sin(angle) + 7));
        }
        pen.setColor(new Color(160, 24, 20));
        line(pen, psi, -0.2, 0.8, 6);
        disc(pen, RADIUS * 0.08, new Color(40, 40, 40));
        if (hidden) {
            pen.setTransform(new AffineTransform());
            pen.setColor(new Color(196, 150, 128));
            pen.fillRoundRect(WIDTH / 2 - 120, HEIGHT / 2 - 90, 260, HEIGHT, 90, 90);
        }
        pen.dispose();
        return grained(image);
    }

    private static void disc(Graphics2D pen, double radius, Color colour) {
        pen.setColor(colour);
        int size = (int) Math.round(2 * radius);
        pen.fillOval(-size / 2, -size / 2, size, size);
    }

    private static void line(Graphics2D pen, double mark, double from, double until, float wide) {
        double angle = ZERO + mark * PER_PSI;
        pen.setStroke(new BasicStroke(wide, BasicStroke.CAP_BUTT, BasicStroke.JOIN_MITER));
        pen.drawLine(
                (int) Math.round(from * RADIUS * Math.cos(angle)),
                (int) Math.round(from * RADIUS * Math.sin(angle)),
                (int) Math.round(until * RADIUS * Math.cos(angle)),
                (int) Math.round(until * RADIUS * Math.sin(angle)));
    }

    /** Brightness alone, with the grain of a small camera. */
    private byte[] grained(BufferedImage image) {
        byte[] grey = new byte[WIDTH * HEIGHT];
        for (int index = 0; index < grey.length; index++) {
            int rgb = image.getRGB(index % WIDTH, index / WIDTH);
            double bright = 0.299 * (rgb >> 16 & 255) + 0.587 * (rgb >> 8 & 255) + 0.114 * (rgb & 255);
            grey[index] = (byte) Math.max(16, Math.min(235, Math.round(bright + dice.nextGaussian() * 2.5)));
        }
        return grey;
    }

    /** As a file that Chromium takes for a camera; it begins anew when it is over. */
    Path write() {
        try {
            Path file = Files.createTempFile("dial", ".y4m");
            file.toFile().deleteOnExit();
            byte[] noColour = new byte[WIDTH * HEIGHT / 2];
            Arrays.fill(noColour, (byte) 128);
            try (OutputStream out = Files.newOutputStream(file)) {
                out.write("YUV4MPEG2 W%s H%s F%s:1 Ip A1:1 C420jpeg\n"
                        .formatted(WIDTH, HEIGHT, A_SECOND)
                        .getBytes(StandardCharsets.US_ASCII));
                for (byte[] picture : pictures) {
                    out.write("FRAME\n".getBytes(StandardCharsets.US_ASCII));
                    out.write(picture);
                    out.write(noColour);
                }
            }
            return file;
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }
}

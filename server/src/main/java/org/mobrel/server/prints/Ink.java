package org.mobrel.server.prints;

import java.awt.Color;
import java.awt.Font;
import java.awt.FontFormatException;
import java.awt.FontMetrics;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Base64;
import java.util.function.Consumer;
import javax.imageio.ImageIO;

/** Drawing in black on white, for any printer. */
final class Ink {

    private static final Font LETTERS = letters();

    /** Where written words are held: at their beginning, their middle or their end. */
    enum Held {
        LEFT(0),
        MIDDLE(0.5),
        RIGHT(1);

        private final double share;

        Held(double share) {
            this.share = share;
        }
    }

    private Ink() {}

    /** A picture to be put into a page of HTML, as its address. */
    static String picture(int width, int height, Consumer<Graphics2D> drawn) {
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_BYTE_GRAY);
        Graphics2D ink = image.createGraphics();
        ink.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        ink.setColor(Color.WHITE);
        ink.fillRect(0, 0, width, height);
        ink.setColor(Color.BLACK);
        drawn.accept(ink);
        ink.dispose();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try {
            ImageIO.write(image, "png", out);
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
        return "data:image/png;base64," + Base64.getEncoder().encodeToString(out.toByteArray());
    }

    /** Writes words with their middle at a height. */
    static void write(Graphics2D ink, String text, int size, double x, double y, Held held) {
        ink.setFont(LETTERS.deriveFont((float) size));
        FontMetrics metrics = ink.getFontMetrics();
        ink.drawString(text, (float) (x - metrics.stringWidth(text) * held.share), (float)
                (y + (metrics.getAscent() - metrics.getDescent()) / 2.0));
    }

    private static Font letters() {
        try (InputStream font = Ink.class.getResourceAsStream(Pdf.FONTS + "DejaVuSans-Bold.ttf")) {
            return Font.createFont(Font.TRUETYPE_FONT, font);
        } catch (IOException | FontFormatException failed) {
            throw new IllegalStateException("no font for pictures", failed);
        }
    }
}

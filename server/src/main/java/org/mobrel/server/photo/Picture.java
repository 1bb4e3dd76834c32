package org.mobrel.server.photo;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.Iterator;
import java.util.Locale;
import java.util.Set;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import javax.imageio.stream.ImageInputStream;
import javax.imageio.stream.ImageOutputStream;
import org.mobrel.server.platform.InvalidField;

/**
 * A picture as it is kept: painted anew, so that nothing comes along but what is to be seen. Where and with what it was taken is nobody's
 * business.
 *
 * @param jpeg its bytes
 * @param sha256 of the bytes, by which it is found
 */
record Picture(byte[] jpeg, int width, int height, String sha256) {

    /** The longer side of what is kept; enough to see a lid, a level and a leak. */
    static final int LONGEST = 1_280;

    /** More is read from nobody. */
    static final int MOST_BYTES = 12 * 1_024 * 1_024;

    private static final long MOST_PIXELS = 60_000_000;
    private static final float QUALITY = 0.8f;
    private static final Set<String> FORMATS = Set.of("jpeg", "png");

    /** @throws InvalidField for what is no JPEG or PNG, or is too large */
    static Picture of(byte[] sent) {
        if (sent.length > MOST_BYTES) {
            throw new InvalidField("photo", "a picture of at most 12 MB");
        }
        try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(sent))) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
            if (!readers.hasNext()) {
                throw none();
            }
            ImageReader reader = readers.next();
            try {
                if (!FORMATS.contains(reader.getFormatName().toLowerCase(Locale.ROOT))) {
                    throw none();
                }
                reader.setInput(in, true, true);
                return kept(read(reader));
            } finally {
                reader.dispose();
            }
        } catch (InvalidField said) {
            throw said;
        } catch (IOException | RuntimeException broken) {
            // What a broken picture does to a decoder has many names.
            throw none();
        }
    }

    private static InvalidField none() {
        return new InvalidField("photo", "a whole JPEG or PNG picture");
    }

    private static BufferedImage read(ImageReader reader) throws IOException {
        long pixels = (long) reader.getWidth(0) * reader.getHeight(0);
        if (pixels > MOST_PIXELS) {
            throw new InvalidField("photo", "a picture of at most 60 million points");
        }
        // Every second or third point is enough of a large one, and it fits into memory.
        ImageReadParam some = reader.getDefaultReadParam();
        int step = Math.max(1, Math.max(reader.getWidth(0), reader.getHeight(0)) / (2 * LONGEST));
        some.setSourceSubsampling(step, step, 0, 0);
        return reader.read(0, some);
    }

    private static Picture kept(BufferedImage image) throws IOException {
        double shrink = Math.min(1, (double) LONGEST / Math.max(image.getWidth(), image.getHeight()));
        int width = Math.max(1, (int) Math.round(image.getWidth() * shrink));
        int height = Math.max(1, (int) Math.round(image.getHeight() * shrink));
        BufferedImage small = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = small.createGraphics();
        pen.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BICUBIC);
        pen.drawImage(image, 0, 0, width, height, Color.WHITE, null);
        pen.dispose();
        byte[] jpeg = written(small);
        return new Picture(jpeg, width, height, sha256(jpeg));
    }

    private static byte[] written(BufferedImage image) throws IOException {
        ImageWriter writer = ImageIO.getImageWritersByFormatName("jpeg").next();
        try (ByteArrayOutputStream bytes = new ByteArrayOutputStream();
                ImageOutputStream out = ImageIO.createImageOutputStream(bytes)) {
            ImageWriteParam how = writer.getDefaultWriteParam();
            how.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
            how.setCompressionQuality(QUALITY);
            writer.setOutput(out);
            writer.write(null, new IIOImage(image, null, null), how);
            out.flush();
            return bytes.toByteArray();
        } finally {
            writer.dispose();
        }
    }

    static String sha256(byte[] bytes) {
        try {
            return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(bytes));
        } catch (NoSuchAlgorithmException never) {
            throw new IllegalStateException(never);
        }
    }
}

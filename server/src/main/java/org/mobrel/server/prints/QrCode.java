package org.mobrel.server.prints;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.EncodeHintType;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;
import com.google.zxing.qrcode.decoder.ErrorCorrectionLevel;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Base64;
import java.util.Map;
import javax.imageio.ImageIO;

/** An address as a square code that a phone reads off a lid. */
final class QrCode {

    private static final int DOTS_A_MODULE = 6;

    private QrCode() {}

    /** The address of a picture that is its own content. */
    static String picture(String address) {
        try {
            BitMatrix modules = new QRCodeWriter()
                    .encode(
                            address,
                            BarcodeFormat.QR_CODE,
                            0,
                            0,
                            Map.of(EncodeHintType.ERROR_CORRECTION, ErrorCorrectionLevel.M, EncodeHintType.MARGIN, 2));
            ByteArrayOutputStream png = new ByteArrayOutputStream();
            ImageIO.write(drawn(modules), "png", png);
            return "data:image/png;base64," + Base64.getEncoder().encodeToString(png.toByteArray());
        } catch (WriterException tooLong) {
            throw new IllegalArgumentException("no code for " + address, tooLong);
        } catch (IOException never) {
            throw new UncheckedIOException(never);
        }
    }

    private static BufferedImage drawn(BitMatrix modules) {
        int size = modules.getWidth() * DOTS_A_MODULE;
        BufferedImage image = new BufferedImage(size, size, BufferedImage.TYPE_BYTE_BINARY);
        for (int x = 0; x < size; x++) {
            for (int y = 0; y < size; y++) {
                boolean dark = modules.get(x / DOTS_A_MODULE, y / DOTS_A_MODULE);
                image.setRGB(x, y, dark ? 0x000000 : 0xFFFFFF);
            }
        }
        return image;
    }
}

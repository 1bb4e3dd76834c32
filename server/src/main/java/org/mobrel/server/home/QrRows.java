package org.mobrel.server.home;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/** A text as a code to be scanned. */
public final class QrRows {

    private QrRows() {}

    /** Its rows from the top, each a text of 0 and 1, with a blank margin around. */
    public static List<String> of(String text) {
        try {
            BitMatrix dots = new QRCodeWriter().encode(text, BarcodeFormat.QR_CODE, 0, 0);
            return IntStream.range(0, dots.getHeight())
                    .mapToObj(row -> IntStream.range(0, dots.getWidth())
                            .mapToObj(column -> dots.get(column, row) ? "1" : "0")
                            .collect(Collectors.joining()))
                    .toList();
        } catch (WriterException tooLong) {
            throw new IllegalArgumentException("too long to be scanned: " + text, tooLong);
        }
    }
}

package org.mobrel.server.prints;

import com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder.FontStyle;
import com.openhtmltopdf.pdfboxout.PdfBoxRenderer;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import com.openhtmltopdf.util.XRLog;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import org.apache.pdfbox.pdfwriter.compress.CompressParameters;

/** Makes a page of HTML into a PDF, with fonts of its own and nothing from outside. */
final class Pdf {

    static final String FONTS = "/net/sf/jasperreports/fonts/dejavu/";

    static {
        // It tells of each of its steps, several for a page.
        XRLog.setLoggingEnabled(false);
    }

    private Pdf() {}

    static byte[] of(String html) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        PdfRendererBuilder builder = new PdfRendererBuilder();
        builder.useFont(() -> font("DejaVuSans.ttf"), "DejaVu Sans", 400, FontStyle.NORMAL, true);
        builder.useFont(() -> font("DejaVuSans-Bold.ttf"), "DejaVu Sans", 700, FontStyle.NORMAL, true);
        builder.withHtmlContent(html, null);
        // Tagged: whoever has a page read aloud hears it in its order.
        builder.usePdfUaAccessibility(true);
        builder.withProducer("Mobrel");
        try (PdfBoxRenderer renderer = builder.buildPdfRenderer()) {
            renderer.createPDFWithoutClosing();
            // Its compressed form counts one object too many, which strict readers warn of.
            renderer.getPdfDocument().save(out, CompressParameters.NO_COMPRESSION);
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
        return out.toByteArray();
    }

    private static InputStream font(String file) {
        InputStream font = Pdf.class.getResourceAsStream(FONTS + file);
        if (font == null) {
            throw new IllegalStateException("no font " + file);
        }
        return font;
    }
}

package org.mobrel.server.prints;

import org.mobrel.server.platform.CleanText;
import org.springframework.web.util.HtmlUtils;

/** Words for a page that is printed: whatever a cook typed stays what was typed. */
final class Html {

    private Html() {}

    static String text(String words) {
        return HtmlUtils.htmlEscape(CleanText.of(words), "UTF-8");
    }

    static String cell(String words) {
        return "<td>" + text(words) + "</td>";
    }

    static String page(String title, String style, String body) {
        String head =
                "<html xmlns=\"http://www.w3.org/1999/xhtml\" lang=\"en\"><head><meta charset=\"UTF-8\"/><title>%s</title>"
                                .formatted(text(title))
                        + "<meta name=\"description\" content=\"%s\"/><style>".formatted(text(title));
        return head
                + """
               body { font-family: 'DejaVu Sans'; font-size: 10.5pt; color: #000; margin: 0; }
               h1 { font-size: 19pt; margin: 0 0 2mm 0; } h2 { font-size: 12.5pt; margin: 5mm 0 1.5mm 0; }
               table { border-collapse: collapse; width: 100%; } td, th { text-align: left; vertical-align: top; padding: 1mm 3mm 1mm 0; }
               th { font-size: 9pt; font-weight: normal; color: #444; } tr.line td { border-top: 0.2mm solid #999; }
               .small { font-size: 8.5pt; color: #333; } .big { font-size: 34pt; font-weight: bold; line-height: 1; }
               """
                + style + "</style></head><body>" + body + "</body></html>";
    }
}

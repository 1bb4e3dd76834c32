package org.mobrel.server.prints;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;

/** The sheets a household's printer takes. */
enum Paper {
    A4("a4", 210, 297),
    LETTER("letter", 215.9, 279.4),
    A5("a5", 148, 210);

    /** Where printers take Letter. */
    private static final Set<String> LETTER_IN =
            Set.of("US", "CA", "MX", "PH", "CL", "CO", "CR", "DO", "GT", "NI", "PA", "PR", "SV", "VE");

    private final String code;
    private final double widthMm;
    private final double heightMm;

    Paper(String code, double widthMm, double heightMm) {
        this.code = code;
        this.widthMm = widthMm;
        this.heightMm = heightMm;
    }

    static Optional<Paper> ofCode(String code) {
        return Arrays.stream(values()).filter(paper -> paper.code.equals(code)).findFirst();
    }

    /** What printers take where a device's language is from; A4 where it does not say. */
    static Paper usualIn(Locale where) {
        return LETTER_IN.contains(where.getCountry()) ? LETTER : A4;
    }

    double widthMm() {
        return widthMm;
    }

    double heightMm() {
        return heightMm;
    }

    /** As a style sheet says it, with a margin all around. */
    String page(double marginMm) {
        return "@page { size: %smm %smm; margin: %smm; }".formatted(widthMm, heightMm, marginMm);
    }
}

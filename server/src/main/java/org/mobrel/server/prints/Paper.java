package org.mobrel.server.prints;

import java.util.Arrays;
import java.util.Optional;

/** The sheets a household's printer takes. */
enum Paper {
    A4("a4", 210, 297),
    LETTER("letter", 215.9, 279.4),
    A5("a5", 148, 210);

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

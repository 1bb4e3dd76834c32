package org.mobrel.day;

import java.util.Arrays;
import java.util.Optional;

/** What a task asks of the cook. */
public enum Attention {
    /** Both hands: one such task at a time. */
    HANDS("hands"),
    /** Nobody may leave, but the hands are free for something else. */
    KITCHEN("kitchen"),
    /** It goes on by itself. */
    FREE("free");

    private final String code;

    Attention(String code) {
        this.code = code;
    }

    static Optional<Attention> ofCode(String code) {
        return Arrays.stream(values())
                .filter(attention -> attention.code.equals(code))
                .findFirst();
    }

    public String code() {
        return code;
    }
}

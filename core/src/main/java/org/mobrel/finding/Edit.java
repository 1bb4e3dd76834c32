package org.mobrel.finding;

import java.util.Optional;

/**
 * A change to a batch that carries a remedy out, as data that a page can apply.
 *
 * @param part what it touches; a line or a step is the one the finding is about
 * @param to what it becomes: the line's new text (empty: the line is left out), a step's likewise, 'hot', '0.5', 'pint'
 */
public record Edit(Part part, Optional<String> to) {

    /** What of a batch an edit touches. */
    public enum Part {
        LINE("line"),
        PACK("pack"),
        SOLIDS_SHARE("solids-share"),
        JAR_SIZE("jar-size"),
        /** The step the finding is about. */
        STEP("step");

        private final String code;

        Part(String code) {
            this.code = code;
        }

        public String code() {
            return code;
        }
    }

    public static Edit leaveOut() {
        return new Edit(Part.LINE, Optional.empty());
    }

    public static Edit of(Part part, String to) {
        return new Edit(part, Optional.of(to));
    }
}

package org.mobrel.canner;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * A look over a canner.
 *
 * @param found how each part looked; parts nobody looked at are not listed
 * @param by who looked
 */
public record Inspection(LocalDate on, Map<Part, Look> found, String by, String note) {

    /** A canner is looked over before every season; a kitchen's rule of thumb. */
    public static final int DUE_AFTER_MONTHS = 12;

    public Inspection {
        found = Map.copyOf(found);
    }

    /** What is looked at (source: the guide's general part). */
    public enum Part {
        SEAL("seal", "Gasket or metal rim", "clean, soft and whole; a metal rim without nicks"),
        VENT("vent", "Vent", "clear: light shows through it"),
        PLUG("plug", "Safety plug", "soft and seated"),
        LOCK("lock", "Lid and lock", "turns home evenly"),
        BODY("body", "Pot and rack", "flat bottom, no dents or cracks");

        private final String code;
        private final String label;
        private final String lookFor;

        Part(String code, String label, String lookFor) {
            this.code = code;
            this.label = label;
            this.lookFor = lookFor;
        }

        public static Optional<Part> ofCode(String code) {
            return Arrays.stream(values())
                    .filter(part -> part.code.equals(code))
                    .findFirst();
        }

        public String code() {
            return code;
        }

        public String label() {
            return label;
        }

        public String lookFor() {
            return lookFor;
        }
    }

    /** How a part looked. */
    public enum Look {
        GOOD("good"),
        /** Goes on for now, to be watched. */
        WORN("worn"),
        /** No run before it is mended. */
        MEND("mend");

        private final String code;

        Look(String code) {
            this.code = code;
        }

        public static Optional<Look> ofCode(String code) {
            return Arrays.stream(values())
                    .filter(look -> look.code.equals(code))
                    .findFirst();
        }

        public String code() {
            return code;
        }
    }

    /** How a part looked last, and when. */
    public record Last(Part part, LocalDate on, Look look) {
        public boolean isDue(LocalDate today) {
            return !on.plusMonths(DUE_AFTER_MONTHS).isAfter(today);
        }
    }

    /** What is known of a part; empty if nobody ever looked. */
    public static Optional<Last> last(Part part, List<Inspection> inOrderWritten) {
        Stream<Last> looks = inOrderWritten.stream()
                .filter(inspection -> inspection.found().containsKey(part))
                .map(inspection ->
                        new Last(part, inspection.on(), inspection.found().getOrDefault(part, Look.GOOD)));
        return looks.reduce((one, other) -> other.on().isBefore(one.on()) ? one : other);
    }
}

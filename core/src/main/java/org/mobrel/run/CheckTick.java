package org.mobrel.run;

import java.util.Arrays;
import java.util.Collections;
import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;

/**
 * One check before the jars go in.
 *
 * @param waived whether somebody answers for going on without it; the event says who and why
 */
public record CheckTick(Check check, boolean waived) implements EventDetail {

    /**
     * What is looked at before every run, and behind it the care points, which a kitchen may switch on (source: Guide 1, before each
     * use, and ordinary kitchen care).
     */
    public enum Check {
        RACK("rack", "rack in"),
        WATER("water", "water in"),
        VENT("vent", "vent clear"),
        SEAL("seal", "gasket or rim clean"),
        PLUG("plug", "plug sound"),
        GAUGE("gauge", "gauge in date"),
        RIM_NICKS("rim-nicks", "jar rims felt for nicks"),
        RIM_VINEGAR("rim-vinegar", "rims wiped with vinegar"),
        WATER_VINEGAR("water-vinegar", "vinegar in the water"),
        RIM_OIL("rim-oil", "metal rim oiled"),
        GLASS_TOP("glass-top", "canner allowed on this glass top"),
        LID_EVEN("lid-even", "lid even all round"),
        CLAMPS("clamps", "clamps closed in opposite pairs");

        /** Those of every run. */
        public static final Set<Check> ALWAYS = Collections.unmodifiableSet(EnumSet.range(RACK, GAUGE));

        /** Those that a kitchen has to switch on before they are asked for. */
        public static final Set<Check> CARE_POINTS = Collections.unmodifiableSet(EnumSet.range(RIM_NICKS, CLAMPS));

        private final String code;
        private final String label;

        Check(String code, String label) {
            this.code = code;
            this.label = label;
        }

        /** Whether a kitchen has to switch it on before it is asked for. */
        public boolean isCarePoint() {
            return CARE_POINTS.contains(this);
        }

        /** In lower case, to stand in a sentence. */
        public String label() {
            return label;
        }

        public static Optional<Check> ofCode(String code) {
            return Arrays.stream(values())
                    .filter(check -> check.code.equals(code))
                    .findFirst();
        }

        public String code() {
            return code;
        }
    }
}

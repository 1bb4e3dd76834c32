package org.mobrel.run;

import java.util.Arrays;
import java.util.Optional;

/**
 * One check before the jars go in.
 *
 * @param waived whether somebody answers for going on without it; the event says who and why
 */
public record CheckTick(Check check, boolean waived) implements EventDetail {

    /** What is looked at before every run (source: Guide 1, before each use). */
    public enum Check {
        RACK("rack"),
        WATER("water"),
        VENT("vent"),
        SEAL("seal"),
        PLUG("plug"),
        GAUGE("gauge");

        private final String code;

        Check(String code) {
            this.code = code;
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

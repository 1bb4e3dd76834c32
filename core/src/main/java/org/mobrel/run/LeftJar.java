package org.mobrel.run;

import java.util.Arrays;
import java.util.Optional;

/**
 * A jar of the load that did not go into the canner.
 *
 * @param jar its number in the load, from 1
 */
public record LeftJar(int jar, Place place) implements EventDetail {

    /** Where it went instead. */
    public enum Place {
        NEXT_LOAD("next-load"),
        REFRIGERATOR("refrigerator"),
        FREEZER("freezer"),
        TONIGHT("tonight");

        private final String code;

        Place(String code) {
            this.code = code;
        }

        public static Optional<Place> ofCode(String code) {
            return Arrays.stream(values())
                    .filter(place -> place.code.equals(code))
                    .findFirst();
        }

        public String code() {
            return code;
        }
    }
}

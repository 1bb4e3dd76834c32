package org.mobrel.canner;

import java.util.Arrays;
import java.util.Optional;

/**
 * A weight that holds the pressure: how it is set, and how it shows that the pressure is there.
 *
 * @param shows how it is set to 5, 10 or 15
 * @param sound what it does at pressure
 * @param least jiggles a minute at the mark, from the canner's manual; 0 where they are not counted
 * @param most jiggles a minute above which the heat is too high
 * @param dialBeside whether a dial sits beside it; that is only a second look
 */
public record Weight(Shows shows, Sound sound, int least, int most, boolean dialBeside) {

    /** More a minute than anybody counts. */
    public static final int MOST_JIGGLES = 60;

    /** @throws IllegalArgumentException if the jiggles are out of order, or counted of a weight that rocks steadily */
    public Weight {
        boolean counted = sound == Sound.JIGGLES;
        if (counted && (least < 1 || most < least || most > MOST_JIGGLES)) {
            throw new IllegalArgumentException(
                    "jiggles a minute: not between 1 and %s, rising: %s to %s".formatted(MOST_JIGGLES, least, most));
        }
        if (!counted && (least != 0 || most != 0)) {
            throw new IllegalArgumentException("only a weight that jiggles has jiggles a minute");
        }
    }

    /** How its setting is read. */
    public enum Shows {
        /** A hole for each setting, named by its number. */
        HOLES("holes"),
        /** A body and rings that are laid on it. */
        RINGS("rings"),
        /** A number on a piece of its own. */
        NUMBER("number");

        private final String code;

        Shows(String code) {
            this.code = code;
        }

        public static Optional<Shows> ofCode(String code) {
            return Arrays.stream(values())
                    .filter(shows -> shows.code.equals(code))
                    .findFirst();
        }

        public String code() {
            return code;
        }
    }

    /** What it does at pressure. */
    public enum Sound {
        ROCKS("rocks"),
        JIGGLES("jiggles"),
        /** Something else that its manual tells. */
        MANUAL("manual");

        private final String code;

        Sound(String code) {
            this.code = code;
        }

        public static Optional<Sound> ofCode(String code) {
            return Arrays.stream(values())
                    .filter(sound -> sound.code.equals(code))
                    .findFirst();
        }

        public String code() {
            return code;
        }
    }

    /** What the cook listens for. */
    public String sentence() {
        return switch (sound) {
            case ROCKS -> "At pressure it rocks steadily.";
            case JIGGLES ->
                least == most
                        ? "At pressure it jiggles %s times a minute.".formatted(least)
                        : "At pressure it jiggles %s to %s times a minute.".formatted(least, most);
            case MANUAL -> "What it does at pressure is in the canner's manual.";
        };
    }
}

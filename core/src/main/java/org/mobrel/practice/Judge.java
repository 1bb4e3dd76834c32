package org.mobrel.practice;

import java.util.Arrays;
import java.util.Optional;

/** Who says what is right in a drill. The codes are those of the drills' files. */
public enum Judge {
    /** The file, act by act: the handicraft, of which there is no table. */
    LISTED("listed"),
    /** The pressures by altitude: an act's value is the reading that is aimed at. */
    PRESSURE("pressure"),
    /** The ruling on the drill's recipe: an act's value is the minutes, or 'stop'. */
    MINUTES("minutes"),
    /** The rule of the restart: the pressure seen against the mark; an act's value is 'restart' or 'go-on'. */
    RESTART("restart"),
    /** How far a dial may be off: an act's value is 'replace' or 'correct'. */
    GAUGE("gauge"),
    /** What happens at the knobs. */
    HANDS("hands");

    private final String code;

    Judge(String code) {
        this.code = code;
    }

    public static Optional<Judge> ofCode(String code) {
        return Arrays.stream(values()).filter(judge -> judge.code.equals(code)).findFirst();
    }

    public String code() {
        return code;
    }
}

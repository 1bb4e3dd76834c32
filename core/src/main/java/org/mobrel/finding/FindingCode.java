package org.mobrel.finding;

import java.util.Arrays;
import java.util.Optional;

/** What a finding is about; the codes are the interface's and never renamed. */
public enum FindingCode {
    UNKNOWN_FOOD("unknown-food"),
    NO_TESTED_PROCESS("no-tested-process"),
    THICKENER("thickener"),
    STARCH("starch"),
    DAIRY("dairy"),
    EGG("egg"),
    PUREE("puree"),
    DRY_BEANS("dry-beans"),
    UNPEELED("unpeeled"),
    PIECE_TOO_BIG("piece-too-big"),
    JAR_TOO_BIG("jar-too-big"),
    NO_TIME_FOR_SIZE("no-time-for-size"),
    ALTITUDE_OUT_OF_RANGE("altitude-out-of-range"),
    ROW_SUSPENDED("row-suspended"),
    GAUGE_ERROR_TOO_BIG("gauge-error-too-big"),
    TOO_MANY_SOLIDS("too-many-solids"),
    RAW_PACK_UNTESTED("raw-pack-untested"),
    CURED_MEAT("cured-meat"),
    BOTTLED_SAUCE("bottled-sauce"),
    FAT("fat"),
    OVERFULL_SOLIDS("overfull-solids"),
    STEP_PUREES("step-purees"),
    STEP_THICKENS("step-thickens"),
    STEP_ADDS_STOPPED_FOOD("step-adds-stopped-food"),
    STEP_DRY_BEANS("step-dry-beans"),
    STEP_SHORT_VENT("step-short-vent"),
    STEP_FORCED_COOLING("step-forced-cooling"),
    STEP_PRACTICE("step-practice");

    private final String code;

    FindingCode(String code) {
        this.code = code;
    }

    /** Empty where the interface has no such code. */
    public static Optional<FindingCode> ofCode(String code) {
        return Arrays.stream(values()).filter(one -> one.code.equals(code)).findFirst();
    }

    public String code() {
        return code;
    }
}

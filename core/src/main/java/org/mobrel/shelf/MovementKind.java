package org.mobrel.shelf;

import java.util.Arrays;
import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;

/** Why jars came to the shelf or left it. The codes are stored for ever and never renamed. */
public enum MovementKind {
    SHELVED("shelved", false, true),
    EATEN("eaten", true, false),
    GIVEN("given", true, false),
    /** Opened and not to be eaten. */
    SPOILED("spoiled", true, false),
    /** Went into another batch as an ingredient. */
    USED("used", true, false),
    /** From one place to another. */
    MOVED("moved", true, true),
    /** Was not there when somebody counted. */
    MISSING("missing", true, false),
    /** Was there when somebody counted, though it had been written off. */
    FOUND("found", false, true),
    /** Came back after it had left. */
    PUT_BACK("put-back", false, true),
    /** Takes an earlier movement back; that one stays in the ledger and counts for nothing. */
    UNDONE("undone", false, false);

    /** What a jar can be taken out for by hand. */
    public static final Set<MovementKind> TAKEN = EnumSet.of(EATEN, GIVEN, SPOILED);

    private final String code;
    private final boolean leaves;
    private final boolean comes;

    MovementKind(String code, boolean leaves, boolean comes) {
        this.code = code;
        this.leaves = leaves;
        this.comes = comes;
    }

    public static Optional<MovementKind> ofCode(String code) {
        return Arrays.stream(values()).filter(kind -> kind.code.equals(code)).findFirst();
    }

    public String code() {
        return code;
    }

    /** Whether jars leave a place by it. */
    public boolean leaves() {
        return leaves;
    }

    /** Whether jars come to a place by it. */
    public boolean comes() {
        return comes;
    }

    /** Whether it can be taken back: what came out of the canner, or went into a pot, cannot. */
    public boolean isUndoable() {
        return this != SHELVED && this != USED && this != UNDONE;
    }
}

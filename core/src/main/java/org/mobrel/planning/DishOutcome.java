package org.mobrel.planning;

/** A dish worked out, or why it cannot be. */
public sealed interface DishOutcome permits PlannedDish, DishOutcome.Problem {

    /**
     * What stands in the way.
     *
     * @param hand which of the things in hand it is about; -1 for none of them
     */
    record Problem(Code code, int hand) implements DishOutcome {}

    /** What can stand in the way of a dish. */
    enum Code {
        /** The line that a thing in hand stands for is no longer there. */
        LINE_GONE,
        /** The line of a thing in hand has no amount to measure it by. */
        LINE_WITHOUT_AMOUNT,
        /** A thing in hand is said in a measure that its line cannot be held against. */
        MEASURE_DOES_NOT_FIT,
        /** The pot weighs no more than it does empty. */
        EMPTY_POT,
        /** More is kept back than is made. */
        KEEPS_BACK_TOO_MUCH,
        /** It makes more jars than anybody has. */
        TOO_MANY_JARS
    }
}

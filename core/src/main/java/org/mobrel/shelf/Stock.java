package org.mobrel.shelf;

import java.util.Optional;

/**
 * How a dish stands on the shelf against what the household wants of it and how fast it goes.
 *
 * @param jars on the shelf
 * @param target jars the household wants to have; 0 where nobody said
 * @param taken jars taken in the time looked back on
 * @param days looked back on, at least 1
 */
public record Stock(int jars, int target, int taken, int days) {

    private static final double DAYS_A_MONTH = 365.25 / 12;

    /** A rate that rests on less would say nothing. */
    private static final int LEAST_DAYS = 28;

    /** @throws IllegalArgumentException for a count below 0 or no day at all */
    public Stock {
        if (jars < 0 || target < 0 || taken < 0 || days < 1) {
            throw new IllegalArgumentException(
                    "%s jars, %s wanted, %s taken in %s days".formatted(jars, target, taken, days));
        }
    }

    /** How many months the jars last if they go on going as they did; empty where none went, or too little is known. */
    public Optional<Double> monthsOfCover() {
        return taken == 0 || days < LEAST_DAYS ? Optional.empty() : Optional.of(jars / (taken / (days / DAYS_A_MONTH)));
    }

    /** Jars still wanted. */
    public int lacking() {
        return Math.max(0, target - jars);
    }

    /**
     * Whole canner loads that make up for what is lacking.
     *
     * @param perLoad jars that fill the canner once, at least 1
     */
    public int loads(int perLoad) {
        return (lacking() + perLoad - 1) / perLoad;
    }
}

package org.mobrel.run;

import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.mobrel.canner.GaugeKind;
import org.mobrel.quantity.GaugePressure;
import org.mobrel.quantity.Minutes;
import org.mobrel.quantity.Volume;

/**
 * What a run has to do; fixed when it is made.
 *
 * @param process minutes at pressure
 * @param target the least reading on this canner's own instrument, its error already added
 * @param gauge which instrument rules
 * @param jars how many jars are in the load, at least 1
 * @param jiggles how often its weight jiggles at the pressure, where that is counted
 * @param startWater what was poured in before the jars; empty where nobody counts it
 * @param zeroNotBefore so long after the heat went off the pressure should be there still; zero asks nothing
 * @param care what this kitchen looks at beside the checks of every run, before the lid goes on
 */
public record RunPlan(
        Minutes process,
        GaugePressure target,
        GaugeKind gauge,
        int jars,
        Jiggles jiggles,
        Optional<Volume> startWater,
        Duration zeroNotBefore,
        Set<CheckTick.Check> care) {

    /** Steam before the weight goes on (source: Guide 1, venting). */
    public static final Duration VENT = Duration.ofMinutes(10);

    /** From weight off to lid off (source: Guide 1, opening the canner). */
    public static final Duration SETTLE = Duration.ofMinutes(10);

    /** Jars rest this long before a seal can be judged, and are judged by the end of the second span. */
    public static final Duration REST = Duration.ofHours(12);

    private static final Duration CHECK_BY = Duration.ofHours(24);

    /** Jars that were not processed, or did not seal, are dealt with within this time (source: Guide 1, seal check). */
    public static final Duration DECIDE_WITHIN = Duration.ofHours(24);

    /** So much of it is left when seals have been judged. */
    private static final Duration LEFT_TO_DECIDE = Duration.ofHours(1);

    /** A soft prompt asks for a look so often in a hold; nothing depends on it. */
    public static final Duration LOOK_EVERY = Duration.ofMinutes(10);

    /** A hold in which nothing was read for so long has a gap; the clock goes on. */
    public static final Duration READ_WITHIN = Duration.ofMinutes(15);

    /** What a device no longer hears or sees is asked on the screen at once, and aloud after so long. */
    public static final Duration ASKED_ALOUD = Duration.ofSeconds(20);

    /** A question of a device that nobody answers for so long leaves a hold in doubt. */
    public static final Duration ANSWER_WITHIN = Duration.ofMinutes(2);

    /** So long after the weight went on there should be pressure. */
    public static final Duration PRESSURE_WITHIN = Duration.ofMinutes(20);

    /** Steam that blows for longer only uses up water. */
    public static final Duration VENT_LONG = Duration.ofMinutes(15);

    /** On the heat for longer without steady steam, something is wrong, and water is lost. */
    public static final Duration STEAM_WITHIN = Duration.ofMinutes(45);

    /** Jars left in the open canner for longer are likely to be forgotten. */
    public static final Duration EMPTY_WITHIN = Duration.ofMinutes(30);

    /** So far above the mark a dial asks for less heat; the clock does not mind. */
    public static final GaugePressure TOO_HIGH_BY = GaugePressure.ofPsi(3);

    /** @throws IllegalArgumentException if there is nothing to process or no time to process it for */
    public RunPlan {
        if (jars < 1) {
            throw new IllegalArgumentException("a run without jars");
        }
        if (process.value() < 1) {
            throw new IllegalArgumentException("a run of 0 min");
        }
        care = Set.copyOf(care);
    }

    public RunPlan(Minutes process, GaugePressure target, GaugeKind gauge, int jars) {
        this(process, target, gauge, jars, Jiggles.NOT_COUNTED);
    }

    /** One whose water nobody counts, and whose zero is believed. */
    public RunPlan(Minutes process, GaugePressure target, GaugeKind gauge, int jars, Jiggles jiggles) {
        this(process, target, gauge, jars, jiggles, Optional.empty(), Duration.ZERO, Set.of());
    }

    /**
     * How soon after the heat went off a zero is doubted: a third of what this canner usually takes, or a quarter of an hour, or ten
     * minutes for a small load (source: ordinary kitchen measures).
     *
     * @param ownCoolDown what its own runs took; empty for a canner without habits yet
     */
    public static Duration zeroNotBefore(Optional<Minutes> ownCoolDown, boolean isSmallLoad) {
        return ownCoolDown
                .map(usual -> usual.duration().dividedBy(3))
                .orElse(Duration.ofMinutes(isSmallLoad ? 10 : 15));
    }

    /**
     * By when seals are judged: a day after the jars came out, and an hour before it is too late to process one of them again.
     *
     * @param processed when the heat went off
     */
    public static Instant checkBy(Instant jarsOut, Instant processed) {
        Instant day = jarsOut.plus(CHECK_BY);
        Instant last = processed.plus(DECIDE_WITHIN).minus(LEFT_TO_DECIDE);
        return last.isBefore(day) ? last : day;
    }

    /** What is looked at before this run: a weight cannot drift and needs no test. */
    Set<CheckTick.Check> checks() {
        return gauge == GaugeKind.DIAL
                ? CheckTick.Check.ALWAYS
                : CheckTick.Check.ALWAYS.stream()
                        .filter(check -> check != CheckTick.Check.GAUGE)
                        .collect(Collectors.toUnmodifiableSet());
    }

    /** What a question of a device is called that nobody answered: it is about the instrument that rules this canner. */
    String unanswered() {
        return gauge == GaugeKind.DIAL ? Deviation.NOT_SEEN : Deviation.NOT_HEARD;
    }

    /** Whether a reading asks for less heat: three psi above the mark, or a frantic weight. */
    public boolean isTooHigh(InstrumentReading reading) {
        return switch (gauge) {
            case DIAL ->
                reading.dial()
                        .filter(read -> read.milliPsi() - target.milliPsi() >= TOO_HIGH_BY.milliPsi())
                        .isPresent();
            case WEIGHTED ->
                reading.weightBy(jiggles).filter(WeightState.FRANTIC::equals).isPresent();
        };
    }

    /** Whether a look at the instrument shows the mark; empty for an instrument that does not rule this canner. */
    Optional<Boolean> isAtMark(InstrumentReading reading) {
        return switch (gauge) {
            case DIAL -> reading.dial().map(read -> read.compareTo(target) >= 0);
            case WEIGHTED -> reading.weightBy(jiggles).map(state -> state != WeightState.STILL);
        };
    }
}

package org.mobrel.ruling;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import org.mobrel.finding.Finding;
import org.mobrel.finding.Severity;
import org.mobrel.quantity.GaugePressure;
import org.mobrel.quantity.Minutes;

/**
 * A process that was done without a ruling, held against the one it should have had. It is covered only if the ruling is and nothing of it
 * was cut short; there is no "nearly".
 *
 * @param covered whether the published tables cover what was done
 * @param shortfalls what was not as they ask, gravest first; empty where it is covered
 */
public record Hindsight(boolean covered, List<Shortfall> shortfalls) {

    /** Until then something can still be done with jars that were not covered (source: the guide's general part). */
    public static final Duration DECIDE_WITHIN = Duration.ofHours(24);

    public Hindsight {
        shortfalls = List.copyOf(shortfalls);
    }

    /**
     * What was done.
     *
     * @param read on the instrument that rules the canner, as read
     * @param vented whether steam blew for ten minutes before the weight went on
     * @param unbroken whether the pressure never fell below that for the whole time
     */
    public record Done(Minutes minutes, GaugePressure read, boolean vented, boolean unbroken) {}

    /** @param code never renamed */
    public record Shortfall(String code, String text) {}

    public static Hindsight of(Ruling ruling, Done done) {
        List<Shortfall> shortfalls = new ArrayList<>();
        ruling.findings().stream()
                .filter(Finding::isStop)
                .forEach(stop -> shortfalls.add(new Shortfall(stop.code(), stop.text())));
        ruling.timing().ifPresent(timing -> {
            if (done.minutes().value() < timing.minutes().value()) {
                shortfalls.add(new Shortfall(
                        "too-short",
                        "%d minutes; it needs %d."
                                .formatted(
                                        done.minutes().value(), timing.minutes().value())));
            }
            if (done.read().compareTo(timing.reading()) < 0) {
                shortfalls.add(new Shortfall(
                        "pressure-too-low",
                        "%s on the gauge; at this altitude it needs %s."
                                .formatted(done.read().psi(), timing.reading().psi())));
            }
        });
        if (!done.vented()) {
            shortfalls.add(new Shortfall(
                    "not-vented", "Without ten minutes of venting, air keeps the steam cooler than the gauge says."));
        }
        if (!done.unbroken()) {
            shortfalls.add(new Shortfall(
                    "pressure-lost", "The pressure fell below the mark; then the whole time has to start again."));
        }
        if (ruling.verdict() == Verdict.OWN_JUDGEMENT) {
            ruling.findings().stream()
                    .filter(finding -> !finding.isStop())
                    .filter(finding -> finding.severity() == Severity.OWN_JUDGEMENT)
                    .forEach(outside -> shortfalls.add(new Shortfall(outside.code(), outside.text())));
        }
        return new Hindsight(shortfalls.isEmpty() && ruling.verdict() == Verdict.COVERED, shortfalls);
    }

    /** How long still; zero once it is too late to do anything but throw the jars away. */
    public static Duration left(Instant finished, Instant now) {
        Duration left = Duration.between(now, finished.plus(DECIDE_WITHIN));
        return left.isNegative() ? Duration.ZERO : left;
    }
}

package org.mobrel.ruling;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import org.mobrel.finding.Finding;
import org.mobrel.finding.Severity;
import org.mobrel.quantity.GaugePressure;
import org.mobrel.quantity.Minutes;

/** Time and pressure of a process that was done without a ruling, held against the one it should have had; there is no "nearly". */
public final class ProcessShortfall {

    /** Until then something can still be done with jars that were not covered (source: the guide's general part). */
    public static final Duration DECIDE_WITHIN = Duration.ofHours(24);

    private ProcessShortfall() {}

    /** @param code never renamed */
    public record Shortfall(String code, String text) {}

    /**
     * What was not as the tables ask, gravest first.
     *
     * @param read on the instrument that rules the canner, as read
     */
    static List<Shortfall> of(Ruling ruling, Minutes minutes, GaugePressure read) {
        List<Shortfall> shortfalls = new ArrayList<>();
        ruling.findings().stream()
                .filter(Finding::isStop)
                .forEach(stop -> shortfalls.add(new Shortfall(stop.code(), stop.text())));
        ruling.timing().ifPresent(timing -> {
            if (minutes.value() < timing.minutes().value()) {
                shortfalls.add(new Shortfall(
                        "too-short",
                        "%s minutes; it needs %s."
                                .formatted(minutes.value(), timing.minutes().value())));
            }
            if (read.compareTo(timing.reading()) < 0) {
                shortfalls.add(new Shortfall(
                        "pressure-too-low",
                        "%s on the gauge; at this altitude it needs %s."
                                .formatted(read.psi(), timing.reading().psi())));
            }
        });
        return shortfalls;
    }

    /** What leaves it to the cook's own judgement: said once all else is answered. */
    static List<Shortfall> outsideTheTables(Ruling ruling) {
        return ruling.findings().stream()
                .filter(finding -> finding.severity() == Severity.OWN_JUDGEMENT)
                .map(finding -> new Shortfall(finding.code(), finding.text()))
                .toList();
    }

    /** How long still; zero once it is too late to do anything but throw the jars away. */
    public static Duration left(Instant finished, Instant now) {
        Duration left = Duration.between(now, finished.plus(DECIDE_WITHIN));
        return left.isNegative() ? Duration.ZERO : left;
    }
}

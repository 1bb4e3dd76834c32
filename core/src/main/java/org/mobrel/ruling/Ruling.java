package org.mobrel.ruling;

import java.util.List;
import java.util.Optional;
import org.mobrel.finding.Finding;
import org.mobrel.foods.TableVersion;

/**
 * The answer to a {@link Batch}, with its reasons.
 *
 * @param timing present unless the verdict is a stop: a stop never comes with minutes
 * @param lines one for each line of the batch, in its order
 * @param headline the answer in a sentence
 */
public record Ruling(
        Verdict verdict,
        Optional<Timing> timing,
        List<LineRuling> lines,
        List<Finding> findings,
        List<Considered> considered,
        String headline,
        TableVersion tableVersion) {

    /** @throws IllegalArgumentException if a stop comes with minutes, or anything else without */
    public Ruling {
        lines = List.copyOf(lines);
        findings = List.copyOf(findings);
        considered = List.copyOf(considered);
        if ((verdict == Verdict.STOP) == timing.isPresent()) {
            throw new IllegalArgumentException(
                    "verdict " + verdict + (timing.isPresent() ? " with" : " without") + " minutes");
        }
    }
}

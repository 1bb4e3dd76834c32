package org.mobrel.ruling;

import java.util.List;
import java.util.Optional;
import org.mobrel.finding.Finding;
import org.mobrel.foods.TableVersion;

/**
 * The answer to a {@link Batch}, with its reasons.
 *
 * @param timing present unless the batch is stopped or something has to be asked first: neither comes with minutes
 * @param lines one for each line of the batch, in its order
 * @param rows every published row that bears on it; none where it is stopped
 * @param ifSettled what the batch would get on the most careful answers that do not stop it; only where something has to be asked
 * @param questions what is open, the most decisive first
 * @param headline the answer in a sentence
 */
public record Ruling(
        Verdict verdict,
        Optional<Timing> timing,
        List<LineRuling> lines,
        List<Finding> findings,
        List<ConsideredRow> considered,
        List<RowUse> rows,
        Optional<Timing> ifSettled,
        List<RulingQuestion> questions,
        String headline,
        TableVersion tableVersion) {

    /** @throws IllegalArgumentException if a stop comes with minutes, or anything else without */
    public Ruling {
        lines = List.copyOf(lines);
        findings = List.copyOf(findings);
        considered = List.copyOf(considered);
        rows = List.copyOf(rows);
        questions = List.copyOf(questions);
        if ((verdict == Verdict.STOP || verdict == Verdict.ASK) == timing.isPresent()) {
            throw new IllegalArgumentException(
                    "verdict " + verdict + (timing.isPresent() ? " with" : " without") + " minutes");
        }
    }
}

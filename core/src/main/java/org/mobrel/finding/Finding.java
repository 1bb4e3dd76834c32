package org.mobrel.finding;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;

/**
 * Something a rule has to say, as data: whoever shows it switches on the code and never reads the sentence.
 *
 * @param severity how grave it is
 * @param kind one of the published finding codes, such as 'thickener'
 * @param line the index of the ingredient line it is about, from 0; empty when it is about the whole batch
 * @param said the sentence of the method it is about, where it is about one
 * @param text the reason in a sentence
 * @param remedies what the cook may do instead; never empty for a stop
 * @param source where the rule is published, if it is a published one
 */
public record Finding(
        Severity severity,
        FindingCode kind,
        OptionalInt line,
        Optional<Said> said,
        String text,
        List<Remedy> remedies,
        Optional<Source> source) {

    /**
     * Words of a step.
     *
     * @param step its index, from 0
     * @param words as typed
     */
    public record Said(int step, String words) {}

    /** About an ingredient line, or about the whole batch. */
    public Finding(
            Severity severity,
            FindingCode kind,
            OptionalInt line,
            String text,
            List<Remedy> remedies,
            Optional<Source> source) {
        this(severity, kind, line, Optional.empty(), text, remedies, source);
    }

    /** @throws IllegalArgumentException if a stop offers no way out */
    public Finding {
        remedies = List.copyOf(remedies);
        if (severity == Severity.STOP && remedies.isEmpty()) {
            throw new IllegalArgumentException("a stop without a remedy: " + kind);
        }
    }

    /** The code of its kind, as the interface has it. */
    public String code() {
        return kind.code();
    }

    public boolean isStop() {
        return severity == Severity.STOP;
    }
}

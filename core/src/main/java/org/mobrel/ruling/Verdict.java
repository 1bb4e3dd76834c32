package org.mobrel.ruling;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.mobrel.finding.Finding;

/** What the published tables say of the whole pack. */
public enum Verdict {
    /** Every part of the pack is inside a published table. */
    COVERED("covered"),
    /** A widespread practice outside the published pack, which the cook may take on by name. */
    OWN_JUDGEMENT("own-judgement"),
    /** A question is open whose answer could change the verdict or raise the time: no card, no run until it is answered. */
    ASK("ask"),
    /** No card, no run. */
    STOP("stop");

    private final String code;

    Verdict(String code) {
        this.code = code;
    }

    public static Optional<Verdict> ofCode(String code) {
        return Arrays.stream(values())
                .filter(verdict -> verdict.code.equals(code))
                .findFirst();
    }

    static Verdict of(List<Finding> findings) {
        Verdict verdict = COVERED;
        for (Finding finding : findings) {
            Verdict own =
                    switch (finding.severity()) {
                        case OWN_JUDGEMENT -> OWN_JUDGEMENT;
                        case STOP -> STOP;
                    };
            verdict = own.compareTo(verdict) > 0 ? own : verdict;
        }
        return verdict;
    }

    public String code() {
        return code;
    }
}

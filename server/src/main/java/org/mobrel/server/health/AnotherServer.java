package org.mobrel.server.health;

import org.springframework.boot.diagnostics.AbstractFailureAnalyzer;
import org.springframework.boot.diagnostics.FailureAnalysis;

/** Another server is on this data. */
final class AnotherServer extends RuntimeException {

    private static final long serialVersionUID = 1L;

    static final String WORDS =
            "Another Mobrel is open on this kitchen's data; two would not know of each other's taps.";
    static final String REMEDY = "Close the other one, or go on in it.";

    AnotherServer() {
        super(WORDS + " " + REMEDY);
    }

    /** The words without the stack, where the start ends on it. */
    static final class Analyzer extends AbstractFailureAnalyzer<AnotherServer> {
        @Override
        protected FailureAnalysis analyze(Throwable root, AnotherServer cause) {
            return new FailureAnalysis(WORDS, REMEDY, cause);
        }
    }
}

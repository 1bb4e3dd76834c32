package org.mobrel.server.platform;

import org.flywaydb.core.api.FlywayException;
import org.springframework.boot.diagnostics.AbstractFailureAnalyzer;
import org.springframework.boot.diagnostics.FailureAnalysis;

/** The tables could not be brought to what this version of the program needs. */
public final class TablesNotChanged extends RuntimeException {

    private static final long serialVersionUID = 1L;

    TablesNotChanged(FlywayException cause) {
        super("The kitchen's tables could not be brought to this version: " + cause.getMessage(), cause);
    }

    /** The words without the stack, where the start ends on it. */
    static final class Analyzer extends AbstractFailureAnalyzer<TablesNotChanged> {
        @Override
        protected FailureAnalysis analyze(Throwable root, TablesNotChanged cause) {
            return new FailureAnalysis(
                    String.valueOf(cause.getMessage()),
                    "Nothing that was stored is lost: a kitchen of its own was copied into its folder of backups first, and the next start puts"
                            + " that copy back before it tries again. To go on with the version before this one, put the copy in by hand.",
                    cause);
        }
    }
}

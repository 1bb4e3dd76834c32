package org.mobrel.server.batch;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.math.BigDecimal;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.mobrel.server.ruling.JarRequest;
import org.mobrel.server.ruling.RulingResponse;
import org.mobrel.server.run.RunMessages;
import org.mobrel.server.shelf.LotResponse;

/** Batches over the wire. */
final class BatchMessages {

    private BatchMessages() {}

    /** Who takes an own judgement on, and why. */
    record Acceptance(
            @NotBlank(message = "who takes it on") @Size(max = 60, message = "60 characters at most") String by,
            @NotBlank(message = "why") @Size(max = 400, message = "400 characters at most") String reason) {}

    /** @param acceptance needed exactly when the ruling leaves something to the cook's own judgement */
    record BatchRequest(
            long recipeId,
            long cannerId,
            @NotEmpty(message = "at least one jar") @Size(max = 20, message = "20 kinds of jar at most") @Valid
                    List<@NotNull JarRequest> jars,
            @Valid @Nullable Acceptance acceptance) {}

    record BatchMade(long id, List<Long> runs) {}

    record BatchEntry(
            long id,
            String title,
            Instant madeAt,
            String cannerName,
            String verdict,
            List<JarRequest> jars,
            List<String> stages,
            int minutes,
            int sealed,
            int checked,
            int deviations) {}

    record BatchResponse(
            long id,
            long recipeId,
            int recipeVersion,
            String title,
            List<String> lines,
            Instant madeAt,
            String cannerName,
            String gauge,
            BigDecimal gaugeErrorPsi,
            double altitudeFt,
            double altitudeM,
            String verdict,
            String tableVersion,
            @Nullable Acceptance acceptance,
            RulingResponse ruling,
            List<RunMessages.RunResponse> runs,
            List<LotResponse> lots,
            List<OwnJarsUsed> madeWith,
            @Nullable Long againOf,
            List<Long> again,
            List<YieldReport> yields) {}

    /**
     * How many jars it made beside what was foreseen.
     *
     * @param foreseenMl by kitchen averages alone
     * @param said the jars, in words
     */
    record YieldReport(double foreseenMl, double madeMl, String said) {}

    /**
     * A page of the logbook, the newest first.
     *
     * @param total all that were asked for, not only those of this page
     * @param next where the next page begins; null at the end
     */
    record BatchBook(int total, List<BatchEntry> batches, @Nullable Integer next) {}

    /** Jars of a run that did not seal, to be processed again with new lids. */
    record AgainRequest(
            long runId,
            @NotEmpty(message = "at least one jar") @Size(max = 60, message = "60 jars at most")
                    List<@NotNull Integer> jars,
            long cannerId,
            @Size(max = 60, message = "60 characters at most") @Nullable String by) {}

    /** Own jars that went in as an ingredient. */
    record OwnJarsUsed(String lot, String title, int jars) {}
}

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
import org.mobrel.method.StepStatement;
import org.mobrel.server.catalogue.RowComparisons;
import org.mobrel.server.ruling.JarRequest;
import org.mobrel.server.run.RunMessages;
import org.mobrel.server.shelf.LotResponse;

/** Batches over the wire. */
public final class BatchMessages {

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

    /** @param practice whether a load of it was on the practice device: nothing of that was canned */
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
            int deviations,
            boolean practice) {}

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
            BatchRuling ruling,
            List<RunMessages.RunResponse> runs,
            List<LotResponse> lots,
            List<OwnJarsUsed> madeWith,
            @Nullable Long againOf,
            List<Long> again,
            List<YieldReport> yields,
            List<DepartureResponse> departures) {}

    /**
     * What the page of the recipe says otherwise than it was tested.
     *
     * @param said the page's words
     * @param here how it is done instead
     * @param stages of a run, in which it is said again
     */
    record DepartureResponse(String said, String here, List<String> stages) {

        static DepartureResponse of(StepStatement.Departs said) {
            return new DepartureResponse(
                    said.quote().words(),
                    said.departure().here(),
                    said.departure().stages());
        }
    }

    /** What was decided for it then, and what is known of the rows by now. */
    public record BatchRuling(String headline, List<BatchLine> lines, List<RowResponse> rows) {

        static BatchRuling of(StoredDecision decision, RowComparisons comparisons) {
            return new BatchRuling(
                    decision.headline(),
                    decision.lines().stream().map(BatchLine::of).toList(),
                    decision.rows().stream()
                            .map(row -> RowResponse.of(row, comparisons))
                            .toList());
        }
    }

    /**
     * @param pint minutes in pints; null for none
     * @param quart minutes in quarts
     * @param source the row that is shown for it; null for a line without a time of its own
     * @param answers what the cook answered about it
     */
    public record BatchLine(
            String text,
            String role,
            @Nullable Integer pint,
            @Nullable Integer quart,
            @Nullable String source,
            List<String> answers) {

        static BatchLine of(StoredDecision.Line line) {
            return new BatchLine(
                    line.text(),
                    line.role(),
                    line.minutes().get("pint"),
                    line.minutes().get("quart"),
                    line.source(),
                    line.answers().stream().map(StoredDecision.Answer::text).toList());
        }
    }

    /**
     * A row of the tables that it rests on.
     *
     * @param part line, floor, pressure or jar-size
     * @param line the index of the line it is for; null for what bears on all of it
     * @param compared whether and by whom it was compared with a printed copy, in a sentence
     */
    public record RowResponse(String row, String part, @Nullable Integer line, String compared) {

        static RowResponse of(StoredDecision.Row row, RowComparisons comparisons) {
            return new RowResponse(row.row(), row.part(), row.line(), comparisons.inWords(row.row()));
        }
    }

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

    /** Own jars that went in as an ingredient. */
    record OwnJarsUsed(String lot, String title, int jars) {}
}

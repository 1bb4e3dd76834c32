package org.mobrel.server.batch;

import com.fasterxml.jackson.annotation.JsonInclude;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * What was decided for a batch, as it is kept: a record of its own, so that what pages are told may change without touching what stands in the
 * database. A version that changes a meaning gets a new number, and old ones are still read.
 *
 * @param version {@value #VERSION}
 * @param school how a mixed soup was timed
 * @param headline the ruling in a sentence, as it was shown
 * @param minutesBySize by size of jar
 * @param truePsi thousandths of a psi
 * @param targetPsi thousandths of a psi on this canner's instrument
 * @param findings what stood against it and did not stop it
 */
@JsonInclude(JsonInclude.Include.NON_NULL)
record StoredDecision(
        int version,
        String tableVersion,
        @Nullable String school,
        String verdict,
        String headline,
        @Nullable Integer minutes,
        Map<String, Integer> minutesBySize,
        @Nullable Integer truePsi,
        @Nullable Integer targetPsi,
        @Nullable String setBy,
        @Nullable String timedBy,
        List<Line> lines,
        List<Found> findings,
        List<Row> rows) {

    static final int VERSION = 1;

    /**
     * @param role timed, seasoning, liquid and so on
     * @param minutes by size of jar; empty for a line without a time of its own
     * @param source the row that is shown for it, as it is cited
     */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    record Line(
            String text,
            String role,
            @Nullable String food,
            @Nullable String form,
            Map<String, Integer> minutes,
            @Nullable String source,
            List<Answer> answers) {}

    /** What the cook answered to a question about a line. */
    record Answer(String code, String words, String choice, String text) {}

    @JsonInclude(JsonInclude.Include.NON_NULL)
    record Found(String code, String severity, @Nullable Integer line, String text) {}

    /** @param line the index of the line it is for; null for what bears on the whole batch */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    record Row(String row, String part, @Nullable Integer line) {}
}

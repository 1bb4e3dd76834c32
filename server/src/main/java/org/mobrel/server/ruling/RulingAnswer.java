package org.mobrel.server.ruling;

import java.math.BigDecimal;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** The answer of {@code POST /api/ruling}; on a stop every figure is null. */
public record RulingAnswer(
        String verdict,
        String headline,
        @Nullable Integer minutes,
        @Nullable SizeMinutes minutesBySize,
        @Nullable Integer otherSchoolMinutes,
        @Nullable BigDecimal pressurePsi,
        @Nullable BigDecimal targetReadingPsi,
        @Nullable BigDecimal pressureKpa,
        @Nullable BigDecimal headspaceIn,
        @Nullable String setBy,
        @Nullable String timedBy,
        @Nullable List<Integer> pacesetters,
        List<LineAnswer> lines,
        List<FindingAnswer> findings,
        List<ConsideredAnswer> considered,
        List<ChangeAnswer> changes,
        String tableVersion) {

    /** Minutes in pints and in quarts; null where that size is not allowed. */
    public record SizeMinutes(@Nullable Integer pint, @Nullable Integer quart) {}

    public record AmountAnswer(BigDecimal value, String unit) {}

    /**
     * @param role timed, seasoning, root, liquid, flavouring, stopped, unknown or heading
     */
    public record LineAnswer(
            String text,
            String role,
            @Nullable String food,
            @Nullable String foodName,
            @Nullable String form,
            @Nullable AmountAnswer amount,
            @Nullable SizeMinutes minutesBySize,
            @Nullable String source) {}

    public record RemedyAnswer(String code, String text) {}

    public record FindingAnswer(
            String severity,
            String code,
            @Nullable Integer line,
            String text,
            List<RemedyAnswer> remedies,
            @Nullable String source) {}

    /** @param kind floor, or one-dish */
    public record ConsideredAnswer(
            String kind, String what, SizeMinutes minutesBySize, String source, String outcome) {}

    /** What the time would be without some lines; null minutes where that would be stopped. */
    public record ChangeAnswer(String text, List<Integer> without, @Nullable Integer minutes) {}
}

package org.mobrel.server.ruling;

import java.math.BigDecimal;
import java.util.List;
import java.util.Objects;
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
        List<WithoutAnswer> without,
        String tableVersion) {

    /** A ruling that was kept with a batch before there were such answers has none. */
    public RulingAnswer {
        without = Objects.requireNonNullElse(without, List.of());
    }

    /** Minutes in pints and in quarts; null where that size is not allowed. */
    public record SizeMinutes(@Nullable Integer pint, @Nullable Integer quart) {}

    public record AmountAnswer(BigDecimal value, String unit) {}

    /**
     * @param role timed, seasoning, root, liquid, flavouring, stopped, unknown, serving, step or heading
     * @param rest the line without its amount
     * @param states what it says of how it comes and is cut, such as 'soaked'
     * @param meaning what the kitchen taught these words to mean; null where they are read as they stand
     */
    public record LineAnswer(
            String text,
            String role,
            @Nullable String food,
            @Nullable String foodName,
            @Nullable String form,
            @Nullable AmountAnswer amount,
            @Nullable SizeMinutes minutesBySize,
            @Nullable String source,
            String rest,
            List<String> states,
            @Nullable BigDecimal pieceIn,
            @Nullable String meaning) {

        public LineAnswer {
            rest = Objects.requireNonNullElse(rest, text);
            states = Objects.requireNonNullElse(states, List.of());
        }
    }

    /** @param to what the part (line, pack, solids-share, jar-size) becomes; null: the line is left out */
    public record EditAnswer(String part, @Nullable String to) {}

    /** What the batch would get with only this remedy carried out. */
    public record GivesAnswer(String verdict, @Nullable Integer minutes, String headline) {}

    /** @param edits empty, and gives null, where only the cook can carry it out */
    public record RemedyAnswer(String code, String text, List<EditAnswer> edits, @Nullable GivesAnswer gives) {

        public RemedyAnswer {
            edits = Objects.requireNonNullElse(edits, List.of());
        }
    }

    /** The time without one line; null where the rest would be stopped. */
    public record WithoutAnswer(int line, @Nullable SizeMinutes minutesBySize) {}

    public record FindingAnswer(
            String severity,
            String code,
            @Nullable Integer line,
            String text,
            List<RemedyAnswer> remedies,
            @Nullable String source) {}

    /** @param kind floor, one-dish or passed-over */
    public record ConsideredAnswer(
            String kind, String what, SizeMinutes minutesBySize, String source, String outcome) {}

    /** What the time would be without some lines; null minutes where that would be stopped. */
    public record ChangeAnswer(String text, List<Integer> without, @Nullable Integer minutes) {}
}

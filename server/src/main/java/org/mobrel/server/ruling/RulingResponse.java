package org.mobrel.server.ruling;

import java.math.BigDecimal;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * The answer of {@code POST /api/ruling}; on a stop every figure is null, and while something has to be asked first.
 *
 * @param minutesIfSettled with the most careful answers to the open questions that do not stop it; null unless something is asked
 * @param minutesBySize while something is asked those of the line as it is taken for now, to be shown as not settled
 */
public record RulingResponse(
        String verdict,
        String headline,
        @Nullable Integer minutes,
        @Nullable Integer minutesIfSettled,
        @Nullable SizeMinutes minutesBySize,
        @Nullable Integer otherSchoolMinutes,
        @Nullable BigDecimal pressurePsi,
        @Nullable BigDecimal targetReadingPsi,
        @Nullable BigDecimal pressureKpa,
        @Nullable BigDecimal headspaceIn,
        @Nullable String setBy,
        @Nullable String timedBy,
        @Nullable List<Integer> pacesetters,
        List<LineResponse> lines,
        List<FindingResponse> findings,
        List<ConsideredResponse> considered,
        List<ChangeResponse> changes,
        List<WithoutResponse> without,
        List<OpenQuestion> questions,
        List<RestsOn> rows,
        String tableVersion) {

    /**
     * Something to be answered before the batch is covered.
     *
     * @param line the index of the line; null for a line of a variant, and for a step
     * @param step the index of the step it is about; null where it is about a line
     * @param words the words in question, to be given back with the answer
     */
    public record OpenQuestion(
            String code,
            @Nullable Integer line,
            @Nullable Integer step,
            String words,
            String text,
            List<ChoiceResponse> choices) {}

    /**
     * One way to answer, and the ruling it would give.
     *
     * @param verdict null where something else stops the batch anyway
     * @param edits what it sets in the recipe; a line is one to add. With any of them there is nothing to remember.
     */
    public record ChoiceResponse(
            String code, String text, @Nullable String verdict, @Nullable Integer minutes, List<EditResponse> edits) {

        public ChoiceResponse {
            edits = Objects.requireNonNullElse(edits, List.of());
        }
    }

    /**
     * A published row that the ruling rests on.
     *
     * @param row its stable id
     * @param part line, floor, pressure or jar-size
     * @param line the index of the line it is for; null for what bears on all of it
     * @param compared whether and by whom it was compared with a printed copy, in a few words
     */
    public record RestsOn(String row, String part, @Nullable Integer line, String compared) {}

    /** A part of a line as typed, and what it was taken for: amount, food, stopped, state, description, serving or not-understood. */
    public record SpanResponse(String kind, int start, int end) {}

    /** An answer that the line was given. */
    public record GivenAnswer(String code, String words, String choice, String text) {}

    /** Minutes in pints and in quarts; null where that size is not allowed. */
    public record SizeMinutes(@Nullable Integer pint, @Nullable Integer quart) {}

    public record AmountResponse(BigDecimal value, String unit) {}

    /**
     * @param role timed, seasoning, root, liquid, flavouring, stopped, unknown, serving, step or not-ingredient
     * @param foods ids of all foods read in it that go into the jar, in the order of the text
     * @param rest the line without its amount
     * @param states what it says of how it comes and is cut, such as 'soaked'
     * @param meaning what the kitchen taught these words to mean; null where they are read as they stand
     */
    public record LineResponse(
            String text,
            String role,
            List<String> foods,
            @Nullable String food,
            @Nullable String foodName,
            @Nullable String form,
            @Nullable AmountResponse amount,
            @Nullable SizeMinutes minutesBySize,
            @Nullable String source,
            String rest,
            List<String> states,
            @Nullable BigDecimal pieceIn,
            @Nullable String meaning,
            List<SpanResponse> spans,
            List<GivenAnswer> answers) {}

    /** @param to what the part (line, step, pack, solids-share, jar-size) becomes; null: the line or the step is left out */
    public record EditResponse(String part, @Nullable String to) {}

    /** What the batch would get with only this remedy carried out. */
    public record GivesResponse(String verdict, @Nullable Integer minutes, String headline) {}

    /** @param edits empty, and gives null, where only the cook can carry it out */
    public record RemedyResponse(String code, String text, List<EditResponse> edits, @Nullable GivesResponse gives) {

        public RemedyResponse {
            edits = Objects.requireNonNullElse(edits, List.of());
        }
    }

    /** The time without one line; null where the rest would be stopped. */
    public record WithoutResponse(int line, @Nullable SizeMinutes minutesBySize) {}

    /**
     * @param step the index of the step it is about; null where it is about a line or the whole batch
     * @param words what the step says
     */
    public record FindingResponse(
            String severity,
            String code,
            @Nullable Integer line,
            @Nullable Integer step,
            @Nullable String words,
            String text,
            List<RemedyResponse> remedies,
            @Nullable String source) {}

    /** @param kind floor, one-dish or passed-over */
    public record ConsideredResponse(
            String kind, String what, SizeMinutes minutesBySize, String source, String outcome) {}

    /** What the time would be without some lines; null minutes where that would be stopped. */
    public record ChangeResponse(String text, List<Integer> without, @Nullable Integer minutes) {}
}

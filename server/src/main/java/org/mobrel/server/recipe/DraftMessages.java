package org.mobrel.server.recipe;

import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.math.BigDecimal;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.mobrel.freezer.FreezerRoute;
import org.mobrel.jars.JarSize;
import org.mobrel.method.RequiredStep;
import org.mobrel.quantity.Minutes;
import org.mobrel.review.ReviewQuestion;
import org.mobrel.ruling.Ruling;
import org.mobrel.ruling.Timing;
import org.mobrel.server.ruling.QuestionAnswer;
import org.mobrel.server.ruling.RulingResponse;

/** A draft over the wire, and everything there is to say of it. */
final class DraftMessages {

    private DraftMessages() {}

    record DraftRequest(
            @NotEmpty(message = "at least one ingredient line") @Size(max = 200, message = "200 lines at most")
                    List<@NotNull @Size(max = 500, message = "500 characters at most") String> lines,
            @Nullable String pack,
            @DecimalMin(value = "0.1", message = "between 0.1 and 1")
                    @DecimalMax(value = "1", message = "between 0.1 and 1")
                    @Nullable
                    Double solidsShare,
            @Size(max = 100, message = "100 steps at most") @Nullable
                    List<@NotNull @Size(max = 2000, message = "2000 characters at most") String> method,
            @Size(max = 8, message = "8 variants at most") @Valid @Nullable
                    List<RecipeMessages.@NotNull VariantInDraft> variants,
            @Size(max = 100, message = "100 at most") @Nullable List<@NotNull String> settled,
            @Size(max = 200, message = "200 at most") @Valid @Nullable List<@NotNull QuestionAnswer> answers,
            @Nullable String size) {}

    /** A sentence about what the recipe states by itself, held against the ruling. */
    record StatedRemarkResponse(String code, String text, @Nullable Integer step) {}

    /**
     * What the recipe's own words set, each from default, amounts, steps or request.
     *
     * @param packFrom what set the pack
     * @param from what set the share
     */
    record SaidResponse(String pack, String packFrom, double solidsShare, String from) {}

    /**
     * @param freezer null unless the recipe is stopped
     * @param said how its own words pack it and fill the jars
     * @param openingNotes what its steps do when a jar is opened
     */
    record DraftResponse(
            RulingResponse ruling,
            List<VariantResponse> variants,
            List<QuestionResponse> questions,
            List<StepResponse> steps,
            @Nullable FreezerResponse freezer,
            List<StatedRemarkResponse> remarks,
            SaidResponse said,
            List<String> openingNotes) {}

    /**
     * A question of a variant's own line.
     *
     * @param text the line, to be named in the answer
     */
    record VariantQuestion(String text, RulingResponse.OpenQuestion question) {}

    /**
     * @param troubles what stands against this variant and not against the base
     * @param questions what its own lines leave open
     */
    record VariantResponse(
            String name,
            String verdict,
            @Nullable Integer minutes,
            RulingResponse.@Nullable SizeMinutes minutesBySize,
            String headline,
            List<String> troubles,
            List<VariantQuestion> questions) {

        /** @param answer the same ruling as it is worded for the pages */
        static VariantResponse of(String name, Ruling ruling, RulingResponse answer, Ruling base) {
            return new VariantResponse(
                    name,
                    ruling.verdict().code(),
                    ruling.timing().map(timing -> timing.minutes().value()).orElse(null),
                    ruling.timing().map(DraftMessages::sizes).orElse(null),
                    ruling.headline(),
                    ruling.findings().stream()
                            .filter(finding -> !base.findings().contains(finding))
                            .map(finding -> finding.line().isPresent()
                                    ? ruling.lines()
                                                    .get(finding.line().getAsInt())
                                                    .line()
                                                    .text() + ": " + finding.text()
                                    : finding.text())
                            .toList(),
                    answer.questions().stream()
                            .filter(question -> question.line() != null
                                    && question.line() >= base.lines().size())
                            .map(question -> new VariantQuestion(
                                    answer.lines().get(question.line()).text(), question))
                            .toList());
        }
    }

    /** @param to the line's new text; null: the line goes, or, where line is null too, all is meant as it stands */
    record QuestionTap(String text, @Nullable Integer line, @Nullable String to) {}

    record QuestionResponse(String code, String key, List<Integer> lines, String text, List<QuestionTap> answers) {

        static QuestionResponse of(ReviewQuestion question) {
            return new QuestionResponse(
                    question.code(),
                    question.key(),
                    question.lines(),
                    question.text(),
                    question.answers().stream()
                            .map(answer -> new QuestionTap(
                                    answer.text(),
                                    answer.line().isPresent() ? answer.line().getAsInt() : null,
                                    answer.to().orElse(null)))
                            .toList());
        }
    }

    /** @param said in-line, in-method or nowhere */
    record StepResponse(String code, String when, String text, String source, List<Integer> lines, String said) {

        static StepResponse of(RequiredStep step) {
            return new StepResponse(
                    step.code(),
                    step.when().code(),
                    step.text(),
                    step.source().text(),
                    step.lines(),
                    step.said().code());
        }
    }

    record PortionResponse(String box, int boxes, BigDecimal roomIn) {}

    /** @param lines the recipe's lines with what stops it kept for serving */
    record BaseResponse(List<String> lines, List<Integer> atServing, String verdict, int minutes, String headline) {}

    record FreezerResponse(
            double volumeMl,
            List<PortionResponse> portions,
            int monthsFrom,
            int monthsTo,
            @Nullable BaseResponse base) {

        static FreezerResponse of(FreezerRoute route) {
            return new FreezerResponse(
                    route.volume().millilitres(),
                    route.portions().stream()
                            .map(portion -> new PortionResponse(
                                    portion.box(),
                                    portion.boxes(),
                                    portion.room().inches()))
                            .toList(),
                    route.months().from(),
                    route.months().to(),
                    route.base()
                            .map(base -> new BaseResponse(
                                    base.lines(),
                                    base.atServing(),
                                    base.ruling().verdict().code(),
                                    base.ruling()
                                            .timing()
                                            .orElseThrow()
                                            .minutes()
                                            .value(),
                                    base.ruling().headline()))
                            .orElse(null));
        }
    }

    static RulingResponse.SizeMinutes sizes(Timing timing) {
        return new RulingResponse.SizeMinutes(
                timing.minutesFor(JarSize.PINT).map(Minutes::value).orElse(null),
                timing.minutesFor(JarSize.QUART).map(Minutes::value).orElse(null));
    }
}

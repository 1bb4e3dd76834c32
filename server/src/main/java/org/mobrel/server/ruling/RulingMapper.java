package org.mobrel.server.ruling;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.mobrel.finding.Finding;
import org.mobrel.finding.Remedy;
import org.mobrel.foods.Food;
import org.mobrel.jars.JarSize;
import org.mobrel.quantity.Length;
import org.mobrel.quantity.Minutes;
import org.mobrel.recipe.IngredientLine;
import org.mobrel.recipe.LineKind;
import org.mobrel.recipe.State;
import org.mobrel.ruling.ConsideredRow;
import org.mobrel.ruling.LineRuling;
import org.mobrel.ruling.RemedyEvaluator;
import org.mobrel.ruling.Ruling;
import org.mobrel.ruling.RulingQuestion;
import org.mobrel.ruling.Timing;
import org.mobrel.ruling.Verdict;
import org.mobrel.ruling.WhatIf;
import org.mobrel.ruling.Without;
import org.mobrel.server.catalogue.RowComparisons;

/** Turns the core's ruling into the wire's records; decides nothing. */
final class RulingMapper {

    private RulingMapper() {}

    static RulingResponse answer(
            Ruling ruling,
            List<WhatIf> changes,
            List<Without> without,
            List<RemedyEvaluator.Tried> tried,
            RowComparisons comparisons) {
        Optional<Timing> timing = ruling.timing();
        return new RulingResponse(
                ruling.verdict().code(),
                ruling.headline(),
                or(timing.map(known -> known.minutes().value())),
                or(ruling.ifSettled().map(known -> known.minutes().value())),
                or(timing.or(ruling::ifSettled).map(known -> sizes(known.minutesBySize()))),
                or(timing.flatMap(Timing::otherSchool).map(Minutes::value)),
                or(timing.map(known -> known.truePressure().psi())),
                or(timing.map(known -> known.reading().psi())),
                or(timing.map(known ->
                        BigDecimal.valueOf(known.truePressure().kilopascals()).setScale(1, RoundingMode.HALF_UP))),
                or(timing.map(known -> known.headspace().inches())),
                or(timing.map(known -> known.setBy().code())),
                or(timing.map(known -> known.timedBy().code())),
                or(timing.map(Timing::pacesetters)),
                ruling.lines().stream().map(RulingMapper::line).toList(),
                IntStream.range(0, ruling.findings().size())
                        .mapToObj(index -> finding(
                                ruling.findings().get(index),
                                tried.stream()
                                        .filter(one -> one.finding() == index)
                                        .toList()))
                        .toList(),
                ruling.considered().stream().map(RulingMapper::considered).toList(),
                changes.stream().map(RulingMapper::change).toList(),
                without.stream().map(RulingMapper::without).toList(),
                ruling.questions().stream().map(RulingMapper::question).toList(),
                ruling.rows().stream()
                        .map(use -> new RulingResponse.RestsOn(
                                use.row(),
                                use.part().code(),
                                use.line().isPresent() ? use.line().getAsInt() : null,
                                comparisons.inWords(use.row())))
                        .toList(),
                ruling.tableVersion().code());
    }

    private static RulingResponse.OpenQuestion question(RulingQuestion question) {
        return new RulingResponse.OpenQuestion(
                question.code().code(),
                question.line().isPresent() ? question.line().getAsInt() : null,
                or(question.said().filter(said -> question.line().isEmpty()).map(Finding.Said::step)),
                question.words(),
                question.text(),
                question.choices().stream()
                        .map(option -> new RulingResponse.ChoiceResponse(
                                option.choice().code(),
                                option.choice().text(),
                                or(option.verdict().map(Verdict::code)),
                                or(option.minutes().map(Minutes::value)),
                                option.choice().edits().stream()
                                        .map(edit -> new RulingResponse.EditResponse(
                                                edit.part().code(), or(edit.to())))
                                        .toList()))
                        .toList());
    }

    private static RulingResponse.LineResponse line(LineRuling ruled) {
        IngredientLine line = ruled.line();
        return new RulingResponse.LineResponse(
                line.text(),
                role(ruled),
                line.foods().stream().map(Food::id).toList(),
                or(line.named().map(Food::id)),
                or(line.named().map(Food::name)),
                or(ruled.form()),
                or(line.amount()
                        .map(amount -> new RulingResponse.AmountResponse(
                                amount.value(), amount.unit().code()))),
                ruled.hasRow() ? sizes(ruled.minutes()) : null,
                or(ruled.source().map(source -> source.text())),
                line.rest(),
                line.states().stream().map(State::code).sorted().toList(),
                or(line.largestPiece().map(Length::inches)),
                or(line.meaning()),
                line.spans().stream()
                        .map(span -> new RulingResponse.SpanResponse(span.kind().code(), span.start(), span.end()))
                        .toList(),
                line.given().stream()
                        .map(given -> new RulingResponse.GivenAnswer(
                                given.code().code(),
                                given.words(),
                                given.choice().code(),
                                given.choice().text()))
                        .toList());
    }

    static String role(LineRuling ruled) {
        if (ruled.line().kind() != LineKind.INGREDIENT) {
            return ruled.line().kind() == LineKind.STEP ? "step" : "not-ingredient";
        }
        if (ruled.line().is(State.AT_SERVING)) {
            return "serving";
        }
        if (!ruled.line().stopped().isEmpty()) {
            return "stopped";
        }
        if (ruled.hasRow()) {
            return "timed";
        }
        return ruled.line().food().map(RulingMapper::role).orElse("unknown");
    }

    private static String role(Food food) {
        return switch (food.kind()) {
            case SEASONING_VEGETABLE -> "seasoning";
            case ROOT -> "root";
            case LIQUID -> "liquid";
            case FLAVOURING -> "flavouring";
            case LEGUME, VEGETABLE, MEAT, SEAFOOD -> "timed";
        };
    }

    private static RulingResponse.SizeMinutes sizes(Map<JarSize, Minutes> minutes) {
        return new RulingResponse.SizeMinutes(value(minutes.get(JarSize.PINT)), value(minutes.get(JarSize.QUART)));
    }

    private static @Nullable Integer value(@Nullable Minutes minutes) {
        return minutes == null ? null : minutes.value();
    }

    private static RulingResponse.FindingResponse finding(Finding finding, List<RemedyEvaluator.Tried> tried) {
        return new RulingResponse.FindingResponse(
                finding.severity().code(),
                finding.code(),
                finding.line().isPresent() ? finding.line().getAsInt() : null,
                or(finding.said().map(Finding.Said::step)),
                or(finding.said().map(Finding.Said::words)),
                finding.text(),
                IntStream.range(0, finding.remedies().size())
                        .mapToObj(index -> remedy(
                                finding.remedies().get(index),
                                tried.stream()
                                        .filter(one -> one.remedy() == index)
                                        .findFirst()))
                        .toList(),
                or(finding.source().map(source -> source.text())));
    }

    private static RulingResponse.RemedyResponse remedy(Remedy remedy, Optional<RemedyEvaluator.Tried> tried) {
        return new RulingResponse.RemedyResponse(
                remedy.code(),
                remedy.text(),
                remedy.edits().stream()
                        .map(edit -> new RulingResponse.EditResponse(edit.part().code(), or(edit.to())))
                        .toList(),
                or(tried.map(one -> new RulingResponse.GivesResponse(
                        one.gives().verdict().code(),
                        or(one.gives().timing().map(timing -> timing.minutes().value())),
                        one.gives().headline()))));
    }

    private static RulingResponse.WithoutResponse without(Without without) {
        return new RulingResponse.WithoutResponse(
                without.line(), without.minutes().isEmpty() ? null : sizes(without.minutes()));
    }

    private static RulingResponse.ConsideredResponse considered(ConsideredRow row) {
        return new RulingResponse.ConsideredResponse(
                row.kind().code(),
                row.what(),
                sizes(row.minutes()),
                row.source().text(),
                row.outcome());
    }

    private static RulingResponse.ChangeResponse change(WhatIf change) {
        return new RulingResponse.ChangeResponse(
                change.text(), change.without(), or(change.minutes().map(Minutes::value)));
    }

    private static <T> @Nullable T or(Optional<T> value) {
        return value.orElse(null);
    }
}

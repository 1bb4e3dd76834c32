package org.mobrel.server.ruling;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.mobrel.finding.Finding;
import org.mobrel.foods.Food;
import org.mobrel.jars.JarSize;
import org.mobrel.quantity.Minutes;
import org.mobrel.recipe.IngredientLine;
import org.mobrel.ruling.Considered;
import org.mobrel.ruling.LineRuling;
import org.mobrel.ruling.Ruling;
import org.mobrel.ruling.Timing;
import org.mobrel.ruling.WhatIf;

/** Turns the core's ruling into the wire's records; decides nothing. */
final class RulingWords {

    private RulingWords() {}

    static RulingAnswer answer(Ruling ruling, List<WhatIf> changes) {
        Optional<Timing> timing = ruling.timing();
        return new RulingAnswer(
                ruling.verdict().code(),
                ruling.headline(),
                or(timing.map(known -> known.minutes().value())),
                or(timing.map(known -> sizes(known.minutesBySize()))),
                or(timing.flatMap(Timing::otherSchool).map(Minutes::value)),
                or(timing.map(known -> known.truePressure().psi())),
                or(timing.map(known -> known.reading().psi())),
                or(timing.map(known ->
                        BigDecimal.valueOf(known.truePressure().kilopascals()).setScale(1, RoundingMode.HALF_UP))),
                or(timing.map(known -> known.headspace().inches())),
                or(timing.map(known -> known.setBy().code())),
                or(timing.map(known -> known.timedBy().code())),
                or(timing.map(Timing::pacesetters)),
                ruling.lines().stream().map(RulingWords::line).toList(),
                ruling.findings().stream().map(RulingWords::finding).toList(),
                ruling.considered().stream().map(RulingWords::considered).toList(),
                changes.stream().map(RulingWords::change).toList(),
                ruling.tableVersion().code());
    }

    private static RulingAnswer.LineAnswer line(LineRuling ruled) {
        IngredientLine line = ruled.line();
        return new RulingAnswer.LineAnswer(
                line.text(),
                role(ruled),
                or(line.food().map(Food::id)),
                or(line.food().map(Food::name)),
                or(ruled.form()),
                or(line.amount()
                        .map(amount -> new RulingAnswer.AmountAnswer(
                                amount.value(), amount.unit().code()))),
                ruled.hasRow() ? sizes(ruled.minutes()) : null,
                or(ruled.source().map(source -> source.text())));
    }

    private static String role(LineRuling ruled) {
        if (ruled.line().heading()) {
            return "heading";
        }
        if (!ruled.line().stopped().isEmpty()) {
            return "stopped";
        }
        if (ruled.hasRow()) {
            return "timed";
        }
        return ruled.line().food().map(RulingWords::role).orElse("unknown");
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

    private static RulingAnswer.SizeMinutes sizes(Map<JarSize, Minutes> minutes) {
        return new RulingAnswer.SizeMinutes(value(minutes.get(JarSize.PINT)), value(minutes.get(JarSize.QUART)));
    }

    private static @Nullable Integer value(@Nullable Minutes minutes) {
        return minutes == null ? null : minutes.value();
    }

    private static RulingAnswer.FindingAnswer finding(Finding finding) {
        return new RulingAnswer.FindingAnswer(
                finding.severity().code(),
                finding.code(),
                finding.line().isPresent() ? finding.line().getAsInt() : null,
                finding.text(),
                finding.remedies().stream()
                        .map(remedy -> new RulingAnswer.RemedyAnswer(remedy.code(), remedy.text()))
                        .toList(),
                or(finding.source().map(source -> source.text())));
    }

    private static RulingAnswer.ConsideredAnswer considered(Considered row) {
        return new RulingAnswer.ConsideredAnswer(
                row.kind().code(),
                row.what(),
                sizes(row.minutes()),
                row.source().text(),
                row.outcome());
    }

    private static RulingAnswer.ChangeAnswer change(WhatIf change) {
        return new RulingAnswer.ChangeAnswer(
                change.text(), change.without(), or(change.minutes().map(Minutes::value)));
    }

    private static <T> @Nullable T or(Optional<T> value) {
        return value.orElse(null);
    }
}

package org.mobrel.ruling;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.mobrel.foods.Catalogue;
import org.mobrel.foods.Food;
import org.mobrel.foods.FoodKind;
import org.mobrel.foods.Pack;
import org.mobrel.foods.TestedProcess;
import org.mobrel.jars.JarSize;
import org.mobrel.quantity.Minutes;
import org.mobrel.recipe.IngredientLine;
import org.mobrel.recipe.State;

/** Finds the rows that apply to each line, and their times. */
final class LineTimes {

    private final Catalogue catalogue;

    LineTimes(Catalogue catalogue) {
        this.catalogue = catalogue;
    }

    LineRuling of(IngredientLine line, JarContents contents) {
        List<TestedProcess> rows = new ArrayList<>();
        for (Food food : line.foods()) {
            rows(food, line, contents).forEach(rows::add);
        }
        Map<JarSize, Minutes> minutes = new EnumMap<>(JarSize.class);
        if (rows.isEmpty()) {
            return new LineRuling(line, Optional.empty(), Map.of(), Optional.empty(), List.of());
        }
        for (JarSize size : JarSize.all()) {
            longest(rows, size).flatMap(row -> row.minutesFor(size)).ifPresent(time -> minutes.put(size, time));
        }
        Optional<TestedProcess> shown = longest(rows, JarSize.QUART).or(() -> longest(rows, JarSize.PINT));
        return new LineRuling(
                line,
                shown.map(TestedProcess::form),
                minutes,
                shown.map(TestedProcess::source),
                rows.stream().map(TestedProcess::id).distinct().toList());
    }

    /** The rows a food goes by here; none for liquids inside a soup and for foods without a row of their own. */
    Stream<TestedProcess> rows(Food food, IngredientLine line, JarContents contents) {
        if (food.processRow().isEmpty()) {
            return Stream.empty();
        }
        if (food.isSeafood() && contents.isMixture()) {
            return food.kind() == FoodKind.LIQUID
                    ? Stream.empty()
                    : Stream.of(catalogue.table(Catalogue.SEAFOOD_SOUP_ROW));
        }
        if (!food.kind().isSolid()
                && (!contents.solids().isEmpty()
                        || food.kind() == FoodKind.FLAVOURING && !contents.isStockFrom(food))) {
            return Stream.empty();
        }
        return packed(food, line, contents.pack());
    }

    private Stream<TestedProcess> packed(Food food, IngredientLine line, Pack pack) {
        String row = food.processRow().orElseThrow();
        boolean leftWhole = line.is(State.WHOLE) || line.is(State.HALVED);
        List<TestedProcess> inThisPack = catalogue.rows(row, pack);
        Stream<TestedProcess> own = (inThisPack.isEmpty() ? catalogue.rows(row) : inThisPack).stream();
        return leftWhole && food.wholeRow().isPresent()
                ? Stream.concat(own, catalogue.rows(food.wholeRow().get()).stream())
                : own;
    }

    static Optional<TestedProcess> longest(List<TestedProcess> rows, JarSize size) {
        Optional<TestedProcess> longest = Optional.empty();
        Optional<Minutes> most = Optional.empty();
        for (TestedProcess row : rows) {
            Optional<Minutes> time = row.minutesFor(size);
            if (time.isPresent() && (most.isEmpty() || time.get().compareTo(most.get()) >= 0)) {
                longest = Optional.of(row);
                most = time;
            }
        }
        return longest;
    }
}

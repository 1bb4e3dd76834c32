package org.mobrel.ruling;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import org.mobrel.foods.Catalogue;
import org.mobrel.foods.Food;
import org.mobrel.foods.FoodKind;
import org.mobrel.foods.TestedProcess;
import org.mobrel.jars.JarSize;
import org.mobrel.quantity.Minutes;

/**
 * Picks the process time by size: the longest tested time among the lines, never less than the floor of the table that covers the
 * mixture.
 */
final class ProcessTimeSelector {

    /** A time for one size and what it came from; the pacesetters are line indexes. */
    record Chosen(Minutes minutes, SetBy setBy, List<Integer> pacesetters) {}

    private final Catalogue catalogue;
    private final JarContents contents;
    private final List<LineRuling> lines;
    private final List<TestedProcess> floors;
    private final List<Integer> candidates;
    private final List<Food> timedSolids;

    ProcessTimeSelector(Catalogue catalogue, JarContents contents, List<LineRuling> lines) {
        this.catalogue = catalogue;
        this.contents = contents;
        this.lines = lines;
        this.floors = floors(catalogue, contents);
        this.candidates = candidates(contents, lines);
        this.timedSolids = contents.solids().stream()
                .filter(food -> food.processRow().isPresent())
                .filter(food -> food.kind() != FoodKind.SEAFOOD || !contents.isMixture())
                .toList();
    }

    /** The choice for every size that this pack may go into. */
    Map<JarSize, Chosen> choices() {
        Map<JarSize, Chosen> choices = new EnumMap<>(JarSize.class);
        for (JarSize size : JarSize.all()) {
            choose(size).ifPresent(chosen -> choices.put(size, chosen));
        }
        return choices;
    }

    private Optional<Chosen> choose(JarSize size) {
        if (size.isLargerThanAnyTested() || lacksTimeFor(size)) {
            return Optional.empty();
        }
        Optional<TestedProcess> floor = LineTimes.longest(floors, size);
        Optional<Minutes> longestLine = longestLine(size);
        if (floor.isEmpty()) {
            return longestLine.map(time -> new Chosen(time, SetBy.SINGLE_FOOD, List.of()));
        }
        Minutes least = floor.get().minutesFor(size).orElseThrow();
        if (longestLine.isPresent() && longestLine.get().compareTo(least) >= 0) {
            return Optional.of(new Chosen(longestLine.get(), SetBy.LINE, pacesetters(size, longestLine.get())));
        }
        return Optional.of(new Chosen(least, setBy(floor.get()), List.of()));
    }

    /**
     * The published rows whose time a mixture never goes under. Above half a jar of anything but plain vegetables, and in a raw
     * pack, no one row describes the jar: then the larger of both holds.
     */
    List<TestedProcess> floors() {
        return floors;
    }

    private static List<TestedProcess> floors(Catalogue catalogue, JarContents contents) {
        if (!contents.isMixture()) {
            return List.of();
        }
        TestedProcess soup = catalogue.table(contents.hasSeafood() ? Catalogue.SEAFOOD_SOUP_ROW : Catalogue.SOUP_ROW);
        if (contents.isSoupPack()) {
            return List.of(soup);
        }
        TestedProcess mixed = catalogue.table(Catalogue.MIXED_VEGETABLE_ROW);
        return contents.isMixedVegetablePack() && !contents.hasSeafood() ? List.of(mixed) : List.of(mixed, soup);
    }

    private static SetBy setBy(TestedProcess floor) {
        return floor.food().equals(Catalogue.MIXED_VEGETABLE_ROW) ? SetBy.MIXED_VEGETABLE_TABLE : SetBy.SOUP_TABLE;
    }

    /** Lines that may set the time by a row of their own; seafood in a mixture goes by the soup table's line instead. */
    private static List<Integer> candidates(JarContents contents, List<LineRuling> lines) {
        return IntStream.range(0, lines.size())
                .filter(index -> !contents.isMixture()
                        || lines.get(index).line().foods().stream().anyMatch(food -> !food.isSeafood()))
                .boxed()
                .toList();
    }

    private List<Integer> pacesetters(JarSize size, Minutes time) {
        List<Integer> setters = new ArrayList<>();
        for (int index : candidates) {
            if (lines.get(index).minutesFor(size).filter(time::equals).isPresent()) {
                setters.add(index);
            }
        }
        return setters;
    }

    /**
     * A food without a tested time for this size keeps it out of the canner, except that the soup table itself covers quarts of a
     * hot soup with at most half solids.
     */
    private boolean lacksTimeFor(JarSize size) {
        return timedSolids.stream()
                .anyMatch(food -> !hasTime(food, size)
                        && !(contents.isSoupPack() && food.largestJar().isEmpty()));
    }

    private Optional<Minutes> longestLine(JarSize size) {
        Optional<Minutes> longest = Optional.empty();
        for (int index : candidates) {
            Optional<Minutes> time = lines.get(index).minutesFor(size);
            if (time.isPresent() && (longest.isEmpty() || time.get().compareTo(longest.get()) > 0)) {
                longest = time;
            }
        }
        return longest;
    }

    private boolean hasTime(Food food, JarSize size) {
        for (TestedProcess row : catalogue.rows(food.processRow().orElseThrow())) {
            if (row.minutesFor(size).isPresent()) {
                return true;
            }
        }
        return false;
    }
}

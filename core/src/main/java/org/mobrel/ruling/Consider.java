package org.mobrel.ruling;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.mobrel.foods.Catalogue;
import org.mobrel.foods.Food;
import org.mobrel.foods.TestedProcess;
import org.mobrel.jars.JarSize;

/** What else was looked at, and why it did or did not set the time. */
final class Consider {

    private static final String ONE_DISH =
            "Published for that dish alone; shown, not used, because the longest ingredient here asks for at least as much.";

    private final Catalogue catalogue;
    private final Contents contents;

    Consider(Catalogue catalogue, Contents contents) {
        this.catalogue = catalogue;
        this.contents = contents;
    }

    List<Considered> of(Timing timing, List<TestedProcess> floors) {
        List<Considered> considered = new ArrayList<>();
        for (TestedProcess floor : floors) {
            boolean sets = timing.setBy() != SetBy.LINE
                    && floor.minutesFor(timing.timedBy())
                            .filter(timing.minutes()::equals)
                            .isPresent();
            considered.add(considered(
                    Considered.Kind.FLOOR,
                    floor,
                    sets
                            ? "A mixture never goes under this row; here it sets the time."
                            : "A mixture never goes under this row; an ingredient asks for at least as much."));
        }
        passedOver(floors, considered);
        dish(
                "dried beans in tomato or molasses sauce",
                Set.of("dried-beans"),
                Set.of("tomatoes", "tomato-paste", "tomato-juice", "sweeteners"),
                considered);
        dish(
                "chili with beans and ground meat",
                Set.of("dried-beans", "ground-meat"),
                Set.of("peppers", "tomatoes", "tomato-paste"),
                considered);
        dish("succotash", Set.of("corn", "lima-beans"), Set.of("corn"), considered);
        return considered;
    }

    /** The tables for mixtures that do not cover this one, and the solid fish rows inside a soup. */
    private void passedOver(List<TestedProcess> floors, List<Considered> considered) {
        List<String> used = floors.stream().map(TestedProcess::food).toList();
        if (!used.contains(Catalogue.SOUP_ROW) && !used.contains(Catalogue.SEAFOOD_SOUP_ROW)) {
            passOver(Catalogue.SOUP_ROW, whyNoSoup(), considered);
        }
        if (used.contains(Catalogue.SEAFOOD_SOUP_ROW)) {
            passOver(
                    Catalogue.SOUP_ROW,
                    "The table's other line is for soups without fish or shellfish; with them its seafood line holds.",
                    considered);
        }
        if (!used.contains(Catalogue.MIXED_VEGETABLE_ROW) && contents.isMixture()) {
            passOver(
                    Catalogue.MIXED_VEGETABLE_ROW,
                    "For vegetables packed above half of the jar without a soup broth; here solids fill at most half.",
                    considered);
        }
        if (contents.isMixture()) {
            contents.solids().stream()
                    .filter(Food::isSeafood)
                    .flatMap(food -> food.processRow().stream())
                    .filter(row -> !row.equals(Catalogue.SEAFOOD_SOUP_ROW))
                    .distinct()
                    .flatMap(row -> catalogue.rows(row).stream())
                    .forEach(row -> considered.add(considered(
                            Considered.Kind.PASSED_OVER,
                            row,
                            "Its own row is for packing it alone; inside a soup the seafood line holds.")));
        }
    }

    private String whyNoSoup() {
        return contents.isMixture()
                ? "For jars filled half way with solids and packed hot; these are vegetables above half."
                : "For two or more solid foods that share a broth; this is one food by its own row.";
    }

    private void passOver(String row, String why, List<Considered> considered) {
        considered.add(considered(Considered.Kind.PASSED_OVER, catalogue.table(row), why));
    }

    private void dish(String row, Set<String> all, Set<String> any, List<Considered> considered) {
        Set<String> here = contents.foods().stream().map(Food::id).collect(Collectors.toSet());
        if (here.containsAll(all) && any.stream().anyMatch(here::contains)) {
            considered.add(considered(Considered.Kind.ONE_DISH, catalogue.table(row), ONE_DISH));
        }
    }

    private static Considered considered(Considered.Kind kind, TestedProcess row, String outcome) {
        return new Considered(
                kind,
                row.food(),
                Stream.of(JarSize.PINT, JarSize.QUART)
                        .filter(size -> row.minutesFor(size).isPresent())
                        .collect(Collectors.toMap(
                                size -> size, size -> row.minutesFor(size).orElseThrow())),
                row.source(),
                outcome);
    }
}

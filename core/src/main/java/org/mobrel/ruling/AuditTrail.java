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
import org.mobrel.tables.Table;

/** What else was looked at, and why it did or did not set the time. */
final class AuditTrail {

    /** A row that is published for one dish alone, by ids of its foods. */
    private record Dish(String row, Set<String> allOf, Set<String> anyOf) {}

    private static final List<Dish> DISHES = Table.beside(
                    AuditTrail.class, "dishes.csv", Set.of("row", "all_of", "any_of"))
            .map(row -> new Dish(row.text("row"), Set.copyOf(row.list("all_of")), Set.copyOf(row.list("any_of"))));

    private static final String ONE_DISH =
            "Published for that dish alone; shown, not used, because the longest ingredient here asks for at least as much.";

    private final Catalogue catalogue;
    private final JarContents contents;

    AuditTrail(Catalogue catalogue, JarContents contents) {
        this.catalogue = catalogue;
        this.contents = contents;
    }

    List<ConsideredRow> of(Timing timing, List<TestedProcess> floors) {
        List<ConsideredRow> considered = new ArrayList<>();
        for (TestedProcess floor : floors) {
            boolean sets = timing.setBy() != SetBy.LINE
                    && floor.minutesFor(timing.timedBy())
                            .filter(timing.minutes()::equals)
                            .isPresent();
            considered.add(considered(
                    ConsideredRow.Kind.FLOOR,
                    floor,
                    sets
                            ? "A mixture never goes under this row; here it sets the time."
                            : "A mixture never goes under this row; an ingredient asks for at least as much."));
        }
        passedOver(floors, considered);
        Set<String> here = contents.foods().stream().map(Food::id).collect(Collectors.toSet());
        DISHES.stream()
                .filter(dish ->
                        here.containsAll(dish.allOf()) && dish.anyOf().stream().anyMatch(here::contains))
                .forEach(dish ->
                        considered.add(considered(ConsideredRow.Kind.ONE_DISH, catalogue.table(dish.row()), ONE_DISH)));
        return considered;
    }

    /** The tables for mixtures that do not cover this one, and the solid fish rows inside a soup. */
    private void passedOver(List<TestedProcess> floors, List<ConsideredRow> considered) {
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
                            ConsideredRow.Kind.PASSED_OVER,
                            row,
                            "Its own row is for packing it alone; inside a soup the seafood line holds.")));
        }
    }

    private String whyNoSoup() {
        return contents.isMixture()
                ? "For jars filled half way with solids and packed hot; these are vegetables above half."
                : "For two or more solid foods that share a broth; this is one food, by its own tested time.";
    }

    private void passOver(String row, String why, List<ConsideredRow> considered) {
        considered.add(considered(ConsideredRow.Kind.PASSED_OVER, catalogue.table(row), why));
    }

    private static ConsideredRow considered(ConsideredRow.Kind kind, TestedProcess row, String outcome) {
        return new ConsideredRow(
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

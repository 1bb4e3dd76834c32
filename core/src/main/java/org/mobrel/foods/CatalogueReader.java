package org.mobrel.foods;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.mobrel.finding.Source;
import org.mobrel.jars.Headspace;
import org.mobrel.jars.JarSize;
import org.mobrel.quantity.Length;
import org.mobrel.quantity.Mass;
import org.mobrel.quantity.Minutes;
import org.mobrel.tables.Row;
import org.mobrel.tables.Table;

/** Turns the tables into a {@link Catalogue} and checks that they fit together. */
final class CatalogueReader {

    static final Set<String> PROCESS_COLUMNS = Set.of(
            "id",
            "food",
            "form",
            "pack",
            "half_pint",
            "pint",
            "quart",
            "headspace_in",
            "source",
            "largest_piece_in",
            "largest_whole_in",
            "peeled",
            "whole",
            "note");
    private static final Set<String> FOOD_COLUMNS = Set.of(
            "id",
            "name",
            "kind",
            "process_row",
            "dried_as",
            "canned_as",
            "bone_in_as",
            "boneless_as",
            "cured_as",
            "wild_as",
            "fresh_as",
            "by_spoon_as",
            "whole_row",
            "largest_jar",
            "traits",
            "raw_g_per_cup",
            "hot_mass_ratio",
            "jar_g_per_cup",
            "solid_g_per_ml",
            "as_bought_yield",
            "unit_weight_g",
            "colour",
            "note");
    private static final Set<String> STOP_COLUMNS = Set.of("group", "finding", "why", "remedies");
    private static final Map<String, JarSize> TESTED_SIZES =
            Map.of("half_pint", JarSize.HALF_PINT, "pint", JarSize.PINT, "quart", JarSize.QUART);
    private static final Set<String> FLOORS =
            Set.of(Catalogue.SOUP_ROW, Catalogue.SEAFOOD_SOUP_ROW, Catalogue.MIXED_VEGETABLE_ROW);

    private CatalogueReader() {}

    static Catalogue read() {
        TableVersion version = Table.beside(Catalogue.class, "version.csv", Set.of("version", "edition"))
                .map(row -> new TableVersion(row.text("version"), row.text("edition")))
                .get(0);
        List<TestedProcess> processes = processes(Table.beside(Catalogue.class, "processes.csv", PROCESS_COLUMNS));
        Set<String> names = processes.stream().map(TestedProcess::food).collect(Collectors.toSet());
        Set<String> ids = new HashSet<>();
        Map<String, List<String>> foodWords = words("food-words.csv", "food");
        List<Food> foods =
                Table.beside(Catalogue.class, "foods.csv", FOOD_COLUMNS).map(row -> food(row, names, ids, foodWords));
        refuseWordsOfNothing(foodWords, ids, "food-words.csv");
        Map<String, List<String>> stopWords = words("stop-words.csv", "group");
        List<StoppedIngredient> stopped =
                Table.beside(Catalogue.class, "stops.csv", STOP_COLUMNS).map(row -> stopped(row, stopWords));
        Set<String> groups = stopped.stream().map(StoppedIngredient::group).collect(Collectors.toSet());
        refuseWordsOfNothing(stopWords, groups, "stop-words.csv");
        refuseUnknownChanges(foods, ids, groups);
        return new Catalogue(version, foods, processes, stopped);
    }

    /** The phrases of each food or group, those of all its rows in their order. */
    private static Map<String, List<String>> words(String file, String owner) {
        Map<String, List<String>> words = new HashMap<>();
        Table.beside(Catalogue.class, file, Set.of(owner, "words", "source"))
                .map(row -> words.computeIfAbsent(row.text(owner), name -> new ArrayList<>())
                        .addAll(row.list("words")));
        return words;
    }

    private static void refuseWordsOfNothing(Map<String, List<String>> words, Set<String> owners, String file) {
        words.keySet().stream().filter(name -> !owners.contains(name)).forEach(name -> {
            throw new IllegalStateException(file + " has words for something that is not in the tables: " + name);
        });
    }

    private static void refuseUnknownChanges(List<Food> foods, Set<String> ids, Set<String> groups) {
        foods.forEach(food -> food.becomes().values().forEach(other -> {
            boolean known = other.startsWith(Food.STOP)
                    ? groups.contains(other.substring(Food.STOP.length()))
                    : ids.contains(other);
            if (!known) {
                throw new IllegalStateException("foods.csv: " + food.id() + " becomes something unknown: " + other);
            }
        }));
    }

    static List<TestedProcess> processes(Table table) {
        List<TestedProcess> processes = table.map(CatalogueReader::process);
        Set<String> ids = new HashSet<>();
        processes.forEach(row -> {
            if (!ids.add(row.id())) {
                throw new IllegalStateException("processes.csv has two rows of the id " + row.id());
            }
        });
        for (String floor : FLOORS) {
            if (processes.stream().noneMatch(row -> row.food().equals(floor))) {
                throw new IllegalStateException("processes.csv lacks the row every mixture rests on: " + floor);
            }
        }
        return processes;
    }

    private static TestedProcess process(Row row) {
        Map<JarSize, Minutes> minutes = new EnumMap<>(JarSize.class);
        TESTED_SIZES.forEach((column, size) ->
                row.optionalWholeNumber(column).ifPresent(value -> minutes.put(size, new Minutes(value))));
        if (minutes.isEmpty()) {
            throw row.wrong("pint", "is empty, and so is every other size");
        }
        refuseLargerJarsWithLess(row, minutes);
        return new TestedProcess(
                row.text("id"),
                row.text("food"),
                row.text("form"),
                row.word("pack", Pack::ofCode),
                minutes,
                Headspace.ofInches(row.positive("headspace_in"))
                        .orElseThrow(() -> row.wrong("headspace_in", "is not 1 or 1.25")),
                new Source(row.text("source")),
                inches(row, "largest_piece_in"),
                inches(row, "largest_whole_in"),
                row.word("peeled", CatalogueReader::yesOrNo),
                row.word("whole", CatalogueReader::yesOrNo),
                row.optionalText("note").orElse(""));
    }

    /** A larger jar never needs less time; a row that says so holds a slip of the pen. */
    private static void refuseLargerJarsWithLess(Row row, Map<JarSize, Minutes> minutes) {
        Optional<Minutes> before = Optional.empty();
        for (JarSize size : JarSize.values()) {
            Optional<Minutes> now = Optional.ofNullable(minutes.get(size));
            if (now.isPresent() && before.isPresent() && now.get().compareTo(before.get()) < 0) {
                throw row.wrong(size.code().replace('-', '_'), "is less than the time of a smaller jar");
            }
            before = now.isPresent() ? now : before;
        }
    }

    private static Food food(Row row, Set<String> processNames, Set<String> ids, Map<String, List<String>> words) {
        Optional<String> processRow = row.optionalText("process_row");
        if (processRow.isPresent() && !processNames.contains(processRow.get())) {
            throw row.wrong("process_row", "is not a row of processes.csv");
        }
        if (!ids.add(row.text("id"))) {
            throw row.wrong("id", "stands twice");
        }
        return new Food(
                row.text("id"),
                row.text("name"),
                row.word("kind", FoodKind::ofWord),
                processRow,
                words.getOrDefault(row.text("id"), List.of()),
                becomes(row),
                row.optionalText("whole_row"),
                row.optionalText("largest_jar").map(size -> JarSize.ofCode(size)
                        .orElseThrow(() -> row.wrong("largest_jar", "is not a jar size"))),
                row.list("traits").stream()
                        .map(word ->
                                FoodTrait.ofWord(word).orElseThrow(() -> row.wrong("traits", "has an unknown trait")))
                        .collect(Collectors.toUnmodifiableSet()),
                measures(row),
                row.word("colour", CatalogueReader::colour),
                row.optionalText("note").orElse(""));
    }

    private static Optional<Colour> colour(String written) {
        try {
            return Optional.of(Colour.of(written));
        } catch (IllegalArgumentException none) {
            return Optional.empty();
        }
    }

    private static Map<StatedForm, String> becomes(Row row) {
        Map<StatedForm, String> becomes = new EnumMap<>(StatedForm.class);
        for (StatedForm said : StatedForm.values()) {
            row.optionalText(said.column()).ifPresent(other -> becomes.put(said, other));
        }
        return becomes;
    }

    private static Measures measures(Row row) {
        return new Measures(
                Mass.ofGrams(row.positive("raw_g_per_cup")),
                row.positive("hot_mass_ratio"),
                Mass.ofGrams(row.positive("jar_g_per_cup")),
                row.positive("solid_g_per_ml"),
                row.optionalPositive("as_bought_yield").stream().boxed().findFirst(),
                row.optionalPositive("unit_weight_g").stream()
                        .mapToObj(Mass::ofGrams)
                        .findFirst());
    }

    private static StoppedIngredient stopped(Row row, Map<String, List<String>> words) {
        return new StoppedIngredient(
                row.text("group"),
                words.getOrDefault(row.text("group"), List.of()),
                row.text("finding"),
                row.text("why"),
                row.list("remedies").stream()
                        .map(cell ->
                                StopRemedy.of(cell).orElseThrow(() -> row.wrong("remedies", "has an unknown code")))
                        .toList());
    }

    private static Optional<Length> inches(Row row, String column) {
        return row.optionalPositive(column).stream().mapToObj(Length::ofInches).findFirst();
    }

    private static Optional<Boolean> yesOrNo(String word) {
        return switch (word) {
            case "yes" -> Optional.of(true);
            case "no" -> Optional.of(false);
            default -> Optional.empty();
        };
    }
}

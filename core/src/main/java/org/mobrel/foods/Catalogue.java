package org.mobrel.foods;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;

/** Everything the tables say: foods, tested processes and stopped ingredients. Immutable; read once at start. */
public final class Catalogue {

    public static final String SOUP_ROW = "soup";
    public static final String SEAFOOD_SOUP_ROW = "soup with seafood";
    public static final String MIXED_VEGETABLE_ROW = "mixed vegetables";

    private final TableVersion version;
    private final List<Food> foods;
    private final List<TestedProcess> processes;
    private final List<StoppedIngredient> stopped;
    private final Map<String, Food> byId;
    private final Map<String, List<TestedProcess>> byRow;
    private final Map<Pack, Map<String, List<TestedProcess>>> byPack;

    Catalogue(TableVersion version, List<Food> foods, List<TestedProcess> processes, List<StoppedIngredient> stopped) {
        this.version = version;
        this.foods = List.copyOf(foods);
        this.processes = List.copyOf(processes);
        this.stopped = List.copyOf(stopped);
        this.byId = foods.stream().collect(Collectors.toUnmodifiableMap(Food::id, food -> food));
        this.byRow = byName(processes);
        this.byPack = Arrays.stream(Pack.values())
                .collect(Collectors.toUnmodifiableMap(
                        pack -> pack,
                        pack -> byName(processes.stream()
                                .filter(row -> row.pack() == pack)
                                .toList())));
    }

    /**
     * Reads the tables beside this class.
     *
     * @throws org.mobrel.tables.TableException if a cell cannot be read or a food names a row that does not exist
     */
    public static Catalogue load() {
        return CatalogueReader.read();
    }

    public TableVersion version() {
        return version;
    }

    public List<Food> foods() {
        return foods;
    }

    public List<TestedProcess> processes() {
        return processes;
    }

    public List<StoppedIngredient> stopped() {
        return stopped;
    }

    private static Map<String, List<TestedProcess>> byName(List<TestedProcess> rows) {
        return rows.stream().collect(Collectors.groupingBy(TestedProcess::food, Collectors.toUnmodifiableList()));
    }

    /** @throws IllegalArgumentException if there is no such food */
    public Food food(String id) {
        return find(id).orElseThrow(() -> new IllegalArgumentException("no food has the id " + id));
    }

    /**
     * What a food is where a line says so of it: another food, or a group of stopped ingredients. Empty where the words change
     * nothing.
     */
    public Optional<Meant> meant(Food food, StatedForm said) {
        return Optional.ofNullable(food.becomes().get(said))
                .map(other -> other.startsWith(Food.STOP)
                        ? new Meant(Optional.empty(), Optional.of(stopGroup(other.substring(Food.STOP.length()))))
                        : new Meant(Optional.of(food(other)), Optional.empty()));
    }

    /** Exactly one of the two. */
    public record Meant(Optional<Food> food, Optional<StoppedIngredient> stop) {}

    /** @throws IllegalArgumentException if there is no such group of stopped ingredients */
    public StoppedIngredient stopGroup(String group) {
        return stopped.stream()
                .filter(stop -> stop.group().equals(group))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("no stopped ingredients are called " + group));
    }

    /** The one food with a trait that a single food has, such as the oil that browning fat is taken for. */
    public Food foodWith(FoodTrait trait) {
        return foods.stream()
                .filter(food -> food.has(trait))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("no food is " + trait));
    }

    public Optional<Food> find(String id) {
        return Optional.ofNullable(byId.get(id));
    }

    /** All rows of that name, in either pack. */
    public List<TestedProcess> rows(String name) {
        return byRow.getOrDefault(name, List.of());
    }

    /** All rows of that name in that pack, such as the two ways of packing whole tomatoes. */
    public List<TestedProcess> rows(String name, Pack pack) {
        return Objects.requireNonNull(byPack.get(pack)).getOrDefault(name, List.of());
    }

    /** The one row of that name in that pack. */
    public Optional<TestedProcess> row(String name, Pack pack) {
        return rows(name, pack).stream().findFirst();
    }

    /** A row every catalogue has, such as the soup table. */
    public TestedProcess table(String name) {
        return Objects.requireNonNull(row(name, Pack.HOT).orElse(null), () -> "the tables lack the row " + name);
    }
}

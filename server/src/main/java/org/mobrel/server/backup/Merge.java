package org.mobrel.server.backup;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.mobrel.shelf.LotCode;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Puts a backup beside what is there. What is there stays as it is; what the file has besides comes in under numbers of its own. A thing is
 * the same if it says the same: a recipe with the same versions, a batch of the same recipe made at the same millisecond, a canner of the same
 * name and gauge; with it all that hangs on it is there already.
 */
final class Merge implements BackupFile.Rows {

    /** Sections of which the household has only one, or that are counted here and not there: what is here stays. */
    private static final Set<String> STAYS = Set.of("kitchen", "cupboardJars", "cupboardLids", "pantry");

    /** What tells a thing by itself; the others hang on one of these. */
    private static final Map<String, List<String>> TOLD_BY = Map.of(
            "canners", List.of("name", "gauge_kind"),
            "wordings", List.of("words"),
            "ownFoods", List.of("name"),
            "plans", List.of("body"),
            "batches", List.of("recipe_id", "made_at", "title"),
            "devices", List.of("key_hash"),
            "targets", List.of("recipe_id"),
            "kits", List.of("name", "recipe_id"),
            "outside", List.of("title", "finished_at"));

    private final BackupRepository repository;
    private final JsonMapper json;
    private final Map<String, Map<Long, Long>> numbers = new HashMap<>();
    private final Map<String, Set<Long>> alreadyThere = new HashMap<>();
    private final Map<String, Long> offsets = new HashMap<>();
    private final Map<String, String> lots = new HashMap<>();
    private final Set<String> lotsThere = new HashSet<>();
    private final Set<String> lotsTaken = new HashSet<>();
    private final Map<String, Map<List<Object>, Long>> told = new HashMap<>();
    private final Map<Long, Long> sameRecipes;
    private final Map<String, Integer> added = new HashMap<>();

    /** @param sameRecipes recipes of the file that are here already, and their numbers here */
    Merge(BackupRepository repository, JsonMapper json, Map<Long, Long> sameRecipes) {
        this.repository = repository;
        this.json = json;
        this.sameRecipes = sameRecipes;
        repository.read(Section.named("lots").orElseThrow(), row -> lotsTaken.add(String.valueOf(row.get(0))));
    }

    /** Rows that came in, by section. */
    Map<String, Integer> added() {
        return Map.copyOf(added);
    }

    /** Lots that have another code here, because theirs was taken. */
    Map<String, String> relabelled() {
        Map<String, String> changed = new HashMap<>(lots);
        changed.entrySet().removeIf(code -> code.getKey().equals(code.getValue()));
        return changed;
    }

    @Override
    public void take(Section section, List<List<@Nullable Object>> rows) {
        if (STAYS.contains(section.name())) {
            return;
        }
        List<List<@Nullable Object>> coming = new ArrayList<>();
        for (List<@Nullable Object> row : rows) {
            taken(section, row).ifPresent(coming::add);
        }
        if (!coming.isEmpty()) {
            repository.write(section, coming);
            added.merge(section.name(), coming.size(), Integer::sum);
        }
    }

    /** The row as it is here; empty where it is here already. */
    private Optional<List<@Nullable Object>> taken(Section section, List<@Nullable Object> row) {
        if (hangsOnSomethingThere(section, row)) {
            section.given().ifPresent(given -> alreadyThere
                    .computeIfAbsent(section.name(), name -> new HashSet<>())
                    .add(number(row, section.columns().indexOf(given))));
            return Optional.empty();
        }
        List<@Nullable Object> here = new ArrayList<>(row);
        for (int index = 0; index < row.size(); index++) {
            here.set(index, renumbered(section, section.columns().get(index), row.get(index)));
        }
        Optional<Long> same = sameAs(section, row, here);
        if (same.isPresent()) {
            remember(section, row, same.get(), true);
            return Optional.empty();
        }
        section.given().ifPresent(given -> {
            int place = section.columns().indexOf(given);
            long number =
                    number(row, place) + offsets.computeIfAbsent(section.name(), name -> repository.highest(section));
            here.set(place, number);
            remember(section, row, number, false);
        });
        words(section, here);
        return Optional.of(here);
    }

    private void remember(Section section, List<@Nullable Object> row, long here, boolean there) {
        section.given().ifPresent(given -> {
            long old = number(row, section.columns().indexOf(given));
            numbers.computeIfAbsent(section.name(), name -> new HashMap<>()).put(old, here);
            if (there) {
                alreadyThere
                        .computeIfAbsent(section.name(), name -> new HashSet<>())
                        .add(old);
            }
        });
    }

    private static long number(List<@Nullable Object> row, int place) {
        Object value = row.get(place);
        return value instanceof Number number ? number.longValue() : 0;
    }

    /** Whether the first thing it belongs to is here already, and so all of that is. */
    private boolean hangsOnSomethingThere(Section section, List<@Nullable Object> row) {
        if (TOLD_BY.containsKey(section.name())) {
            return false;
        }
        for (int index = 0; index < row.size(); index++) {
            Column column = section.columns().get(index);
            if (column.lotCode()) {
                return section.name().equals("lots")
                        ? isThere("runs", number(row, indexOf(section, "run_id"))) && theLotIsThere(row)
                        : lotsThere.contains(String.valueOf(row.get(index)));
            }
            // A yield belongs to its plan: the same recipe may have been made here and there.
            boolean owner = column.refersTo().isPresent()
                    && !(section.name().equals("yields") && column.name().equals("recipe_id"));
            if (owner) {
                return isThere(column.refersTo().get(), number(row, index));
            }
        }
        return false;
    }

    private boolean theLotIsThere(List<@Nullable Object> row) {
        lotsThere.add(String.valueOf(row.get(0)));
        return true;
    }

    private static int indexOf(Section section, String column) {
        for (int index = 0; index < section.columns().size(); index++) {
            if (section.columns().get(index).name().equals(column)) {
                return index;
            }
        }
        throw new IllegalArgumentException(section.name() + " has no " + column);
    }

    private boolean isThere(String section, long number) {
        return alreadyThere.getOrDefault(section, Set.of()).contains(number);
    }

    private @Nullable Object renumbered(Section section, Column column, @Nullable Object value) {
        if (value == null) {
            return null;
        }
        if (column.lotCode()) {
            String code = String.valueOf(value);
            return section.name().equals("lots")
                    ? lots.computeIfAbsent(code, this::free)
                    : lots.getOrDefault(code, code);
        }
        if (column.refersTo().isEmpty()) {
            return value;
        }
        long old = ((Number) value).longValue();
        Map<Long, Long> known = numbers.getOrDefault(column.refersTo().get(), Map.of());
        Long here = known.get(old);
        return here == null ? (Object) old : (Object) here;
    }

    /** The code itself, or the next one of its day that nobody has. */
    private String free(String code) {
        String free = code;
        LocalDate day = LocalDate.of(
                2000 + Integer.parseInt(code.substring(0, 2)),
                Integer.parseInt(code.substring(3, 5)),
                Integer.parseInt(code.substring(5, 7)));
        for (int earlier = 0; lotsTaken.contains(free); earlier++) {
            free = LotCode.next(day, earlier).text();
        }
        lotsTaken.add(free);
        return free;
    }

    private Optional<Long> sameAs(Section section, List<@Nullable Object> row, List<@Nullable Object> here) {
        if (section.name().equals("recipes")) {
            return Optional.ofNullable(sameRecipes.get(number(row, 0)));
        }
        List<String> by = TOLD_BY.get(section.name());
        if (by == null) {
            return Optional.empty();
        }
        Map<List<Object>, Long> known = told.computeIfAbsent(section.name(), name -> known(section, by));
        return Optional.ofNullable(known.get(key(section, by, here)));
    }

    private Map<List<Object>, Long> known(Section section, List<String> by) {
        Map<List<Object>, Long> known = new HashMap<>();
        int given = section.given().map(section.columns()::indexOf).orElse(-1);
        repository.read(section, row -> known.put(key(section, by, row), given < 0 ? 0L : number(row, given)));
        return known;
    }

    private static List<Object> key(Section section, List<String> by, List<@Nullable Object> row) {
        List<Object> key = new ArrayList<>();
        for (String column : by) {
            key.add(String.valueOf(row.get(indexOf(section, column))));
        }
        return key;
    }

    /** Numbers and codes that stand inside words: the body of a plan, the cause of a hold. */
    private void words(Section section, List<@Nullable Object> row) {
        if (section.name().equals("plans")) {
            int body = indexOf(section, "body");
            row.set(body, plan(String.valueOf(row.get(body))));
        }
        if (section.name().equals("holds")) {
            int cause = indexOf(section, "cause");
            String said = String.valueOf(row.get(cause));
            if (said.startsWith("lot:")) {
                row.set(cause, "lot:" + lots.getOrDefault(said.substring(4), said.substring(4)));
            } else if (said.startsWith("test:")) {
                long test = Long.parseLong(said.substring(5));
                row.set(
                        cause,
                        "test:" + numbers.getOrDefault("gaugeTests", Map.of()).getOrDefault(test, test));
            }
        }
    }

    private String plan(String body) {
        JsonNode read = json.readTree(body);
        if (read instanceof ObjectNode plan) {
            renumber(plan, "canner", "canners");
            if (plan.get("canners") instanceof ArrayNode canners) {
                for (int index = 0; index < canners.size(); index++) {
                    long old = canners.get(index).asLong();
                    canners.set(
                            index,
                            json.valueToTree(
                                    numbers.getOrDefault("canners", Map.of()).getOrDefault(old, old)));
                }
            }
            if (plan.get("dishes") instanceof ArrayNode dishes) {
                dishes.forEach(dish -> {
                    if (dish instanceof ObjectNode each) {
                        renumber(each, "recipeId", "recipes");
                    }
                });
            }
        }
        return json.writeValueAsString(read);
    }

    private void renumber(ObjectNode node, String property, String section) {
        JsonNode value = node.get(property);
        if (value != null && value.isNumber()) {
            long old = value.asLong();
            node.put(property, numbers.getOrDefault(section, Map.of()).getOrDefault(old, old));
        }
    }
}

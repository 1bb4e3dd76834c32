package org.mobrel.shelf;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;

/**
 * Jars of one kind out of one load: what a label names. Where they stand and what became of them is the sum of the movements, which are
 * only ever added.
 *
 * @param movements all of them, first to last
 */
public record Lot(LotCode code, List<Movement> movements) {

    public Lot {
        movements = List.copyOf(movements);
    }

    /** The movements that count: without those that were taken back, and without the words that took them back. */
    private static List<Movement> counting(List<Movement> all) {
        Set<Long> undone =
                all.stream().flatMap(movement -> movement.undoes().stream()).collect(Collectors.toSet());
        return all.stream()
                .filter(movement -> movement.kind() != MovementKind.UNDONE && !undone.contains(movement.id()))
                .toList();
    }

    private static Map<Place, Integer> standing(List<Movement> all) {
        Map<Place, Integer> jars = new TreeMap<>();
        for (Movement movement : counting(all)) {
            movement.from().ifPresent(place -> jars.merge(place, -movement.jars(), Integer::sum));
            movement.to().ifPresent(place -> jars.merge(place, movement.jars(), Integer::sum));
        }
        return jars;
    }

    /**
     * Places that more jars left than stood there, each with how many: the ledger is broken, and a count of that place mends it. Empty for every
     * ledger that was written by {@link #allows}.
     */
    public Map<Place, Integer> missingAt() {
        Map<Place, Integer> missing = new TreeMap<>();
        standing(movements).forEach((place, jars) -> {
            if (jars < 0) {
                missing.put(place, -jars);
            }
        });
        return missing;
    }

    /** Jars in each place that has any, by the names of the places. */
    public Map<Place, Integer> jarsAt() {
        Map<Place, Integer> jars = standing(movements);
        jars.values().removeIf(count -> count <= 0);
        return jars;
    }

    /** Jars in a place by the ledger; below zero in a broken one. */
    public int balanceAt(Place place) {
        return standing(movements).getOrDefault(place, 0);
    }

    public int jarsAt(Place place) {
        return Math.max(0, balanceAt(place));
    }

    /** Jars on the shelf now, wherever they stand. */
    public int jars() {
        return jarsAt().values().stream().mapToInt(Integer::intValue).sum();
    }

    /** Jars that moved by a kind of movement and were not taken back. */
    public int total(MovementKind kind) {
        return counting(movements).stream()
                .filter(movement -> movement.kind() == kind)
                .mapToInt(Movement::jars)
                .sum();
    }

    /** Jars that ever came to the shelf. */
    public int shelved() {
        return total(MovementKind.SHELVED);
    }

    /** Jars that went into other batches. */
    public int used() {
        return total(MovementKind.USED);
    }

    /**
     * Whether a movement is possible from here: no jar leaves a place that is not there, none comes back that never left or went into
     * another batch, and nothing is taken back twice.
     */
    public boolean allows(Movement next) {
        if (next.undoes().isPresent() && !canBeTakenBack(next.undoes().get())) {
            return false;
        }
        List<Movement> after = new ArrayList<>(movements);
        after.add(next);
        Map<Place, Integer> before = standing(movements);
        Map<Place, Integer> then = standing(after);
        // A place that is short already may only get fuller: that is how a broken ledger is mended.
        boolean allThere = then.entrySet().stream()
                .allMatch(place -> place.getValue() >= Math.min(0, before.getOrDefault(place.getKey(), 0)));
        int jars = then.values().stream().mapToInt(Integer::intValue).sum();
        return allThere
                && (next.kind() == MovementKind.SHELVED
                        ? movements.isEmpty()
                        : jars <= Math.max(0, shelved() - used()));
    }

    private boolean canBeTakenBack(long id) {
        return counting(movements).stream()
                .anyMatch(movement -> movement.id() == id && movement.kind().isUndoable());
    }
}

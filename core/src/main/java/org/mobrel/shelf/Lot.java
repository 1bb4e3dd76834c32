package org.mobrel.shelf;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
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

    /** @throws IllegalArgumentException if more jars left a place than were there */
    public Lot {
        movements = List.copyOf(movements);
        Optional<Place> lacking = shortOf(movements);
        if (lacking.isPresent()) {
            throw new IllegalArgumentException("lot %s has fewer than 0 jars in %s"
                    .formatted(code.text(), lacking.get().name()));
        }
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

    private static Optional<Place> shortOf(List<Movement> all) {
        return standing(all).entrySet().stream()
                .filter(place -> place.getValue() < 0)
                .map(Map.Entry::getKey)
                .findFirst();
    }

    /** Jars in each place that has any, by the names of the places. */
    public Map<Place, Integer> jarsAt() {
        Map<Place, Integer> jars = standing(movements);
        jars.values().removeIf(count -> count == 0);
        return jars;
    }

    public int jarsAt(Place place) {
        return standing(movements).getOrDefault(place, 0);
    }

    /** Jars on the shelf now, wherever they stand. */
    public int jars() {
        return standing(movements).values().stream().mapToInt(Integer::intValue).sum();
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
        int jars = standing(after).values().stream().mapToInt(Integer::intValue).sum();
        return shortOf(after).isEmpty()
                && (next.kind() == MovementKind.SHELVED ? movements.isEmpty() : jars <= shelved() - used());
    }

    private boolean canBeTakenBack(long id) {
        return counting(movements).stream()
                .anyMatch(movement -> movement.id() == id && movement.kind().isUndoable());
    }
}

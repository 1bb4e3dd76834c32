package org.mobrel.shelf;

import java.util.Optional;

/**
 * Jars of a lot that came to a place, left one, or went from one to another: a line of the ledger.
 *
 * @param id its number in the ledger; 0 for one that is not written yet
 * @param jars at least 1
 * @param from the place they left; empty where they came from outside
 * @param to the place they came to; empty where they left for good
 * @param undoes the number of the movement it takes back, for {@link MovementKind#UNDONE}
 */
public record Movement(
        long id, MovementKind kind, int jars, Optional<Place> from, Optional<Place> to, Optional<Long> undoes) {

    /** @throws IllegalArgumentException if no jar moves, or the places do not fit the kind */
    public Movement {
        if (jars < 1) {
            throw new IllegalArgumentException("a movement of %s jars".formatted(jars));
        }
        if (from.isPresent() != kind.leaves() || to.isPresent() != kind.comes()) {
            throw new IllegalArgumentException("%s from %s to %s".formatted(kind.code(), from, to));
        }
        if (undoes.isPresent() != (kind == MovementKind.UNDONE)) {
            throw new IllegalArgumentException("%s takes %s back".formatted(kind.code(), undoes));
        }
    }

    /** Jars that leave a place for good. */
    public static Movement out(MovementKind kind, int jars, Place from) {
        return new Movement(0, kind, jars, Optional.of(from), Optional.empty(), Optional.empty());
    }

    /** Jars that come to a place from outside. */
    public static Movement in(MovementKind kind, int jars, Place to) {
        return new Movement(0, kind, jars, Optional.empty(), Optional.of(to), Optional.empty());
    }

    public static Movement between(Place from, Place to, int jars) {
        return new Movement(0, MovementKind.MOVED, jars, Optional.of(from), Optional.of(to), Optional.empty());
    }

    /** Takes an earlier movement back. */
    public static Movement undoing(Movement earlier) {
        return new Movement(
                0, MovementKind.UNDONE, earlier.jars(), Optional.empty(), Optional.empty(), Optional.of(earlier.id()));
    }
}

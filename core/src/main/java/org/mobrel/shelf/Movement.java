package org.mobrel.shelf;

/**
 * Jars that came to the shelf or left it.
 *
 * @param jars at least 1
 */
public record Movement(MovementKind kind, int jars) {

    /** @throws IllegalArgumentException if no jar moves */
    public Movement {
        if (jars < 1) {
            throw new IllegalArgumentException("a movement of %d jars".formatted(jars));
        }
    }

    int signed() {
        return kind.adds() ? jars : -jars;
    }
}

package org.mobrel.shelf;

import java.util.List;

/**
 * Jars of one kind out of one load: what a label names.
 *
 * @param movements all of them, first to last
 */
public record Lot(LotCode code, List<Movement> movements) {

    /** @throws IllegalArgumentException if more jars left than were there */
    public Lot {
        movements = List.copyOf(movements);
        int jars = 0;
        for (Movement movement : movements) {
            jars += movement.signed();
            if (jars < 0) {
                throw new IllegalArgumentException("lot %s has fewer than 0 jars".formatted(code.text()));
            }
        }
    }

    /** Jars on the shelf now. */
    public int jars() {
        return movements.stream().mapToInt(Movement::signed).sum();
    }

    /** Jars that ever came to the shelf. */
    public int shelved() {
        return movements.stream()
                .filter(movement -> movement.kind() == MovementKind.SHELVED)
                .mapToInt(Movement::jars)
                .sum();
    }

    /**
     * Whether a movement is possible from here: no jar leaves that is not there, none comes back that never left, or that went
     * into another batch.
     */
    public boolean allows(Movement next) {
        int after = jars() + next.signed();
        return after >= 0 && (next.kind() != MovementKind.PUT_BACK || after <= shelved() - used());
    }

    /** Jars that went into other batches. */
    public int used() {
        return movements.stream()
                .filter(movement -> movement.kind() == MovementKind.USED)
                .mapToInt(Movement::jars)
                .sum();
    }
}

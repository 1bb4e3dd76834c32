package org.mobrel.server.kitchen;

import java.util.Map;
import java.util.Optional;
import org.mobrel.jars.JarKind;
import org.mobrel.jars.Mouth;
import org.mobrel.quantity.Volume;

/**
 * What stands in the cupboard.
 *
 * @param emptyJars those that were counted
 * @param water what was measured with water, to one inch below the rim
 * @param freshLids those that were counted; a lid is used once
 */
public record Cupboard(Map<JarKind, Integer> emptyJars, Map<JarKind, Volume> water, Map<Mouth, Integer> freshLids) {

    public Cupboard {
        emptyJars = Map.copyOf(emptyJars);
        water = Map.copyOf(water);
        freshLids = Map.copyOf(freshLids);
    }

    /** Empty jars of a kind; nothing where nobody counted. */
    public Optional<Integer> empty(JarKind kind) {
        return Optional.ofNullable(emptyJars.get(kind));
    }

    /** Unused lids for a mouth; nothing where nobody counted. */
    public Optional<Integer> lids(Mouth mouth) {
        return Optional.ofNullable(freshLids.get(mouth));
    }
}

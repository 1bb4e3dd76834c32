package org.mobrel.planning;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.mobrel.foods.Pack;
import org.mobrel.jars.JarCount;
import org.mobrel.loading.CannerLoad;
import org.mobrel.quantity.Minutes;
import org.mobrel.ruling.Ruling;
import org.mobrel.ruling.Timing;
import org.mobrel.ruling.Verdict;

/**
 * One load of a plan: which canner, which jars of which dishes, and the process all of them get.
 *
 * @param number from 1, in the order the loads start
 * @param shares dish by dish; never empty
 */
public record PlannedLoad(int number, PlannedCanner canner, CannerLoad load, List<Share> shares) {

    public PlannedLoad {
        shares = List.copyOf(shares);
    }

    /** What one dish has in a load, and the ruling on just that; its timing is always there. */
    public record Share(PlannedDish dish, List<JarCount> jars, Ruling ruling) {
        public Timing timing() {
            return ruling.timing().orElseThrow();
        }
    }

    PlannedLoad numbered(int other) {
        return new PlannedLoad(other, canner, load, shares);
    }

    /** The dish whose jars need longest: the whole load gets its minutes. */
    public Share longest() {
        return shares.stream()
                .max(Comparator.comparing((Share share) -> share.timing().minutes()))
                .orElseThrow();
    }

    /** The process of the load: minutes, pressure and headspace of the dish that asks for most of each. */
    public Timing timing() {
        Share longest = longest();
        Timing timing = longest.timing();
        return timing.with(shares.stream()
                .map(share -> share.timing().headspace())
                .max(Comparator.naturalOrder())
                .orElseThrow());
    }

    public Minutes minutes() {
        return timing().minutes();
    }

    /** Cold if any of it is: a cold jar takes longest to heat. */
    public Pack pack() {
        return shares.stream().anyMatch(share -> share.dish().pack() == Pack.RAW) ? Pack.RAW : Pack.HOT;
    }

    public Verdict verdict() {
        return shares.stream()
                .map(share -> share.ruling().verdict())
                .max(Comparator.naturalOrder())
                .orElseThrow();
    }

    /** The share of a dish in it. */
    public Optional<Share> of(String dish) {
        return shares.stream().filter(share -> share.dish().key().equals(dish)).findFirst();
    }
}

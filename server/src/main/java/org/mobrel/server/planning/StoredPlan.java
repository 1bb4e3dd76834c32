package org.mobrel.server.planning;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.mobrel.scaling.YieldCorrection;

/**
 * A plan as it is kept.
 *
 * @param revision of the body, from 1
 * @param atStove dishes that were taken to the stove
 */
public record StoredPlan(long id, PlanBody body, int revision, Instant changedAt, boolean away, List<AtStove> atStove) {

    public StoredPlan {
        atStove = List.copyOf(atStove);
    }

    /**
     * A dish that was taken to the stove: what it was cooked by holds for it from then on.
     *
     * @param version of the recipe
     */
    public record AtStove(String dish, long batchId, int version, YieldCorrection yield) {}

    Optional<AtStove> atStove(String dish) {
        return atStove.stream().filter(each -> each.dish().equals(dish)).findFirst();
    }

    /** Whether all of it was taken to the stove. */
    boolean isAtStove() {
        return !body.dishes().isEmpty()
                && body.dishes().stream().allMatch(dish -> atStove(dish.key()).isPresent());
    }
}

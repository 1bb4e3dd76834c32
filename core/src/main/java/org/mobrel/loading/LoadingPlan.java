package org.mobrel.loading;

import java.util.List;

/**
 * Loads that hold every jar of the day once.
 *
 * @param loads in the order they start
 * @param proven how many of the four figures, in their order, are known to be the least possible; 4 when the plan is the best there is
 * @param bound the first figure that is not proven is no less than this; the figure itself where all are
 */
public record LoadingPlan(List<CannerLoad> loads, PlanCost figures, int proven, int bound) {

    public LoadingPlan {
        loads = List.copyOf(loads);
    }

    public boolean isOptimal() {
        return proven == 4;
    }
}

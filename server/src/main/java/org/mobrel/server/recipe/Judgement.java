package org.mobrel.server.recipe;

import java.time.Instant;
import java.util.List;

/**
 * What somebody took on for one version of a recipe.
 *
 * @param departs the reasons as they were shown, one for each finding
 */
public record Judgement(int version, List<String> departs, String by, String reason, Instant at) {

    public Judgement {
        departs = List.copyOf(departs);
    }

    /** Whether everything that departs from the tables now was taken on then. */
    public boolean covers(List<String> departsNow) {
        return departs.containsAll(departsNow);
    }
}

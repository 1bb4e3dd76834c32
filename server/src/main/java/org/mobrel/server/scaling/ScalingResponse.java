package org.mobrel.server.scaling;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.mobrel.server.ruling.JarRequest;

/**
 * The answer of {@code POST /api/scaling}: volumes in mL and masses in g, unrounded.
 *
 * @param topUpMl broth the jars still lack; below zero what is left over
 * @param keepBackBrothMl the broth in what is kept back
 * @param limitedBy the line that runs out first; null for target jars
 * @param unmeasured solid lines that cannot be weighed, and lines nobody knows; they are not in the sums
 */
public record ScalingResponse(
        double factor,
        List<JarRequest> jars,
        List<LineShare> perLine,
        double fillMl,
        double solidsBulkMl,
        double brothNeededMl,
        double brothInRecipeMl,
        double topUpMl,
        double kettleMl,
        List<JarPart> perJar,
        double keepBackMl,
        double keepBackBrothMl,
        double leftoverMl,
        @Nullable Integer limitedBy,
        double errorShare,
        double headspaceIn,
        List<Integer> unmeasured) {

    /** @param massG and what follows: null for a line that cannot be weighed */
    public record LineShare(
            int line,
            @Nullable Double massG,
            @Nullable Double asBoughtG,
            @Nullable Double jarMassG,
            @Nullable Double bulkMl,
            @Nullable Double trueMl,
            @Nullable Double brothMl,
            @Nullable String kitchen) {}

    /** What one jar holds. */
    public record JarPart(String size, String mouth, double fillMl, double solidsMl, double solidsG, double brothMl) {}
}

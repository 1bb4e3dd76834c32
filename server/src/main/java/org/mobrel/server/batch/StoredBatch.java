package org.mobrel.server.batch;

import java.time.Instant;
import java.util.Optional;
import org.mobrel.canner.Gauge;
import org.mobrel.quantity.Altitude;

/**
 * A batch as it was decided.
 *
 * @param againOf the batch whose unsealed jars it processes again; empty for most
 * @param ruling what was decided, as JSON: a {@link StoredDecision}, or what an earlier program wrote
 * @param acceptance who took an own judgement on; empty where there was none
 */
record StoredBatch(
        long id,
        long recipeId,
        int recipeVersion,
        String title,
        long cannerId,
        String cannerName,
        Gauge gauge,
        Altitude altitude,
        String verdict,
        String tableVersion,
        Optional<BatchMessages.Acceptance> acceptance,
        String ruling,
        Instant madeAt,
        Optional<Long> againOf) {}

package org.mobrel.server.recipe;

import java.time.Instant;
import java.util.Map;

/** Tells the book when each recipe was last made; whoever keeps batches answers. */
public interface LastMade {

    /** By recipe; one that was never made is missing. */
    Map<Long, Instant> byRecipe();
}

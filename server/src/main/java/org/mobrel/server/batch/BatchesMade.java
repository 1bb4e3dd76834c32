package org.mobrel.server.batch;

import java.time.Instant;
import java.util.Map;
import org.mobrel.server.recipe.LastMade;
import org.springframework.stereotype.Component;

/** Tells the recipe book when each recipe was last made. */
@Component
class BatchesMade implements LastMade {

    private final BatchRepository repository;

    BatchesMade(BatchRepository repository) {
        this.repository = repository;
    }

    @Override
    public Map<Long, Instant> byRecipe() {
        return repository.lastMade();
    }
}

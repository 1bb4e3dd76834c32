package org.mobrel.server.planning;

import java.time.Instant;
import java.util.List;
import org.mobrel.quantity.Volume;
import org.mobrel.server.recipe.RecipeService;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What batches really made, for the logbook. */
@Service
public class MadeYields {

    private final YieldRepository repository;
    private final RecipeService recipes;

    MadeYields(YieldRepository repository, RecipeService recipes) {
        this.repository = repository;
        this.recipes = recipes;
    }

    /**
     * @param foreseen by kitchen averages alone
     * @param said the jars, in words
     */
    public record Made(Volume foreseen, Volume made, String said) {}

    /** @param share of what was foreseen, such as 1.1 */
    public record Past(String title, Instant at, double share) {}

    /** The last that were said, of any recipe, the newest first. */
    @Transactional(readOnly = true)
    public List<Past> last(int most) {
        return repository.last(most).stream()
                .map(made -> new Past(
                        recipes.latest(made.recipeId()).title(),
                        made.madeAt(),
                        (double) made.made().microlitres() / made.predicted().microlitres()))
                .toList();
    }

    @Transactional(readOnly = true)
    public List<Made> ofBatch(long batchId) {
        return repository.ofBatch(batchId).stream()
                .map(made -> new Made(made.predicted(), made.made(), made.said()))
                .toList();
    }
}

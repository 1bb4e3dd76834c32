package org.mobrel.server.recipe;

import java.util.List;
import org.mobrel.server.platform.RecordCheck;
import org.springframework.stereotype.Component;

/** Reads every version of every recipe. */
@Component
class RecipeCheck implements RecordCheck {

    private final RecipeRepository repository;

    RecipeCheck(RecipeRepository repository) {
        this.repository = repository;
    }

    @Override
    public List<Fault> unreadable() {
        return RecordCheck.unreadable("recipes", repository.ids(), repository::versions);
    }
}

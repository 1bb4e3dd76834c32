package org.mobrel.server.recipe;

import java.time.Instant;
import java.time.InstantSource;
import java.util.List;
import java.util.Map;
import org.mobrel.server.platform.Conflict;
import org.mobrel.server.platform.Missing;
import org.mobrel.server.platform.SqlTime;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps the recipe book. A save never changes what was saved before. */
@Service
public class RecipeDesk {

    private final RecipeStore store;
    private final InstantSource clock;

    RecipeDesk(RecipeStore store, InstantSource clock) {
        this.store = store;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    public List<Recipe> book() {
        return store.latest();
    }

    /** @throws Missing if there is no such recipe */
    @Transactional(readOnly = true)
    public Recipe latest(long id) {
        return store.latest(id).orElseThrow(() -> new Missing("recipe", id));
    }

    /** @throws Missing if there is no such version */
    @Transactional(readOnly = true)
    public Recipe version(long id, int version) {
        return store.version(id, version).orElseThrow(() -> new Missing("recipe", id + ", version " + version));
    }

    @Transactional
    public Recipe create(RecipeDraft draft) {
        return createAt(draft, clock.instant());
    }

    /** As {@link #create}, saved at an instant of its own; for kitchens that are loaded, not cooked in. */
    @Transactional
    public Recipe createAt(RecipeDraft draft, Instant savedAt) {
        return save(store.create(), 1, draft, savedAt);
    }

    /**
     * Saves the next version.
     *
     * @param basedOn the version the cook had open
     * @throws Missing if there is no such recipe
     * @throws Conflict if somebody saved another version meanwhile
     */
    @Transactional
    public Recipe change(long id, int basedOn, RecipeDraft draft) {
        Recipe now = latest(id);
        if (now.version() != basedOn) {
            throw new Conflict(
                    "someone-was-first",
                    "Version %d of this recipe was saved meanwhile, by another page or device. Yours is not lost: save it as a new recipe, or open the other first."
                            .formatted(now.version()),
                    Map.of("latestVersion", now.version()));
        }
        return sameAs(now, draft) ? now : save(id, basedOn + 1, draft, clock.instant());
    }

    private static boolean sameAs(Recipe now, RecipeDraft draft) {
        return new RecipeDraft(now.title(), now.lines(), now.pack(), now.solidsShare()).equals(draft);
    }

    private Recipe save(long id, int version, RecipeDraft draft, Instant at) {
        Instant savedAt = SqlTime.millis(at);
        store.add(id, version, draft, savedAt);
        return new Recipe(id, version, draft.title(), draft.lines(), draft.pack(), draft.solidsShare(), savedAt);
    }

    /**
     * Takes a recipe out of the book, or puts it back; its versions stay.
     *
     * @throws Missing if there is no such recipe
     */
    @Transactional
    public void archive(long id, boolean archived) {
        latest(id);
        store.archive(id, archived);
    }
}

package org.mobrel.server.recipe;

import java.time.Instant;
import java.time.InstantSource;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.mobrel.server.platform.Conflict;
import org.mobrel.server.platform.NotFound;
import org.mobrel.server.platform.SqlTime;
import org.mobrel.server.reading.ReadingService;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps the recipe book. A save never changes what was saved before. */
@Service
public class RecipeService {

    private final RecipeRepository repository;
    private final RemarkRepository remarks;
    private final ReadingService readings;
    private final InstantSource clock;

    RecipeService(RecipeRepository repository, RemarkRepository remarks, ReadingService readings, InstantSource clock) {
        this.repository = repository;
        this.remarks = remarks;
        this.readings = readings;
        this.clock = clock;
    }

    /** @param words what a recipe must hold; empty for all */
    @Transactional(readOnly = true)
    public List<Recipe> book(boolean archived, String words) {
        return repository.latest(archived, words);
    }

    /** @throws NotFound if there is no such recipe */
    @Transactional(readOnly = true)
    public List<Recipe> versions(long id) {
        latest(id);
        return repository.versions(id);
    }

    /** A recipe of its own that begins as this one is now. */
    @Transactional
    public Recipe duplicate(long id) {
        RecipeDraft now = latest(id).body();
        String title = now.title().length() > 110 ? now.title().substring(0, 110) : now.title();
        return create(now.named(title + ", copy"));
    }

    /** @throws NotFound if there is no such recipe */
    @Transactional(readOnly = true)
    public Recipe latest(long id) {
        return repository.latest(id).orElseThrow(() -> new NotFound("recipe", id));
    }

    /** @throws NotFound if there is no such version */
    @Transactional(readOnly = true)
    public Recipe version(long id, int version) {
        return repository.version(id, version).orElseThrow(() -> new NotFound("recipe", id + ", version " + version));
    }

    @Transactional
    public Recipe create(RecipeDraft draft) {
        return createAt(draft, clock.instant());
    }

    /** As {@link #create}, saved at an instant of its own; for kitchens that are loaded, not cooked in. */
    @Transactional
    public Recipe createAt(RecipeDraft draft, Instant savedAt) {
        return save(repository.create(), 1, draft, savedAt);
    }

    /**
     * Saves the next version.
     *
     * @param basedOn the version the cook had open
     * @throws NotFound if there is no such recipe
     * @throws Conflict if somebody saved another version meanwhile
     */
    @Transactional
    public Recipe change(long id, int basedOn, RecipeDraft draft) {
        Recipe now = latest(id);
        if (now.version() != basedOn) {
            throw new Conflict(
                    "someone-was-first",
                    "Version %s of this recipe was saved meanwhile, by another page or device. Yours is not lost: save it as a new recipe, or open the other first."
                            .formatted(now.version()),
                    Map.of("latestVersion", now.version()));
        }
        return now.body().equals(draft) ? now : save(id, basedOn + 1, draft, clock.instant());
    }

    private Recipe save(long id, int version, RecipeDraft draft, Instant at) {
        Instant savedAt = SqlTime.millis(at);
        repository.add(id, version, draft, savedAt);
        // What a step says is this recipe's own; what words of a line mean, the kitchen remembers.
        draft.answers().stream()
                .filter(answer -> !draft.isAboutStep(answer))
                .forEach(answer -> readings.remember(answer.line(), answer.toCore()));
        return new Recipe(id, version, draft, savedAt);
    }

    /**
     * Takes a recipe out of the book, or puts it back; its versions stay.
     *
     * @throws NotFound if there is no such recipe
     */
    @Transactional
    public void archive(long id, boolean archived) {
        latest(id);
        repository.archive(id, archived);
    }

    /** Remarks for next time that are not done yet, the oldest first. */
    @Transactional(readOnly = true)
    public List<Note> notes(long id) {
        return remarks.notes(id);
    }

    /** @throws NotFound if there is no such recipe */
    @Transactional
    public void note(long id, String text) {
        latest(id);
        remarks.add(id, text, clock.instant());
    }

    /** @throws NotFound if there is no such open note */
    @Transactional
    public void noteDone(long id, long note) {
        if (remarks.done(id, note, clock.instant()) == 0) {
            throw new NotFound("open note", note);
        }
    }

    /** What somebody took on for this version. */
    @Transactional(readOnly = true)
    public Optional<Judgement> judgement(long id, int version) {
        return remarks.judgement(id, version);
    }

    /**
     * Keeps who takes the departures of a version on, and why.
     *
     * @throws NotFound if there is no such version
     */
    @Transactional
    public void judge(long id, int version, List<String> departs, String by, String reason) {
        version(id, version);
        remarks.judge(id, new Judgement(version, departs, by, reason, SqlTime.millis(clock.instant())));
    }

    @Transactional
    public void takeBack(long id, int version) {
        remarks.takeBack(id, version);
    }
}

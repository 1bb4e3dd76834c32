package org.mobrel.server.shelf;

import java.time.Instant;
import java.time.InstantSource;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.mobrel.freezer.FreezerBoxes;
import org.mobrel.server.platform.Conflict;
import org.mobrel.server.platform.InvalidField;
import org.mobrel.server.platform.NotFound;
import org.mobrel.server.recipe.RecipeService;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The freezer beside the shelf: what fills no jar, and what may not go into one. */
@Service
public class FreezerService {

    private final FreezerRepository repository;
    private final RecipeService recipes;
    private final InstantSource clock;
    private final ZoneId zone;

    FreezerService(FreezerRepository repository, RecipeService recipes, InstantSource clock, ZoneId zone) {
        this.repository = repository;
        this.recipes = recipes;
        this.clock = clock;
        this.zone = zone;
    }

    /** What is said of a box on its label. */
    public record FrozenLabel(long id, String title, int left, LocalDate frozenOn, LocalDate bestBy, String note) {}

    /** The labels of what is there, one for each box that is left. */
    @Transactional(readOnly = true)
    public List<FrozenLabel> labels() {
        return repository.there().stream()
                .map(boxes -> new FrozenLabel(
                        boxes.id(), boxes.title(), boxes.left(), boxes.frozenOn(), boxes.bestBy(), boxes.note()))
                .toList();
    }

    LocalDate today() {
        return LocalDate.ofInstant(clock.instant(), zone);
    }

    @Transactional(readOnly = true)
    List<FreezerRepository.Frozen> there() {
        return repository.there();
    }

    /**
     * Puts boxes in.
     *
     * @param title what is in them; blank for the recipe's
     * @throws NotFound if there is no such recipe
     * @throws InvalidField if nobody says what it is
     */
    @Transactional
    long put(String title, @Nullable Long recipeId, FreezerBoxes boxes, String note) {
        String known = recipeId == null ? "" : recipes.latest(recipeId).title();
        String said = title.isBlank() ? known : title.strip();
        if (said.isEmpty()) {
            throw new InvalidField("title", "what is in the boxes?");
        }
        Instant now = clock.instant();
        LocalDate today = LocalDate.ofInstant(now, zone);
        return repository.put(
                new FreezerRepository.Frozen(
                        0,
                        said,
                        recipeId,
                        boxes.count(),
                        boxes.count(),
                        boxes.each(),
                        today,
                        FreezerBoxes.bestBy(today),
                        note.strip()),
                now);
    }

    /**
     * Takes boxes out.
     *
     * @return the number of the line, by which they can be put back
     * @throws NotFound if there are no such boxes
     * @throws Conflict if fewer are left
     */
    @Transactional
    long take(long id, int boxes) {
        FreezerRepository.Frozen there = repository.forUpdate(id).orElseThrow(() -> new NotFound("freezer box", id));
        if (there.left() < boxes) {
            throw new Conflict(
                    "not-that-many",
                    "%s: %s left in the freezer."
                            .formatted(there.title(), there.left() == 1 ? "1 box is" : there.left() + " boxes are"),
                    Map.of("left", there.left()));
        }
        return repository.take(id, boxes, clock.instant());
    }

    /** @throws NotFound if there is no such line, or it was taken back already */
    @Transactional
    void putBack(long taken) {
        if (!repository.putBack(taken, clock.instant())) {
            throw new NotFound("taken out of the freezer", taken);
        }
    }
}

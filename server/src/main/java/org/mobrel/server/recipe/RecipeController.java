package org.mobrel.server.recipe;

import jakarta.validation.Valid;
import java.util.List;
import org.mobrel.quantity.Fraction;
import org.mobrel.server.platform.BadField;
import org.mobrel.server.ruling.RulingAnswer;
import org.mobrel.server.ruling.RulingDesk;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/recipes")
class RecipeController {

    private final RecipeDesk desk;
    private final RecipeRulings rulings;

    RecipeController(RecipeDesk desk, RecipeRulings rulings) {
        this.desk = desk;
        this.rulings = rulings;
    }

    @GetMapping
    List<RecipeWire.RecipeEntry> book() {
        return desk.book().stream().map(this::entry).toList();
    }

    private RecipeWire.RecipeEntry entry(Recipe recipe) {
        RulingAnswer ruling = rulings.usual(recipe);
        return new RecipeWire.RecipeEntry(
                recipe.id(),
                recipe.version(),
                recipe.title(),
                ruling.verdict(),
                ruling.headline(),
                ruling.minutesBySize(),
                ruling.setBy(),
                recipe.savedAt());
    }

    @GetMapping("/{id}")
    RecipeWire.RecipeAnswer recipe(@PathVariable long id) {
        return answer(desk.latest(id));
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    RecipeWire.RecipeAnswer create(@Valid @RequestBody RecipeWire.RecipeChange recipe) {
        return answer(desk.create(draft(recipe)));
    }

    @PutMapping("/{id}")
    RecipeWire.RecipeAnswer change(@PathVariable long id, @Valid @RequestBody RecipeWire.RecipeChange recipe) {
        if (recipe.basedOn() == null) {
            throw new BadField("basedOn", "the version this change is based on");
        }
        return answer(desk.change(id, recipe.basedOn(), draft(recipe)));
    }

    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void archive(@PathVariable long id) {
        desk.archive(id, true);
    }

    @PostMapping("/{id}/restored")
    RecipeWire.RecipeAnswer restore(@PathVariable long id) {
        desk.archive(id, false);
        return answer(desk.latest(id));
    }

    private static RecipeDraft draft(RecipeWire.RecipeChange recipe) {
        List<String> lines = recipe.lines().stream()
                .map(String::strip)
                .filter(line -> !line.isEmpty())
                .toList();
        if (lines.isEmpty()) {
            throw new BadField("lines", "at least one ingredient line");
        }
        double share = recipe.solidsShare() == null ? 0.5 : recipe.solidsShare();
        return new RecipeDraft(recipe.title().strip(), lines, RulingDesk.pack(recipe.pack()), Fraction.of(share));
    }

    private static RecipeWire.RecipeAnswer answer(Recipe recipe) {
        return new RecipeWire.RecipeAnswer(
                recipe.id(),
                recipe.version(),
                recipe.title(),
                recipe.lines(),
                recipe.pack().code(),
                recipe.solidsShare().value(),
                recipe.savedAt());
    }
}

package org.mobrel.server.recipe;

import jakarta.validation.Valid;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.mobrel.jars.JarSize;
import org.mobrel.ruling.Ruling;
import org.mobrel.server.platform.BadField;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/recipes")
class RecipeController {

    private final RecipeDesk desk;
    private final RecipeRulings rulings;
    private final LastMade lastMade;

    RecipeController(RecipeDesk desk, RecipeRulings rulings, LastMade lastMade) {
        this.desk = desk;
        this.rulings = rulings;
        this.lastMade = lastMade;
    }

    /** @param words what title, ingredients, tags or method must hold */
    @GetMapping
    List<RecipeWire.RecipeEntry> book(
            @RequestParam(defaultValue = "false") boolean archived, @RequestParam(defaultValue = "") String words) {
        Map<Long, Instant> made = lastMade.byRecipe();
        return desk.book(archived, words.strip()).stream()
                .map(recipe -> entry(recipe, made.get(recipe.id())))
                .toList();
    }

    private RecipeWire.RecipeEntry entry(Recipe recipe, @Nullable Instant made) {
        Ruling ruling = rulings.usual(recipe.body());
        return new RecipeWire.RecipeEntry(
                recipe.id(),
                recipe.version(),
                recipe.title(),
                recipe.body().tags(),
                ruling.verdict().code(),
                ruling.headline(),
                ruling.timing().map(DraftWire::sizes).orElse(null),
                ruling.timing().map(timing -> timing.setBy().code()).orElse(null),
                recipe.body().variants().size(),
                recipe.savedAt(),
                made);
    }

    @GetMapping("/{id}")
    RecipeWire.RecipeAnswer recipe(@PathVariable long id) {
        return answer(desk.latest(id));
    }

    /** Everything there is to say of a recipe that is being written. */
    @PostMapping("/draft")
    DraftWire.DraftAnswer look(@Valid @RequestBody DraftWire.DraftRequest draft) {
        if (draft.lines().stream().allMatch(String::isBlank)) {
            throw new BadField("lines", "at least one ingredient line");
        }
        String size = draft.size() == null ? "quart" : draft.size();
        return rulings.look(
                RecipeWire.toDraft(draft),
                JarSize.ofCode(size).orElseThrow(() -> new BadField("size", "\"" + size + "\" is not a jar size")));
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    RecipeWire.RecipeAnswer create(@Valid @RequestBody RecipeWire.RecipeChange recipe) {
        return answer(desk.create(recipe.toDraft()));
    }

    @PutMapping("/{id}")
    RecipeWire.RecipeAnswer change(@PathVariable long id, @Valid @RequestBody RecipeWire.RecipeChange recipe) {
        if (recipe.basedOn() == null) {
            throw new BadField("basedOn", "the version this change is based on");
        }
        return answer(desk.change(id, recipe.basedOn(), recipe.toDraft()));
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

    @PostMapping("/{id}/copies")
    @ResponseStatus(HttpStatus.CREATED)
    RecipeWire.RecipeAnswer duplicate(@PathVariable long id) {
        return answer(desk.duplicate(id));
    }

    @GetMapping("/{id}/versions")
    List<RecipeWire.VersionAnswer> versions(@PathVariable long id) {
        return desk.versions(id).stream().map(RecipeWire.VersionAnswer::of).toList();
    }

    @PostMapping("/{id}/notes")
    @ResponseStatus(HttpStatus.CREATED)
    RecipeWire.RecipeAnswer note(@PathVariable long id, @Valid @RequestBody RecipeWire.NoteChange note) {
        desk.note(id, note.text().strip());
        return recipe(id);
    }

    @DeleteMapping("/{id}/notes/{note}")
    RecipeWire.RecipeAnswer noteDone(@PathVariable long id, @PathVariable long note) {
        desk.noteDone(id, note);
        return recipe(id);
    }

    /** Takes on, by name, what departs from the tables in one version. */
    @PutMapping("/{id}/judgement")
    RecipeWire.RecipeAnswer judge(@PathVariable long id, @Valid @RequestBody RecipeWire.JudgementChange judgement) {
        List<String> departs =
                rulings.departs(desk.version(id, judgement.version()).body());
        if (departs.isEmpty()) {
            throw new BadField("version", "nothing in this version is left to your own judgement");
        }
        desk.judge(
                id,
                judgement.version(),
                departs,
                judgement.by().strip(),
                judgement.reason().strip());
        return recipe(id);
    }

    @DeleteMapping("/{id}/judgement/{version}")
    RecipeWire.RecipeAnswer takeBack(@PathVariable long id, @PathVariable int version) {
        desk.takeBack(id, version);
        return recipe(id);
    }

    private RecipeWire.RecipeAnswer answer(Recipe recipe) {
        RecipeDraft body = recipe.body();
        return new RecipeWire.RecipeAnswer(
                recipe.id(),
                recipe.version(),
                body.title(),
                body.lines(),
                body.pack().code(),
                body.solidsShare().value(),
                body.method(),
                body.tags(),
                body.variants().stream().map(RecipeWire.VariantWire::of).toList(),
                body.settled(),
                body.answers(),
                body.imported().orElse(null),
                recipe.savedAt(),
                desk.notes(recipe.id()).stream().map(RecipeWire.NoteAnswer::of).toList(),
                desk.judgement(recipe.id(), recipe.version())
                        .map(judgement -> new RecipeWire.JudgementAnswer(
                                judgement.by(),
                                judgement.reason(),
                                judgement.at(),
                                judgement.departs(),
                                judgement.covers(rulings.departs(body))))
                        .orElse(null));
    }
}

package org.mobrel.server.recipe;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import org.mobrel.jars.JarSize;
import org.mobrel.ruling.Ruling;
import org.mobrel.server.platform.InvalidField;
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

    private final RecipeService service;
    private final RecipeRulings rulings;
    private final LastMade lastMade;

    RecipeController(RecipeService service, RecipeRulings rulings, LastMade lastMade) {
        this.service = service;
        this.rulings = rulings;
        this.lastMade = lastMade;
    }

    /** @param words what title, ingredients, tags or method must hold */
    @GetMapping
    List<RecipeMessages.RecipeEntry> book(
            @RequestParam(defaultValue = "false") boolean archived,
            @RequestParam(defaultValue = "") @Size(max = 200, message = "200 characters at most") String words) {
        Map<Long, Instant> made = lastMade.byRecipe();
        Function<RecipeDraft, Ruling> usual = rulings.usual();
        return service.book(archived, words.strip()).stream()
                .map(recipe -> entry(recipe, usual.apply(recipe.body()), made.get(recipe.id())))
                .toList();
    }

    private static RecipeMessages.RecipeEntry entry(Recipe recipe, Ruling ruling, @Nullable Instant made) {
        return new RecipeMessages.RecipeEntry(
                recipe.id(),
                recipe.version(),
                recipe.title(),
                recipe.body().tags(),
                ruling.verdict().code(),
                ruling.headline(),
                ruling.timing().map(DraftMessages::sizes).orElse(null),
                ruling.timing().map(timing -> timing.setBy().code()).orElse(null),
                recipe.body().variants().size(),
                recipe.savedAt(),
                made);
    }

    @GetMapping("/{id}")
    RecipeMessages.RecipeResponse recipe(@PathVariable long id) {
        return answer(service.latest(id));
    }

    /** Everything there is to say of a recipe that is being written. */
    @PostMapping("/draft")
    DraftMessages.DraftResponse look(@Valid @RequestBody DraftMessages.DraftRequest draft) {
        if (draft.lines().stream().allMatch(String::isBlank)) {
            throw new InvalidField("lines", "at least one ingredient line");
        }
        String size = draft.size() == null ? "quart" : draft.size();
        return rulings.look(
                RecipeMessages.toDraft(draft),
                JarSize.ofCode(size).orElseThrow(() -> new InvalidField("size", "\"" + size + "\" is not a jar size")));
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    RecipeMessages.RecipeResponse create(@Valid @RequestBody RecipeMessages.RecipeChange recipe) {
        return answer(service.create(recipe.toDraft()));
    }

    @PutMapping("/{id}")
    RecipeMessages.RecipeResponse change(
            @PathVariable long id, @Valid @RequestBody RecipeMessages.RecipeChange recipe) {
        if (recipe.basedOn() == null) {
            throw new InvalidField("basedOn", "the version this change is based on");
        }
        return answer(service.change(id, recipe.basedOn(), recipe.toDraft()));
    }

    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void archive(@PathVariable long id) {
        service.archive(id, true);
    }

    @PostMapping("/{id}/restored")
    RecipeMessages.RecipeResponse restore(@PathVariable long id) {
        service.archive(id, false);
        return answer(service.latest(id));
    }

    @PostMapping("/{id}/copies")
    @ResponseStatus(HttpStatus.CREATED)
    RecipeMessages.RecipeResponse duplicate(@PathVariable long id) {
        return answer(service.duplicate(id));
    }

    @GetMapping("/{id}/versions")
    List<RecipeMessages.VersionResponse> versions(@PathVariable long id) {
        return service.versions(id).stream()
                .map(RecipeMessages.VersionResponse::of)
                .toList();
    }

    @PostMapping("/{id}/notes")
    @ResponseStatus(HttpStatus.CREATED)
    RecipeMessages.RecipeResponse note(@PathVariable long id, @Valid @RequestBody RecipeMessages.NoteChange note) {
        service.note(id, note.text().strip());
        return recipe(id);
    }

    @DeleteMapping("/{id}/notes/{note}")
    RecipeMessages.RecipeResponse noteDone(@PathVariable long id, @PathVariable long note) {
        service.noteDone(id, note);
        return recipe(id);
    }

    /** Takes on, by name, what departs from the tables in one version. */
    @PutMapping("/{id}/judgement")
    RecipeMessages.RecipeResponse judge(
            @PathVariable long id, @Valid @RequestBody RecipeMessages.JudgementChange judgement) {
        List<String> departs =
                rulings.departs(service.version(id, judgement.version()).body());
        if (departs.isEmpty()) {
            throw new InvalidField("version", "nothing in this version is left to your own judgement");
        }
        service.judge(
                id,
                judgement.version(),
                departs,
                judgement.by().strip(),
                judgement.reason().strip());
        return recipe(id);
    }

    @DeleteMapping("/{id}/judgement/{version}")
    RecipeMessages.RecipeResponse takeBack(@PathVariable long id, @PathVariable int version) {
        service.takeBack(id, version);
        return recipe(id);
    }

    private RecipeMessages.RecipeResponse answer(Recipe recipe) {
        RecipeDraft body = recipe.body();
        return new RecipeMessages.RecipeResponse(
                recipe.id(),
                recipe.version(),
                body.title(),
                body.lines(),
                body.pack().code(),
                body.solidsShare().value(),
                body.method(),
                body.tags(),
                body.variants().stream().map(RecipeMessages.VariantInDraft::of).toList(),
                body.settled(),
                body.answers(),
                body.imported().orElse(null),
                recipe.savedAt(),
                service.notes(recipe.id()).stream()
                        .map(RecipeMessages.NoteResponse::of)
                        .toList(),
                service.judgement(recipe.id(), recipe.version())
                        .map(judgement -> new RecipeMessages.JudgementResponse(
                                judgement.by(),
                                judgement.reason(),
                                judgement.at(),
                                judgement.departs(),
                                judgement.covers(rulings.departs(body))))
                        .orElse(null));
    }
}

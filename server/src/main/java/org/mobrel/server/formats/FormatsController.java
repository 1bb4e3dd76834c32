package org.mobrel.server.formats;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.mobrel.jars.JarTable;
import org.mobrel.server.reading.ReadingService;
import org.mobrel.server.recipe.Recipe;
import org.mobrel.server.recipe.RecipeDraft;
import org.mobrel.server.recipe.RecipeService;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Recipes in and out. Reading saves nothing: the cook looks first. */
@RestController
@RequestMapping("/api/formats")
class FormatsController {

    /** @param name that the recipe has already: then a first line with a food is an ingredient; null where it has none */
    record PastedRequest(
            @NotBlank(message = "there is nothing in it")
                    @Size(max = 4_000_000, message = "4 million characters at most")
                    String text,
            @Size(max = 200, message = "200 characters at most") @Nullable String name) {

        String known() {
            return name == null ? "" : name;
        }
    }

    record PastedVariant(String name, List<String> lines) {}

    /** @param kind title, yield, process, ingredient, group, step, remark or other */
    record PastedPart(String kind, String text) {}

    record PastedDraft(
            String title,
            List<String> lines,
            String pack,
            double solidsShare,
            List<String> method,
            List<String> tags,
            List<PastedVariant> variants,
            @Nullable String imported,
            List<PastedPart> parts,
            String setFrom) {

        static PastedDraft of(RecipeImport.Looked looked) {
            RecipeDraft draft = looked.draft();
            return new PastedDraft(
                    draft.title(),
                    draft.lines(),
                    draft.pack().code(),
                    draft.solidsShare().value(),
                    draft.method(),
                    draft.tags(),
                    draft.variants().stream()
                            .map(variant -> new PastedVariant(variant.name(), variant.lines()))
                            .toList(),
                    draft.imported().orElse(null),
                    looked.parts().stream()
                            .map(part -> new PastedPart(part.kind().code(), part.text()))
                            .toList(),
                    looked.setting().from().code());
        }
    }

    /** @param parts of pasted text what each line was taken for, also where nothing of it is an ingredient */
    record PastedResponse(List<PastedDraft> recipes, List<String> problems, List<PastedPart> parts) {}

    private final ReadingService readings;
    private final RecipeService recipes;
    private final JarTable jars;
    private final JsonMapper json;
    private final RecipeJsonLd jsonLd;

    FormatsController(ReadingService readings, RecipeService recipes, JsonMapper json, JarTable jars) {
        this.readings = readings;
        this.jars = jars;
        this.recipes = recipes;
        this.json = json;
        this.jsonLd = new RecipeJsonLd(json);
    }

    @PostMapping("/recipes")
    PastedResponse read(@Valid @RequestBody PastedRequest request) {
        RecipeImport pasted = RecipeImport.of(request.text(), request.known(), json, readings.reader(), jars);
        return new PastedResponse(
                pasted.recipes().stream().map(PastedDraft::of).toList(),
                pasted.problems(),
                pasted.parts().stream()
                        .map(part -> new PastedPart(part.kind().code(), part.text()))
                        .toList());
    }

    @GetMapping("/recipes/{id}.jsonld")
    ResponseEntity<String> one(@PathVariable long id) {
        Recipe recipe = recipes.latest(id);
        return file(jsonLd.toDocument(recipe.body()), fileName(recipe.title()));
    }

    @GetMapping("/recipes.jsonld")
    ResponseEntity<String> all() {
        return file(
                jsonLd.toDocument(
                        recipes.book(false, "").stream().map(Recipe::body).toList()),
                "recipes");
    }

    private ResponseEntity<String> file(ObjectNode document, String name) {
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_TYPE, "application/ld+json;charset=utf-8")
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"" + name + ".jsonld\"")
                .body(json.writerWithDefaultPrettyPrinter().writeValueAsString(document));
    }

    private static String fileName(String title) {
        String plain = title.toLowerCase(java.util.Locale.ROOT)
                .replaceAll("[^a-z0-9]+", "-")
                .replaceAll("^-|-$", "");
        return plain.isEmpty() ? "recipe" : plain;
    }
}

package org.mobrel.server.recipe;

import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.mobrel.quantity.Fraction;
import org.mobrel.server.platform.InvalidField;
import org.mobrel.server.ruling.QuestionAnswer;
import org.mobrel.server.ruling.RulingResponse;
import org.mobrel.server.ruling.RulingService;

/** Recipes over the wire. */
final class RecipeMessages {

    private RecipeMessages() {}

    record VariantInDraft(
            @NotBlank(message = "give the variant a name") @Size(max = 60, message = "60 characters at most")
                    String name,
            @NotNull(message = "its add-ins; may be empty") @Size(max = 40, message = "40 lines at most")
                    List<@NotNull @Size(max = 500, message = "500 characters at most") String> lines) {

        static VariantInDraft of(RecipeDraft.AddIn variant) {
            return new VariantInDraft(variant.name(), variant.lines());
        }
    }

    record NoteResponse(long id, String text, Instant writtenAt) {

        static NoteResponse of(Note note) {
            return new NoteResponse(note.id(), note.text(), note.writtenAt());
        }
    }

    /** @param covers whether all that departs from the tables now was taken on then */
    record JudgementResponse(String by, String reason, Instant at, List<String> departs, boolean covers) {}

    /** @param judgement null where nobody took this version on */
    record RecipeResponse(
            long id,
            int version,
            String title,
            List<String> lines,
            String pack,
            double solidsShare,
            List<String> method,
            List<String> tags,
            List<VariantInDraft> variants,
            List<String> settled,
            List<QuestionAnswer> answers,
            @Nullable String imported,
            Instant savedAt,
            List<NoteResponse> notes,
            @Nullable JudgementResponse judgement) {}

    /** A version as it was. */
    record VersionResponse(
            int version,
            Instant savedAt,
            String title,
            List<String> lines,
            String pack,
            double solidsShare,
            List<String> method,
            List<String> tags,
            List<VariantInDraft> variants,
            List<String> settled,
            List<QuestionAnswer> answers,
            @Nullable String imported) {

        static VersionResponse of(Recipe recipe) {
            RecipeDraft body = recipe.body();
            return new VersionResponse(
                    recipe.version(),
                    recipe.savedAt(),
                    body.title(),
                    body.lines(),
                    body.pack().code(),
                    body.solidsShare().value(),
                    body.method(),
                    body.tags(),
                    body.variants().stream().map(VariantInDraft::of).toList(),
                    body.settled(),
                    body.answers(),
                    body.imported().orElse(null));
        }
    }

    /**
     * @param minutesBySize null when it is stopped
     * @param lastMade null when it never was
     */
    record RecipeEntry(
            long id,
            int version,
            String title,
            List<String> tags,
            String verdict,
            String headline,
            RulingResponse.@Nullable SizeMinutes minutesBySize,
            @Nullable String setBy,
            int variants,
            Instant savedAt,
            @Nullable Instant lastMade) {}

    /** @param basedOn the version the cook had open; null for a new recipe */
    record RecipeChange(
            @NotBlank(message = "give it a name") @Size(max = 120, message = "120 characters at most") String title,
            @NotEmpty(message = "at least one ingredient line") @Size(max = 200, message = "200 lines at most")
                    List<@NotNull @Size(max = 500, message = "500 characters at most") String> lines,
            @Nullable String pack,
            @DecimalMin(value = "0.1", message = "between 0.1 and 1")
                    @DecimalMax(value = "1", message = "between 0.1 and 1")
                    @Nullable
                    Double solidsShare,
            @Size(max = 100, message = "100 steps at most") @Nullable
                    List<@NotNull @Size(max = 2000, message = "2000 characters at most") String> method,
            @Size(max = 12, message = "12 tags at most") @Nullable
                    List<@NotNull @Size(max = 30, message = "30 characters at most") String> tags,
            @Size(max = 8, message = "8 variants at most") @Valid @Nullable List<@NotNull VariantInDraft> variants,
            @Size(max = 100, message = "100 at most") @Nullable
                    List<@NotNull @Size(max = 1500, message = "1500 characters at most") String> settled,
            @Size(max = 200, message = "200 at most") @Valid @Nullable List<@NotNull QuestionAnswer> answers,
            @Size(max = 200_000, message = "200,000 characters at most") @Nullable String imported,
            @Nullable Integer basedOn) {

        /** @throws InvalidField if no line has any words, or the pack is unknown */
        RecipeDraft toDraft() {
            List<String> kept = tidy(lines);
            if (kept.isEmpty()) {
                throw new InvalidField("lines", "at least one ingredient line");
            }
            return new RecipeDraft(
                    title.strip(),
                    kept,
                    RulingService.pack(pack),
                    Fraction.of(solidsShare == null ? 0.5 : solidsShare),
                    tidy(method),
                    tidy(tags).stream().distinct().toList(),
                    addIns(variants),
                    tidy(settled),
                    QuestionAnswer.checked(answers).stream()
                            .filter(answer -> isAbout(answer, kept, variants) || isAboutStep(answer, tidy(method)))
                            .toList(),
                    Optional.ofNullable(imported));
        }
    }

    /** An answer to a step belongs to the words it quotes. */
    private static boolean isAboutStep(QuestionAnswer answer, List<String> method) {
        String words = Objects.requireNonNullElse(answer.words(), "");
        return !words.isEmpty() && method.stream().anyMatch(step -> step.contains(words));
    }

    /** An answer to a line that is gone is not kept. */
    private static boolean isAbout(QuestionAnswer answer, List<String> lines, @Nullable List<VariantInDraft> variants) {
        return Stream.concat(
                        lines.stream(),
                        Stream.ofNullable(variants).flatMap(List::stream).flatMap(variant -> variant.lines().stream()))
                .anyMatch(line -> line.strip().equals(answer.line().strip()));
    }

    record NoteChange(
            @NotBlank(message = "say it in a few words") @Size(max = 500, message = "500 characters at most")
                    String text) {}

    record JudgementChange(
            @NotNull(message = "the version you looked at") Integer version,
            @NotBlank(message = "who takes it on") @Size(max = 60, message = "60 characters at most") String by,
            @NotBlank(message = "why") @Size(max = 400, message = "400 characters at most") String reason) {}

    /** A draft as the book keeps it; nothing of it has to be saveable yet. */
    static RecipeDraft toDraft(DraftMessages.DraftRequest draft) {
        return new RecipeDraft(
                "draft",
                draft.lines(),
                RulingService.pack(draft.pack()),
                Fraction.of(draft.solidsShare() == null ? 0.5 : draft.solidsShare()),
                // Blank steps stay: a finding names its step by the place it has on the page.
                draft.method() == null ? List.of() : draft.method(),
                List.of(),
                addIns(draft.variants()),
                draft.settled() == null ? List.of() : draft.settled(),
                QuestionAnswer.checked(draft.answers()),
                Optional.empty());
    }

    private static List<RecipeDraft.AddIn> addIns(@Nullable List<VariantInDraft> variants) {
        return variants == null
                ? List.of()
                : variants.stream()
                        .map(variant -> new RecipeDraft.AddIn(variant.name().strip(), tidy(variant.lines())))
                        .toList();
    }

    /** One line a line, without blank ones. */
    private static List<String> tidy(@Nullable List<String> lines) {
        return lines == null
                ? List.of()
                : lines.stream()
                        .flatMap(String::lines)
                        .map(String::strip)
                        .filter(line -> !line.isEmpty())
                        .toList();
    }
}

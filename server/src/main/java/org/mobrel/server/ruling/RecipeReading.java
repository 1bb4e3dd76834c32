package org.mobrel.server.ruling;

import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.math.BigDecimal;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Question and answer of {@code POST /api/recipe-reading}. */
final class RecipeReading {

    private RecipeReading() {}

    /**
     * @param text a whole page
     * @param pack null: as its steps say, or hot
     * @param solidsShare null: as its steps or its amounts for each jar say, or half
     */
    record PageRequest(
            @NotBlank(message = "there is nothing on the page")
                    @Size(max = 60_000, message = "60,000 characters at most")
                    String text,
            @NotEmpty(message = "at least one jar") @Size(max = 20, message = "20 kinds of jar at most") @Valid
                    List<@NotNull JarRequest> jars,
            @Nullable Double altitudeFt,
            @Nullable Double altitudeM,
            @NotNull(message = "dial or weighted") String gauge,
            @Nullable BigDecimal gaugeErrorPsi,
            @Nullable String school,
            @Nullable String pack,
            @DecimalMin(value = "0.1", message = "between 0.1 and 1")
                    @DecimalMax(value = "1", message = "between 0.1 and 1")
                    @Nullable
                    Double solidsShare,
            @Size(max = 200, message = "200 at most") @Valid @Nullable
                    List<RulingRequest.@NotNull AnswerToLine> answers) {}

    /** @param size null where it is counted in servings */
    record YieldResponse(int count, @Nullable String size) {}

    /** @param size null for all jars */
    record StatedResponse(@Nullable Integer minutes, @Nullable BigDecimal psi, @Nullable String size) {}

    /** @param from default, amounts, steps or request */
    record SetResponse(String pack, double solidsShare, String from) {}

    /** @param step the index of the step it is about; null where it stands elsewhere */
    record RemarkResponse(String code, String text, @Nullable Integer step) {}

    /** @param kind title, yield, process, ingredient, group, step, remark or other */
    record PagePart(String kind, String text) {}

    /**
     * @param lines the ingredients in their order
     * @param parts the page in its order, and what each part was taken for
     * @param openingNotes what is done when a jar is opened
     * @param findings those that steps bring; they are in the ruling too
     */
    record PageResponse(
            @Nullable String title,
            @Nullable YieldResponse yield,
            List<String> lines,
            List<String> steps,
            List<PagePart> parts,
            List<String> openingNotes,
            @Nullable StatedResponse statedProcess,
            List<StatedResponse> stated,
            SetResponse set,
            List<RulingResponse.FindingResponse> findings,
            List<RulingResponse.OpenQuestion> questions,
            List<RemarkResponse> remarks,
            @Nullable RulingResponse ruling) {}
}

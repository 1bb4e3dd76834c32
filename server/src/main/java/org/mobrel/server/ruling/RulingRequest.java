package org.mobrel.server.ruling;

import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.math.BigDecimal;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** The question of {@code POST /api/ruling}. */
public record RulingRequest(
        @NotEmpty(message = "at least one ingredient line") @Size(max = 200, message = "200 lines at most")
                List<@NotNull @Size(max = 500, message = "500 characters at most") String> lines,
        @Nullable String pack,
        @DecimalMin(value = "0.1", message = "between 0.1 and 1")
                @DecimalMax(value = "1", message = "between 0.1 and 1")
                @Nullable
                Double solidsShare,
        @NotEmpty(message = "at least one jar") @Size(max = 20, message = "20 kinds of jar at most") @Valid
                List<@NotNull JarRequest> jars,
        @Nullable Double altitudeFt,
        @Nullable Double altitudeM,
        @NotNull(message = "dial or weighted") String gauge,
        @Nullable BigDecimal gaugeErrorPsi,
        @Nullable String school,
        @Size(max = 200, message = "200 at most") @Valid @Nullable List<@NotNull AnswerToLine> answers) {

    /**
     * The answer to a question of a line or a step.
     *
     * @param line the index of the line; null for a step
     * @param step the index of the step; null for a line
     * @param words the words in question; without them it answers every question of the code
     */
    public record AnswerToLine(
            @Nullable Integer line,
            @Nullable Integer step,
            @NotNull(message = "the question it answers") String code,
            @Nullable String words,
            @NotNull(message = "what was chosen") String choice) {}
}

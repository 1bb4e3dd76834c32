package org.mobrel.server.scaling;

import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * The question of {@code POST /api/scaling}.
 *
 * @param use instead of counts: uses up that line; jars are then the preferred sizes
 * @param keepBack leaves the pot before a jar is filled
 * @param units us or metric, for the kitchen's words
 */
public record ScalingRequest(
        @NotEmpty(message = "at least one ingredient line") @Size(max = 200, message = "200 lines at most")
                List<@NotNull @Size(max = 500, message = "500 characters at most") String> lines,
        @Nullable String pack,
        @DecimalMin(value = "0.1", message = "between 0.1 and 1")
                @DecimalMax(value = "1", message = "between 0.1 and 1")
                @Nullable
                Double solidsShare,
        @NotEmpty(message = "at least one kind of jar") @Size(max = 20, message = "20 kinds of jar at most") @Valid
                List<@NotNull JarWanted> jars,
        @Nullable @Valid UseUp use,
        @Nullable MeasureRequest keepBack,
        @Nullable String units) {

    /** @param count left out where jars are only preferred */
    public record JarWanted(
            @NotNull(message = "a jar size") String size, @Nullable String mouth, @Nullable Integer count) {}

    /**
     * A line to use up.
     *
     * @param line its index
     * @param amount how much of it there is; without it the line as it stands
     * @param asBought whether a mass is meant before peeling and trimming
     * @param also more lines to use up with it; the one that runs out first limits the pot
     */
    public record UseUp(
            @NotNull(message = "the index of a line, from 0") Integer line,
            @Nullable MeasureRequest amount,
            @Nullable Boolean asBought,
            @Nullable List<@NotNull @Valid UseUp> also) {}
}

package org.mobrel.server.recipe;

import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.mobrel.server.ruling.RulingAnswer;

/** Recipes over the wire. */
final class RecipeWire {

    private RecipeWire() {}

    record RecipeAnswer(
            long id, int version, String title, List<String> lines, String pack, double solidsShare, Instant savedAt) {}

    /** @param minutesBySize null when it is stopped */
    record RecipeEntry(
            long id,
            int version,
            String title,
            String verdict,
            String headline,
            RulingAnswer.@Nullable SizeMinutes minutesBySize,
            @Nullable String setBy,
            Instant savedAt) {}

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
            @Nullable Integer basedOn) {}
}

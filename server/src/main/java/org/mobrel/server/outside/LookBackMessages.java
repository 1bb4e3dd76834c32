package org.mobrel.server.outside;

import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.math.BigDecimal;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.mobrel.ruling.LookBack;
import org.mobrel.server.platform.InvalidField;
import org.mobrel.server.ruling.JarRequest;
import org.mobrel.server.ruling.RulingRequest;

/** What was done without Mobrel, over the wire. */
final class LookBackMessages {

    private LookBackMessages() {}

    /**
     * What is known of how it was done. What is null was not asked yet; "unknown" is the answer of a cook who cannot say, and counts as
     * not done.
     *
     * @param pack hot, raw or unknown
     * @param fill half, two-thirds, three-quarters, full or unknown
     * @param pieces up-to-1-inch, larger or unknown
     * @param soaked overnight, quick, no or unknown
     * @param boiled yes, no or unknown
     * @param unbroken yes, no or unknown
     */
    record KnownDeeds(
            @Nullable String pack,
            @Nullable String fill,
            @Nullable String pieces,
            @Nullable String soaked,
            @Nullable String boiled,
            @Nullable String unbroken) {

        Optional<LookBack.Fill> filled() {
            return Optional.ofNullable(fill).map(code -> switch (code) {
                case "half" -> LookBack.Fill.HALF;
                case "two-thirds" -> LookBack.Fill.TWO_THIRDS;
                case "three-quarters" -> LookBack.Fill.THREE_QUARTERS;
                case "full" -> LookBack.Fill.FULL;
                case "unknown" -> LookBack.Fill.UNKNOWN;
                default -> throw new InvalidField("fill", "half, two-thirds, three-quarters, full or unknown");
            });
        }
    }

    /** One of some words as yes, no or not known. */
    static Optional<LookBack.Told> told(String field, @Nullable String code, List<String> yes, String no) {
        if (code == null) {
            return Optional.empty();
        }
        if (yes.contains(code)) {
            return Optional.of(LookBack.Told.YES);
        }
        if (code.equals(no)) {
            return Optional.of(LookBack.Told.NO);
        }
        if (code.equals("unknown")) {
            return Optional.of(LookBack.Told.UNKNOWN);
        }
        throw new InvalidField(field, String.join(", ", yes) + ", " + no + " or unknown");
    }

    /**
     * The question of {@code POST /api/look-back}.
     *
     * @param lines what was in the jars; or
     * @param text the whole page it was made from
     * @param vented for how many minutes steam blew before the weight went on; null: not asked yet
     */
    record LookBackRequest(
            @Size(max = 200, message = "200 lines at most") @Nullable
                    List<@NotNull @Size(max = 500, message = "500 characters at most") String> lines,
            @Size(max = 60_000, message = "60,000 characters at most") @Nullable String text,
            @NotEmpty(message = "at least one jar") @Size(max = 20, message = "20 kinds of jar at most") @Valid
                    List<@NotNull JarRequest> jars,
            @NotNull(message = "how long?")
                    @Min(value = 1, message = "between 1 and 600 minutes")
                    @Max(value = 600, message = "between 1 and 600 minutes")
                    Integer minutes,
            @NotNull(message = "what pressure?")
                    @DecimalMin(value = "0", message = "between 0 and 30 psi")
                    @DecimalMax(value = "30", message = "between 0 and 30 psi")
                    BigDecimal psi,
            @NotNull(message = "dial or weighted") String gauge,
            @Nullable Double altitudeFt,
            @Nullable Double altitudeM,
            @NotNull(message = "when was the heat turned off?") Instant finishedAt,
            @Nullable String pack,
            @Nullable String fill,
            @Nullable String pieces,
            @Nullable String soaked,
            @Nullable String boiled,
            @Min(value = 0, message = "between 0 and 120 minutes")
                    @Max(value = 120, message = "between 0 and 120 minutes")
                    @Nullable
                    Integer vented,
            @Nullable String unbroken,
            @Size(max = 200, message = "200 at most") @Valid @Nullable
                    List<RulingRequest.@NotNull AnswerToLine> answers) {

        KnownDeeds known() {
            return new KnownDeeds(pack, fill, pieces, soaked, boiled, unbroken);
        }

        Optional<LookBack.Told> ventedTen() {
            return Optional.ofNullable(vented).map(minutes -> minutes >= 10 ? LookBack.Told.YES : LookBack.Told.NO);
        }
    }

    record DeedChoice(String code, String text) {}

    /**
     * @param code pack, fill, pieces, soaked, boiled, vented or unbroken: the field that answers it; or a question of the recipe
     * @param line the line it is about; null for the whole batch
     */
    record DeedQuestion(String code, @Nullable Integer line, String words, String text, List<DeedChoice> choices) {

        static DeedQuestion of(LookBack.Asked asked) {
            return new DeedQuestion(
                    asked.code(),
                    asked.line().isPresent() ? asked.line().getAsInt() : null,
                    asked.words(),
                    asked.text(),
                    asked.choices().stream()
                            .map(choice -> new DeedChoice(choice.code(), choice.text()))
                            .toList());
        }
    }

    record ShortfallResponse(String code, String text) {}

    /** @param covered null while questions are open */
    record LookBackResponse(
            @Nullable Boolean covered,
            List<ShortfallResponse> reasons,
            List<DeedQuestion> questions,
            double hoursLeft,
            String whatToDo,
            @Nullable Integer minutesNeeded,
            @Nullable BigDecimal readingNeeded) {}
}

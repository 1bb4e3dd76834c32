package org.mobrel.server.planning;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.mobrel.day.DayTarget;
import org.mobrel.server.scaling.MeasureRequest;

/**
 * What a cook set in a plan, and nothing that follows from it. Kept as it is, so its words are never renamed.
 *
 * @param canner an only canner's id; null where {@code canners} says which, or the kitchen's own are taken
 * @param canners ids of those that are used; null for the kitchen's own, three at most
 * @param day when it is to be; null until the cook says
 * @param ticked keys of the shopping list that are in the basket
 */
public record PlanBody(
        @Nullable Long canner,
        @Size(max = 3, message = "three canners at most") @Nullable List<@NotNull Long> canners,
        @Valid @Nullable DaySettings day,
        @Size(max = 8, message = "eight dishes at most") List<@NotNull @Valid Dish> dishes,
        @Size(max = 400, message = "400 at most") List<@NotNull String> ticked) {

    public PlanBody {
        canners = canners == null ? null : List.copyOf(canners);
        dishes = dishes == null ? List.of() : List.copyOf(dishes);
        ticked = ticked == null ? List.of() : List.copyOf(ticked);
    }

    /** The canners that were chosen by name; empty when the kitchen's own are taken. */
    List<Long> chosenCanners() {
        return canners != null ? canners : canner != null ? List.of(canner) : List.of();
    }

    boolean soaksQuickly() {
        return day != null && Boolean.TRUE.equals(day.quickSoak());
    }

    /**
     * When the day is to be.
     *
     * @param aim start: it begins then; done: it is over by then
     * @param at null until a time is chosen
     * @param quickSoak beans are boiled 2 min and rested an hour instead of soaked overnight
     */
    public record DaySettings(
            @Pattern(regexp = "start|done", message = "start or done") @NotNull(message = "start or done") String aim,
            @Nullable Instant at,
            @Nullable Boolean quickSoak) {

        public DaySettings {
            quickSoak = Boolean.TRUE.equals(quickSoak);
        }

        /** Empty until a time is chosen. */
        Optional<DayTarget> aims() {
            DayTarget.Kind kind = aim.equals("done") ? DayTarget.Kind.DONE : DayTarget.Kind.START;
            return Optional.ofNullable(at).map(when -> new DayTarget(kind, when));
        }
    }

    /**
     * One recipe in the plan.
     *
     * @param key what it is called in this plan, such as 'a'; stays when others come and go
     * @param mode jars: so many jars; use: use up what is in hand
     * @param jars the jars to fill, or those preferred, the first first; counts are kept but not used in mode use
     * @param oneLoad no more jars than fill the canner once
     * @param filled jars that stand filled on the counter
     * @param kettle what was put on to boil; null for what Mobrel says
     * @param prepMinutes how long it takes at the board; null for a kitchen average
     */
    public record Dish(
            @NotBlank(message = "a key") @Pattern(regexp = "[a-z0-9]{1,20}", message = "letters and digits") String key,
            long recipeId,
            @Pattern(regexp = "jars|use", message = "jars or use") @NotNull(message = "jars or use") String mode,
            @Size(max = 12, message = "12 kinds of jar at most") List<@NotNull @Valid WantedJars> jars,
            @Size(max = 8, message = "eight things at most") List<@NotNull @Valid Hand> hands,
            @Nullable MeasureRequest keepBack,
            @Nullable Boolean oneLoad,
            @Size(max = 20, message = "20 lots at most") List<@NotNull @Valid OwnJars> ownJars,
            @Size(max = 20, message = "20 variants at most") List<@NotNull @Valid WantedVariant> variants,
            @Size(max = 12, message = "12 kinds of jar at most") List<@NotNull @Valid WantedJars> filled,
            @Nullable MeasureRequest kettle,
            @Nullable @Valid TakesOn takesOn,
            @Min(value = 0, message = "0 to 600 min") @Max(value = 600, message = "0 to 600 min") @Nullable
                    Integer prepMinutes) {

        public Dish {
            mode = Objects.requireNonNullElse(mode, "jars");
            oneLoad = Boolean.TRUE.equals(oneLoad);
            jars = jars == null ? List.of() : List.copyOf(jars);
            hands = hands == null ? List.of() : List.copyOf(hands);
            ownJars = ownJars == null ? List.of() : List.copyOf(ownJars);
            variants = variants == null ? List.of() : List.copyOf(variants);
            filled = filled == null ? List.of() : List.copyOf(filled);
        }

        /** So many jars of a recipe, nothing else said. */
        public static Dish of(String key, long recipeId, List<WantedJars> jars) {
            return new Dish(
                    key, recipeId, "jars", jars, List.of(), null, false, List.of(), List.of(), List.of(), null, null,
                    null);
        }

        boolean isOneLoad() {
            return Boolean.TRUE.equals(oneLoad);
        }

        boolean usesUp() {
            return mode.equals("use");
        }
    }

    /** So many jars of a kind; none of them is a kind that stands ready. */
    public record WantedJars(
            @NotNull(message = "a jar size") String size,
            @NotNull(message = "regular or wide") String mouth,
            @Min(value = 0, message = "not below 0") @Max(value = 500, message = "500 jars at most") int count) {}

    /**
     * Something to use up.
     *
     * @param line the index of the recipe's line
     * @param amount as the cook said it, such as '9 lb'
     * @param asBought whether it is still to be peeled and trimmed
     */
    public record Hand(
            @Min(value = 0, message = "a line of the recipe") int line,
            @NotNull(message = "how much of it?") @Size(max = 40, message = "40 characters at most") String amount,
            @Nullable Boolean asBought) {}

    /** Jars of a lot that go into the pot in place of a line. */
    public record OwnJars(
            @Min(value = 0, message = "a line of the recipe") int line,
            @NotBlank(message = "a lot") @Size(max = 12, message = "12 characters at most") String lot,
            @Min(value = 1, message = "at least 1") @Max(value = 100, message = "100 at most") int jars) {}

    /** How many of the jars get a variant's add-ins. */
    public record WantedVariant(
            @NotBlank(message = "a variant") @Size(max = 60, message = "60 characters at most") String name,
            @Min(value = 0, message = "not below 0") @Max(value = 500, message = "500 at most") int jars) {}

    /** Who takes an own judgement on, and why. */
    public record TakesOn(
            @NotBlank(message = "who takes it on") @Size(max = 60, message = "60 characters at most") String by,
            @NotBlank(message = "why") @Size(max = 400, message = "400 characters at most") String reason) {}
}

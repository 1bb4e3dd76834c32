package org.mobrel.server.planning;

import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.mobrel.day.DayTarget;
import org.mobrel.quantity.Minutes;
import org.mobrel.server.scaling.MeasureRequest;

/**
 * What a cook set in a plan, and nothing that follows from it. Kept as it is, so its words are never renamed.
 *
 * @param canner an only canner's id; null where {@code canners} says which, or the kitchen's own are taken
 * @param canners ids of those that are used; null for the kitchen's own, three at most
 * @param day when it is to be; null until the cook says
 * @param ticked keys of the shopping list that are in the basket
 * @param later the days after the first, and the jars that are canned then
 * @param even whether loads that are alike hold like many jars
 */
public record PlanBody(
        @Nullable Long canner,
        @Size(max = 3, message = "three canners at most") @Nullable List<@NotNull Long> canners,
        @Valid @Nullable DaySettings day,
        @Size(max = 8, message = "eight dishes at most") List<@NotNull @Valid Dish> dishes,
        @Size(max = 400, message = "400 at most") List<@NotNull String> ticked,
        @Size(max = 3, message = "four days at most") @Nullable List<@NotNull @Valid LaterDay> later,
        @Nullable Boolean even) {

    public PlanBody {
        canners = canners == null ? null : List.copyOf(canners);
        dishes = dishes == null ? List.of() : List.copyOf(dishes);
        ticked = ticked == null ? List.of() : List.copyOf(ticked);
        later = later == null ? List.of() : List.copyOf(later);
        even = Boolean.TRUE.equals(even);
    }

    /** These dishes, nothing else said. */
    static PlanBody of(List<Dish> dishes) {
        return new PlanBody(null, null, null, dishes, List.of(), List.of(), false);
    }

    boolean isEven() {
        return Boolean.TRUE.equals(even);
    }

    List<LaterDay> laterDays() {
        return Objects.requireNonNullElse(later, List.of());
    }

    /** The canners that were chosen by name; empty when the kitchen's own are taken. */
    List<Long> chosenCanners() {
        return canners != null ? canners : canner != null ? List.of(canner) : List.of();
    }

    boolean soaksQuickly() {
        return day != null && Boolean.TRUE.equals(day.quickSoak());
    }

    /**
     * A day after the first.
     *
     * @param day when; null: at the same hour on the day after
     * @param jars that are canned then, in place of the first day; more than there are is as many as there are
     */
    public record LaterDay(
            @Valid @Nullable DaySettings day,
            @Size(max = 24, message = "24 kinds at most") List<@NotNull @Valid MovedJars> jars) {

        public LaterDay {
            jars = jars == null ? List.of() : List.copyOf(jars);
        }
    }

    /** So many jars of a dish. */
    public record MovedJars(
            @NotNull(message = "a dish") @Size(max = 20, message = "20 characters at most") String dish,
            @NotNull(message = "a jar size") String size,
            @NotNull(message = "regular or wide") String mouth,
            @Min(value = 0, message = "not below 0") @Max(value = 500, message = "500 jars at most") int count) {}

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
     * @param mode jars: so many jars; all: the recipe as written; times: so many times the recipe; use: use up what is in hand; pot: the
     *     pot as it stands cooked
     * @param jars the jars to fill, or those preferred, the first first; counts are used in mode jars only
     * @param oneLoad no more jars than fill the canner once
     * @param filled jars that stand filled on the counter
     * @param kettle what was put on to boil; null for what Mobrel says
     * @param prepMinutes how long it takes at the board; null for a kitchen average
     * @param work how long other work takes, where the cook knows better
     * @param times how many times the recipe, in mode times; null: once
     * @param pot what is in the pot, in mode pot; null until it is said
     * @param onHand no more jars than stand empty in the cupboard
     * @param weighed what the soaked and boiled lot weighs, as the cook said it, such as '14 lb 6 oz'; null until it was on the scale
     */
    public record Dish(
            @NotBlank(message = "a key") @Pattern(regexp = "[a-z0-9]{1,20}", message = "letters and digits") String key,
            long recipeId,
            @Pattern(regexp = "jars|all|times|use|pot", message = "jars, all, times, use or pot")
                    @NotNull(message = "jars, all, times, use or pot")
                    String mode,
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
                    Integer prepMinutes,
            @DecimalMin(value = "0.1", message = "a tenth at least")
                    @DecimalMax(value = "50", message = "50 times at most")
                    @Nullable
                    Double times,
            @Valid @Nullable PotOnStove pot,
            @Nullable Boolean onHand,
            @Size(max = 40, message = "40 characters at most") @Nullable String weighed,
            @Size(max = 12, message = "12 at most") @Nullable List<@NotNull @Valid WorkMinutes> work) {

        public Dish {
            mode = Objects.requireNonNullElse(mode, "jars");
            oneLoad = Boolean.TRUE.equals(oneLoad);
            onHand = Boolean.TRUE.equals(onHand);
            work = work == null ? List.of() : List.copyOf(work);
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
                    null, null, null, false, null, List.of());
        }

        boolean isOneLoad() {
            return Boolean.TRUE.equals(oneLoad);
        }

        /** The same, as many jars as what is in hand makes. */
        public Dish usingUp(Hand... inHand) {
            return with("use", List.of(inHand), ownTimes());
        }

        /** The same with work that takes so long. */
        Dish taking(List<WorkMinutes> times) {
            return with(mode, hands, times);
        }

        private Dish with(String way, List<Hand> inHand, List<WorkMinutes> ownWork) {
            return new Dish(
                    key,
                    recipeId,
                    way,
                    jars,
                    inHand,
                    keepBack,
                    oneLoad,
                    ownJars,
                    variants,
                    filled,
                    kettle,
                    takesOn,
                    prepMinutes,
                    times,
                    pot,
                    onHand,
                    weighed,
                    ownWork);
        }

        private List<WorkMinutes> ownTimes() {
            return Objects.requireNonNullElse(work, List.of());
        }

        /** How long the cook's own work takes, by its code. */
        Map<String, Minutes> ownWork() {
            Map<String, Minutes> own = new HashMap<>();
            ownTimes().forEach(each -> own.put(each.code(), new Minutes(each.minutes())));
            if (prepMinutes != null) {
                own.put("prep", new Minutes(prepMinutes));
            }
            return own;
        }

        /** Whether the jars follow from what there is. */
        boolean asManyAsThereAre() {
            return !mode.equals("jars");
        }

        boolean isOnHand() {
            return Boolean.TRUE.equals(onHand);
        }
    }

    /**
     * A pot that stands cooked on the stove.
     *
     * @param amount a volume, or what it weighs with the pot, as the cook said it: '9 qt', '24 lb'
     * @param empty what the pot weighs empty; null where it was not on the scale
     * @param solids how much of a jar the solids fill when it is ladled as it is; null: as the recipe has it
     */
    public record PotOnStove(
            @NotNull(message = "how much is in it?") @Size(max = 40, message = "40 characters at most") String amount,
            @Size(max = 40, message = "40 characters at most") @Nullable String empty,
            @DecimalMin(value = "0", message = "0 to 1") @DecimalMax(value = "1", message = "0 to 1") @Nullable
                    Double solids) {}

    /** @param code such as simmer or boil-together */
    public record WorkMinutes(
            @NotNull(message = "which work?") @Pattern(regexp = "[a-z-]{1,30}", message = "a word for the work")
                    String code,
            @Min(value = 1, message = "1 to 1200 min") @Max(value = 1200, message = "1 to 1200 min") int minutes) {}

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

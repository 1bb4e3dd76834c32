package org.mobrel.server.planning;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import org.mobrel.jars.JarCount;
import org.mobrel.jars.JarKind;
import org.mobrel.jars.JarSize;
import org.mobrel.jars.JarTable;
import org.mobrel.jars.Mouth;
import org.mobrel.planning.DishOutcome;
import org.mobrel.planning.WantedDish;
import org.mobrel.quantity.Fraction;
import org.mobrel.quantity.Mass;
import org.mobrel.quantity.Volume;
import org.mobrel.recipe.Amount;
import org.mobrel.recipe.IngredientLine;
import org.mobrel.scaling.Household;
import org.mobrel.scaling.InHand;
import org.mobrel.scaling.PotMeasure;
import org.mobrel.scaling.YieldCorrection;
import org.mobrel.server.kitchen.Cupboard;
import org.mobrel.server.platform.InvalidField;
import org.mobrel.server.recipe.Recipe;
import org.mobrel.server.ruling.RulingService;

/** Reads what is kept of a dish into what the core plans, and says in words what is wrong with it. */
final class WantedDishes {

    private final RulingService rulings;
    private final JarTable jarTable;
    private final Cupboard cupboard;
    private final Household household;

    WantedDishes(RulingService rulings, JarTable jarTable, Cupboard cupboard, Household household) {
        this.rulings = rulings;
        this.jarTable = jarTable;
        this.cupboard = cupboard;
        this.household = household;
    }

    /**
     * @param field where the dish stands in the request, such as 'dishes[0]'
     * @throws InvalidField if something in it cannot be meant
     */
    WantedDish read(PlanBody.Dish dish, Recipe recipe, YieldCorrection yield, String field) {
        List<IngredientLine> lines = rulings.read(recipe.lines(), recipe.answers());
        List<JarKind> kinds = kinds(dish, field);
        WantedDish.HowMuch amount = dish.asManyAsThereAre()
                ? asMany(dish, ready(dish, kinds), field)
                : new WantedDish.SoManyJars(kinds, counted(dish, field));
        return new WantedDish(
                dish.key(),
                recipe.title(),
                lines,
                recipe.pack(),
                recipe.solidsShare(),
                rulings.method(recipe.body().method(), lines, recipe.answers()),
                recipe.body().variants().stream()
                        .map(variant -> rulings.variant(variant.name(), variant.lines(), recipe.answers()))
                        .toList(),
                yield,
                amount,
                dish.keepBack() == null ? Volume.ZERO : dish.keepBack().volume(field + ".keepBack", household),
                dish.ownWork());
    }

    private static WantedDish.HowMuch asMany(PlanBody.Dish dish, WantedDish.Ready ready, String field) {
        return switch (dish.mode()) {
            case "use" -> new WantedDish.UseUp(ready, hands(dish, field));
            case "pot" ->
                new WantedDish.PotAsItIs(
                        ready,
                        Optional.ofNullable(dish.pot()).map(pot -> measure(pot, field + ".pot")),
                        Optional.ofNullable(dish.pot())
                                .flatMap(pot -> Optional.ofNullable(pot.solids()))
                                .map(Fraction::of));
            case "times" -> new WantedDish.TimesRecipe(ready, dish.times() == null ? 1 : dish.times());
            default -> new WantedDish.TimesRecipe(ready, 1);
        };
    }

    private static PotMeasure measure(PlanBody.PotOnStove pot, String field) {
        Amount amount = read(pot.amount(), field + ".amount");
        Optional<Volume> volume = amount.volume();
        if (volume.isPresent()) {
            return new PotMeasure.Measured(volume.get());
        }
        String empty = Objects.requireNonNullElse(pot.empty(), "");
        return new PotMeasure.Weighed(
                amount.mass().orElseThrow(() -> noAmount(pot.amount(), field + ".amount")),
                empty.isBlank()
                        ? Mass.ZERO
                        : read(empty, field + ".empty").mass().orElseThrow(() -> noAmount(empty, field + ".empty")));
    }

    /** The kinds in the order of the cook's wish; of the cupboard's others the smaller ones, for what fills none of them. */
    private WantedDish.Ready ready(PlanBody.Dish dish, List<JarKind> kinds) {
        if (!dish.isOnHand()) {
            return new WantedDish.Ready(kinds, dish.isOneLoad(), Map.of());
        }
        List<JarKind> all = new ArrayList<>(kinds);
        cupboard.emptyJars().keySet().stream()
                .filter(kind -> jarTable.kinds().contains(kind) && !kinds.contains(kind))
                .filter(kind -> kinds.stream().allMatch(first -> kind.size().compareTo(first.size()) <= 0))
                .sorted(Comparator.comparing(JarKind::size).reversed().thenComparing(JarKind::mouth))
                .forEach(all::add);
        Map<JarKind, Integer> there = new HashMap<>();
        all.forEach(kind -> there.put(kind, cupboard.empty(kind).orElse(JarCount.MOST)));
        return new WantedDish.Ready(all, dish.isOneLoad(), there);
    }

    /** What the core could not work out, at the field that has to be changed. */
    static InvalidField words(DishOutcome.Problem problem, String field) {
        String hand = "%s.hands[%s]".formatted(field, problem.hand());
        return switch (problem.code()) {
            case LINE_GONE -> new InvalidField(hand + ".line", "the recipe has changed: choose the ingredient again");
            case LINE_WITHOUT_AMOUNT -> new InvalidField(hand + ".amount", "the recipe says no amount of it");
            case MEASURE_DOES_NOT_FIT ->
                new InvalidField(hand + ".amount", "say it by weight or by volume, as the recipe can be weighed");
            case EMPTY_POT -> new InvalidField(field + ".pot.empty", "the pot weighs no more than it does empty");
            case KEEPS_BACK_TOO_MUCH -> new InvalidField(field + ".keepBack.value", "that is more than this makes");
            case TOO_MANY_JARS ->
                new InvalidField(hand + ".amount", "that makes more than %s jars of one size".formatted(JarCount.MOST));
        };
    }

    private static List<InHand> hands(PlanBody.Dish dish, String field) {
        List<InHand> hands = new ArrayList<>();
        for (int index = 0; index < dish.hands().size(); index++) {
            PlanBody.Hand hand = dish.hands().get(index);
            hands.add(new InHand(
                    hand.line(),
                    amount(hand, "%s.hands[%s].amount".formatted(field, index)),
                    Boolean.TRUE.equals(hand.asBought())));
        }
        return hands;
    }

    private static Amount amount(PlanBody.Hand hand, String field) {
        return read(hand.amount(), field);
    }

    /** @throws InvalidField if these words are no amount */
    static Amount read(String words, String field) {
        return Amount.read(words).orElseThrow(() -> noAmount(words, field));
    }

    private static InvalidField noAmount(String words, String field) {
        return new InvalidField(
                field,
                words.isBlank()
                        ? "how much of it?"
                        : "\"%s\" is no amount: a number above 0 and lb, oz, kg, g, cups, qt or L"
                                .formatted(words.strip()));
    }

    /** The same kind asked for twice is one group; kinds that stand at zero are none. */
    private List<JarCount> counted(PlanBody.Dish dish, String field) {
        Map<JarKind, Integer> counts = new LinkedHashMap<>();
        for (int index = 0; index < dish.jars().size(); index++) {
            PlanBody.WantedJars wanted = dish.jars().get(index);
            JarKind kind = kind(wanted, "%s.jars[%s]".formatted(field, index));
            if (wanted.count() > 0) {
                counts.merge(kind, wanted.count(), Integer::sum);
            }
        }
        return counts.entrySet().stream()
                .map(kind -> kind.getKey().times(kind.getValue()))
                .toList();
    }

    private List<JarKind> kinds(PlanBody.Dish dish, String field) {
        List<JarKind> kinds = new ArrayList<>();
        for (int index = 0; index < dish.jars().size(); index++) {
            kinds.add(kind(dish.jars().get(index), "%s.jars[%s]".formatted(field, index)));
        }
        if (kinds.isEmpty()) {
            throw new InvalidField(field + ".jars", "at least one kind of jar");
        }
        return kinds;
    }

    private JarKind kind(PlanBody.WantedJars wanted, String field) {
        JarSize size = JarSize.ofCode(wanted.size())
                .orElseThrow(() ->
                        new InvalidField(field + ".size", "\"" + wanted.size() + "\" is no size of jar known here"));
        Mouth mouth = Mouth.ofCode(wanted.mouth())
                .orElseThrow(
                        () -> new InvalidField(field + ".mouth", "\"" + wanted.mouth() + "\" is not regular or wide"));
        JarKind kind = new JarKind(size, mouth);
        if (!jarTable.kinds().contains(kind)) {
            throw new InvalidField(
                    field + ".size", "no %s with a %s mouth can be filled here".formatted(size.label(), mouth.code()));
        }
        return kind;
    }
}

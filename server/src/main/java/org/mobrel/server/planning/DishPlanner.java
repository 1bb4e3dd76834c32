package org.mobrel.server.planning;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import org.mobrel.canner.Capacity;
import org.mobrel.jars.Headspace;
import org.mobrel.jars.JarCount;
import org.mobrel.jars.JarKind;
import org.mobrel.jars.JarSize;
import org.mobrel.jars.JarTable;
import org.mobrel.jars.Mouth;
import org.mobrel.loading.Loader;
import org.mobrel.quantity.Altitude;
import org.mobrel.quantity.Fraction;
import org.mobrel.quantity.Volume;
import org.mobrel.recipe.Amount;
import org.mobrel.recipe.IngredientLine;
import org.mobrel.ruling.Batch;
import org.mobrel.ruling.Ruling;
import org.mobrel.ruling.Setting;
import org.mobrel.ruling.Variant;
import org.mobrel.scaling.InHand;
import org.mobrel.scaling.Pot;
import org.mobrel.scaling.Scaled;
import org.mobrel.scaling.Scaling;
import org.mobrel.scaling.YieldCorrection;
import org.mobrel.server.kitchen.Kitchen;
import org.mobrel.server.kitchen.KitchenCanner;
import org.mobrel.server.platform.InvalidField;
import org.mobrel.server.recipe.Recipe;
import org.mobrel.server.ruling.RulingService;

/** Works one dish of a plan out: amounts, jars and the ruling on them. */
final class DishPlanner {

    private final RulingService rulings;
    private final Kitchen kitchen;
    private final KitchenCanner canner;
    private final Altitude altitude;
    private final JarTable jarTable;
    private final Scaling scaling;

    DishPlanner(RulingService rulings, Kitchen kitchen, KitchenCanner canner, Altitude altitude, JarTable jarTable) {
        this.rulings = rulings;
        this.kitchen = kitchen;
        this.canner = canner;
        this.altitude = altitude;
        this.jarTable = jarTable;
        this.scaling = new Scaling(jarTable);
    }

    /** What the jars of one kind come to. */
    private record Filling(Optional<Scaled> scaled, Optional<InHand.Reach> reach, List<JarCount> jars) {}

    /**
     * @param field where the dish stands in the request, such as 'dishes[0]'
     * @throws BadField if something in it cannot be meant
     */
    Planned plan(PlanBody.Dish dish, Recipe recipe, YieldCorrection yield, String field) {
        List<IngredientLine> lines = rulings.read(recipe.lines(), recipe.answers());
        Fraction share = Setting.share(
                lines,
                recipe.pack(),
                recipe.solidsShare(),
                kinds(dish, field).get(0).size(),
                jarTable);
        Pot pot = Pot.of(lines, recipe.pack(), share, yield);
        Headspace headspace = rulings.rulings().headspace(lines, recipe.pack(), share);
        Volume keepBack = dish.keepBack() == null
                ? Volume.ZERO
                : dish.keepBack().volume(field + ".keepBack", kitchen.household());
        Filling filling = dish.usesUp()
                ? used(dish, pot, headspace, keepBack, field)
                : targeted(dish, pot, headspace, keepBack, field);
        List<Variant> variants = recipe.body().variants().stream()
                .map(variant -> rulings.variant(variant.name(), variant.lines(), recipe.answers()))
                .toList();
        List<JarCount> ruledOn = filling.jars().isEmpty()
                ? kinds(dish, field).stream().map(kind -> kind.times(1)).toList()
                : filling.jars();
        Batch batch = new Batch(
                lines,
                recipe.pack(),
                share,
                ruledOn,
                altitude,
                canner.profile().gauge(),
                kitchen.school(),
                rulings.method(recipe.body().method(), lines, recipe.answers()));
        Ruling ruling = rulings.rule(batch, variants);
        return new Planned(
                dish,
                recipe,
                canner,
                altitude,
                headspace,
                lines,
                batch,
                variants,
                ruling,
                filling.jars(),
                pot,
                filling.scaled(),
                filling.reach());
    }

    private Filling targeted(PlanBody.Dish dish, Pot pot, Headspace headspace, Volume keepBack, String field) {
        List<JarCount> jars = counted(dish, field);
        return new Filling(
                jars.isEmpty() ? Optional.empty() : scaling.toJars(pot, headspace, jars, keepBack),
                Optional.empty(),
                jars);
    }

    private Filling used(PlanBody.Dish dish, Pot pot, Headspace headspace, Volume keepBack, String field) {
        List<JarKind> kinds = kinds(dish, field);
        if (dish.hands().isEmpty() || pot.isEmpty()) {
            return new Filling(Optional.empty(), Optional.empty(), List.of());
        }
        List<InHand> hands = new ArrayList<>();
        for (int index = 0; index < dish.hands().size(); index++) {
            hands.add(hand(dish.hands().get(index), pot, "%s.hands[%d]".formatted(field, index)));
        }
        InHand.Reach reach = InHand.together(pot, hands);
        Volume all = pot.makes().times(reach.factor());
        if (all.compareTo(keepBack) < 0) {
            throw new InvalidField(field + ".keepBack.value", "that is more than this makes");
        }
        Capacity capacity = canner.profile().capacity();
        Predicate<List<JarCount>> mayHold = dish.isOneLoad() ? jars -> Loader.fits(capacity, jars) : jars -> true;
        try {
            Scaled scaled = scaling.toFill(pot, headspace, reach.factor(), kinds, keepBack, mayHold)
                    .orElseThrow();
            return new Filling(Optional.of(scaled), Optional.of(reach), scaled.jars());
        } catch (IllegalArgumentException tooMuch) {
            throw new InvalidField(
                    field + ".hands[0].amount", "that makes more than %d jars of one size".formatted(JarCount.MOST));
        }
    }

    private static InHand hand(PlanBody.Hand hand, Pot pot, String field) {
        if (hand.line() >= pot.lines().size()) {
            throw new InvalidField(field + ".line", "the recipe has changed: choose the ingredient again");
        }
        IngredientLine line = pot.lines().get(hand.line());
        Amount amount = Amount.read(hand.amount())
                .orElseThrow(() -> new InvalidField(
                        field + ".amount",
                        hand.amount().isBlank()
                                ? "how much of it?"
                                : "\"%s\" is no amount: a number above 0 and lb, oz, kg, g, cups, qt or L"
                                        .formatted(hand.amount().strip())));
        InHand inHand = new InHand(hand.line(), amount, Boolean.TRUE.equals(hand.asBought()));
        if (inHand.factor(pot).isEmpty()) {
            throw new InvalidField(
                    field + ".amount",
                    line.amount().isEmpty()
                            ? "the recipe says no amount of it"
                            : "say it by weight or by volume, as the recipe can be weighed");
        }
        return inHand;
    }

    /** The same kind asked for twice is one group; kinds that stand at zero are none. */
    private List<JarCount> counted(PlanBody.Dish dish, String field) {
        Map<JarKind, Integer> counts = new LinkedHashMap<>();
        for (int index = 0; index < dish.jars().size(); index++) {
            PlanBody.WantedJars wanted = dish.jars().get(index);
            JarKind kind = kind(wanted, "%s.jars[%d]".formatted(field, index));
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
            kinds.add(kind(dish.jars().get(index), "%s.jars[%d]".formatted(field, index)));
        }
        if (kinds.isEmpty()) {
            throw new InvalidField(field + ".jars", "at least one kind of jar");
        }
        return kinds.stream().distinct().toList();
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

package org.mobrel.server.planning;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.mobrel.day.DishWork;
import org.mobrel.foods.FoodKind;
import org.mobrel.jars.Headspace;
import org.mobrel.jars.JarCount;
import org.mobrel.jars.JarTable;
import org.mobrel.planning.ChosenLoads;
import org.mobrel.planning.PlannedDay;
import org.mobrel.planning.PlannedLoad;
import org.mobrel.quantity.Volume;
import org.mobrel.recipe.Amount;
import org.mobrel.recipe.IngredientLine;
import org.mobrel.scaling.Dose;
import org.mobrel.scaling.Scaled;
import org.mobrel.server.kitchen.Cupboard;
import org.mobrel.server.kitchen.Kitchen;
import org.mobrel.server.kitchen.KitchenCanner;
import org.mobrel.server.platform.InvalidField;
import org.mobrel.server.shelf.ShelfLot;
import org.mobrel.shopping.ShoppingList;
import org.mobrel.shopping.Wanted;

/**
 * A plan with all that follows from it.
 *
 * @param jarTable what jars hold in this kitchen
 * @param lots on the shelf, by their codes
 * @param pantry what is in the house, by the keys of the shopping list
 * @param canners those that are used
 * @param days the first and those after it, with the loads of the dishes that are not at the stove yet; of all of them once every one is
 * @param works what each dish asks of the cook before its jars, by its key
 */
record PlanView(
        StoredPlan plan,
        Kitchen kitchen,
        List<KitchenCanner> canners,
        Cupboard cupboard,
        JarTable jarTable,
        Map<String, ShelfLot> lots,
        Map<String, Amount> pantry,
        List<DishView> dishes,
        List<DayView> days,
        Map<String, DishWork> works) {

    /**
     * One day.
     *
     * @param before loads of the days before it
     * @param chosen its loads, numbered on from those
     * @param day empty when there is no load
     */
    record DayView(int before, ChosenLoads chosen, Optional<PlannedDay> day, boolean quickSoak) {}

    /** The loads of the first day. */
    ChosenLoads chosen() {
        return days.get(0).chosen();
    }

    /** The first day; empty when it has no load. */
    Optional<PlannedDay> day() {
        return days.get(0).day();
    }

    /** The loads of all days. */
    List<PlannedLoad> loads() {
        return days.stream().flatMap(day -> day.chosen().loads().stream()).toList();
    }

    /** The loads of all days that hold jars of a dish. */
    List<PlannedLoad> loadsOf(String dish) {
        return days.stream().flatMap(day -> day.chosen().of(dish).stream()).toList();
    }

    /** The first of those that are used; never missing. */
    KitchenCanner canner() {
        return canners.get(0);
    }

    /**
     * One dish, or what is wrong with it.
     *
     * @param title also there when something is wrong
     */
    record DishView(PlanBody.Dish dish, String title, Optional<Planned> planned, Optional<InvalidField> trouble) {}

    List<Planned> planned() {
        return dishes.stream().flatMap(dish -> dish.planned().stream()).toList();
    }

    /** Those that are not at the stove yet: what is cooked needs neither shop nor cupboard any more. */
    List<Planned> waiting() {
        return planned().stream()
                .filter(dish -> plan.atStove(dish.dish().key()).isEmpty())
                .toList();
    }

    /** All jars of these dishes, each kind once. */
    static List<JarCount> jars(List<Planned> dishes) {
        List<JarCount> all = new ArrayList<>();
        for (Planned dish : dishes) {
            for (JarCount jar : dish.jars()) {
                int at = -1;
                for (int index = 0; index < all.size(); index++) {
                    at = all.get(index).kind().equals(jar.kind()) ? index : at;
                }
                if (at < 0) {
                    all.add(jar);
                } else {
                    int sum = Math.min(JarCount.MOST, all.get(at).count() + jar.count());
                    all.set(at, jar.kind().times(sum));
                }
            }
        }
        return all;
    }

    ShoppingList shopping() {
        List<Wanted> wanted = new ArrayList<>();
        for (Planned dish : waiting()) {
            // What stands cooked on the stove is bought already.
            dish.scaled().filter(scaled -> !scaled.pot().cooked()).ifPresent(scaled -> {
                for (int line = 0; line < dish.lines().size(); line++) {
                    wanted.add(new Wanted(
                            dish.lines().get(line),
                            times(dish.lines().get(line), dish, scaled),
                            ownJars(dish, line),
                            dish.recipe().title()));
                }
                addIns(dish, scaled, wanted);
            });
        }
        return ShoppingList.of(wanted, pantry);
    }

    private static void addIns(Planned dish, Scaled scaled, List<Wanted> wanted) {
        dish.variants().forEach(variant -> {
            int jars = jarsOf(dish, variant.name());
            variant.addIns()
                    .forEach(line -> wanted.add(new Wanted(
                            line,
                            timesForSome(line, dish, scaled, jars),
                            Volume.ZERO,
                            dish.recipe().title())));
        });
    }

    /** How many jars get a variant's add-ins; all of them that there are, at most. */
    static int jarsOf(Planned dish, String variant) {
        int all = dish.jars().stream().mapToInt(JarCount::count).sum();
        return dish.dish().variants().stream()
                .filter(wanted -> wanted.name().equals(variant))
                .mapToInt(wanted -> Math.min(all, wanted.jars()))
                .findFirst()
                .orElse(0);
    }

    /** What a line is multiplied by: the pot's factor, or the jars where it is given jar by jar. */
    static double times(IngredientLine line, Planned dish, Scaled scaled) {
        Volume uncounted = scaled.pot().uncounted();
        boolean byNeed = !uncounted.isZero()
                && !line.isPerJar()
                && line.food().filter(food -> food.kind() == FoodKind.LIQUID).isPresent();
        return byNeed
                ? scaled.brothInRecipe().dividedBy(uncounted)
                : Dose.of(line).map(dose -> dose.times(dish.jars())).orElse(scaled.factor());
    }

    /** The same for some of the jars: by their number where it is given jar by jar, else by their share of the pot. */
    static double timesForSome(IngredientLine line, Planned dish, Scaled scaled, int jars) {
        int all = dish.jars().stream().mapToInt(JarCount::count).sum();
        double share = all == 0 ? 0 : (double) jars / all;
        return times(line, dish, scaled) * share;
    }

    /** What the own jars that stand in for a line hold. */
    Volume ownJars(Planned dish, int line) {
        Volume sum = Volume.ZERO;
        for (PlanBody.OwnJars own : dish.dish().ownJars()) {
            ShelfLot lot = lots.get(own.lot());
            if (own.line() == line && lot != null) {
                Volume each = jarTable.fill(lot.size(), lot.mouth(), Headspace.ONE_INCH)
                        .orElse(Volume.ZERO);
                sum = sum.plus(each.times(own.jars()));
            }
        }
        return sum;
    }
}

package org.mobrel.server.planning;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.mobrel.freezer.FreezerBoxes;
import org.mobrel.jars.JarCount;
import org.mobrel.jars.JarKind;
import org.mobrel.jars.JarSize;
import org.mobrel.quantity.Volume;
import org.mobrel.scaling.Household;
import org.mobrel.scaling.KitchenMeasure;
import org.mobrel.scaling.Scaled;
import org.mobrel.scaling.Scaling;
import org.mobrel.server.ruling.JarRequest;

/** Where what fills no jar may go. */
final class LeftoverRoutes {

    /** Some eat more than a serving. */
    private static final double A_MEAL = 1.5;

    private final PlanView looked;
    private final KitchenMeasure measure;

    LeftoverRoutes(PlanView looked) {
        this.looked = looked;
        this.measure = new KitchenMeasure(looked.kitchen().units());
    }

    List<DishMessages.RouteResponse> of(Planned dish, Scaled scaled) {
        Volume left = scaled.leftover();
        List<DishMessages.RouteResponse> routes = new ArrayList<>();
        if (dish.dish().isOneLoad() && fitsAFullJar(dish, left)) {
            routes.add(new DishMessages.RouteResponse(
                    "load", "A second load: it fills more jars than this one takes.", List.of()));
        } else {
            oddJars(dish, left).ifPresent(routes::add);
        }
        routes.add(new DishMessages.RouteResponse("tonight", tonight(left), List.of()));
        FreezerBoxes boxes = FreezerBoxes.of(left);
        routes.add(new DishMessages.RouteResponse(
                "freezer",
                "In the freezer: %s, with %s in of room above it."
                        .formatted(
                                boxes.count() == 1
                                        ? "one box"
                                        : "%s boxes of %s".formatted(boxes.count(), measure.about(boxes.each())),
                                boxes.room().inches().doubleValue() < 1 ? "½" : "1"),
                List.of()));
        return routes;
    }

    /** No household eats more than a meal of it tonight. */
    private String tonight(Volume left) {
        Household household = looked.kitchen().household();
        double servings = household.servings(left);
        if (servings < 0.75) {
            return "Tonight: a small bowl.";
        }
        return servings <= household.people() * A_MEAL
                ? "Tonight: %s.".formatted(servings(servings))
                : "Tonight: a meal for %s takes %s of it."
                        .formatted(
                                household.people() == 1 ? "one" : household.people(),
                                measure.about(household.volume(household.people())));
    }

    static String servings(double servings) {
        long halves = Math.round(servings * 2);
        String number = halves / 2 + (halves % 2 == 1 ? "½" : "");
        return (halves == 1 ? "½" : number) + (halves <= 2 ? " serving" : " servings");
    }

    /** The smaller jars that it fills, of the mouths in use. */
    private Optional<DishMessages.RouteResponse> oddJars(Planned dish, Volume left) {
        List<JarKind> smaller = looked.jarTable().kinds().stream()
                .filter(kind -> kind.size() == JarSize.PINT || kind.size() == JarSize.HALF_PINT)
                .filter(kind -> dish.dish().jars().stream()
                        .allMatch(wanted -> wanted.mouth().equals(kind.mouth().code())
                                && !wanted.size().equals(kind.size().code())))
                .toList();
        List<JarCount> odd = new Scaling(looked.jarTable()).odd(left, dish.headspace(), smaller);
        return odd.isEmpty()
                ? Optional.empty()
                : Optional.of(new DishMessages.RouteResponse(
                        "jar",
                        "It fills %s beside the others.".formatted(SummaryMapper.jars(odd)),
                        odd.stream().map(JarRequest::of).toList()));
    }

    private boolean fitsAFullJar(Planned dish, Volume left) {
        return dish.jars().stream().anyMatch(jar -> fill(dish, jar.kind()).compareTo(left) <= 0);
    }

    private Volume fill(Planned dish, JarKind kind) {
        return looked.jarTable()
                .fill(kind.size(), kind.mouth(), dish.headspace())
                .orElseThrow();
    }
}

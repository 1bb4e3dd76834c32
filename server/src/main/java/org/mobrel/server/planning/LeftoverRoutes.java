package org.mobrel.server.planning;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.mobrel.jars.JarKind;
import org.mobrel.jars.JarSize;
import org.mobrel.quantity.Volume;
import org.mobrel.scaling.Scaled;

/** Where what fills no jar may go. */
final class LeftoverRoutes {

    private final PlanView looked;

    LeftoverRoutes(PlanView looked) {
        this.looked = looked;
    }

    List<DishMessages.RouteResponse> of(Planned dish, Scaled scaled) {
        Volume left = scaled.leftover();
        List<DishMessages.RouteResponse> routes = new ArrayList<>();
        smallerJar(dish, left).ifPresent(routes::add);
        if (dish.dish().isOneLoad() && fitsAFullJar(dish, left)) {
            routes.add(new DishMessages.RouteResponse(
                    "load", "A second load: it fills more jars than this one takes.", null, null));
        }
        double servings = looked.kitchen().household().servings(left);
        routes.add(new DishMessages.RouteResponse(
                "tonight",
                "Tonight: %s.".formatted(servings < 0.75 ? "a small bowl" : servings(servings)),
                null,
                null));
        routes.add(
                new DishMessages.RouteResponse("fridge", "In the refrigerator, eaten within a few days.", null, null));
        routes.add(new DishMessages.RouteResponse(
                "freezer", "In the freezer, with ½ to 1 inch of room above it.", null, null));
        return routes;
    }

    static String servings(double servings) {
        long halves = Math.round(servings * 2);
        String number = halves / 2 + (halves % 2 == 1 ? "½" : "");
        return (halves == 1 ? "½" : number) + (halves <= 2 ? " serving" : " servings");
    }

    /** The largest jar that it fills and that is not among those in use. */
    private Optional<DishMessages.RouteResponse> smallerJar(Planned dish, Volume left) {
        return looked.jarTable().kinds().stream()
                .filter(kind -> kind.size() == JarSize.PINT || kind.size() == JarSize.HALF_PINT)
                .filter(kind -> dish.dish().jars().stream()
                        .noneMatch(wanted -> wanted.size().equals(kind.size().code())))
                .filter(kind -> fill(dish, kind).compareTo(left) <= 0)
                .filter(kind -> dish.dish().jars().stream()
                        .allMatch(wanted -> wanted.mouth().equals(kind.mouth().code())))
                .findFirst()
                .map(kind -> new DishMessages.RouteResponse(
                        "jar",
                        "It fills a %s beside the others.".formatted(kind.size().label()),
                        kind.size().code(),
                        kind.mouth().code()));
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

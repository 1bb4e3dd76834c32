package org.mobrel.server.loading;

import jakarta.validation.Valid;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.IntStream;
import org.mobrel.canner.Capacity;
import org.mobrel.canner.UpperLayer;
import org.mobrel.jars.JarKind;
import org.mobrel.jars.JarSize;
import org.mobrel.jars.Mouth;
import org.mobrel.loading.BaselinePlans;
import org.mobrel.loading.CannerLoad;
import org.mobrel.loading.Comparison;
import org.mobrel.loading.JarGroup;
import org.mobrel.loading.Loader;
import org.mobrel.loading.LoadingCanner;
import org.mobrel.loading.LoadingDay;
import org.mobrel.loading.LoadingPlan;
import org.mobrel.loading.PlanCost;
import org.mobrel.quantity.Minutes;
import org.mobrel.server.platform.InvalidField;
import org.mobrel.server.platform.TimeLimit;
import org.mobrel.server.platform.Unprocessable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

@RestController
class LoadingController {

    /** Past that the best plan found is answered, with what is proven of it. */
    private static final long LIMIT_MILLIS = 2_000;

    @PostMapping("/api/loading")
    LoadingMessages.LoadingResponse load(@Valid @RequestBody LoadingMessages.LoadingRequest request) {
        LoadingDay day = day(request);
        for (int index = 0; index < day.groups().size(); index++) {
            refuseWhatFitsNowhere(day, index);
        }
        TimeLimit limit = TimeLimit.ofMillis(LIMIT_MILLIS);
        LoadingPlan best = Loader.best(day, limit::isUp);
        PlanCost figures = best.figures();
        return new LoadingMessages.LoadingResponse(
                best.loads().stream().map(load -> load(day, load)).toList(),
                figures.makespan(),
                figures.watched(),
                figures.loads(),
                figures.overProcess(),
                best.isOptimal(),
                best.proven(),
                best.isOptimal() ? null : best.bound(),
                BaselinePlans.plans(day).stream()
                        .map(other -> new LoadingMessages.LoadingAlternative(
                                other.way().code(),
                                other.figures().makespan(),
                                other.figures().watched(),
                                other.figures().loads(),
                                other.figures().overProcess(),
                                Comparison.sentence(day, best, other)))
                        .toList());
    }

    private static void refuseWhatFitsNowhere(LoadingDay day, int index) {
        JarGroup group = day.groups().get(index);
        boolean fits =
                day.canners().stream().anyMatch(canner -> canner.capacity().of(group.kind()) > 0);
        if (!fits) {
            throw new Unprocessable(
                    "fits-no-canner",
                    "The jars of group %s (%s) fit into none of these canners."
                            .formatted(group.id(), group.kind().size().label()),
                    Map.of("group", group.id(), "field", "groups[%s].jar".formatted(index)));
        }
    }

    private static LoadingDay day(LoadingMessages.LoadingRequest request) {
        Set<String> ids = new HashSet<>();
        return new LoadingDay(
                IntStream.range(0, request.canners().size())
                        .mapToObj(index -> canner(request.canners().get(index), "canners[%s].".formatted(index), ids))
                        .toList(),
                IntStream.range(0, request.groups().size())
                        .mapToObj(index -> group(request.groups().get(index), "groups[%s].".formatted(index), ids))
                        .toList());
    }

    private static LoadingCanner canner(LoadingMessages.LoadingPot pot, String field, Set<String> ids) {
        refuseTwice("canner " + pot.id(), field, ids);
        Map<JarKind, Integer> perLayer = new HashMap<>();
        for (Mouth mouth : Mouth.values()) {
            for (JarSize size : JarSize.all()) {
                perLayer.put(new JarKind(size, mouth), 0);
            }
        }
        pot.capacity().forEach((name, jars) -> {
            String at = field + "capacity." + name;
            if (jars < 0 || jars > Capacity.MOST_IN_A_LAYER) {
                throw new InvalidField(at, "between 0 and %s in a layer".formatted(Capacity.MOST_IN_A_LAYER));
            }
            JarName.read(name, at).kinds().forEach(kind -> perLayer.put(kind, jars));
        });
        UpperLayer upper = UpperLayer.ofCode(Objects.requireNonNullElse(pot.upperLayer(), UpperLayer.SHORT.code()))
                .orElseThrow(() -> new InvalidField(field + "upperLayer", "short or any"));
        return new LoadingCanner(
                pot.id(),
                new Capacity(perLayer, pot.layers(), upper),
                new Minutes(pot.heatUp()),
                new Minutes(pot.comeUp()),
                new Minutes(pot.coolDown()));
    }

    private static JarGroup group(LoadingMessages.LoadingGroup group, String field, Set<String> ids) {
        refuseTwice("group " + group.id(), field, ids);
        return new JarGroup(
                group.id(),
                Objects.requireNonNullElse(group.recipe(), group.id()),
                JarName.read(group.jar(), field + "jar").kinds().get(0),
                group.count(),
                new Minutes(group.process()),
                new Minutes(group.ready()));
    }

    private static void refuseTwice(String id, String field, Set<String> ids) {
        if (!ids.add(id)) {
            throw new InvalidField(field + "id", "there are two of the name");
        }
    }

    private static LoadingMessages.LoadingLoad load(LoadingDay day, CannerLoad load) {
        Map<String, Integer> room = new LinkedHashMap<>();
        day.groups().stream()
                .filter(group -> group.process().value() <= load.process())
                .forEach(group -> room.put(group.id(), Loader.roomFor(day, load, group)));
        return new LoadingMessages.LoadingLoad(
                day.canners().get(load.canner()).id(),
                load.start(),
                load.process(),
                load.heatOff(),
                load.done(),
                load.layers().stream()
                        .map(layer -> new LoadingMessages.LoadingLayer(layer.parts().stream()
                                .map(part -> new LoadingMessages.LoadingJars(
                                        day.groups().get(part.group()).id(), part.count()))
                                .toList()))
                        .toList(),
                room);
    }

    /** A kind of jar as this interface calls it: 'quart-wide', or 'half-pint' for both mouths. */
    private record JarName(List<JarKind> kinds) {

        static JarName read(String name, String field) {
            String size = name.replaceFirst("-(regular|wide)$", "");
            JarSize jar = JarSize.ofCode(size.equals("1.5-pint") ? JarSize.PINT_AND_A_HALF.code() : size)
                    .orElseThrow(() -> new InvalidField(field, "\"" + name + "\" is no kind of jar known here"));
            return new JarName(Mouth.ofCode(name.substring(Math.min(name.length(), size.length() + 1)))
                    .map(mouth -> List.of(new JarKind(jar, mouth)))
                    .orElseGet(() -> List.of(new JarKind(jar, Mouth.REGULAR), new JarKind(jar, Mouth.WIDE))));
        }
    }
}

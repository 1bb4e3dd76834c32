package org.mobrel.server.batch;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.mobrel.planning.PlannedDish;
import org.mobrel.planning.PlannedLoad;
import org.mobrel.recipe.IngredientLine;
import org.mobrel.recipe.State;
import org.mobrel.server.planning.Planned;
import org.mobrel.server.run.RunGroup;

/** The jars of a load as a run knows them: by batch and variant, each a label and a lot of its own. */
final class GroupsOfRun {

    private static final int LONGEST_FINISH = 200;

    private final Map<String, Planned> dishes;
    private final Map<String, Long> batches;
    private final VariantShares variants = new VariantShares();

    /** @param batches by the keys of the dishes */
    GroupsOfRun(List<Planned> dishes, Map<String, Long> batches) {
        this.dishes = dishes.stream().collect(Collectors.toMap(Planned::key, Function.identity()));
        this.batches = batches;
    }

    /** Load after load, in their order: what is shared out in one is gone for the next. */
    List<RunGroup> of(PlannedLoad load) {
        return load.shares().stream().flatMap(share -> of(share).stream()).toList();
    }

    private List<RunGroup> of(PlannedLoad.Share share) {
        PlannedDish dish = share.dish();
        Planned planned = Objects.requireNonNull(dishes.get(dish.key()));
        return share.jars().stream()
                .flatMap(jars -> variants.of(planned.dish(), jars).stream())
                .map(part -> new RunGroup(
                        part.jars(),
                        batches.getOrDefault(dish.key(), 0L),
                        dish.title(),
                        part.variant(),
                        dish.ruling().verdict(),
                        finish(dish),
                        dish.brothIn(part.jars().kind())))
                .toList();
    }

    /** What the recipe says is added when a jar is opened: it goes on the label. */
    private static String finish(PlannedDish dish) {
        String words = dish.lines().stream()
                .filter(line -> line.is(State.AT_SERVING))
                .map(IngredientLine::text)
                .collect(Collectors.joining("; "));
        return words.length() <= LONGEST_FINISH ? words : words.substring(0, LONGEST_FINISH);
    }
}

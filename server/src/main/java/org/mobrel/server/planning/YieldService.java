package org.mobrel.server.planning;

import java.time.InstantSource;
import java.util.ArrayList;
import java.util.List;
import org.mobrel.jars.JarKind;
import org.mobrel.jars.JarSize;
import org.mobrel.jars.JarTable;
import org.mobrel.jars.Mouth;
import org.mobrel.quantity.Volume;
import org.mobrel.scaling.KitchenMeasure;
import org.mobrel.scaling.Scaled;
import org.mobrel.scaling.YieldCorrection;
import org.mobrel.server.kitchen.KitchenService;
import org.mobrel.server.platform.InvalidField;
import org.mobrel.server.platform.NotFound;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What recipes learn from the jars they really made. */
@Service
class YieldService {

    private final YieldRepository repository;
    private final KitchenService kitchens;
    private final InstantSource clock;

    YieldService(YieldRepository repository, KitchenService kitchens, InstantSource clock) {
        this.repository = repository;
        this.kitchens = kitchens;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    YieldCorrection of(long recipeId) {
        return YieldCorrection.of(repository.ofRecipe(recipeId).stream()
                .filter(made -> !made.struck())
                .map(made -> new YieldCorrection.Day(made.predicted(), made.made()))
                .toList());
    }

    @Transactional(readOnly = true)
    List<YieldRepository.MadeYield> history(long recipeId) {
        return repository.ofRecipe(recipeId);
    }

    /** Keeps what a dish made; what was said before of the same dish is struck. */
    @Transactional
    void made(long planId, Planned dish, JarTable table, List<PlanBody.WantedJars> jars, Volume rest) {
        Scaled scaled =
                dish.scaled().orElseThrow(() -> new InvalidField("jars", "this recipe has no amounts to compare with"));
        Volume filled = rest.plus(scaled.keptBack());
        List<String> said = new ArrayList<>();
        for (int index = 0; index < jars.size(); index++) {
            JarKind kind = kind(jars.get(index), index);
            String field = "jars[%s].size".formatted(index);
            Volume each = table.fill(kind.size(), kind.mouth(), dish.headspace())
                    .orElseThrow(() -> new InvalidField(field, "there is no such jar"));
            int count = jars.get(index).count();
            filled = filled.plus(each.times(count));
            if (count > 0) {
                said.add(kind.size().counted(count));
            }
        }
        if (!rest.isZero()) {
            said.add(new KitchenMeasure(kitchens.kitchen().units()).volume(rest, true) + " left");
        }
        Volume predicted = scaled.uncorrected();
        if (!YieldCorrection.isPlausible(predicted, filled)) {
            throw new InvalidField(
                    "jars", "that is less than half or more than twice of what this pot holds: count again, please");
        }
        repository.strikeOf(planId, dish.dish().key(), clock.instant());
        repository.add(new YieldRepository.MadeYield(
                0,
                dish.recipe().id(),
                planId,
                dish.dish().key(),
                predicted,
                filled,
                String.join(", ", said),
                clock.instant(),
                false));
    }

    private static JarKind kind(PlanBody.WantedJars jar, int index) {
        String field = "jars[%s]".formatted(index);
        return new JarKind(
                JarSize.ofCode(jar.size()).orElseThrow(() -> new InvalidField(field + ".size", "no size known here")),
                Mouth.ofCode(jar.mouth()).orElseThrow(() -> new InvalidField(field + ".mouth", "regular or wide")));
    }

    /** @throws NotFound if nothing of that number was ever said */
    @Transactional
    void strike(long id, boolean struck) {
        if (repository.made(id).isEmpty()) {
            throw new NotFound("yield", id);
        }
        if (struck) {
            repository.strike(id, clock.instant());
        } else {
            repository.unstrike(id);
        }
    }
}

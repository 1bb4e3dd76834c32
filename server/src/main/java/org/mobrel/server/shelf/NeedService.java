package org.mobrel.server.shelf;

import java.time.Duration;
import java.time.Instant;
import java.time.InstantSource;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.mobrel.jars.Headspace;
import org.mobrel.jars.JarKind;
import org.mobrel.jars.JarSize;
import org.mobrel.jars.JarTable;
import org.mobrel.jars.Mouth;
import org.mobrel.quantity.Volume;
import org.mobrel.server.kitchen.CupboardService;
import org.mobrel.server.kitchen.Kitchen;
import org.mobrel.server.kitchen.KitchenService;
import org.mobrel.server.platform.NotFound;
import org.mobrel.server.recipe.RecipeService;
import org.mobrel.server.sharing.SharedFields;
import org.mobrel.shelf.MealKit;
import org.mobrel.shelf.Stock;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What the shelf lacks: jars wanted of each dish, how long they last, which meals are complete, and what to can next. */
@Service
public class NeedService {

    private static final int LOOK_BACK_DAYS = 365;
    private static final JarKind USUAL = new JarKind(JarSize.QUART, Mouth.REGULAR);

    private static final String TARGET = "target";

    private final NeedRepository repository;
    private final SharedFields shared;
    private final RecipeService recipes;
    private final KitchenService kitchens;
    private final CupboardService cupboards;
    private final InstantSource clock;

    NeedService(
            NeedRepository repository,
            SharedFields shared,
            RecipeService recipes,
            KitchenService kitchens,
            CupboardService cupboards,
            InstantSource clock) {
        this.repository = repository;
        this.shared = shared;
        this.recipes = recipes;
        this.kitchens = kitchens;
        this.cupboards = cupboards;
        this.clock = clock;
    }

    /**
     * A dish on the shelf against what is wanted of it.
     *
     * @param usual the kind of jar there is most of
     * @param meals that its jars are for this household
     * @param perLoad jars of that kind that fill the largest canner once
     */
    public record Need(long recipeId, String title, JarKind usual, Stock stock, int meals, int perLoad) {
        public int loads() {
            return stock.loads(perLoad);
        }
    }

    /** A meal kit and how many of it are complete. */
    public record Kit(long id, String name, long recipeId, MealKit kit, int complete, List<String> shortOf) {}

    /** What is wanted of each dish, those that lack most loads first, then those that run out first; and the kits. */
    /** @param version the number of the last change this shows */
    public record Wants(long version, List<Need> dishes, List<Kit> kits) {}

    @Transactional(readOnly = true)
    public Wants wants() {
        List<NeedRepository.Dish> dishes = repository.dishes();
        return new Wants(shared.version(), needs(dishes), kits(dishes));
    }

    private List<Need> needs(List<NeedRepository.Dish> dishes) {
        Kitchen kitchen = kitchens.kitchen();
        JarTable table = cupboards.jars(cupboards.cupboard());
        Instant now = clock.instant();
        Map<Long, Integer> targets = repository.targets();
        Map<Long, Integer> taken = repository.takenSince(now.minus(Duration.ofDays(LOOK_BACK_DAYS)));
        return dishes.stream()
                .map(dish -> need(dish, kitchen, table, targets, taken, now))
                .sorted(Comparator.comparing((Need need) -> -need.loads())
                        .thenComparing(need -> need.stock().monthsOfCover().orElse(Double.MAX_VALUE))
                        .thenComparing(Need::title))
                .toList();
    }

    private static Need need(
            NeedRepository.Dish dish,
            Kitchen kitchen,
            JarTable table,
            Map<Long, Integer> targets,
            Map<Long, Integer> taken,
            Instant now) {
        long known = Math.min(
                LOOK_BACK_DAYS, Duration.between(dish.firstShelved(), now).toDays());
        int jars = dish.jars().values().stream().mapToInt(Integer::intValue).sum();
        JarKind usual = dish.jars().entrySet().stream()
                .max(Map.Entry.comparingByValue())
                .map(Map.Entry::getKey)
                .orElse(USUAL);
        int perLoad = kitchen.canners().stream()
                .mapToInt(canner -> canner.profile().capacity().ofOneLoad(usual))
                .max()
                .orElse(0);
        return new Need(
                dish.recipeId(),
                dish.title(),
                usual,
                new Stock(jars, targets.getOrDefault(dish.recipeId(), 0), taken.getOrDefault(dish.recipeId(), 0), (int)
                        Math.max(1, known)),
                meals(dish, kitchen, table),
                Math.max(1, perLoad));
    }

    private static int meals(NeedRepository.Dish dish, Kitchen kitchen, JarTable table) {
        double millilitres = dish.jars().entrySet().stream()
                .mapToDouble(
                        jars -> table.fill(jars.getKey().size(), jars.getKey().mouth(), Headspace.ONE_INCH)
                                        .map(Volume::millilitres)
                                        .orElse(0.0)
                                * jars.getValue())
                .sum();
        double meal = kitchen.household().serving().millilitres()
                * kitchen.household().people();
        return (int) Math.floor(millilitres / meal);
    }

    /**
     * @param basedOn the number of the last change that whoever says so had seen
     * @param jars the household wants to have of a dish; 0 for none in particular
     * @throws NotFound if there is no such recipe
     * @throws org.mobrel.server.platform.Conflict if another device has said another number since
     */
    @Transactional
    public void target(long basedOn, long recipe, int jars) {
        target(shared.change(TARGET, Long.toString(recipe), basedOn), recipe, jars);
    }

    /** As {@link #target(long, long, int)}, on what is there now; for kitchens that are loaded, not set up on a page. */
    @Transactional
    public void target(long recipe, int jars) {
        target(shared.changeOfLatest(TARGET, Long.toString(recipe)), recipe, jars);
    }

    private void target(SharedFields.Change begun, long recipe, int jars) {
        String title = recipes.latest(recipe).title();
        int now = repository.targets().getOrDefault(recipe, 0);
        if (now != jars) {
            begun.writes("jars", "\"%s\": the jars wanted were changed to %s on another device.".formatted(title, now));
            begun.settle();
            repository.target(recipe, jars);
        }
    }

    private List<Kit> kits(List<NeedRepository.Dish> dishes) {
        Map<Long, Integer> jars = dishes.stream()
                .collect(Collectors.toMap(NeedRepository.Dish::recipeId, dish -> dish.jars().values().stream()
                        .mapToInt(Integer::intValue)
                        .sum()));
        return repository.kits().stream()
                .map(kit -> {
                    int there = jars.getOrDefault(kit.recipeId(), 0);
                    return new Kit(
                            kit.id(),
                            kit.name(),
                            kit.recipeId(),
                            kit.kit(),
                            kit.kit().complete(there),
                            kit.kit().shortOf(there));
                })
                .toList();
    }

    /**
     * Keeps a kit, anew or in place of one.
     *
     * @throws NotFound if there is no such kit or recipe
     */
    @Transactional
    public long keep(Optional<Long> id, String name, long recipe, MealKit kit) {
        recipes.latest(recipe);
        id.filter(known -> repository.kits().stream().noneMatch(each -> each.id() == known))
                .ifPresent(unknown -> {
                    throw new NotFound("meal kit", unknown);
                });
        return repository.keep(id, name, recipe, kit);
    }

    /** @throws NotFound if there is no such kit */
    @Transactional
    public void removeKit(long id) {
        if (repository.remove(id) == 0) {
            throw new NotFound("meal kit", id);
        }
    }
}

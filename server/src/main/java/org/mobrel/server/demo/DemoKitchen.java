package org.mobrel.server.demo;

import java.math.BigDecimal;
import java.time.Duration;
import java.time.Instant;
import java.time.InstantSource;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.mobrel.canner.CannerProfile;
import org.mobrel.canner.Capacity;
import org.mobrel.canner.Gauge;
import org.mobrel.canner.GaugeKind;
import org.mobrel.canner.GaugeTest;
import org.mobrel.canner.Inspection;
import org.mobrel.canner.Weight;
import org.mobrel.foods.Pack;
import org.mobrel.jars.JarCount;
import org.mobrel.jars.JarKind;
import org.mobrel.jars.JarSize;
import org.mobrel.jars.Mouth;
import org.mobrel.quantity.Altitude;
import org.mobrel.quantity.Fraction;
import org.mobrel.quantity.GaugeError;
import org.mobrel.quantity.GaugePressure;
import org.mobrel.quantity.Volume;
import org.mobrel.ruling.TimingPolicy;
import org.mobrel.scaling.Units;
import org.mobrel.server.batch.BatchService;
import org.mobrel.server.kitchen.CareService;
import org.mobrel.server.kitchen.CupboardService;
import org.mobrel.server.kitchen.Kitchen;
import org.mobrel.server.kitchen.KitchenService;
import org.mobrel.server.planning.PlanBody;
import org.mobrel.server.planning.PlanService;
import org.mobrel.server.recipe.RecipeDraft;
import org.mobrel.server.recipe.RecipeService;
import org.mobrel.server.shelf.NeedService;
import org.mobrel.server.shelf.ShelfLot;
import org.mobrel.server.shelf.ShelfService;
import org.mobrel.shelf.MealKit;
import org.mobrel.shelf.Movement;
import org.mobrel.shelf.MovementKind;
import org.mobrel.shelf.Place;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.context.SmartLifecycle;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * An invented kitchen to look around in, loaded once into an empty database. It goes through the same services as a cook does: every
 * batch is ruled on, every run follows the rules of runs.
 */
@Component
@ConditionalOnProperty(name = "mobrel.demo", havingValue = "true")
class DemoKitchen implements SmartLifecycle {

    private static final Logger LOG = LoggerFactory.getLogger(DemoKitchen.class);

    private final KitchenService kitchens;
    private final RecipeService recipes;
    private final BatchService batches;
    private final PlanService plans;
    private final CareService care;
    private final CupboardService cupboard;
    private final ShelfService shelf;
    private final NeedService needs;
    private final DemoCook cook;
    private final InstantSource clock;
    private final TransactionTemplate whole;
    private volatile boolean running;

    DemoKitchen(
            KitchenService kitchens,
            RecipeService recipes,
            BatchService batches,
            PlanService plans,
            CareService care,
            CupboardService cupboard,
            ShelfService shelf,
            NeedService needs,
            DemoCook cook,
            InstantSource clock,
            TransactionTemplate whole) {
        this.kitchens = kitchens;
        this.recipes = recipes;
        this.batches = batches;
        this.plans = plans;
        this.care = care;
        this.cupboard = cupboard;
        this.shelf = shelf;
        this.needs = needs;
        this.cook = cook;
        this.clock = clock;
        this.whole = whole;
    }

    @Override
    public void start() {
        running = true;
        boolean empty = kitchens.kitchen().canners().isEmpty()
                && recipes.book(false, "").isEmpty();
        if (empty) {
            // All or nothing: a kitchen that is half loaded would never be loaded again.
            whole.executeWithoutResult(transaction -> load());
            LOG.info("the demo kitchen is loaded");
        }
    }

    @Override
    public void stop() {
        running = false;
    }

    @Override
    public boolean isRunning() {
        return running;
    }

    /** Before the first request is heard: nobody sees a kitchen that is half there. */
    @Override
    public int getPhase() {
        return 1;
    }

    private void load() {
        kitchens.change(before -> new Kitchen(
                Optional.of(Altitude.ofFeet(3_150)),
                Units.US,
                TimingPolicy.LONGEST_INGREDIENT,
                before.household(),
                before.workplace(),
                before.bestMonths(),
                before.writing(),
                before.care(),
                before.canners()));
        long big = kitchens.add(new CannerProfile(
                "Big canner",
                new Gauge(GaugeKind.DIAL, GaugeError.NONE),
                Capacity.of(7, 8, 2),
                Optional.empty(),
                Optional.of(Volume.ofMillilitres(2_840)),
                "front left"));
        long small = kitchens.add(new CannerProfile(
                "Small canner",
                Gauge.weighted(),
                Capacity.of(4, 9, 1),
                Optional.of(new Weight(Weight.Shows.HOLES, Weight.Sound.JIGGLES, 1, 4, true)),
                Optional.of(Volume.ofMillilitres(1_900)),
                "back right"));
        LocalDate spring = care.today().minusDays(250);
        care.tested(
                big,
                new GaugeTest(
                        spring,
                        GaugePressure.ofPsi(new BigDecimal("10.5")),
                        GaugePressure.ofPsi(10),
                        "Extension office"));
        care.inspected(
                big,
                new Inspection(
                        spring,
                        Map.of(
                                Inspection.Part.SEAL, Inspection.Look.WORN,
                                Inspection.Part.VENT, Inspection.Look.GOOD,
                                Inspection.Part.PLUG, Inspection.Look.GOOD,
                                Inspection.Part.LOCK, Inspection.Look.GOOD,
                                Inspection.Part.BODY, Inspection.Look.GOOD),
                        "Ines",
                        "Gasket a little stiff; a new one is in the drawer"));

        long okra = recipe(240, "Turkey, lima and okra soup", DemoRecipes.TURKEY_LIMA_OKRA, Fraction.HALF, "soup");
        long stew = recipe(200, "Venison, carrot and mushroom stew", DemoRecipes.VENISON, Fraction.HALF, "stew");
        long chowder = recipe(160, "Salmon and potato chowder base", DemoRecipes.CHOWDER, Fraction.HALF, "soup");
        long stock = recipe(150, "Pork shank stock", DemoRecipes.STOCK, Fraction.HALF, "stock");
        long cranberry = recipe(120, "Cranberry beans in tomato", DemoRecipes.CRANBERRY, Fraction.of(0.67), "beans");
        long asparagus = recipe(100, "Asparagus and pea soup", DemoRecipes.ASPARAGUS, Fraction.HALF, "soup", "spring");
        recipe(60, "Creamy barley and mushroom soup", DemoRecipes.CREAMY_BARLEY, Fraction.HALF, "soup");
        long kidney = recipes.createAt(DemoRecipes.kidneySoup(), daysAgo(45)).id();
        recipes.note(stew, "Less salt next time");
        recipes.note(kidney, "The squash went soft: cut it closer to an inch");

        finished(330, stock, small, List.of(quarts(4)), cook.clean(), 0);
        finished(214, okra, big, List.of(quarts(7)), cook.clean().burner("4"), 3);
        finished(150, chowder, big, List.of(pints(12)), cook.clean(), 5);
        finished(97, asparagus, big, List.of(pints(16)), cook.clean().failing(11), 6);
        finished(61, stew, big, List.of(quarts(6), pints(1)), cook.losing().burner("4 and a half"), 1);
        finished(43, kidney, big, List.of(quarts(7)), cook.clean(), 2);
        judged(20, cranberry, big, List.of(pints(14)));
        finished(9, stock, small, List.of(quarts(4)), cook.clean().burner("3"), 0);

        cupboard.count(cupboard.seen().version(), new JarKind(JarSize.QUART, Mouth.REGULAR), Optional.of(15));
        cupboard.count(cupboard.seen().version(), new JarKind(JarSize.PINT, Mouth.REGULAR), Optional.of(22));
        cupboard.count(cupboard.seen().version(), Mouth.REGULAR, Optional.of(9));
        plan(stew, List.of(wanted("quart", 7), wanted("pint", 0), wanted("half-pint", 0)), "8 lb");
        plans.create(
                PlanBody.Dish.of("a", kidney, List.of(wanted("quart", 6), wanted("pint", 1), wanted("half-pint", 0))));
        plans.create(
                PlanBody.Dish.of("a", kidney, List.of(wanted("quart", 12), wanted("pint", 0), wanted("half-pint", 0))),
                PlanBody.Dish.of("b", stock, List.of(wanted("quart", 6), wanted("pint", 0), wanted("half-pint", 0))));

        needs.target(kidney, 14);
        needs.target(okra, 7);
        needs.target(stock, 8);
        needs.keep(
                Optional.empty(),
                "Chowder supper",
                chowder,
                new MealKit(
                        1, List.of(new MealKit.Good("Milk powder", 1, 5), new MealKit.Good("Crackers, packs", 1, 3))));
        ShelfLot beans = shelf.standing("Cranberry", "", 0, 1).get(0);
        shelf.move(
                beans.lot().code(),
                Movement.between(Place.SHELF, new Place("Cellar"), 6),
                new ShelfService.Said("Ines", "", daysAgo(12)));
        shelf.finish(
                shelf.standing("chowder", "", 0, 1).get(0).lot().code(), "Add a cup of cream; heat, do not boil again");

        // Yesterday's jars still wait for their seal check; today's soup is in the middle of its hold.
        BatchService.Made resting = make(0, stew, small, List.of(quarts(4)), Optional.empty(), Duration.ofHours(19));
        cook.untilResting(resting.runIds().get(0), clock.instant().minus(Duration.ofHours(19)));
        BatchService.Made live =
                make(0, kidney, big, List.of(quarts(6), pints(1)), Optional.empty(), Duration.ofMinutes(112));
        cook.untilHolding(live.runIds().get(0), clock.instant().minus(Duration.ofMinutes(112)));
    }

    /** Uses up what is in hand of the first ingredient. */
    private void plan(long recipe, List<PlanBody.WantedJars> jars, String inHand) {
        PlanBody.Dish plain = PlanBody.Dish.of("a", recipe, jars);
        plans.create(plain.usingUp(new PlanBody.Hand(0, inHand, true)));
    }

    private static PlanBody.WantedJars wanted(String size, int count) {
        return new PlanBody.WantedJars(size, "regular", count);
    }

    private long recipe(int daysAgo, String title, List<String> lines, Fraction share, String... tags) {
        RecipeDraft plain = RecipeDraft.of(title, lines, Pack.HOT, share);
        return recipes.createAt(plain.tagged(List.of(tags)), daysAgo(daysAgo)).id();
    }

    private void finished(int daysAgo, long recipe, long canner, List<JarCount> jars, DemoCook.Way way, int eaten) {
        BatchService.Made made = make(daysAgo, recipe, canner, jars, Optional.empty(), Duration.ZERO);
        made.runIds().forEach(run -> cook.through(run, daysAgo(daysAgo), way));
        eat(made.batchId(), eaten, daysAgo(daysAgo));
    }

    private void judged(int daysAgo, long recipe, long canner, List<JarCount> jars) {
        BatchService.Accepted accepted = new BatchService.Accepted(
                "Ines", "Two thirds beans, as we have always packed them; loose enough to see broth move between them");
        BatchService.Made made = make(daysAgo, recipe, canner, jars, Optional.of(accepted), Duration.ZERO);
        made.runIds().forEach(run -> cook.through(run, daysAgo(daysAgo), cook.clean()));
        eat(made.batchId(), 2, daysAgo(daysAgo));
    }

    private BatchService.Made make(
            int daysAgo,
            long recipe,
            long canner,
            List<JarCount> jars,
            Optional<BatchService.Accepted> accepted,
            Duration earlier) {
        return batches.makeAt(recipe, canner, jars, accepted, daysAgo(daysAgo).minus(earlier));
    }

    private void eat(long batch, int jars, Instant canned) {
        List<ShelfLot> lots = shelf.lotsOfBatch(batch);
        for (int jar = 0; jar < jars; jar++) {
            shelf.move(
                    lots.get(0).lot().code(),
                    Movement.out(MovementKind.EATEN, 1, Place.SHELF),
                    new ShelfService.Said("", "", canned.plus(Duration.ofDays(2L + 3 * jar))));
        }
    }

    private Instant daysAgo(int days) {
        return clock.instant().minus(Duration.ofDays(days));
    }

    private static JarCount quarts(int count) {
        return new JarCount(JarSize.QUART, Mouth.REGULAR, count);
    }

    private static JarCount pints(int count) {
        return new JarCount(JarSize.PINT, Mouth.REGULAR, count);
    }
}

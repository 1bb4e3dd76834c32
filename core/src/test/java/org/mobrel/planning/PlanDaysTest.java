package org.mobrel.planning;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;
import org.junit.jupiter.params.provider.CsvSource;
import org.mobrel.canner.CannerProfile;
import org.mobrel.canner.Capacity;
import org.mobrel.canner.Gauge;
import org.mobrel.canner.GaugeKind;
import org.mobrel.canner.PressureTable;
import org.mobrel.day.DishWork;
import org.mobrel.day.WorkTable;
import org.mobrel.foods.Catalogue;
import org.mobrel.foods.Pack;
import org.mobrel.jars.JarCount;
import org.mobrel.jars.JarKind;
import org.mobrel.jars.JarSize;
import org.mobrel.jars.JarTable;
import org.mobrel.jars.Mouth;
import org.mobrel.method.Method;
import org.mobrel.method.RequiredSteps;
import org.mobrel.quantity.Altitude;
import org.mobrel.quantity.Fraction;
import org.mobrel.quantity.GaugeError;
import org.mobrel.quantity.Mass;
import org.mobrel.quantity.Minutes;
import org.mobrel.quantity.Volume;
import org.mobrel.recipe.IngredientLine;
import org.mobrel.recipe.LineReader;
import org.mobrel.ruling.Rulings;
import org.mobrel.ruling.TimingPolicy;
import org.mobrel.scaling.Scaled;
import org.mobrel.scaling.YieldCorrection;
import org.mobrel.shopping.Goods;
import org.mobrel.shopping.ShoppingList;
import org.mobrel.shopping.Wanted;

/** Jars over days, dishes that share what they are made of, loads that are even, and times that the cook knows better. */
class PlanDaysTest {

    private static final Catalogue CATALOGUE = Catalogue.load();
    private static final LineReader READER = new LineReader(CATALOGUE);
    private static final JarTable JARS = JarTable.load();
    private static final Rulings RULINGS = new Rulings(CATALOGUE, PressureTable.load(), JARS);
    private static final JarKind QUART = new JarKind(JarSize.QUART, Mouth.REGULAR);
    private static final JarKind PINT = new JarKind(JarSize.PINT, Mouth.REGULAR);
    private static final LoadPlanner LOADS =
            new LoadPlanner(RULINGS, RequiredSteps.load(), WorkTable.load(), LoadSearch.THOROUGH);
    private static final CannerProfile PROFILE = new CannerProfile(
            "Canner",
            new Gauge(GaugeKind.WEIGHTED, GaugeError.NONE),
            Capacity.of(7, 9, 2),
            Optional.empty(),
            Optional.empty(),
            "");
    private static final PlannedCanner CANNER = new PlannedCanner(1, PROFILE, List.of());
    private static final String STEW = "3 lb carrots, sliced; 2 lb potatoes, cubed; 3 qt beef stock; salt";

    private static PlannedDish dish(
            String key, String lines, String steps, Map<String, Minutes> work, JarCount... jars) {
        List<IngredientLine> read =
                Arrays.stream(lines.split("; ")).map(READER::read).toList();
        WantedDish wish = new WantedDish(
                key,
                "Dish " + key,
                read,
                Pack.HOT,
                Fraction.HALF,
                Method.of(steps.isEmpty() ? List.of() : List.of(steps), read, READER),
                List.of(),
                YieldCorrection.NONE,
                new WantedDish.SoManyJars(
                        Arrays.stream(jars).map(JarCount::kind).toList(), List.of(jars)),
                Volume.ZERO,
                work);
        return (PlannedDish)
                new DishPlanner(RULINGS, JARS, Altitude.ofFeet(900), PROFILE, TimingPolicy.LONGEST_INGREDIENT)
                        .plan(wish);
    }

    private static int count(List<JarCount> jars, JarKind kind) {
        return jars.stream()
                .filter(jar -> jar.kind().equals(kind))
                .mapToInt(JarCount::count)
                .sum();
    }

    /** Whatever is moved: each jar is canned on one day, and the parts of a dish are the dish. */
    @Test
    void every_jar_is_canned_on_one_day() {
        Random random = new Random(11);
        for (int round = 0; round < 120; round++) {
            List<PlannedDish> dishes = List.of(
                    dish(
                            "a",
                            STEW,
                            "",
                            Map.of(),
                            QUART.times(1 + random.nextInt(30)),
                            PINT.times(1 + random.nextInt(20))),
                    dish("b", "5 lb green beans", "", Map.of(), PINT.times(1 + random.nextInt(30))));
            List<List<PlannedDay.DishJars>> later = new ArrayList<>();
            for (int day = random.nextInt(4); day > 0; day--) {
                List<PlannedDay.DishJars> moved = new ArrayList<>();
                for (int part = random.nextInt(4); part > 0; part--) {
                    moved.add(new PlannedDay.DishJars(
                            random.nextBoolean() ? "a" : random.nextBoolean() ? "b" : "gone",
                            List.of((random.nextBoolean() ? QUART : PINT).times(1 + random.nextInt(25)))));
                }
                later.add(moved);
            }
            List<List<PlannedDish>> days = SpreadOverDays.of(RULINGS, dishes, later);
            assertThat(days).hasSize(later.size() + 1);
            for (PlannedDish dish : dishes) {
                List<PlannedDish> parts = days.stream()
                        .flatMap(List::stream)
                        .filter(part -> part.key().equals(dish.key()))
                        .toList();
                for (JarKind kind : List.of(QUART, PINT)) {
                    assertThat(parts.stream()
                                    .mapToInt(part -> count(part.jars(), kind))
                                    .sum())
                            .isEqualTo(count(dish.jars(), kind));
                }
                assertThat(parts.stream().mapToDouble(PlannedDish::part).sum()).isCloseTo(1, within(1e-6));
                assertThat(parts).allSatisfy(part -> assertThat(
                                part.ruling().timing().orElseThrow().minutes())
                        .isLessThanOrEqualTo(
                                dish.ruling().timing().orElseThrow().minutes()));
            }
        }
    }

    /** What several dishes share is bought once; what each gets of it adds up to what is needed. */
    @Test
    void splitting_a_shared_ingredient_keeps_its_sum() {
        Random random = new Random(5);
        String[] lines = {"2 lb carrots, sliced", "3 cups carrots, diced", "5 carrots", "1 lb celery", "2 qt beef stock"
        };
        for (int round = 0; round < 200; round++) {
            List<Wanted> wanted = new ArrayList<>();
            for (int part = 2 + random.nextInt(6); part > 0; part--) {
                wanted.add(new Wanted(
                        READER.read(lines[random.nextInt(lines.length)]),
                        0.1 + 4 * random.nextDouble(),
                        Volume.ZERO,
                        "Dish " + random.nextInt(3)));
            }
            ShoppingList.of(wanted, Map.of()).items().stream()
                    .filter(item -> !item.parts().isEmpty())
                    .forEach(item -> {
                        List<Goods> parts = item.parts().stream()
                                .map(ShoppingList.Part::goods)
                                .toList();
                        assertThat(parts).hasSizeGreaterThan(1);
                        assertThat(grams(parts)).isCloseTo(grams(List.of(item.need())), within(0.01));
                        assertThat(millilitres(parts)).isCloseTo(millilitres(List.of(item.need())), within(0.01));
                    });
        }
    }

    private static double grams(List<Goods> goods) {
        return goods.stream()
                .flatMap(each -> each.mass().stream())
                .mapToDouble(Mass::grams)
                .sum();
    }

    private static double millilitres(List<Goods> goods) {
        return goods.stream()
                .flatMap(each -> each.volume().stream())
                .mapToDouble(Volume::millilitres)
                .sum();
    }

    @ParameterizedTest
    @CsvSource({"16, '6,5,5'", "14, '7,7'", "15, '5,5,5'", "8, '4,4'", "7, '7'", "48, '7,7,7,7,7,7,6'"})
    void loads_are_even_on_request_and_end_no_later(int quarts, String loads) {
        PlannedDish stew = dish("a", STEW, "", Map.of(), QUART.times(quarts));
        ChosenLoads full = LOADS.choose(List.of(stew), List.of(CANNER), new LoadPlanner.Wish(4, false, false));
        ChosenLoads even = LOADS.choose(List.of(stew), List.of(CANNER), new LoadPlanner.Wish(4, false, true));
        assertThat(even.loads().stream().map(load -> load.load().count(0)))
                .containsExactly(
                        Arrays.stream(loads.split(",")).map(Integer::valueOf).toArray(Integer[]::new));
        assertThat(even.loads().stream().map(load -> load.load().done()))
                .isEqualTo(full.loads().stream().map(load -> load.load().done()).toList());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            Simmer for 2 hours.                      |               | simmer 120
            Simmer for 1 hour. Simmer for 30 minutes |               | simmer 90
            Simmer for 2 hours.                      | simmer 75     | simmer 75
            ''                                       | boil-together 40 | boil-together 40
            ''                                       | boil-together 3  | boil-together 15
            """)
    void the_cooks_own_times_count_but_never_below_what_a_row_asks_for(String steps, String own, String expected) {
        Map<String, Minutes> work =
                own == null ? Map.of() : Map.of(own.split(" ")[0], new Minutes(Integer.parseInt(own.split(" ")[1])));
        PlannedDish stew = dish("a", STEW, steps, work, QUART.times(7));
        DishWork work1 =
                LOADS.choose(List.of(stew), List.of(CANNER), 4, false).works().get(0);
        assertThat(work1.cook().stream()
                        .map(each -> each.code() + " " + each.hands().usual().value()))
                .contains(expected);
    }

    @ParameterizedTest
    @CsvSource({"0", "1", "2", "3"})
    void a_row_that_is_put_to_rest_meanwhile_leaves_no_half_planned_load(int rulingsBefore) {
        PlannedDish stew = dish("a", STEW, "", Map.of(), QUART.times(16));
        Set<String> every = stew.ruling().rows().stream().map(use -> use.row()).collect(Collectors.toSet());
        AtomicInteger asked = new AtomicInteger();
        Rulings changing = new Rulings(
                CATALOGUE,
                PressureTable.load(),
                JARS,
                () -> asked.getAndIncrement() < rulingsBefore ? Set.of() : every);
        ChosenLoads chosen = new LoadPlanner(changing, RequiredSteps.load(), WorkTable.load(), LoadSearch.THOROUGH)
                .choose(List.of(stew), List.of(CANNER), 4, false);
        assertThat(chosen.loads()).isEmpty();
    }

    /** Each minute once, worked out by hand: before; what is begun earlier, each row of things done one after the other, and what is on the stove that day. */
    @ParameterizedTest
    @CsvFileSource(resources = "/cases/day-work.csv", delimiter = '|', useHeadersInDisplayName = true)
    void the_days_work_is_what_the_steps_say(String lines, String steps, String before, String cook) {
        DishWork work = LOADS.choose(
                        List.of(dish("a", lines, steps, Map.of(), QUART.times(7))), List.of(CANNER), 4, false)
                .works()
                .get(0);
        assertThat(work.before().stream().map(PlanDaysTest::named).collect(Collectors.joining("; ")))
                .isEqualTo(before == null ? "" : before);
        assertThat(named(work.cook())).isEqualTo(cook);
    }

    private static String named(List<WorkTable.Work> works) {
        return works.stream()
                .map(work -> work.code().replaceAll("-\\d+$", "") + " "
                        + (work.hands().usual().value()
                                + (work.code().equals("skim") || work.code().equals("soak")
                                        ? 0
                                        : work.rest().least().value())))
                .collect(Collectors.joining(", "));
    }

    @Test
    void work_at_the_board_goes_with_the_jars_of_the_day() {
        PlannedDish stew = dish("a", STEW, "", Map.of("prep", new Minutes(80)), QUART.times(16));
        List<PlannedDish> second = SpreadOverDays.of(
                        RULINGS, List.of(stew), List.of(List.of(new PlannedDay.DishJars("a", List.of(QUART.times(4))))))
                .get(1);
        ChosenLoads chosen = LOADS.choose(second, List.of(CANNER), 4, false);
        assertThat(chosen.works().get(0).prep()).isEqualTo(new Minutes(20));
        assertThat(stew.scaled().map(Scaled::factor))
                .isEqualTo(second.get(0).scaled().map(Scaled::factor));
    }
}

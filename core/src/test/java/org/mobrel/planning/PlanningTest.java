package org.mobrel.planning;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mobrel.planning.DishOutcome.Code;

import java.time.Instant;
import java.time.LocalTime;
import java.time.ZoneOffset;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.mobrel.canner.CannerProfile;
import org.mobrel.canner.Capacity;
import org.mobrel.canner.Gauge;
import org.mobrel.canner.GaugeKind;
import org.mobrel.canner.PressureTable;
import org.mobrel.day.CannerTimes;
import org.mobrel.day.DayTarget;
import org.mobrel.day.Quiet;
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
import org.mobrel.quantity.Minutes;
import org.mobrel.quantity.Volume;
import org.mobrel.recipe.Amount;
import org.mobrel.recipe.IngredientLine;
import org.mobrel.recipe.LineReader;
import org.mobrel.ruling.Rulings;
import org.mobrel.ruling.TimingPolicy;
import org.mobrel.scaling.InHand;
import org.mobrel.scaling.YieldCorrection;

/** From wishes to dishes, loads and a day, without a server. */
class PlanningTest {

    private static final Catalogue CATALOGUE = Catalogue.load();
    private static final LineReader READER = new LineReader(CATALOGUE);
    private static final JarTable JARS = JarTable.load();
    private static final Rulings RULINGS = new Rulings(CATALOGUE, PressureTable.load(), JARS);
    private static final JarKind QUART = new JarKind(JarSize.QUART, Mouth.REGULAR);
    private static final JarKind PINT = new JarKind(JarSize.PINT, Mouth.REGULAR);
    private static final PlannedCanner BIG = canner(1, Capacity.of(7, 9, 2), "front left");
    private static final PlannedCanner SMALL = canner(2, Capacity.of(4, 5, 1), "front right");
    private static final LoadPlanner LOADS =
            new LoadPlanner(RULINGS, RequiredSteps.load(), WorkTable.load(), LoadSearch.THOROUGH);
    private static final Instant NOW = Instant.parse("2026-10-02T12:00:00Z");
    private static final DayPlanner.Workplace KITCHEN =
            new DayPlanner.Workplace(4, new Quiet(LocalTime.of(22, 0), LocalTime.of(7, 0), ZoneOffset.UTC), NOW);

    private static PlannedCanner canner(long id, Capacity capacity, String burner) {
        CannerProfile profile = new CannerProfile(
                "Canner " + id,
                new Gauge(GaugeKind.WEIGHTED, GaugeError.NONE),
                capacity,
                Optional.empty(),
                Optional.empty(),
                burner);
        return new PlannedCanner(id, profile, List.of());
    }

    private static WantedDish wish(String key, String lines, WantedDish.HowMuch amount) {
        List<IngredientLine> read =
                Arrays.stream(lines.split("; ")).map(READER::read).toList();
        return new WantedDish(
                key,
                "Dish " + key,
                read,
                Pack.HOT,
                Fraction.HALF,
                Method.of(List.of(), read, READER),
                List.of(),
                YieldCorrection.NONE,
                amount,
                Volume.ZERO,
                Map.of());
    }

    private static WantedDish.HowMuch jars(JarKind kind, int count) {
        return new WantedDish.SoManyJars(List.of(kind), count == 0 ? List.of() : List.of(kind.times(count)));
    }

    private static DishOutcome outcome(WantedDish wish) {
        return new DishPlanner(RULINGS, JARS, Altitude.ofFeet(900), BIG.profile(), TimingPolicy.LONGEST_INGREDIENT)
                .plan(wish);
    }

    private static PlannedDish planned(WantedDish wish) {
        return (PlannedDish) outcome(wish);
    }

    private static final String STEW = "3 lb carrots, sliced; 2 lb potatoes, cubed; 3 qt beef stock; salt";

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            0 | 6 lb      | false |                      | 17
            0 | 6 lb      | true  |                      | 7
            9 | 6 lb      | false | LINE_GONE            |
            3 | 6 lb      | false | LINE_WITHOUT_AMOUNT  |
            2 | 6 qt      | false |                      | 17
            0 | 90000 lb  | false | TOO_MANY_JARS        |
            """)
    void uses_up_what_is_in_hand_or_says_what_stands_in_the_way(
            int line, String amount, boolean oneLoad, Code problem, Integer quarts) {
        DishOutcome outcome = outcome(wish(
                "a",
                STEW,
                new WantedDish.UseUp(
                        new WantedDish.Ready(List.of(QUART), oneLoad, Map.of()),
                        List.of(new InHand(line, Amount.read(amount).orElseThrow(), false)))));
        if (problem == null) {
            assertThat(((PlannedDish) outcome).jars()).containsExactly(QUART.times(quarts));
            assertThat(((PlannedDish) outcome).reach()).isPresent();
        } else {
            assertThat(outcome).isInstanceOfSatisfying(DishOutcome.Problem.class, wrong -> assertThat(wrong.code())
                    .isEqualTo(problem));
        }
    }

    @Test
    void a_dish_without_a_number_of_jars_is_ruled_on_by_its_kind_of_jar() {
        PlannedDish dish = planned(wish("a", STEW, jars(PINT, 0)));
        assertThat(dish.jars()).isEmpty();
        assertThat(dish.ruling().timing().orElseThrow().minutes()).isEqualTo(new Minutes(60));
        assertThat(LOADS.choose(List.of(dish), List.of(BIG), 4, false).loads()).isEmpty();
    }

    @Test
    void what_is_stopped_takes_no_load() {
        PlannedDish stopped = planned(wish("a", "3 lb carrots, sliced; 2 cups rice; 2 qt stock", jars(QUART, 7)));
        PlannedDish stew = planned(wish("b", STEW, jars(QUART, 3)));
        ChosenLoads chosen = LOADS.choose(List.of(stopped, stew), List.of(BIG), 4, false);
        assertThat(chosen.of("a")).isEmpty();
        assertThat(chosen.of("b")).hasSize(1);
    }

    @Test
    void canners_that_share_a_burner_take_turns() {
        PlannedDish stew = planned(wish("a", STEW, jars(QUART, 11)));
        ChosenLoads apart = LOADS.choose(List.of(stew), List.of(BIG, SMALL), 4, false);
        ChosenLoads shared =
                LOADS.choose(List.of(stew), List.of(BIG, canner(2, Capacity.of(4, 5, 1), "Front Left")), 4, false);
        assertThat(apart.loads()).extracting(load -> load.canner().id()).containsExactlyInAnyOrder(1L, 2L);
        assertThat(shared.loads()).extracting(load -> load.canner().id()).containsExactly(1L, 1L);
    }

    @Test
    void a_canner_is_as_slow_as_its_own_runs_were() {
        CannerTimes.Seen slow = new CannerTimes.Seen(Pack.HOT, new Minutes(50), new Minutes(20), new Minutes(70));
        PlannedCanner known = new PlannedCanner(1, BIG.profile(), List.of(slow, slow, slow));
        PlannedDish stew = planned(wish("a", STEW, jars(QUART, 7)));
        CannerLoad usual = new CannerLoad(BIG, stew);
        CannerLoad learnt = new CannerLoad(known, stew);
        assertThat(learnt.takes() - usual.takes()).isEqualTo(50 + 20 + 70 - 20 - 8 - 40);
    }

    private record CannerLoad(PlannedCanner canner, PlannedDish dish) {
        int takes() {
            org.mobrel.loading.CannerLoad load = LOADS.choose(List.of(dish), List.of(canner), 4, false)
                    .loads()
                    .get(0)
                    .load();
            return load.done() - load.start();
        }
    }

    @Test
    void a_day_that_does_not_fit_offers_only_what_makes_it_fit() {
        List<PlannedDish> dishes = List.of(planned(wish("a", STEW, jars(QUART, 14))));
        ChosenLoads chosen = LOADS.choose(dishes, List.of(BIG), 4, false);
        DayPlanner days = new DayPlanner(LOADS, RULINGS);
        DayTarget late = new DayTarget(DayTarget.Kind.START, Instant.parse("2026-10-03T19:00:00Z"));
        PlannedDay day = days.plan(
                        dishes,
                        chosen,
                        new DayPlanner.WantedDay(late, true, false, List.of(BIG), List.of(BIG, SMALL)),
                        KITCHEN)
                .orElseThrow();
        assertThat(day.day().fits()).isFalse();
        assertThat(day.remedies())
                .isNotEmpty()
                .allSatisfy(remedy -> assertThat(remedy.day().fits()).isTrue());
        DayTarget early = new DayTarget(DayTarget.Kind.START, Instant.parse("2026-10-03T09:00:00Z"));
        assertThat(days.plan(
                                dishes,
                                chosen,
                                new DayPlanner.WantedDay(early, true, false, List.of(BIG), List.of(BIG)),
                                KITCHEN)
                        .orElseThrow()
                        .remedies())
                .isEmpty();
    }

    /** Whatever is planned: every jar is in one load, and no load is shorter or lower than any of its jars needs. */
    @Test
    void every_jar_is_loaded_once_and_gets_no_less_than_it_needs() {
        String[] recipes = {
            STEW, "4 lb chicken, cubed; 2 lb celery; 3 qt chicken stock", "3 lb carrots; 2 qt stock", "5 lb green beans"
        };
        Random random = new Random(7);
        for (int round = 0; round < 60; round++) {
            List<PlannedDish> dishes = random.ints(1 + random.nextInt(3), 0, recipes.length)
                    .mapToObj(recipe -> wish(
                            "r" + recipe + "x" + random.nextInt(1_000_000),
                            recipes[recipe],
                            jars(random.nextBoolean() ? QUART : PINT, 1 + random.nextInt(20))))
                    .map(PlanningTest::planned)
                    .toList();
            List<PlannedCanner> canners = random.nextBoolean() ? List.of(BIG) : List.of(BIG, SMALL);
            ChosenLoads chosen = LOADS.choose(dishes, canners, 1 + random.nextInt(4), random.nextBoolean());
            assertThat(chosen.loads().stream()
                            .flatMap(load -> load.shares().stream())
                            .collect(Collectors.groupingBy(
                                    share -> share.dish().key(), Collectors.summingInt(share -> share.jars().stream()
                                            .mapToInt(JarCount::count)
                                            .sum()))))
                    .isEqualTo(dishes.stream()
                            .collect(Collectors.toMap(
                                    PlannedDish::key, dish -> dish.jars().get(0).count())));
            assertThat(chosen.loads())
                    .allSatisfy(load -> assertThat(load.shares()).allSatisfy(share -> assertThat(load.minutes())
                            .isGreaterThanOrEqualTo(share.timing().minutes())));
        }
    }
}

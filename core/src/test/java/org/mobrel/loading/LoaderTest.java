package org.mobrel.loading;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestFactory;
import org.mobrel.Cases;
import org.mobrel.canner.Capacity;
import org.mobrel.quantity.Minutes;
import tools.jackson.databind.JsonNode;

class LoaderTest {

    private static final LoadingCanner BIG =
            new LoadingCanner("A", Capacity.of(7, 8, 2), new Minutes(20), new Minutes(8), new Minutes(40));

    @TestFactory
    Stream<DynamicTest> days_are_loaded_as_well_as_they_can_be() throws IOException {
        return Cases.of("loading-cases.json")
                .map(example -> DynamicTest.dynamicTest(example.get("name").asString(), () -> check(example)));
    }

    private static void check(JsonNode example) {
        LoadingDay day = Days.read(example.get("request"));
        JsonNode expect = example.get("expect");
        if (expect.has("infeasible")) {
            assertThat(day.fitsNowhere()).isPresent();
            assertThatThrownBy(() -> Loader.best(day, SearchDeadline.NEVER)).hasMessageContaining("fits no canner");
            return;
        }
        LoadingPlan plan = Loader.best(day, SearchDeadline.NEVER);
        assertThat(plan.figures())
                .isEqualTo(new PlanCost(
                        expect.get("makespan").asInt(),
                        expect.get("watched").asInt(),
                        expect.get("loadCount").asInt(),
                        expect.get("overProcess").asInt()));
        assertThat(plan.isOptimal()).isTrue();
        assertThat(plan.figures()).isEqualTo(PlanCost.of(day, plan.loads()));
    }

    /** Every way to load it is tried, at every minute. */
    @TestFactory
    Stream<DynamicTest> no_way_to_load_a_tiny_day_is_better() {
        return Stream.iterate(0, part -> part < 8, part -> part + 1)
                .map(part -> DynamicTest.dynamicTest("days by chance, part " + part, () -> {
                    Random chance = new Random(part);
                    int tried = 0;
                    while (tried < 50) {
                        LoadingDay day = Days.tiny(chance);
                        LoadingPlan plan = Loader.best(day, SearchDeadline.NEVER);
                        if (plan.loads().size() <= 3 && day.jars() <= 9) {
                            assertThat(plan.figures())
                                    .as(day.toString())
                                    .isEqualTo(Witness.best(day, plan.loads().size() + 1));
                            assertThat(plan.isOptimal()).isTrue();
                            tried++;
                        }
                    }
                }));
    }

    @Test
    void every_plan_keeps_every_rule() {
        Random chance = new Random(7);
        for (int time = 0; time < 150; time++) {
            LoadingDay day = Days.usual(chance, 3, 4, 40);
            LoadingPlan plan = Loader.best(day, SearchDeadline.NEVER);
            assertThat(plan.isOptimal()).as(day.toString()).isTrue();
            keepsTheRules(day, plan.loads());
            for (BaselinePlans.Plan other : BaselinePlans.plans(day)) {
                keepsTheRules(day, other.loads());
                assertThat(plan.figures()).isLessThanOrEqualTo(other.figures());
            }
        }
    }

    private static void keepsTheRules(LoadingDay day, List<CannerLoad> loads) {
        int[] left = day.groups().stream().mapToInt(JarGroup::count).toArray();
        int[] free = new int[day.canners().size()];
        for (CannerLoad load : loads) {
            LoadingCanner canner = day.canners().get(load.canner());
            assertThat(load.start()).isGreaterThanOrEqualTo(free[load.canner()]);
            free[load.canner()] = load.done() + 15;
            assertThat(load.heatOff() - load.start())
                    .isEqualTo(canner.heatUp().value() + 10 + canner.comeUp().value() + load.process());
            assertThat(load.layers()).hasSizeLessThanOrEqualTo(canner.capacity().layers());
            boolean highest = false;
            for (int at = load.layers().size() - 1; at >= 0; at--) {
                double share = 0;
                for (CannerLoad.Part part : load.layers().get(at).parts()) {
                    JarGroup group = day.groups().get(part.group());
                    left[part.group()] -= part.count();
                    share += (double) part.count() / canner.capacity().of(group.kind());
                    assertThat(load.process())
                            .isGreaterThanOrEqualTo(group.process().value());
                    assertThat(load.start())
                            .isGreaterThanOrEqualTo(group.ready().value());
                    assertThat(group.kind().size().isShort() || !highest)
                            .as("a tall jar stands on the top layer only")
                            .isTrue();
                }
                assertThat(share).isLessThanOrEqualTo(1 + 1e-9);
                highest = true;
            }
        }
        assertThat(Arrays.stream(left).allMatch(jars -> jars == 0)).isTrue();
    }

    @Test
    void another_canner_never_makes_the_day_longer() {
        Random chance = new Random(11);
        for (int time = 0; time < 60; time++) {
            LoadingDay day = Days.usual(chance, 2, 3, 30);
            LoadingDay more = new LoadingDay(
                    Stream.concat(day.canners().stream(), Stream.of(BIG)).toList(), day.groups());
            assertThat(Loader.best(more, SearchDeadline.NEVER).figures().makespan())
                    .isLessThanOrEqualTo(
                            Loader.best(day, SearchDeadline.NEVER).figures().makespan());
        }
    }

    @Test
    void when_time_is_up_the_best_so_far_is_told_with_what_is_proven_of_it() {
        Random chance = new Random(3);
        for (int looks = 0; looks < 400; looks += 7) {
            LoadingDay day = Days.usual(chance, 3, 4, 40);
            int[] left = {looks};
            LoadingPlan early = Loader.best(day, () -> left[0]-- <= 0);
            LoadingPlan best = Loader.best(day, SearchDeadline.NEVER);
            keepsTheRules(day, early.loads());
            assertThat(early.figures()).isGreaterThanOrEqualTo(best.figures());
            if (early.isOptimal()) {
                assertThat(early.figures()).isEqualTo(best.figures());
            }
            if (early.proven() >= 1) {
                assertThat(early.figures().makespan()).isEqualTo(best.figures().makespan());
            } else {
                assertThat(early.bound()).isLessThanOrEqualTo(best.figures().makespan());
            }
            if (early.proven() == 1) {
                assertThat(early.bound()).isLessThanOrEqualTo(best.figures().watched());
            }
        }
    }

    @Test
    void room_is_told_by_what_would_still_go_in() {
        JarGroup quarts = new JarGroup("q", "stew", Days.QUART, 5, new Minutes(90), new Minutes(0));
        LoadingDay day = new LoadingDay(List.of(BIG), List.of(quarts));
        CannerLoad load = Loader.best(day, SearchDeadline.NEVER).loads().get(0);
        assertThat(Loader.roomFor(day, load, quarts)).isEqualTo(2);
        assertThat(Loader.roomFor(day, load, new JarGroup("p", "stew", Days.PINT, 1, new Minutes(75), new Minutes(0))))
                .isEqualTo(2);
    }
}

package org.mobrel.loading;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.mobrel.canner.Capacity;
import org.mobrel.quantity.Minutes;

/** What the best plan spares, in words. */
class ComparisonTest {

    private static final LoadingCanner BIG =
            new LoadingCanner("the big one", Capacity.of(7, 8, 2), new Minutes(20), new Minutes(8), new Minutes(40));
    private static final LoadingCanner SMALL =
            new LoadingCanner("the small one", Capacity.of(4, 5, 1), new Minutes(20), new Minutes(8), new Minutes(30));

    private static JarGroup quarts(String id, int count, int process) {
        return new JarGroup(id, id, Days.QUART, count, new Minutes(process), new Minutes(0));
    }

    @ParameterizedTest
    @CsvSource({"0, 0 min", "59, 59 min", "60, 1 h", "110, 1 h 50 min"})
    void minutes_are_said_as_people_say_them(int minutes, String words) {
        assertThat(Comparison.span(minutes)).isEqualTo(words);
    }

    @Test
    void each_obvious_plan_is_set_beside_the_best_one() {
        LoadingDay day = new LoadingDay(List.of(BIG, SMALL), List.of(quarts("a", 6, 90), quarts("b", 5, 25)));
        LoadingPlan best = Loader.best(day, SearchDeadline.NEVER);
        assertThat(best.figures()).isEqualTo(new PlanCost(188, 128, 2, 65));
        assertThat(BaselinePlans.plans(day).stream().map(plan -> Comparison.sentence(day, best, plan)))
                .containsExactly(
                        "Loaded as they come: 2 loads, just as good.",
                        "Each by itself: 3 loads, ends 53 min later, 1 h 3 min more on watch.",
                        "All in the big one: 2 loads, ends 2 h 18 min later, 1 h 3 min more on watch.");
    }
}

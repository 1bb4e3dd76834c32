package org.mobrel.run;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.mobrel.quantity.Minutes;

/** What may go into a load beside the jars that were planned. */
class OneMoreJarTest extends RunLog {

    @Test
    void one_jar_more_goes_in_where_it_fits_and_needs_no_longer_time() {
        RunPlan shorter = new RunPlan(new Minutes(60), plan.target(), plan.gauge(), 7);
        RunPlan longer = new RunPlan(new Minutes(90), plan.target(), plan.gauge(), 7);
        RunState loading = RunState.after(shorter, List.of(RunEvent.of(EventKind.CHECKS_DONE, at(0))));
        RunState left = RunState.after(
                shorter,
                List.of(
                        RunEvent.of(EventKind.CHECKS_DONE, at(0)),
                        RunEvent.of(EventKind.JAR_LEFT, new LeftJar(7, LeftJar.Place.NEXT_LOAD), at(1)),
                        RunEvent.of(EventKind.JAR_LEFT, new LeftJar(6, LeftJar.Place.TONIGHT), at(1))));
        RunState closed = loading.after(
                shorter,
                EventTimeline.of(shorter, List.of(RunEvent.of(EventKind.LID_LOCKED, at(3))))
                        .get(0));
        assertThat(why(shorter, loading, true, Optional.empty(), 2)).isEqualTo("may go in");
        assertThat(why(shorter, loading, false, Optional.empty(), 2)).isEqualTo("does-not-fit");
        assertThat(why(shorter, closed, true, Optional.empty(), 4)).isEqualTo("lid-is-on");
        assertThat(why(longer, loading, true, waiting(shorter, left, 7), 2)).isEqualTo("may go in");
        assertThat(why(shorter, loading, true, waiting(shorter, left, 7), 2)).isEqualTo("may go in");
        assertThat(why(shorter, loading, true, waiting(longer, left, 7), 2)).isEqualTo("needs-longer");
        assertThat(why(longer, loading, false, waiting(shorter, left, 7), 2)).isEqualTo("does-not-fit");
        assertThat(why(longer, loading, true, waiting(shorter, left, 6), 2)).isEqualTo("jar-is-elsewhere");
        assertThat(why(longer, loading, true, waiting(shorter, left, 1), 2)).isEqualTo("jar-is-elsewhere");
        assertThat(why(longer, loading, true, waiting(shorter, left, 7), 24 * 60 + 2))
                .isEqualTo("too-late");
    }

    private static Optional<OneMoreJar.Waiting> waiting(RunPlan from, RunState state, int jar) {
        return Optional.of(new OneMoreJar.Waiting(from, state, jar, at(1)));
    }

    private static String why(
            RunPlan into, RunState state, boolean fits, Optional<OneMoreJar.Waiting> from, double minute) {
        return OneMoreJar.refusal(into, state, fits, from, at(minute))
                .map(Refusal::why)
                .orElse("may go in");
    }
}

package org.mobrel.run;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.mobrel.canner.GaugeKind;
import org.mobrel.quantity.GaugePressure;
import org.mobrel.quantity.Minutes;

/** What a run tells about the next one on the same canner. */
class RunTimesTest {

    private static final Instant START = Instant.parse("2026-11-20T10:00:00Z");
    private static final RunPlan PLAN = new RunPlan(new Minutes(25), GaugePressure.ofPsi(11), GaugeKind.DIAL, 7);

    private static RunEvent at(int minute, EventKind kind) {
        return RunEvent.of(kind, START.plusSeconds(60L * minute));
    }

    private static RunEvent read(int minute, int psi) {
        return RunEvent.reading(InstrumentReading.ofDial(GaugePressure.ofPsi(psi)), START.plusSeconds(60L * minute));
    }

    private static List<RunEvent> clean() {
        return new ArrayList<>(List.of(
                at(0, EventKind.CHECKS_DONE),
                at(5, EventKind.LID_LOCKED),
                at(22, EventKind.STEAM_STEADY),
                at(33, EventKind.WEIGHT_ON),
                read(37, 8),
                read(40, 11),
                at(66, EventKind.HEAT_OFF),
                at(105, EventKind.PRESSURE_ZERO)));
    }

    @Test
    void a_clean_run_tells_how_long_its_canner_takes() {
        assertThat(RunTimes.of(PLAN, clean())).contains(new RunTimes(new Minutes(17), new Minutes(7), new Minutes(39)));
    }

    @Test
    void one_that_lost_pressure_or_was_cooled_by_force_or_is_not_over_tells_nothing() {
        List<RunEvent> losing = clean();
        losing.add(6, read(45, 9));
        losing.add(7, read(50, 11));
        losing.set(8, at(80, EventKind.HEAT_OFF));
        assertThat(RunTimes.of(PLAN, losing)).isEmpty();
        List<RunEvent> forced = clean();
        forced.add(7, at(70, EventKind.FORCED_COOLING));
        assertThat(RunTimes.of(PLAN, forced)).isEmpty();
        assertThat(RunTimes.of(PLAN, clean().subList(0, 7))).isEmpty();
        assertThat(RunTimes.of(PLAN, List.of())).isEmpty();
    }
}

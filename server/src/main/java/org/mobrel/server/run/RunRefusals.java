package org.mobrel.server.run;

import java.time.Duration;
import java.time.InstantSource;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.mobrel.run.EventKind;
import org.mobrel.run.JarSeat;
import org.mobrel.run.Refusal;
import org.mobrel.run.RunEvent;
import org.mobrel.run.RunState;
import org.mobrel.server.catalogue.RowComparisons;
import org.mobrel.server.platform.Conflict;
import org.springframework.stereotype.Component;

/** What stops a tap besides the run's own rules: another tap, the tables, the time, another load. */
@Component
class RunRefusals {

    private final RunRepository repository;
    private final MovedJarRepository moved;
    private final RowComparisons comparisons;
    private final InstantSource clock;

    RunRefusals(RunRepository repository, MovedJarRepository moved, RowComparisons comparisons, InstantSource clock) {
        this.repository = repository;
        this.moved = moved;
        this.comparisons = comparisons;
        this.clock = clock;
    }

    /** Whoever was first has decided what a tap means; readings and notes that left the course alone do not matter. */
    static void ofAnotherCourse(Run run, int known) {
        List<RunEvent> events = run.events();
        if (known == events.size()) {
            return;
        }
        boolean sameSince = known >= 0
                && known < events.size()
                && RunState.after(run.plan(), events.subList(0, known)).turn()
                        == run.state().turn();
        if (!sameSince) {
            Map<String, Object> facts = new LinkedHashMap<>();
            facts.put("events", events.size());
            // A page may know more events than there are: of a kitchen that was restored since.
            if (!events.isEmpty()) {
                RunEvent other = events.get(Math.max(0, Math.min(known, events.size() - 1)));
                facts.put("first", other.kind().code());
                facts.put("firstAt", other.at().toString());
                facts.put("firstBy", other.by().name());
            }
            throw new Conflict(
                    "someone-was-first",
                    "Something was written down meanwhile, by another page or device. Look again and decide.",
                    facts);
        }
    }

    /** @throws Conflict if this load may not be closed as it is */
    void atTheLid(Run run) {
        ofSuspendedRows(run);
        ofJarsTooOld(run);
    }

    /** A row that was found to differ since the plan was sent stops what waits for it, too. */
    private void ofSuspendedRows(Run run) {
        Set<String> suspended = comparisons.suspended();
        if (suspended.isEmpty()) {
            return;
        }
        Set<Long> batches = run.groups().stream().map(RunGroup::batchId).collect(Collectors.toSet());
        repository.rowsOf(batches).stream()
                .filter(suspended::contains)
                .sorted()
                .findFirst()
                .ifPresent(row -> {
                    throw new Conflict(
                            "row-suspended",
                            "This load rests on the row \"%s\" of the tables, which %s. Keep the jars cold and do not process them by it."
                                    .formatted(row, comparisons.inWords(row)),
                            Map.of("row", row));
                });
    }

    /** Jars that wait for their second try do so for a day. */
    private void ofJarsTooOld(Run run) {
        run.again()
                .filter(again -> run.clock(clock.instant()).isAfter(again.until()))
                .ifPresent(again -> {
                    throw new Conflict(
                            "too-late",
                            "More than 24 hours have passed since the first try: these jars may not be processed again.",
                            Map.of("until", again.until().toString()));
                });
    }

    /** A jar that another load took is in that one, and would be counted twice. */
    void ofJarElsewhere(Run run, RunEvent event) {
        event.as(JarSeat.class)
                .filter(seat -> event.kind() == EventKind.JAR_IN)
                .flatMap(seat -> moved.takenBy(new MovedJarRepository.Seat(run.id(), seat.jar())))
                .ifPresent(other -> {
                    throw new Conflict(
                            "jar-is-elsewhere", "That jar went into another load meanwhile.", Map.of("run", other));
                });
    }

    /** What the run's own rules refuse, with how long still. */
    static Conflict conflict(Refusal refusal, RunState state) {
        Map<String, Object> facts = new LinkedHashMap<>();
        facts.put("stage", state.stage().code());
        refusal.left().map(Duration::toMillis).ifPresent(millis -> facts.put("waitMillis", millis));
        return new Conflict(refusal.why(), refusal.text(), facts);
    }
}

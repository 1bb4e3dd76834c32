package org.mobrel.server.run;

import java.time.InstantSource;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.mobrel.day.CannerTimes;
import org.mobrel.run.Hearth;
import org.mobrel.run.Outlook;
import org.mobrel.server.platform.KitchenReplaced;
import org.springframework.stereotype.Service;
import org.springframework.transaction.event.TransactionalEventListener;

/** Answers about runs, with what this canner and its burner did before. */
@Service
public class RunResponses {

    /** What the past says about a run; it does not change while the run goes on. */
    record Past(Outlook.Usual usual, List<Hearth.Setting> burner) {}

    private final Map<Long, Past> pasts = new ConcurrentHashMap<>();
    private final RunService service;
    private final CannerHabits habits;
    private final InstantSource clock;

    RunResponses(RunService service, CannerHabits habits, InstantSource clock) {
        this.service = service;
        this.habits = habits;
        this.clock = clock;
    }

    @TransactionalEventListener
    void forget(KitchenReplaced replaced) {
        pasts.clear();
    }

    public RunMessages.RunResponse answer(Run run) {
        return answer(run, 0);
    }

    /** @param known how many of its events whoever asks has already */
    RunMessages.RunResponse answer(Run run, int known) {
        return RunMapper.answer(
                run, clock.instant(), past(run), Math.min(known, run.events().size()));
    }

    private Past past(Run run) {
        if (run.state().isClosed()) {
            // Its outlook is behind it, and there are many of them.
            pasts.remove(run.id());
            return new Past(usual(run), List.of());
        }
        return pasts.computeIfAbsent(run.id(), id -> new Past(usual(run), service.burnerSettings(run)));
    }

    private Outlook.Usual usual(Run run) {
        CannerTimes times = habits.timesOf(run);
        return new Outlook.Usual(
                times.heatUp().usual(), times.comeUp().usual(), times.coolDown().usual());
    }
}

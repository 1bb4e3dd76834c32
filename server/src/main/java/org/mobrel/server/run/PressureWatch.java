package org.mobrel.server.run;

import java.time.Instant;
import java.time.InstantSource;
import java.util.Optional;
import org.mobrel.quantity.GaugePressure;
import org.mobrel.run.EventKind;
import org.mobrel.run.InstrumentReading;
import org.mobrel.run.Reporter;
import org.mobrel.run.RunEvent;
import org.mobrel.run.RunRules;
import org.mobrel.server.kitchen.DialTested;
import org.mobrel.server.kitchen.PressureBasisChanged;
import org.mobrel.server.platform.SqlTime;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.event.TransactionPhase;
import org.springframework.transaction.event.TransactionalEventListener;

/** Tells runs that are under way what they would have to be held at, when the altitude or a dial turns out to be another one. */
@Service
class PressureWatch {

    private static final Reporter MOBREL = Reporter.cook("Mobrel");

    private final RunRepository repository;
    private final RunSettings settings;
    private final RunService service;
    private final InstantSource clock;

    PressureWatch(RunRepository repository, RunSettings settings, RunService service, InstantSource clock) {
        this.repository = repository;
        this.settings = settings;
        this.service = service;
        this.clock = clock;
    }

    @TransactionalEventListener(phase = TransactionPhase.AFTER_COMMIT)
    @Transactional(propagation = Propagation.REQUIRES_NEW)
    public void changed(PressureBasisChanged basis) {
        check();
    }

    @TransactionalEventListener(phase = TransactionPhase.AFTER_COMMIT)
    @Transactional(propagation = Propagation.REQUIRES_NEW)
    public void changed(DialTested tested) {
        check();
    }

    /** Also once after a start: a change may have been the last thing that was stored. */
    @Transactional
    public void check() {
        for (Run open : repository.open()) {
            Run run = repository.runForUpdate(open.id()).orElseThrow();
            if (!run.isWaiting()) {
                check(run);
            }
        }
    }

    private void check(Run run) {
        Optional<GaugePressure> needed = settings.neededNow(run);
        boolean enough = needed.filter(least -> least.compareTo(run.plan().target()) <= 0)
                .isPresent();
        Optional<RunEvent> said = run.events().stream()
                .filter(event -> event.kind() == EventKind.PRESSURE_NEEDED)
                .reduce((first, last) -> last);
        boolean known = said.map(event -> event.as(InstrumentReading.class)
                        .flatMap(InstrumentReading::dial)
                        .equals(needed))
                .orElse(enough);
        if (known) {
            return;
        }
        Instant now = SqlTime.millis(run.state().clock(run.clock(clock.instant())));
        RunEvent told =
                new RunEvent(EventKind.PRESSURE_NEEDED, now, now, needed.map(InstrumentReading::ofDial), MOBREL, "");
        if (RunRules.decide(run.history(), told).event().isPresent()) {
            service.note(run, told);
        }
    }
}

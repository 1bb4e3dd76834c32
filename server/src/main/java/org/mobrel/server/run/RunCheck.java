package org.mobrel.server.run;

import java.util.List;
import org.mobrel.server.platform.RecordCheck;
import org.springframework.stereotype.Component;

/** Reads every run and works its state out. */
@Component
class RunCheck implements RecordCheck {

    private final RunRepository repository;

    RunCheck(RunRepository repository) {
        this.repository = repository;
    }

    @Override
    public List<Fault> unreadable() {
        return RecordCheck.unreadable(
                "runs", repository.ids(), id -> repository.run(id).orElseThrow().state());
    }
}

package org.mobrel.server.batch;

import java.util.List;
import org.mobrel.server.platform.RecordCheck;
import org.springframework.stereotype.Component;

/** Reads every batch with the ruling it was canned under. */
@Component
class BatchCheck implements RecordCheck {

    private final BatchRepository repository;
    private final DecisionService decisions;

    BatchCheck(BatchRepository repository, DecisionService decisions) {
        this.repository = repository;
        this.decisions = decisions;
    }

    @Override
    public List<Fault> unreadable() {
        return RecordCheck.unreadable(
                "batches",
                repository.ids(),
                id -> decisions.read(repository.batch(id).orElseThrow()));
    }
}

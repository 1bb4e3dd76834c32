package org.mobrel.server.planning;

import java.util.List;
import org.mobrel.server.platform.RecordCheck;
import org.springframework.stereotype.Component;

/** Reads every plan. */
@Component
class PlanCheck implements RecordCheck {

    private final PlanRepository repository;

    PlanCheck(PlanRepository repository) {
        this.repository = repository;
    }

    @Override
    public List<Fault> unreadable() {
        return RecordCheck.unreadable("plans", repository.ids(), repository::plan);
    }
}

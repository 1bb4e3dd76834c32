package org.mobrel.server.kitchen;

import java.util.List;
import org.mobrel.server.platform.RecordCheck;
import org.springframework.stereotype.Component;

/** Reads the kitchen with its canners, and the cupboard. */
@Component
class KitchenCheck implements RecordCheck {

    private final KitchenRepository repository;
    private final CupboardRepository cupboards;

    KitchenCheck(KitchenRepository repository, CupboardRepository cupboards) {
        this.repository = repository;
        this.cupboards = cupboards;
    }

    @Override
    public List<Fault> unreadable() {
        return RecordCheck.unreadable("kitchen", List.of(1), one -> {
            repository.kitchen();
            cupboards.cupboard();
        });
    }
}

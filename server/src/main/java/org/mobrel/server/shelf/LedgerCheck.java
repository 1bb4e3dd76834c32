package org.mobrel.server.shelf;

import java.util.ArrayList;
import java.util.List;
import org.mobrel.server.platform.RecordCheck;
import org.mobrel.shelf.Lot;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Finds movements that say nothing that can be, and lots that more jars left than stood there. */
@Component
class LedgerCheck implements RecordCheck {

    private final ShelfRepository repository;

    LedgerCheck(ShelfRepository repository) {
        this.repository = repository;
    }

    @Override
    @Transactional(readOnly = true)
    public List<Fault> faults() {
        List<Fault> faults = new ArrayList<>();
        for (Lot lot : repository.lotsBelowZero()) {
            lot.missingAt()
                    .forEach((place, jars) -> faults.add(new Fault(
                            "lot " + lot.code().text(),
                            "By its ledger %s more %s %s than stood there. Count that place under Shelf; the count mends it."
                                    .formatted(jars, jars == 1 ? "jar left" : "jars left", place.name()))));
        }
        return faults;
    }

    @Override
    @Transactional(readOnly = true)
    public List<Fault> unreadable() {
        return repository.unreadableMovements();
    }
}

package org.mobrel.server.planning;

import java.util.List;
import org.mobrel.quantity.Volume;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What batches really made, for the logbook. */
@Service
public class MadeYields {

    private final YieldStore store;

    MadeYields(YieldStore store) {
        this.store = store;
    }

    /**
     * @param foreseen by kitchen averages alone
     * @param said the jars, in words
     */
    public record Made(Volume foreseen, Volume made, String said) {}

    @Transactional(readOnly = true)
    public List<Made> ofBatch(long batchId) {
        return store.ofBatch(batchId).stream()
                .map(made -> new Made(made.predicted(), made.made(), made.said()))
                .toList();
    }
}

package org.mobrel.server.batch;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import org.mobrel.recipe.JarColour;
import org.mobrel.server.platform.KitchenReplaced;
import org.mobrel.server.reading.ReadingService;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** What the jars of each batch look like. A batch never changes, so each is worked out once. */
@Component
class JarColours {

    /** @param title of the dish */
    record Known(String title, JarColour colour) {}

    private final BatchRepository repository;
    private final DecisionService decisions;
    private final ReadingService reading;
    private final Map<Long, Optional<Known>> known = new ConcurrentHashMap<>();

    JarColours(BatchRepository repository, DecisionService decisions, ReadingService reading) {
        this.repository = repository;
        this.decisions = decisions;
        this.reading = reading;
    }

    /** Empty where no line of the batch says how much there is of a food. */
    Optional<Known> of(long batch) {
        Optional<Known> before = known.get(batch);
        if (before != null) {
            return before;
        }
        Optional<Known> colour = repository.batch(batch).flatMap(stored -> mixed(decisions.read(stored).lines().stream()
                        .map(StoredDecision.Line::text)
                        .toList())
                .map(mixed -> new Known(stored.title(), mixed)));
        known.put(batch, colour);
        return colour;
    }

    private Optional<JarColour> mixed(List<String> lines) {
        return JarColour.of(reading.readAll(lines));
    }

    @EventListener
    void replaced(KitchenReplaced replaced) {
        known.clear();
    }
}

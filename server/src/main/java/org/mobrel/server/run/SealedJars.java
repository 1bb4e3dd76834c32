package org.mobrel.server.run;

import java.time.Instant;
import org.mobrel.run.JarCheck;
import org.mobrel.run.RunState;
import org.mobrel.server.shelf.ShelfService;
import org.springframework.stereotype.Component;

/** Puts what sealed on the shelf. */
@Component
class SealedJars {

    private final ShelfService shelf;

    SealedJars(ShelfService shelf) {
        this.shelf = shelf;
    }

    /** Every group of sealed jars is a lot; failed jars never reach the shelf. */
    void shelve(Run run, RunState state, Instant checkedAt) {
        int first = 1;
        for (RunGroup group : run.groups()) {
            int from = first;
            int to = first + group.jars().count() - 1;
            first = to + 1;
            long sealed = state.checked().values().stream()
                    .filter(JarCheck::sealed)
                    .filter(jar -> jar.jar() >= from && jar.jar() <= to)
                    .count();
            if (sealed > 0) {
                shelf.shelve(
                        new ShelfService.LotOrigin(
                                run.id(),
                                group.batchId(),
                                group.title(),
                                group.variant(),
                                group.verdict(),
                                group.finish()),
                        group.jars().kind().times((int) sealed),
                        state.when().jarsOutAt().orElse(checkedAt),
                        checkedAt);
            }
        }
    }
}

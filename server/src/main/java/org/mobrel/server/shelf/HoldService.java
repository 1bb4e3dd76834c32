package org.mobrel.server.shelf;

import java.time.Instant;
import java.time.InstantSource;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.mobrel.server.platform.Conflict;
import org.mobrel.server.platform.NotFound;
import org.mobrel.shelf.LotCode;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Lots that may not be used until somebody has looked into it. What a held lot went into as an ingredient is held with it, and let go with
 * it.
 */
@Service
public class HoldService {

    /** The reason of a lot that a held one went into. */
    public static final String INGREDIENT = "ingredient-held";

    private static final String OF_RUN = "run";

    private final HoldRepository repository;
    private final ShelfRepository shelf;
    private final InstantSource clock;

    HoldService(HoldRepository repository, ShelfRepository shelf, InstantSource clock) {
        this.repository = repository;
        this.shelf = shelf;
        this.clock = clock;
    }

    /** Lets nobody use the lots of a run; said twice, it is written once. */
    @Transactional
    public void ofRun(long runId, String reason, Instant at) {
        shelf.codesOfRun(runId).forEach(lot -> hold(lot, reason, "", OF_RUN, at));
    }

    /**
     * Lets nobody use a lot, nor anything it went into.
     *
     * @param cause what brings it on; the same cause holds a lot once, also after somebody has let it go
     * @return whether it is new
     */
    @Transactional
    public boolean hold(LotCode lot, String reason, String text, String cause, Instant at) {
        boolean isNew = repository.add(lot, reason, text, cause, at);
        if (isNew) {
            carryOn(lot, at);
        }
        return isNew;
    }

    /** From jar to pot to jar, however far. */
    private void carryOn(LotCode first, Instant at) {
        Deque<LotCode> open = new ArrayDeque<>(List.of(first));
        Set<LotCode> seen = new HashSet<>(open);
        while (!open.isEmpty()) {
            LotCode from = open.pop();
            for (LotCode into : shelf.madeWith(from)) {
                if (seen.add(into)) {
                    repository.add(into, INGREDIENT, carried(from), cause(from), at);
                    open.push(into);
                }
            }
        }
    }

    private static String carried(LotCode from) {
        return "Jars of lot %s went into it, and that lot is on hold.".formatted(from.text());
    }

    private static String cause(LotCode from) {
        return "lot:" + from.text();
    }

    /** A lot that has just been shelved is held for whatever went into it. */
    void inherit(LotCode made, long batchId, Instant at) {
        List<String> ingredients =
                shelf.usedIn(batchId).stream().map(ShelfService.UsedJars::lot).toList();
        repository
                .holding(ingredients)
                .keySet()
                .forEach(from -> repository.add(made, INGREDIENT, carried(from), cause(from), at));
    }

    /**
     * Lets a lot be used again, with what it went into.
     *
     * @return all that were let go
     * @throws NotFound if there is no such hold
     * @throws Conflict if it was released before
     */
    @Transactional
    public List<Hold> release(long id, String by, String why) {
        Hold hold = repository.hold(id).orElseThrow(() -> new NotFound("hold", id));
        Hold.Release release = new Hold.Release(clock.instant(), by, why);
        if (repository.release(id, release) == 0) {
            throw new Conflict("released-before", "Somebody has released this lot already.", Map.of());
        }
        List<Hold> released = new ArrayList<>(List.of(hold));
        Deque<LotCode> open = new ArrayDeque<>(List.of(hold.lot()));
        while (!open.isEmpty()) {
            LotCode from = open.pop();
            if (!repository.holding(List.of(from.text())).isEmpty()) {
                // Another reason still holds it, so what it went into stays held as well.
                continue;
            }
            for (Hold carried : repository.causedBy(cause(from))) {
                repository.release(carried.id(), release);
                released.add(carried);
                open.push(carried.lot());
            }
        }
        return released;
    }

    @Transactional(readOnly = true)
    public List<Hold> holds(boolean released) {
        return repository.all(released);
    }

    @Transactional(readOnly = true)
    public List<Hold> ofLot(LotCode lot) {
        return repository.ofLot(lot);
    }
}

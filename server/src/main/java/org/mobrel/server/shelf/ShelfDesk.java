package org.mobrel.server.shelf;

import java.time.Instant;
import java.time.InstantSource;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.mobrel.jars.JarCount;
import org.mobrel.jars.JarKind;
import org.mobrel.ruling.Verdict;
import org.mobrel.server.kitchen.CupboardDesk;
import org.mobrel.server.platform.Conflict;
import org.mobrel.server.platform.Missing;
import org.mobrel.shelf.Lot;
import org.mobrel.shelf.LotCode;
import org.mobrel.shelf.Movement;
import org.mobrel.shelf.MovementKind;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Puts sealed jars on the shelf and takes them off again. */
@Service
public class ShelfDesk {

    /** Best within twelve months (source: the guide's general part, storing). */
    private static final int MONTHS_AT_ITS_BEST = 12;

    private final ShelfStore store;
    private final CupboardDesk cupboard;
    private final InstantSource clock;
    private final ZoneId zone;

    ShelfDesk(ShelfStore store, CupboardDesk cupboard, InstantSource clock, ZoneId zone) {
        this.store = store;
        this.cupboard = cupboard;
        this.clock = clock;
        this.zone = zone;
    }

    /** Where the jars of a lot come from. */
    public record Origin(long runId, long batchId, String title, Verdict verdict) {}

    /** All lots that ever were, oldest first; those without jars are empty, not gone. */
    @Transactional(readOnly = true)
    public List<ShelfLot> lots() {
        return store.lots();
    }

    /**
     * Makes a lot of the sealed jars of one kind.
     *
     * @param cannedAt when they came out of the canner
     * @param checkedAt when they were found sealed
     */
    @Transactional
    public LotCode shelve(Origin origin, JarCount sealed, Instant cannedAt, Instant checkedAt) {
        LocalDate day = LocalDate.ofInstant(cannedAt, zone);
        LotCode code = LotCode.next(day, store.lotsOf(day));
        store.add(new ShelfLot(
                new Lot(code, List.of()),
                origin.runId(),
                origin.batchId(),
                origin.title(),
                sealed.size(),
                sealed.mouth(),
                origin.verdict(),
                day,
                day.plusMonths(MONTHS_AT_ITS_BEST),
                List.of()));
        store.add(code, new Movement(MovementKind.SHELVED, sealed.count()), checkedAt);
        return code;
    }

    /** Lets nobody use the lots of a run until somebody has looked into it; said twice, it is written once. */
    @Transactional
    public void hold(long runId, String reason, Instant at) {
        store.hold(runId, reason, at);
    }

    /**
     * Moves one jar of a lot.
     *
     * @throws Missing if there is no such lot
     * @throws Conflict if no jar is left, or none was taken that could come back
     */
    @Transactional
    public void move(LotCode code, MovementKind kind) {
        moveAt(code, kind, clock.instant());
    }

    /** As {@link #move}, at an instant of its own; for kitchens that are loaded, not lived in. */
    @Transactional
    public void moveAt(LotCode code, MovementKind kind, Instant at) {
        ShelfLot label = store.lotForUpdate(code).orElseThrow(() -> new Missing("lot", code.text()));
        Lot lot = label.lot();
        Movement movement = new Movement(kind, 1);
        if (kind == MovementKind.SHELVED || kind == MovementKind.USED || !lot.allows(movement)) {
            throw new Conflict(
                    "not-on-the-shelf",
                    kind == MovementKind.EATEN
                            ? "No jar of lot %s is left.".formatted(code.text())
                            : "Every jar of lot %s is on the shelf already.".formatted(code.text()),
                    Map.of("jars", lot.jars()));
        }
        store.add(code, movement, at);
        cupboard.emptied(new JarKind(label.size(), label.mouth()), kind == MovementKind.EATEN ? 1 : -1);
    }

    /** A lot on the shelf, with its label. */
    @Transactional(readOnly = true)
    public Optional<ShelfLot> lot(LotCode code) {
        return store.lots().stream()
                .filter(lot -> lot.lot().code().equals(code))
                .findFirst();
    }

    /**
     * Takes jars off the shelf as an ingredient of a batch; the lot is chained to it.
     *
     * @throws Missing if there is no such lot
     * @throws Conflict if there are not so many jars
     */
    @Transactional
    public void useIn(long batchId, LotCode code, int jars, Instant at) {
        ShelfLot lot = store.lotForUpdate(code).orElseThrow(() -> new Missing("lot", code.text()));
        Movement movement = new Movement(MovementKind.USED, jars);
        if (!lot.lot().allows(movement)) {
            throw new Conflict(
                    "not-on-the-shelf",
                    "Of lot %s there are %d jars, not %d."
                            .formatted(code.text(), lot.lot().jars(), jars),
                    Map.of("jars", lot.lot().jars()));
        }
        store.addUsed(code, movement, batchId, at);
        cupboard.emptied(new JarKind(lot.size(), lot.mouth()), jars);
    }

    /** The lots that went into a batch as ingredients, and how many jars of each. */
    @Transactional(readOnly = true)
    public List<UsedJars> usedIn(long batchId) {
        return store.usedIn(batchId);
    }

    /** Jars of a lot that became an ingredient. */
    public record UsedJars(String lot, String title, int jars) {}
}

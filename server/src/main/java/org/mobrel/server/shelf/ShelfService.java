package org.mobrel.server.shelf;

import java.time.Instant;
import java.time.InstantSource;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.mobrel.jars.JarCount;
import org.mobrel.ruling.Verdict;
import org.mobrel.server.kitchen.CupboardService;
import org.mobrel.server.kitchen.KitchenService;
import org.mobrel.server.platform.Conflict;
import org.mobrel.server.platform.NotFound;
import org.mobrel.shelf.Lot;
import org.mobrel.shelf.LotCode;
import org.mobrel.shelf.Movement;
import org.mobrel.shelf.MovementKind;
import org.mobrel.shelf.Place;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Puts sealed jars on the shelf, moves them about and takes them off again: a ledger, never a count that is written over. */
@Service
public class ShelfService {

    private final ShelfRepository repository;
    private final HoldService holds;
    private final CupboardService cupboard;
    private final KitchenService kitchen;
    private final InstantSource clock;
    private final ZoneId zone;

    ShelfService(
            ShelfRepository repository,
            HoldService holds,
            CupboardService cupboard,
            KitchenService kitchen,
            InstantSource clock,
            ZoneId zone) {
        this.repository = repository;
        this.holds = holds;
        this.cupboard = cupboard;
        this.kitchen = kitchen;
        this.clock = clock;
        this.zone = zone;
    }

    /**
     * Where the jars of a lot come from.
     *
     * @param variant what they hold besides the base; may be empty
     * @param finish what is done when one is opened; may be empty
     */
    public record LotOrigin(long runId, long batchId, String title, String variant, Verdict verdict, String finish) {}

    /**
     * How much there is.
     *
     * @param places jars at each place of the household, whatever was asked for
     */
    public record Sum(int lots, int jars, int dishes, Map<String, Integer> places) {}

    /** Who moved jars, when, and what they said about it. */
    public record Said(String by, String note, Instant at) {}

    /** A line of the ledger with who wrote it. */
    public record Line(Movement movement, Optional<Long> batchId, String note, String by, Instant at) {}

    /** Jars of a lot that became an ingredient. */
    public record UsedJars(String lot, String title, int jars) {}

    /** Today, where the kitchen is. */
    public LocalDate today() {
        return LocalDate.ofInstant(clock.instant(), zone);
    }

    /** Lots that have jars, oldest first. */
    @Transactional(readOnly = true)
    public List<ShelfLot> standing(String words, String place, int from, int most) {
        return repository.standing(words, place, from, most);
    }

    @Transactional(readOnly = true)
    public Sum sum(String words, String place) {
        return repository.sum(words, place);
    }

    @Transactional(readOnly = true)
    public List<ShelfLot> lotsOfBatch(long batchId) {
        return repository.lotsOfBatch(batchId);
    }

    @Transactional(readOnly = true)
    public List<ShelfLot> lotsOfRuns(Collection<Long> runs) {
        return repository.lotsOfRuns(runs);
    }

    @Transactional(readOnly = true)
    public List<ShelfLot> lots(Collection<String> codes) {
        return repository.lots(codes);
    }

    @Transactional(readOnly = true)
    public Optional<ShelfLot> lot(LotCode code) {
        return repository.lot(code);
    }

    @Transactional(readOnly = true)
    public List<Line> ledger(LotCode code) {
        return repository.ledger(code);
    }

    /** The lots that jars of a lot went into. */
    @Transactional(readOnly = true)
    public List<ShelfLot> madeWith(LotCode code) {
        return repository.lots(
                repository.madeWith(code).stream().map(LotCode::text).toList());
    }

    /**
     * Makes a lot of the sealed jars of one kind.
     *
     * @param cannedAt when they came out of the canner
     * @param checkedAt when they were found sealed
     */
    @Transactional
    public LotCode shelve(LotOrigin origin, JarCount sealed, Instant cannedAt, Instant checkedAt) {
        LocalDate day = LocalDate.ofInstant(cannedAt, zone);
        LotCode code = LotCode.next(day, repository.lotsOf(day));
        Lot empty = new Lot(code, List.of());
        repository.add(new ShelfLot(
                empty,
                origin.runId(),
                origin.batchId(),
                0,
                origin.title(),
                origin.variant(),
                sealed.size(),
                sealed.mouth(),
                origin.verdict(),
                day,
                day.plusMonths(kitchen.kitchen().bestMonths()),
                origin.finish(),
                List.of()));
        repository.add(
                empty,
                Movement.in(MovementKind.SHELVED, sealed.count(), Place.SHELF),
                Optional.empty(),
                new Said("", "", checkedAt));
        holds.inherit(code, origin.batchId(), checkedAt);
        return code;
    }

    /**
     * Writes a movement into the ledger.
     *
     * @return its number
     * @throws NotFound if there is no such lot
     * @throws Conflict if it cannot be: no jar is there that could leave, none has left that could come back, the lot is on hold
     */
    @Transactional
    public long move(LotCode code, Movement movement, Said said) {
        ShelfLot lot = repository.lotForUpdate(code).orElseThrow(() -> new NotFound("lot", code.text()));
        if (movement.kind() == MovementKind.SHELVED
                || movement.kind() == MovementKind.USED
                || !lot.lot().allows(movement)) {
            throw new Conflict(
                    "not-on-the-shelf",
                    whyNot(lot, movement),
                    Map.of("jars", lot.lot().jars()));
        }
        if (lot.isHeld() && (movement.kind() == MovementKind.EATEN || movement.kind() == MovementKind.GIVEN)) {
            throw onHold(lot);
        }
        long id = repository.add(lot.lot(), movement, Optional.empty(), said);
        cupboard.emptied(lot.kind(), emptied(lot.lot(), movement));
        return id;
    }

    /** Keeps everybody else from a lot until this transaction ends; a code that is none keeps nobody. */
    void lock(String code) {
        repository.lock(code);
    }

    private static Conflict onHold(ShelfLot lot) {
        return new Conflict(
                "on-hold",
                "Lot %s is on hold: nobody is to use it until it has been looked into."
                        .formatted(lot.lot().code().text()),
                Map.of());
    }

    private static String whyNot(ShelfLot lot, Movement movement) {
        String code = lot.lot().code().text();
        if (movement.kind() == MovementKind.UNDONE) {
            return "That cannot be taken back any more: the jars went on from there, or it was taken back before.";
        }
        return movement.from()
                .map(place -> "Of lot %s there %s in %s, not %s."
                        .formatted(code, there(lot.lot().jarsAt(place)), place.name(), movement.jars()))
                .orElse("Every jar of lot %s that could come back is on the shelf already.".formatted(code));
    }

    private static String there(int jars) {
        return jars == 0 ? "is no jar" : jars == 1 ? "is 1 jar" : "are %s jars".formatted(jars);
    }

    /** How many empty jars the cupboard gains; one that is given away does not come back. */
    private static int emptied(Lot lot, Movement movement) {
        return switch (movement.kind()) {
            case EATEN, SPOILED -> movement.jars();
            case PUT_BACK -> -movement.jars();
            case UNDONE ->
                lot.movements().stream()
                        .filter(line -> movement.undoes().equals(Optional.of(line.id())))
                        .mapToInt(line -> -emptied(lot, line))
                        .sum();
            case SHELVED, GIVEN, USED, MOVED, MISSING, FOUND -> 0;
        };
    }

    /** What stands on the label besides dish and date. */
    @Transactional
    public void finish(LotCode code, String finish) {
        ShelfLot lot = repository.lotForUpdate(code).orElseThrow(() -> new NotFound("lot", code.text()));
        repository.finish(lot.lot().code(), finish);
    }

    /**
     * Takes jars off the shelf as an ingredient of a batch, from wherever they stand; the lot is chained to it.
     *
     * @throws NotFound if there is no such lot
     * @throws Conflict if there are not so many jars, or the lot is on hold
     */
    @Transactional
    public void useIn(long batchId, LotCode code, int jars, Instant at) {
        ShelfLot lot = repository.lotForUpdate(code).orElseThrow(() -> new NotFound("lot", code.text()));
        if (lot.isHeld()) {
            throw onHold(lot);
        }
        if (lot.lot().jars() < jars) {
            throw new Conflict(
                    "not-on-the-shelf",
                    "Of lot %s there %s, not %s."
                            .formatted(code.text(), there(lot.lot().jars()), jars),
                    Map.of("jars", lot.lot().jars()));
        }
        int left = jars;
        Lot now = lot.lot();
        for (Map.Entry<Place, Integer> stand : lot.lot().jarsAt().entrySet()) {
            int taken = Math.min(left, stand.getValue());
            if (taken > 0) {
                repository.add(
                        now,
                        Movement.out(MovementKind.USED, taken, stand.getKey()),
                        Optional.of(batchId),
                        new Said("", "", at));
                now = repository.lot(code).orElseThrow().lot();
                left -= taken;
            }
        }
        cupboard.emptied(lot.kind(), jars);
    }

    /** The lots that went into a batch as ingredients, and how many jars of each. */
    @Transactional(readOnly = true)
    public List<UsedJars> usedIn(long batchId) {
        return repository.usedIn(batchId);
    }
}

package org.mobrel.server.trace;

import java.time.Instant;
import java.time.InstantSource;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.mobrel.canner.GaugeKind;
import org.mobrel.canner.PressureTable;
import org.mobrel.jars.JarSize;
import org.mobrel.quantity.Altitude;
import org.mobrel.quantity.GaugeError;
import org.mobrel.quantity.GaugePressure;
import org.mobrel.quantity.Minutes;
import org.mobrel.run.HeldPressure;
import org.mobrel.server.batch.BatchService;
import org.mobrel.server.catalogue.RowComparisons;
import org.mobrel.server.kitchen.CareService;
import org.mobrel.server.kitchen.DialTested;
import org.mobrel.server.kitchen.KitchenService;
import org.mobrel.server.platform.Dates;
import org.mobrel.server.platform.NotFound;
import org.mobrel.server.run.Run;
import org.mobrel.server.run.RunService;
import org.mobrel.server.shelf.Hold;
import org.mobrel.server.shelf.HoldService;
import org.mobrel.server.shelf.ShelfLot;
import org.mobrel.server.shelf.ShelfService;
import org.mobrel.shelf.LotCode;
import org.mobrel.shelf.Margin;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Follows what came to light later to the lots it touches, and puts those on hold. */
@Service
public class TraceService {

    /** The reasons. They are stored and never renamed. */
    static final String GAUGE = "gauge-read-high";

    static final String ROW = "row-corrected";

    static final String ALTITUDE = "altitude-corrected";

    private static final String JAR_SIZE = "jar-size-";

    private final RunService runs;
    private final BatchService batches;
    private final ShelfService shelf;
    private final HoldService holds;
    private final KitchenService kitchens;
    private final CareService care;
    private final RowComparisons comparisons;
    private final PressureTable pressures;
    private final InstantSource clock;
    private final ZoneId zone;

    TraceService(
            RunService runs,
            BatchService batches,
            ShelfService shelf,
            HoldService holds,
            KitchenService kitchens,
            CareService care,
            RowComparisons comparisons,
            PressureTable pressures,
            InstantSource clock,
            ZoneId zone) {
        this.runs = runs;
        this.batches = batches;
        this.shelf = shelf;
        this.holds = holds;
        this.kitchens = kitchens;
        this.care = care;
        this.comparisons = comparisons;
        this.pressures = pressures;
        this.clock = clock;
        this.zone = zone;
    }

    /**
     * A lot in the light of a test.
     *
     * @param held what was read in its hold; empty where nothing was read, which cannot speak for it
     * @param margin what that leaves over the pressure it needed
     */
    public record Touched(ShelfLot lot, Run run, Optional<HeldPressure> held, Optional<Margin> margin) {

        /** Whether its margin was too small, or nobody can say. */
        public boolean isShort() {
            return margin.map(Margin::isShort).orElse(true);
        }
    }

    /**
     * What a test of a dial touches.
     *
     * @param since the day of the test before it; empty where there was none, so that all runs of the canner count
     * @param lots of the runs between the two tests, the smallest margin first
     */
    public record GaugeTrace(
            long test, String canner, LocalDate on, GaugeError error, Optional<LocalDate> since, List<Touched> lots) {}

    /**
     * The lots that were canned between a test and the one before it, each with the margin it had if the dial was as far off then.
     *
     * @throws NotFound if there is no such test that counts
     */
    @Transactional(readOnly = true)
    public GaugeTrace ofTest(long test) {
        return kitchens.kitchen().canners().stream()
                .flatMap(canner -> care.counting(canner.id()).stream()
                        .filter(stored -> stored.id() == test)
                        .map(stored -> trace(stored)))
                .findFirst()
                .orElseThrow(() -> new NotFound("gauge test", test));
    }

    private GaugeTrace trace(DialTested tested) {
        Instant from = tested.before().map(this::startOf).orElse(Instant.EPOCH);
        Instant until = startOf(tested.test().on().plusDays(1));
        List<Touched> lots = runs.dialRuns(tested.canner(), from, until).stream()
                .flatMap(run -> shelf.lotsOfRuns(List.of(run.id())).stream()
                        .map(lot -> touched(lot, run, tested.test().error())))
                .sorted(Comparator.comparing(
                        (Touched lot) -> lot.margin().map(Margin::milliPsi).orElse(Integer.MIN_VALUE)))
                .toList();
        return new GaugeTrace(
                tested.id(),
                tested.cannerName(),
                tested.test().on(),
                tested.test().error(),
                tested.before(),
                lots);
    }

    private Instant startOf(LocalDate day) {
        return day.atStartOfDay(zone).toInstant();
    }

    private static Touched touched(ShelfLot lot, Run run, GaugeError error) {
        Optional<HeldPressure> held = HeldPressure.of(run.history());
        return new Touched(lot, run, held, held.map(each -> Margin.of(each.lowest(), error, run.truePressure())));
    }

    /** A test that shows a dial to read high holds every lot whose margin was too small, in the same breath. */
    @EventListener
    @Transactional
    public void heard(DialTested tested) {
        String cause = "test:" + tested.id();
        if (tested.struck()) {
            holds.holds(false).stream()
                    .filter(hold -> hold.cause().equals(cause))
                    .map(Hold::id)
                    .forEach(id -> holds.release(id, "Mobrel", "The gauge test behind it was a slip of the pen."));
            return;
        }
        if (tested.test().error().milliPsi() <= 0) {
            return;
        }
        GaugeTrace trace = trace(tested);
        trace.lots().stream()
                .filter(Touched::isShort)
                .forEach(lot -> holds.hold(lot.lot().lot().code(), GAUGE, inWords(trace, lot), cause, clock.instant()));
    }

    private static String inWords(GaugeTrace trace, Touched lot) {
        String found = "The dial of %s was found to read %s psi high on %s. "
                .formatted(trace.canner(), trace.error().psi(), Dates.AS_STORED.day(trace.on()));
        return found
                + lot.margin()
                        .map(margin ->
                                "The lowest reading of this hold was %s; that leaves %s psi less than the %s it needed."
                                        .formatted(
                                                lot.held()
                                                        .orElseThrow()
                                                        .lowest()
                                                        .psi(),
                                                margin.psi().negate(),
                                                lot.run().truePressure().psi()))
                        .orElse("No reading of this hold was written down, so nobody can say what it had.");
    }

    /** A lot that was held at less than its canner needs at this altitude. */
    public record HeldTooLow(ShelfLot lot, GaugePressure had, GaugePressure needed) {}

    /**
     * Lots on the shelf that were held at less than the kitchen's altitude asks for now. Whether that altitude was wrong then, or the kitchen has
     * moved since, only the cook knows.
     *
     * @param hold whether they are put on hold
     */
    @Transactional
    public List<HeldTooLow> ofAltitude(boolean hold) {
        Optional<Altitude> altitude = kitchens.kitchen().altitude();
        List<HeldTooLow> lots = Stream.of(GaugeKind.values())
                .flatMap(gauge -> altitude.flatMap(high -> pressures.band(gauge, high)).stream())
                .flatMap(band -> runs.heldBelow(band.gauge(), band.pressure()).stream()
                        .flatMap(run -> shelf.lotsOfRuns(List.of(run.id())).stream()
                                .filter(lot -> lot.lot().jars() > 0)
                                .map(lot -> new HeldTooLow(lot, run.truePressure(), band.pressure()))))
                .toList();
        if (hold) {
            String cause = "altitude:" + Math.round(altitude.map(Altitude::feet).orElse(0.0));
            lots.forEach(lot -> holds.hold(
                    lot.lot().lot().code(),
                    ALTITUDE,
                    "The altitude was put right: this lot was held at %s psi and needed %s."
                            .formatted(lot.had().psi(), lot.needed().psi()),
                    cause,
                    clock.instant()));
        }
        return lots;
    }

    /**
     * A lot that rests on a row that was corrected.
     *
     * @param through the lot it was made with, where that is what rests on the row
     */
    public record ShortOfRow(ShelfLot lot, Minutes had, Optional<LotCode> through) {}

    /**
     * What a row really asks for.
     *
     * @param size the jar size the time is for; smaller jars are timed by it too. Empty where all sizes are meant
     * @param minutes of a tested time; empty where it is not known, or the row is no time
     * @param pressure of a band; empty likewise
     */
    public record Corrected(
            String row, Optional<JarSize> size, Optional<Minutes> minutes, Optional<GaugePressure> pressure) {}

    /**
     * Lots that rest on a row of the tables and had less than it really asks for, and those that were made with them: by a line, by the floor of
     * a mixture, by the pressure or by the size of the jar.
     *
     * @param hold whether they are put on hold
     * @throws NotFound if no table has such a row
     */
    @Transactional
    public List<ShortOfRow> ofRow(Corrected corrected, boolean hold) {
        comparisons.require(corrected.row());
        List<ShortOfRow> lots = new ArrayList<>(batches.restingOn(corrected.row()).stream()
                .flatMap(batch -> shelf.lotsOfBatch(batch).stream())
                .map(lot -> new ShortOfRow(lot, runs.run(lot.runId()).plan().process(), Optional.empty()))
                .filter(lot -> isShort(lot, corrected))
                .toList());
        addMadeWith(lots);
        if (hold) {
            lots.forEach(lot -> holdForRow(lot, corrected));
        }
        return List.copyOf(lots);
    }

    /** Jars that went into another batch take what they rest on with them, as far as that goes. */
    private void addMadeWith(List<ShortOfRow> lots) {
        Set<LotCode> known = new HashSet<>();
        lots.forEach(lot -> known.add(lot.lot().lot().code()));
        for (int next = 0; next < lots.size(); next++) {
            LotCode from = lots.get(next).lot().lot().code();
            for (ShelfLot made : shelf.madeWith(from)) {
                if (known.add(made.lot().code())) {
                    lots.add(new ShortOfRow(made, runs.run(made.runId()).plan().process(), Optional.of(from)));
                }
            }
        }
    }

    private boolean isShort(ShortOfRow lot, Corrected corrected) {
        boolean sized = corrected.row().startsWith(JAR_SIZE)
                ? JarSize.rowOf(lot.lot().size())
                        .filter(corrected.row()::equals)
                        .isPresent()
                : corrected
                        .size()
                        .filter(size -> timedBy(lot.lot().size()) != size)
                        .isEmpty();
        boolean longEnough = corrected
                .minutes()
                .filter(minutes -> lot.had().compareTo(minutes) >= 0)
                .isPresent();
        boolean pressedEnough = corrected
                .pressure()
                .filter(needed -> runs.run(lot.lot().runId()).truePressure().compareTo(needed) >= 0)
                .isPresent();
        return sized && !longEnough && !pressedEnough;
    }

    /** Each size goes by its own tested time or that of the next larger tested one: pints and quarts are tested. */
    private static JarSize timedBy(JarSize size) {
        return size.compareTo(JarSize.PINT) <= 0 ? JarSize.PINT : JarSize.QUART;
    }

    private void holdForRow(ShortOfRow lot, Corrected corrected) {
        String asks = corrected
                .minutes()
                .map(minutes -> "really asks for %s min; this lot had %s."
                        .formatted(minutes.value(), lot.had().value()))
                .or(() -> corrected.pressure().map(needed -> "really asks for %s psi; this lot had less."
                        .formatted(needed.psi())))
                .orElse("was found to differ from a printed copy.");
        String through = lot.through()
                .map(code -> " It was made with lot %s.".formatted(code.text()))
                .orElse("");
        holds.hold(
                lot.lot().lot().code(),
                ROW,
                "The row \"%s\" %s%s".formatted(corrected.row(), asks, through),
                "row:" + corrected.row(),
                clock.instant());
    }
}

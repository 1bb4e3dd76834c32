package org.mobrel.server.kitchen;

import java.time.InstantSource;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import org.mobrel.canner.GaugeKind;
import org.mobrel.canner.GaugeTest;
import org.mobrel.canner.Inspection;
import org.mobrel.quantity.GaugeError;
import org.mobrel.server.platform.BadField;
import org.mobrel.server.platform.Missing;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Looks after canners: tests of the dial, whose error counts from then on, and inspections. */
@Service
public class CareDesk {

    private final CareStore care;
    private final KitchenStore kitchen;
    private final KitchenDesk desk;
    private final InstantSource clock;
    private final ZoneId zone;

    CareDesk(CareStore care, KitchenStore kitchen, KitchenDesk desk, InstantSource clock, ZoneId zone) {
        this.care = care;
        this.kitchen = kitchen;
        this.desk = desk;
        this.clock = clock;
        this.zone = zone;
    }

    /** Today, where the kitchen is. */
    public LocalDate today() {
        return clock.instant().atZone(zone).toLocalDate();
    }

    /**
     * Writes a test down; from then on the last one by date says how far the dial is off.
     *
     * @throws BadField if the canner has no dial that rules it, or the test is not over yet
     * @throws Missing if there is no such canner
     */
    @Transactional
    public void tested(long canner, GaugeTest test) {
        if (desk.canner(canner).profile().gauge().kind() != GaugeKind.DIAL) {
            throw new BadField("readPsi", "this canner goes by its weight, which needs no test");
        }
        refuseTomorrow(test.on());
        care.add(canner, test, clock.instant());
        takeErrorOfLast(canner);
    }

    /** @throws Missing if there is no such test that counts */
    @Transactional
    public void strikeTest(long canner, long test) {
        if (care.strike(canner, test, clock.instant()) == 0) {
            throw new Missing("gauge test", test);
        }
        takeErrorOfLast(canner);
    }

    private void takeErrorOfLast(long canner) {
        kitchen.setError(
                canner, GaugeTest.last(care.tests(canner)).map(GaugeTest::error).orElse(GaugeError.NONE));
    }

    /**
     * @throws BadField if nothing was looked at
     * @throws Missing if there is no such canner
     */
    @Transactional
    public void inspected(long canner, Inspection inspection) {
        desk.canner(canner);
        refuseTomorrow(inspection.on());
        if (inspection.found().isEmpty()) {
            throw new BadField("found", "say of at least one part how it looked");
        }
        care.add(canner, inspection, clock.instant());
    }

    private void refuseTomorrow(LocalDate on) {
        if (on.isAfter(today())) {
            throw new BadField("on", "that day is still to come");
        }
        if (on.isBefore(today().minusYears(30))) {
            throw new BadField("on", "that was too long ago to count");
        }
    }

    @Transactional(readOnly = true)
    List<CareStore.StoredTest> tests(long canner) {
        return care.allTests(canner);
    }
}

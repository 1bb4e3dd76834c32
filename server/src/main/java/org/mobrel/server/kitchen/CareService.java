package org.mobrel.server.kitchen;

import java.time.InstantSource;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import org.mobrel.canner.GaugeKind;
import org.mobrel.canner.GaugeTest;
import org.mobrel.canner.Inspection;
import org.mobrel.quantity.GaugeError;
import org.mobrel.server.platform.InvalidField;
import org.mobrel.server.platform.NotFound;
import org.mobrel.server.sharing.SharedFields;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Looks after canners: tests of the dial, whose error counts from then on, and inspections. */
@Service
public class CareService {

    private final CareRepository care;
    private final KitchenRepository kitchen;
    private final KitchenService service;
    private final SharedFields shared;
    private final ApplicationEventPublisher news;
    private final InstantSource clock;
    private final ZoneId zone;

    CareService(
            CareRepository care,
            KitchenRepository kitchen,
            KitchenService service,
            SharedFields shared,
            ApplicationEventPublisher news,
            InstantSource clock,
            ZoneId zone) {
        this.care = care;
        this.kitchen = kitchen;
        this.service = service;
        this.shared = shared;
        this.news = news;
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
     * @throws InvalidField if the canner has no dial that rules it, or the test is not over yet
     * @throws NotFound if there is no such canner
     */
    @Transactional
    public void tested(long canner, GaugeTest test) {
        SharedFields.Change begun = shared.changeOfLatest(KitchenService.CANNER, Long.toString(canner));
        if (service.canner(canner).profile().gauge().kind() != GaugeKind.DIAL) {
            throw new InvalidField("readPsi", "this canner goes by its weight, which needs no test");
        }
        refuseTomorrow(test.on());
        Optional<LocalDate> before = dayBefore(canner, test);
        long id = care.add(canner, test, clock.instant());
        takeErrorOfLast(canner, begun);
        news.publishEvent(
                new DialTested(canner, service.canner(canner).profile().name(), id, test, before, false));
    }

    /** @throws NotFound if there is no such test that counts */
    @Transactional
    public void strikeTest(long canner, long test) {
        SharedFields.Change begun = shared.changeOfLatest(KitchenService.CANNER, Long.toString(canner));
        if (care.strike(canner, test, clock.instant()) == 0) {
            throw new NotFound("gauge test", test);
        }
        takeErrorOfLast(canner, begun);
        care.allTests(canner).stream()
                .filter(stored -> stored.id() == test)
                .forEach(stored -> news.publishEvent(new DialTested(
                        canner,
                        service.canner(canner).profile().name(),
                        test,
                        stored.test(),
                        dayBefore(canner, stored.test()),
                        true)));
    }

    /** The day of the last test that counts and lies before another. */
    private Optional<LocalDate> dayBefore(long canner, GaugeTest test) {
        return care.tests(canner).stream()
                .map(GaugeTest::on)
                .filter(on -> on.isBefore(test.on()))
                .max(LocalDate::compareTo);
    }

    private void takeErrorOfLast(long canner, SharedFields.Change begun) {
        service.changed();
        begun.writes(CannerField.GAUGE.code(), "");
        begun.settle();
        kitchen.setError(
                canner, GaugeTest.last(care.tests(canner)).map(GaugeTest::error).orElse(GaugeError.NONE));
    }

    /**
     * @throws InvalidField if nothing was looked at
     * @throws NotFound if there is no such canner
     */
    @Transactional
    public void inspected(long canner, Inspection inspection) {
        service.canner(canner);
        refuseTomorrow(inspection.on());
        if (inspection.found().isEmpty()) {
            throw new InvalidField("found", "say of at least one part how it looked");
        }
        care.add(canner, inspection, clock.instant());
        service.changed();
    }

    private void refuseTomorrow(LocalDate on) {
        if (on.isAfter(today())) {
            throw new InvalidField("on", "that day is still to come");
        }
        if (on.isBefore(today().minusYears(30))) {
            throw new InvalidField("on", "that was too long ago to count");
        }
    }

    /** The tests of a canner's dial that count, each with the day of the one before it. */
    @Transactional(readOnly = true)
    public List<DialTested> counting(long canner) {
        String name = service.canner(canner).profile().name();
        return care.allTests(canner).stream()
                .filter(stored -> !stored.struck())
                .map(stored -> new DialTested(
                        canner, name, stored.id(), stored.test(), dayBefore(canner, stored.test()), false))
                .toList();
    }

    @Transactional(readOnly = true)
    List<CareRepository.StoredTest> tests(long canner) {
        return care.allTests(canner);
    }
}

package org.mobrel.server.kitchen;

import java.time.InstantSource;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.mobrel.canner.CannerProfile;
import org.mobrel.canner.Gauge;
import org.mobrel.canner.GaugeKind;
import org.mobrel.canner.GaugeTest;
import org.mobrel.canner.Inspection;
import org.mobrel.canner.PressureTable;
import org.mobrel.canner.Weight;
import org.mobrel.jars.JarKind;
import org.mobrel.quantity.Altitude;
import org.mobrel.quantity.GaugePressure;
import org.mobrel.quantity.Volume;
import org.mobrel.server.platform.Dates;
import org.springframework.stereotype.Component;

/** Canners as the pages get them. */
@Component
class CannerMapper {

    private final PressureTable pressures;
    private final InstantSource clock;
    private final ZoneId zone;
    private final Dates dates;

    CannerMapper(PressureTable pressures, InstantSource clock, ZoneId zone, Dates dates) {
        this.pressures = pressures;
        this.clock = clock;
        this.zone = zone;
        this.dates = dates;
    }

    KitchenMessages.CannerResponse answer(KitchenCanner canner, Optional<Altitude> altitude) {
        CannerProfile profile = canner.profile();
        Gauge gauge = profile.gauge();
        Optional<GaugePressure> pressure =
                altitude.flatMap(height -> pressures.band(gauge.kind(), height)).map(PressureTable.Band::pressure);
        return new KitchenMessages.CannerResponse(
                canner.id(),
                profile.name(),
                gauge.kind().code(),
                gauge.error().psi(),
                profile.capacity().quarts(),
                profile.capacity().pints(),
                profile.capacity().layers(),
                profile.capacity().upper().code(),
                profile.capacity().perLayer().entrySet().stream()
                        .sorted(Comparator.comparing((Map.Entry<JarKind, Integer> places) ->
                                        places.getKey().size())
                                .reversed()
                                .thenComparing(places -> places.getKey().mouth()))
                        .map(places -> new KitchenMessages.LayerPlaces(
                                places.getKey().size().code(),
                                places.getKey().mouth().code(),
                                places.getValue()))
                        .toList(),
                profile.weight().map(CannerMapper::weight).orElse(null),
                profile.startWater().map(Volume::millilitres).orElse(null),
                profile.burner(),
                profile.rules(),
                pressure.map(GaugePressure::psi).orElse(null),
                pressure.map(gauge::readingFor).map(GaugePressure::psi).orElse(null),
                trouble(canner, altitude, pressure),
                GaugeTest.last(canner.tests()).map(GaugeTest::on).orElse(null),
                due(canner));
    }

    private static KitchenMessages.WeightResponse weight(Weight weight) {
        return new KitchenMessages.WeightResponse(
                weight.shows().code(),
                weight.sound().code(),
                weight.least(),
                weight.most(),
                weight.dialBeside(),
                weight.sentence());
    }

    private static @Nullable String trouble(
            KitchenCanner canner, Optional<Altitude> altitude, Optional<GaugePressure> pressure) {
        return canner.outOfUse()
                .or(() -> altitude.isPresent() && pressure.isEmpty()
                        ? Optional.of("The tables end at 8,000 ft (2,438 m); ask your local extension office.")
                        : Optional.empty())
                .orElse(null);
    }

    private LocalDate today() {
        return clock.instant().atZone(zone).toLocalDate();
    }

    /** What a careful cook would do soon: the yearly test, the yearly look, what was worn. */
    private List<String> due(KitchenCanner canner) {
        List<String> due = new ArrayList<>();
        if (canner.profile().gauge().kind() == GaugeKind.DIAL) {
            GaugeTest.last(canner.tests())
                    .ifPresentOrElse(
                            last -> {
                                if (!last.dueOn().isAfter(today())) {
                                    due.add("The dial was last tested on %s: a test is due every year."
                                            .formatted(dates.day(last.on())));
                                }
                            },
                            () -> due.add("No test of its dial is written down: have it tested, and every year."));
        }
        List<String> parts = new ArrayList<>();
        Stream.of(Inspection.Part.values()).forEach(part -> {
            Optional<Inspection.Last> last = Inspection.last(part, canner.inspections());
            if (last.filter(look -> look.look() == Inspection.Look.WORN).isPresent()) {
                due.add("%s: worn when last looked at.".formatted(part.label()));
            }
            if (last.isEmpty() || last.get().isDue(today())) {
                parts.add(part.label().toLowerCase(Locale.ROOT));
            }
        });
        if (!parts.isEmpty()) {
            due.add("Due for a look: %s.".formatted(String.join(", ", parts)));
        }
        return due;
    }

    KitchenMessages.CareResponse care(KitchenCanner canner, List<CareRepository.StoredTest> tests) {
        Optional<GaugeTest> last = GaugeTest.last(canner.tests());
        return new KitchenMessages.CareResponse(
                tests.stream()
                        .sorted(Comparator.comparing((CareRepository.StoredTest stored) ->
                                        stored.test().on())
                                .thenComparing(CareRepository.StoredTest::id)
                                .reversed())
                        .map(stored -> new KitchenMessages.TestResponse(
                                stored.id(),
                                stored.test().on(),
                                stored.test().read().psi(),
                                stored.test().master().psi(),
                                stored.test().error().psi(),
                                stored.test().by(),
                                stored.struck(),
                                !stored.struck() && last.equals(Optional.of(stored.test()))))
                        .toList(),
                canner.inspections().stream()
                        .sorted(Comparator.comparing(Inspection::on).reversed())
                        .map(CannerMapper::inspection)
                        .toList(),
                Stream.of(Inspection.Part.values())
                        .map(part -> part(part, Inspection.last(part, canner.inspections())))
                        .toList());
    }

    private static KitchenMessages.InspectionResponse inspection(Inspection inspection) {
        return new KitchenMessages.InspectionResponse(
                inspection.on(),
                inspection.by(),
                inspection.note(),
                Stream.of(Inspection.Part.values())
                        .flatMap(part -> Optional.ofNullable(inspection.found().get(part))
                                .map(look -> new KitchenMessages.PartFound(part.code(), look.code()))
                                .stream())
                        .toList());
    }

    private KitchenMessages.PartResponse part(Inspection.Part part, Optional<Inspection.Last> last) {
        return new KitchenMessages.PartResponse(
                part.code(),
                part.label(),
                part.lookFor(),
                last.map(look -> look.look().code()).orElse(null),
                last.map(Inspection.Last::on).orElse(null),
                last.isEmpty() || last.get().isDue(today()));
    }

    /** The pressure of each kind of gauge at an altitude, and what is next above. */
    List<KitchenMessages.BandResponse> bands(Altitude altitude) {
        return Stream.of(GaugeKind.values())
                .flatMap(kind -> pressures.band(kind, altitude).stream())
                .map(band -> new KitchenMessages.BandResponse(
                        band.gauge().code(),
                        band.pressure().psi(),
                        band.upTo().feet(),
                        band.upTo().metres(),
                        above(band).map(next -> next.pressure().psi()).orElse(null)))
                .toList();
    }

    private Optional<PressureTable.Band> above(PressureTable.Band band) {
        return pressures.bands().stream()
                .filter(next -> next.gauge() == band.gauge() && next.above().equals(band.upTo()))
                .findFirst();
    }
}

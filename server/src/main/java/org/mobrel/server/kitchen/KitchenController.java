package org.mobrel.server.kitchen;

import jakarta.validation.Valid;
import java.math.BigDecimal;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.mobrel.canner.CannerProfile;
import org.mobrel.canner.Capacity;
import org.mobrel.canner.Gauge;
import org.mobrel.canner.GaugeKind;
import org.mobrel.canner.PressureTable;
import org.mobrel.quantity.Altitude;
import org.mobrel.quantity.GaugeError;
import org.mobrel.quantity.GaugePressure;
import org.mobrel.quantity.Volume;
import org.mobrel.ruling.School;
import org.mobrel.scaling.Household;
import org.mobrel.scaling.Units;
import org.mobrel.server.platform.BadField;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/kitchen")
class KitchenController {

    private final KitchenDesk desk;
    private final PressureTable pressures;

    KitchenController(KitchenDesk desk, PressureTable pressures) {
        this.desk = desk;
        this.pressures = pressures;
    }

    @GetMapping
    KitchenWire.KitchenAnswer kitchen() {
        Kitchen kitchen = desk.kitchen();
        return new KitchenWire.KitchenAnswer(
                kitchen.altitude().map(Altitude::feet).orElse(null),
                kitchen.altitude().map(Altitude::metres).orElse(null),
                kitchen.units().code(),
                kitchen.school().code(),
                kitchen.household().people(),
                kitchen.household().serving().millilitres(),
                kitchen.canners().stream()
                        .map(canner -> answer(canner, kitchen.altitude()))
                        .toList());
    }

    private KitchenWire.CannerAnswer answer(KitchenCanner canner, Optional<Altitude> altitude) {
        CannerProfile profile = canner.profile();
        Gauge gauge = profile.gauge();
        Optional<GaugePressure> pressure =
                altitude.flatMap(height -> pressures.band(gauge.kind(), height)).map(PressureTable.Band::pressure);
        return new KitchenWire.CannerAnswer(
                canner.id(),
                profile.name(),
                gauge.kind().code(),
                gauge.error().psi(),
                profile.capacity().quarts(),
                profile.capacity().pints(),
                profile.capacity().shortLayers(),
                pressure.map(GaugePressure::psi).orElse(null),
                pressure.map(gauge::readingFor).map(GaugePressure::psi).orElse(null),
                trouble(gauge, altitude, pressure).orElse(null));
    }

    private static Optional<String> trouble(
            Gauge gauge, Optional<Altitude> altitude, Optional<GaugePressure> pressure) {
        if (gauge.isTooFarOff()) {
            return Optional.of("More than 1 psi high or 2 low: replace the gauge before the next run.");
        }
        if (altitude.isPresent() && pressure.isEmpty()) {
            return Optional.of("The tables end at 8,000 ft; ask your local extension office.");
        }
        return Optional.empty();
    }

    @PutMapping
    KitchenWire.KitchenAnswer changeKitchen(@Valid @RequestBody KitchenWire.KitchenChange change) {
        Units units = Units.ofCode(change.units()).orElseThrow(() -> new BadField("units", "us or metric"));
        School school = School.ofCode(change.school())
                .orElseThrow(() -> new BadField("school", "longest-ingredient or soup-table"));
        Household household = household(change, desk.kitchen().household());
        desk.change(altitude(change), units, school);
        desk.change(household);
        return kitchen();
    }

    private static Household household(KitchenWire.KitchenChange change, Household before) {
        int people = change.people() == null ? before.people() : change.people();
        if (people < 1 || people > 50) {
            throw new BadField("people", "between 1 and 50");
        }
        if (change.servingMl() == null) {
            return new Household(people, before.serving());
        }
        try {
            return new Household(people, Volume.ofMillilitres(change.servingMl()));
        } catch (IllegalArgumentException absurd) {
            throw new BadField("servingMl", "a serving is between half a cup and a quart (100 to 1,000 ml)");
        }
    }

    private static Optional<Altitude> altitude(KitchenWire.KitchenChange change) {
        if (change.altitudeFt() != null && change.altitudeM() != null) {
            throw new BadField("altitudeFt", "either feet or metres");
        }
        try {
            return Optional.ofNullable(change.altitudeFt())
                    .map(Altitude::ofFeet)
                    .or(() -> Optional.ofNullable(change.altitudeM()).map(Altitude::ofMetres));
        } catch (IllegalArgumentException nowhere) {
            throw new BadField(
                    change.altitudeFt() != null ? "altitudeFt" : "altitudeM",
                    "between -1,600 and 29,500 ft (-500 and 9,000 m)");
        }
    }

    @PostMapping("/canners")
    @ResponseStatus(HttpStatus.CREATED)
    KitchenWire.KitchenAnswer addCanner(@Valid @RequestBody KitchenWire.CannerChange canner) {
        desk.add(profile(canner));
        return kitchen();
    }

    @PutMapping("/canners/{id}")
    KitchenWire.KitchenAnswer changeCanner(@PathVariable long id, @Valid @RequestBody KitchenWire.CannerChange canner) {
        desk.change(id, profile(canner));
        return kitchen();
    }

    @DeleteMapping("/canners/{id}")
    KitchenWire.KitchenAnswer removeCanner(@PathVariable long id) {
        desk.remove(id);
        return kitchen();
    }

    private static CannerProfile profile(KitchenWire.CannerChange canner) {
        GaugeKind kind = GaugeKind.ofCode(canner.gauge()).orElseThrow(() -> new BadField("gauge", "dial or weighted"));
        return new CannerProfile(canner.name().strip(), new Gauge(kind, error(kind, canner)), capacity(canner));
    }

    private static GaugeError error(GaugeKind kind, KitchenWire.CannerChange canner) {
        java.math.@Nullable BigDecimal psi = canner.gaugeErrorPsi();
        if (kind == GaugeKind.WEIGHTED || psi == null) {
            return GaugeError.NONE;
        }
        if (psi.abs().compareTo(BigDecimal.valueOf(15)) > 0) {
            throw new BadField("gaugeErrorPsi", "not a difference a dial can have");
        }
        return GaugeError.ofPsi(psi);
    }

    private static Capacity capacity(KitchenWire.CannerChange canner) {
        if (canner.quarts() < Capacity.FEWEST_QUARTS) {
            throw new BadField(
                    "quarts",
                    "a cooker that cannot hold four quart jars heats up and cools down too fast for the tested times");
        }
        try {
            return new Capacity(canner.quarts(), canner.pints(), canner.shortLayers());
        } catch (IllegalArgumentException impossible) {
            throw new BadField("quarts", String.valueOf(impossible.getMessage()));
        }
    }
}

package org.mobrel.server.kitchen;

import jakarta.validation.Valid;
import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;
import org.mobrel.jars.Headspace;
import org.mobrel.jars.JarKind;
import org.mobrel.jars.JarSize;
import org.mobrel.jars.Mouth;
import org.mobrel.quantity.Volume;
import org.mobrel.server.platform.InvalidField;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/kitchen/cupboard")
class CupboardController {

    /** Jars of one trade size differ by a few per cent; more is another jar, or another mark. */
    private static final double MOST_OFF = 0.12;

    private static final double ML_IN_A_FLUID_OUNCE = 29.574;

    private final CupboardService service;

    CupboardController(CupboardService service) {
        this.service = service;
    }

    @GetMapping
    KitchenMessages.CupboardResponse cupboard() {
        CupboardService.Seen seen = service.seen();
        Cupboard cupboard = seen.cupboard();
        return new KitchenMessages.CupboardResponse(
                seen.version(),
                service.averages().kinds().stream()
                        .map(kind -> jar(kind, cupboard))
                        .toList(),
                Arrays.stream(Mouth.values())
                        .map(mouth -> new KitchenMessages.CupboardLids(
                                mouth.code(), cupboard.lids(mouth).orElse(null)))
                        .toList());
    }

    private KitchenMessages.CupboardJar jar(JarKind kind, Cupboard cupboard) {
        return new KitchenMessages.CupboardJar(
                kind.size().code(),
                kind.mouth().code(),
                cupboard.empty(kind).orElse(null),
                average(kind).millilitres(),
                Optional.ofNullable(cupboard.water().get(kind))
                        .map(Volume::millilitres)
                        .orElse(null));
    }

    private Volume average(JarKind kind) {
        return service.averages()
                .fill(kind.size(), kind.mouth(), Headspace.ONE_INCH)
                .orElseThrow(() -> new InvalidField("size", "there is no such jar in the table"));
    }

    @PutMapping("/jars")
    KitchenMessages.CupboardResponse countJars(@Valid @RequestBody KitchenMessages.JarsCounted counted) {
        JarKind kind = kind(counted.size(), counted.mouth());
        average(kind);
        service.count(counted.basedOn(), kind, Optional.ofNullable(counted.empty()));
        return cupboard();
    }

    @PutMapping("/water")
    KitchenMessages.CupboardResponse measureJar(@Valid @RequestBody KitchenMessages.JarMeasured measured) {
        JarKind kind = kind(measured.size(), measured.mouth());
        double average = average(kind).millilitres();
        Double water = measured.waterMl();
        if (water != null && !(Math.abs(water - average) <= MOST_OFF * average)) {
            throw new InvalidField(
                    "waterMl",
                    String.format(
                            Locale.ROOT,
                            "A %s holds about %.0f ml (%.1f fl oz) up to 1 inch (25 mm) below its rim: measure what water fills it to there.",
                            kind.size().label(),
                            average,
                            average / ML_IN_A_FLUID_OUNCE));
        }
        service.measure(measured.basedOn(), kind, Optional.ofNullable(water).map(Volume::ofMillilitres));
        return cupboard();
    }

    @PutMapping("/lids")
    KitchenMessages.CupboardResponse countLids(@Valid @RequestBody KitchenMessages.LidsCounted counted) {
        service.count(counted.basedOn(), mouth(counted.mouth()), Optional.ofNullable(counted.fresh()));
        return cupboard();
    }

    private static JarKind kind(String size, String mouth) {
        JarSize known = JarSize.ofCode(size)
                .orElseThrow(() -> new InvalidField("size", "\"" + size + "\" is no size of jar known here"));
        return new JarKind(known, mouth(mouth));
    }

    private static Mouth mouth(String mouth) {
        return Mouth.ofCode(mouth)
                .orElseThrow(() -> new InvalidField("mouth", "\"" + mouth + "\" is not regular or wide"));
    }
}

package org.mobrel.server.kitchen;

import jakarta.validation.Valid;
import java.math.BigDecimal;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.mobrel.canner.CannerProfile;
import org.mobrel.canner.Capacity;
import org.mobrel.canner.Gauge;
import org.mobrel.canner.GaugeKind;
import org.mobrel.canner.GaugeTest;
import org.mobrel.canner.Inspection;
import org.mobrel.canner.UpperLayer;
import org.mobrel.canner.Weight;
import org.mobrel.jars.JarKind;
import org.mobrel.jars.JarSize;
import org.mobrel.jars.Mouth;
import org.mobrel.quantity.GaugeError;
import org.mobrel.quantity.GaugePressure;
import org.mobrel.quantity.Volume;
import org.mobrel.server.platform.InvalidField;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PatchMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Canners and their care. Every change answers the whole kitchen. */
@RestController
@RequestMapping("/api/kitchen/canners")
class CannerController {

    /** Less boils dry, more drowns the jars. */
    private static final double LEAST_WATER_ML = 500;

    private static final double MOST_WATER_ML = 12_000;

    private final KitchenService service;
    private final CareService care;
    private final KitchenController kitchen;
    private final CannerMapper words;

    CannerController(KitchenService service, CareService care, KitchenController kitchen, CannerMapper words) {
        this.service = service;
        this.care = care;
        this.kitchen = kitchen;
        this.words = words;
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    KitchenMessages.KitchenResponse addCanner(@Valid @RequestBody KitchenMessages.CannerChange canner) {
        service.add(profile(canner, GaugeError.NONE));
        return kitchen.kitchen();
    }

    /** Changes what is named of a canner and leaves the rest of it as it is. */
    @PatchMapping("/{id}")
    KitchenMessages.KitchenResponse changeCanner(
            @PathVariable long id, @Valid @RequestBody KitchenMessages.CannerRevision revision) {
        Set<String> known =
                Arrays.stream(CannerField.values()).map(CannerField::code).collect(Collectors.toSet());
        if (!known.containsAll(revision.changed())) {
            throw new InvalidField(
                    "changed", "no such part of a canner: its name, gauge, capacity, weight, start water or burner");
        }
        service.change(id, revision.basedOn(), before -> merged(before, revision));
        return kitchen.kitchen();
    }

    private static CannerProfile merged(KitchenCanner before, KitchenMessages.CannerRevision revision) {
        CannerProfile old = before.profile();
        GaugeError error = old.gauge().error();
        CannerProfile wanted = profile(revision.canner(), error);
        // A test that was written down goes before what a form says.
        Gauge gauge = GaugeTest.last(before.tests()).isPresent()
                ? new Gauge(wanted.gauge().kind(), error)
                : wanted.gauge();
        Set<String> changed = Set.copyOf(revision.changed());
        return new CannerProfile(
                changed.contains("name") ? wanted.name() : old.name(),
                changed.contains("gauge") ? gauge : old.gauge(),
                changed.contains("capacity") ? wanted.capacity() : old.capacity(),
                changed.contains("weight") || changed.contains("gauge") ? wanted.weight() : old.weight(),
                changed.contains("startWater") ? wanted.startWater() : old.startWater(),
                changed.contains("burner") ? wanted.burner() : old.burner());
    }

    @DeleteMapping("/{id}")
    KitchenMessages.KitchenResponse removeCanner(@PathVariable long id) {
        service.remove(id);
        return kitchen.kitchen();
    }

    /** Tests and inspections of a canner. */
    @GetMapping("/{id}/care")
    KitchenMessages.CareResponse care(@PathVariable long id) {
        return words.care(service.canner(id), care.tests(id));
    }

    @PostMapping("/{id}/tests")
    @ResponseStatus(HttpStatus.CREATED)
    KitchenMessages.KitchenResponse addTest(
            @PathVariable long id, @Valid @RequestBody KitchenMessages.GaugeTestRequest says) {
        care.tested(
                id,
                new GaugeTest(
                        says.on(),
                        GaugePressure.ofPsi(says.readPsi()),
                        GaugePressure.ofPsi(says.masterPsi()),
                        says.by().strip()));
        return kitchen.kitchen();
    }

    /** Strikes a test that was a slip of the pen. */
    @DeleteMapping("/{id}/tests/{test}")
    KitchenMessages.KitchenResponse strikeTest(@PathVariable long id, @PathVariable long test) {
        care.strikeTest(id, test);
        return kitchen.kitchen();
    }

    @PostMapping("/{id}/inspections")
    @ResponseStatus(HttpStatus.CREATED)
    KitchenMessages.KitchenResponse addInspection(
            @PathVariable long id, @Valid @RequestBody KitchenMessages.InspectionRequest says) {
        Map<Inspection.Part, Inspection.Look> found = new EnumMap<>(Inspection.Part.class);
        for (int index = 0; index < says.found().size(); index++) {
            String field = "found[%s].".formatted(index);
            KitchenMessages.PartFound part = says.found().get(index);
            found.put(
                    Inspection.Part.ofCode(part.part())
                            .orElseThrow(() -> new InvalidField(field + "part", "seal, vent, plug, lock or body")),
                    Inspection.Look.ofCode(part.look())
                            .orElseThrow(() -> new InvalidField(field + "look", "good, worn or mend")));
        }
        String note = says.note() == null ? "" : says.note().strip();
        care.inspected(id, new Inspection(says.on(), found, says.by().strip(), note));
        return kitchen.kitchen();
    }

    private static CannerProfile profile(KitchenMessages.CannerChange canner, GaugeError before) {
        GaugeKind kind =
                GaugeKind.ofCode(canner.gauge()).orElseThrow(() -> new InvalidField("gauge", "dial or weighted"));
        Capacity capacity = capacity(canner);
        if (!capacity.holdsFourQuarts()) {
            throw new InvalidField(
                    "quarts",
                    "a cooker that cannot hold four quart jars heats up and cools down too fast for the tested times");
        }
        return new CannerProfile(
                canner.name().strip(),
                new Gauge(kind, error(kind, canner, before)),
                capacity,
                weight(kind, canner.weight()),
                water(canner),
                canner.burner() == null ? "" : canner.burner().strip());
    }

    private static GaugeError error(GaugeKind kind, KitchenMessages.CannerChange canner, GaugeError before) {
        BigDecimal psi = canner.gaugeErrorPsi();
        if (kind == GaugeKind.WEIGHTED) {
            return GaugeError.NONE;
        }
        if (psi == null) {
            return before;
        }
        if (psi.abs().compareTo(BigDecimal.valueOf(15)) > 0) {
            throw new InvalidField("gaugeErrorPsi", "not a difference a dial can have");
        }
        return GaugeError.ofPsi(psi);
    }

    private static Optional<Weight> weight(GaugeKind kind, KitchenMessages.@Nullable WeightRequest says) {
        if (says == null || kind != GaugeKind.WEIGHTED) {
            return Optional.empty();
        }
        Weight.Shows shows =
                Weight.Shows.ofCode(says.shows()).orElseThrow(() -> new InvalidField("weight.shows", "holes or rings"));
        Weight.Sound sound = Weight.Sound.ofCode(says.sound())
                .orElseThrow(() -> new InvalidField("weight.sound", "rocks, jiggles or manual"));
        boolean counted = sound == Weight.Sound.JIGGLES;
        try {
            return Optional.of(new Weight(
                    shows,
                    sound,
                    counted && says.jigglesLeast() != null ? says.jigglesLeast() : 0,
                    counted && says.jigglesMost() != null ? says.jigglesMost() : 0,
                    Boolean.TRUE.equals(says.dialBeside())));
        } catch (IllegalArgumentException absurd) {
            throw new InvalidField(
                    "weight.jigglesLeast",
                    "jiggles a minute, as its manual says, between 1 and " + Weight.MOST_JIGGLES);
        }
    }

    private static Optional<Volume> water(KitchenMessages.CannerChange canner) {
        Double ml = canner.startWaterMl();
        if (ml == null) {
            return Optional.empty();
        }
        if (ml < LEAST_WATER_ML || ml > MOST_WATER_ML) {
            throw new InvalidField(
                    "startWaterMl",
                    "between half a quart and 12 quarts (0.5 to 11 L); 2 to 3 inches (5 to 8 cm) are usual");
        }
        return Optional.of(Volume.ofMillilitres(ml));
    }

    private static Capacity capacity(KitchenMessages.CannerChange canner) {
        UpperLayer upper = canner.upperLayer() == null
                ? UpperLayer.SHORT
                : UpperLayer.ofCode(canner.upperLayer())
                        .orElseThrow(() -> new InvalidField("upperLayer", "short or any"));
        Map<JarKind, Integer> perLayer = new HashMap<>();
        for (Mouth mouth : Mouth.values()) {
            perLayer.put(new JarKind(JarSize.QUART, mouth), places("quarts", canner.quarts()));
            perLayer.put(new JarKind(JarSize.PINT, mouth), places("pints", canner.pints()));
        }
        List<KitchenMessages.LayerPlaces> kinds = canner.capacity() == null ? List.of() : canner.capacity();
        for (int index = 0; index < kinds.size(); index++) {
            KitchenMessages.LayerPlaces kind = kinds.get(index);
            String field = "capacity[%s].".formatted(index);
            perLayer.put(
                    new JarKind(
                            JarSize.ofCode(kind.size())
                                    .filter(size -> !size.isLargerThanAnyTested())
                                    .orElseThrow(() -> new InvalidField(field + "size", "no size of jar known here")),
                            Mouth.ofCode(kind.mouth())
                                    .orElseThrow(() -> new InvalidField(field + "mouth", "regular or wide"))),
                    places(field + "jars", kind.jars()));
        }
        if (canner.shortLayers() < 1 || canner.shortLayers() > Capacity.MOST_LAYERS) {
            throw new InvalidField("shortLayers", "between 1 and %s layers".formatted(Capacity.MOST_LAYERS));
        }
        return new Capacity(perLayer, canner.shortLayers(), upper);
    }

    private static int places(String field, int jars) {
        if (jars < 0 || jars > Capacity.MOST_IN_A_LAYER) {
            throw new InvalidField(field, "between 0 and %s in a layer".formatted(Capacity.MOST_IN_A_LAYER));
        }
        return jars;
    }
}

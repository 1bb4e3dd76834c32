package org.mobrel.server.ruling;

import java.util.List;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.mobrel.canner.Gauge;
import org.mobrel.canner.GaugeKind;
import org.mobrel.foods.Pack;
import org.mobrel.jars.JarCount;
import org.mobrel.quantity.Altitude;
import org.mobrel.quantity.Fraction;
import org.mobrel.quantity.GaugeError;
import org.mobrel.recipe.IngredientLine;
import org.mobrel.recipe.LineReader;
import org.mobrel.ruling.Batch;
import org.mobrel.ruling.Ruling;
import org.mobrel.ruling.Rulings;
import org.mobrel.ruling.School;
import org.mobrel.ruling.WhatIf;
import org.mobrel.server.platform.BadField;
import org.springframework.stereotype.Service;

/** Rules on batches for everyone who asks, and words the answer for the wire. */
@Service
public class RulingDesk {

    private final LineReader reader;
    private final Rulings rulings;

    RulingDesk(LineReader reader, Rulings rulings) {
        this.reader = reader;
        this.rulings = rulings;
    }

    public List<IngredientLine> read(List<String> lines) {
        return reader.readAll(lines);
    }

    public Ruling rule(Batch batch) {
        return rulings.rule(batch);
    }

    /** The ruling with all its reasons, as the pages and scripts get it. */
    public RulingAnswer answer(Batch batch) {
        Ruling ruling = rulings.rule(batch);
        List<WhatIf> changes = ruling.timing()
                .map(timing -> WhatIf.withoutPacesetters(rulings, batch, timing, ruling.lines()))
                .orElse(List.of());
        return RulingWords.answer(ruling, changes);
    }

    RulingAnswer answer(RulingRequest request) {
        return answer(batch(request));
    }

    private Batch batch(RulingRequest request) {
        if (request.lines().stream().allMatch(String::isBlank)) {
            throw new BadField("lines", "at least one ingredient line");
        }
        return new Batch(
                read(request.lines()),
                pack(request.pack()),
                Fraction.of(request.solidsShare() == null ? 0.5 : request.solidsShare()),
                jars(request.jars()),
                altitude(request),
                gauge(request),
                school(request.school()));
    }

    /** @throws BadField if there is no such pack */
    public static Pack pack(@Nullable String code) {
        return code == null
                ? Pack.HOT
                : Pack.ofCode(code).orElseThrow(() -> new BadField("pack", "\"" + code + "\" is not hot or raw"));
    }

    /** @throws BadField if a jar names no known size or mouth */
    public static List<JarCount> jars(List<JarAsk> asked) {
        return IntStream.range(0, asked.size())
                .mapToObj(index -> asked.get(index).toCore("jars[" + index + "]"))
                .toList();
    }

    /** @throws BadField if there is no such school */
    public static School school(@Nullable String code) {
        return code == null
                ? School.LONGEST_INGREDIENT
                : School.ofCode(code)
                        .orElseThrow(() ->
                                new BadField("school", "\"" + code + "\" is not longest-ingredient or soup-table"));
    }

    private static Altitude altitude(RulingRequest request) {
        if ((request.altitudeFt() == null) == (request.altitudeM() == null)) {
            throw new BadField("altitudeFt", "either altitudeFt or altitudeM");
        }
        try {
            return request.altitudeFt() != null
                    ? Altitude.ofFeet(request.altitudeFt())
                    : Altitude.ofMetres(request.altitudeM() == null ? 0 : request.altitudeM());
        } catch (IllegalArgumentException nowhere) {
            throw new BadField(
                    request.altitudeFt() != null ? "altitudeFt" : "altitudeM", "nobody cooks at that altitude");
        }
    }

    private static Gauge gauge(RulingRequest request) {
        GaugeKind kind = GaugeKind.ofCode(request.gauge())
                .orElseThrow(() -> new BadField("gauge", "\"" + request.gauge() + "\" is not dial or weighted"));
        try {
            return new Gauge(
                    kind,
                    request.gaugeErrorPsi() == null ? GaugeError.NONE : GaugeError.ofPsi(request.gaugeErrorPsi()));
        } catch (IllegalArgumentException absurd) {
            throw new BadField("gaugeErrorPsi", "not a difference a dial can have");
        }
    }
}

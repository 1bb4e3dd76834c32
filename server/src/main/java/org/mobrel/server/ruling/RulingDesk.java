package org.mobrel.server.ruling;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.mobrel.canner.Gauge;
import org.mobrel.canner.GaugeKind;
import org.mobrel.foods.Pack;
import org.mobrel.jars.JarCount;
import org.mobrel.quantity.Altitude;
import org.mobrel.quantity.Fraction;
import org.mobrel.quantity.GaugeError;
import org.mobrel.recipe.Answer;
import org.mobrel.recipe.IngredientLine;
import org.mobrel.recipe.LineReader;
import org.mobrel.ruling.Batch;
import org.mobrel.ruling.Mending;
import org.mobrel.ruling.Ruling;
import org.mobrel.ruling.Rulings;
import org.mobrel.ruling.School;
import org.mobrel.ruling.Together;
import org.mobrel.ruling.Variant;
import org.mobrel.ruling.WhatIf;
import org.mobrel.ruling.Without;
import org.mobrel.server.platform.BadField;
import org.mobrel.server.reading.ReadingDesk;
import org.springframework.stereotype.Service;

/** Rules on batches for everyone who asks, and words the answer for the wire. */
@Service
public class RulingDesk {

    /** Reads as the catalogue alone has it: what scripts ask keeps no state. */
    private final LineReader plain;

    private final ReadingDesk readings;
    private final Rulings rulings;

    RulingDesk(LineReader plain, ReadingDesk readings, Rulings rulings) {
        this.plain = plain;
        this.readings = readings;
        this.rulings = rulings;
    }

    /** Reads lines as this kitchen means them. */
    public List<IngredientLine> read(List<String> lines) {
        return readings.readAll(lines);
    }

    /** Reads lines as this kitchen means them, with what was answered to their questions. */
    public List<IngredientLine> read(List<String> lines, List<Answered> answers) {
        return read(lines).stream().map(line -> Answered.apply(line, answers)).toList();
    }

    public LineReader reader() {
        return readings.reader();
    }

    public Rulings rulings() {
        return rulings;
    }

    public Ruling rule(Batch batch) {
        return rulings.rule(batch);
    }

    /** The ruling on jars of a base and its variants in one canner. */
    public Ruling rule(Batch base, List<Variant> variants) {
        return Together.rule(rulings, base, variants);
    }

    /** The ruling with all its reasons, as the pages get it. */
    public RulingAnswer answer(Batch batch) {
        return answer(batch, List.of());
    }

    public RulingAnswer answer(Batch batch, List<Variant> variants) {
        return answer(batch, rule(batch, variants), readings.reader());
    }

    private RulingAnswer answer(Batch batch, Ruling ruling, LineReader reader) {
        List<WhatIf> changes = ruling.timing()
                .map(timing -> WhatIf.withoutPacesetters(rulings, batch, timing, ruling.lines()))
                .orElse(List.of());
        return RulingWords.answer(
                ruling,
                changes,
                Without.each(rulings, batch, ruling),
                new Mending(rulings, reader).all(batch, ruling.findings()));
    }

    /** A ruling with its reasons, without what each change would give: for pages where nothing of it is changed. */
    public RulingAnswer answer(Ruling ruling) {
        return RulingWords.answer(ruling, List.of(), List.of(), List.of());
    }

    RulingAnswer answer(RulingRequest request) {
        Batch batch = batch(request);
        return answer(batch, rulings.rule(batch), plain);
    }

    private Batch batch(RulingRequest request) {
        if (request.lines().stream().allMatch(String::isBlank)) {
            throw new BadField("lines", "at least one ingredient line");
        }
        return new Batch(
                answered(request),
                pack(request.pack()),
                Fraction.of(request.solidsShare() == null ? 0.5 : request.solidsShare()),
                jars(request.jars()),
                altitude(request),
                gauge(request),
                school(request.school()));
    }

    private List<IngredientLine> answered(RulingRequest request) {
        List<IngredientLine> lines = new ArrayList<>(plain.readAll(request.lines()));
        for (RulingRequest.AnswerToLine answer :
                Objects.requireNonNullElse(request.answers(), List.<RulingRequest.AnswerToLine>of())) {
            if (answer.line() < 0 || answer.line() >= lines.size()) {
                throw new BadField("answers", "there is no line %d".formatted(answer.line()));
            }
            IngredientLine line = lines.get(answer.line());
            Answer given = new Answer(
                    Answered.question(answer.code()), Objects.requireNonNullElse(answer.words(), ""), answer.choice());
            refuseUnknownChoice(line, given);
            lines.set(answer.line(), line.answered(given));
        }
        return lines;
    }

    private static void refuseUnknownChoice(IngredientLine line, Answer given) {
        boolean asked = line.questions().stream().anyMatch(question -> question.code() == given.code());
        boolean known = line.questions().stream()
                .filter(question -> question.code() == given.code())
                .flatMap(question -> question.choices().stream())
                .anyMatch(choice -> choice.code().equals(given.choice()));
        if (asked && !known) {
            throw new BadField(
                    "answers",
                    "\"%s\" is no answer to %s"
                            .formatted(given.choice(), given.code().code()));
        }
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

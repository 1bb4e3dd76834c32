package org.mobrel.server.ruling;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.mobrel.canner.Gauge;
import org.mobrel.canner.GaugeKind;
import org.mobrel.foods.Pack;
import org.mobrel.jars.JarCount;
import org.mobrel.method.Method;
import org.mobrel.quantity.Altitude;
import org.mobrel.quantity.Fraction;
import org.mobrel.quantity.GaugeError;
import org.mobrel.recipe.Answer;
import org.mobrel.recipe.IngredientLine;
import org.mobrel.recipe.LineKind;
import org.mobrel.recipe.LineReader;
import org.mobrel.ruling.Batch;
import org.mobrel.ruling.LineRuling;
import org.mobrel.ruling.RemedyEvaluator;
import org.mobrel.ruling.Ruling;
import org.mobrel.ruling.Rulings;
import org.mobrel.ruling.TimingPolicy;
import org.mobrel.ruling.Variant;
import org.mobrel.ruling.VariantRuling;
import org.mobrel.ruling.WhatIf;
import org.mobrel.ruling.Without;
import org.mobrel.server.catalogue.RowComparisons;
import org.mobrel.server.platform.InvalidField;
import org.mobrel.server.reading.ReadingService;
import org.springframework.stereotype.Service;

/** Rules on batches for everyone who asks, and words the answer for the wire. */
@Service
public class RulingService {

    /** Reads as the catalogue alone has it: what scripts ask keeps no state. */
    private final LineReader plain;

    private final ReadingService readings;
    private final Rulings rulings;
    private final RowComparisons comparisons;

    RulingService(LineReader plain, ReadingService readings, Rulings rulings, RowComparisons comparisons) {
        this.plain = plain;
        this.readings = readings;
        this.rulings = rulings;
        this.comparisons = comparisons;
    }

    /** Reads lines as this kitchen means them. */
    public List<IngredientLine> read(List<String> lines) {
        return readings.readAll(lines);
    }

    /** Reads lines as this kitchen means them, with what was answered to their questions. */
    public List<IngredientLine> read(List<String> lines, List<QuestionAnswer> answers) {
        return read(lines).stream()
                .map(line -> QuestionAnswer.apply(line, answers))
                .toList();
    }

    public LineReader reader() {
        return readings.reader();
    }

    /** The steps of a recipe, and those among its lines, with what was answered to their questions. */
    public Method method(List<String> steps, List<IngredientLine> lines, List<QuestionAnswer> answers) {
        return Method.of(steps, lines, reader())
                .answered(answers.stream()
                        .map(QuestionAnswer::toCore)
                        .filter(answer -> !answer.words().isEmpty())
                        .toList());
    }

    /** Some jars with lines of their own. */
    public Variant variant(String name, List<String> lines, List<QuestionAnswer> answers) {
        List<IngredientLine> read = read(lines, answers);
        return new Variant(name, read, method(List.of(), read, answers));
    }

    public Rulings rulings() {
        return rulings;
    }

    public Ruling rule(Batch batch) {
        return rulings.rule(batch);
    }

    /** The ruling on jars of a base and its variants in one canner. */
    public Ruling rule(Batch base, List<Variant> variants) {
        return VariantRuling.rule(rulings, base, variants);
    }

    /** What a line is in its batch: timed, seasoning, liquid and so on. */
    public static String roleOf(LineRuling ruled) {
        return RulingMapper.role(ruled);
    }

    /** The ruling with all its reasons, as the pages get it. */
    public RulingResponse answer(Batch batch) {
        return answer(batch, List.of());
    }

    public RulingResponse answer(Batch batch, List<Variant> variants) {
        return answer(batch, rule(batch, variants), readings.reader());
    }

    private RulingResponse answer(Batch batch, Ruling ruling, LineReader reader) {
        List<WhatIf> changes = ruling.timing()
                .map(timing -> WhatIf.withoutPacesetters(rulings, batch, timing, ruling.lines()))
                .orElse(List.of());
        return RulingMapper.answer(
                ruling,
                changes,
                Without.each(rulings, batch, ruling),
                new RemedyEvaluator(rulings, reader).all(batch, ruling.findings()),
                comparisons);
    }

    /** A ruling with its reasons, without what each change would give: for pages where nothing of it is changed. */
    public RulingResponse answer(Ruling ruling) {
        return RulingMapper.answer(ruling, List.of(), List.of(), List.of(), comparisons);
    }

    /** A ruling, and how it is worded. */
    record Ruled(Ruling ruling, RulingResponse words) {}

    /** For scripts, whose lines were read as the catalogue alone has them. */
    Ruled plainAnswer(Batch batch) {
        Ruling ruling = rulings.rule(batch);
        return new Ruled(ruling, answer(batch, ruling, plain));
    }

    /** A batch whose lines and steps are read as the catalogue alone has them. */
    public Batch plainBatch(
            List<String> texts,
            List<String> steps,
            @Nullable List<RulingRequest.AnswerToLine> answers,
            Pack pack,
            Fraction share,
            List<JarCount> jars,
            Altitude altitude,
            Gauge gauge,
            TimingPolicy school) {
        List<IngredientLine> lines = answered(texts, answers);
        Method method = Method.of(steps, lines, plain).answered(toSteps(answers, lines));
        return new Batch(lines, pack, share, jars, altitude, gauge, school, method);
    }

    RulingResponse answer(RulingRequest request) {
        Batch batch = batch(request);
        return answer(batch, rulings.rule(batch), plain);
    }

    private Batch batch(RulingRequest request) {
        if (request.lines().stream().allMatch(String::isBlank)) {
            throw new InvalidField("lines", "at least one ingredient line");
        }
        List<IngredientLine> lines = answered(request);
        return new Batch(
                lines,
                pack(request.pack()),
                Fraction.of(request.solidsShare() == null ? 0.5 : request.solidsShare()),
                jars(request.jars()),
                altitude(request),
                gauge(request),
                school(request.school()),
                Method.of(List.of(), lines, plain).answered(toSteps(request.answers(), lines)));
    }

    /** What was answered to the questions of steps, those among the lines too. */
    static List<Answer> toSteps(@Nullable List<RulingRequest.AnswerToLine> answers, List<IngredientLine> lines) {
        return Objects.requireNonNullElse(answers, List.<RulingRequest.AnswerToLine>of()).stream()
                .filter(answer ->
                        answer.line() == null || lines.get(answer.line()).kind() == LineKind.STEP)
                .map(answer -> new Answer(
                        QuestionAnswer.question(answer.code()),
                        Objects.requireNonNullElse(answer.words(), ""),
                        answer.choice()))
                .toList();
    }

    private List<IngredientLine> answered(RulingRequest request) {
        return answered(request.lines(), request.answers());
    }

    /** Lines as the catalogue alone reads them, with what was answered to their questions. */
    List<IngredientLine> answered(List<String> texts, @Nullable List<RulingRequest.AnswerToLine> answers) {
        List<IngredientLine> lines = new ArrayList<>(plain.readAll(texts));
        for (RulingRequest.AnswerToLine answer :
                Objects.requireNonNullElse(answers, List.<RulingRequest.AnswerToLine>of())) {
            QuestionAnswer.question(answer.code());
            if (answer.line() == null) {
                continue;
            }
            if (answer.line() < 0 || answer.line() >= lines.size()) {
                throw new InvalidField("answers", "there is no line %s".formatted(answer.line()));
            }
            IngredientLine line = lines.get(answer.line());
            Answer given = new Answer(
                    QuestionAnswer.question(answer.code()),
                    Objects.requireNonNullElse(answer.words(), ""),
                    answer.choice());
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
            throw new InvalidField(
                    "answers",
                    "\"%s\" is no answer to %s"
                            .formatted(given.choice(), given.code().code()));
        }
    }

    /** @throws InvalidField if there is no such pack */
    public static Pack pack(@Nullable String code) {
        return code == null
                ? Pack.HOT
                : Pack.ofCode(code).orElseThrow(() -> new InvalidField("pack", "\"" + code + "\" is not hot or raw"));
    }

    /** @throws InvalidField if a jar names no known size or mouth */
    public static List<JarCount> jars(List<JarRequest> asked) {
        return IntStream.range(0, asked.size())
                .mapToObj(index -> asked.get(index).toCore("jars[" + index + "]"))
                .toList();
    }

    /** @throws InvalidField if there is no such school */
    public static TimingPolicy school(@Nullable String code) {
        return code == null
                ? TimingPolicy.LONGEST_INGREDIENT
                : TimingPolicy.ofCode(code)
                        .orElseThrow(() ->
                                new InvalidField("school", "\"" + code + "\" is not longest-ingredient or soup-table"));
    }

    private static Altitude altitude(RulingRequest request) {
        return altitude(request.altitudeFt(), request.altitudeM());
    }

    /** @throws InvalidField unless one of both is given, and somebody could cook there */
    public static Altitude altitude(@Nullable Double feet, @Nullable Double metres) {
        if ((feet == null) == (metres == null)) {
            throw new InvalidField("altitudeFt", "in feet or in metres, not in both");
        }
        try {
            return feet != null ? Altitude.ofFeet(feet) : Altitude.ofMetres(metres == null ? 0 : metres);
        } catch (IllegalArgumentException nowhere) {
            throw new InvalidField(feet != null ? "altitudeFt" : "altitudeM", "nobody cooks at that altitude");
        }
    }

    private static Gauge gauge(RulingRequest request) {
        return gauge(request.gauge(), request.gaugeErrorPsi());
    }

    /** @throws InvalidField if there is no such gauge, or none can be so far off */
    public static Gauge gauge(String code, @Nullable BigDecimal errorPsi) {
        GaugeKind kind = GaugeKind.ofCode(code)
                .orElseThrow(() -> new InvalidField("gauge", "\"" + code + "\" is not dial or weighted"));
        try {
            return new Gauge(kind, errorPsi == null ? GaugeError.NONE : GaugeError.ofPsi(errorPsi));
        } catch (IllegalArgumentException absurd) {
            throw new InvalidField("gaugeErrorPsi", "not a difference a dial can have");
        }
    }
}

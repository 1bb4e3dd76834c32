package org.mobrel.ruling;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import java.util.stream.Stream;
import org.mobrel.canner.PressureTable;
import org.mobrel.finding.Finding;
import org.mobrel.foods.Catalogue;
import org.mobrel.foods.Food;
import org.mobrel.foods.Pack;
import org.mobrel.foods.TestedProcess;
import org.mobrel.jars.Headspace;
import org.mobrel.jars.JarSize;
import org.mobrel.jars.JarTable;
import org.mobrel.method.StepStatement;
import org.mobrel.quantity.Fraction;
import org.mobrel.quantity.GaugePressure;
import org.mobrel.quantity.Minutes;
import org.mobrel.recipe.Choice;
import org.mobrel.recipe.IngredientLine;
import org.mobrel.recipe.LineReader;
import org.mobrel.recipe.QuestionCode;

/** Rules on batches by the published tables. The same batch always gets the same ruling. */
public final class Rulings {

    private final Catalogue catalogue;
    private final PressureTable pressures;
    private final JarTable jars;
    private final LineReader reader;
    private final Supplier<Set<String>> suspended;

    public Rulings(Catalogue catalogue, PressureTable pressures, JarTable jars) {
        this(catalogue, pressures, jars, Set::of);
    }

    /** @param suspended the ids of the rows that somebody found to differ from the printed copy, as they are at each ruling */
    public Rulings(Catalogue catalogue, PressureTable pressures, JarTable jars, Supplier<Set<String>> suspended) {
        this.suspended = suspended;
        this.catalogue = catalogue;
        this.pressures = pressures;
        this.jars = jars;
        this.reader = new LineReader(catalogue);
    }

    /** Never fails: whatever stands against the batch is a finding of the answer, and what it leaves open a question. */
    public Ruling rule(Batch batch) {
        Ruling brief = ruleBriefly(batch);
        return switch (brief.verdict()) {
            case ASK -> weighed(batch, brief);
            case STOP -> brief.questions().isEmpty() ? brief : weighedBesideStops(batch, brief);
            case COVERED, OWN_JUDGEMENT -> brief;
        };
    }

    /** Where nothing but the line in question stops the batch, an answer may mend it; then it is worth knowing what it gives. */
    private Ruling weighedBesideStops(Batch batch, Ruling brief) {
        List<RulingQuestion> questions = brief.questions().stream()
                .map(question -> brief.findings().stream()
                                .filter(Finding::isStop)
                                .allMatch(stop ->
                                        stop.line().isEmpty() && stop.said().isEmpty()
                                                || stop.line().equals(question.line())
                                                        && stop.said().equals(question.said()))
                        ? question.weighed(choice -> asTaken(answered(batch, question, choice)))
                        : question)
                .toList();
        return with(brief, Verdict.STOP, Optional.empty(), questions, brief.headline());
    }

    /** The same without what each answer to an open question would give. */
    Ruling ruleBriefly(Batch batch) {
        Looked looked = look(batch);
        List<RulingQuestion> questions = RulingQuestions.of(looked.examined());
        Ruling taken = taken(looked);
        if (questions.isEmpty()) {
            return taken;
        }
        return taken.verdict() == Verdict.STOP
                ? with(taken, Verdict.STOP, Optional.empty(), questions, taken.headline())
                : with(taken, Verdict.ASK, taken.timing(), questions, Headline.ofQuestions(questions.size()));
    }

    private static Ruling with(
            Ruling ruling,
            Verdict verdict,
            Optional<Timing> ifSettled,
            List<RulingQuestion> questions,
            String headline) {
        return new Ruling(
                verdict,
                verdict == Verdict.ASK ? Optional.empty() : ruling.timing(),
                ruling.lines(),
                ruling.findings(),
                ruling.considered(),
                ruling.rows(),
                ifSettled,
                questions,
                headline,
                ruling.tableVersion());
    }

    /** What is left of a stopped batch when one of its findings is mended; its lines are those it had. */
    Ruling stoppedStill(List<Finding> others) {
        return new Ruling(
                Verdict.STOP,
                Optional.empty(),
                List.of(),
                others,
                List.of(),
                List.of(),
                Optional.empty(),
                List.of(),
                Headline.ofStop(others),
                catalogue.version());
    }

    /** Each choice is ruled on in full; on the most careful choices that do not stop the batch rests what it would get. */
    private Ruling weighed(Batch batch, Ruling brief) {
        List<RulingQuestion> questions = brief.questions().stream()
                .map(question -> question.weighed(choice -> asTaken(answered(batch, question, choice))))
                .sorted(Comparator.comparingInt((RulingQuestion question) -> -question.weight()))
                .toList();
        Batch careful = batch;
        for (RulingQuestion question : questions) {
            Optional<RulingQuestion.Option> most = question.choices().stream()
                    .filter(option -> option.minutes().isPresent())
                    .max(Comparator.comparing(option -> option.minutes().orElseThrow()));
            if (most.isPresent()) {
                careful = answered(careful, question, most.get().choice());
            }
        }
        Ruling settled = asTaken(careful);
        return with(brief, Verdict.ASK, settled.timing().or(brief::ifSettled), questions, brief.headline());
    }

    private static Batch answered(Batch batch, RulingQuestion question, Choice choice) {
        if (question.said().isPresent()) {
            return batch.answering(question.with(choice));
        }
        return question.line().isPresent() ? batch.answering(question.line().getAsInt(), question.with(choice)) : batch;
    }

    /** The ruling with every open question answered as the line is taken for now. */
    private Ruling asTaken(Batch batch) {
        return taken(look(batch));
    }

    private Ruling taken(Looked looked) {
        Batch batch = looked.examined().batch();
        JarContents contents = looked.examined().contents();
        List<LineRuling> lines = looked.examined().lines();
        Map<JarSize, ProcessTimeSelector.Chosen> choices = looked.examined().choices();
        ProcessTimeSelector clockwork = looked.clockwork();
        List<Finding> findings = looked.findings();
        Verdict verdict = Verdict.of(findings);
        if (verdict == Verdict.STOP) {
            return new Ruling(
                    verdict,
                    Optional.empty(),
                    lines,
                    findings,
                    List.of(),
                    List.of(),
                    Optional.empty(),
                    List.of(),
                    Headline.ofStop(findings),
                    catalogue.version());
        }
        Timing timing = timing(batch, contents, choices, soupTableMay(batch, contents, verdict));
        return new Ruling(
                verdict,
                Optional.of(timing),
                lines,
                findings,
                new AuditTrail(catalogue, contents).of(timing, clockwork.floors()),
                RestingRows.of(batch, lines, clockwork.floors(), pressures),
                Optional.empty(),
                List.of(),
                Headline.of(timing, lines, contents),
                catalogue.version());
    }

    /** A batch as far as every answer needs it. */
    private record Looked(Examined examined, ProcessTimeSelector clockwork, List<Finding> findings) {}

    private Looked look(Batch asked) {
        Batch batch = withListed(StepQuestions.settled(asked, jars));
        JarContents contents = JarContents.of(batch);
        LineTimes times = new LineTimes(catalogue);
        List<LineRuling> lines =
                batch.lines().stream().map(line -> times.of(line, contents)).toList();
        ProcessTimeSelector clockwork = new ProcessTimeSelector(catalogue, contents, lines);
        Examined examined = new Examined(batch, contents, lines, clockwork.choices(), pressures, jars, reader);
        List<Finding> findings = new ArrayList<>(Rules.askAll(examined));
        findings.addAll(suspended(batch, lines, clockwork));
        return new Looked(examined, clockwork, List.copyOf(findings));
    }

    /** A row that differs from the printed copy is used by nobody before it is put right. */
    private List<Finding> suspended(Batch batch, List<LineRuling> lines, ProcessTimeSelector clockwork) {
        Set<String> differ = suspended.get();
        return differ.isEmpty()
                ? List.of()
                : RestingRows.of(batch, lines, clockwork.floors(), pressures).stream()
                        .filter(use -> differ.contains(use.row()))
                        .map(use -> Findings.rowSuspended(use.row(), use.line()))
                        .distinct()
                        .toList();
    }

    /** What a step names and the cook said goes into the jar is ruled on as a line of its own behind the others. */
    private Batch withListed(Batch batch) {
        List<IngredientLine> listed = batch.method().all(StepStatement.Names.class).stream()
                .filter(said -> batch.method()
                        .answer(QuestionCode.NOT_UNDERSTOOD, said.key())
                        .filter(Choice.LIST_IT::equals)
                        .isPresent())
                .map(said -> reader.read(said.food().phrase()))
                .toList();
        return listed.isEmpty()
                ? batch
                : batch.withLines(
                        Stream.concat(batch.lines().stream(), listed.stream()).toList());
    }

    /**
     * The minutes by size that {@link #rule} would give by the longest ingredient, without the words; none where the batch is
     * stopped or something has to be asked.
     */
    Map<JarSize, Minutes> minutes(Batch batch) {
        Looked looked = look(batch);
        Map<JarSize, Minutes> minutes = new EnumMap<>(JarSize.class);
        if (Verdict.of(looked.findings()) != Verdict.STOP
                && RulingQuestions.of(looked.examined()).isEmpty()) {
            looked.examined().choices().forEach((size, chosen) -> minutes.put(size, chosen.minutes()));
        }
        return minutes;
    }

    /**
     * The other school is open only where every solid food has a tested process or is part of the table's own soups, all is packed
     * hot, solids fill at most half, and nothing is left to the cook's judgement.
     */
    private static boolean soupTableMay(Batch batch, JarContents contents, Verdict verdict) {
        return contents.isSoupPack() && verdict == Verdict.COVERED;
    }

    private Timing timing(
            Batch batch, JarContents contents, Map<JarSize, ProcessTimeSelector.Chosen> choices, boolean soupTableMay) {
        JarSize timedBy = batch.sizes().stream()
                .max(Comparator.comparing(
                                (JarSize size) -> chosen(choices, size).minutes())
                        .thenComparing(Comparator.naturalOrder()))
                .orElseThrow();
        ProcessTimeSelector.Chosen chosen = chosen(choices, timedBy);
        Map<JarSize, Minutes> longest = new EnumMap<>(JarSize.class);
        choices.forEach((size, choice) -> longest.put(size, choice.minutes()));
        TestedProcess soup = catalogue.table(contents.hasSeafood() ? Catalogue.SEAFOOD_SOUP_ROW : Catalogue.SOUP_ROW);
        Optional<Minutes> bySoupTable = soupTableMay
                ? batch.sizes().stream()
                        .flatMap(size -> soup.minutesFor(size).stream())
                        .max(Minutes::compareTo)
                : Optional.empty();
        GaugePressure pressure = pressures
                .band(batch.gauge().kind(), batch.altitude())
                .orElseThrow()
                .pressure();
        GaugePressure reading = batch.gauge().readingFor(pressure);
        if (batch.school() == TimingPolicy.SOUP_TABLE && bySoupTable.isPresent()) {
            Map<JarSize, Minutes> table = new EnumMap<>(JarSize.class);
            longest.keySet().forEach(size -> soup.minutesFor(size).ifPresent(time -> table.put(size, time)));
            JarSize largest =
                    batch.sizes().stream().max(Comparator.naturalOrder()).orElseThrow();
            return new Timing(
                    bySoupTable.get(),
                    table,
                    largest,
                    SetBy.SOUP_TABLE,
                    List.of(),
                    Optional.of(chosen.minutes()),
                    pressure,
                    reading,
                    Headspace.ONE_INCH);
        }
        return new Timing(
                chosen.minutes(),
                longest,
                timedBy,
                chosen.setBy(),
                chosen.pacesetters(),
                bySoupTable,
                pressure,
                reading,
                headspace(contents));
    }

    private static ProcessTimeSelector.Chosen chosen(Map<JarSize, ProcessTimeSelector.Chosen> choices, JarSize size) {
        return Optional.ofNullable(choices.get(size)).orElseThrow();
    }

    /** The headspace these lines ask for, whatever jars and altitude: 1 inch, or 1 1/4 for plain poultry or rabbit. */
    public Headspace headspace(List<IngredientLine> lines, Pack pack, Fraction solidsShare) {
        return headspace(JarContents.of(lines, pack, solidsShare));
    }

    /** An inch for soups; plain poultry or rabbit needs a quarter more (source: the rows' own headspace). */
    private Headspace headspace(JarContents contents) {
        if (contents.isMixture()) {
            return Headspace.ONE_INCH;
        }
        return contents.solids().stream()
                .map(Food::processRow)
                .flatMap(Optional::stream)
                .flatMap(row -> catalogue.rows(row).stream())
                .map(TestedProcess::headspace)
                .reduce(Headspace.ONE_INCH, Headspace::larger);
    }
}

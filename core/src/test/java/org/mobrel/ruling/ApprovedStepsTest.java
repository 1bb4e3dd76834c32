package org.mobrel.ruling;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.mobrel.Approved;
import org.mobrel.Cases;
import org.mobrel.canner.Gauge;
import org.mobrel.canner.PressureTable;
import org.mobrel.finding.Finding;
import org.mobrel.foods.Catalogue;
import org.mobrel.foods.Pack;
import org.mobrel.jars.JarCount;
import org.mobrel.jars.JarSize;
import org.mobrel.jars.JarTable;
import org.mobrel.jars.Mouth;
import org.mobrel.method.Method;
import org.mobrel.method.StepStatement;
import org.mobrel.quantity.Altitude;
import org.mobrel.quantity.Fraction;
import org.mobrel.quantity.Minutes;
import org.mobrel.recipe.Answer;
import org.mobrel.recipe.IngredientLine;
import org.mobrel.recipe.LineReader;

/** Every word that steps add to a ruling: what they set, stop and leave open, and what the recipe states of its process. */
class ApprovedStepsTest {

    private static final LineReader READER = new LineReader(Catalogue.load());
    private static final JarTable JARS = JarTable.load();
    private static final Rulings RULINGS = new Rulings(Catalogue.load(), PressureTable.load(), JARS);

    @Test
    void steps_are_ruled_on_as_approved() {
        Map<String, List<String>> told = new LinkedHashMap<>();
        Cases.text("/cases/approved-steps.batches.txt")
                .lines()
                .filter(line -> !line.isBlank() && !line.startsWith("#"))
                .forEach(row -> told.put(row, told(row)));
        Approved.holds("approved-steps.txt", told);
    }

    private static List<String> told(String row) {
        String[] cells = row.split(" \\| ");
        String[] how = cells[0].split(" ");
        List<IngredientLine> lines = READER.readAll(List.of(cells[1].split(" \\+ ")));
        JarSize size = JarSize.ofCode(how[2]).orElseThrow();
        Method steps = Method.of(List.of(cells[2].split(" / ")), lines, READER);
        Batch asked = new Batch(
                lines,
                Pack.ofCode(how[0]).orElseThrow(),
                Fraction.of(Double.parseDouble(how[1])),
                List.of(new JarCount(size, Mouth.REGULAR, 4)),
                Altitude.ofFeet(500),
                Gauge.weighted(),
                TimingPolicy.LONGEST_INGREDIENT,
                steps);
        Batch batch = answered(asked, cells[3]);
        Ruling ruling = RULINGS.rule(batch);
        Setting set = Setting.of(lines, steps, Optional.empty(), Optional.empty(), size, Catalogue.load(), JARS);
        Setting asSet =
                Setting.of(lines, steps, Optional.of(batch.pack()), Optional.empty(), size, Catalogue.load(), JARS);
        List<String> told = new ArrayList<>();
        told.add(ruling.verdict().code() + ": " + ruling.headline() + minutes(ruling.timing())
                + minutes(ruling.ifSettled()));
        told.add("would be set %s, with the pack as it is %s".formatted(setting(set), setting(asSet)));
        ruling.findings().forEach(finding -> told.add(finding(finding)));
        ruling.questions().forEach(question -> told.add(question(question)));
        StatedRemark.of(stated(steps), batch, ruling)
                .forEach(remark -> told.add(remark.code() + " " + remark.step() + " " + remark.text()));
        StatedRemark.mostFitting(stated(steps), size).ifPresent(process -> told.add("most fitting " + process));
        return told;
    }

    private static Batch answered(Batch batch, String answers) {
        if (answers.equals("-")) {
            return batch;
        }
        String[] answer = answers.split(">");
        Ruling before = RULINGS.rule(batch);
        return before.questions().stream()
                .filter(each -> each.code().code().equals(answer[0]))
                .findFirst()
                .map(question -> batch.with(
                        batch.method().answered(List.of(new Answer(question.code(), question.words(), answer[1])))))
                .orElse(batch);
    }

    private static List<StatedRemark.Stated> stated(Method steps) {
        return steps.all(StepStatement.States.class).stream()
                .map(said -> new StatedRemark.Stated(
                        said.process(), Optional.of(said.quote().step())))
                .toList();
    }

    private static String minutes(Optional<Timing> timing) {
        return timing.map(Timing::minutes)
                .map(Minutes::value)
                .map(value -> " " + value + " min")
                .orElse("");
    }

    private static String setting(Setting set) {
        return "%s %s %% from %s"
                .formatted(set.pack().code(), Math.round(set.share().value() * 100), set.from());
    }

    private static String finding(Finding finding) {
        return "%s %s line %s “%s” %s %s"
                .formatted(
                        finding.severity().code(),
                        finding.code(),
                        finding.line(),
                        finding.said().map(Finding.Said::words).orElse(""),
                        finding.text(),
                        finding.remedies().stream()
                                .map(remedy -> remedy.text()
                                        + remedy.edits().stream()
                                                .map(edit -> " " + edit.part().code() + "="
                                                        + edit.to().orElse("-"))
                                                .collect(Collectors.joining()))
                                .toList());
    }

    private static String question(RulingQuestion question) {
        return "? %s line %s “%s” [%s] %s %s"
                .formatted(
                        question.code().code(),
                        question.line(),
                        question.said().map(Finding.Said::words).orElse(""),
                        question.words(),
                        question.text(),
                        question.choices().stream()
                                .flatMap(option -> Stream.of(option.choice().code() + ": "
                                        + option.choice().text()
                                        + option.choice().edits().stream()
                                                .map(edit -> " " + edit.part().code() + "="
                                                        + edit.to().orElse("-"))
                                                .collect(Collectors.joining())
                                        + " gives "
                                        + option.verdict().map(Verdict::code).orElse("-")
                                        + option.minutes()
                                                .map(minutes -> " " + minutes.value())
                                                .orElse("")))
                                .toList());
    }
}

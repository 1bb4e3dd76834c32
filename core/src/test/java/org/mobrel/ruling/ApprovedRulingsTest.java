package org.mobrel.ruling;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.mobrel.Approved;
import org.mobrel.Cases;
import org.mobrel.canner.Gauge;
import org.mobrel.canner.PressureTable;
import org.mobrel.finding.Finding;
import org.mobrel.finding.Remedy;
import org.mobrel.foods.Catalogue;
import org.mobrel.foods.Pack;
import org.mobrel.jars.JarCount;
import org.mobrel.jars.JarSize;
import org.mobrel.jars.JarTable;
import org.mobrel.jars.Mouth;
import org.mobrel.quantity.Altitude;
import org.mobrel.quantity.Fraction;
import org.mobrel.quantity.Minutes;
import org.mobrel.recipe.LineReader;

/** Every word of some rulings: findings with their remedies and what each gives, questions, rows considered, what-ifs. */
class ApprovedRulingsTest {

    private static final LineReader READER = new LineReader(Catalogue.load());
    private static final Rulings RULINGS = new Rulings(Catalogue.load(), PressureTable.load(), JarTable.load());

    @Test
    void batches_are_ruled_on_as_approved() {
        Map<String, List<String>> told = new LinkedHashMap<>();
        Cases.text("/cases/approved-batches.txt")
                .lines()
                .filter(line -> !line.isBlank() && !line.startsWith("#"))
                .forEach(row -> told.put(row, told(row)));
        Approved.holds("approved-rulings.txt", told);
    }

    private static List<String> told(String row) {
        String[] cells = row.split(" \\| ");
        String[] how = cells[0].split(" ");
        Batch batch = new Batch(
                READER.readAll(List.of(cells[1].split(" \\+ "))),
                Pack.ofCode(how[0]).orElseThrow(),
                Fraction.of(Double.parseDouble(how[1])),
                List.of(new JarCount(JarSize.ofCode(how[2]).orElseThrow(), Mouth.REGULAR, 4)),
                Altitude.ofFeet(Integer.parseInt(how[3])),
                Gauge.weighted(),
                how[4].equals("table") ? TimingPolicy.SOUP_TABLE : TimingPolicy.LONGEST_INGREDIENT);
        List<Variant> variants = cells.length < 3
                ? List.of()
                : List.of(new Variant("the other", READER.readAll(List.of(cells[2].split(" \\+ ")))));
        Ruling ruling = VariantRuling.rule(RULINGS, batch, variants);
        List<String> told = new ArrayList<>();
        told.add(ruling.verdict().code() + ": " + ruling.headline()
                + ruling.timing().map(ApprovedRulingsTest::timing).orElse(""));
        ruling.ifSettled().ifPresent(settled -> told.add("if settled" + timing(settled)));
        ruling.lines()
                .forEach(line -> told.add("line " + line.form().orElse("-") + " " + sizes(line.minutes())
                        + line.source().map(source -> " " + source.text()).orElse("")));
        List<RemedyEvaluator.Tried> tried = new RemedyEvaluator(RULINGS, READER).all(batch, ruling.findings());
        for (int at = 0; at < ruling.findings().size(); at++) {
            told.addAll(finding(at, ruling.findings().get(at), tried));
        }
        for (RulingQuestion question : ruling.questions()) {
            told.add("? %s %s [%s] %s: %s"
                    .formatted(
                            question.code().code(),
                            question.line(),
                            question.words(),
                            question.text(),
                            question.choices().stream()
                                    .map(option -> option.choice().code() + " "
                                            + option.verdict()
                                                    .map(Verdict::code)
                                                    .orElse("-")
                                            + option.minutes()
                                                    .map(minutes -> " " + minutes.value())
                                                    .orElse(""))
                                    .collect(Collectors.joining(", "))));
        }
        ruling.considered()
                .forEach(row2 -> told.add("considered %s %s %s %s %s"
                        .formatted(
                                row2.kind().code(),
                                row2.what(),
                                sizes(row2.minutes()),
                                row2.source().text(),
                                row2.outcome())));
        Without.each(RULINGS, batch, ruling)
                .forEach(without -> told.add("without " + without.line() + " " + sizes(without.minutes())));
        ruling.timing().filter(timing -> variants.isEmpty()).ifPresent(timing -> WhatIf.withoutPacesetters(
                        RULINGS, batch, timing, ruling.lines())
                .forEach(what -> told.add(
                        what.text() + " " + what.minutes().map(Minutes::value).orElse(0))));
        return told;
    }

    private static List<String> finding(int at, Finding finding, List<RemedyEvaluator.Tried> tried) {
        List<String> told = new ArrayList<>();
        told.add("%s %s %s %s%s"
                .formatted(
                        finding.severity().code(),
                        finding.code(),
                        finding.line(),
                        finding.text(),
                        finding.source()
                                .map(source -> " (" + source.text() + ")")
                                .orElse("")));
        for (int number = 0; number < finding.remedies().size(); number++) {
            Remedy remedy = finding.remedies().get(number);
            int place = number;
            told.add("  %s %s %s%s"
                    .formatted(
                            remedy.code(),
                            remedy.text(),
                            remedy.edits().stream()
                                    .map(edit ->
                                            edit.part().code() + "=" + edit.to().orElse("-"))
                                    .toList(),
                            tried.stream()
                                    .filter(one -> one.finding() == at && one.remedy() == place)
                                    .map(one ->
                                            " gives " + one.gives().verdict().code() + " "
                                                    + one.gives().headline())
                                    .collect(Collectors.joining())));
        }
        return told;
    }

    private static String timing(Timing timing) {
        return " %s %s %s by %s %s, other %s, %s psi true %s, %s in"
                .formatted(
                        timing.minutes().value(),
                        sizes(timing.minutesBySize()),
                        timing.timedBy(),
                        timing.setBy().code(),
                        timing.pacesetters(),
                        timing.otherSchool().map(Minutes::value).orElse(0),
                        timing.reading().psi(),
                        timing.truePressure().psi(),
                        timing.headspace().inches());
    }

    private static String sizes(Map<JarSize, Minutes> minutes) {
        return minutes.entrySet().stream()
                .sorted(Map.Entry.comparingByKey())
                .map(entry -> entry.getKey().code() + "=" + entry.getValue().value())
                .collect(Collectors.joining(",", "{", "}"));
    }
}

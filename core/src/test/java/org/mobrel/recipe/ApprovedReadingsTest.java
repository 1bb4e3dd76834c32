package org.mobrel.recipe;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.mobrel.Approved;
import org.mobrel.Cases;
import org.mobrel.foods.Catalogue;
import org.mobrel.foods.Food;
import org.mobrel.foods.StoppedIngredient;

/** Everything that is read from some hundreds of lines: spans, foods, states, questions, and what each answer makes of it. */
class ApprovedReadingsTest {

    private static final LineReader READER = new LineReader(Catalogue.load());

    @Test
    void lines_are_read_as_approved() {
        Map<String, List<String>> told = new LinkedHashMap<>();
        lines().forEach(line -> told.put(line, told(line)));
        Approved.holds("approved-readings.txt", told);
    }

    private static Set<String> lines() {
        Set<String> lines = new LinkedHashSet<>();
        Cases.text("/cases/known-lines.tsv").lines().skip(1).forEach(row -> lines.add(row.split("\t")[0]));
        Cases.text("/cases/must-not-be-covered.tsv").lines().skip(1).forEach(row -> lines.add(row.split("\t")[1]));
        Cases.text("/cases/ordinary-recipes.txt")
                .lines()
                .filter(line -> !line.isBlank() && !line.startsWith("#") && !line.startsWith("="))
                .map(line -> line.replaceFirst("^[!?-] ", ""))
                .forEach(lines::add);
        Cases.text("/cases/approved-lines.txt")
                .lines()
                .filter(line -> !line.isBlank() && !line.startsWith("#"))
                .forEach(lines::add);
        return lines;
    }

    private static List<String> told(String text) {
        IngredientLine line = READER.read(text);
        List<String> told = new ArrayList<>();
        told.add(what(line));
        told.add(line.spans().stream()
                .map(span -> span.kind().code() + "[" + text.substring(span.start(), span.end()) + "]")
                .collect(Collectors.joining(" ")));
        for (LineQuestion question : line.questions()) {
            told.add("? %s [%s] %s".formatted(question.code().code(), question.words(), question.text()));
            for (Choice choice : question.choices()) {
                IngredientLine answered = line.answered(new Answer(question.code(), question.words(), choice.code()));
                told.add("  %s (%s): %s".formatted(choice.code(), choice.text(), what(answered)));
            }
        }
        READER.respelled(line).ifPresent(meant -> told.add("meant: " + meant.text()));
        LineWriterPart.of(line).ifPresent(told::add);
        return told;
    }

    private static String what(IngredientLine line) {
        return "%s; %s; %s; foods %s; stops %s; %s; piece %s; shapes %s%s%s%s; named %s; given %s"
                .formatted(
                        line.kind(),
                        line.amount()
                                .map(amount ->
                                        amount.value().stripTrailingZeros().toPlainString() + " "
                                                + amount.unit().code())
                                .orElse("-"),
                        line.rest(),
                        line.foods().stream().map(Food::id).toList(),
                        line.stopped().stream().map(StoppedIngredient::group).toList(),
                        line.states().stream().map(State::code).sorted().toList(),
                        line.largestPiece()
                                .map(size -> size.inches().toPlainString())
                                .orElse("-"),
                        line.shapes(),
                        line.isPerJar() ? "; per jar" : "",
                        line.isUnknown() ? "; unknown" : "",
                        line.goesIntoJar() ? "; in jar" : "",
                        line.named().map(Food::id).orElse("-"),
                        line.given().stream()
                                .map(given -> given.code().code() + "="
                                        + given.choice().code())
                                .toList());
    }

    /** How the edits that mend a line word it. */
    private static final class LineWriterPart {

        static java.util.Optional<String> of(IngredientLine line) {
            return line.kind() != LineKind.INGREDIENT
                    ? java.util.Optional.empty()
                    : java.util.Optional.of("at serving: "
                            + LineEdits.atServing(line).orElse("-") + "; half: "
                            + LineEdits.reduced(line, 0.5).orElse("-"));
        }
    }
}

package org.mobrel.review;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.mobrel.recipe.Amount;
import org.mobrel.recipe.IngredientLine;
import org.mobrel.recipe.LineReader;
import org.mobrel.recipe.LineWriter;

/** Several foods in one breath: an amount belongs to the food it stands before, and nobody guesses those of the others. */
final class SeveralFoods {

    private static final Pattern BETWEEN = Pattern.compile(
            "\\s*[,;]\\s*(?:and\\s+|plus\\s+)?|\\s+(?:and|plus)\\s+|\\s*[&+]\\s*", Pattern.CASE_INSENSITIVE);

    private SeveralFoods() {}

    static Stream<ReviewQuestion> eachHasItsAmount(RecipeText page) {
        return page.indexes()
                .filter(index -> page.lines().get(index).namesSeveralSolids())
                .mapToObj(index -> ask(page, index, parts(page.lines().get(index), page.reader())));
    }

    private static ReviewQuestion ask(RecipeText page, int index, List<String> parts) {
        List<IngredientLine> read = page.reader().readAll(parts);
        List<ReviewQuestion.Answer> answers = new ArrayList<>();
        Optional<Amount> first = read.get(0).amount();
        if (read.size() > 1 && read.stream().allMatch(line -> line.amount().isPresent())) {
            answers.add(instead("%s lines: %s".formatted(count(parts.size()), String.join("; ", parts)), index, parts));
        } else if (read.size() > 1
                && first.isPresent()
                && read.stream().skip(1).allMatch(line -> line.amount().isEmpty())) {
            Amount whole = first.get();
            answers.add(each("%s of each".formatted(LineWriter.amount(whole)), index, read, whole));
            Amount share = new Amount(
                    whole.value().divide(BigDecimal.valueOf(read.size()), 2, RoundingMode.HALF_UP), whole.unit());
            answers.add(each(
                    "%s in all, %s of each".formatted(LineWriter.amount(whole), LineWriter.amount(share)),
                    index,
                    read,
                    share));
        }
        return page.ask(
                "several-foods",
                List.of(index),
                "This line names several foods. How much is there of each? Until you say, none of it is counted.",
                answers);
    }

    private static ReviewQuestion.Answer each(String text, int index, List<IngredientLine> read, Amount amount) {
        return instead(
                text,
                index,
                read.stream()
                        .map(line ->
                                LineWriter.amount(amount) + " " + line.rest().strip())
                        .toList());
    }

    private static ReviewQuestion.Answer instead(String text, int index, List<String> lines) {
        return ReviewQuestion.Answer.instead(text, index, String.join("\n", lines));
    }

    private static String count(int parts) {
        return parts == 2 ? "Two" : parts == 3 ? "Three" : String.valueOf(parts);
    }

    /** The line cut before each of its foods; what is said behind a food stays with it. */
    private static List<String> parts(IngredientLine line, LineReader reader) {
        List<String> parts = new ArrayList<>();
        for (String piece : BETWEEN.split(line.text().strip())) {
            boolean food = reader.read(piece).mentions().stream().anyMatch(mention -> mention.foods().stream()
                    .anyMatch(each -> each.kind().isSolid()));
            if (food || parts.isEmpty()) {
                parts.add(piece.strip());
            } else {
                int last = parts.size() - 1;
                parts.set(last, parts.get(last) + ", " + piece.strip());
            }
        }
        return parts;
    }
}

package org.mobrel.review;

import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.mobrel.recipe.IngredientLine;
import org.mobrel.recipe.LineReader;

/** A recipe as a reader has it before him. */
record RecipeText(List<IngredientLine> lines, LineReader reader) {

    /** The lines that go into the jar. */
    IntStream indexes() {
        return IntStream.range(0, lines.size()).filter(index -> lines.get(index).goesIntoJar());
    }

    String text(int index) {
        return lines.get(index).text().strip();
    }

    boolean isSolid(int index) {
        return lines.get(index).food().filter(food -> food.kind().isSolid()).isPresent();
    }

    /** A question whose key holds the lines' own words, so that it is asked again when they change. */
    ReviewQuestion ask(String code, List<Integer> about, String text, List<ReviewQuestion.Answer> answers) {
        String key =
                Stream.concat(Stream.of(code), about.stream().map(this::text)).collect(Collectors.joining("|"));
        return new ReviewQuestion(code, key, about, text, answers);
    }
}

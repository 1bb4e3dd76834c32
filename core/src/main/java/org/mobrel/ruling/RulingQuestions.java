package org.mobrel.ruling;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import org.mobrel.foods.Food;
import org.mobrel.foods.FoodKind;
import org.mobrel.foods.FoodTrait;
import org.mobrel.foods.TestedProcess;
import org.mobrel.quantity.Length;
import org.mobrel.recipe.Amount;
import org.mobrel.recipe.Choice;
import org.mobrel.recipe.IngredientLine;
import org.mobrel.recipe.LineQuestion;
import org.mobrel.recipe.MeasureUnit;
import org.mobrel.recipe.QuestionCode;
import org.mobrel.recipe.State;

/** What a batch leaves open: the questions of its lines, and those that only the tables bring up. */
final class RulingQuestions {

    private RulingQuestions() {}

    /** All open questions, by line. */
    static List<RulingQuestion> of(Examined batch) {
        List<RulingQuestion> questions = new ArrayList<>();
        batch.indexes().forEach(index -> {
            IngredientLine line = batch.line(index);
            line.questions().stream().map(question -> asked(index, question)).forEach(questions::add);
            if (line.goesIntoJar()) {
                pieceSize(batch, index).ifPresent(questions::add);
                amountOfSauce(index, line).ifPresent(questions::add);
            }
        });
        questions.addAll(StepQuestions.of(batch));
        return questions;
    }

    private static RulingQuestion asked(int index, LineQuestion question) {
        return question(index, question.code(), question.words(), question.text(), question.choices());
    }

    private static RulingQuestion question(
            int index, QuestionCode code, String words, String text, List<Choice> choices) {
        return new RulingQuestion(
                code,
                OptionalInt.of(index),
                Optional.empty(),
                words,
                text,
                choices.stream().map(RulingQuestion.Option::of).toList());
    }

    /** A shape such as 'chunks' may be larger than what was tested. */
    private static Optional<RulingQuestion> pieceSize(Examined batch, int index) {
        IngredientLine line = batch.line(index);
        if (line.shapes().isEmpty()
                || line.answer(QuestionCode.PIECE_SIZE, words(line)).isPresent()) {
            return Optional.empty();
        }
        return sizeAsked(batch, index)
                .map(row -> question(
                        index,
                        QuestionCode.PIECE_SIZE,
                        words(line),
                        "How large are the pieces?",
                        List.of(new Choice(Choice.UP_TO_TESTED, upTo(row)), new Choice(Choice.LARGER, "Larger"))));
    }

    private static String upTo(TestedProcess row) {
        return row.largestPiece()
                .map(most -> "%s in or smaller, as tested".formatted(inches(most)))
                .orElse("As tested: " + row.form());
    }

    private static String inches(Length length) {
        String inches = length.inches().toPlainString();
        return inches.equals("0.5") ? "1/2" : inches;
    }

    private static String words(IngredientLine line) {
        return String.join(", ", line.shapes());
    }

    /** The row whose form the pieces of this line may be larger than. */
    static Optional<TestedProcess> sizeAsked(Examined batch, int index) {
        IngredientLine line = batch.line(index);
        LineTimes times = new LineTimes(batch.reader().catalogue());
        // A whole vegetable of a row for cut ones is a finding, not a question.
        boolean wholeVegetable =
                line.is(State.WHOLE) && line.foods().stream().noneMatch(food -> food.kind() == FoodKind.MEAT);
        return wholeVegetable
                ? Optional.empty()
                : line.foods().stream()
                        .filter(food -> food.has(FoodTrait.SIZE_ASKED))
                        .flatMap(food -> times.rows(food, line, batch.contents()))
                        .min(Comparator.comparing(row -> row.largestPiece()
                                .map(most -> most.inches().doubleValue())
                                .orElse(Double.MAX_VALUE)));
    }

    static boolean isSaidLarger(IngredientLine line) {
        return line.answer(QuestionCode.PIECE_SIZE, words(line))
                .filter(Choice.LARGER::equals)
                .isPresent();
    }

    /** A bottled sauce is free by the spoonful; a packet, a bottle or no amount at all has to be asked about. */
    private static Optional<RulingQuestion> amountOfSauce(int index, IngredientLine line) {
        Optional<Food> sauce = line.foods().stream()
                .filter(food -> food.has(FoodTrait.MAY_BE_THICKENED)
                        || food.has(FoodTrait.FOR_BROWNING) && !line.is(State.FOR_BROWNING))
                .findFirst();
        if (sauce.isEmpty()
                || line.amount().filter(RulingQuestions::canBeMeasured).isPresent()
                || line.answer(QuestionCode.UNKNOWN_AMOUNT_OF_SAUCE, sauce.get().id())
                        .isPresent()) {
            return Optional.empty();
        }
        String name = Headline.name(line);
        return Optional.of(question(
                index,
                QuestionCode.UNKNOWN_AMOUNT_OF_SAUCE,
                sauce.get().id(),
                "How much %s goes into each jar?".formatted(name),
                List.of(
                        new Choice(Choice.BY_THE_SPOON, "A tablespoon at most"),
                        new Choice(Choice.MORE, "More than a tablespoon"))));
    }

    private static boolean canBeMeasured(Amount amount) {
        MeasureUnit.Kind kind = amount.unit().kind();
        return kind == MeasureUnit.Kind.VOLUME || kind == MeasureUnit.Kind.MASS || kind == MeasureUnit.Kind.TRACE;
    }

    static boolean isSaidMore(IngredientLine line, Food sauce) {
        return line.answer(QuestionCode.UNKNOWN_AMOUNT_OF_SAUCE, sauce.id())
                .filter(Choice.MORE::equals)
                .isPresent();
    }
}

package org.mobrel.recipe;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.mobrel.foods.Food;
import org.mobrel.foods.StoppedIngredient;
import org.mobrel.quantity.Length;

/** One line of a recipe as it was read, such as '5 cups butternut squash, peeled, in 1-inch cubes'. Immutable. */
public final class IngredientLine {

    private final LineReading reading;
    private final List<Answer> answers;
    private final List<Mention> mentions;
    private final Set<State> states;
    private final List<LineQuestion> questions;
    private final List<AnsweredQuestion> given;
    private final boolean namesSomethingUnknown;
    // Every rule asks for these, so they are worked out once.
    private final List<Food> foods;
    private final List<StoppedIngredient> stopped;

    IngredientLine(LineReading reading, List<Answer> answers) {
        this.reading = reading;
        this.answers = List.copyOf(answers);
        AnsweredReading settled = AnsweredReading.of(reading, this.answers);
        this.questions = settled.questions();
        this.given = List.copyOf(settled.given());
        this.namesSomethingUnknown = settled.namesSomethingUnknown();
        boolean allServed = settled.inJar().isEmpty() && !settled.served().isEmpty();
        this.mentions = allServed ? settled.served() : settled.inJar();
        this.states = allServed ? with(reading.states(), State.AT_SERVING) : reading.states();
        boolean counts = !allServed && (reading.kind() == LineKind.INGREDIENT || reading.kind() == LineKind.STEP);
        this.foods = counts
                ? mentions.stream()
                        .flatMap(mention -> mention.foods().stream())
                        .distinct()
                        .toList()
                : List.of();
        this.stopped = allServed || reading.kind() == LineKind.NOT_INGREDIENT
                ? List.of()
                : mentions.stream()
                        .flatMap(mention -> mention.stop().stream())
                        .distinct()
                        .toList();
    }

    private static Set<State> with(Set<State> states, State more) {
        Set<State> all = new LinkedHashSet<>(states);
        all.add(more);
        return Set.copyOf(all);
    }

    /** The same line with one more question answered; a later answer to the same question counts. */
    public IngredientLine answered(Answer answer) {
        List<Answer> all = new ArrayList<>(List.of(answer));
        answers.stream()
                .filter(other -> other.code() != answer.code() || !other.words().equals(answer.words()))
                .forEach(all::add);
        return new IngredientLine(reading, all);
    }

    /** The same line with this amount in place of its own, or of none. */
    public IngredientLine with(Amount amount) {
        return new IngredientLine(reading.with(amount), answers);
    }

    /** The same line with all these answered. */
    public IngredientLine answered(List<Answer> more) {
        IngredientLine line = this;
        for (Answer answer : more) {
            line = line.answered(answer);
        }
        return line;
    }

    /** What was answered to a question of this line; empty while it is open. */
    public Optional<String> answer(QuestionCode code, String words) {
        return AnsweredReading.answer(answers, code, words);
    }

    /** Its questions that were answered. */
    public List<AnsweredQuestion> given() {
        Stream<AnsweredQuestion> byTheTables = answers.stream()
                .filter(answer -> answer.code() == QuestionCode.PIECE_SIZE
                                && answer.answers(QuestionCode.PIECE_SIZE, String.join(", ", shapes()))
                        || answer.code() == QuestionCode.UNKNOWN_AMOUNT_OF_SAUCE
                                && foods.stream().anyMatch(food -> answer.answers(answer.code(), food.id())))
                .map(answer -> new AnsweredQuestion(answer.code(), answer.words(), Choice.ofCode(answer.choice())));
        return Stream.concat(given.stream(), byTheTables).toList();
    }

    /** What it leaves open by its words alone; none where it is no ingredient, or is kept for the table whole. */
    public List<LineQuestion> questions() {
        return kind() == LineKind.INGREDIENT && !(is(State.AT_SERVING) && mentions.isEmpty()) ? questions : List.of();
    }

    /** As the cook typed it. */
    public String text() {
        return reading.text();
    }

    /** The text behind the amount, such as 'butternut squash, peeled, in 1-inch cubes'. */
    public String rest() {
        return reading.rest();
    }

    /** Empty when the line states none. */
    public Optional<Amount> amount() {
        return reading.amount();
    }

    /** Whether it names several foods side by side, such as 'celery, carrots and onions': one amount says nothing of the others. */
    public boolean namesSeveralSolids() {
        long solids = mentions().stream()
                .filter(mention ->
                        mention.foods().stream().anyMatch(food -> food.kind().isSolid()))
                .flatMap(mention -> mention.foods().stream().limit(1))
                .map(Food::id)
                .distinct()
                .count();
        return solids > 1 && !rest().contains(" or ");
    }

    /** Whether the amount is for each jar. */
    public boolean isPerJar() {
        return reading.perJar();
    }

    /** What the catalogue knows in it, the main food first; empty for an unknown ingredient. */
    public List<Mention> mentions() {
        return mentions;
    }

    /** What it says about treatment. */
    public Set<State> states() {
        return states;
    }

    /** The largest size of piece it names. */
    public Optional<Length> largestPiece() {
        return reading.largestPiece();
    }

    /** Words that leave the size of the pieces open, such as 'chunks'; none where others make them small. */
    public List<String> shapes() {
        return reading.shapes();
    }

    /** Every part of the line and what it was taken for, in its order. */
    public List<Span> spans() {
        return reading.spans();
    }

    /** Whether it is an ingredient at all. */
    public LineKind kind() {
        return reading.kind();
    }

    /** What the cook said that these words mean; empty where nobody had to. */
    public Optional<String> meaning() {
        return reading.meaning();
    }

    /** Whether it goes into the jar: an ingredient that is not kept for serving. */
    public boolean goesIntoJar() {
        return kind() == LineKind.INGREDIENT && !is(State.AT_SERVING);
    }

    /** The main food that goes into the jar; empty when only a stopped or an unknown ingredient is named. */
    public Optional<Food> food() {
        return foods.isEmpty() ? Optional.empty() : Optional.of(foods.get(0));
    }

    /** The main food it names, whether or not it goes into the jar. */
    public Optional<Food> named() {
        return mentions.stream().flatMap(mention -> mention.food().stream()).findFirst();
    }

    /**
     * Every food that goes into the jar: '2 cups carrots and celery' names two. A step that names a food counts, for in doubt it
     * puts the food there.
     */
    public List<Food> foods() {
        return foods;
    }

    /** The stopped ingredients it would put into the jar; a step that says so counts, for in doubt it is a stop. */
    public List<StoppedIngredient> stopped() {
        return stopped;
    }

    public boolean is(State state) {
        return states.contains(state);
    }

    public boolean heading() {
        return kind() == LineKind.HEADING;
    }

    /** An ingredient of which the catalogue knows nothing, or that holds one, as the cook said. */
    public boolean isUnknown() {
        return goesIntoJar() && (mentions.isEmpty() || namesSomethingUnknown);
    }

    @Override
    public String toString() {
        return text();
    }
}

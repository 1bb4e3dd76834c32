package org.mobrel.method;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.mobrel.quantity.Fraction;
import org.mobrel.recipe.Answer;
import org.mobrel.recipe.Choice;
import org.mobrel.recipe.IngredientLine;
import org.mobrel.recipe.LineKind;
import org.mobrel.recipe.LineReader;
import org.mobrel.recipe.QuestionCode;

/**
 * The steps of a recipe as they were read, and what the cook answered to their questions. Immutable.
 *
 * @param steps as typed; behind them those that stand among the ingredient lines
 * @param own how many of them are the method's own; the others stand among the lines, with the same text
 * @param sentences all of them, in their order
 * @param sayings what they say, without what is done when a jar is opened
 */
public record Method(
        List<String> steps, int own, List<Sentence> sentences, List<StepStatement> sayings, List<Answer> answers) {

    /** A recipe without steps. */
    public static final Method NONE = new Method(List.of(), 0, List.of(), List.of(), List.of());

    public Method {
        steps = List.copyOf(steps);
        sentences = List.copyOf(sentences);
        sayings = List.copyOf(sayings);
        answers = List.copyOf(answers);
    }

    /** Reads steps, and those that stand among the ingredients. */
    public static Method of(List<String> method, List<IngredientLine> ingredients, LineReader reader) {
        List<String> steps = new ArrayList<>(method);
        ingredients.stream()
                .filter(line -> line.kind() == LineKind.STEP)
                .map(IngredientLine::text)
                .forEach(steps::add);
        if (steps.isEmpty()) {
            return NONE;
        }
        List<Sentence> sentences =
                Sentence.of(steps, word -> !reader.named(word).isEmpty());
        return new Method(steps, method.size(), sentences, new StepReader(reader).read(sentences), List.of());
    }

    /** Without what is said by steps that are no longer among the lines. */
    public Method within(List<IngredientLine> ingredients) {
        if (own == steps.size()) {
            return this;
        }
        List<String> texts = ingredients.stream().map(IngredientLine::text).toList();
        return new Method(
                steps,
                own,
                sentences,
                sayings.stream()
                        .filter(saying -> !isLine(saying.quote())
                                || texts.contains(steps.get(saying.quote().step())))
                        .toList(),
                answers);
    }

    /** Both, the other behind this one. */
    public Method plus(Method other) {
        if (other.steps.isEmpty()) {
            return this;
        }
        List<String> both = new ArrayList<>(steps);
        both.addAll(other.steps);
        int by = steps.size();
        List<Sentence> all = new ArrayList<>(sentences);
        other.sentences.forEach(one -> all.add(
                new Sentence(one.step() + by, one.text(), one.named(), one.plain(), one.effects(), one.serving())));
        List<StepStatement> said = new ArrayList<>(sayings);
        other.sayings.forEach(saying -> said.add(saying.at(saying.quote().behind(by))));
        List<Answer> given = new ArrayList<>(answers);
        given.addAll(other.answers);
        return new Method(both, own, all, said, given);
    }

    /** Whether a step stands among the ingredient lines. */
    public boolean isLine(StepStatement.Quote quote) {
        return quote.step() >= own;
    }

    /** The steps of the method itself. */
    public List<String> ownSteps() {
        return steps.subList(0, own);
    }

    public Method answered(List<Answer> more) {
        return more.isEmpty()
                ? this
                : new Method(
                        steps,
                        own,
                        sentences,
                        sayings,
                        Stream.concat(more.stream(), answers.stream()).toList());
    }

    /** What was answered to a question about some words; empty while it is open. */
    public Optional<String> answer(QuestionCode code, String words) {
        return answers.stream()
                .filter(answer -> answer.code() == code
                        && (answer.words().isEmpty() || answer.words().equalsIgnoreCase(words)))
                .map(Answer::choice)
                .findFirst();
    }

    /** What the page does otherwise than it was tested, and the cook said is done as tested. */
    public List<StepStatement.Departs> settledPractices() {
        return all(StepStatement.Departs.class).stream()
                .filter(said -> answer(QuestionCode.PRACTICE_SAYS_OTHERWISE, said.key())
                        .filter(Choice.AS_SET::equals)
                        .isPresent())
                .toList();
    }

    /** Everything of one kind that the steps say, in their order. */
    public <S extends StepStatement> List<S> all(Class<S> kind) {
        return sayings.stream().filter(kind::isInstance).map(kind::cast).toList();
    }

    public <S extends StepStatement> Optional<S> first(Class<S> kind) {
        return all(kind).stream().findFirst();
    }

    /** How full of solids the steps fill the jars; the fullest counts. */
    public Optional<StepStatement.Fills> fills() {
        return all(StepStatement.Fills.class).stream()
                .max((one, other) -> one.share().compareTo(other.share()));
    }

    /** The share the steps fill the jars to, where they name it. */
    public Optional<Fraction> saidShare() {
        return fills().filter(StepStatement.Fills::exact).map(StepStatement.Fills::share);
    }

    /** How the steps soak the beans; a proper soak counts where several are said. */
    public Optional<StepStatement.Soaks> soak() {
        List<StepStatement.Soaks> all = all(StepStatement.Soaks.class);
        return all.stream()
                .filter(said -> said.soak() == StepStatement.Soak.QUICK || said.soak() == StepStatement.Soak.OVERNIGHT)
                .findFirst()
                .or(() -> all.stream().findFirst());
    }

    /** Whether a step strains the broth or takes the bones out, and no step speaks of meat that is picked off or put back. */
    public boolean strainsAndKeepsNothing() {
        return says(sentence -> sentence.says(StepPhrases.STRAINS))
                && !says(sentence -> sentence.says(StepPhrases.PUTS_BACK));
    }

    /** Whether something is said before the broth is strained for the last time. */
    public boolean isBeforeStraining(StepStatement.Quote quote) {
        int strained = -1;
        int said = sentences.size();
        for (int at = 0; at < sentences.size(); at++) {
            Sentence sentence = sentences.get(at);
            strained = !sentence.serving() && sentence.says(StepPhrases.STRAINS) ? at : strained;
            said = sentence.quote().equals(quote) ? Math.min(said, at) : said;
        }
        return said <= strained;
    }

    /** What is done when a jar is opened, sentence by sentence. */
    public List<String> openingNotes() {
        return sentences.stream().filter(Sentence::serving).map(Sentence::text).toList();
    }

    /** Whether a sentence of the work itself says all of some words, none of them denied. */
    boolean says(Predicate<Sentence> what) {
        return sentences.stream().filter(sentence -> !sentence.serving()).anyMatch(what);
    }

    /** The step with one sentence moved behind the others, as something to do when the jar is opened. */
    public String atOpening(StepStatement.Quote quote) {
        String rest = without(quote);
        String moved = "When you open the jar: " + lowerFirst(quote.words());
        return rest.isEmpty() ? moved : rest + " " + moved;
    }

    /** The step without one sentence; empty where it was the only one. */
    public String without(StepStatement.Quote quote) {
        return instead(quote, "");
    }

    /** The step with another text in the place of one sentence. */
    public String instead(StepStatement.Quote quote, String text) {
        return sentences.stream()
                .filter(sentence -> sentence.step() == quote.step())
                .map(sentence -> sentence.text().equals(quote.words()) ? text : sentence.text())
                .filter(sentence -> !sentence.isBlank())
                .collect(Collectors.joining(" "));
    }

    private static String lowerFirst(String text) {
        boolean acronym = text.length() > 1 && Character.isUpperCase(text.charAt(1));
        return text.isEmpty() || acronym ? text : Character.toLowerCase(text.charAt(0)) + text.substring(1);
    }

    /** The method's own steps with another text in the place of one; an empty one takes the step out. */
    public List<String> with(int step, String text) {
        List<String> changed = new ArrayList<>(ownSteps());
        if (text.isBlank()) {
            changed.remove(step);
        } else {
            changed.set(step, text);
        }
        return changed;
    }
}

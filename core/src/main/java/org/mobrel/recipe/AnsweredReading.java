package org.mobrel.recipe;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A reading in the light of what was answered: what goes into the jar, what is kept for serving, what is still open.
 *
 * @param given questions that were answered
 * @param namesSomethingUnknown the cook said that words nobody knows are another ingredient
 */
record AnsweredReading(
        List<Mention> inJar,
        List<Mention> served,
        List<LineQuestion> questions,
        List<AnsweredQuestion> given,
        boolean namesSomethingUnknown) {

    static AnsweredReading of(LineReading reading, List<Answer> answers) {
        List<Mention> inJar = new ArrayList<>();
        List<Mention> served = new ArrayList<>();
        List<LineQuestion> questions = new ArrayList<>();
        List<AnsweredQuestion> given = new ArrayList<>();
        boolean unknown = false;
        for (LineReading.Heard heard : reading.heard()) {
            if (heard.served()) {
                served.add(heard.mention());
            } else if (heard.misspelled()) {
                unknown |= misspelled(heard, answers, inJar, questions, given);
            } else if (heard.mention().open() != null) {
                inJar.add(settled(heard, heard.mention().open(), reading, answers, questions, given));
            } else {
                inJar.add(heard.mention());
            }
        }
        for (LineReading.Leftover leftover : reading.leftovers()) {
            Optional<String> answer = answer(answers, QuestionCode.NOT_UNDERSTOOD, leftover.words());
            if (answer.isEmpty()) {
                questions.add(notUnderstood(leftover));
            } else {
                given.add(given(notUnderstood(leftover), answer.get()));
                unknown |= answer.get().equals(Choice.ANOTHER_INGREDIENT);
                leftover.offers().stream()
                        .filter(offer -> answer.get()
                                .equals(Choice.MEANT
                                        + offer.food().orElseThrow().id()))
                        .forEach(inJar::add);
            }
        }
        return new AnsweredReading(
                inJar.stream().distinct().toList(), served.stream().distinct().toList(), questions, given, unknown);
    }

    static Optional<String> answer(List<Answer> answers, QuestionCode code, String words) {
        return answers.stream()
                .filter(answer -> answer.answers(code, words))
                .map(Answer::choice)
                .findFirst();
    }

    /** A word that looks like a stopped one is that, until the cook says that it is not. */
    private static boolean misspelled(
            LineReading.Heard heard,
            List<Answer> answers,
            List<Mention> inJar,
            List<LineQuestion> questions,
            List<AnsweredQuestion> given) {
        String typed = heard.words();
        Optional<String> answer = answer(answers, QuestionCode.NOT_UNDERSTOOD, typed);
        LineQuestion question = new LineQuestion(
                QuestionCode.NOT_UNDERSTOOD,
                typed,
                "Is “%s” meant as %s?".formatted(typed, heard.mention().phrase()),
                List.of(
                        new Choice(Choice.AS_IT_LOOKS, "Yes, " + heard.mention().phrase()),
                        new Choice(Choice.ONLY_A_DESCRIPTION, "No, it only describes"),
                        new Choice(Choice.ANOTHER_INGREDIENT, "No, something else")));
        answer.map(choice -> given(question, choice)).ifPresent(given::add);
        if (answer.filter(choice -> !choice.equals(Choice.AS_IT_LOOKS)).isPresent()) {
            return answer.get().equals(Choice.ANOTHER_INGREDIENT);
        }
        inJar.add(heard.mention());
        if (answer.isEmpty()) {
            questions.add(question);
        }
        return false;
    }

    private static AnsweredQuestion given(LineQuestion question, String code) {
        return new AnsweredQuestion(
                question.code(),
                question.words(),
                question.choices().stream()
                        .filter(choice -> choice.code().equals(code))
                        .findFirst()
                        .orElseGet(() -> Choice.ofCode(code)));
    }

    private static Mention settled(
            LineReading.Heard heard,
            OpenMeaning open,
            LineReading reading,
            List<Answer> answers,
            List<LineQuestion> questions,
            List<AnsweredQuestion> given) {
        LineQuestion question = new LineQuestion(
                open.code(),
                heard.words(),
                open.text(),
                open.options().stream().map(OpenMeaning.Option::choice).toList());
        Optional<OpenMeaning.Option> answered =
                answer(answers, open.code(), heard.words()).flatMap(open::option);
        answered.ifPresent(option -> given.add(given(question, option.choice().code())));
        Optional<OpenMeaning.Option> option = answered.or(() -> open.saidBy(reading.states()));
        if (option.isPresent()) {
            return heard.mention().settledAs(option.get());
        }
        questions.add(question);
        return heard.mention();
    }

    private static LineQuestion notUnderstood(LineReading.Leftover leftover) {
        List<Choice> choices = new ArrayList<>();
        choices.add(new Choice(Choice.ONLY_A_DESCRIPTION, "Only a description"));
        leftover.offers()
                .forEach(offer -> choices.add(
                        new Choice(Choice.MEANT + offer.food().orElseThrow().id(), "It means " + offer.phrase())));
        choices.add(new Choice(Choice.ANOTHER_INGREDIENT, "Another ingredient"));
        choices.add(new Choice(Choice.LEAVE_OUT, "Leave it out"));
        return new LineQuestion(
                QuestionCode.NOT_UNDERSTOOD, leftover.words(), "What is “%s”?".formatted(leftover.words()), choices);
    }
}

package org.mobrel.method;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.mobrel.recipe.LineReader;
import org.mobrel.recipe.Times;

/** Reads how long the work takes that shapes the day: simmering, roasting, chilling. */
final class TimedWork {

    private TimedWork() {}

    static void read(Sentence sentence, List<LineReader.Named> named, List<StepStatement> sayings) {
        if (sentence.says(StepPhrases.CHILLS)) {
            boolean night = StepPhrases.OVERNIGHT.matcher(sentence.plain()).find();
            sayings.add(new StepStatement.Takes(
                    sentence.quote(),
                    StepStatement.Work.CHILL,
                    night ? 480 : longest(sentence.plain()).orElse(480)));
            return;
        }
        if (sentence.says(StepPhrases.PROCESSES)) {
            return;
        }
        Optional<Integer> roast = longest(sentence, StepPhrases.ROASTS).filter(TimedWork::isWork);
        Optional<Integer> simmer = longest(sentence, StepPhrases.SIMMERS).filter(TimedWork::isWork);
        boolean ofBeans = sayings.stream()
                .anyMatch(said ->
                        said instanceof StepStatement.BoilsBeans && said.quote().equals(sentence.quote()));
        if (roast.isPresent()) {
            sayings.add(new StepStatement.Takes(sentence.quote(), StepStatement.Work.ROAST, roast.get()));
        } else if (simmer.isPresent()
                && !ofBeans
                && !StepPhrases.BEANS.matcher(sentence.plain()).find()) {
            sayings.add(new StepStatement.Takes(sentence.quote(), StepStatement.Work.SIMMER, simmer.get()));
        }
    }

    /** Long enough to be planned for, and no slip. */
    private static boolean isWork(int minutes) {
        return minutes >= 10 && minutes <= 24 * 60;
    }

    /** The longest time of a kind of work: a time belongs to the last word of work before it, and a soak or a rest is none of the pot's. */
    static Optional<Integer> longest(Sentence sentence, Pattern work) {
        if (!sentence.says(work)) {
            return Optional.empty();
        }
        Optional<Integer> longest = Optional.empty();
        String plain = sentence.plain();
        boolean ofWork = true;
        int from = 0;
        for (Times.Span time : Times.in(plain)) {
            Matcher before = StepPhrases.TIMED_WORK.matcher(plain).region(from, time.start());
            while (before.find()) {
                ofWork = work.matcher(before.group()).find();
            }
            if (ofWork) {
                longest = Optional.of(Math.max(time.most(), longest.orElse(0)));
            }
            from = time.end();
        }
        return longest;
    }

    /** The longest time a sentence names; of a range its upper end. */
    static Optional<Integer> longest(String plain) {
        return Times.in(plain).stream().map(Times.Span::most).max(Comparator.naturalOrder());
    }
}

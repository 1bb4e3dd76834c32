package org.mobrel.method;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.mobrel.foods.Food;
import org.mobrel.recipe.LineReader;
import org.mobrel.recipe.PlainText;
import org.mobrel.recipe.Times;
import org.mobrel.tables.Table;

/** Reads how long the work takes that shapes the day, sentence after sentence, each minute once; timed-words.csv has the words. */
final class TimedWork {

    /** A pot that only comes to a boil is part of heating it. */
    private static final int TO_A_BOIL = 5;

    /** Shorter rests are part of the work around them. */
    private static final int SHORT_REST = 30;

    private static final int OVERNIGHT = 8 * 60;
    private static final int LONGEST = 4 * 24 * 60;

    /** What a word does to the times around it. */
    private enum Kind {
        SIMMER,
        ROAST,
        CHILL,
        FREEZE,
        REST,
        OTHER,
        BEANS,
        POT,
        LIQUID,
        JARS,
        ADDS,
        PART,
        UNTIL,
        SAME,
        MEANWHILE;

        static final Set<Kind> WORK = EnumSet.range(SIMMER, OTHER);

        static Kind of(StepStatement.Work work) {
            return work == StepStatement.Work.BOIL_BEANS ? SIMMER : valueOf(work.name());
        }

        static Optional<Kind> ofWord(String word) {
            return Optional.of(valueOf(word.toUpperCase(Locale.ROOT)));
        }
    }

    private record Known(Kind kind, String word) {

        boolean is(String plain) {
            return word.endsWith("!") ? plain.equals(word.substring(0, word.length() - 1)) : plain.startsWith(word);
        }
    }

    private static final List<Known> WORDS = Table.beside(
                    TimedWork.class, "timed-words.csv", Set.of("kind", "words", "source"))
            .map(row -> row.list("words").stream()
                    .map(word -> new Known(row.word("kind", Kind::ofWord), word))
                    .toList())
            .stream()
            .flatMap(List::stream)
            .toList();

    private static final Pattern WORD = Pattern.compile("[\\p{L}'-]+|[.,;:]");

    /** 'Simmer 45', 'cook another 15 more': minutes, where no unit stands behind the number. */
    private static final Pattern BARE = Pattern.compile(
            "(\\b(?:simmer|cook|boil|roast|bake|braise|stew|rest|stand|another)\\w*(?: (?:for|about|it|them|gently|another|at least|around))* \\d+)(?= more\\b| longer\\b| or so\\b|[,.;)]| (?:in|or|until|then|and) |$)");

    private static final Pattern ALL_NIGHT = Pattern.compile("\\b(?:over ?night|all night|through the night)\\b");

    private final List<StepStatement.Takes> acts = new ArrayList<>();
    private Kind subject = Kind.POT;
    private boolean processed;

    /** Reads the next sentence. */
    void read(Sentence sentence, List<LineReader.Named> named) {
        String plain = BARE.matcher(sentence.plain()).replaceAll("$1 minutes");
        List<Times.Span> spans = Times.in(plain);
        new Reading(sentence, plain, spans, named).run();
        processed |= sentence.says(StepPhrases.PROCESSES);
    }

    /** What was read so far. */
    List<StepStatement.Takes> acts() {
        return List.copyOf(acts);
    }

    /** One sentence, from its first word to its last. */
    private final class Reading {
        private final Sentence sentence;
        private final String plain;
        private final List<Times.Span> spans;
        private final List<LineReader.Named> named;
        private Kind work = Kind.OTHER;
        private boolean said;
        private boolean added;
        private boolean part;
        private boolean same;
        private boolean until;
        private boolean meanwhile;
        private boolean jars;
        private boolean joined;
        private boolean beans;

        Reading(Sentence sentence, String plain, List<Times.Span> spans, List<LineReader.Named> named) {
            this.sentence = sentence;
            this.plain = plain;
            this.spans = spans;
            this.named = named;
        }

        void run() {
            int next = 0;
            Matcher word = WORD.matcher(plain);
            int from = 0;
            while (word.find(from)) {
                while (next < spans.size() && spans.get(next).start() <= word.start()) {
                    time(spans.get(next).most(), spans.get(next).end());
                    from = spans.get(next).end();
                    next++;
                }
                if (word.start() < from) {
                    continue;
                }
                from = word.end();
                word(word.group(), word.start());
            }
            while (next < spans.size()) {
                time(spans.get(next).most(), spans.get(next).end());
                next++;
            }
            Matcher night = ALL_NIGHT.matcher(plain);
            if (spans.isEmpty() && night.find()) {
                take(work, OVERNIGHT);
            } else if (spans.isEmpty() && said && work == Kind.CHILL && subject == Kind.POT) {
                take(Kind.CHILL, OVERNIGHT);
            }
        }

        private void word(String word, int at) {
            if (word.length() == 1 && !Character.isLetter(word.charAt(0))) {
                until = false;
                added &= word.equals(",");
                return;
            }
            Optional<Food> food = named.stream()
                    .filter(one -> PlainText.of(one.words()).startsWith(word)
                            && plain.startsWith(PlainText.of(one.words()), at))
                    .flatMap(one -> one.mention().foods().stream())
                    .filter(one -> one.kind().isSolid())
                    .findFirst();
            if (food.isPresent()) {
                about(food.get().isDriedBeans() ? Kind.BEANS : Kind.POT);
                return;
            }
            if (word.equals("rest") && plain.startsWith("the ", Math.max(0, at - 4))) {
                about(Kind.POT);
                return;
            }
            for (Known known : WORDS) {
                if (known.is(word)) {
                    word(known.kind());
                    return;
                }
            }
        }

        private void word(Kind kind) {
            if (Kind.WORK.contains(kind)) {
                work = kind;
                said = true;
                part = false;
                until = false;
                return;
            }
            switch (kind) {
                case BEANS, POT -> about(kind);
                case JARS -> jars = true;
                case ADDS -> added = true;
                case LIQUID -> {
                    if (!beans) {
                        about(Kind.POT);
                    }
                }
                case PART -> part = true;
                case UNTIL -> until = true;
                case SAME -> same = true;
                default -> meanwhile = true;
            }
        }

        /** What is named behind 'until' is what is looked at, and beans that are added are in the pot. */
        private void about(Kind kind) {
            if (until) {
                return;
            }
            beans |= kind == Kind.BEANS;
            joined |= kind == Kind.POT || added;
            subject = joined ? Kind.POT : kind;
            jars = false;
        }

        private void time(int minutes, int end) {
            boolean counted = !part;
            part = false;
            if (!counted) {
                return;
            }
            Kind of = work;
            if (!said) {
                Optional<Kind> behind = behind(end);
                of = behind.orElse(
                        same && !acts.isEmpty()
                                ? Kind.of(acts.get(acts.size() - 1).work())
                                : Kind.OTHER);
            }
            take(of, minutes);
        }

        /** 'For two hours, simmer': the first work behind a time, where none stands before it. */
        private Optional<Kind> behind(int end) {
            Matcher word = WORD.matcher(plain);
            int from = end;
            while (word.find(from)) {
                String one = word.group();
                Optional<Kind> kind = WORDS.stream()
                        .filter(known -> Kind.WORK.contains(known.kind()) && known.is(one))
                        .map(Known::kind)
                        .findFirst();
                if (kind.isPresent()) {
                    return kind;
                }
                from = word.end();
            }
            return Optional.empty();
        }

        private void take(Kind of, int minutes) {
            boolean idle = of == Kind.REST || of == Kind.CHILL;
            if (of == Kind.OTHER || jars || minutes > LONGEST || idle && processed) {
                return;
            }
            boolean ofBeans = subject == Kind.BEANS;
            if (of == Kind.REST && (ofBeans || minutes < SHORT_REST) || of == Kind.SIMMER && minutes <= TO_A_BOIL) {
                return;
            }
            StepStatement.Work what = ofBeans && of == Kind.SIMMER
                    ? StepStatement.Work.BOIL_BEANS
                    : StepStatement.Work.valueOf(of.name());
            Optional<StepStatement.Takes> last =
                    acts.isEmpty() ? Optional.empty() : Optional.of(acts.get(acts.size() - 1));
            int beside = meanwhile ? last.map(StepStatement.Takes::minutes).orElse(0) : 0;
            if (minutes > beside) {
                acts.add(new StepStatement.Takes(sentence.quote(), what, minutes - beside));
            }
        }
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

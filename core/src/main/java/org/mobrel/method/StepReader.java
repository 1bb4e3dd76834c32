package org.mobrel.method;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.mobrel.foods.Food;
import org.mobrel.foods.FoodKind;
import org.mobrel.foods.FoodTrait;
import org.mobrel.foods.StoppedIngredient;
import org.mobrel.quantity.Fraction;
import org.mobrel.quantity.Length;
import org.mobrel.recipe.LineReader;
import org.mobrel.recipe.Mention;
import org.mobrel.recipe.PlainText;
import org.mobrel.recipe.Times;

/** Reads what the sentences of a method say. What is done when a jar is opened says nothing about the jar. */
final class StepReader {

    private static final Fraction THIRD = Fraction.of(1.0 / 3);
    private static final Fraction TWO_THIRDS = Fraction.of(2.0 / 3);
    private static final Fraction FULL = Fraction.of(1);

    private static final String WATER = "water";

    private final LineReader reader;

    StepReader(LineReader reader) {
        this.reader = reader;
    }

    List<StepStatement> read(List<Sentence> sentences) {
        List<StepStatement> sayings = new ArrayList<>();
        boolean heated = false;
        boolean peeled = sentences.stream().anyMatch(sentence -> sentence.says(StepPhrases.PEELS));
        // What a note tells of is not asked about word by word.
        Set<Integer> notes = sentences.stream()
                .filter(sentence -> Sentence.NOTE.matcher(sentence.text()).lookingAt())
                .map(Sentence::step)
                .collect(Collectors.toSet());
        List<Mention> before = List.of();
        for (int at = 0; at < sentences.size(); at++) {
            Sentence sentence = sentences.get(at);
            if (sentence.serving()) {
                continue;
            }
            LineReader.Spoken spoken = reader.spoken(sentence.named());
            List<LineReader.Named> named = spoken.named();
            effects(sentence, sayings);
            spoils(sentence, named, sayings);
            packs(sentence, next(sentences, at), named, heated, sayings);
            beans(sentences, at, named, sayings);
            cuts(sentence, named, before, peeled, sayings);
            before = solids(named).isEmpty() ? before : solids(named);
            work(sentence, named, sayings);
            StatedProcess.inPlain(sentence.plain())
                    .forEach(stated -> sayings.add(new StepStatement.States(quote(sentence), stated)));
            departs(sentence, named, sayings);
            if (!notes.contains(sentence.step())) {
                unread(sentence, spoken.unread(), sayings);
            }
            heated |= sentence.says(StepPhrases.HEATS);
        }
        return sayings;
    }

    /** What its words come to together. */
    private static void effects(Sentence sentence, List<StepStatement> sayings) {
        StepStatement.Quote quote = quote(sentence);
        for (String effect : sentence.effects()) {
            switch (effect) {
                case "purees" -> sayings.add(new StepStatement.Purees(quote));
                case "thickens" -> sayings.add(new StepStatement.Thickens(quote));
                case "dry-beans" -> sayings.add(new StepStatement.DryBeans(quote));
                case "short-vent" -> sayings.add(new StepStatement.ShortVent(quote));
                case "forced-cooling" -> sayings.add(new StepStatement.ForcedCooling(quote));
                default -> {}
            }
        }
    }

    /** What it does otherwise than it was tested, unless more is known of it already. */
    private static void departs(Sentence sentence, List<LineReader.Named> named, List<StepStatement> sayings) {
        StepStatement.Quote quote = quote(sentence);
        List<StepStatement> own =
                sayings.stream().filter(said -> said.quote().equals(quote)).toList();
        for (Departure departure : Departure.values()) {
            // Beans that boil five minutes with the rest of a soup were boiled before.
            boolean ofTheSoup = departure == Departure.UNBOILED
                    && isOtherFood(named)
                    && sentence.says(StepPhrases.COOKS)
                    && minutes(sentence.plain()).isPresent();
            if (!ofTheSoup
                    && departure.isIn(sentence.effects())
                    && own.stream().noneMatch(said -> says(said, departure))) {
                sayings.add(new StepStatement.Departs(quote, departure));
            }
        }
    }

    /** Whether a statement tells more exactly what a departure would tell. */
    private static boolean says(StepStatement said, Departure departure) {
        return switch (departure) {
            case SHORT_SOAK -> said instanceof StepStatement.Soaks || said instanceof StepStatement.DryBeans;
            case UNBOILED -> said instanceof StepStatement.BoilsBeans || said instanceof StepStatement.DryBeans;
            case RAW -> said instanceof StepStatement.PacksRaw;
            case FULL -> said instanceof StepStatement.Fills;
            case UNPEELED -> said instanceof StepStatement.Unpeeled;
            case FAT, MORE_FOOD -> said instanceof StepStatement.AddsStopped;
            default -> false;
        };
    }

    private static Optional<Sentence> next(List<Sentence> sentences, int at) {
        return at + 1 < sentences.size() ? Optional.of(sentences.get(at + 1)) : Optional.empty();
    }

    private static StepStatement.Quote quote(Sentence sentence) {
        return new StepStatement.Quote(sentence.step(), sentence.text());
    }

    /** What makes it thick or smooth, and what may not go in at all. */
    private void spoils(Sentence sentence, List<LineReader.Named> named, List<StepStatement> sayings) {
        for (LineReader.Named one : named) {
            if (!isThere(sentence, one.words(), isMoved(sentence, one.mention()))) {
                continue;
            }
            Optional<StoppedIngredient> stop = one.mention().stop();
            if (stop.isPresent() && !isSaidOfTheWork(stop.get(), one.words(), sayings)) {
                sayings.add(new StepStatement.AddsStopped(quote(sentence), stop.get(), one.words()));
            } else if (one.mention()
                    .food()
                    .filter(food -> food.kind().isSolid()
                            || food.has(FoodTrait.STRAINED_OUT)
                                    && sentence.says(StepPhrases.ADDS)
                                    && !sentence.says(StepPhrases.STRAINS))
                    .isPresent()) {
                sayings.add(new StepStatement.Names(quote(sentence), one.mention(), one.words()));
            } else if (isFatInTheJar(sentence, one.mention())) {
                fat().ifPresent(known ->
                        sayings.add(new StepStatement.AddsStopped(quote(sentence), known, one.words())));
            }
        }
    }

    /** Whether words of a sentence are neither denied nor taken away, and more than a likeness. */
    private static boolean isThere(Sentence sentence, String words, boolean moved) {
        int at = sentence.plain().indexOf(PlainText.of(words));
        String clause = at < 0 ? sentence.plain() : sentence.clause(at);
        return (at < 0 || !sentence.isDenied(at) || sentence.isExcepted(at))
                && (!StepPhrases.TAKES_AWAY.matcher(clause).find() || moved)
                && (at < 0 || !sentence.isCompared(at, words));
    }

    /** What nobody understood is asked about, unless the sentence is noticed for something else. */
    private void unread(Sentence sentence, List<String> words, List<StepStatement> sayings) {
        StepStatement.Quote quote = quote(sentence);
        boolean noticed = sayings.stream()
                .anyMatch(said -> said.quote().equals(quote)
                        && (said instanceof StepStatement.Purees
                                || said instanceof StepStatement.Thickens
                                || said instanceof StepStatement.AddsStopped
                                || said instanceof StepStatement.Departs));
        if (noticed) {
            return;
        }
        boolean adds = sentence.says(StepPhrases.ADDS);
        words.stream()
                .filter(word -> isThere(sentence, word, false))
                // A name is somebody's, unless it is poured in.
                .filter(word -> adds || !isName(sentence.text(), word))
                .findFirst()
                .map(word -> new StepStatement.Unread(quote, word, false))
                .or(() -> Until.unread(
                                sentence.plain(), word -> !reader.named(word).isEmpty())
                        .map(clause -> new StepStatement.Unread(quote, clause, true)))
                .ifPresent(sayings::add);
    }

    private static boolean isName(String text, String word) {
        return Character.isUpperCase(word.charAt(0)) && (word.endsWith("'s") || text.indexOf(word) > 0);
    }

    /** Noodles taken out of the pot go into the jars next; fat and bones do not. */
    private static boolean isMoved(Sentence sentence, Mention mention) {
        return mention.stop().filter(stop -> !stop.isFat()).isPresent()
                && StepPhrases.OUT_OF_THE_POT.matcher(sentence.plain()).find();
    }

    private static boolean isFatInTheJar(Sentence sentence, Mention mention) {
        return mention.food().filter(food -> food.has(FoodTrait.FOR_BROWNING)).isPresent()
                && (sentence.says(StepPhrases.INTO_THE_JAR) && !sentence.says(StepPhrases.BROWNS_OR_GREASES)
                        || StepPhrases.MUCH_OIL.matcher(sentence.plain()).find());
    }

    private Optional<StoppedIngredient> fat() {
        return reader.catalogue().stopped().stream()
                .filter(StoppedIngredient::isFat)
                .findFirst();
    }

    /** A dish, a puree or a coating is named by what is done, and that has a saying of its own. */
    private static boolean isSaidOfTheWork(StoppedIngredient stop, String words, List<StepStatement> sayings) {
        if (StepPhrases.OF_THE_WORK.matcher(words).matches()) {
            return true;
        }
        return switch (stop.code()) {
            case "unpeeled" -> true;
            // A dish of its own, such as refried beans, is smooth whatever the sentence does to it.
            case "puree" -> !words.contains(" ") || sayings.stream().anyMatch(StepStatement.Purees.class::isInstance);
            case "thickener" ->
                stop.remedies().isEmpty()
                        || Things.isDish(words)
                        || sayings.stream().anyMatch(StepStatement.Thickens.class::isInstance);
            default -> false;
        };
    }

    private void packs(
            Sentence sentence,
            Optional<Sentence> next,
            List<LineReader.Named> named,
            boolean heated,
            List<StepStatement> sayings) {
        boolean raw = sentence.effects().contains("packs-raw");
        boolean filling = sentence.says(StepPhrases.FILLING);
        boolean solids = named.stream().anyMatch(one -> one.mention().foods().stream()
                        .anyMatch(food -> food.kind().isSolid()))
                || StepPhrases.SOLIDS.matcher(sentence.plain()).find();
        // Nothing was heated, food goes into the jars, and boiling water over it: a raw pack, whatever it is called.
        boolean rawWithoutTheWord = filling
                && solids
                && !heated
                && !sentence.says(StepPhrases.HEATS)
                && (StepPhrases.POURS_BOILING.matcher(sentence.plain()).find()
                        || next.filter(one -> StepPhrases.POURS_BOILING
                                                .matcher(one.plain())
                                                .find()
                                        && !one.says(StepPhrases.HEATS))
                                .isPresent());
        if (raw || rawWithoutTheWord) {
            sayings.add(new StepStatement.PacksRaw(quote(sentence)));
        } else if (sentence.effects().contains("packs-hot")) {
            sayings.add(new StepStatement.PacksHot(quote(sentence)));
        }
        if (filling) {
            share(sentence, solids)
                    .ifPresentOrElse(
                            share -> sayings.add(new StepStatement.Fills(quote(sentence), share, true)),
                            () -> mostly(sentence, sayings));
        }
    }

    /** More solids than liquid, and nobody says how many more. */
    private static void mostly(Sentence sentence, List<StepStatement> sayings) {
        if (sentence.says(StepPhrases.MOSTLY_SOLIDS)) {
            sayings.add(new StepStatement.Fills(quote(sentence), Fraction.THREE_QUARTERS, false));
        }
    }

    private static Optional<Fraction> share(Sentence sentence, boolean solids) {
        Matcher percent = StepPhrases.PERCENT.matcher(sentence.plain());
        if (percent.find()) {
            int value = Integer.parseInt(percent.group(1));
            return value >= 10 && value <= 100 ? Optional.of(Fraction.of(value / 100.0)) : Optional.empty();
        }
        if (sentence.says(StepPhrases.THREE_QUARTERS)) {
            return Optional.of(Fraction.THREE_QUARTERS);
        }
        if (sentence.says(StepPhrases.TWO_THIRDS)) {
            return Optional.of(TWO_THIRDS);
        }
        if (sentence.says(StepPhrases.HALF)) {
            return Optional.of(Fraction.HALF);
        }
        if (sentence.says(StepPhrases.THIRD)) {
            return Optional.of(THIRD);
        }
        boolean liquidOnly = StepPhrases.LIQUID.matcher(sentence.plain()).find() && !solids;
        boolean bands = StepPhrases.BANDS.matcher(sentence.plain()).find();
        if (sentence.says(StepPhrases.FULL) && !liquidOnly && !bands) {
            return Optional.of(FULL);
        }
        boolean upToHeadspace = sentence.says(StepPhrases.TO_THE_HEADSPACE)
                && solids
                && !StepPhrases.LIQUID.matcher(sentence.plain()).find();
        return upToHeadspace ? Optional.of(FULL) : Optional.empty();
    }

    private void beans(List<Sentence> sentences, int at, List<LineReader.Named> named, List<StepStatement> sayings) {
        Sentence sentence = sentences.get(at);
        boolean otherFood = isOtherFood(named);
        boolean beans = StepPhrases.BEANS.matcher(sentence.plain()).find()
                || named.stream().flatMap(one -> one.mention().foods().stream()).anyMatch(Food::isDriedBeans);
        if (sentence.effects().contains("dry-beans")) {
            return;
        }
        boolean quick = isQuickSoak(sentences, at);
        if (!quick
                && StepPhrases.BEANS.matcher(sentence.plain()).find()
                && StepPhrases.POURS_BOILING.matcher(sentence.plain()).find()
                && StepPhrases.RESTS_AN_HOUR.matcher(sentence.plain()).find()) {
            // Boiling water poured over them is neither of the two tested soaks.
            sayings.add(new StepStatement.Soaks(quote(sentence), StepStatement.Soak.SHORT));
            return;
        }
        if (sentence.says(StepPhrases.SOAK) && (beans || !otherFood) || quick) {
            sayings.add(new StepStatement.Soaks(quote(sentence), quick ? StepStatement.Soak.QUICK : soak(sentence)));
        }
        if (!beans && !(named.stream().noneMatch(StepReader::isMoreThanFlavouring) && isAboutSoakedBeans(sentences, at))
                || quick) {
            return;
        }
        if (StepPhrases.NO_BOIL.matcher(sentence.plain()).find()) {
            sayings.add(new StepStatement.BoilsBeans(quote(sentence), 0));
        } else if (sentence.says(StepPhrases.COOKS) && !otherFood) {
            minutes(sentence.plain())
                    .filter(minutes -> minutes < 30 || sentence.says(StepPhrases.BOILS))
                    .ifPresent(minutes -> sayings.add(new StepStatement.BoilsBeans(quote(sentence), minutes)));
        }
    }

    /** Whether anything but beans is named. */
    private static boolean isOtherFood(List<LineReader.Named> named) {
        return named.stream()
                .map(LineReader.Named::mention)
                .anyMatch(mention -> mention.stop()
                                .filter(stop -> !stop.code().equals("dry-beans"))
                                .isPresent()
                        || mention.foods().stream().anyMatch(food -> food.kind().isSolid() && !food.isDriedBeans()));
    }

    /** Neither a bay leaf nor the water makes the boiling no other food's. */
    private static boolean isMoreThanFlavouring(LineReader.Named one) {
        return one.mention().stop().isPresent()
                || one.mention().foods().stream()
                        .anyMatch(food ->
                                food.kind() != FoodKind.FLAVOURING && !food.id().equals(WATER));
    }

    /** 'Boil them 10 minutes', right after the beans were soaked, perhaps drained in between. */
    private static boolean isAboutSoakedBeans(List<Sentence> sentences, int at) {
        if (StepPhrases.SOLIDS.matcher(sentences.get(at).plain()).find()) {
            return false;
        }
        for (int before = at - 1; before >= 0; before--) {
            Sentence one = sentences.get(before);
            if (one.says(StepPhrases.SOAK)) {
                return StepPhrases.BEANS.matcher(one.plain()).find();
            }
            if (!StepPhrases.DRAINS.matcher(one.plain()).find()) {
                return false;
            }
        }
        return false;
    }

    private static boolean isQuickSoak(List<Sentence> sentences, int at) {
        Sentence sentence = sentences.get(at);
        if (sentence.says(StepPhrases.QUICK_SOAK)) {
            return true;
        }
        if (!sentence.says(StepPhrases.BOILS_TWO_MINUTES)) {
            return false;
        }
        return StepPhrases.RESTS_AN_HOUR.matcher(sentence.plain()).find()
                || next(sentences, at)
                        .filter(one ->
                                StepPhrases.RESTS_AN_HOUR.matcher(one.plain()).find())
                        .isPresent();
    }

    private static StepStatement.Soak soak(Sentence sentence) {
        if (StepPhrases.OVERNIGHT.matcher(sentence.plain()).find()) {
            return StepStatement.Soak.OVERNIGHT;
        }
        return longest(sentence, StepPhrases.SOAKS_FOR)
                .map(most -> most >= 12 * 60 ? StepStatement.Soak.OVERNIGHT : StepStatement.Soak.SHORT)
                .orElse(StepStatement.Soak.SOME);
    }

    /** The longest time a sentence names; of a range its upper end. */
    private static Optional<Integer> minutes(String plain) {
        return Times.in(plain).stream().map(Times.Span::most).max(Comparator.naturalOrder());
    }

    private static List<Mention> solids(List<LineReader.Named> named) {
        return named.stream()
                .map(LineReader.Named::mention)
                .filter(mention ->
                        mention.food().filter(food -> food.kind().isSolid()).isPresent())
                .toList();
    }

    /**
     * @param before what the sentences before it spoke of last, which 'it' and 'them' are
     * @param peeled whether any sentence peels something
     */
    private void cuts(
            Sentence sentence,
            List<LineReader.Named> named,
            List<Mention> before,
            boolean peeled,
            List<StepStatement> sayings) {
        List<Mention> foods = solids(named);
        if (foods.isEmpty() && StepPhrases.IT.matcher(sentence.plain()).find()) {
            foods = before;
        }
        if (foods.isEmpty() && StepPhrases.MEAT.matcher(sentence.plain()).find()) {
            foods = reader.meaning("beef").stream().toList();
        }
        if (sentence.effects().contains("skins-on")
                || !peeled && StepPhrases.SCRUBS.matcher(sentence.plain()).find()) {
            sayings.add(new StepStatement.Unpeeled(quote(sentence), foods));
        }
        if (!sentence.says(StepPhrases.CUTS)
                || StepPhrases.ABOUT_JARS.matcher(sentence.plain()).find()) {
            return;
        }
        Optional<Length> largest = reader.pieces(sentence.text());
        List<String> shapes = largest.isPresent()
                        || StepPhrases.SMALL.matcher(sentence.plain()).find()
                ? List.of()
                : StepPhrases.SHAPES
                        .matcher(sentence.plain())
                        .results()
                        .map(shape -> shape.group(1))
                        .distinct()
                        .toList();
        if (largest.isPresent() || !shapes.isEmpty()) {
            sayings.add(new StepStatement.Cuts(quote(sentence), foods, largest, shapes));
        }
    }

    private static void work(Sentence sentence, List<LineReader.Named> named, List<StepStatement> sayings) {
        if (sentence.says(StepPhrases.CHILLS)) {
            boolean night = StepPhrases.OVERNIGHT.matcher(sentence.plain()).find();
            sayings.add(new StepStatement.Takes(
                    quote(sentence),
                    StepStatement.Work.CHILL,
                    night ? 480 : minutes(sentence.plain()).orElse(480)));
            return;
        }
        if (sentence.says(StepPhrases.PROCESSES)) {
            return;
        }
        Optional<Integer> roast = longest(sentence, StepPhrases.ROASTS).filter(StepReader::isWork);
        Optional<Integer> simmer = longest(sentence, StepPhrases.SIMMERS).filter(StepReader::isWork);
        boolean ofBeans = sayings.stream()
                .anyMatch(said ->
                        said instanceof StepStatement.BoilsBeans && said.quote().equals(quote(sentence)));
        if (roast.isPresent()) {
            sayings.add(new StepStatement.Takes(quote(sentence), StepStatement.Work.ROAST, roast.get()));
        } else if (simmer.isPresent()
                && !ofBeans
                && !StepPhrases.BEANS.matcher(sentence.plain()).find()) {
            sayings.add(new StepStatement.Takes(quote(sentence), StepStatement.Work.SIMMER, simmer.get()));
        }
    }

    /** Long enough to be planned for, and no slip. */
    private static boolean isWork(int minutes) {
        return minutes >= 10 && minutes <= 24 * 60;
    }

    /** The longest time of a kind of work: a time belongs to the last word of work before it, and a soak or a rest is none of the pot's. */
    private static Optional<Integer> longest(Sentence sentence, Pattern work) {
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
}

package org.mobrel.method;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.mobrel.foods.FoodTrait;
import org.mobrel.foods.StoppedIngredient;
import org.mobrel.quantity.Length;
import org.mobrel.recipe.LineReader;
import org.mobrel.recipe.Mention;
import org.mobrel.recipe.PlainText;

/** Reads what the sentences of a method say. What is done when a jar is opened says nothing about the jar. */
final class StepReader {

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
        TimedWork timed = new TimedWork();
        for (int at = 0; at < sentences.size(); at++) {
            Sentence sentence = sentences.get(at);
            if (sentence.serving()) {
                continue;
            }
            LineReader.Spoken spoken = reader.spoken(sentence.named());
            List<LineReader.Named> named = spoken.named();
            effects(sentence, sayings);
            spoils(sentence, named, sayings);
            FillingSteps.read(sentence, Sentence.next(sentences, at), named, heated, sayings);
            BeanSteps.read(sentences, at, named, sayings);
            cuts(sentence, named, before, peeled, sayings);
            before = solids(named).isEmpty() ? before : solids(named);
            timed.read(sentence, named);
            StatedProcess.inPlain(sentence.plain())
                    .forEach(stated -> sayings.add(new StepStatement.States(sentence.quote(), stated)));
            departs(sentence, named, sayings);
            if (!notes.contains(sentence.step())) {
                unread(sentence, spoken.unread(), sayings);
            }
            heated |= sentence.says(StepPhrases.HEATS);
        }
        sayings.addAll(timed.acts());
        return sayings;
    }

    /** What its words come to together. */
    private static void effects(Sentence sentence, List<StepStatement> sayings) {
        StepStatement.Quote quote = sentence.quote();
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
        StepStatement.Quote quote = sentence.quote();
        List<StepStatement> own =
                sayings.stream().filter(said -> said.quote().equals(quote)).toList();
        for (Departure departure : Departure.values()) {
            // Beans that boil five minutes with the rest of a soup were boiled before.
            boolean ofTheSoup = departure == Departure.UNBOILED
                    && BeanSteps.isOtherFood(named)
                    && sentence.says(StepPhrases.COOKS)
                    && TimedWork.longest(sentence.plain()).isPresent();
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

    /** What makes it thick or smooth, and what may not go in at all. */
    private void spoils(Sentence sentence, List<LineReader.Named> named, List<StepStatement> sayings) {
        for (LineReader.Named one : named) {
            if (!isThere(sentence, one.words(), isMoved(sentence, one.mention()))) {
                continue;
            }
            Optional<StoppedIngredient> stop = one.mention().stop();
            if (stop.isPresent() && !isSaidOfTheWork(stop.get(), one.words(), sayings)) {
                sayings.add(new StepStatement.AddsStopped(sentence.quote(), stop.get(), one.words()));
            } else if (one.mention()
                    .food()
                    .filter(food -> food.kind().isSolid()
                            || food.has(FoodTrait.STRAINED_OUT)
                                    && sentence.says(StepPhrases.ADDS)
                                    && !sentence.says(StepPhrases.STRAINS))
                    .isPresent()) {
                sayings.add(new StepStatement.Names(sentence.quote(), one.mention(), one.words()));
            } else if (isFatInTheJar(sentence, one.mention())) {
                fat().ifPresent(known ->
                        sayings.add(new StepStatement.AddsStopped(sentence.quote(), known, one.words())));
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
        StepStatement.Quote quote = sentence.quote();
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
            sayings.add(new StepStatement.Unpeeled(sentence.quote(), foods));
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
            sayings.add(new StepStatement.Cuts(sentence.quote(), foods, largest, shapes));
        }
    }
}

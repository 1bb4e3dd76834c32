package org.mobrel.recipe;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.mobrel.foods.Catalogue;
import org.mobrel.foods.Food;
import org.mobrel.foods.FoodKind;
import org.mobrel.recipe.LineReading.Heard;
import org.mobrel.recipe.Phrases.Found;

/** The words behind the amount of one line, each accounted for: a food, a stop, a state, a description, or left over. */
final class LineInterpreter {

    /** Minutes. */
    private static final int LEAST_SOAK = 12 * 60;

    private static final Set<String> BEHIND_NUMBERS =
            Set.of("x", "h", "hr", "hour", "min", "minute", "day", "cm", "mm", "inch", "in", "fl", "psi");

    private final Catalogue catalogue;
    private final Lexicon lexicon;
    private final String rest;
    private final List<Token> tokens;
    private final List<String> words;
    private final Optional<Amount> amount;
    private final List<Found<State>> stateWords;
    private final List<Found<List<Descriptor>>> descriptors;
    private final BitSet understood = new BitSet();
    private final BitSet denied = new BitSet();
    private final BitSet served = new BitSet();
    private final Set<State> states = EnumSet.noneOf(State.class);
    private final List<Heard> heard = new ArrayList<>();
    private final List<String> typedStops = new ArrayList<>();
    private List<Found<Mention>> mentions;

    LineInterpreter(Catalogue catalogue, Lexicon lexicon, String rest, List<Token> tokens, Optional<Amount> amount) {
        this.catalogue = catalogue;
        this.lexicon = lexicon;
        this.rest = rest;
        this.tokens = new Spacing(lexicon, tokens).tokens();
        this.words = this.tokens.stream().map(Token::word).toList();
        this.amount = amount;
        this.stateWords = State.in(words);
        this.descriptors = lexicon.descriptors(words);
        this.mentions = new ArrayList<>(lexicon.mentions(words));
        understand();
    }

    /** A line read as it was meant: words that can only be slips are put right where that brings no stop with it. */
    static LineInterpreter of(
            Catalogue catalogue, Lexicon lexicon, String rest, List<Token> tokens, Optional<Amount> amount) {
        LineInterpreter typed = new LineInterpreter(catalogue, lexicon, rest, tokens, amount);
        for (boolean stops : new boolean[] {false, true}) {
            List<Token> meant = typed.meant(stops);
            LineInterpreter right =
                    meant.equals(typed.tokens) ? typed : new LineInterpreter(catalogue, lexicon, rest, meant, amount);
            if (typed.stops(false).containsAll(right.stops(true))) {
                return right;
            }
        }
        return typed;
    }

    /** @param stops whether what looks like a stop may be a part of a food's name: the kidney of kidney beans */
    private List<Token> meant(boolean stops) {
        return tokens.stream()
                .map(token -> meant(token, stops)
                        .map(word -> new Token(word, token.start(), token.end()))
                        .orElse(token))
                .toList();
    }

    private Optional<String> meant(Token token, boolean stops) {
        String word = rest.substring(token.start(), token.end());
        if (typedStops.contains(word)) {
            return stops ? lexicon.meantStop(token.word()) : Optional.empty();
        }
        return isLeftOver(tokens.indexOf(token)) ? lexicon.meant(word) : Optional.empty();
    }

    private Set<Mention> stops(boolean misspelled) {
        return heard.stream()
                .filter(one -> one.mention().stop().isPresent() && (misspelled || !one.misspelled()))
                .map(Heard::mention)
                .collect(Collectors.toSet());
    }

    private void understand() {
        cover(mentions);
        cover(stateWords);
        dropWhatDescriptionsHold();
        understood.clear();
        cover(mentions);
        cover(stateWords);
        coverDescriptors();
        coverNumbers();
        deny();
        complete();
        readStates();
        serve();
        describe();
        findMisspelledStops();
        FoodStates foods = new FoodStates(catalogue, rest, words, amount, mentions, stateWords, states);
        for (Found<Mention> found : mentions) {
            if (!denied.get(found.start())) {
                boolean kept = served.get(found.start());
                String typed = typed(found);
                heard.add(new Heard(foods.settled(found), kept, typed, typedStops.contains(typed)));
            }
        }
    }

    private void cover(List<? extends Found<?>> found) {
        found.forEach(one -> understood.set(one.start(), one.end()));
    }

    private boolean isLeftOver(int index) {
        return !understood.get(index)
                && !tokens.get(index).isBreak()
                && !tokens.get(index).isNumber();
    }

    /**
     * A longer description takes its words from a shorter name: 'for the soup' is not a soup. A description that is harmless beside
     * every food of the line also takes a stop's: garlic may be smashed.
     */
    private void dropWhatDescriptionsHold() {
        mentions.removeIf(mention -> descriptors.stream()
                .anyMatch(found -> found.holds(mention)
                        && found.meaning().stream()
                                .anyMatch(descriptor -> descriptor.fits(foodsWithout(mention))
                                        && (found.length() > mention.length()
                                                || !descriptor.isOfAnyFood() && isNoPlainFood(mention)))));
        mentions.removeIf(mention -> stateWords.stream()
                .anyMatch(found -> found.start() <= mention.start()
                        && mention.end() <= found.end()
                        && found.length() > mention.length()));
    }

    private static boolean isNoPlainFood(Found<Mention> mention) {
        return mention.meaning().stop().isPresent() || mention.meaning().open() != null;
    }

    private List<Food> foodsWithout(Found<Mention> one) {
        return foods(mentions.stream().filter(other -> other != one).toList());
    }

    private static List<Food> foods(List<Found<Mention>> mentions) {
        return mentions.stream()
                .flatMap(found -> found.meaning().foods().stream())
                .distinct()
                .toList();
    }

    private void coverDescriptors() {
        List<Food> foods = foods(mentions);
        descriptors.stream()
                .filter(found -> found.meaning().stream().anyMatch(descriptor -> descriptor.fits(foods)))
                .forEach(found -> understood.set(found.start(), found.end()));
    }

    /** A unit behind a number, and the sign of times between two. */
    private void coverNumbers() {
        for (int at = 0; at < tokens.size(); at++) {
            boolean behindNumber =
                    at == 0 ? amount.isPresent() : tokens.get(at - 1).isNumber();
            boolean unit = behindNumber
                    && (BEHIND_NUMBERS.contains(words.get(at))
                            || MeasureUnit.ofWord(words.get(at)).isPresent());
            boolean times =
                    at > 0 && words.get(at - 1).equals("x") && tokens.get(at).isNumber();
            if (unit) {
                understood.set(at);
            }
            if (times) {
                understood.set(at - 1);
            }
        }
    }

    /**
     * 'No salt' holds none, and so does 'carrots instead of cream'; the denial reaches one name and no further: no-egg noodles are
     * noodles.
     */
    private void deny() {
        List<Found<Mention>> kept = new ArrayList<>();
        for (Found<Mention> found : mentions) {
            int from = Denials.before(words, found.start());
            if (from < found.start() && !isPartOfAnother(from)) {
                boolean hyphen = found.length() > 1
                        && rest.charAt(tokens.get(found.start()).start() - 1) == '-';
                int to = hyphen ? found.start() + 1 : found.end();
                denied.set(from, to);
                understood.set(from, to);
                if (hyphen) {
                    kept.addAll(lexicon.mentions(words.subList(to, found.end())).stream()
                            .map(one -> new Found<>(one.meaning(), one.start() + to, one.end() + to))
                            .toList());
                    continue;
                }
            }
            kept.add(found);
        }
        mentions = kept;
    }

    private boolean isPartOfAnother(int index) {
        List<Food> foods = foods(mentions);
        return stateWords.stream().anyMatch(found -> found.covers(index))
                || descriptors.stream()
                        .anyMatch(found -> found.covers(index)
                                && found.length() > 1
                                && found.meaning().stream().anyMatch(descriptor -> descriptor.fits(foods)));
    }

    /**
     * In 'kidney or pinto beans' the first is kidney beans, where such a phrase is known. In '2 qt chicken or vegetable stock' both
     * are stocks: nobody measures meat by the quart.
     */
    private void complete() {
        for (int at = 0; at < mentions.size(); at++) {
            Found<Mention> next = mentions.get(at);
            int join = next.start() - 1;
            if (join < 1 || next.length() < 2 || !isJoining(words.get(join))) {
                continue;
            }
            String last = words.get(next.end() - 1);
            if (isLeftOver(join - 1)) {
                Mention whole = lexicon.meaning(List.of(words.get(join - 1), last));
                if (whole != null) {
                    mentions.add(at, new Found<>(whole, join - 1, join));
                    understood.set(join - 1);
                    at++;
                }
            } else if (at > 0
                    && mentions.get(at - 1).end() == join
                    && words.get(join).equals("or")
                    && isMeat(mentions.get(at - 1).meaning())
                    && isMeasuredAsLiquid()) {
                Found<Mention> first = mentions.get(at - 1);
                List<String> whole = new ArrayList<>(words.subList(first.start(), first.end()));
                whole.add(last);
                Mention longer = lexicon.meaning(whole);
                if (longer != null && isLiquid(longer) && isLiquid(next.meaning())) {
                    mentions.set(at - 1, new Found<>(longer, first.start(), first.end()));
                }
            }
        }
    }

    static boolean isJoining(String word) {
        return word.equals("or") || word.equals("and") || word.equals("/");
    }

    private boolean isMeasuredAsLiquid() {
        return amount.filter(known -> known.unit().kind() == MeasureUnit.Kind.VOLUME)
                .isPresent();
    }

    private static boolean isMeat(Mention mention) {
        return mention.food().filter(food -> food.kind() == FoodKind.MEAT).isPresent();
    }

    private static boolean isLiquid(Mention mention) {
        return mention.food().filter(food -> food.kind() == FoodKind.LIQUID).isPresent();
    }

    private void readStates() {
        for (Found<State> state : stateWords) {
            // The whole of 'whole kernel corn' and the dry of 'dry white wine' belong to the name.
            boolean inName = mentions.stream()
                    .anyMatch(mention -> mention.start() <= state.start()
                            && state.end() <= mention.end()
                            && mention.length() > 1
                            && (!state.meaning().countsInName() || !isSolid(mention.meaning())));
            // 'With bones' is no state of the chicken in 'chicken with bones for stock'; what warns is never lost that
            // way.
            boolean crossed = state.meaning() == State.BONE_IN
                    && mentions.stream()
                            .anyMatch(mention -> mention.crosses(state) && mention.length() >= state.length());
            if (!inName && !crossed && state.meaning() != State.AT_SERVING) {
                states.add(state.meaning());
            }
        }
        if (states.contains(State.SOAKED) && isSoakedTooShort()) {
            states.add(State.UNSOAKED);
        }
        if (states.contains(State.UNSOAKED)) {
            states.remove(State.SOAKED);
        }
        if (states.contains(State.UNPEELED)) {
            states.remove(State.PEELED);
        }
        if (states.contains(State.BONE_IN) && words.contains("not")) {
            states.remove(State.BONELESS);
        }
    }

    /** Beans in water for less than twelve hours are not soaked, but the quick way (source: Guide 4, beans or peas shelled dried). */
    private boolean isSoakedTooShort() {
        String plain = PlainText.of(rest);
        int at = plain.indexOf("soak");
        return at >= 0
                && foods(mentions).stream().anyMatch(Food::isDriedBeans)
                && !plain.contains("quick")
                && !plain.contains("night")
                && !plain.contains("boil")
                && Times.in(plain).stream()
                        .filter(time -> time.start() > at)
                        .findFirst()
                        .filter(time -> time.most() < LEAST_SOAK)
                        .isPresent();
    }

    private static boolean isSolid(Mention mention) {
        return mention.food().filter(food -> food.kind().isSolid()).isPresent();
    }

    private void serve() {
        Serving serving = Serving.of(tokens, words, stateWords, mentions, this::isLeftOver);
        serving.served().forEach(served::set);
        if (mentions.isEmpty() && serving.isSaid()) {
            states.add(State.AT_SERVING);
        }
        // The words of a clause about serving say nothing of what is in the jar.
        for (int at = 0; at < tokens.size(); at++) {
            if (served.get(at)) {
                understood.set(at);
            }
        }
    }

    /** Beside a food nobody is asked what 'hours' or 'whatever' is, unless it may be a slip for what is stopped. */
    private void describe() {
        for (int at = 0; !mentions.isEmpty() && at < tokens.size(); at++) {
            if (isLeftOver(at)) {
                String word =
                        rest.substring(tokens.get(at).start(), tokens.get(at).end());
                // A short word is a letter away from too many others.
                boolean slip = word.length() < 5
                        || lexicon.nearStop(words.get(at)).isPresent()
                        || lexicon.nearStop(word.toLowerCase(java.util.Locale.ROOT))
                                .isPresent();
                if (GeneralWords.isEveryday(word) || GeneralWords.onlyDescribes(word) && !slip) {
                    understood.set(at);
                }
            }
        }
    }

    /** A word that nobody knows and that looks like a stopped one counts as that. */
    private void findMisspelledStops() {
        List<Found<Mention>> more = new ArrayList<>();
        for (int at = 0; at < tokens.size(); at++) {
            if (isLeftOver(at)) {
                int index = at;
                lexicon.nearStop(words.get(at)).ifPresent(stop -> {
                    more.add(new Found<>(stop, index, index + 1));
                    typedStops.add(typed(new Found<>(stop, index, index + 1)));
                    understood.set(index);
                });
            }
        }
        if (!more.isEmpty()) {
            mentions.addAll(more);
            mentions.sort(java.util.Comparator.comparingInt(Found::start));
        }
    }

    private String typed(Found<?> found) {
        return rest.substring(
                tokens.get(found.start()).start(), tokens.get(found.end() - 1).end());
    }

    List<Heard> heard() {
        return heard;
    }

    Set<State> states() {
        return states;
    }

    /** Whether it only says what is not in it: 'no noodles'. */
    boolean isOnlyDenied() {
        return !denied.isEmpty() && heard.isEmpty() && leftovers().isEmpty();
    }

    boolean isPerJar() {
        return descriptors.stream()
                .flatMap(found -> found.meaning().stream())
                .anyMatch(descriptor -> descriptor.kind() == Descriptor.Kind.JARS);
    }

    /** Words that leave the size of the pieces open; none where others make them small. */
    List<String> shapes() {
        List<String> shapes = new ArrayList<>();
        for (Found<List<Descriptor>> found : descriptors) {
            boolean inName = mentions.stream()
                    .anyMatch(mention -> mention.start() <= found.start() && found.end() <= mention.end());
            for (Descriptor descriptor : found.meaning()) {
                if (descriptor.kind() == Descriptor.Kind.CUT) {
                    return List.of();
                }
                if (descriptor.kind() == Descriptor.Kind.SHAPE && !inName) {
                    shapes.add(typed(found).toLowerCase(java.util.Locale.ROOT));
                    break;
                }
            }
        }
        return shapes;
    }

    /** Words beside each other that no vocabulary holds are asked about together. */
    List<LineReading.Leftover> leftovers() {
        return leftOver().together();
    }

    /** Words of a sentence that no vocabulary holds, and that may be food or what is done to it. */
    List<String> unread() {
        return leftOver().unread();
    }

    private LeftOverWords leftOver() {
        return new LeftOverWords(rest, tokens, lexicon, this::isLeftOver);
    }

    /** Every word and what it was taken for, in the plain text behind the amount. */
    List<Span> spans() {
        Span.Kind[] kinds = new Span.Kind[tokens.size()];
        for (int at = 0; at < kinds.length; at++) {
            kinds[at] = isLeftOver(at) ? Span.Kind.NOT_UNDERSTOOD : Span.Kind.DESCRIPTION;
        }
        stateWords.forEach(found -> Arrays.fill(kinds, found.start(), found.end(), Span.Kind.STATE));
        mentions.forEach(found -> Arrays.fill(kinds, found.start(), found.end(), kindOf(found)));
        return LineSpans.of(tokens, kinds);
    }

    private Span.Kind kindOf(Found<Mention> mention) {
        if (served.get(mention.start())) {
            return Span.Kind.SERVING;
        }
        boolean stopped = mention.meaning().stop().isPresent() && !denied.get(mention.start());
        return stopped ? Span.Kind.STOPPED : Span.Kind.FOOD;
    }
}

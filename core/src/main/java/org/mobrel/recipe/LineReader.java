package org.mobrel.recipe;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.mobrel.foods.Catalogue;
import org.mobrel.foods.Food;
import org.mobrel.foods.StoppedIngredient;

/** Reads lines of a recipe against a catalogue. Reading never fails: what is not understood is left unknown, and said so later. */
public final class LineReader {

    private static final Pattern PEPPER = Pattern.compile("\\bpepper\\b", Pattern.CASE_INSENSITIVE);

    private static final Pattern CAN = Pattern.compile("\\b(?:cans?|tins?)\\b", Pattern.CASE_INSENSITIVE);

    private final Catalogue catalogue;
    private final Lexicon lexicon;
    private final Map<String, String> meanings;

    public LineReader(Catalogue catalogue) {
        this(catalogue, List.of(), Map.of());
    }

    /**
     * A reader that also knows what one kitchen says.
     *
     * @param ownFoods foods of the cook's own, which have no tested process
     * @param meanings what the cook said that a wording means: from {@link #wording} to words the catalogue knows
     */
    public LineReader(Catalogue catalogue, List<StoppedIngredient> ownFoods, Map<String, String> meanings) {
        this.catalogue = catalogue;
        this.lexicon = new Lexicon(catalogue, ownFoods);
        this.meanings = Map.copyOf(meanings);
    }

    /** Reads all lines, one for one; a blank line is kept as a heading, so that indexes stay those of the text. */
    public List<IngredientLine> readAll(List<String> lines) {
        return lines.stream().map(this::read).toList();
    }

    public IngredientLine read(String text) {
        AmountReader.Read amount = AmountReader.read(text);
        String rest = amount.rest().strip();
        List<String> words = Words.of(rest);
        LineKind kind = LineKinds.of(text, rest, words, amount);
        Optional<String> meaning =
                meanings.isEmpty() ? Optional.empty() : Optional.ofNullable(meanings.get(String.join(" ", words)));
        Understood understood = meaning.map(known -> corrected(rest, known, amount.amount()))
                .orElseGet(() -> understand(rest, words, amount.amount()));
        return new IngredientLine(
                text,
                rest,
                amount.amount(),
                kind == LineKind.HEADING ? List.of() : understood.mentions(),
                isOutOfACan(text, rest) ? with(understood.states(), State.CANNED) : understood.states(),
                PieceSize.largestIn(meaning.orElse(rest)),
                kind,
                meaning);
    }

    /** '2 (15-oz) cans' is part of the amount, and says how the food comes. */
    private static boolean isOutOfACan(String text, String rest) {
        int behind = text.lastIndexOf(rest);
        return behind > 0 && CAN.matcher(text.substring(0, behind)).find();
    }

    private static Set<State> with(Set<State> states, State more) {
        Set<State> all = EnumSet.of(more);
        all.addAll(states);
        return all;
    }

    /** The words of a line without its amount, as they are remembered: case, plural and hyphens do not count. */
    public String wording(String text) {
        return String.join(" ", Words.of(AmountReader.read(text).rest()));
    }

    /** What a phrase means by itself, such as a name for a food of the cook's own. */
    public Optional<Mention> meaning(String phrase) {
        return lexicon.meaning(phrase);
    }

    public Catalogue catalogue() {
        return catalogue;
    }

    /** Foods of the catalogue with names like this line's, for a cook who meant one of them. */
    public List<Food> nearest(String text) {
        return lexicon.nearest(AmountReader.read(text).rest(), 3);
    }

    private record Understood(List<Mention> mentions, Set<State> states) {}

    /** A correction puts other words in the place of the cook's; a stop that stands in the cook's own words stays. */
    private Understood corrected(String rest, String meaning, Optional<Amount> amount) {
        Understood meant = understand(meaning, Words.of(meaning), amount);
        List<Mention> stops = understand(rest, Words.of(rest), amount).mentions().stream()
                .filter(mention -> mention.stop().isPresent())
                .toList();
        return new Understood(
                Stream.concat(meant.mentions().stream(), stops.stream())
                        .distinct()
                        .toList(),
                meant.states());
    }

    private Understood understand(String text, List<String> words, Optional<Amount> amount) {
        List<Phrases.Found<Mention>> found = lexicon.find(words);
        Set<State> states = states(words, found);
        List<Mention> mentions = mainFirst(found).stream()
                .map(mention -> settle(mention, text, amount, states))
                .distinct()
                .toList();
        return new Understood(mentions, states);
    }

    private static Set<State> states(List<String> words, List<Phrases.Found<Mention>> found) {
        Set<State> states = EnumSet.noneOf(State.class);
        for (Phrases.Found<State> state : State.in(words)) {
            // The whole of 'whole kernel corn' and the dry of 'dry white wine' belong to the name.
            boolean inName = found.stream()
                    .anyMatch(mention -> mention.start() <= state.start()
                            && state.end() <= mention.end()
                            && mention.end() - mention.start() > 1
                            && (state.meaning() == State.WHOLE || !isSolid(mention.meaning())));
            if (!inName) {
                states.add(state.meaning());
            }
        }
        if (states.contains(State.UNSOAKED)) {
            states.remove(State.SOAKED);
        }
        if (states.contains(State.UNPEELED)) {
            states.remove(State.PEELED);
        }
        return states;
    }

    private static boolean isSolid(Mention mention) {
        return mention.food().filter(food -> food.kind().isSolid()).isPresent();
    }

    /**
     * The main food comes first: the last of the words that stand together ('tomato juice', 'chicken bouillon'), in the first part
     * of the line that names any.
     */
    private static List<Mention> mainFirst(List<Phrases.Found<Mention>> found) {
        List<Phrases.Found<Mention>> kept = new ArrayList<>(found);
        while (kept.size() > 1
                && kept.get(0).end() == kept.get(1).start()
                && describes(kept.get(0).meaning(), kept.get(1).meaning())) {
            kept.remove(0);
        }
        return kept.stream().map(Phrases.Found::meaning).toList();
    }

    /** In 'garlic powder' or 'pork stock' the first word only describes the second; a stopped word is never explained away. */
    private static boolean describes(Mention first, Mention second) {
        return first.food().isPresent() && second.food().isPresent();
    }

    /** What the states and the amount of the line change in what its words mean. */
    private Mention settle(Mention mention, String text, Optional<Amount> amount, Set<State> states) {
        if (isSpoonfulForBrowning(mention, states)) {
            return Mention.of(mention.phrase(), catalogue.food("oil"));
        }
        if (mention.food().isEmpty()) {
            return mention;
        }
        return switch (mention.food().get().id()) {
            case "lima-beans", "peas" ->
                states.contains(State.DRIED) ? Mention.of(mention.phrase(), catalogue.food("dried-beans")) : mention;
            case "poultry-boneless" ->
                states.contains(State.BONE_IN) && !states.contains(State.BONELESS)
                        ? Mention.of(mention.phrase(), catalogue.food("poultry-bone"))
                        : mention;
            case "poultry-bone" ->
                states.contains(State.BONELESS) && !states.contains(State.BONE_IN)
                        ? Mention.of(mention.phrase(), catalogue.food("poultry-boneless"))
                        : mention;
            case "peppers" ->
                isGroundPepper(mention, text, amount) ? Mention.of("ground pepper", catalogue.food("spices")) : mention;
            default -> mention;
        };
    }

    private static boolean isSpoonfulForBrowning(Mention mention, Set<State> states) {
        return mention.stop().filter(StoppedIngredient::isFat).isPresent()
                && states.contains(State.FOR_BROWNING)
                && states.contains(State.DRAINED);
    }

    /** 'Pepper' by the spoon, by the pinch or to taste is the spice; peppers are counted, weighed or measured in cups. */
    private static boolean isGroundPepper(Mention mention, String text, Optional<Amount> amount) {
        return mention.phrase().equals("peppers")
                && PEPPER.matcher(text).find()
                && amount.map(Amount::unit)
                        .map(unit -> unit == MeasureUnit.TEASPOON
                                || unit == MeasureUnit.TABLESPOON
                                || unit.kind() == MeasureUnit.Kind.TRACE)
                        .orElse(true);
    }
}

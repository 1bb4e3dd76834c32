package org.mobrel.recipe;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.mobrel.foods.Catalogue;
import org.mobrel.foods.Food;
import org.mobrel.quantity.Length;

/** Reads lines of a recipe against a catalogue. Reading never fails: what is not understood is left unknown, and said so later. */
public final class LineReader {

    private static final String SIZE = "(\\d+[ -]\\d+/\\d+|\\d+/\\d+|\\d+(?:[.,]\\d+)?)";
    private static final Pattern PIECE = Pattern.compile(
            "(?:" + SIZE + "\\s*(?:-|–|to)\\s*)?" + SIZE
                    + "[\\s-]*(inch(?:es)?|in\\b\\.?(?!\\s+(?:a|the|their|skins?)\\b)|\"|cm|mm)",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern PEPPER = Pattern.compile("\\bpepper\\b", Pattern.CASE_INSENSITIVE);

    private final Catalogue catalogue;
    private final Lexicon lexicon;

    public LineReader(Catalogue catalogue) {
        this.catalogue = catalogue;
        this.lexicon = new Lexicon(catalogue);
    }

    /** Reads all lines, one for one; a blank line is kept as a heading, so that indexes stay those of the text. */
    public List<IngredientLine> readAll(List<String> lines) {
        return lines.stream().map(this::read).toList();
    }

    public IngredientLine read(String text) {
        AmountReader.Read amount = AmountReader.read(text);
        String rest = AmountReader.plainFractions(amount.rest());
        Set<State> states = states(rest);
        List<Mention> mentions = settle(mainFirst(lexicon.find(Words.of(rest))), states).stream()
                .map(mention -> isGroundPepper(text, amount.amount()) ? ground(mention) : mention)
                .toList();
        boolean heading =
                amount.amount().isEmpty() && (text.isBlank() || text.strip().endsWith(":"));
        return new IngredientLine(
                text,
                amount.rest().strip(),
                amount.amount(),
                heading ? List.of() : mentions,
                states,
                largestPiece(rest),
                heading);
    }

    public Catalogue catalogue() {
        return catalogue;
    }

    /** Foods of the catalogue with names like this line's, for a cook who meant one of them. */
    public List<Food> nearest(String text) {
        return lexicon.nearest(AmountReader.read(text).rest(), 3);
    }

    /**
     * The main food comes first: the last of the words that stand together ('tomato juice', 'chicken bouillon'), in the first part
     * of the line that names any.
     */
    private static List<Mention> mainFirst(List<Lexicon.Found> found) {
        if (found.isEmpty()) {
            return List.of();
        }
        List<Lexicon.Found> kept = new ArrayList<>(found);
        while (kept.size() > 1
                && kept.get(0).end() == kept.get(1).start()
                && describes(kept.get(0).mention(), kept.get(1).mention())) {
            kept.remove(0);
        }
        return kept.stream().map(Lexicon.Found::mention).toList();
    }

    /** In 'garlic powder' or 'pork stock' the first word only describes the second; a stopped word is never explained away. */
    private static boolean describes(Mention first, Mention second) {
        return first.food().isPresent() && second.food().isPresent();
    }

    /** What the states of the line change in what its words mean. */
    private List<Mention> settle(List<Mention> mentions, Set<State> states) {
        return mentions.stream()
                .map(mention -> isSpoonfulForBrowning(mention, states)
                        ? Mention.of(mention.phrase(), catalogue.food("oil"))
                        : dried(mention, states))
                .distinct()
                .toList();
    }

    /** 'Pepper' by the spoon, by the pinch or to taste is the spice; peppers are counted, weighed or measured in cups. */
    private static boolean isGroundPepper(String text, Optional<Amount> amount) {
        boolean singular = PEPPER.matcher(text).find();
        return singular
                && amount.map(Amount::unit)
                        .map(unit -> unit == MeasureUnit.TEASPOON
                                || unit == MeasureUnit.TABLESPOON
                                || unit.kind() == MeasureUnit.Kind.TRACE)
                        .orElse(true);
    }

    private Mention ground(Mention mention) {
        return mention.food().filter(food -> food.id().equals("peppers")).isPresent()
                ? Mention.of(mention.phrase(), catalogue.food("spices"))
                : mention;
    }

    private static boolean isSpoonfulForBrowning(Mention mention, Set<State> states) {
        return mention.stop().filter(stop -> stop.isFat()).isPresent()
                && states.contains(State.FOR_BROWNING)
                && states.contains(State.DRAINED);
    }

    /** Dried limas and dried peas are dried beans, whatever the fresh ones are. */
    private Mention dried(Mention mention, Set<State> states) {
        boolean shelled = mention.food()
                .filter(food -> food.id().equals("lima-beans") || food.id().equals("peas"))
                .isPresent();
        return shelled && states.contains(State.DRIED)
                ? Mention.of(mention.phrase(), catalogue.food("dried-beans"))
                : mention;
    }

    private static Set<State> states(String rest) {
        List<String> words = Words.of(rest);
        Set<State> states = EnumSet.noneOf(State.class);
        for (State state : State.values()) {
            boolean said = state.phrases().stream()
                    .anyMatch(phrase -> Collections.indexOfSubList(words, Words.of(phrase)) >= 0);
            if (said) {
                states.add(state);
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

    private static Optional<Length> largestPiece(String rest) {
        Matcher sizes = PIECE.matcher(rest);
        Optional<Length> largest = Optional.empty();
        while (sizes.find()) {
            Optional<Length> size = length(sizes.group(2), sizes.group(3).toLowerCase(Locale.ROOT));
            if (size.isPresent()
                    && largest.filter(known -> known.compareTo(size.get()) >= 0).isEmpty()) {
                largest = size;
            }
        }
        return largest;
    }

    private static Optional<Length> length(String number, String unit) {
        Optional<BigDecimal> value = AmountReader.number(number);
        return value.filter(size -> size.compareTo(BigDecimal.valueOf(1_000)) < 0)
                .map(BigDecimal::doubleValue)
                .map(size -> switch (unit) {
                    case "cm" -> Length.ofMillimetres(size * 10);
                    case "mm" -> Length.ofMillimetres(size);
                    default -> Length.ofInches(size);
                });
    }
}

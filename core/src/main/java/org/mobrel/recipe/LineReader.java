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
import org.mobrel.quantity.Length;

/**
 * Reads lines of a recipe against a catalogue. Reading never fails, and no word is passed over: what no vocabulary holds is left as a
 * question of the line.
 */
public final class LineReader {

    private static final Pattern CAN = Pattern.compile("\\b(?:cans?|tins?)\\b", Pattern.CASE_INSENSITIVE);

    private final Catalogue catalogue;
    private final Lexicon lexicon;
    private final Map<String, String> meanings;
    private final List<RememberedAnswer> remembered;

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
        this(catalogue, ownFoods, meanings, List.of());
    }

    /** @param remembered what the cook answered before, to be taken as the answer again */
    public LineReader(
            Catalogue catalogue,
            List<StoppedIngredient> ownFoods,
            Map<String, String> meanings,
            List<RememberedAnswer> remembered) {
        this.catalogue = catalogue;
        this.lexicon = new Lexicon(catalogue, ownFoods);
        this.meanings = Map.copyOf(meanings);
        this.remembered = List.copyOf(remembered);
    }

    /** Reads all lines, one for one; a blank line is kept as a heading, so that indexes stay those of the text. */
    public List<IngredientLine> readAll(List<String> lines) {
        return lines.stream().map(this::read).toList();
    }

    public IngredientLine read(String text) {
        NormalText normal = NormalText.of(text);
        AmountReader.Read amount = AmountReader.read(normal.plain());
        String rest = amount.rest().strip();
        List<Token> tokens = Tokenizer.tokens(rest);
        List<String> words = tokens.stream().map(Token::word).toList();
        LineKind kind = LineKinds.of(normal.plain(), rest, words, amount);
        String wording = String.join(" ", words);
        Optional<String> meaning = meanings.isEmpty() ? Optional.empty() : Optional.ofNullable(meanings.get(wording));
        LineInterpreter understood = LineInterpreter.of(catalogue, lexicon, rest, tokens, amount.amount());
        List<LineReading.Heard> heard = understood.heard();
        Set<State> states = understood.states();
        List<LineReading.Leftover> leftovers = understood.leftovers();
        Optional<Length> piece = PieceSize.largestIn(meaning.orElse(rest));
        if (meaning.isPresent()) {
            // A correction puts other words in the place of the cook's; a stop that stands in the cook's own words
            // stays.
            LineInterpreter meant = new LineInterpreter(
                    catalogue, lexicon, meaning.get(), Tokenizer.tokens(meaning.get()), amount.amount());
            heard = Stream.concat(
                            meant.heard().stream(),
                            heard.stream().filter(one -> one.mention().stop().isPresent() && !one.misspelled()))
                    .toList();
            states = meant.states();
            leftovers = List.of();
        }
        if (isOutOfACan(normal.plain(), rest) && !states.contains(State.CANNED)) {
            states = with(states, State.CANNED);
            heard = canned(heard);
        }
        if (kind == LineKind.INGREDIENT && understood.isOnlyDenied()) {
            kind = LineKind.NOT_INGREDIENT;
        }
        if (kind == LineKind.STEP) {
            // A step is full of words that no list of foods holds: 'fill' is no slip of filo there.
            heard = heard.stream().filter(one -> !one.misspelled()).toList();
        }
        LineReading reading = new LineReading(
                text,
                rest,
                amount.amount(),
                kind == LineKind.HEADING || kind == LineKind.NOT_INGREDIENT ? List.of() : heard,
                kind == LineKind.INGREDIENT ? leftovers : List.of(),
                states,
                piece,
                piece.isPresent() ? List.of() : understood.shapes(),
                understood.isPerJar(),
                kind,
                meaning,
                spans(normal, rest, understood, kind));
        return new IngredientLine(reading, remembered(wording));
    }

    /** What the cook answered before to questions of this wording, or of a word wherever it stands. */
    private List<Answer> remembered(String wording) {
        return remembered.isEmpty()
                ? List.of()
                : remembered.stream()
                        .filter(one -> one.wording().isEmpty() || one.wording().equals(wording))
                        .map(RememberedAnswer::answer)
                        .toList();
    }

    private List<LineReading.Heard> canned(List<LineReading.Heard> heard) {
        return heard.stream()
                .map(one -> new LineReading.Heard(
                        FoodConversion.ifSaid(catalogue, one.mention(), org.mobrel.foods.StatedForm.CANNED),
                        one.served(),
                        one.words(),
                        one.misspelled()))
                .toList();
    }

    private static List<Span> spans(NormalText normal, String rest, LineInterpreter understood, LineKind kind) {
        int base = normal.plain().indexOf(rest);
        if (base < 0 || kind == LineKind.HEADING || rest.isEmpty()) {
            return List.of();
        }
        List<Span> spans = new ArrayList<>();
        if (base > 0 && !normal.plain().substring(0, base).isBlank()) {
            spans.add(new Span(Span.Kind.AMOUNT, normal.origin(0), normal.origin(base)));
        }
        understood
                .spans()
                .forEach(span -> spans.add(
                        new Span(span.kind(), normal.origin(base + span.start()), endOf(normal, base + span.end()))));
        return spans;
    }

    /** The end of what stands before an index: a sign that became two ends where the next one begins. */
    private static int endOf(NormalText normal, int index) {
        return Math.max(normal.origin(index), index > 0 ? normal.origin(index - 1) + 1 : 0);
    }

    /** '2 (15-oz) cans' is part of the amount, and says how the food comes. */
    private static boolean isOutOfACan(String text, String rest) {
        int behind = text.lastIndexOf(rest);
        return behind >= 0
                && (CAN.matcher(text.substring(0, behind)).find()
                        || CAN.matcher(text.substring(behind + rest.length())).find());
    }

    private static Set<State> with(Set<State> states, State more) {
        Set<State> all = EnumSet.of(more);
        all.addAll(states);
        return all;
    }

    /**
     * What a sentence of the method names letter for letter, without what it denies or keeps for serving; a slip is
     * believed where the word is none of English.
     */
    public List<Named> named(String sentence) {
        return named(interpreted(sentence));
    }

    /** The same, and the words that may be a food or change one, for all that is known of them. */
    public Spoken spoken(String sentence) {
        LineInterpreter read = interpreted(sentence);
        return new Spoken(named(read), read.unread());
    }

    private LineInterpreter interpreted(String sentence) {
        NormalText normal = NormalText.of(sentence);
        return LineInterpreter.of(
                catalogue, lexicon, normal.plain(), Tokenizer.tokens(normal.plain()), Optional.empty());
    }

    private static List<Named> named(LineInterpreter read) {
        return read.heard().stream()
                .filter(heard -> !heard.served() && (!heard.misspelled() || !GeneralWords.knows(heard.words())))
                .map(heard -> new Named(heard.mention(), heard.words()))
                .toList();
    }

    /** @param unread as typed */
    public record Spoken(List<Named> named, List<String> unread) {}

    /** @param words as typed */
    public record Named(Mention mention, String words) {}

    /** The largest size of piece that a sentence names. */
    public Optional<Length> pieces(String sentence) {
        return PieceSize.largestIn(NormalText.of(sentence).plain());
    }

    /** The words of a line without its amount, as they are remembered: case, plural and hyphens do not count. */
    public String wording(String text) {
        return String.join(
                " ", Tokenizer.of(AmountReader.read(NormalText.of(text).plain()).rest()));
    }

    /** What a phrase means by itself, such as a name for a food of the cook's own. */
    public Optional<Mention> meaning(String phrase) {
        return lexicon.meaning(phrase);
    }

    public Catalogue catalogue() {
        return catalogue;
    }

    /**
     * A line with its misspelled words put right, where that makes foods of them: '2 cups carots, diced' as '2 cups carrots,
     * diced'. Only words that look alike are offered, so that no food becomes one of another kind.
     */
    public Optional<Respelled> respelled(IngredientLine line) {
        String text = line.text();
        List<Span> unknown = line.spans().stream()
                .filter(span -> span.kind() == Span.Kind.NOT_UNDERSTOOD)
                .toList();
        StringBuilder mended = new StringBuilder();
        int at = 0;
        boolean changed = false;
        for (Span span : unknown) {
            mended.append(text, at, span.start());
            for (String word : text.substring(span.start(), span.end()).split("(?<=\\P{L})|(?=\\P{L})")) {
                Optional<String> known = lexicon.nearFoodWord(word);
                changed |= known.isPresent();
                mended.append(known.orElse(word));
            }
            at = span.end();
        }
        mended.append(text, at, text.length());
        if (!changed) {
            return Optional.empty();
        }
        IngredientLine read = read(mended.toString());
        return read.food().isPresent()
                        && read.stopped().isEmpty()
                        && read.questions().isEmpty()
                ? Optional.of(new Respelled(mended.toString(), read.food().get()))
                : Optional.empty();
    }

    /** @param text the whole line with the words put right */
    public record Respelled(String text, Food food) {}

    /**
     * An answer that a kitchen keeps.
     *
     * @param wording the wording of the lines it is for, as {@link #wording} gives it; empty: wherever the words stand
     */
    public record RememberedAnswer(String wording, Answer answer) {}
}

package org.mobrel.ruling;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.Example;
import net.jqwik.api.ForAll;
import net.jqwik.api.From;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.Size;
import org.mobrel.Cases;
import org.mobrel.canner.Gauge;
import org.mobrel.canner.PressureTable;
import org.mobrel.foods.Catalogue;
import org.mobrel.foods.Food;
import org.mobrel.foods.Pack;
import org.mobrel.jars.JarCount;
import org.mobrel.jars.JarSize;
import org.mobrel.jars.JarTable;
import org.mobrel.jars.Mouth;
import org.mobrel.quantity.Altitude;
import org.mobrel.quantity.Fraction;
import org.mobrel.quantity.Minutes;
import org.mobrel.recipe.IngredientLine;
import org.mobrel.recipe.LineKind;
import org.mobrel.recipe.LineReader;
import org.mobrel.recipe.State;

/** However foods, stops and strange words are put together in a line: no food vanishes, and nothing dangerous comes out covered. */
class ReadingProperties {

    private static final Catalogue CATALOGUE = Catalogue.load();
    private static final LineReader READER = new LineReader(CATALOGUE);
    private static final Rulings RULINGS = new Rulings(CATALOGUE, PressureTable.load(), JarTable.load());

    /** Everything that parts two foods or joins them. */
    private static final List<String> SEPARATORS = List.of(
            " & ", " + ", " / ", " | ", ". ", " * ", " · ", " → ", " – ", "\t", "\n", ", ", "; ", " and ", " or ",
            " with ", " plus ", " - ", "•", " n ", ": ", "&", "+", ", and ");

    private static final List<String> STOPPED = CATALOGUE.stopped().stream()
            .flatMap(stop -> stop.words().stream())
            .distinct()
            .toList();

    /** Words that are a letter from a stop, and are taken for what they are beside a food. */
    private static final Set<String> OF_THEIR_OWN = Set.of(
            "alternative",
            "analogue",
            "board",
            "boil",
            "bowl",
            "child",
            "chip",
            "dades",
            "damp",
            "dateds",
            "dice",
            "did",
            "drains",
            "end",
            "flat",
            "half",
            "hand",
            "hands",
            "has",
            "hour",
            "hours",
            "kettle",
            "kind",
            "later",
            "lean",
            "lot",
            "lots",
            "meat",
            "minner",
            "mosts",
            "nine",
            "over",
            "paper",
            "per",
            "plate",
            "porch",
            "preserveds",
            "put",
            "rich",
            "ring",
            "ripe",
            "say",
            "soak",
            "stem",
            "stems",
            "taken",
            "takes",
            "toes",
            "too",
            "tough",
            "tsp",
            "under",
            "week",
            "weeks",
            "woody",
            "year");

    private static final Map<String, Set<Food>> ALONE = CATALOGUE.foods().stream()
            .flatMap(food -> Stream.concat(Stream.of(food.word()), food.phrases().stream()))
            .distinct()
            .collect(Collectors.toMap(
                    phrase -> phrase, phrase -> Set.copyOf(READER.read(phrase).foods())));

    @Provide
    Arbitrary<String> phrases() {
        return Arbitraries.of(ALONE.keySet().stream().sorted().toList())
                .flatMap(phrase -> Arbitraries.of(phrase, phrase, phrase.toUpperCase(Locale.ROOT)));
    }

    @Provide
    Arbitrary<String> separators() {
        return Arbitraries.of(SEPARATORS);
    }

    @Property
    void no_food_vanishes_beside_another_and_none_is_timed_below_its_own(
            @ForAll @From("phrases") String first,
            @ForAll @From("separators") String separator,
            @ForAll @From("phrases") String second,
            @ForAll @From("separators") String other,
            @ForAll @From("phrases") String third) {
        String text = first + separator + second + other + third;
        IngredientLine line = READER.read("2 lb " + text);
        Set<Food> named = new HashSet<>();
        Stream.of(first, second, third)
                .map(phrase -> phrase.equals(phrase.toUpperCase(Locale.ROOT)) ? lower(phrase) : phrase)
                .forEach(phrase -> named.addAll(ALONE.getOrDefault(phrase, Set.of())));
        if (line.questions().isEmpty() && line.stopped().isEmpty()) {
            assertThat(line.foods()).as(text).containsAll(named);
        }
        Ruling ruling = RULINGS.ruleBriefly(batch(List.of(line)));
        ruling.timing().ifPresent(timing -> longestOwn(ruling, named)
                .ifPresent(own -> assertThat(timing.minutes()).as(text).isGreaterThanOrEqualTo(own)));
    }

    private static String lower(String phrase) {
        return ALONE.keySet().stream()
                .filter(phrase::equalsIgnoreCase)
                .findFirst()
                .orElse(phrase);
    }

    /** The longest tested pint among the named foods; seafood beside others goes by the soup table's line. */
    private static Optional<Minutes> longestOwn(Ruling ruling, Set<Food> named) {
        boolean mixture = JarContents.of(
                        batch(ruling.lines().stream().map(LineRuling::line).toList()))
                .isMixture();
        return named.stream()
                .filter(food -> food.kind().isSolid() && !(mixture && food.isSeafood()))
                .flatMap(food -> food.processRow().stream())
                .flatMap(row -> CATALOGUE.rows(row, Pack.HOT).stream())
                .flatMap(row -> row.minutesFor(JarSize.PINT).stream())
                .max(Minutes::compareTo);
    }

    private static Batch batch(List<IngredientLine> lines) {
        return new Batch(
                lines,
                Pack.HOT,
                Fraction.HALF,
                List.of(new JarCount(JarSize.PINT, Mouth.REGULAR, 4)),
                Altitude.ofFeet(500),
                Gauge.weighted(),
                TimingPolicy.LONGEST_INGREDIENT);
    }

    private static final IngredientLine PEAS = READER.read("3 cups peas");
    private static final IngredientLine WATER = READER.read("2 qt water");

    private static boolean passes(String text) {
        IngredientLine line = READER.read(text);
        return RULINGS.ruleBriefly(batch(List.of(line, PEAS, WATER))).timing().isPresent();
    }

    /** All ways to write each stopped phrase: plural, capitals, joined, split, hyphenated, full width, with hidden signs. */
    @Example
    void a_stop_is_a_stop_however_it_is_written() {
        List<String> covered = new ArrayList<>();
        for (String phrase : STOPPED) {
            Set<String> forms = new LinkedHashSet<>(List.of(
                    phrase,
                    phrase + "s",
                    phrase.toUpperCase(Locale.ROOT),
                    phrase.replace(" ", ""),
                    phrase.replace(" ", "-"),
                    phrase.replace(' ', '\u00a0'),
                    fullWidth(phrase),
                    phrase.replace("a", "\u0430").replace("o", "\u03bf").replace("e", "\u0435"),
                    phrase.substring(0, 1) + "\u00ad" + phrase.substring(1),
                    phrase.substring(0, phrase.length() - 1) + "\u200b" + phrase.substring(phrase.length() - 1),
                    phrase.replace("fl", "\ufb02").replace("fi", "\ufb01"),
                    phrase.replace("e", "e\u0300")));
            forms.stream()
                    .filter(form -> passes("2 cups carrots & " + form) || passes("1 cup " + form))
                    .map(form -> form + " for " + phrase)
                    .forEach(covered::add);
        }
        assertThat(covered).isEmpty();
    }

    /** Every way to say that skins stay on, or that beans stay dry, before and behind every name of the foods it matters to. */
    @Example
    void what_warns_is_heard_wherever_it_stands() {
        List<String> covered = new ArrayList<>();
        for (String id : List.of("potatoes", "sweet-potatoes", "carrots", "beets", "winter-squash")) {
            CATALOGUE.food(id).phrases().forEach(name -> State.UNPEELED
                    .phrases()
                    .forEach(said -> Stream.of("2 lb %s %s", "2 lb %2$s, %1$s", "2 lb %2$s %1$s", "%1$s %2$s, 2 lb")
                            .map(order -> order.formatted(said, name))
                            .filter(ReadingProperties::passes)
                            .forEach(covered::add)));
        }
        CATALOGUE.food("dried-beans").phrases().forEach(name -> State.UNSOAKED
                .phrases()
                .forEach(said -> Stream.of("2 lb %s %s", "2 lb %2$s, %1$s")
                        .map(order -> order.formatted(said, name))
                        .filter(ReadingProperties::passes)
                        .forEach(covered::add)));
        assertThat(covered).isEmpty();
    }

    private static String fullWidth(String text) {
        return text.chars()
                .map(sign -> sign > 32 && sign < 127 ? sign + 0xFEE0 : sign)
                .mapToObj(Character::toString)
                .collect(Collectors.joining());
    }

    /** One letter left out, doubled, wrong or swapped: covered only where each word is a known word of its own. */
    @Property
    void a_misspelled_stop_is_never_covered(
            @ForAll @From("typos") String typo, @ForAll @From("separators") String separator) {
        String text = "2 cups carrots" + separator + typo;
        if (passes(text)) {
            IngredientLine alone = READER.read(typo);
            assertThat(alone.questions()).as(text).isEmpty();
            assertThat(alone.spans())
                    .as(text)
                    .noneMatch(span -> span.kind() == org.mobrel.recipe.Span.Kind.NOT_UNDERSTOOD);
        }
    }

    @Provide
    Arbitrary<String> typos() {
        return Combinators.combine(
                        Arbitraries.of(STOPPED),
                        Arbitraries.integers().between(0, 200),
                        Arbitraries.chars().range('a', 'z'),
                        Arbitraries.of("out", "in", "for", "swap"))
                .as((word, place, letter, how) -> {
                    int at = place % word.length();
                    String end = word.substring(at + 1);
                    return switch (how) {
                        case "out" -> word.substring(0, at) + end;
                        case "in" -> word.substring(0, at) + letter + word.substring(at);
                        case "for" -> word.substring(0, at) + letter + end;
                        default ->
                            end.isEmpty()
                                    ? word
                                    : word.substring(0, at) + end.charAt(0) + word.charAt(at) + end.substring(1);
                    };
                })
                .filter(typo -> !typo.isBlank() && Stream.of(typo.split("[ -]")).noneMatch(OF_THEIR_OWN::contains));
    }

    /** A strange word makes any line a question, wherever it stands. */
    @Property
    void a_word_that_nobody_knows_is_never_passed_over(
            @ForAll @From("written") String line,
            @ForAll @Size(min = 1, max = 1) List<@From("strange") String> words,
            @ForAll @net.jqwik.api.constraints.IntRange(max = 40) int place) {
        String[] parts = line.split(" ");
        int at = Math.min(place, parts.length);
        String text = Stream.of(
                        Stream.of(parts).limit(at),
                        words.stream(),
                        Stream.of(parts).skip(at))
                .flatMap(part -> part)
                .collect(Collectors.joining(" "));
        IngredientLine read = READER.read(text);
        if (read.kind() == LineKind.INGREDIENT) {
            assertThat(!read.questions().isEmpty() || read.isUnknown()).as(text).isTrue();
        } else {
            assertThat(read.kind()).as(text).isIn(LineKind.STEP, LineKind.HEADING);
        }
    }

    @Provide
    Arbitrary<String> written() {
        return Arbitraries.of(Stream.concat(
                        Cases.text("/cases/lines.csv").lines().map(line -> line.split("\\|")[0].strip()),
                        Cases.text("/cases/ordinary-recipes.txt").lines().filter(line -> !line.startsWith("=")))
                .filter(line -> !line.startsWith("#") && !line.isBlank())
                .toList());
    }

    @Provide
    Arbitrary<String> strange() {
        return Arbitraries.of("zorb", "blimfle", "quendled", "xyl", "vrapt", "hoomple", "ζητα", "粉");
    }

    /** Answers only ever make of an open line what one of its choices says. */
    @Property
    void an_answer_closes_its_question_and_no_other(@ForAll @From("written") String line) {
        IngredientLine open = READER.read(line.replace("diced", "flimbed"));
        for (org.mobrel.recipe.LineQuestion question : open.questions()) {
            for (org.mobrel.recipe.Choice choice : question.choices()) {
                IngredientLine answered =
                        open.answered(new org.mobrel.recipe.Answer(question.code(), question.words(), choice.code()));
                assertThat(answered.questions()).doesNotContain(question);
                assertThat(answered.questions().size())
                        .isEqualTo(open.questions().size() - 1);
            }
        }
    }
}

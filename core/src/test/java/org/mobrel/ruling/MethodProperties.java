package org.mobrel.ruling;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.From;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.IntRange;
import org.mobrel.Cases;

/** What holds for a method whatever its words: nothing that spoils the jar is covered, and what is harmless changes nothing. */
class MethodProperties {

    private static final List<String> STEPS =
            Stream.concat(CorpusTest.BEGIN.lines(), CorpusTest.END.lines()).toList();

    private static final List<String> HARMLESS =
            Cases.text("/cases/corpus/own-ordinary.tsv").lines().limit(40).toList();

    private static Ruling rule(List<String> lines, List<String> steps) {
        return CorpusTest.rule("Big soup\nIngredients\n" + String.join("\n", lines) + "\nDirections\n"
                + String.join("\n", steps) + "\n");
    }

    private static List<String> with(List<String> all, int place, String one) {
        List<String> more = new ArrayList<>(all);
        more.add(Math.min(place, all.size()), one);
        return more;
    }

    private static List<String> lines() {
        return CorpusTest.LIST.lines().toList();
    }

    @Provide
    Arbitrary<String> strange() {
        return Combinators.combine(
                        Arbitraries.of("zwo", "quib", "vrem", "skloy", "brax", "tiv", "dwurp"),
                        Arbitraries.of("nk", "gga", "ster", "llo", "zzle", "bbit", "phin"))
                .as(String::concat);
    }

    /** A word that no table holds, where a food, a verb, a tool or a state may stand. */
    @Property(tries = 300)
    void a_strange_word_is_never_covered_in_silence(
            @ForAll @From("strange") String word,
            @ForAll @IntRange(max = 4) int place,
            @ForAll @From("holes") String hole) {
        String step = hole.replace("_", word);
        Ruling ruling = rule(lines(), with(STEPS, Math.min(place, 2), step));
        assertThat(CorpusTest.isNoticed(ruling)).as(step).isTrue();
    }

    @Provide
    Arbitrary<String> holes() {
        return Arbitraries.of(
                "Add the _.",
                "Stir in two cups of _ and heat through.",
                "_ the beans well.",
                "Go over it with the _.",
                "Cook until it is _.",
                "Simmer it with a _ for ten minutes; skim.",
                "Drop in _, a handful.",
                "Let it get _ and then fill the jars.");
    }

    /** A clause that spoils the jar, behind or before what is harmless, at any moment before the lid goes on. */
    @Property(tries = 400)
    void a_spoiling_clause_is_never_covered(
            @ForAll @From("spoiling") String spoils,
            @ForAll @From("around") String around,
            @ForAll @IntRange(max = 3) int place) {
        String step = around.replace("_", spoils);
        step = Character.toUpperCase(step.charAt(0)) + step.substring(1);
        Ruling ruling = rule(lines(), with(STEPS, place, step));
        assertThat(CorpusTest.isNoticed(ruling)).as(step).isTrue();
    }

    @Provide
    Arbitrary<String> spoiling() {
        return Arbitraries.of(
                "puree the vegetables",
                "mash half of the beans",
                "thicken it with cornflour",
                "add a cup of rice",
                "stir in the cream",
                "put a spoon of butter in each jar",
                "add two cups of broccoli",
                "add the noodles",
                "leave the potatoes whole",
                "blend a third of it");
    }

    @Provide
    Arbitrary<String> around() {
        return Arbitraries.of(
                "_.",
                "simmer 10 minutes, then _.",
                "_ and simmer 10 minutes.",
                "skim off the foam; _.",
                "while it simmers, _.",
                "just before filling, _.",
                "when the carrots are tender, _.",
                "_, taste for salt and keep it hot.",
                "once the beans are in, _ and bring it back to the boil.",
                "season to taste. _.");
    }

    @Property(tries = 200)
    void where_a_harmless_sentence_stands_changes_nothing(
            @ForAll @IntRange(max = 39) int which, @ForAll @IntRange(max = 4) int place) {
        String sentence = HARMLESS.get(which);
        Ruling first = rule(lines(), with(STEPS, 0, sentence));
        Ruling moved = rule(lines(), with(STEPS, place, sentence));
        assertThat(moved.verdict()).as(sentence).isEqualTo(first.verdict());
        assertThat(moved.timing().map(Timing::minutes)).isEqualTo(first.timing().map(Timing::minutes));
    }

    @Provide
    Arbitrary<String> clutter() {
        return Arbitraries.of(
                Arrays.stream(Cases.text("/cases/corpus/steps-ordinary.tsv").split("\n"))
                        .map(row -> row.split("\t"))
                        .filter(cells -> cells.length > 1 && cells[1].equals("clutter"))
                        .map(cells -> cells[0])
                        .collect(Collectors.toList()));
    }

    @Property(tries = 200)
    void clutter_changes_nothing(
            @ForAll @From("clutter") String clutter,
            @ForAll @IntRange(max = 21) int line,
            @ForAll @IntRange(max = 4) int step) {
        Ruling ruling = rule(with(lines(), line, clutter), with(STEPS, step, clutter));
        assertThat(ruling.verdict()).as(clutter).isEqualTo(Verdict.COVERED);
        assertThat(ruling.timing().orElseThrow().minutes().value()).isEqualTo(90);
    }
}

package org.mobrel.recipe;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.mobrel.quantity.Length;

/**
 * What a line says, before anything is answered.
 *
 * @param heard everything it names, in its order; the main food first
 * @param leftovers words that no vocabulary holds
 * @param shapes words that leave the size of the pieces open, such as 'chunks'; empty where others make them small
 * @param perJar whether the amount is for each jar
 * @param spans every word of the line and what it was taken for
 */
record LineReading(
        String text,
        String rest,
        Optional<Amount> amount,
        List<Heard> heard,
        List<Leftover> leftovers,
        Set<State> states,
        Optional<Length> largestPiece,
        List<String> shapes,
        boolean perJar,
        LineKind kind,
        Optional<String> meaning,
        List<Span> spans) {

    /**
     * Something the line names.
     *
     * @param served kept for the table
     * @param words as typed
     * @param misspelled whether they only look like the stopped ones
     */
    record Heard(Mention mention, boolean served, String words, boolean misspelled) {}

    /**
     * @param words as typed
     * @param offers foods whose words look like it
     */
    record Leftover(String words, List<Mention> offers) {}

    LineReading {
        heard = List.copyOf(heard);
        leftovers = List.copyOf(leftovers);
        states = Set.copyOf(states);
        shapes = List.copyOf(shapes);
        spans = List.copyOf(spans);
    }

    LineReading with(Amount other) {
        return new LineReading(
                text,
                rest,
                Optional.of(other),
                heard,
                leftovers,
                states,
                largestPiece,
                shapes,
                perJar,
                kind,
                meaning,
                spans);
    }
}

package org.mobrel.recipe;

import java.util.BitSet;
import java.util.List;
import java.util.Set;
import java.util.function.IntPredicate;
import java.util.stream.IntStream;
import org.mobrel.recipe.Phrases.Found;

/**
 * What a line keeps for the table. Words of serving cover their own clause: '1 cup cream, plus more to serve' has cream in the jar,
 * 'enough to serve 8' says nothing of the food, and beside something with a time of its own only the last thing named is kept back.
 */
final class Serving {

    private static final Set<String> MORE = Set.of("plus", "more", "extra", "additional");

    private final List<Token> tokens;
    private final List<String> words;
    private final List<Found<Mention>> mentions;
    private final IntPredicate leftOver;
    private final BitSet served = new BitSet();
    private boolean said;

    private Serving(List<Token> tokens, List<String> words, List<Found<Mention>> mentions, IntPredicate leftOver) {
        this.leftOver = leftOver;
        this.tokens = tokens;
        this.words = words;
        this.mentions = mentions;
    }

    /** @param leftOver whether the word at an index is known to no vocabulary */
    static Serving of(
            List<Token> tokens,
            List<String> words,
            List<Found<State>> states,
            List<Found<Mention>> mentions,
            IntPredicate leftOver) {
        Serving serving = new Serving(tokens, words, mentions, leftOver);
        states.stream().filter(state -> state.meaning() == State.AT_SERVING).forEach(serving::clause);
        return serving;
    }

    /** Indexes of the words that are kept for serving. */
    IntStream served() {
        return served.stream();
    }

    /** Whether it says at all that something is, not only that more of it will be. */
    boolean isSaid() {
        return said;
    }

    private void clause(Found<State> said) {
        boolean number = said.end() < tokens.size() && tokens.get(said.end()).isNumber();
        String before = said.start() > 0 ? words.get(said.start() - 1) : "";
        if (number || before.equals("enough") || before.equals("ready")) {
            return;
        }
        int start = said.start();
        while (start > 0 && !tokens.get(start - 1).isBreak()) {
            start--;
        }
        int end = said.end();
        while (end < tokens.size() && !tokens.get(end).isBreak()) {
            end++;
        }
        int from = start;
        int to = end;
        boolean onlyMore = IntStream.range(start, said.start()).anyMatch(at -> MORE.contains(words.get(at)));
        this.said |= !onlyMore;
        List<Found<Mention>> inside = mentions.stream()
                .filter(mention -> mention.start() >= from && mention.end() <= to)
                .toList();
        List<Found<Mention>> behind =
                inside.stream().filter(mention -> mention.start() >= said.end()).toList();
        if (!behind.isEmpty()) {
            behind.forEach(this::keep);
        } else if (!inside.isEmpty()) {
            keepFromTheEnd(inside);
        } else if (!onlyMore && IntStream.range(from, to).noneMatch(leftOver)) {
            keepFromTheEnd(
                    mentions.stream().filter(mention -> mention.end() <= from).toList());
        }
    }

    /** The last thing named, and before it whatever has no time of its own. */
    private void keepFromTheEnd(List<Found<Mention>> named) {
        for (int at = named.size() - 1; at >= 0; at--) {
            boolean last = at == named.size() - 1;
            boolean timed = isTimed(named.get(at).meaning());
            if (!last && timed) {
                return;
            }
            keep(named.get(at));
            if (timed) {
                return;
            }
        }
    }

    private static boolean isTimed(Mention mention) {
        return mention.foods().stream().anyMatch(food -> food.kind().isSolid());
    }

    private void keep(Found<Mention> mention) {
        served.set(mention.start(), mention.end());
    }
}

package org.mobrel.recipe;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.IntPredicate;
import org.mobrel.recipe.Phrases.Found;

/**
 * Words of a line that no vocabulary holds.
 *
 * @param rest the line behind its amount
 * @param isLeftOver whether the word at an index is one of them
 */
record LeftOverWords(String rest, List<Token> tokens, Lexicon lexicon, IntPredicate isLeftOver) {

    private String typed(int start, int end) {
        return rest.substring(tokens.get(start).start(), tokens.get(end - 1).end());
    }

    /** Words beside each other that no vocabulary holds are asked about together. */
    List<LineReading.Leftover> together() {
        List<LineReading.Leftover> leftovers = new ArrayList<>();
        for (Found<Boolean> run : leftOverRuns()) {
            leftovers.add(new LineReading.Leftover(typed(run.start(), run.end()), offers(run)));
        }
        return leftovers;
    }

    /** Words of a sentence that no vocabulary holds, and that may be food or what is done to it. */
    List<String> unread() {
        List<String> unread = new ArrayList<>();
        for (int at = 0; at < tokens.size(); at++) {
            String word = typed(at, at + 1);
            if (isLeftOver.test(at) && word.length() > 2 && !GeneralWords.namesNoFood(word)) {
                unread.add(word);
            }
        }
        return unread;
    }

    private List<Found<Boolean>> leftOverRuns() {
        List<Found<Boolean>> runs = new ArrayList<>();
        int at = 0;
        while (at < tokens.size()) {
            int end = at;
            while (end < tokens.size() && isLeftOver.test(end)) {
                end++;
            }
            if (end > at) {
                runs.add(new Found<>(true, at, end));
            }
            at = Math.max(end, at + 1);
        }
        return runs;
    }

    /** Foods that the words may have been, by their letters alone. */
    private List<Mention> offers(Found<Boolean> run) {
        StringBuilder mended = new StringBuilder();
        boolean changed = false;
        for (int at = run.start(); at < run.end(); at++) {
            String typed = typed(at, at + 1);
            Optional<String> near = lexicon.nearFoodWord(typed);
            changed |= near.isPresent();
            mended.append(near.orElse(typed)).append(' ');
        }
        return changed
                ? lexicon
                        .meaning(mended.toString().strip())
                        .filter(mention -> mention.foods().size() == 1 && mention.open() == null)
                        .stream()
                        .toList()
                : List.of();
    }
}

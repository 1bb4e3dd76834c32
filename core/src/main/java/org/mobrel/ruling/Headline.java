package org.mobrel.ruling;

import java.util.List;
import java.util.stream.Collectors;
import org.mobrel.finding.Finding;
import org.mobrel.recipe.IngredientLine;
import org.mobrel.recipe.Mention;

/** The answer in a sentence, such as 'Kidney beans set the time: 90 min in quarts.' */
final class Headline {

    private static final String[] NUMBERS = {
        "No", "One", "Two", "Three", "Four", "Five", "Six", "Seven", "Eight", "Nine", "Ten"
    };

    private Headline() {}

    static String of(Timing timing, List<LineRuling> lines, JarContents contents) {
        String answer = timing.minutes().value() + " min in " + timing.timedBy().label() + "s.";
        return switch (timing.setBy()) {
            case LINE -> setters(timing.pacesetters(), lines) + ": " + answer;
            case SOUP_TABLE ->
                contents.hasSeafood()
                        ? "The soup table's seafood line sets the time: " + answer
                        : "The soup table sets the time, not an ingredient: " + answer;
            case MIXED_VEGETABLE_TABLE -> "The mixed-vegetable row sets the time: " + answer;
            case SINGLE_FOOD -> "One food alone, by its own tested time: " + answer;
        };
    }

    static String ofStop(List<Finding> findings) {
        long stops = findings.stream().filter(Finding::isStop).count();
        String many = stops < NUMBERS.length ? NUMBERS[(int) stops] : Long.toString(stops);
        return stops == 1 ? "One thing stops this." : many + " things stop this.";
    }

    static String ofQuestions(int open) {
        String many = open < NUMBERS.length ? NUMBERS[open] : Integer.toString(open);
        return open == 1 ? "One question first." : many + " questions first.";
    }

    private static String setters(List<Integer> pacesetters, List<LineRuling> lines) {
        List<String> names = pacesetters.stream()
                .map(index -> name(lines.get(index).line()))
                .distinct()
                .toList();
        if (names.size() == 1) {
            String only = names.get(0);
            return Findings.capital(only) + (isPlural(only) ? " set the time" : " sets the time");
        }
        return Findings.capital(joined(names)) + " tie and set the time";
    }

    /** 'beans', 'beans and kale', 'beans, kale and squash'. */
    static String joined(List<String> names) {
        if (names.size() < 2) {
            return String.join("", names);
        }
        String last = names.get(names.size() - 1);
        return names.stream().limit(names.size() - 1L).collect(Collectors.joining(", ")) + " and " + last;
    }

    /** What a cook would call the line's food: the recipe's own word for it. */
    static String name(IngredientLine line) {
        return line.mentions().stream()
                .filter(mention -> mention.food().isPresent())
                .map(Mention::phrase)
                .findFirst()
                .orElse(line.text());
    }

    private static boolean isPlural(String name) {
        return name.endsWith("s") && !name.endsWith("ss") && !name.endsWith("us");
    }
}

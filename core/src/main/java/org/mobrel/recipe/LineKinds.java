package org.mobrel.recipe;

import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;

/** Tells ingredients from the headings and the steps that are pasted along with them. */
final class LineKinds {

    private static final Pattern HEADING = Pattern.compile(
            "(?:ingredients|directions|method|instructions|preparation|steps|notes?|for the [\\p{L} ]{2,40}|to (?:serve|finish))\\s*:?",
            Pattern.CASE_INSENSITIVE);

    private static final Set<String> OF_SENTENCES = Set.of("until", "minute", "min", "hour", "then", "while");

    private LineKinds() {}

    static LineKind of(String text, String rest, List<String> words, AmountReader.Read amount) {
        if (text.isBlank()) {
            return LineKind.HEADING;
        }
        if (NotIngredients.is(text)) {
            return LineKind.NOT_INGREDIENT;
        }
        if (amount.amount().isPresent()) {
            return LineKind.INGREDIENT;
        }
        if (rest.endsWith(":") || HEADING.matcher(rest).matches()) {
            return LineKind.HEADING;
        }
        return isStep(rest, words, amount.numbered()) ? LineKind.STEP : LineKind.INGREDIENT;
    }

    private static boolean isStep(String rest, List<String> words, boolean numbered) {
        if (words.size() < 3) {
            return false;
        }
        String first = words.get(0);
        boolean sentence = numbered || rest.endsWith(".") || words.stream().anyMatch(OF_SENTENCES::contains);
        boolean plain = WorkVerbs.BEGINNING.contains(first) && (sentence || words.contains("the") || words.size() > 4);
        boolean told = numbered || rest.endsWith(".") || words.contains("until") || words.contains("then");
        boolean doubtful = WorkVerbs.TOLD.contains(first) && told && words.size() > 2;
        return plain || doubtful;
    }
}

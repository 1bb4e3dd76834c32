package org.mobrel.recipe;

import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;

/** Tells ingredients from the headings and the steps that are pasted along with them. */
final class LineKinds {

    private static final Pattern HEADING = Pattern.compile(
            "(?:ingredients|directions|method|instructions|preparation|steps|notes?|for the [\\p{L} ]{2,40}|to (?:serve|finish))\\s*:?",
            Pattern.CASE_INSENSITIVE);

    /** Verbs that begin a step and hardly ever an ingredient; 'brown', 'roast' and 'cut' begin either. */
    private static final Set<String> VERBS = Set.of(
            "soak",
            "drain",
            "rinse",
            "sort",
            "boil",
            "simmer",
            "bring",
            "add",
            "stir",
            "cook",
            "ladle",
            "saute",
            "sauté",
            "combine",
            "place",
            "pour",
            "remove",
            "skim",
            "return",
            "wipe",
            "adjust",
            "leave",
            "put",
            "let",
            "serve",
            "strain",
            "discard",
            "transfer",
            "repeat",
            "load",
            "vent",
            "reduce",
            "continue",
            "reheat",
            "preheat",
            "prepare",
            "puree",
            "purée",
            "liquidise",
            "liquidize",
            "blitz",
            "whizz",
            "thicken",
            "dredge",
            "whisk");

    /** Verbs that begin a step only where the line is plainly a sentence. */
    private static final Set<String> VERBS_OF_SENTENCES = Set.of(
            "fill",
            "pack",
            "cover",
            "process",
            "set",
            "wash",
            "cool",
            "turn",
            "warm",
            "fry",
            "heat",
            "chill",
            "lower",
            "brown",
            "roast",
            "cut",
            "chop",
            "dice",
            "peel",
            "slice",
            "season",
            "mix",
            "trim",
            "grind",
            "mash",
            "blend",
            "toss",
            "dust",
            "taste",
            "when",
            "once",
            "after",
            "meanwhile",
            "then",
            "in");

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
        boolean plain = VERBS.contains(first) && (sentence || words.contains("the") || words.size() > 4);
        boolean told = numbered || rest.endsWith(".") || words.contains("until") || words.contains("then");
        boolean doubtful = VERBS_OF_SENTENCES.contains(first) && told && words.size() > 2;
        return plain || doubtful;
    }
}

package org.mobrel.recipe;

import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;

/**
 * Lines that stand among ingredients and are none: yields, times and equipment. Each pattern has to match the whole line, so that a
 * word too many makes it an ingredient again.
 */
final class NotIngredients {

    private static final String NUMBER = "(?:about |approx(?:\\.|imately)? |roughly |around )?(?:" + NumberText.PATTERN
            + "|one|two|three|four|five|six|seven|eight|nine|ten|twelve)(?:\\s*(?:-|to|or)\\s*" + NumberText.PATTERN
            + ")?";
    private static final String VESSELS =
            "(?:(?:full |half |wide[- ]mouth |regular )*(?:quarts?|pints?|half[- ]pints?|litres?|liters?|jars?|cups?|servings?|portions?|people|persons|gallons?|bowls?)(?: jars?)?)";
    private static final String TIME = "\\d+(?:\\s*(?:-|to)\\s*\\d+)?\\s*(?:min(?:ute)?s?|h(?:ou)?rs?|h)\\.?";

    private static final List<Pattern> WHOLE_LINES = List.of(
            // 'Makes 7 quarts', 'Serves 8', 'Yield: about 7 quart jars'
            line("(?:makes?|yields?|serves?|servings?|portions?|fills?)\\s*:?\\s*" + NUMBER + "(?: " + VESSELS + ")*"),
            line(NUMBER + " servings?"),
            // 'Prep time: 20 min'
            line(
                    "(?:(?:prep(?:aration)?|cook(?:ing)?|total|process(?:ing)?|canning|active|inactive|soaking|resting|hands-on)"
                            + "(?: time)?|time)\\s*:?\\s*" + TIME + "(?:\\s*(?:and )?" + TIME + ")?"),
            // 'Process pints 55 minutes', 'Process quarts 90 minutes at 10 lb pressure'
            line("process(?: (?:pints?|quarts?|half-pints?))?:? (?:for )?" + TIME
                    + "(?:,? (?:at )?\\d+ (?:lbs?|pounds?|psi)(?: (?:of )?pressure)?)?"),
            line("(?:at )?\\d+ (?:lbs?|pounds?|psi)(?: (?:of )?pressure)?"),
            // '7 quart jars', 'new lids', 'canning jars, lids and bands'
            line(
                    "(?:" + NUMBER
                            + " )?(?:(?:new|clean|hot|sterili[sz]ed|wide[- ]mouth|regular|canning|glass|quart|pint|half-pint|flat)[- ])*"
                            + "(?:jars?|lids?|bands?|rings?)(?:(?:,| and|, and| with| &)? ?(?:new |clean )?(?:jars?|lids?|bands?|rings?))*"),
            line(
                    "(?:an? |the )?(?:(?:large|big|heavy|deep|wide|pressure)[- ])*(?:pressure canner|canner|stock ?pot|ladle|funnel|canning funnel|jar lifter|jar rack|rack|tongs|headspace tool|bubble tool|timer|clean towels?|cheesecloth|muslin)"),
            line("(?:" + NUMBER
                    + " (?:tbsp|tablespoons?|cups?|quarts?|qt|litres?|liters?|l) )?(?:(?:white|distilled|hot|plain) )*"
                    + "(?:vinegar|water) (?:for|in) the canner(?: water)?"),
            line(
                    "(?:white |distilled |distilled white )?vinegar (?:for|to) (?:wip(?:e|ing)|clean(?:ing)?)(?: the)?(?: jar)? rims"));

    private NotIngredients() {}

    private static Pattern line(String whole) {
        return Pattern.compile(whole, Pattern.CASE_INSENSITIVE);
    }

    static boolean is(String text) {
        String bare = NumberText.plain(text).strip().replaceAll("[.!]+$", "");
        if (bare.length() > 80 || !mayBe(bare.toLowerCase(Locale.ROOT))) {
            return false;
        }
        return WHOLE_LINES.stream().anyMatch(pattern -> pattern.matcher(bare).matches());
    }

    /** A quick look that spares most lines the patterns. */
    private static boolean mayBe(String text) {
        return MARKS.stream().anyMatch(text::contains);
    }

    private static final List<String> MARKS = List.of(
            "make", "yield", "serv", "portion", "fill", "time", "prep", "cook", "process", "lb", "pound", "psi", "jar",
            "lid", "band", "ring", "canner", "pot", "ladle", "funnel", "rack", "tongs", "tool", "towel", "cloth",
            "muslin", "rims");
}

package org.mobrel.recipe;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Reads the amount of a line: '1 1/2 lb', '2-3 cups', '1 (15-oz) can', '½ tsp', '900g', 'a pinch', 'carrots, 2 lb'. */
final class AmountReader {

    /**
     * An amount, and the rest of the line.
     *
     * @param numbered whether the line bore a number as steps do: '2. Simmer'
     */
    record Read(Optional<Amount> amount, String rest, boolean numbered) {}

    private static final String NUMBER = NumberText.PATTERN;
    private static final String MEASURE =
            "fl\\.? ?oz|ounces?|oz|grams?|kg|g|pounds?|lbs?|ml|cl|l|lit(?:er|re)s?|quarts?|qt|pints?|pt|cups?";
    private static final String CONTAINER =
            "cans?|tins?|packages?|packets?|packs?|pkgs?|bags?|jars?|bottles?|boxes|box|cartons?|tubs?";

    private static final Pattern BULLET = Pattern.compile("^\\s*(?:[-*•·▢☐◦]\\s+|\\[ ?\\]\\s*|[•▢☐]\\s*)");
    private static final Pattern NUMBERING =
            Pattern.compile("^\\s*(?:step\\s+)?\\d{1,2}[.):]\\s+(?=[\\p{L}\\d])", Pattern.CASE_INSENSITIVE);
    private static final Pattern QUALIFIER = Pattern.compile(
            "^\\s*(?:okay so|ok so|okay|so|about|approx\\.?|approximately|roughly|around|ca\\.?|scant|heaped|heaping|generous|rounded|level|good|at least|up to|just under|just over|a little over|a little under|not quite|nearly|almost|just shy of|a bit (?:over|under)|close to|maybe|probably|a good|a full|slightly over|slightly under|a scant|a generous|a heaped|a rounded|~)\\s*(?:an? (?!dozen|couple))?(?=[\\d.]|half|cup|tea|table|tsp|tbsp|one\\b|two\\b|three\\b|four\\b|five\\b|six\\b|seven\\b|eight\\b|nine\\b|ten\\b|twelve\\b|quart|pint|pound|an? (?:dozen|couple)\\b)",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern UNIT_FIRST =
            Pattern.compile("^(?:cup|tea|table|tsp|tbsp|quart|pint|pound)", Pattern.CASE_INSENSITIVE);
    private static final Pattern START = Pattern.compile(
            "^\\s*(" + NUMBER + ")(?:\\s*(?:-|to|or)\\s*(" + NUMBER + "))?(?![\\d/])\\s*(.*)$",
            Pattern.CASE_INSENSITIVE | Pattern.DOTALL);
    private static final Pattern SIZED_PACKAGE = Pattern.compile(
            "^(?:[x×]\\s*)?\\(?\\s*(?:about )?(" + NUMBER + ")\\s*-?\\s*(" + MEASURE + ")\\.?\\s*\\)?[\\s-]*(?:"
                    + CONTAINER + ")\\b\\.?\\s*(?:of\\s+)?(.*)$",
            Pattern.CASE_INSENSITIVE | Pattern.DOTALL);
    private static final Pattern PACKAGE_WITH_SIZE = Pattern.compile(
            "^(?:" + CONTAINER + ")\\s*\\(\\s*(?:about )?(" + NUMBER + ")\\s*-?\\s*(" + MEASURE
                    + ")\\.?(?: each)?\\s*\\)\\s*(?:of\\s+)?(.*)$",
            Pattern.CASE_INSENSITIVE | Pattern.DOTALL);
    private static final Pattern TIMES = Pattern.compile(
            "^[x×]\\s*(" + NUMBER + ")\\s*(" + MEASURE + ")\\b\\.?\\s*(.*)$",
            Pattern.CASE_INSENSITIVE | Pattern.DOTALL);
    private static final Pattern SIZE_WORD = Pattern.compile(
            "^(?:(?:extra[- ])?(?:small|medium|large)(?:[- ]sized)?|big|good-sized|heaped|heaping|scant|rounded|level|generous)[\\s,]+(?=\\S)",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern UNIT = Pattern.compile(
            "^(fl\\.? ?oz|fluid ounces?|[\\p{L}]+)\\.?(?=$|[\\s,(])\\s*(?:of\\s+(?:the\\s+)?)?(.*)$",
            Pattern.DOTALL | Pattern.CASE_INSENSITIVE);
    private static final Pattern MORE = Pattern.compile(
            "^(?:plus |\\+ ?|and )?(" + NUMBER + ")\\s*([\\p{L}]+)\\.?(?=$|[\\s,(])\\s*(?:of\\s+)?(.*)$",
            Pattern.DOTALL | Pattern.CASE_INSENSITIVE);
    private static final Pattern TRACE = Pattern.compile(
            "^\\s*(?:(?:an?|one|a few|few|some) )?(?:small |large |good |generous |big )?(pinch|dash|sprig|handful|drop|splash|drizzle|glug|little bit|bit|touch|smidgen|hint)(?:es|s)?\\s+(?!in\\b|into\\b|on\\b)(?:of\\s+)?(.*)$",
            Pattern.CASE_INSENSITIVE | Pattern.DOTALL);
    private static final Pattern AT_END = Pattern.compile(
            "^(.*[\\p{L})])\\s*[,(:-]?\\s*\\b(" + NUMBER + ")(?:\\s*-\\s*(" + NUMBER + "))?\\s*(" + MEASURE
                    + "|tbsp|tsp|tablespoons?|teaspoons?|kilos?)\\.?\\s*\\)?\\s*$",
            Pattern.CASE_INSENSITIVE | Pattern.DOTALL);
    private static final Pattern ONE = Pattern.compile(", an? (?=pound|quart|pint|cup|kilo)", Pattern.CASE_INSENSITIVE);
    /** 'Green beans, 2 quarts, snapped'. */
    private static final Pattern WITHIN = Pattern.compile(
            "^([^,(:\\d]*[\\p{L})])\\s*(?:[,(:]|\\s-)?\\s*\\b(" + NUMBER + ")\\s*(" + MEASURE
                    + "|kilos?)\\.?\\s*(?=[,)]|\\s-\\s)(?!,? (?:each|per|a jar))[,)]?\\s*(.*)$",
            Pattern.CASE_INSENSITIVE | Pattern.DOTALL);
    /** 'Carrots, 2 x 400 g' and 'Tomatoes - 2 (400 g) tins'. */
    private static final Pattern TIMES_AT_END = Pattern.compile(
            "^(.*[\\p{L})])\\s*[,(:–-]?\\s*\\b(" + NUMBER + ")\\s*(?:[x×]\\s*|(?=\\())\\(?\\s*(" + NUMBER
                    + ")\\s*-?\\s*(" + MEASURE + ")\\.?\\s*\\)?\\s*-?(?:" + CONTAINER + ")?\\s*(?:each)?\\s*\\)?\\s*$",
            Pattern.CASE_INSENSITIVE | Pattern.DOTALL);
    /** '1 red and 1 green pepper' are two peppers. */
    private static final Pattern ONE_AND_ANOTHER =
            Pattern.compile("^([\\p{L}]+) and (\\d{1,2}|one|two|three) ([\\p{L}]+ .*)$", Pattern.CASE_INSENSITIVE);

    private static final Pattern FLUID = Pattern.compile("fl\\.? ?oz");
    private static final BigDecimal MOST = BigDecimal.valueOf(1_000_000);

    private AmountReader() {}

    static Read read(String line) {
        String plain = NumberText.plain(line);
        String bare = without(BULLET, plain);
        String unnumbered = without(NUMBERING, bare);
        boolean numbered = !unnumbered.equals(bare);
        Matcher trace = TRACE.matcher(unnumbered);
        if (trace.matches()) {
            return new Read(amount(BigDecimal.ONE, MeasureUnit.PINCH), trace.group(2), numbered);
        }
        String exact = without(QUALIFIER, unnumbered).stripLeading();
        // 'A scant cup of beans' is one.
        boolean one = !exact.equals(unnumbered.stripLeading())
                && UNIT_FIRST.matcher(exact).find();
        String counted = Figures.atStart(one ? "1 " + exact : exact);
        Matcher start = START.matcher(counted);
        if (!start.matches()) {
            return atEnd(unnumbered, numbered);
        }
        // Of a range the upper end counts: it asks for more room and more time to prepare, never for less.
        Optional<BigDecimal> value = NumberText.value(start.group(2) == null ? start.group(1) : start.group(2));
        Optional<Found> found = value.map(number -> withUnit(number, start.group(3)));
        return found.map(known -> new Read(known.amount(), known.rest(), numbered))
                .orElseGet(() -> new Read(Optional.empty(), unnumbered, numbered));
    }

    private static String without(Pattern pattern, String text) {
        Matcher found = pattern.matcher(text);
        return found.find() ? text.substring(found.end()) : text;
    }

    private record Found(Optional<Amount> amount, String rest) {}

    private static Found withUnit(BigDecimal value, String rest) {
        for (Pattern sized : new Pattern[] {SIZED_PACKAGE, PACKAGE_WITH_SIZE, TIMES}) {
            Matcher pack = sized.matcher(Figures.beforeUnits(rest));
            if (pack.matches() && rest.endsWith(pack.group(3))) {
                Optional<Amount> total = NumberText.value(pack.group(1))
                        .flatMap(each -> unit(pack.group(2)).flatMap(unit -> amount(value.multiply(each), unit)));
                return new Found(total, pack.group(3));
            }
        }
        String bare = without(SIZE_WORD, rest);
        Matcher word = UNIT.matcher(bare);
        if (word.matches()) {
            Optional<MeasureUnit> unit = unit(word.group(1));
            if (unit.isPresent() && (isMeasure(unit.get()) || !word.group(2).isBlank())) {
                return withMore(value, unit.get(), word.group(2));
            }
        }
        Matcher both = ONE_AND_ANOTHER.matcher(bare);
        Optional<BigDecimal> second =
                both.matches() ? NumberText.value(Figures.everywhere(both.group(2))) : Optional.empty();
        return second.map(other ->
                        new Found(amount(value.add(other), MeasureUnit.PIECE), both.group(1) + " and " + both.group(3)))
                .orElseGet(() -> new Found(amount(value, MeasureUnit.PIECE), bare));
    }

    private static boolean isMeasure(MeasureUnit unit) {
        return unit.kind() == MeasureUnit.Kind.MASS || unit.kind() == MeasureUnit.Kind.VOLUME;
    }

    /** '1 lb 4 oz' and '1 cup plus 2 tbsp' are one amount, in the unit of the first. */
    private static Found withMore(BigDecimal value, MeasureUnit unit, String rest) {
        Matcher more = MORE.matcher(rest);
        if (more.matches() && !more.group(3).isBlank()) {
            Optional<MeasureUnit> smaller =
                    unit(more.group(2)).filter(other -> other.kind() == unit.kind() && other.size() < unit.size());
            Optional<BigDecimal> added = NumberText.value(more.group(1));
            if (smaller.isPresent() && added.isPresent()) {
                BigDecimal share = added.get()
                        .multiply(BigDecimal.valueOf(smaller.get().size()))
                        .divide(BigDecimal.valueOf(unit.size()), 6, RoundingMode.HALF_UP);
                return new Found(amount(value.add(share), unit), more.group(3));
            }
        }
        return new Found(amount(value, unit), rest);
    }

    private static Optional<MeasureUnit> unit(String spelled) {
        // "T" is a tablespoon and "t" a teaspoon wherever recipes use the letters at all.
        return switch (spelled) {
            case "T" -> Optional.of(MeasureUnit.TABLESPOON);
            case "t" -> Optional.of(MeasureUnit.TEASPOON);
            default ->
                MeasureUnit.ofWord(
                        FLUID.matcher(spelled.toLowerCase(Locale.ROOT)).replaceAll("fl oz"));
        };
    }

    /** 'Carrots, 2 lb', 'pork stock (3 qt)' and 'carrots 2 x 400 g'. */
    private static Read atEnd(String line, boolean numbered) {
        String figures = Figures.beforeUnits(line);
        Matcher times = TIMES_AT_END.matcher(figures);
        if (times.matches() && line.startsWith(times.group(1))) {
            Optional<Amount> total = NumberText.value(times.group(2)).flatMap(count -> NumberText.value(times.group(3))
                    .flatMap(each -> unit(times.group(4)).flatMap(unit -> amount(count.multiply(each), unit))));
            if (total.isPresent()) {
                return new Read(total, times.group(1).strip(), numbered);
            }
        }
        Matcher end = AT_END.matcher(figures);
        if (end.matches() && line.startsWith(end.group(1))) {
            Optional<Amount> amount = NumberText.value(end.group(3) == null ? end.group(2) : end.group(3))
                    .flatMap(value -> unit(end.group(4)).flatMap(unit -> amount(value, unit)));
            if (amount.isPresent()) {
                return new Read(amount, end.group(1).strip(), numbered);
            }
        }
        Matcher within = WITHIN.matcher(ONE.matcher(figures).replaceFirst(", 1 "));
        if (within.matches() && line.startsWith(within.group(1)) && line.endsWith(within.group(4))) {
            Optional<Amount> amount = NumberText.value(within.group(2))
                    .flatMap(value -> unit(within.group(3)).flatMap(unit -> amount(value, unit)));
            if (amount.isPresent()) {
                return new Read(amount, within.group(1).strip() + ", " + within.group(4), numbered);
            }
        }
        return new Read(Optional.empty(), line, numbered);
    }

    private static Optional<Amount> amount(BigDecimal value, MeasureUnit unit) {
        return value.signum() > 0 && value.compareTo(MOST) <= 0
                ? Optional.of(new Amount(value, unit))
                : Optional.empty();
    }
}

package org.mobrel.recipe;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * Numbers as people write and say them, put into plain figures: 'twenty-five' is '25', '1-1/2', '1 - 1/2', 'one and a half' and '1½' are all
 * '1 1/2', 'an inch and a half' is '1 1/2 inch'. The one reader of numbers for lines, sizes, steps and times.
 */
final class Figures {

    /** No unit, and no range that ends in one. */
    private static final int NONE = -1;

    private static final int OF_A_RANGE = -2;

    /** Which numbers in words become figures. */
    private enum Where {
        /** All of them: in a step. */
        EVERYWHERE,
        /** Those before a unit; the five of five-spice is none. */
        BEFORE_UNITS,
        /** The first words of a line, whatever they count. */
        AT_START
    }

    /** @param word in small letters, a number with its signs, or one other sign */
    private record Part(String word, int start, int end) {}

    /** @param end the index of the part behind it */
    private record Number(int whole, int above, int below, boolean article, int end) {
        private String text() {
            return below == 1 ? String.valueOf(whole) : (whole == 0 ? "" : whole + " ") + above + "/" + below;
        }

        private boolean isWhole() {
            return below == 1;
        }
    }

    private final String text;
    private final List<Part> parts;

    private Figures(String text) {
        this.text = text;
        this.parts = partsOf(text);
    }

    /** Every number of a sentence. */
    static String everywhere(String plain) {
        return new Figures(plain).replaced(Where.EVERYWHERE);
    }

    /** Numbers before a unit, and mixed numbers wherever they are. */
    static String beforeUnits(String plain) {
        return new Figures(plain).replaced(Where.BEFORE_UNITS);
    }

    /** The number that a line begins with: 'half a turkey' is '1/2 turkey'. */
    static String atStart(String plain) {
        return new Figures(plain).replaced(Where.AT_START);
    }

    private static List<Part> partsOf(String text) {
        List<Part> parts = new ArrayList<>();
        int at = 0;
        while (at < text.length()) {
            int end = at + 1;
            if (Character.isLetter(text.charAt(at))) {
                while (end < text.length() && (Character.isLetter(text.charAt(end)) || text.charAt(end) == '\'')) {
                    end++;
                }
            } else if (Character.isDigit(text.charAt(at))) {
                while (end < text.length()
                        && (Character.isDigit(text.charAt(end))
                                || "./,".indexOf(text.charAt(end)) >= 0
                                        && end + 1 < text.length()
                                        && Character.isDigit(text.charAt(end + 1)))) {
                    end++;
                }
            } else if (Character.isWhitespace(text.charAt(at))) {
                at = end;
                continue;
            }
            parts.add(new Part(text.substring(at, end).toLowerCase(Locale.ROOT), at, end));
            at = end;
        }
        return parts;
    }

    private String replaced(Where where) {
        StringBuilder figures = new StringBuilder(text.length());
        int copied = 0;
        int at = 0;
        while (at < parts.size()) {
            Optional<Number> number = number(at);
            if (number.isEmpty()) {
                if (where == Where.AT_START) {
                    break;
                }
                at++;
                continue;
            }
            Number found = number.get();
            int unit = unitBehind(found);
            Optional<Number> longer = unit < 0 ? Optional.empty() : andAPart(found, unit);
            if (unit >= 0 && longer.isPresent()) {
                figures.append(text, copied, parts.get(at).start())
                        .append(longer.get().text())
                        .append(' ')
                        .append(text, parts.get(unit).start(), parts.get(unit).end());
                copied = parts.get(longer.get().end() - 1).end();
                at = longer.get().end();
            } else if (becomesFigures(found, at, unit, where)) {
                int behind = glue(found, unit, where);
                figures.append(text, copied, parts.get(at).start()).append(found.text());
                copied = behind < parts.size() ? parts.get(behind).start() : text.length();
                copied = behind == found.end() ? parts.get(found.end() - 1).end() : copied;
                if (behind > found.end()) {
                    figures.append(' ');
                }
                at = behind;
            } else {
                at = found.end();
            }
            if (where == Where.AT_START && !isRange(at)) {
                break;
            }
            at += where == Where.AT_START ? 1 : 0;
        }
        return figures.append(text, copied, text.length()).toString();
    }

    private boolean becomesFigures(Number number, int at, int unit, Where where) {
        boolean inFigures = Character.isDigit(parts.get(at).word().charAt(0));
        if (inFigures) {
            return !number.isWhole() && number.end() > at + 1;
        }
        if (where == Where.AT_START) {
            // Neither the half of half-and-half nor the a of a pinch that has no word behind it.
            return number.end() < parts.size()
                    && !isSign(number.end(), '-')
                    && !(word(number.end()).equals("and")
                            && word(number.end() + 1).equals("half"));
        }
        if (number.article() && number.isWhole()) {
            return unit == number.end() && NumberWords.COUNTED_BY_ARTICLE.contains(word(unit));
        }
        if (unit != NONE) {
            // A half-pint and a half-gallon are jars, not amounts.
            boolean jar = number.whole() == 0
                    && unit == (isSign(number.end(), '-') ? number.end() + 1 : number.end())
                    && (word(unit).startsWith("pint") || word(unit).startsWith("gallon"));
            return !jar && !(number.article() && word(unit).startsWith("second"));
        }
        return where == Where.EVERYWHERE
                && (number.isWhole() ? !NumberWords.PARTS.containsKey(word(number.end())) : number.whole() > 0);
    }

    /** The part that goes on behind a number, without the little words between it and what it counts. */
    private int glue(Number number, int unit, Where where) {
        int at = number.end();
        if (where != Where.AT_START && unit == NONE || number.isWhole()) {
            return at;
        }
        int of = word(at).equals("of") ? at + 1 : at;
        if (NumberWords.ARTICLES.contains(word(of))) {
            return of + 1;
        }
        return at;
    }

    /** The index of the unit that a number is of; or else {@link #OF_A_RANGE} or {@link #NONE}. */
    private int unitBehind(Number number) {
        int at = number.end();
        if (!number.isWhole() || number.article()) {
            int of = word(at).equals("of") ? at + 1 : at;
            at = NumberWords.ARTICLES.contains(word(of)) ? of + 1 : at;
        }
        if (isSign(at, '-')) {
            at++;
        }
        if (NumberWords.UNITS.contains(word(at))) {
            // "in" is an inch only where it does not begin "in a pot".
            return word(at).equals("in") && !isSign(at + 1, '.') && !isSign(at + 1, '-') ? NONE : at;
        }
        if (NumberWords.RANGES.contains(word(at)) || isSign(number.end(), '-')) {
            int next = NumberWords.RANGES.contains(word(at)) ? at + 1 : at;
            return number(next)
                    .filter(other -> other.end() > next)
                    .map(other -> word(other.end()))
                    .filter(NumberWords.UNITS::contains)
                    .map(unit -> OF_A_RANGE)
                    .orElse(NONE);
        }
        return NONE;
    }

    /** 'An hour and a half'. */
    private Optional<Number> andAPart(Number number, int unit) {
        if (!number.isWhole() || !word(unit + 1).equals("and") || !NumberWords.ARTICLES.contains(word(unit + 2))) {
            return Optional.empty();
        }
        Integer below = NumberWords.PARTS.get(word(unit + 3));
        // A pint-and-a-half is a jar: seven of them are not seven and a half pints.
        boolean jar = word(unit).startsWith("pint") && !number.article();
        return below == null || below > 4 || jar
                ? Optional.empty()
                : Optional.of(new Number(number.whole(), 1, below, false, unit + 4));
    }

    private boolean isRange(int at) {
        return NumberWords.RANGES.contains(word(at)) && number(at + 1).isPresent();
    }

    private String word(int at) {
        return at >= 0 && at < parts.size() ? parts.get(at).word() : "";
    }

    private boolean isSign(int at, char sign) {
        return word(at).length() == 1 && word(at).charAt(0) == sign;
    }

    private Optional<Number> number(int at) {
        Optional<Number> whole = inFigures(at).or(() -> inWords(at));
        return whole.map(this::withFraction).or(() -> part(at));
    }

    private Optional<Number> inFigures(int at) {
        String word = word(at);
        boolean plain = !word.isEmpty() && word.length() <= 4 && word.chars().allMatch(Character::isDigit);
        boolean behindFraction = at > 0
                && (isSign(at - 1, '/') || parts.get(at - 1).word().contains("/"))
                && plain
                && parts.get(at).start() == parts.get(at - 1).end();
        return plain && !behindFraction
                ? Optional.of(new Number(Integer.parseInt(word), 0, 1, false, at + 1))
                : Optional.empty();
    }

    private Optional<Number> inWords(int at) {
        boolean article = NumberWords.ARTICLES.contains(word(at));
        Integer tens = NumberWords.TENS.get(word(at));
        Integer ones = NumberWords.ONES.get(word(at));
        if (word(at).equals("hundred")
                || (article || ones != null && ones < 10) && word(at + 1).equals("hundred")) {
            int next = word(at).equals("hundred") ? at + 1 : at + 2;
            int hundreds = ones == null ? 100 : 100 * ones;
            int rest = word(next).equals("and") ? next + 1 : next;
            return belowHundred(rest)
                    .map(more -> new Number(hundreds + more.whole(), 0, 1, false, more.end()))
                    .or(() -> Optional.of(new Number(hundreds, 0, 1, false, next)));
        }
        if (article && word(at + 1).equals("dozen")) {
            return Optional.of(new Number(12, 0, 1, false, at + 2));
        }
        if (article && word(at + 1).equals("couple")) {
            return Optional.of(new Number(2, 0, 1, false, word(at + 2).equals("of") ? at + 3 : at + 2));
        }
        if (word(at).equals("dozen")) {
            return Optional.of(new Number(12, 0, 1, false, at + 1));
        }
        if (ones != null && word(at + 1).equals("dozen")) {
            return Optional.of(new Number(12 * ones, 0, 1, false, at + 2));
        }
        if (word(at).equals("half") && article(at + 1) && word(at + 2).equals("dozen")) {
            return Optional.of(new Number(6, 0, 1, false, at + 3));
        }
        if (article) {
            return NumberWords.PARTS.containsKey(word(at + 1))
                    ? Optional.empty()
                    : Optional.of(new Number(1, 0, 1, true, at + 1));
        }
        return tens == null && ones == null ? Optional.empty() : belowHundred(at);
    }

    private boolean article(int at) {
        return NumberWords.ARTICLES.contains(word(at));
    }

    private Optional<Number> belowHundred(int at) {
        Integer tens = NumberWords.TENS.get(word(at));
        if (tens != null) {
            int next = isSign(at + 1, '-') ? at + 2 : at + 1;
            Integer ones = NumberWords.ONES.get(word(next));
            return Optional.of(
                    ones != null && ones < 10
                            ? new Number(tens + ones, 0, 1, false, next + 1)
                            : new Number(tens, 0, 1, false, at + 1));
        }
        Integer ones = NumberWords.ONES.get(word(at));
        return ones == null ? Optional.empty() : Optional.of(new Number(ones, 0, 1, false, at + 1));
    }

    /** '1-1/2', '1 and 1/2', 'one and a half', 'three quarters'. */
    private Number withFraction(Number whole) {
        int at = whole.end();
        int dashed = isSign(at, '-') ? at + 1 : at;
        int and = word(dashed).equals("and") ? dashed + 1 : dashed;
        int behindAnd = isSign(and, '-') ? and + 1 : and;
        Optional<Number> figures = fraction(behindAnd);
        // 'A 1/2 inch' is half of one.
        if (figures.isPresent() && (!whole.article() || and > dashed)) {
            return new Number(
                    whole.whole(),
                    figures.get().above(),
                    figures.get().below(),
                    false,
                    figures.get().end());
        }
        if (and > dashed) {
            int counted = isSign(behindAnd + 1, '-') ? behindAnd + 2 : behindAnd + 1;
            int above = article(behindAnd) ? 1 : NumberWords.ONES.getOrDefault(word(behindAnd), 0);
            Integer below = NumberWords.PARTS.get(word(counted));
            return above > 0 && below != null && above < below
                    ? new Number(whole.whole(), above, below, false, counted + 1)
                    : whole;
        }
        Integer below = NumberWords.PARTS.get(word(dashed));
        return below != null && whole.whole() > 0 && whole.whole() < below && !whole.article()
                ? new Number(0, whole.whole(), below, false, dashed + 1)
                : whole;
    }

    /** A fraction in figures that is less than one. */
    private Optional<Number> fraction(int at) {
        String word = word(at);
        int slash = word.indexOf('/');
        if (slash <= 0 || slash > 2 || word.length() - slash > 3) {
            return Optional.empty();
        }
        String above = word.substring(0, slash);
        String below = word.substring(slash + 1);
        boolean plain = !below.isEmpty() && (above + below).chars().allMatch(Character::isDigit);
        return plain && Integer.parseInt(above) < Integer.parseInt(below)
                ? Optional.of(new Number(0, Integer.parseInt(above), Integer.parseInt(below), false, at + 1))
                : Optional.empty();
    }

    /** 'Half', 'a quarter'. */
    private Optional<Number> part(int at) {
        int word = article(at) ? at + 1 : at;
        Integer below = word(word).endsWith("s") ? null : NumberWords.PARTS.get(word(word));
        return below == null || below > 4
                ? Optional.empty()
                : Optional.of(new Number(0, 1, below, article(at), word + 1));
    }
}

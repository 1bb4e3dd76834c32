package org.mobrel.page;

import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import org.mobrel.method.StatedProcess;
import org.mobrel.recipe.IngredientLine;
import org.mobrel.recipe.LineKind;
import org.mobrel.recipe.LineReader;
import org.mobrel.recipe.PlainText;
import org.mobrel.recipe.Times;

/**
 * A line of a page by itself.
 *
 * @param text without markup
 * @param plain for patterns, without a number or a bullet before it
 * @param words of the plain text
 * @param read as an ingredient
 * @param aside what it is if it is neither an ingredient nor a told step
 * @param numbered whether it is numbered as a step is
 * @param isNote whether it says that it is a tip or a note
 */
record PageLine(
        String text,
        String plain,
        List<String> words,
        IngredientLine read,
        Optional<Asides.Kind> aside,
        boolean numbered,
        boolean isNote) {

    private static final Pattern MARKUP = Pattern.compile("^#+\\s*|^\\*\\*|\\*\\*$|^__|__$");
    private static final Pattern NUMBERING = Pattern.compile(
            "^(?:step\\s*)?\\(?\\d{1,2}[.):]\\s*(?=\\D)|^step\\s+\\d{1,2}\\s*[:.-]?\\s+", Pattern.CASE_INSENSITIVE);
    private static final Pattern NUMBERED =
            Pattern.compile("^(?:step\\s*\\d|\\(?\\d{1,2}[.)]\\s+\\D)", Pattern.CASE_INSENSITIVE);
    private static final Pattern BULLET = Pattern.compile("^(?:[-*•·◦▢☐]|\\[ ?])\\s+");
    private static final int LONG = 9;

    private static final int A_SENTENCE = 5;
    /** What stands before the amount of an ingredient speaks for it. */
    private static final int AMOUNT_FIRST = 4;

    private static final int AMOUNT_LAST = 3;
    private static final int MANY = 2;

    static PageLine of(String typed, LineReader reader) {
        String text = MARKUP.matcher(typed).replaceAll("").strip();
        String plain = PlainText.of(bare(text));
        return new PageLine(
                text,
                plain,
                PageWords.of(plain),
                reader.read(text),
                Asides.of(plain),
                NUMBERED.matcher(text).find(),
                false);
    }

    /** Without the number of a step or a bullet. */
    static String bare(String text) {
        return NUMBERING
                .matcher(BULLET.matcher(text).replaceFirst(""))
                .replaceFirst("")
                .strip();
    }

    /** Without a bullet. */
    static String unmarked(String text) {
        return BULLET.matcher(text).replaceFirst("");
    }

    PageLine asNote() {
        return new PageLine(text, plain, words, read, aside, numbered, true);
    }

    /** Whether it is a button, a time or a tool, and no part of the recipe. */
    boolean isAside() {
        return aside.filter(kind -> kind != Asides.Kind.METHOD && kind != Asides.Kind.YIELD)
                .isPresent();
    }

    boolean isAmountOfFood() {
        return read.amount().isPresent() && read.food().isPresent();
    }

    /** A sentence that is no work: how good it is, whose it was. */
    boolean isProse() {
        boolean names = !read.mentions().isEmpty() && PageWords.TELLING.count(words) == 0;
        return !names && read.amount().isEmpty() && words.size() > A_SENTENCE && text.matches(".*[.!]$");
    }

    boolean startsWithNumber() {
        return !words.isEmpty()
                && (words.get(0).matches("an?|about|half|\\d.*|/.*")
                        || words.get(0).equals("roughly"));
    }

    private boolean endsASentence() {
        return text.matches(".*[.!?]$");
    }

    /** How much speaks for an ingredient. */
    int ingredient() {
        boolean food = !read.mentions().isEmpty();
        if (read.kind() == LineKind.NOT_INGREDIENT || words.isEmpty()) {
            return 0;
        }
        if (read.amount().isPresent() && startsWithNumber()) {
            return food ? AMOUNT_FIRST : MANY;
        }
        if (food && (read.amount().isPresent() || hasMeasure())) {
            return AMOUNT_LAST;
        }
        return food && !beginsWithWork() ? MANY : 0;
    }

    boolean isWork() {
        return beginsWithWork() || numbered || statesAProcess();
    }

    /** 'Navy beans, dried, one pound, soaked' has its amount within. */
    boolean hasMeasure() {
        for (int at = 1; at < words.size(); at++) {
            if (PageWords.MEASURE.is(words.get(at))
                    && Character.isDigit(words.get(at - 1).charAt(0))) {
                return true;
            }
        }
        return false;
    }

    /** How much speaks for a step. */
    int step() {
        int score = numbered ? 2 : 0;
        score += beginsWithWork() ? 3 : mayBeWork() ? 1 : 0;
        score += (int) Math.min(3, 2 * PageWords.JARS.count(words));
        score += statesAProcess() ? 4 : Times.in(plain).isEmpty() ? 0 : 2;
        score += (int) Math.min(MANY, PageWords.TELLING.count(words));
        score += endsASentence() ? 1 : 0;
        return score + (words.size() > LONG ? 1 : 0);
    }

    boolean statesAProcess() {
        return !StatedProcess.inPlain(plain).isEmpty();
    }

    /** Whether its first word, behind such as 'then', is work and nothing else. */
    boolean beginsWithWork() {
        int at = workAt();
        return PageWords.VERB.length(words, at) > 0
                || at < words.size() && PageWords.DOUBTFUL.is(words.get(at)) && isTold(at);
    }

    boolean mayBeWork() {
        int at = workAt();
        return PageWords.VERB.length(words, at) > 0 || at < words.size() && PageWords.DOUBTFUL.is(words.get(at));
    }

    /** 'Cut the beans' is told, and 'cut beans' is not. */
    private boolean isTold(int at) {
        return at + 1 < words.size()
                && (PageWords.TELLING.count(words.subList(at + 1, words.size())) > 0
                        || PageWords.VERB.length(words, at + 1) > 0
                        || endsASentence() && read.food().isEmpty());
    }

    private int workAt() {
        int at = 0;
        while (at < words.size()) {
            int length = PageWords.BEFORE.length(words, at);
            boolean manner = words.get(at).endsWith("ly") && words.get(at).length() > 4;
            if (length == 0 && !manner) {
                return at;
            }
            at += Math.max(1, length);
        }
        return at;
    }

    /** The section that begins with it; empty where it is no heading. */
    Optional<PageReader.Section> heading() {
        return isNote ? Optional.empty() : heading(text);
    }

    static boolean isHeading(String text, PageReader.Section section) {
        return heading(text).filter(section::equals).isPresent();
    }

    private static Optional<PageReader.Section> heading(String typed) {
        String text = MARKUP.matcher(typed).replaceAll("").strip();
        if (NUMBERED.matcher(text).find() || text.contains(",") || text.endsWith(".")) {
            return Optional.empty();
        }
        String phrase = String.join(" ", PageWords.of(PlainText.of(text.replaceAll("\\(.*?\\)", ""))))
                .replaceFirst("^the ", "");
        if (PageWords.INGREDIENTS.is(phrase)) {
            return Optional.of(PageReader.Section.LIST);
        }
        if (PageWords.METHOD.is(phrase)) {
            return Optional.of(PageReader.Section.METHOD);
        }
        return PageWords.NOTES.is(phrase) ? Optional.of(PageReader.Section.NOTES) : Optional.empty();
    }

    boolean isDish() {
        for (int at = 0; at < words.size(); at++) {
            if (PageWords.BOUGHT.length(words, at) > 0) {
                return false;
            }
        }
        return PageWords.DISH.count(words) > 0
                || !words.isEmpty() && words.get(words.size() - 1).matches("pots?");
    }
}

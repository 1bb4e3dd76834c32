package org.mobrel.method;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.mobrel.recipe.PlainText;

/**
 * One sentence of a step.
 *
 * @param step the index of its step, from 0
 * @param text as typed
 * @param named as typed, without words of food that name no food
 * @param plain the same for patterns
 * @param effects what its words come to together, by the codes of said.csv
 * @param serving whether it says what is done when the jar is opened
 */
public record Sentence(int step, String text, String named, String plain, List<String> effects, boolean serving) {

    private static final Pattern ENDS = Pattern.compile("(?<=[.!?;])\\s+(?=[\\p{Lu}\\d\"“(])|(?<=[!?;])\\s+|\\R+");

    /** A remark that is kept among the steps is none, unless it says what is done. */
    static final Pattern NOTE = Pattern.compile("\\s*note\\s*:", Pattern.CASE_INSENSITIVE);

    /** Words of serving, wherever in the sentence they stand. */
    private static final Pattern SERVING = Pattern.compile(
            "\\b(?:(?:just |right )?before (?:serving|eating|you eat|you serve)|(?:at|when|for|until|upon|after) serving(?: time)?"
                    + "|to serve(?! \\d)|at (?:the )?table|(?:when|after|once|as|on|upon|before) (?:you(?:'re| are| have|'ve)? |it is |the jars? (?:is|are) )?(?:ready to )?open(?:ed|ing)?"
                    + "|when (?:you )?(?:reheat(?:ing|ed)?|eat(?:ing)?|serve|come to eat|use)|when re-?heated|if you want .{0,40}when)\\b");
    /** What somebody likes it with is on the plate, unless it is stirred in. */
    private static final Pattern LIKED = Pattern.compile(
            "^(?!.*\\b(?:add|stir|whisk|mix|put|pour|drop|throw|thicken|blend|puree|melt|jars?)\\w*\\b).*?(?:"
                    + "\\b(?:kids|children|family|husband|wife|we|they|i|everyone|guests?) (?:all |really |always )*(?:loves?|likes?|eats?|enjoys?|has|have|had) (?:it|this|them|these) (?:with|over|on)\\b"
                    + "|^\\W*(?:this|it|these|they|the \\w+)(?:'s| is| are| tastes?| goes)? (?:\\w+ )?(?:good|great|lovely|delicious|nice|best|wonderful|well) (?:with|over|on)\\b"
                    + "|\\balways (?:had|ate|served) [^.,]{0,40}\\bwith it\\b)");
    /** Words that open a sentence about serving. */
    private static final Pattern SERVE = Pattern.compile(
            "^\\W*(?:serv(?:e|ing)\\b|eat (?:it |this |them )?(?:with|over|on)\\b|reheat\\b(?!.*\\b(?:fill|ladle|jars?)\\b)|to (?:eat|use)\\b|garnish\\b|open (?:a|the|each) jar\\b(?! of (?!this\\b)))");
    /** A sentence that fills or processes is about canning, whatever else it says. */
    private static final Pattern CANNING = Pattern.compile(
            "\\b(?:fill|ladle|pack)\\w*\\b.{0,60}\\bjars?\\b|\\bbefore (?:filling|canning|processing|it goes|you (?:can|fill))\\b|\\bcanner\\b|\\b(?:into|in (?=(?:each|every|all)\\b)) ?(?:the |each |every |all |your |these |hot |clean |quart |pint |of )*jars?\\b");

    private static final Pattern AT_TABLE = Pattern.compile(
            "\\b(?:open|serv|heat|reheat|warm|bowl|table|eat|supper|dinner|lunch|day|later|sauce|dip|chowder|refried)");

    /** What is left in the pot goes into the jars, and so does what is tasted first. */
    private static final Pattern OF_THE_POT = Pattern.compile(
            "\\b(?:the rest|the remaining|the remainder)\\b|^\\W*(?:taste|skim|season)\\b.*\\bbefore serving\\b");

    /** Where it stands, for what is said in it. */
    StepStatement.Quote quote() {
        return new StepStatement.Quote(step, text);
    }

    /** The one behind the one at an index. */
    static Optional<Sentence> next(List<Sentence> sentences, int at) {
        return at + 1 < sentences.size() ? Optional.of(sentences.get(at + 1)) : Optional.empty();
    }

    /** The sentences of the steps in their order; what follows a sentence about serving in its step is about serving too. */
    static List<Sentence> of(List<String> steps, Predicate<String> isFood) {
        List<Sentence> all = new ArrayList<>();
        for (int step = 0; step < steps.size(); step++) {
            boolean serving = false;
            if (isStory(steps.get(step))) {
                continue;
            }
            for (String text : parts(steps.get(step))) {
                String named = Things.leftOut(text, isFood);
                String plain = PlainText.of(named);
                List<String> effects =
                        SaidTogether.in(new Sentence(step, text.strip(), named.strip(), plain, List.of(), false));
                boolean canning = CANNING.matcher(plain).find()
                        || OF_THE_POT.matcher(plain).find();
                boolean goesOn = serving && effects.stream().allMatch(effect -> mayBeLater(effect, true, plain));
                boolean later = effects.contains("later");
                boolean kept = later || effects.contains("not-there");
                serving = kept && effects.stream().allMatch(effect -> mayBeLater(effect, later, plain))
                        || !kept
                                && !canning
                                && (goesOn
                                        || SERVING.matcher(plain).find()
                                        || SERVE.matcher(plain).find()
                                        || LIKED.matcher(plain).find());
                all.add(new Sentence(step, text.strip(), named.strip(), plain, effects, serving));
                // What is not there, or is skimmed before serving, says nothing of what follows.
                serving &= !effects.contains("not-there") && !plain.contains("before serving");
            }
        }
        return all;
    }

    /** What is done with full jars is not done at the table, and what makes a soup smooth is there, whatever else is not. */
    private static boolean mayBeLater(String effect, boolean later, String plain) {
        return switch (effect) {
            case "later", "not-there", "fat", "more-food" -> true;
            case "purees", "thickens", "unboiled" ->
                later && AT_TABLE.matcher(plain).find();
            default -> false;
        };
    }

    private static boolean isStory(String step) {
        return NOTE.matcher(step).lookingAt()
                && !StepPhrases.OF_THIS_BATCH.matcher(PlainText.of(step)).find();
    }

    private static List<String> parts(String step) {
        return ENDS.splitAsStream(step.strip()).filter(part -> !part.isBlank()).toList();
    }

    private static final Pattern CLAUSES = Pattern.compile("[,;:()]|\\b(?:and|but|then)\\b");
    private static final Pattern DENIED = Pattern.compile(
            "(?:\\b(?:do not|don't|dont|does not|doesn't|never|no need to|needn't|not to|avoid|not|no|skip)\\b)(?!\\s+(?:only|just|forget|fail|neglect|skip|omit))(?:\\s+[\\w'-]+){0,3}\\s*$"
                    // 'Instead of potatoes use rice' has rice in it.
                    + "|\\b(?:without|instead of|rather than)\\b(?:\\s+(?!(?:use|add|put|stir|take|throw|pour|mix)\\b)[\\w'-]+){0,3}\\s*$");

    private static final Pattern NOT_IT = Pattern.compile("\\s*not(?: (?:the|your|any|all|its))*\\s*");

    /** Whether the sentence says it, and does not deny it. */
    boolean says(Pattern what) {
        Matcher found = what.matcher(plain);
        while (found.find()) {
            if (!isDenied(found.start())) {
                return true;
            }
        }
        return false;
    }

    /** Whether what begins at an index is said not to be done, within its own clause. */
    boolean isDenied(int at) {
        int from = clauseStart(at);
        return DENIED.matcher(plain.substring(from, at)).find();
    }

    /** Whether it is what is not left out: 'leave out the celery, but not the rice'. */
    boolean isExcepted(int at) {
        int from = clauseStart(at);
        return NOT_IT.matcher(plain.substring(from, at)).matches()
                && StepPhrases.TAKES_AWAY.matcher(plain.substring(0, from)).find();
    }

    /** Whether the words at an index only say how thick, how large or in what something is. */
    boolean isCompared(int at, String words) {
        int end = Math.min(plain.length(), at + PlainText.of(words).length());
        return StepPhrases.COMPARES_WITH
                        .matcher(plain.substring(clauseStart(at), at))
                        .find()
                || StepPhrases.OF_A_TOOL.matcher(plain.substring(end)).find();
    }

    /** The clause around an index. */
    String clause(int at) {
        Matcher ends = CLAUSES.matcher(plain);
        int end = ends.find(at) ? ends.start() : plain.length();
        return plain.substring(clauseStart(at), Math.max(at, end));
    }

    private int clauseStart(int at) {
        int from = 0;
        Matcher starts = CLAUSES.matcher(plain);
        while (starts.find() && starts.end() <= at) {
            from = starts.end();
        }
        return from;
    }
}

package org.mobrel.method;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.mobrel.finding.Source;
import org.mobrel.tables.Row;
import org.mobrel.tables.Table;

/** What recipes say of the canning itself, and no canner's manual does. Mobrel's run goes its own way; the cook is told why. */
public enum Departure {
    /** Ways to process that reach no more than the boil, or that nobody can control. */
    OTHER_METHOD(
            "method-differs",
            "\\b(?:boiling[- ])?water[- ]?bath\\b",
            "\\b(?:process|can|bake|put|set)\\w*\\b[^.]{0,40}\\b(?:in|into) (?:the |an? )?(?:hot |warm |slow )?(?:oven|microwave|dishwasher|steam canner|steamer|slow cooker|multi-?cooker|electric pressure cooker)\\b(?=.*\\b(?:jars?|process|seal|can)\\b|$)",
            "\\b(?:bake|process|cook|seal)\\w*\\b[^.]{0,30}\\bjars?\\b[^.]{0,30}\\b(?:in|into) (?:the |an? )?(?:hot |warm |slow )?(?:oven|microwave|dishwasher|steamer|slow cooker)\\b",
            "\\b(?:steam|atmospheric|electric) canners?\\b",
            "\\bcanning (?:setting|mode|function|program(?:me)?|button)\\b",
            "\\b(?:turn|invert|flip|stand)\\w*\\b[^.]{0,30}\\bjars?\\b[^.]{0,30}\\b(?:upside[- ]down|over|on their heads|lids?)\\b[^.]{0,20}(?:seal)?",
            "\\bopen[- ]kettle\\b"),
    NOT_PROCESSED(
            "without-process",
            "^(?!.*\\b(?:freez|frozen|refrigerat|fridge|(?:never|not|don't|dont) skip)).*?\\b(?:no need to|needn't|need not|do not|don't|dont|without|never|skip|skipping|no) (?:any |the |further |more |need for )*(?:process|pressure[- ]?cann|canning)\\w*\\b(?: (?:it|them|these|the jars?))?(?=\\s*(?:[.,;:!]|$|\\b(?:if|when|as|because|since|at all|is|are|needed|necessary|required)\\b))"),
    WAX("wax", "\\bparaffin\\b", "\\b(?:seal|cover|top|pour|melt)\\w*\\b[^.]{0,30}\\bwax\\b(?! (?:beans?|paper))"),
    LARGE_JARS(
            "large-jars",
            "\\b(?:half[- ]?gallon|1/2[- ]?gallon|2[- ]?quart|gallon|(?:1\\.5|2)[- ]?(?:l|lit(?:er|re)s?))[- ]?(?:sized? |mason |canning |glass )?jars?\\b"),
    USED_LIDS(
            "used-lids",
            "(?<!\\b(?:discard|recycle|throw (?:away|out)) (?:the |all |any )?)\\b(?:re-?us(?:e|es|ed|ing)|used|old|last year's|second[- ]hand)\\b[^.]{0,15}\\blids?\\b"),
    /** Filled jars that stand before they are processed; jars that stand afterwards are as they should be. */
    WAITING(
            "waiting",
            "\\bjars?\\b[^.]{0,60}\\b(?:over ?night|tomorrow|next (?:day|morning)|in the (?:morning|fridge|refrigerator))\\b[^.]{0,40}\\bbefore (?:you )?(?:process|cann?)\\w*\\b",
            "\\b(?:fill|pack)\\w*\\b[^.]{0,40}\\bjars?\\b[^.]{0,50}\\b(?:process|can)\\w*\\b[^.]{0,30}\\b(?:tomorrow|next (?:day|morning)|in the morning)\\b"),
    /** Fuller than the inch and more that jars under pressure are given. */
    HEADSPACE(
            "headspace",
            "\\b(?:no|without(?: any)?|don't bother with|skip the) head ?space\\b",
            "(?<!\\d(?: |-| and |/))\\b(?:1/[248]|3/[48]|half an?|half|a quarter|a quarter of an|quarter)[- ]?(?:of an )?(?:inch|in\\b|\")[^.]{0,20}\\b(?:head ?space|of the (?:top|rim)|from the (?:top|rim)|of space|at the top)\\b"),
    /** The clock starts with the pressure, and the heat stays on until it is over. */
    TIMING(
            "timing",
            "\\b(?:start|begin)\\w*\\b[^.]{0,15}\\b(?:count|tim|clock)\\w*\\b(?!.*\\b(?:pressure|psi|jiggl|rock|danc|mov|rattl|hiss|wobbl|swing|gauge|dial|full|\\d+ ?(?:lbs?|pounds?)))[^.]{0,20}\\b(?:as soon as|when|once|the moment)\\b[^.]{0,20}\\b(?:weight|lid|heat|burner|stove|canner)\\b",
            "\\b(?:turn|switch)\\w*\\b(?=[^.]{0,40}\\boff\\b)[^.]{0,60}\\b(?:early|sooner|before the time)\\b"),
    /** Opened, cooled or tightened while all of it is still hot. */
    AFTERWARDS(
            "afterwards",
            "\\b(?:open|lift off|take off|remove|unlock)\\w*\\b[^.]{0,15}\\blid\\b[^.]{0,20}\\b(?:right away|at once|immediately|straight away|as soon as the (?:time|timer|heat))\\b",
            "\\b(?:put|place|set|move|stand|carry)\\w*\\b[^.]{0,20}\\bhot jars?\\b[^.]{0,20}\\b(?:in|into|to|under|by)\\b[^.]{0,15}\\b(?:fridge|refrigerator|freezer|ice|cold water|open window)\\b",
            "\\b(?:re-?tighten|tighten)\\w*\\b[^.]{0,20}\\b(?:bands?|rings?|lids?)\\b[^.]{0,40}\\b(?:come out|out of the canner|after (?:processing|canning)|while (?:still )?hot)\\b"),
    NO_RACK(
            "no-rack",
            "\\bwithout (?:a |the )?rack\\b(?! between)|\\bno rack\\b|\\bdirectly on the (?:bottom|floor)\\b"),
    SHORT_SOAK("short-soak"),
    UNBOILED("unboiled"),
    /** Food or broth that is not hot. */
    RAW("raw"),
    /** Fuller of solids, or pressed down. */
    FULL("full"),
    UNPEELED("unpeeled"),
    PIECES("pieces"),
    BONES("bones"),
    FAT("fat"),
    /** More than the list names, or something that nobody can tell. */
    MORE_FOOD("more-food");

    private static final Map<String, Row> WORDS = Table.beside(
                    Departure.class, "departures.csv", Set.of("code", "remark", "here", "why", "source"))
            .map(Function.identity())
            .stream()
            .collect(Collectors.toMap(row -> row.text("code"), Function.identity()));

    private final String code;
    private final Optional<Pattern> says;

    Departure(String code, String... patterns) {
        this.code = code;
        says = patterns.length == 0 ? Optional.empty() : Optional.of(Pattern.compile(String.join("|", patterns)));
    }

    static Optional<Departure> ofCode(String code) {
        return Arrays.stream(values()).filter(one -> one.code.equals(code)).findFirst();
    }

    /** @param effects what the words of the sentence come to together */
    boolean isSaidIn(Sentence sentence, List<String> effects) {
        return effects.contains(code) || says.filter(sentence::says).isPresent();
    }

    /** Its code in the interface; never renamed. */
    public String remark() {
        return words().text("remark");
    }

    /** How it is done here, as it stands on a button. */
    public String here() {
        return words().text("here");
    }

    /** What speaks against the page's way. */
    public String why() {
        return words().text("why");
    }

    public Source source() {
        return new Source(words().text("source"));
    }

    private Row words() {
        return Objects.requireNonNull(WORDS.get(code), code);
    }
}

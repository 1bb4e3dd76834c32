package org.mobrel.method;

import java.util.regex.Pattern;

/** What recipes say of the canning itself, and no canner's manual does. Mobrel's run goes its own way; the cook is told why. */
public enum Departure {
    /** Ways to process that reach no more than the boil, or that nobody can control. */
    OTHER_METHOD(
            "\\b(?:boiling[- ])?water[- ]?bath\\b",
            "\\b(?:process|can|bake|put|set)\\w*\\b[^.]{0,40}\\b(?:in|into) (?:the |an? )?(?:hot |warm |slow )?(?:oven|microwave|dishwasher|steam canner|steamer|slow cooker|multi-?cooker|electric pressure cooker)\\b(?=.*\\b(?:jars?|process|seal|can)\\b|$)",
            "\\b(?:bake|process|cook|seal)\\w*\\b[^.]{0,30}\\bjars?\\b[^.]{0,30}\\b(?:in|into) (?:the |an? )?(?:hot |warm |slow )?(?:oven|microwave|dishwasher|steamer|slow cooker)\\b",
            "\\b(?:steam|atmospheric|electric) canners?\\b",
            "\\bcanning (?:setting|mode|function|program(?:me)?|button)\\b",
            "\\b(?:turn|invert|flip|stand)\\w*\\b[^.]{0,30}\\bjars?\\b[^.]{0,30}\\b(?:upside[- ]down|over|on their heads|lids?)\\b[^.]{0,20}(?:seal)?",
            "\\bopen[- ]kettle\\b"),
    NOT_PROCESSED(
            "^(?!.*\\b(?:freez|frozen|refrigerat|fridge|(?:never|not|don't|dont) skip)).*?\\b(?:no need to|needn't|need not|do not|don't|dont|without|never|skip|skipping|no) (?:any |the |further |more |need for )*(?:process|pressure[- ]?cann|canning)\\w*\\b(?: (?:it|them|these|the jars?))?(?=\\s*(?:[.,;:!]|$|\\b(?:if|when|as|because|since|at all|is|are|needed|necessary|required)\\b))"),
    WAX("\\bparaffin\\b", "\\b(?:seal|cover|top|pour|melt)\\w*\\b[^.]{0,30}\\bwax\\b(?! (?:beans?|paper))"),
    LARGE_JARS(
            "\\b(?:half[- ]?gallon|1/2[- ]?gallon|2[- ]?quart|gallon|(?:1\\.5|2)[- ]?(?:l|lit(?:er|re)s?))[- ]?(?:sized? |mason |canning |glass )?jars?\\b"),
    USED_LIDS(
            "(?<!\\b(?:discard|recycle|throw (?:away|out)) (?:the |all |any )?)\\b(?:re-?us(?:e|es|ed|ing)|used|old|last year's|second[- ]hand)\\b[^.]{0,15}\\blids?\\b"),
    /** Filled jars that stand before they are processed; jars that stand afterwards are as they should be. */
    WAITING(
            "\\bjars?\\b[^.]{0,60}\\b(?:over ?night|tomorrow|next (?:day|morning)|in the (?:morning|fridge|refrigerator))\\b[^.]{0,40}\\bbefore (?:you )?(?:process|cann?)\\w*\\b",
            "\\b(?:fill|pack)\\w*\\b[^.]{0,40}\\bjars?\\b[^.]{0,50}\\b(?:process|can)\\w*\\b[^.]{0,30}\\b(?:tomorrow|next (?:day|morning)|in the morning)\\b"),
    /** Fuller than the inch and more that jars under pressure are given. */
    HEADSPACE(
            "\\b(?:no|without(?: any)?|don't bother with|skip the) head ?space\\b",
            "(?<!\\d(?: |-| and |/))\\b(?:1/[248]|3/[48]|half an?|half|a quarter|a quarter of an|quarter)[- ]?(?:of an )?(?:inch|in\\b|\")[^.]{0,20}\\b(?:head ?space|of the (?:top|rim)|from the (?:top|rim)|of space|at the top)\\b"),
    /** The clock starts with the pressure, and the heat stays on until it is over. */
    TIMING(
            "\\b(?:start|begin)\\w*\\b[^.]{0,15}\\b(?:count|tim|clock)\\w*\\b(?!.*\\b(?:pressure|psi|jiggl|rock|danc|mov|rattl|hiss|wobbl|swing|gauge|dial|full|\\d+ ?(?:lbs?|pounds?)))[^.]{0,20}\\b(?:as soon as|when|once|the moment)\\b[^.]{0,20}\\b(?:weight|lid|heat|burner|stove|canner)\\b",
            "\\b(?:turn|switch)\\w*\\b(?=[^.]{0,40}\\boff\\b)[^.]{0,60}\\b(?:early|sooner|before the time)\\b"),
    /** Opened, cooled or tightened while all of it is still hot. */
    AFTERWARDS(
            "\\b(?:open|lift off|take off|remove|unlock)\\w*\\b[^.]{0,15}\\blid\\b[^.]{0,20}\\b(?:right away|at once|immediately|straight away|as soon as the (?:time|timer|heat))\\b",
            "\\b(?:put|place|set|move|stand|carry)\\w*\\b[^.]{0,20}\\bhot jars?\\b[^.]{0,20}\\b(?:in|into|to|under|by)\\b[^.]{0,15}\\b(?:fridge|refrigerator|freezer|ice|cold water|open window)\\b",
            "\\b(?:re-?tighten|tighten)\\w*\\b[^.]{0,20}\\b(?:bands?|rings?|lids?)\\b[^.]{0,40}\\b(?:come out|out of the canner|after (?:processing|canning)|while (?:still )?hot)\\b"),
    NO_RACK("\\bwithout (?:a |the )?rack\\b(?! between)|\\bno rack\\b|\\bdirectly on the (?:bottom|floor)\\b");

    private final Pattern says;

    Departure(String... patterns) {
        says = Pattern.compile(String.join("|", patterns));
    }

    boolean isSaidIn(Sentence sentence) {
        return sentence.says(says);
    }
}

package org.mobrel.recipe;

import java.text.Normalizer;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** A sentence in plain small letters: no accents, no look-alikes, fractions and times in figures. For patterns, not for showing. */
public final class PlainText {

    private static final Map<String, String> FIGURES = Map.ofEntries(
            Map.entry("two", "2"),
            Map.entry("three", "3"),
            Map.entry("four", "4"),
            Map.entry("five", "5"),
            Map.entry("six", "6"),
            Map.entry("seven", "7"),
            Map.entry("eight", "8"),
            Map.entry("nine", "9"),
            Map.entry("ten", "10"),
            Map.entry("twelve", "12"),
            Map.entry("fifteen", "15"),
            Map.entry("twenty", "20"),
            Map.entry("thirty", "30"),
            Map.entry("forty", "40"),
            Map.entry("forty-five", "45"),
            Map.entry("fifty", "50"),
            Map.entry("fifty-five", "55"),
            Map.entry("sixty", "60"),
            Map.entry("sixty-five", "65"),
            Map.entry("seventy", "70"),
            Map.entry("seventy-five", "75"),
            Map.entry("eighty", "80"),
            Map.entry("eighty-five", "85"),
            Map.entry("ninety", "90"),
            Map.entry("one hundred", "100"),
            Map.entry("a hundred", "100"),
            Map.entry("hundred", "100"),
            Map.entry("one", "1"));

    private static final Pattern IN_WORDS = Pattern.compile("\\b(?:"
            + String.join(
                    "|",
                    FIGURES.keySet().stream()
                            .sorted((one, other) -> other.length() - one.length())
                            .map(word -> word.replace("-", "[- ]"))
                            .toList())
            + ")\\b(?![- ](?:thirds?|quarters?|half|halves))");
    private static final Pattern MARKS = Pattern.compile("\\p{M}");
    private static final Pattern HOURS_AND_HALF = Pattern.compile("\\b(\\d+) 1/2 (?:hours?|hrs?|h)\\b");
    private static final Pattern AND_A_HALF = Pattern.compile("\\b(\\d+|an?) (hours?) and a half\\b");

    private PlainText() {}

    public static String of(String text) {
        String plain = NumberText.plain(NormalText.of(text).plain()).toLowerCase(Locale.ROOT);
        plain = MARKS.matcher(Normalizer.normalize(plain, Normalizer.Form.NFD)).replaceAll("");
        plain = figures(plain);
        plain = AND_A_HALF.matcher(plain).replaceAll("$1 1/2 $2").replace("a 1/2 hour", "1 1/2 hours");
        plain = plain.replaceAll("\\b(?:half an|1/2 an?|1/2|half[- ]) ?hour\\b", "30 minutes")
                .replaceAll("\\bthree[- ]quarters of an hour\\b", "45 minutes")
                .replaceAll("\\ban hour\\b", "1 hour")
                .replaceAll("\\ba minute\\b", "1 minute");
        Matcher halves = HOURS_AND_HALF.matcher(plain);
        return halves.replaceAll(match -> (Integer.parseInt(match.group(1)) * 60 + 30) + " minutes");
    }

    private static String figures(String plain) {
        return IN_WORDS.matcher(plain)
                .replaceAll(match -> FIGURES.getOrDefault(
                        match.group().replace(' ', '-'), FIGURES.getOrDefault(match.group(), match.group())));
    }
}

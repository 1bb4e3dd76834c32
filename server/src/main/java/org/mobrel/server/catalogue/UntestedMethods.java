package org.mobrel.server.catalogue;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;

/** Ways of canning that low-acid food was never tested for, whatever is in the jar. */
final class UntestedMethods {

    private static final String PRESSURE = "only steam under pressure is hot enough for the spores of low-acid food";

    /** By what a cook may call it: the name shown, and why not. */
    private static final Map<Pattern, String[]> NEVER = Map.of(
            words("(?:boiling[- ])?water[- ]?bath(?:ing|ed| canning| canner)?|boiling[- ]water canner"),
            new String[] {"Water bath", "boiling water stays at its boiling point; " + PRESSURE},
            words("oven(?:[- ]canning|[- ]canned)?"),
            new String[] {"Oven canning", "dry heat does not reach the middle of a jar, and jars burst; " + PRESSURE},
            words("(?:atmospheric )?steam[- ]?(?:canner|canning)"),
            new String[] {"Steam canner without pressure", "its steam is no hotter than boiling water; " + PRESSURE},
            words("multi[- ]?cooker|electric (?:pressure )?(?:cooker|canner)|slow[- ]?cooker"),
            new String[] {"Multicooker", "no published process was tested in one, and its heat cannot be checked"},
            words("pressure cooker|sauce ?pan canner"),
            new String[] {
                "Pressure cooker that holds fewer than four quart jars",
                "it heats and cools faster than the canners the times were tested in"
            },
            words("open[- ]kettle(?: canning)?"),
            new String[] {"Open kettle", "food put hot into jars and closed was never processed at all"},
            words("microwave(?: canning)?|dishwasher(?: canning)?"),
            new String[] {"Microwave or dishwasher", "it heats unevenly and without pressure"});

    private UntestedMethods() {}

    private static Pattern words(String either) {
        return Pattern.compile("(?:^|\\b)(?:" + either + ")(?:\\b|$)", Pattern.CASE_INSENSITIVE);
    }

    /** The answer to a question about a method; empty where the words are about something else. */
    static Optional<MayI> asked(String words) {
        return NEVER.entrySet().stream()
                .filter(entry -> entry.getKey().matcher(words).find())
                .findFirst()
                .map(entry -> new MayI(
                        entry.getValue()[0],
                        "stop",
                        "Never: " + entry.getValue()[1] + ".",
                        List.of(),
                        List.of("use a pressure canner by its manual", "freeze it instead")));
    }
}

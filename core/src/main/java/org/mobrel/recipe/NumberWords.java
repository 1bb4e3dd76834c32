package org.mobrel.recipe;

import java.util.Map;
import java.util.Set;

/** The words that numbers are written with, and those they stand before. */
final class NumberWords {

    static final Map<String, Integer> ONES = Map.ofEntries(
            Map.entry("one", 1),
            Map.entry("two", 2),
            Map.entry("three", 3),
            Map.entry("four", 4),
            Map.entry("five", 5),
            Map.entry("six", 6),
            Map.entry("seven", 7),
            Map.entry("eight", 8),
            Map.entry("nine", 9),
            Map.entry("ten", 10),
            Map.entry("eleven", 11),
            Map.entry("twelve", 12),
            Map.entry("thirteen", 13),
            Map.entry("fourteen", 14),
            Map.entry("fifteen", 15),
            Map.entry("sixteen", 16),
            Map.entry("seventeen", 17),
            Map.entry("eighteen", 18),
            Map.entry("nineteen", 19));

    static final Map<String, Integer> TENS = Map.of(
            "twenty", 20, "thirty", 30, "forty", 40, "fifty", 50, "sixty", 60, "seventy", 70, "eighty", 80, "ninety",
            90);

    static final Map<String, Integer> PARTS = Map.ofEntries(
            Map.entry("half", 2),
            Map.entry("third", 3),
            Map.entry("thirds", 3),
            Map.entry("quarter", 4),
            Map.entry("quarters", 4),
            Map.entry("fourth", 4),
            Map.entry("fourths", 4),
            Map.entry("fifth", 5),
            Map.entry("fifths", 5),
            Map.entry("eighth", 8),
            Map.entry("eighths", 8));

    static final Set<String> ARTICLES = Set.of("a", "an");

    /** Before these a lone article is the number one. */
    static final Set<String> COUNTED_BY_ARTICLE = Set.of("hour", "hr", "minute", "inch", "centimeter", "centimetre");

    static final Set<String> UNITS = Set.of(
            "hour",
            "hours",
            "hr",
            "hrs",
            "h",
            "minute",
            "minutes",
            "min",
            "mins",
            "second",
            "seconds",
            "sec",
            "secs",
            "day",
            "days",
            "inch",
            "inches",
            "in",
            "cm",
            "mm",
            "centimeter",
            "centimeters",
            "centimetre",
            "centimetres",
            "pound",
            "pounds",
            "lb",
            "lbs",
            "psi",
            "ounce",
            "ounces",
            "oz",
            "gram",
            "grams",
            "g",
            "kg",
            "kilo",
            "kilos",
            "cup",
            "cups",
            "quart",
            "quarts",
            "qt",
            "qts",
            "pint",
            "pints",
            "pt",
            "gallon",
            "gallons",
            "ml",
            "l",
            "litre",
            "litres",
            "liter",
            "liters",
            "tablespoon",
            "tablespoons",
            "tbsp",
            "teaspoon",
            "teaspoons",
            "tsp",
            "percent",
            "degrees");

    static final Set<String> RANGES = Set.of("to", "or", "-");

    private NumberWords() {}
}

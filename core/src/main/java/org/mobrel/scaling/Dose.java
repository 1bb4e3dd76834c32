package org.mobrel.scaling;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.mobrel.foods.FoodKind;
import org.mobrel.jars.JarCount;
import org.mobrel.jars.JarSize;
import org.mobrel.recipe.IngredientLine;

/**
 * What is given into each jar by itself, such as '½ tsp salt a quart' or '1 sprig rosemary a jar', and what all jars take of it.
 */
public enum Dose {
    A_JAR("jar", 0),
    A_PINT("pint", 16),
    A_QUART("quart", 32);

    private static final Pattern EACH = Pattern.compile(
            "\\b(?:an?|per|each|every|in each|to each)\\s+(jar|pint|quart)\\b", Pattern.CASE_INSENSITIVE);

    private final String word;
    private final int ounces;

    Dose(String word, int ounces) {
        this.word = word;
        this.ounces = ounces;
    }

    /** How a line doses: only seasonings are given jar by jar, and only where the line says so. */
    public static Optional<Dose> of(IngredientLine line) {
        boolean solidOrLiquid =
                line.food().filter(food -> food.kind() != FoodKind.FLAVOURING).isPresent();
        Matcher each = EACH.matcher(line.text());
        if (solidOrLiquid || line.amount().isEmpty() || !each.find()) {
            return Optional.empty();
        }
        for (Dose dose : values()) {
            if (dose.word.equalsIgnoreCase(each.group(1))) {
                return Optional.of(dose);
            }
        }
        return Optional.empty();
    }

    /** Words without their 'a jar': '3 sprigs rosemary' are for all jars. */
    public static String withoutEach(String words) {
        return EACH.matcher(words)
                .replaceAll("")
                .replaceAll("\\s+,", ",")
                .replaceAll("\\s{2,}", " ")
                .strip();
    }

    /** How many times the stated amount goes into one jar of this size: a pint gets half of what is meant for a quart. */
    public double times(JarSize size) {
        return ounces == 0 ? 1 : (double) size.fluidOunces() / ounces;
    }

    /** How many times the stated amount all these jars take. */
    public double times(Iterable<JarCount> jars) {
        double sum = 0;
        for (JarCount jar : jars) {
            sum += times(jar.size()) * jar.count();
        }
        return sum;
    }
}

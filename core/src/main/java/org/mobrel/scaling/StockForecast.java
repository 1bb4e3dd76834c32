package org.mobrel.scaling;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.mobrel.foods.FoodKind;
import org.mobrel.foods.FoodTrait;
import org.mobrel.foods.Pack;
import org.mobrel.quantity.Fraction;
import org.mobrel.quantity.Mass;
import org.mobrel.quantity.Minutes;
import org.mobrel.quantity.Volume;
import org.mobrel.recipe.Amount;
import org.mobrel.recipe.IngredientLine;
import org.mobrel.recipe.MeasureUnit;
import org.mobrel.recipe.Portion;
import org.mobrel.recipe.Portions;

/**
 * How much stock a pot of bones makes, roughly: the water that covers them, less what boils away.
 *
 * @param makes when the bones are strained out
 * @param error how far off that may be
 */
public record StockForecast(Volume makes, Fraction error) {

    /** Water to cover is about a quart and a quarter to the pound of bones (source: ordinary kitchen measures). */
    private static final double WATER_ML_PER_GRAM = 2.6;

    /** Stock is simmered about this long where the recipe does not say (source: ordinary kitchen measures). */
    private static final Minutes USUAL = new Minutes(180);

    private static final Fraction BY_BONES = Fraction.of(0.3);
    private static final Fraction BY_WATER = Fraction.of(0.1);

    /** What a carcass weighs when the meat is off (source: ordinary kitchen measures). */
    private enum Carcass {
        TURKEY("turkey", 1_800),
        GOOSE("goose", 900),
        DUCK("duck", 500),
        CHICKEN("", 570);

        private final String word;
        private final double grams;

        Carcass(String word, double grams) {
            this.word = word;
            this.grams = grams;
        }

        static Mass of(String words) {
            for (Carcass carcass : values()) {
                if (words.contains(carcass.word)) {
                    return Mass.ofGrams(carcass.grams);
                }
            }
            return Mass.ZERO;
        }
    }

    private static final Pattern FROM_CARCASSES = Pattern.compile(
            "\\bfrom (\\d+|an?|one|two|three|four|five|six|seven|eight|nine|ten) (?:\\w+ ){0,3}?(?:carcass(?:es)?|frames?)\\b");
    private static final List<String> NUMBERS =
            List.of("", "one", "two", "three", "four", "five", "six", "seven", "eight", "nine", "ten");

    /**
     * The forecast of a recipe of bones; empty where it has none, or nobody says how many.
     *
     * @param simmered as long as the recipe says; empty: as stock is usually simmered
     */
    public static Optional<StockForecast> of(List<IngredientLine> lines, Optional<Minutes> simmered) {
        OptionalDouble bones = lines.stream()
                .map(StockForecast::bones)
                .filter(Optional::isPresent)
                .mapToDouble(mass -> mass.get().grams())
                .reduce(Double::sum);
        if (bones.isEmpty() || bones.getAsDouble() == 0) {
            return Optional.empty();
        }
        Volume water = lines.stream()
                .filter(StockForecast::isLiquid)
                .flatMap(line -> Portions.of(line, Pack.HOT).stream())
                .map(Portion::broth)
                .reduce(Volume.ZERO, Volume::plus);
        boolean covered = water.isZero();
        Volume covers = covered ? Volume.ofMillilitres(bones.getAsDouble() * WATER_ML_PER_GRAM) : water;
        return Optional.of(
                new StockForecast(BoilingLoss.after(covers, simmered.orElse(USUAL)), covered ? BY_BONES : BY_WATER));
    }

    private static boolean isLiquid(IngredientLine line) {
        return line.goesIntoJar()
                && line.food().filter(food -> food.kind() == FoodKind.LIQUID).isPresent();
    }

    /** What the bones of a line weigh. */
    private static Optional<Mass> bones(IngredientLine line) {
        boolean bones = line.foods().stream().anyMatch(food -> food.has(FoodTrait.STRAINED_OUT));
        String words = line.text().toLowerCase(Locale.ROOT);
        Matcher from = FROM_CARCASSES.matcher(words);
        if (isLiquid(line) && line.amount().isEmpty() && from.find()) {
            return Optional.of(Carcass.of(words).times(number(from.group(1))));
        }
        return bones ? line.amount().flatMap(amount -> weight(amount, words)) : Optional.empty();
    }

    private static Optional<Mass> weight(Amount amount, String words) {
        return amount.unit().kind() == MeasureUnit.Kind.COUNT
                ? Optional.of(words)
                        .filter(said -> said.contains("carcass") || said.contains("frame"))
                        .map(said -> Carcass.of(said).times(amount.value().doubleValue()))
                : amount.mass();
    }

    private static double number(String word) {
        int named = NUMBERS.indexOf(word);
        return named > 0 ? named : word.startsWith("a") ? 1 : Double.parseDouble(word);
    }
}

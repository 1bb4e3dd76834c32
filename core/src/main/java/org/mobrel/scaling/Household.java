package org.mobrel.scaling;

import org.mobrel.quantity.Volume;

/**
 * Who eats here.
 *
 * @param people 1 to 50
 * @param serving of one of them, 100 mL to 1 L
 */
public record Household(int people, Volume serving) {

    /** Two people, a cup and a half each. */
    public static final Household USUAL = new Household(2, Volume.ofCups(1.5));

    /** @throws IllegalArgumentException if nobody eats so little or so much */
    public Household {
        if (people < 1 || people > 50) {
            throw new IllegalArgumentException("people are not between 1 and 50: " + people);
        }
        if (serving.millilitres() < 100 || serving.millilitres() > 1_000) {
            throw new IllegalArgumentException(
                    "a serving is not between 100 and 1000 mL: %s mL".formatted(serving.millilitres()));
        }
    }

    /** Servings in so much food, unrounded. */
    public double servings(Volume food) {
        return food.dividedBy(serving);
    }

    /** Meals for all of them, unrounded. */
    public double meals(Volume food) {
        return servings(food) / people;
    }

    /** So many servings. */
    public Volume volume(double servings) {
        return serving.times(servings);
    }
}

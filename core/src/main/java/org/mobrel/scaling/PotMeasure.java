package org.mobrel.scaling;

import org.mobrel.quantity.Mass;
import org.mobrel.quantity.Volume;

/** How a cook says how much is in a pot that stands cooked on the stove. */
public sealed interface PotMeasure permits PotMeasure.Measured, PotMeasure.Weighed {

    /** What is in the pot; zero if it weighs no more than it does empty. */
    Volume contents(Pot recipe);

    /** By the marks of the pot, or ladled out. */
    record Measured(Volume contents) implements PotMeasure {

        @Override
        public Volume contents(Pot recipe) {
            return contents;
        }
    }

    /**
     * On a scale.
     *
     * @param pot with what is in it
     * @param empty the pot alone; zero where it was not on the scale
     */
    record Weighed(Mass pot, Mass empty) implements PotMeasure {

        /** Soups weigh a little more than water (source: ordinary kitchen measures). */
        private static final double USUAL_GRAMS_PER_ML = 1.03;

        private static final double WATER_GRAMS_PER_ML = 1;

        @Override
        public Volume contents(Pot recipe) {
            return pot.compareTo(empty) <= 0
                    ? Volume.ZERO
                    : Volume.ofMillilitres(pot.minus(empty).grams() / gramsPerMl(recipe));
        }

        /** By what the recipe puts in, where that can be weighed. */
        private static double gramsPerMl(Pot recipe) {
            Volume all = recipe.solid().plus(recipe.broth());
            boolean known = !recipe.solid().isZero() && !recipe.broth().isZero();
            return known
                    ? (recipe.inJar().grams() + recipe.broth().millilitres() * WATER_GRAMS_PER_ML) / all.millilitres()
                    : USUAL_GRAMS_PER_ML;
        }
    }
}

package org.mobrel.scaling;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.withinPercentage;

import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.DoubleRange;
import org.mobrel.foods.Catalogue;
import org.mobrel.foods.Pack;
import org.mobrel.quantity.Mass;
import org.mobrel.quantity.Volume;
import org.mobrel.recipe.IngredientLine;
import org.mobrel.recipe.LineReader;
import org.mobrel.recipe.Portion;
import org.mobrel.recipe.Portions;

/** What a cook is told to measure is what was meant: read back as a recipe line, it comes to the same amount. */
class KitchenMeasureProperties {

    /** Rounding to a quarter spoon, a quarter or third of a cup, an ounce: never further off than the averages are themselves. */
    private static final int PERCENT = 15;

    private static final LineReader READER = new LineReader(Catalogue.load());

    @Property(tries = 500)
    void a_volume_of_food_reads_back_as_itself(@ForAll @DoubleRange(min = 0.06, max = 40) double cups) {
        Volume meant = Volume.ofCups(cups);
        String told = new KitchenMeasure(Units.US).volume(meant, false);
        Mass expected = Mass.ofGrams(cups * 128);
        assertThat(raw(told + " carrots, diced").grams())
                .as(told)
                .isCloseTo(expected.grams(), withinPercentage(PERCENT));
    }

    @Property(tries = 500)
    void a_volume_of_broth_reads_back_as_itself(@ForAll @DoubleRange(min = 0.06, max = 60) double cups) {
        String told = new KitchenMeasure(Units.US).volume(Volume.ofCups(cups), true);
        assertThat(portion(told + " pork stock").broth().cups()).as(told).isCloseTo(cups, withinPercentage(PERCENT));
    }

    @Property(tries = 500)
    // Below that, a kitchen scale in ounces tells no difference.
    void a_mass_reads_back_as_itself(
            @ForAll @DoubleRange(min = 20, max = 9_000) double grams, @ForAll("units") Units units) {
        String told = new KitchenMeasure(units).mass(Mass.ofGrams(grams));
        // "1 lb 5 oz" is two amounts; a recipe line begins with one, so pounds and ounces are read one by one.
        double read = 0;
        for (String part : told.replace(" lb ", " lb+").split("\\+")) {
            read += raw(part + " carrots").grams();
        }
        assertThat(read).as(told).isCloseTo(grams, withinPercentage(PERCENT));
    }

    @Provide
    Arbitrary<Units> units() {
        return Arbitraries.of(Units.values());
    }

    private static Mass raw(String line) {
        return portion(line).raw();
    }

    private static Portion portion(String line) {
        IngredientLine read = READER.read(line);
        return Portions.of(read, Pack.HOT).orElseThrow(() -> new AssertionError("not understood: " + line));
    }
}

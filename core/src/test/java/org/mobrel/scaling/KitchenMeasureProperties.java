package org.mobrel.scaling;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.mobrel.quantity.Mass;
import org.mobrel.quantity.Volume;
import org.mobrel.recipe.Amount;

/** What a cook is told to measure is what was meant: near enough, and read back as a recipe it is the same again. */
class KitchenMeasureProperties {

    private static final double TSP_ML = 236.59 / 48;
    private static final KitchenMeasure US = new KitchenMeasure(Units.US);
    private static final KitchenMeasure METRIC = new KitchenMeasure(Units.METRIC);

    /** A mass: 3 %, or a third of the finest line of the scale. */
    private static double slack(double exact, double smallest) {
        return Math.max(0.03 * exact, smallest / 3) + 1e-9;
    }

    /** A volume: 7 % where only cups and whole spoons come near, and half of the smallest spoon. */
    private static double poured(double exact, double teaspoon) {
        return Math.max(0.07 * exact, VolumeFormat.SMALLEST_TSP * teaspoon / 2) + 1e-9;
    }

    @Property(tries = 3_000)
    void rounding_a_volume_changes_it_little(
            @ForAll @DoubleRange(min = 0.3, max = 30_000) double ml, @ForAll boolean liquid) {
        Volume exact = Volume.ofMillilitres(ml);
        double meant = exact.millilitres();
        assertThat(US.rounded(exact, liquid).millilitres())
                .as(US.volume(exact, liquid))
                .isCloseTo(meant, within(poured(meant, TSP_ML) + 0.001));
        assertThat(METRIC.rounded(exact, liquid).millilitres())
                .as(METRIC.volume(exact, liquid))
                .isCloseTo(meant, within(poured(meant, 5) + 0.001));
    }

    @Property(tries = 3_000)
    void rounding_a_spoonful_changes_it_little(@ForAll @DoubleRange(min = 0.3, max = 250) double ml) {
        rounding_a_volume_changes_it_little(ml, false);
    }

    @Property(tries = 3_000)
    void rounding_a_mass_changes_it_little(@ForAll @DoubleRange(min = 2, max = 20_000) double grams) {
        Mass exact = Mass.ofGrams(grams);
        assertThat(US.rounded(exact).grams())
                .as(US.mass(exact))
                .isCloseTo(exact.grams(), within(slack(exact.grams(), MassFormat.SMALLEST_OUNCE * 28.3495) + 0.001));
        assertThat(METRIC.rounded(exact).grams())
                .as(METRIC.mass(exact))
                .isCloseTo(exact.grams(), within(slack(exact.grams(), MassFormat.SMALLEST_GRAM) + 0.001));
    }

    private static final java.util.regex.Pattern NOT_IN_A_KITCHEN = java.util.regex.Pattern.compile(
            "([5-9]|\\d\\d)[¼½¾⅛]? tbsp|[1-9][⅛⅜⅝⅞]|cups? \\+ [4-9]|tbsp \\+ [3-9]|tsp \\+|\\+.*\\+");

    @Property(tries = 3_000)
    void every_measure_is_one_that_hangs_in_a_kitchen(
            @ForAll @DoubleRange(min = 0.3, max = 3_000) double ml, @ForAll boolean liquid) {
        assertThat(US.volume(Volume.ofMillilitres(ml), liquid)).doesNotContainPattern(NOT_IN_A_KITCHEN);
    }

    @Property(tries = 1_000)
    void words_read_back_as_what_they_say(
            @ForAll @DoubleRange(min = 0.7, max = 30_000) double size, @ForAll boolean liquid) {
        for (KitchenMeasure measure : new KitchenMeasure[] {US, METRIC}) {
            Volume volume = Volume.ofMillilitres(size);
            String poured = measure.volume(volume, liquid);
            // A metric spoon holds 5 mL, the reader's 4.93.
            assertThat(read(poured).volume().orElseThrow().millilitres())
                    .as(poured)
                    .isCloseTo(measure.rounded(volume, liquid).millilitres(), withinPercentage(1.6));
            Mass mass = Mass.ofGrams(Math.max(2, size));
            String weighed = measure.mass(mass);
            assertThat(read(weighed).mass().orElseThrow().grams())
                    .as(weighed)
                    .isCloseTo(measure.rounded(mass).grams(), withinPercentage(0.1));
        }
    }

    private static Amount read(String words) {
        return Amount.read(words).orElseThrow(() -> new AssertionError("not understood: " + words));
    }
}

package org.mobrel;

import java.time.Duration;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.mobrel.canner.Gauge;
import org.mobrel.canner.PressureTable;
import org.mobrel.foods.Catalogue;
import org.mobrel.foods.Pack;
import org.mobrel.jars.JarCount;
import org.mobrel.jars.JarSize;
import org.mobrel.jars.JarTable;
import org.mobrel.jars.Mouth;
import org.mobrel.quantity.Altitude;
import org.mobrel.quantity.Fraction;
import org.mobrel.recipe.IngredientLine;
import org.mobrel.recipe.LineReader;
import org.mobrel.ruling.Batch;
import org.mobrel.ruling.Rulings;
import org.mobrel.ruling.School;

/** How fast a pasted recipe of 25 lines is read and ruled on: {@code ./mobrel bench}. */
public final class RulingBench {

    private static final int ROUNDS = 3_000;
    private static final List<String> FIVE = List.of(
            "1 1/2 lb dried kidney beans, soaked overnight",
            "5 cups butternut squash, peeled, in 1-inch cubes",
            "3 lb boneless turkey, cubed",
            "2 quarts chicken stock, chilled and skimmed",
            "2 tsp smoked paprika");

    private RulingBench() {}

    public static void main(String[] arguments) {
        List<String> lines = new ArrayList<>();
        for (int copy = 0; copy < 5; copy++) {
            lines.addAll(FIVE);
        }
        LineReader reader = new LineReader(Catalogue.load());
        Rulings rulings = new Rulings(Catalogue.load(), PressureTable.load(), JarTable.load());
        List<IngredientLine> read = reader.readAll(lines);
        report("read 25 lines", () -> reader.readAll(lines));
        report(
                "rule on 25 lines",
                () -> rulings.rule(new Batch(
                        read,
                        Pack.HOT,
                        Fraction.HALF,
                        List.of(new JarCount(JarSize.QUART, Mouth.REGULAR, 7)),
                        Altitude.ofFeet(3_150),
                        Gauge.weighted(),
                        School.LONGEST_INGREDIENT)));
    }

    private static void report(String what, Runnable work) {
        long first = time(work);
        for (int round = 0; round < ROUNDS; round++) {
            work.run();
        }
        long[] nanos = new long[ROUNDS];
        Arrays.setAll(nanos, round -> time(work));
        Arrays.sort(nanos);
        System.out.printf(
                "%-18s first %s, median %s, 95th of 100 %s%n",
                what, millis(first), millis(nanos[ROUNDS / 2]), millis(nanos[ROUNDS * 95 / 100]));
    }

    private static long time(Runnable work) {
        long start = System.nanoTime();
        work.run();
        return System.nanoTime() - start;
    }

    private static String millis(long nanos) {
        return "%.2f ms".formatted(Duration.ofNanos(nanos).toNanos() / 1e6);
    }
}

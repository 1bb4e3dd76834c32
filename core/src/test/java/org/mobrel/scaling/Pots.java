package org.mobrel.scaling;

import java.util.List;
import org.mobrel.foods.Catalogue;
import org.mobrel.foods.Pack;
import org.mobrel.jars.Headspace;
import org.mobrel.jars.JarCount;
import org.mobrel.jars.JarKind;
import org.mobrel.jars.JarSize;
import org.mobrel.jars.JarTable;
import org.mobrel.jars.Mouth;
import org.mobrel.quantity.Fraction;
import org.mobrel.quantity.Volume;
import org.mobrel.recipe.IngredientLine;
import org.mobrel.recipe.LineReader;

/** Pots to scale in tests. */
final class Pots {

    static final LineReader READER = new LineReader(Catalogue.load());
    static final Scaling SCALING = new Scaling(JarTable.load());
    static final JarKind QUART = new JarKind(JarSize.QUART, Mouth.REGULAR);
    static final JarKind PINT = new JarKind(JarSize.PINT, Mouth.REGULAR);

    private Pots() {}

    static IngredientLine line(String text) {
        return READER.read(text);
    }

    /** Half solids, hot. */
    static Pot soup(String... lines) {
        return Pot.of(READER.readAll(List.of(lines)), Pack.HOT, Fraction.HALF);
    }

    static Pot of(Pack pack, double share, String... lines) {
        return Pot.of(READER.readAll(List.of(lines)), pack, Fraction.of(share));
    }

    static Pot lambStew() {
        return soup(
                "3 lb lamb in 1-inch cubes",
                "4 cups carrots, sliced",
                "2 cups onion, chopped",
                "2 qt lamb stock",
                "2 tsp salt");
    }

    static Scaled toQuarts(Pot pot, int count) {
        return SCALING.toJars(pot, Headspace.ONE_INCH, List.of(QUART.times(count)), Volume.ZERO)
                .orElseThrow();
    }

    static Scaled fill(Pot pot, double factor, Volume keepBack) {
        return SCALING.toFill(pot, Headspace.ONE_INCH, factor, List.of(QUART, PINT), keepBack, all -> true)
                .orElseThrow();
    }

    static int count(Scaled scaled, JarKind kind) {
        return scaled.jars().stream()
                .filter(jar -> jar.kind().equals(kind))
                .mapToInt(JarCount::count)
                .sum();
    }
}

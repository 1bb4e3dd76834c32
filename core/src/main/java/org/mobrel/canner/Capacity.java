package org.mobrel.canner;

import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.mobrel.jars.JarKind;
import org.mobrel.jars.JarSize;
import org.mobrel.jars.Mouth;

/**
 * How many jars of each kind fill one layer of a canner, and how many layers there are. A kind that is not listed is judged by its
 * next of kin: the other mouth of its size; 12 oz jars by pints; half-pints by pints, which are wider.
 *
 * @param perLayer jars of a kind that fill a layer alone, 0 to 60; 0 for a kind that does not go in
 * @param layers 1 to 3; all of them only for the jars that {@code upper} allows
 */
public record Capacity(Map<JarKind, Integer> perLayer, int layers, UpperLayer upper) {

    /** Fewer than this and heat-up and cool-down are too short for the tested processes (source: the guide's general part). */
    public static final int FEWEST_QUARTS = 4;

    public static final int MOST_IN_A_LAYER = 60;

    public static final int MOST_LAYERS = 3;

    /** @throws IllegalArgumentException if no canner is like that */
    public Capacity {
        perLayer = Map.copyOf(perLayer);
        perLayer.forEach((kind, count) -> require("jars in a layer", count, 0, MOST_IN_A_LAYER));
        require("layers", layers, 1, MOST_LAYERS);
    }

    /** The usual canner: so many quarts or pints a layer whatever their mouth, and layers for short jars. */
    public static Capacity of(int quarts, int pints, int layers) {
        Map<JarKind, Integer> perLayer = new HashMap<>();
        for (Mouth mouth : Mouth.values()) {
            perLayer.put(new JarKind(JarSize.QUART, mouth), quarts);
            perLayer.put(new JarKind(JarSize.PINT, mouth), pints);
        }
        return new Capacity(perLayer, layers, UpperLayer.SHORT);
    }

    private static void require(String what, int value, int least, int most) {
        if (value < least || value > most) {
            throw new IllegalArgumentException("%s: not between %s and %s: %s".formatted(what, least, most, value));
        }
    }

    /** How many jars of this kind fill one layer alone; 0 where they do not go in. */
    public int of(JarKind kind) {
        return known(kind).or(() -> nextOfKin(kind)).orElse(0);
    }

    private Optional<Integer> known(JarKind kind) {
        Mouth other = kind.mouth() == Mouth.WIDE ? Mouth.REGULAR : Mouth.WIDE;
        return Optional.ofNullable(perLayer.get(kind))
                .or(() -> Optional.ofNullable(perLayer.get(new JarKind(kind.size(), other))));
    }

    private Optional<Integer> nextOfKin(JarKind kind) {
        return switch (kind.size()) {
            case TWELVE_OUNCE, HALF_PINT -> known(new JarKind(JarSize.PINT, kind.mouth()));
            case PINT_AND_A_HALF -> known(new JarKind(JarSize.QUART, kind.mouth()));
            case PINT, QUART, HALF_GALLON -> Optional.empty();
        };
    }

    /** The most quarts of either mouth in a layer. */
    public int quarts() {
        return most(JarSize.QUART);
    }

    /** The most pints of either mouth in a layer. */
    public int pints() {
        return most(JarSize.PINT);
    }

    private int most(JarSize size) {
        return EnumSet.allOf(Mouth.class).stream()
                .mapToInt(mouth -> of(new JarKind(size, mouth)))
                .max()
                .orElse(0);
    }

    /** How many jars of a kind, and nothing else, go into one load. */
    public int ofOneLoad(JarKind kind) {
        return of(kind) * (kind.size().isShort() ? layers : 1);
    }

    /** Whether it is a pressure canner at all: a smaller cooker heats and cools too fast for the tested times. */
    public boolean holdsFourQuarts() {
        return List.of(Mouth.values()).stream()
                .anyMatch(mouth -> of(new JarKind(JarSize.QUART, mouth)) >= FEWEST_QUARTS);
    }
}

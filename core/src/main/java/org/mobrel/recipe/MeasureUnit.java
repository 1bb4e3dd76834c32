package org.mobrel.recipe;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** A unit of a recipe, US customary or metric, and what it comes to in grams or millilitres. */
public enum MeasureUnit {
    TEASPOON("tsp", Kind.VOLUME, 236.59 / 48, "tsp", "teaspoon", "teasp"),
    TABLESPOON("tbsp", Kind.VOLUME, 236.59 / 16, "tbsp", "tablespoon", "tbs", "tblsp", "tbl"),
    FLUID_OUNCE("fl oz", Kind.VOLUME, 236.59 / 8, "fl oz", "fluid ounce", "floz"),
    CUP("cup", Kind.VOLUME, 236.59, "cup", "c"),
    PINT("pt", Kind.VOLUME, 236.59 * 2, "pint", "pt"),
    QUART("qt", Kind.VOLUME, 236.59 * 4, "quart", "qt"),
    GALLON("gal", Kind.VOLUME, 236.59 * 16, "gallon", "gal"),
    MILLILITRE("ml", Kind.VOLUME, 1, "ml", "millilitre", "milliliter", "cc"),
    CENTILITRE("cl", Kind.VOLUME, 10, "cl", "centilitre", "centiliter"),
    DECILITRE("dl", Kind.VOLUME, 100, "dl", "decilitre", "deciliter"),
    LITRE("l", Kind.VOLUME, 1000, "l", "litre", "liter", "ltr"),
    OUNCE("oz", Kind.MASS, 28.349523125, "oz", "ounce"),
    POUND("lb", Kind.MASS, 453.59237, "lb", "pound"),
    GRAM("g", Kind.MASS, 1, "g", "gram", "gramme", "gr"),
    KILOGRAM("kg", Kind.MASS, 1000, "kg", "kilo", "kilogram", "kilogramme"),
    PIECE("", Kind.COUNT, 1, "clove", "stalk", "ear", "piece", "slice", "strip", "spear", "fillet", "leaf", "knob"),
    CAN("can", Kind.CONTAINER, 1, "can", "tin"),
    JAR("jar", Kind.CONTAINER, 1, "jar", "bottle"),
    PACKAGE("package", Kind.CONTAINER, 1, "package", "packet", "pkg", "pack", "bag", "box", "carton", "tub"),
    BUNCH("bunch", Kind.CONTAINER, 1, "bunch"),
    HEAD("head", Kind.CONTAINER, 1, "head"),
    PLATE("plate", Kind.CONTAINER, 1, "plate", "plateful", "bowl", "bowlful", "basket", "basketful"),
    PINCH("pinch", Kind.TRACE, 1, "pinch", "dash", "sprig", "handful", "drop", "splash", "drizzle", "glug");

    /** What a unit measures. */
    public enum Kind {
        VOLUME,
        MASS,
        COUNT,
        /** A can, a bag, a bunch: how much is in it has to be asked. */
        CONTAINER,
        /** Too little to weigh: a pinch of salt. */
        TRACE
    }

    private static final Map<String, MeasureUnit> BY_WORD = new HashMap<>();

    static {
        for (MeasureUnit unit : values()) {
            for (String word : unit.words) {
                BY_WORD.put(word, unit);
                if (word.length() > 1) {
                    BY_WORD.put(word + "s", unit);
                    BY_WORD.put(word + "es", unit);
                }
            }
        }
        BY_WORD.put("leaves", PIECE);
    }

    private final String code;
    private final Kind kind;
    private final double size;
    private final List<String> words;

    MeasureUnit(String code, Kind kind, double size, String... words) {
        this.code = code;
        this.kind = kind;
        this.size = size;
        this.words = List.of(words);
    }

    /** The unit a recipe means by this word in lower case, singular or plural, with or without a full stop. */
    static Optional<MeasureUnit> ofWord(String word) {
        String bare = word.endsWith(".") ? word.substring(0, word.length() - 1) : word;
        return Optional.ofNullable(BY_WORD.get(bare));
    }

    /** The unit an interface calls by this code; the empty code is counted pieces. */
    public static Optional<MeasureUnit> ofCode(String code) {
        for (MeasureUnit unit : values()) {
            if (unit.code.equals(code)) {
                return Optional.of(unit);
            }
        }
        return Optional.empty();
    }

    /** The short word in interfaces: 'lb', 'cup'; empty for counted pieces. */
    public String code() {
        return code;
    }

    public Kind kind() {
        return kind;
    }

    /** Millilitres of one unit of volume, grams of one unit of mass. */
    double size() {
        return size;
    }
}

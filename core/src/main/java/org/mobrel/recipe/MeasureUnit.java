package org.mobrel.recipe;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/** A unit of a recipe, US customary or metric, and what it comes to in grams or millilitres. */
public enum MeasureUnit {
    TEASPOON("tsp", Kind.VOLUME, 236.59 / 48, "tsp", "teaspoon"),
    TABLESPOON("tbsp", Kind.VOLUME, 236.59 / 16, "tbsp", "tablespoon", "tbs", "tblsp"),
    FLUID_OUNCE("fl oz", Kind.VOLUME, 236.59 / 8, "fl oz", "fluid ounce", "floz"),
    CUP("cup", Kind.VOLUME, 236.59, "cup", "c"),
    PINT("pt", Kind.VOLUME, 236.59 * 2, "pint", "pt"),
    QUART("qt", Kind.VOLUME, 236.59 * 4, "quart", "qt"),
    GALLON("gal", Kind.VOLUME, 236.59 * 16, "gallon", "gal"),
    MILLILITRE("ml", Kind.VOLUME, 1, "ml", "millilitre", "milliliter"),
    DECILITRE("dl", Kind.VOLUME, 100, "dl", "decilitre", "deciliter"),
    LITRE("l", Kind.VOLUME, 1000, "l", "litre", "liter"),
    OUNCE("oz", Kind.MASS, 28.349523125, "oz", "ounce"),
    POUND("lb", Kind.MASS, 453.59237, "lb", "pound", "lbs"),
    GRAM("g", Kind.MASS, 1, "g", "gram", "gramme", "gr"),
    KILOGRAM("kg", Kind.MASS, 1000, "kg", "kilo", "kilogram", "kilogramme"),
    PIECE(
            "",
            Kind.COUNT,
            1,
            "clove",
            "rib",
            "stalk",
            "stick",
            "head",
            "bunch",
            "ear",
            "piece",
            "small",
            "medium",
            "large"),
    PINCH("pinch", Kind.TRACE, 1, "pinch", "dash", "sprig", "handful");

    /** What a unit measures. */
    public enum Kind {
        VOLUME,
        MASS,
        COUNT,
        /** Too little to weigh: a pinch of salt. */
        TRACE
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

    /** The unit a recipe means by this word, singular or plural, with or without a full stop. */
    static Optional<MeasureUnit> ofWord(String word) {
        String bare = word.endsWith(".") ? word.substring(0, word.length() - 1) : word;
        return Arrays.stream(values())
                .filter(unit -> unit.words.contains(bare)
                        || (bare.length() > 2
                                && bare.endsWith("s")
                                && unit.words.contains(bare.substring(0, bare.length() - 1)))
                        || bare.equals("pinches") && unit == PINCH
                        || bare.equals("bunches") && unit == PIECE)
                .findFirst();
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

package org.mobrel.foods;

import java.util.Locale;
import java.util.Map;
import java.util.regex.Pattern;

/**
 * What a food looks like through the glass of its jar, for pictures only. Never the one thing that tells two jars apart.
 *
 * @param red 0 to 255, as are the others
 */
public record Colour(int red, int green, int blue) {

    private static final Pattern WRITTEN = Pattern.compile("#[0-9a-f]{6}");

    public Colour {
        if (Math.min(red, Math.min(green, blue)) < 0 || Math.max(red, Math.max(green, blue)) > 255) {
            throw new IllegalArgumentException("no colour: %s %s %s".formatted(red, green, blue));
        }
    }

    /** @throws IllegalArgumentException unless written as '#b4622d' */
    public static Colour of(String written) {
        if (!WRITTEN.matcher(written).matches()) {
            throw new IllegalArgumentException("'%s' is not written as #b4622d".formatted(written));
        }
        return new Colour(
                Integer.parseInt(written.substring(1, 3), 16),
                Integer.parseInt(written.substring(3, 5), 16),
                Integer.parseInt(written.substring(5, 7), 16));
    }

    /**
     * What several look like together.
     *
     * @param shares how much there is of each, none of them below 0 and one above
     * @throws IllegalArgumentException if there is nothing of any
     */
    public static Colour mixed(Map<Colour, Double> shares) {
        double all = shares.values().stream().mapToDouble(Double::doubleValue).sum();
        if (!(all > 0)) {
            throw new IllegalArgumentException("nothing to mix");
        }
        double red = 0;
        double green = 0;
        double blue = 0;
        for (Map.Entry<Colour, Double> share : shares.entrySet()) {
            red += share.getKey().red() * share.getValue() / all;
            green += share.getKey().green() * share.getValue() / all;
            blue += share.getKey().blue() * share.getValue() / all;
        }
        return new Colour((int) Math.round(red), (int) Math.round(green), (int) Math.round(blue));
    }

    /** As {@link #of} reads it. */
    public String written() {
        return String.format(Locale.ROOT, "#%02x%02x%02x", red, green, blue);
    }
}

package org.mobrel.finding;

/**
 * Where a figure or a rule is published, such as 'Guide 4, soups': a section of the public home-canning guide.
 *
 * @param text not blank
 */
public record Source(String text) {

    /** The general part of the guide: principles, equipment, pressure and altitude. */
    public static final Source GUIDE_GENERAL = new Source("Guide 1 and each table");

    /** The soup table and the words around it: half solids, no thickener. */
    public static final Source GUIDE_SOUPS = new Source("Guide 4, soups");

    /** @throws IllegalArgumentException if the text is blank */
    public Source {
        if (text.isBlank()) {
            throw new IllegalArgumentException("source is blank");
        }
    }
}

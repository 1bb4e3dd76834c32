package org.mobrel.shelf;

/**
 * Where jars stand, in the household's own words, such as 'Cellar, left'.
 *
 * @param name 1 to {@value #LONGEST} characters
 */
public record Place(String name) implements Comparable<Place> {

    public static final int LONGEST = 40;

    /** Where jars stand as long as nobody says anything else. */
    public static final Place SHELF = new Place("Shelf");

    /** @throws IllegalArgumentException if the name is blank or too long */
    public Place {
        name = name.strip();
        if (name.isEmpty() || name.length() > LONGEST) {
            throw new IllegalArgumentException(
                    "a place is named in 1 to %s characters: \"%s\"".formatted(LONGEST, name));
        }
    }

    @Override
    public int compareTo(Place other) {
        return name.compareTo(other.name);
    }
}

package org.mobrel.jars;

/**
 * So many jars of one kind, such as '7 wide quarts'.
 *
 * @param count at least 1
 */
public record JarCount(JarSize size, Mouth mouth, int count) {

    /** More jars than any kitchen fills in a day; a larger number is a slip of the finger. */
    public static final int MOST = 500;

    /** @throws IllegalArgumentException if the count is not between 1 and {@link #MOST} */
    public JarCount {
        if (count < 1 || count > MOST) {
            throw new IllegalArgumentException("jar count is not between 1 and %s: %s".formatted(MOST, count));
        }
    }

    public JarKind kind() {
        return new JarKind(size, mouth);
    }
}

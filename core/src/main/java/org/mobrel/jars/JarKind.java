package org.mobrel.jars;

/** A kind of jar on a kitchen's shelf, such as 'wide quart': what a cook buys, counts and calibrates. */
public record JarKind(JarSize size, Mouth mouth) {

    /** So many of them. */
    public JarCount times(int count) {
        return new JarCount(size, mouth, count);
    }
}

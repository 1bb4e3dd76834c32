package org.mobrel.loading;

import org.mobrel.jars.JarCount;
import org.mobrel.jars.JarKind;
import org.mobrel.quantity.Minutes;

/**
 * Jars of one dish and one kind.
 *
 * @param dish what is in them, such as 'okra soup'
 * @param count 1 to {@link JarCount#MOST}
 * @param process their own minutes; they may get more in a load with others, never less
 * @param ready minutes of the day when they can go in
 */
public record JarGroup(String id, String dish, JarKind kind, int count, Minutes process, Minutes ready) {

    /** @throws IllegalArgumentException if there is no jar, no time, or more than a kitchen fills */
    public JarGroup {
        if (count < 1 || count > JarCount.MOST) {
            throw new IllegalArgumentException("jar count is not between 1 and %s: %s".formatted(JarCount.MOST, count));
        }
        if (process.value() < 1) {
            throw new IllegalArgumentException("a process of 0 min");
        }
    }
}

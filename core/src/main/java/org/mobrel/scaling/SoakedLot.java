package org.mobrel.scaling;

import java.util.List;
import org.mobrel.jars.JarCount;
import org.mobrel.quantity.Mass;

/**
 * A soaked and boiled lot on the scale, shared out evenly: nobody can count beans into jars.
 *
 * @param perJar one for each kind of jar, in the order of the plan
 */
public record SoakedLot(Mass weighed, List<OfKind> perJar) {

    /** What one jar of a kind gets. */
    public record OfKind(JarCount jars, Mass each) {}

    public SoakedLot {
        perJar = List.copyOf(perJar);
    }

    /** By what each jar holds: a pint gets half of a quart's. Nothing is handed out where no jar is filled. */
    public static SoakedLot of(Mass weighed, Scaled scaled) {
        return new SoakedLot(
                weighed,
                scaled.perJar().stream()
                        .map(share -> new OfKind(
                                share.jars(), weighed.times(share.fill().dividedBy(scaled.fill()))))
                        .toList());
    }
}

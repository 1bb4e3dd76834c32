package org.mobrel.scaling;

import java.util.List;
import org.mobrel.quantity.Volume;

/**
 * Boiling broth while jars are being filled.
 *
 * @param left what is still in the kettle; zero if it ought to be empty
 * @param moreJars how many of the jars to come it is enough for
 * @param toCome jars that are not filled yet
 * @param missing what has to be boiled besides, for all of them; zero if it is enough
 */
public record Kettle(Volume left, int moreJars, int toCome, Volume missing) {

    /** Boiling liquid to have ready beyond the need, about a third: jars take more than the sum says, never less. */
    private static final double RESERVE = 0.35;

    /** A jar and how many of its kind are filled already. */
    public record Filled(Scaled.JarShare jar, int count) {

        /** @throws IllegalArgumentException if more are filled than there are */
        public Filled {
            if (count < 0 || count > jar.jars().count()) {
                throw new IllegalArgumentException(
                        "%s of %s jars are filled".formatted(count, jar.jars().count()));
            }
        }

        private int open() {
            return jar.jars().count() - count;
        }
    }

    public static Volume toBoil(Volume need) {
        return need.times(1 + RESERVE);
    }

    /**
     * Where the kettle stands.
     *
     * @param boiling what was put on
     * @param jars every kind of jar in the order they are filled
     */
    public static Kettle at(Volume boiling, List<Filled> jars) {
        Volume used = Volume.ZERO;
        Volume toCome = Volume.ZERO;
        for (Filled jar : jars) {
            used = used.plus(jar.jar().broth().times(jar.count()));
            toCome = toCome.plus(jar.jar().broth().times(jar.open()));
        }
        Volume left = boiling.compareTo(used) > 0 ? boiling.minus(used) : Volume.ZERO;
        return new Kettle(
                left,
                enoughFor(left, jars),
                jars.stream().mapToInt(Filled::open).sum(),
                toCome.compareTo(left) > 0 ? toCome.minus(left) : Volume.ZERO);
    }

    private static int enoughFor(Volume left, List<Filled> jars) {
        int enough = 0;
        Volume rest = left;
        for (Filled kind : jars) {
            for (int jar = 0; jar < kind.open(); jar++) {
                if (rest.compareTo(kind.jar().broth()) < 0) {
                    return enough;
                }
                rest = rest.minus(kind.jar().broth());
                enough++;
            }
        }
        return enough;
    }
}

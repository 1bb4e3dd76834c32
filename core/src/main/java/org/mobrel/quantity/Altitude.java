package org.mobrel.quantity;

/**
 * Height above the sea, such as '3,150 ft', stored as whole micrometres so that feet and metres are both exact.
 *
 * @param micrometres may be negative; no lower than the lowest dry land, -500 m, and no higher than 9,000 m
 */
public record Altitude(long micrometres) implements Comparable<Altitude> {

    private static final long MICROMETRES_PER_FOOT = 304_800;
    private static final long LOWEST = -500_000_000L;
    private static final long HIGHEST = 9_000_000_000L;

    /** @throws IllegalArgumentException if nobody could be cooking there */
    public Altitude {
        if (micrometres < LOWEST || micrometres > HIGHEST) {
            throw new IllegalArgumentException("altitude is not between -500 and 9000 m: %s µm".formatted(micrometres));
        }
    }

    public static Altitude ofFeet(double feet) {
        return new Altitude(Checks.round("altitude", feet * MICROMETRES_PER_FOOT));
    }

    public static Altitude ofMetres(double metres) {
        return new Altitude(Checks.round("altitude", metres * 1_000_000));
    }

    public double feet() {
        return (double) micrometres / MICROMETRES_PER_FOOT;
    }

    public double metres() {
        return micrometres / 1_000_000.0;
    }

    @Override
    public int compareTo(Altitude other) {
        return Long.compare(micrometres, other.micrometres);
    }
}

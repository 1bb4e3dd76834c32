package org.mobrel.quantity;

/**
 * A volume such as '902 mL', stored as whole microlitres. May be negative only as a {@link #minus difference} asks for it:
 * then it is refused, so shortfalls are told apart by comparing.
 *
 * @param microlitres at least 0
 */
public record Volume(long microlitres) implements Comparable<Volume> {

    public static final Volume ZERO = new Volume(0);

    /** A US customary cup: 236.5882365 mL, in the kitchen 236.59. */
    public static final Volume CUP = ofMillilitres(236.59);

    /** @throws IllegalArgumentException if the volume is negative */
    public Volume {
        Checks.notNegative("volume", microlitres, "µL");
    }

    public static Volume ofMillilitres(double millilitres) {
        return new Volume(Checks.round("volume", millilitres * 1_000));
    }

    public static Volume ofCups(double cups) {
        return ofMillilitres(cups * 236.59);
    }

    public double millilitres() {
        return microlitres / 1_000.0;
    }

    public double cups() {
        return (double) microlitres / CUP.microlitres;
    }

    public Volume plus(Volume other) {
        return new Volume(Math.addExact(microlitres, other.microlitres));
    }

    /** @throws IllegalArgumentException if the other volume is the larger one */
    public Volume minus(Volume other) {
        return new Volume(Math.subtractExact(microlitres, other.microlitres));
    }

    public Volume times(double ratio) {
        return ofMillilitres(millilitres() * ratio);
    }

    public boolean isZero() {
        return microlitres == 0;
    }

    /** How many times the other volume goes into this one, such as 3.5 cups in 828 mL. */
    public double dividedBy(Volume other) {
        if (other.isZero()) {
            throw new IllegalArgumentException("volume is divided by a volume of 0 µL");
        }
        return (double) microlitres / other.microlitres;
    }

    @Override
    public int compareTo(Volume other) {
        return Long.compare(microlitres, other.microlitres);
    }
}

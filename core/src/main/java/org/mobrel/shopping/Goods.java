package org.mobrel.shopping;

import java.util.Optional;
import org.mobrel.quantity.Mass;
import org.mobrel.quantity.Volume;
import org.mobrel.recipe.MeasureUnit;

/**
 * So much of one thing, by mass, by volume or by count; none of them for 'salt to taste'.
 *
 * @param count of the unit, at least 0; only where neither mass nor volume is known
 */
public record Goods(Optional<Mass> mass, Optional<Volume> volume, double count, MeasureUnit unit) {

    /** Something of it, nobody says how much. */
    static final Goods SOME = new Goods(Optional.empty(), Optional.empty(), 0, MeasureUnit.PIECE);

    static Goods of(Mass mass) {
        return new Goods(Optional.of(mass), Optional.empty(), 0, MeasureUnit.PIECE);
    }

    static Goods of(Volume volume) {
        return new Goods(Optional.empty(), Optional.of(volume), 0, MeasureUnit.PIECE);
    }

    static Goods of(double count, MeasureUnit unit) {
        return new Goods(Optional.empty(), Optional.empty(), count, unit);
    }

    /** Whether two amounts of this can be added. */
    boolean isLike(Goods other) {
        return mass.isPresent() == other.mass.isPresent()
                && volume.isPresent() == other.volume.isPresent()
                && unit == other.unit
                && (count > 0) == (other.count > 0);
    }

    /** @throws IllegalArgumentException if the two cannot be added */
    Goods plus(Goods other) {
        if (!isLike(other)) {
            throw new IllegalArgumentException("%s and %s are measured differently".formatted(this, other));
        }
        return new Goods(
                mass.map(mine -> mine.plus(other.mass.orElseThrow())),
                volume.map(mine -> mine.plus(other.volume.orElseThrow())),
                count + other.count,
                unit);
    }

    /** What is left to buy when some of it is in the house; nothing if there is enough. */
    Goods less(Goods have) {
        return new Goods(
                mass.map(mine -> mine.minus(smaller(mine, have.mass.orElse(Mass.ZERO)))),
                volume.map(mine -> mine.minus(smaller(mine, have.volume.orElse(Volume.ZERO)))),
                Math.max(0, count - have.count),
                unit);
    }

    private static <T extends Comparable<T>> T smaller(T one, T other) {
        return one.compareTo(other) <= 0 ? one : other;
    }

    /** Whether anybody said how much. */
    public boolean isMeasured() {
        return mass.isPresent() || volume.isPresent() || count > 0;
    }

    /** Whether something of it is there to be bought or kept. */
    public boolean isSomething() {
        return isMeasured() && !isNothing();
    }

    /** Whether none of it is left to buy. */
    boolean isNothing() {
        return mass.map(Mass::isZero).orElse(true) && volume.map(Volume::isZero).orElse(true) && count <= 0;
    }
}

package org.mobrel.day;

import java.util.List;
import org.mobrel.foods.Pack;
import org.mobrel.quantity.Minutes;

/**
 * How long a canner takes besides the process.
 *
 * @param heatUp from the locked lid to steady steam
 * @param comeUp from the weight on to the mark
 * @param coolDown from heat off to zero by itself
 * @param runs how many runs of its own they come from; 0 for kitchen averages
 */
public record CannerTimes(Span heatUp, Span comeUp, Span coolDown, int runs) {

    /** Fewer than this and a canner has no habits yet. */
    public static final int ENOUGH_RUNS = 3;

    /** Averages of kitchens: hot jars in hot water, and the cold ones that take three quarters of an hour and more. */
    private static final Span HOT = Span.of(15, 20, 25);

    private static final Span COLD = Span.of(40, 45, 60);
    private static final Span RISE = Span.of(5, 8, 12);
    private static final Span COOL = Span.of(30, 40, 45);
    private static final Span COOL_SMALL = Span.of(25, 32, 40);
    private static final int SMALL_QUARTS = 5;

    /** One past run; a time that was not written down is not among them. */
    public record Seen(Pack pack, Minutes heatUp, Minutes comeUp, Minutes coolDown) {}

    /**
     * What its own runs say once there are three of the same pack, else what is usual for pack and size.
     *
     * @param seen its past runs
     * @param quarts how many it holds
     */
    public static CannerTimes of(List<Seen> seen, Pack pack, int quarts) {
        List<Seen> alike = seen.stream().filter(run -> run.pack() == pack).toList();
        if (alike.size() >= ENOUGH_RUNS) {
            return new CannerTimes(
                    Span.seen(alike.stream().map(Seen::heatUp).toList()),
                    Span.seen(alike.stream().map(Seen::comeUp).toList()),
                    Span.seen(alike.stream().map(Seen::coolDown).toList()),
                    alike.size());
        }
        return new CannerTimes(pack == Pack.HOT ? HOT : COLD, RISE, quarts < SMALL_QUARTS ? COOL_SMALL : COOL, 0);
    }
}

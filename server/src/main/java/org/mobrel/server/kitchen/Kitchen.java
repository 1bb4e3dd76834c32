package org.mobrel.server.kitchen;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.mobrel.quantity.Altitude;
import org.mobrel.ruling.TimingPolicy;
import org.mobrel.run.CheckTick;
import org.mobrel.scaling.Household;
import org.mobrel.scaling.Units;

/**
 * The kitchen as it is set up.
 *
 * @param bestMonths how long jars are at their best, {@value #LEAST_MONTHS} to {@value #MOST_MONTHS}
 * @param care the care points that are looked at before every run here
 * @param altitude empty until the cook has said it; without it there is no pressure and no run
 */
public record Kitchen(
        Optional<Altitude> altitude,
        Units units,
        TimingPolicy school,
        Household household,
        Workplace workplace,
        int bestMonths,
        Writing writing,
        Set<CheckTick.Check> care,
        List<KitchenCanner> canners) {

    public static final int LEAST_MONTHS = 1;
    public static final int MOST_MONTHS = 18;

    public Kitchen {
        care = Set.copyOf(care);
        canners = List.copyOf(canners);
    }

    public Optional<KitchenCanner> canner(long id) {
        return canners.stream().filter(canner -> canner.id() == id).findFirst();
    }
}

package org.mobrel.server.kitchen;

import java.math.RoundingMode;
import java.util.Locale;
import java.util.function.Function;
import org.mobrel.quantity.Altitude;
import org.mobrel.scaling.Units;

/** A setting of the kitchen that one device may change while another one has it on the screen. */
enum KitchenField {
    ALTITUDE("altitude", Kitchen::altitude, KitchenField::altitude),
    UNITS("units", Kitchen::units, kitchen -> "The measures were changed to %s"
            .formatted(kitchen.units() == Units.METRIC ? "metric" : "US")),
    SCHOOL("school", Kitchen::school, kitchen -> "How a mixed soup is timed was changed"),
    PEOPLE("people", kitchen -> kitchen.household().people(), kitchen -> "The people at the table were changed to %s"
            .formatted(kitchen.household().people())),
    SERVING("serving", kitchen -> kitchen.household().serving(), kitchen -> "The serving was changed"),
    BURNERS("burners", kitchen -> kitchen.workplace().burners(), kitchen -> "The burners were changed to %s"
            .formatted(kitchen.workplace().burners())),
    QUIET_FROM(
            "quietFrom",
            kitchen -> kitchen.workplace().quietFrom(),
            kitchen -> "The start of the quiet hours was changed to %s"
                    .formatted(kitchen.workplace().quietFrom())),
    QUIET_UNTIL(
            "quietUntil",
            kitchen -> kitchen.workplace().quietUntil(),
            kitchen -> "The end of the quiet hours was changed to %s"
                    .formatted(kitchen.workplace().quietUntil())),
    BEST_MONTHS("bestMonths", Kitchen::bestMonths, kitchen -> "How long jars are at their best was changed to %s months"
            .formatted(kitchen.bestMonths())),
    HOURS("hours", kitchen -> kitchen.writing().hours(), kitchen -> "How times are written was changed"),
    DATES("dates", kitchen -> kitchen.writing().dates(), kitchen -> "How dates are written was changed");

    private final String code;
    private final Function<Kitchen, Object> value;
    private final Function<Kitchen, String> changed;

    KitchenField(String code, Function<Kitchen, Object> value, Function<Kitchen, String> changed) {
        this.code = code;
        this.value = value;
        this.changed = changed;
    }

    String code() {
        return code;
    }

    boolean differs(Kitchen one, Kitchen other) {
        return !value.apply(one).equals(value.apply(other));
    }

    /** What to say to somebody who did not know that it stands as it does. */
    String changedElsewhere(Kitchen now) {
        return changed.apply(now) + " on another device.";
    }

    private static String altitude(Kitchen kitchen) {
        return kitchen.altitude()
                .map(height -> "Altitude was changed to " + inUnits(height, kitchen.units()))
                .orElse("Altitude was taken away");
    }

    private static String inUnits(Altitude height, Units units) {
        return units == Units.METRIC ? whole(height.metres(), "m") : whole(height.feet(), "ft");
    }

    private static String whole(double number, String unit) {
        return String.format(
                Locale.ENGLISH,
                "%,d %s",
                java.math.BigDecimal.valueOf(number)
                        .setScale(0, RoundingMode.HALF_UP)
                        .longValue(),
                unit);
    }
}

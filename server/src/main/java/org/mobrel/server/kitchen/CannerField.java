package org.mobrel.server.kitchen;

import java.util.function.Function;
import org.mobrel.canner.CannerProfile;

/** What one device may change of a canner while another one has it on the screen. */
enum CannerField {
    NAME("name", CannerProfile::name, "is called %s now: that was changed"),
    GAUGE("gauge", CannerProfile::gauge, "has another gauge now: that was changed"),
    CAPACITY("capacity", CannerProfile::capacity, "holds other jars now: that was changed"),
    WEIGHT("weight", CannerProfile::weight, "has another weight now: that was changed"),
    START_WATER("startWater", CannerProfile::startWater, "starts with other water now: that was changed"),
    BURNER("burner", CannerProfile::burner, "stands elsewhere now: that was changed");

    private final String code;
    private final Function<CannerProfile, Object> value;
    private final String changed;

    CannerField(String code, Function<CannerProfile, Object> value, String changed) {
        this.code = code;
        this.value = value;
        this.changed = changed;
    }

    String code() {
        return code;
    }

    boolean differs(CannerProfile one, CannerProfile other) {
        return !value.apply(one).equals(value.apply(other));
    }

    /** What to say to somebody who did not know that it stands as it does. */
    String changedElsewhere(CannerProfile now) {
        return "\"%s\" %s on another device.".formatted(now.name(), changed.formatted(now.name()));
    }
}

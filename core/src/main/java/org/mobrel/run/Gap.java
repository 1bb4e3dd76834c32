package org.mobrel.run;

import java.time.Duration;
import java.time.Instant;

/** A stretch of a hold in which nobody looked at the instrument for longer than the reminder allows; kept, and changes nothing. */
public record Gap(Instant from, Instant until) {

    /** How many of the soft prompts in it were not answered within five minutes. */
    public int missedLooks() {
        long minutes = Duration.between(from, until).toMinutes();
        return (int) Math.max(0, (minutes - 5) / RunPlan.LOOK_EVERY.toMinutes());
    }
}

package org.mobrel.server.platform;

import java.time.Duration;
import java.time.Instant;

/**
 * A clock of a device, laid beside the server's: what it measured keeps its distances, however long a message was under way.
 *
 * @param zero the server's instant at which the device's count was nought
 */
public record DeviceClock(Instant zero) {

    /** Later or earlier than this, it slept or the server's clock was set. */
    private static final Duration APART = Duration.ofSeconds(30);

    public static DeviceClock at(long millis, Instant now) {
        return new DeviceClock(now.minusMillis(millis));
    }

    /** The same, or laid anew where they have come apart; nothing a device measured lies ahead of the server. */
    public DeviceClock beside(long millis, Instant now) {
        Instant then = zero.plusMillis(millis);
        return then.isAfter(now) || then.isBefore(now.minus(APART)) ? at(millis, now) : this;
    }

    public Instant instant(long millis) {
        return zero.plusMillis(millis);
    }
}

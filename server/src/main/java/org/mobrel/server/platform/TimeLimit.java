package org.mobrel.server.platform;

/** So much time from now on, by a clock that never steps. */
public final class TimeLimit {

    private static final long NANOS = 1_000_000;

    private final long until;

    private TimeLimit(long until) {
        this.until = until;
    }

    public static TimeLimit ofMillis(long millis) {
        return new TimeLimit(System.nanoTime() + millis * NANOS);
    }

    public boolean isUp() {
        return System.nanoTime() - until > 0;
    }
}

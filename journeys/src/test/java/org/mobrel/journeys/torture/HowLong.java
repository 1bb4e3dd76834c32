package org.mobrel.journeys.torture;

import java.time.Duration;

/** So many times, or for so many minutes. */
final class HowLong {

    private static final String MINUTES = "min";

    private final long most;
    private final long until;

    private HowLong(long most, long until) {
        this.most = most;
        this.until = until;
    }

    /**
     * @param arguments of a program
     * @param usual what is meant where nothing is said, such as 300 or 30min
     */
    static HowLong of(String[] arguments, int at, String usual) {
        String said = arguments.length > at ? arguments[at] : usual;
        return said.endsWith(MINUTES)
                ? new HowLong(
                        Long.MAX_VALUE,
                        System.nanoTime()
                                + Duration.ofMinutes(
                                                Long.parseLong(said.substring(0, said.length() - MINUTES.length())))
                                        .toNanos())
                : new HowLong(Long.parseLong(said), Long.MAX_VALUE);
    }

    boolean goesOnAfter(long done) {
        return done < most && (until == Long.MAX_VALUE || System.nanoTime() < until);
    }

    /** How many of the next ones are still meant. */
    int left(long done, int part) {
        return (int) Math.min(part, most - done);
    }
}

package org.mobrel.run;

import java.time.Instant;
import java.util.Optional;

/**
 * A fact of a run, or the wish for one before it is accepted.
 *
 * @param at by the server's clock
 * @param reading present exactly for a reading
 * @param jar present exactly for a jar's check
 * @param note the cook's own words; may be empty
 */
public record RunEvent(EventKind kind, Instant at, Optional<Reading> reading, Optional<JarCheck> jar, String note) {

    /** @throws IllegalArgumentException if a reading has no value, or anything else has one */
    public RunEvent {
        if (reading.isPresent() != (kind == EventKind.READING)) {
            throw new IllegalArgumentException(
                    kind.code() + (reading.isPresent() ? " with" : " without") + " a reading");
        }
        if (jar.isPresent() != (kind == EventKind.JAR_CHECKED)) {
            throw new IllegalArgumentException(kind.code() + (jar.isPresent() ? " with" : " without") + " a jar");
        }
    }

    public static RunEvent of(EventKind kind, Instant at) {
        return new RunEvent(kind, at, Optional.empty(), Optional.empty(), "");
    }

    public static RunEvent reading(Reading reading, Instant at) {
        return new RunEvent(EventKind.READING, at, Optional.of(reading), Optional.empty(), "");
    }

    public static RunEvent checked(JarCheck jar, Instant at) {
        return new RunEvent(EventKind.JAR_CHECKED, at, Optional.empty(), Optional.of(jar), "");
    }

    RunEvent at(Instant other) {
        return new RunEvent(kind, other, reading, jar, note);
    }
}

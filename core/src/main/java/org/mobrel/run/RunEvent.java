package org.mobrel.run;

import java.time.Instant;
import java.util.Optional;

/**
 * A fact of a run, or the command for one before it is accepted.
 *
 * @param at when it happened, by the run's clock
 * @param heard when the server was told; later than {@code at} for what was kept while it could not be reached
 * @param detail what the kind asks for
 * @param note the cook's own words; may be empty
 */
public record RunEvent(
        EventKind kind, Instant at, Instant heard, Optional<EventDetail> detail, Reporter by, String note) {

    /** @throws IllegalArgumentException if the detail is not the kind's own, or it is heard before it happened */
    public RunEvent {
        if (!kind.takes(detail)) {
            throw new IllegalArgumentException(kind.code() + (detail.isPresent() ? " with" : " without") + " a detail");
        }
        if (heard.isBefore(at)) {
            throw new IllegalArgumentException(kind.code() + " heard before it happened");
        }
    }

    public static RunEvent of(EventKind kind, Instant at) {
        return new RunEvent(kind, at, at, Optional.empty(), Reporter.SOMEBODY, "");
    }

    public static RunEvent of(EventKind kind, EventDetail detail, Instant at) {
        return new RunEvent(kind, at, at, Optional.of(detail), Reporter.SOMEBODY, "");
    }

    public static RunEvent reading(InstrumentReading reading, Instant at) {
        return of(EventKind.READING, reading, at);
    }

    public static RunEvent checked(JarCheck jar, Instant at) {
        return of(EventKind.JAR_CHECKED, jar, at);
    }

    public RunEvent with(String words) {
        return new RunEvent(kind, at, heard, detail, by, words);
    }

    public RunEvent by(Reporter other) {
        return new RunEvent(kind, at, heard, detail, other, note);
    }

    /** As told later than it happened. */
    public RunEvent heardAt(Instant later) {
        return new RunEvent(kind, at, later, detail, by, note);
    }

    public boolean isHeardLate() {
        return heard.isAfter(at);
    }

    /** A look at the instrument; not what is told beside something else. */
    public Optional<InstrumentReading> reading() {
        return kind == EventKind.READING ? as(InstrumentReading.class) : Optional.empty();
    }

    public Optional<JarCheck> jar() {
        return as(JarCheck.class);
    }

    public Optional<Correction> correction() {
        return as(Correction.class);
    }

    public <T extends EventDetail> Optional<T> as(Class<T> type) {
        return detail.filter(type::isInstance).map(type::cast);
    }

    /** As it happened at one instant and was told at another. */
    public RunEvent happened(Instant then, Instant told) {
        return new RunEvent(kind, then, told, detail, by, note);
    }

    /** Told without anything besides that it happened. */
    RunEvent without() {
        return new RunEvent(kind, at, heard, Optional.empty(), by, note);
    }

    RunEvent saying(InstrumentReading other) {
        return new RunEvent(kind, at, heard, Optional.of(other), by, note);
    }
}

package org.mobrel.day;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;

/**
 * Hours in which nobody wants to stand in the kitchen, such as 22:00 to 7:00.
 *
 * @param from inclusive; the same as {@code until} for none
 * @param until exclusive; earlier than {@code from} when the night lies between
 */
public record Quiet(LocalTime from, LocalTime until, ZoneId zone) {

    public boolean isAt(Instant instant) {
        LocalTime time = instant.atZone(zone).toLocalTime();
        return from.isBefore(until)
                ? !time.isBefore(from) && time.isBefore(until)
                : from.isAfter(until) && (!time.isBefore(from) || time.isBefore(until));
    }

    /** The first quiet instant from one on; the instant itself if it is quiet, nothing ever if none is. */
    public Instant next(Instant instant) {
        if (from.equals(until)) {
            return Instant.MAX;
        }
        if (isAt(instant)) {
            return instant;
        }
        LocalDate day = instant.atZone(zone).toLocalDate();
        Instant today = day.atTime(from).atZone(zone).toInstant();
        return today.isBefore(instant)
                ? day.plusDays(1).atTime(from).atZone(zone).toInstant()
                : today;
    }
}

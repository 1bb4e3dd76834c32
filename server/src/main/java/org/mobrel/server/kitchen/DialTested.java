package org.mobrel.server.kitchen;

import java.time.LocalDate;
import java.util.Optional;
import org.mobrel.canner.GaugeTest;

/**
 * A dial was tested, or a test turned out to be a slip of the pen.
 *
 * @param before the day of the test before it; empty for the first
 * @param struck whether it no longer counts
 */
public record DialTested(
        long canner, String cannerName, long id, GaugeTest test, Optional<LocalDate> before, boolean struck) {}

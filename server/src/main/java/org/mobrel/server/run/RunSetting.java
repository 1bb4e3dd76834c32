package org.mobrel.server.run;

import java.time.Instant;
import org.mobrel.canner.Gauge;
import org.mobrel.quantity.Altitude;
import org.mobrel.quantity.GaugePressure;
import org.mobrel.run.Jiggles;

/**
 * What a load goes by: taken from the kitchen when its lid is locked.
 *
 * @param truePressure the least at this altitude for this kind of gauge
 * @param target what to read on this canner's own instrument for it
 */
record RunSetting(
        Altitude altitude,
        Gauge gauge,
        GaugePressure truePressure,
        GaugePressure target,
        Jiggles jiggles,
        String tableVersion,
        Instant takenAt) {}

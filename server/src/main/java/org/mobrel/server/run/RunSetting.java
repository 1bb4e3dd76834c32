package org.mobrel.server.run;

import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import org.mobrel.canner.Gauge;
import org.mobrel.quantity.Altitude;
import org.mobrel.quantity.GaugePressure;
import org.mobrel.quantity.Volume;
import org.mobrel.run.Jiggles;

/**
 * What a load goes by: taken from the kitchen when its lid is locked.
 *
 * @param truePressure the least at this altitude for this kind of gauge
 * @param startWater what is poured in before the jars; empty where the lid was locked before anybody counted it
 * @param zeroNotBefore so long after the heat went off a zero is doubted
 * @param target what to read on this canner's own instrument for it
 */
record RunSetting(
        Altitude altitude,
        Gauge gauge,
        GaugePressure truePressure,
        GaugePressure target,
        Jiggles jiggles,
        Optional<Volume> startWater,
        Duration zeroNotBefore,
        String tableVersion,
        Instant takenAt) {}

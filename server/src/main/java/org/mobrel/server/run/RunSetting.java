package org.mobrel.server.run;

import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import java.util.Set;
import org.mobrel.canner.Gauge;
import org.mobrel.quantity.Altitude;
import org.mobrel.quantity.GaugePressure;
import org.mobrel.quantity.Volume;
import org.mobrel.run.CheckTick;
import org.mobrel.run.Jiggles;

/**
 * What a load goes by: taken from the kitchen when its lid is locked.
 *
 * @param truePressure the least at this altitude for this kind of gauge
 * @param startWater what is poured in before the jars; empty where the lid was locked before anybody counted it
 * @param zeroNotBefore so long after the heat went off a zero is doubted
 * @param care what the kitchen looks at before the lid goes on; asked for until then, and not kept
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
        Set<CheckTick.Check> care,
        String tableVersion,
        Instant takenAt) {}

package org.mobrel.run;

/** What an event says besides that it happened. */
public sealed interface EventDetail
        permits AnsweredAlarm,
                LeftJar,
                WaterSeen,
                ZeroSigns,
                CheckTick,
                Correction,
                Decision,
                Heard,
                HeatSource,
                JarCheck,
                JarFate,
                JarSeat,
                InstrumentReading,
                Seen {}

package org.mobrel.server.platform;

import java.time.Clock;
import java.time.InstantSource;
import java.time.ZoneId;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** Where time comes in: one clock for the whole server. */
@Configuration(proxyBeanMethods = false)
class Clocks {

    /** The system's clock, or, for tests, one whose lead over it is kept in a file. */
    @Bean
    InstantSource clock(@Value("${mobrel.test-clock-file:}") String testClockFile) {
        return testClockFile.isEmpty() ? Clock.systemUTC() : new FileOffsetClock(testClockFile);
    }

    /** Time as it passes, to hold the clock against. */
    @Bean
    Elapsed elapsed(InstantSource clock) {
        return clock instanceof FileOffsetClock moved ? moved : System::nanoTime;
    }

    /** The zone of the kitchen: days, lot codes and best-by dates are local. */
    @Bean
    ZoneId kitchenZone(@Value("${mobrel.zone:}") String zone) {
        return zone.isEmpty() ? ZoneId.systemDefault() : ZoneId.of(zone);
    }
}

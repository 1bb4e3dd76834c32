package org.mobrel.server.trace;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.mobrel.server.shelf.LotAnswer;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

@RestController
class TraceController {

    /**
     * @param lowestPsi the lowest reading of its hold; null where nothing was written down
     * @param marginPsi what that leaves over the pressure it needed, below zero for too little
     * @param neededPsi the true pressure of its process
     */
    record TouchedLot(
            LotAnswer lot,
            @Nullable BigDecimal lowestPsi,
            BigDecimal neededPsi,
            @Nullable BigDecimal marginPsi,
            boolean tooSmall) {}

    /** @param since the day of the test before it; null where there was none */
    record TraceAnswer(
            long test,
            String canner,
            LocalDate on,
            BigDecimal errorPsi,
            @Nullable LocalDate since,
            List<TouchedLot> lots) {}

    private final TraceDesk desk;

    TraceController(TraceDesk desk) {
        this.desk = desk;
    }

    /** Every lot between a test and the one before it, with the margin it had. */
    @GetMapping("/api/trace/gauge-tests/{test}")
    TraceAnswer ofTest(@PathVariable long test) {
        TraceDesk.GaugeTrace trace = desk.ofTest(test);
        return new TraceAnswer(
                trace.test(),
                trace.canner(),
                trace.on(),
                trace.error().psi(),
                trace.since().orElse(null),
                trace.lots().stream()
                        .map(lot -> new TouchedLot(
                                LotAnswer.of(lot.lot()),
                                lot.held().map(held -> held.lowest().psi()).orElse(null),
                                lot.run().truePressure().psi(),
                                lot.margin().map(margin -> margin.psi()).orElse(null),
                                lot.isShort()))
                        .toList());
    }
}

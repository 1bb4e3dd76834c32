package org.mobrel.server.trace;

import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.mobrel.jars.JarSize;
import org.mobrel.quantity.GaugePressure;
import org.mobrel.quantity.Minutes;
import org.mobrel.server.platform.InvalidField;
import org.mobrel.server.shelf.LotResponse;
import org.mobrel.shelf.LotCode;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

@RestController
class TraceController {

    /**
     * @param lowestPsi the lowest reading of its hold; null where nothing was written down
     * @param marginPsi what that leaves over the pressure it needed, below zero for too little
     * @param neededPsi the true pressure of its process
     */
    record TouchedLot(
            LotResponse lot,
            @Nullable BigDecimal lowestPsi,
            BigDecimal neededPsi,
            @Nullable BigDecimal marginPsi,
            boolean tooSmall) {}

    /** @param since the day of the test before it; null where there was none */
    record TraceResponse(
            long test,
            String canner,
            LocalDate on,
            BigDecimal errorPsi,
            @Nullable LocalDate since,
            List<TouchedLot> lots) {}

    /**
     * A row that turned out to be wrong in the transcription.
     *
     * @param row its stable id
     * @param size pint or quart; null for all
     * @param minutes what it really asks for; null where that is not known, or the row is no time
     * @param psi what a band of pressure really asks for; null likewise
     * @param hold whether the lots that had less are put on hold
     */
    record RowTraceRequest(
            @NotBlank(message = "which row?") @Size(max = 60, message = "60 characters at most") String row,
            @Nullable String size,
            @Min(value = 1, message = "between 1 and 300 minutes")
                    @Max(value = 300, message = "between 1 and 300 minutes")
                    @Nullable
                    Integer minutes,
            @DecimalMin(value = "1", message = "between 1 and 30 psi")
                    @DecimalMax(value = "30", message = "between 1 and 30 psi")
                    @Nullable
                    BigDecimal psi,
            boolean hold) {}

    /** @param through the lot it was made with, where that one rests on the row */
    record ShortLot(LotResponse lot, int hadMinutes, @Nullable String through) {}

    record RowTraceResponse(boolean held, List<ShortLot> lots) {}

    private final TraceService service;

    TraceController(TraceService service) {
        this.service = service;
    }

    /** Every lot that rests on a row and had less than it really asks for; on hold if that is asked. */
    @PostMapping("/api/trace/rows")
    RowTraceResponse ofRow(@Valid @RequestBody RowTraceRequest request) {
        Optional<JarSize> size = Optional.ofNullable(request.size()).map(code -> JarSize.ofCode(code)
                .filter(each -> each == JarSize.PINT || each == JarSize.QUART)
                .orElseThrow(() -> new InvalidField("size", "pint or quart")));
        List<TraceService.ShortOfRow> lots = service.ofRow(
                new TraceService.Corrected(
                        request.row().strip(),
                        size,
                        Optional.ofNullable(request.minutes()).map(Minutes::new),
                        Optional.ofNullable(request.psi()).map(GaugePressure::ofPsi)),
                request.hold());
        return new RowTraceResponse(
                request.hold(),
                lots.stream()
                        .map(lot -> new ShortLot(
                                LotResponse.of(lot.lot()),
                                lot.had().value(),
                                lot.through().map(LotCode::text).orElse(null)))
                        .toList());
    }

    record LowLot(LotResponse lot, BigDecimal hadPsi, BigDecimal neededPsi) {}

    /** @param hold whether the lots go on hold, because the altitude was wrong when they were made */
    record AltitudeTraceRequest(boolean hold) {}

    record AltitudeTraceResponse(boolean held, List<LowLot> lots) {}

    /** Lots that were held at less than the altitude of the kitchen asks for now; on hold if that is asked. */
    @PostMapping("/api/trace/altitude")
    AltitudeTraceResponse ofAltitude(@Valid @RequestBody AltitudeTraceRequest request) {
        return new AltitudeTraceResponse(
                request.hold(),
                service.ofAltitude(request.hold()).stream()
                        .map(lot -> new LowLot(
                                LotResponse.of(lot.lot()),
                                lot.had().psi(),
                                lot.needed().psi()))
                        .toList());
    }

    /** Every lot between a test and the one before it, with the margin it had. */
    @GetMapping("/api/trace/gauge-tests/{test}")
    TraceResponse ofTest(@PathVariable long test) {
        TraceService.GaugeTrace trace = service.ofTest(test);
        return new TraceResponse(
                trace.test(),
                trace.canner(),
                trace.on(),
                trace.error().psi(),
                trace.since().orElse(null),
                trace.lots().stream()
                        .map(lot -> new TouchedLot(
                                LotResponse.of(lot.lot()),
                                lot.held().map(held -> held.lowest().psi()).orElse(null),
                                lot.run().truePressure().psi(),
                                lot.margin().map(margin -> margin.psi()).orElse(null),
                                lot.isShort()))
                        .toList());
    }
}

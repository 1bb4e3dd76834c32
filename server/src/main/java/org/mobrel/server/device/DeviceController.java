package org.mobrel.server.device;

import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.math.BigDecimal;
import java.time.Duration;
import java.time.Instant;
import java.time.InstantSource;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.mobrel.quantity.GaugePressure;
import org.mobrel.run.InstrumentReading;
import org.mobrel.server.platform.InvalidField;
import org.mobrel.server.platform.Unauthorized;
import org.mobrel.server.run.ClockRate;
import org.mobrel.server.run.Run;
import org.mobrel.server.run.RunService;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
class DeviceController {

    /** More than a day of readings would be another run. */
    private static final Duration OLDEST = Duration.ofHours(24);

    record DeviceResponse(long id, String name, Instant madeAt) {
        static DeviceResponse of(DeviceService.Device device) {
            return new DeviceResponse(device.id(), device.name(), device.madeAt());
        }
    }

    /** @param key to be written into the gauge; it is not told again */
    record NewDeviceResponse(DeviceResponse device, String key) {}

    record DeviceRequest(
            @NotBlank(message = "what it is called") @Size(max = 60, message = "60 characters at most") String name) {}

    /**
     * @param seq the gauge's own number for it: 1 or more, never used twice in a run
     * @param at when it was taken, by the gauge's own clock, which may be wrong
     * @param psi on the dial; for a canner that goes by its weight only noted
     * @param weight still, proper or frantic
     * @param jiggles of the weight, in a minute
     */
    record ReadingRequest(
            @NotNull(message = "the gauge's own number") @Min(value = 1, message = "1 or more") Long seq,
            @NotNull(message = "when, by the gauge's own clock") Instant at,
            @DecimalMin(value = "0", message = "between 0 and 30 psi")
                    @DecimalMax(value = "30", message = "between 0 and 30 psi")
                    @Nullable
                    BigDecimal psi,
            @Nullable String weight,
            @Min(value = 0, message = "0 or more a minute")
                    @Max(value = 600, message = "600 a minute at most")
                    @Nullable
                    Integer jiggles) {}

    /** @param sentAt the gauge's own clock as it sends: what is older than that is as much older here */
    record ReadingsRequest(
            @NotNull(message = "the gauge's own clock as it sends") Instant sentAt,
            @NotEmpty(message = "at least one") @Size(max = 500, message = "500 at a time")
                    List<@Valid @NotNull ReadingRequest> readings) {}

    record RefusedReading(long seq, String why, String text) {}

    /**
     * @param stored written down now
     * @param repeated known already; nothing is done twice
     * @param refused will not be taken later either
     * @param stage where the run stands now
     */
    record ReadingsResponse(List<Long> stored, List<Long> repeated, List<RefusedReading> refused, String stage) {}

    private final DeviceService service;
    private final RunService runs;
    private final InstantSource clock;

    DeviceController(DeviceService service, RunService runs, InstantSource clock) {
        this.service = service;
        this.runs = runs;
        this.clock = clock;
    }

    @GetMapping("/api/kitchen/devices")
    List<DeviceResponse> devices() {
        return service.devices().stream().map(DeviceResponse::of).toList();
    }

    @PostMapping("/api/kitchen/devices")
    @ResponseStatus(HttpStatus.CREATED)
    NewDeviceResponse addDevice(@Valid @RequestBody DeviceRequest request) {
        DeviceService.NewDevice made = service.add(request.name().strip());
        return new NewDeviceResponse(DeviceResponse.of(made.device()), made.key());
    }

    @DeleteMapping("/api/kitchen/devices/{id}")
    List<DeviceResponse> revokeDevice(@PathVariable long id) {
        service.revoke(id);
        return devices();
    }

    /** The door for gauges; docs/formats/gauge-readings.md says how to use it. */
    @PostMapping("/api/runs/{id}/readings")
    ReadingsResponse takeReadings(
            @PathVariable long id,
            @RequestHeader(name = "Authorization", required = false) @Nullable String authorization,
            @Valid @RequestBody ReadingsRequest request) {
        String key = key(authorization);
        service.device(key);
        Run run = runs.run(id);
        Instant now = run.clock(clock.instant());
        int pace = run.pace().map(ClockRate::pace).orElse(1);
        List<RunService.Sent> readings = request.readings().stream()
                .map(reading -> new RunService.Sent(
                        reading.seq(), reading(reading), happened(reading.at(), request.sentAt(), now, pace)))
                .toList();
        RunService.Received received = service.take(id, key, readings);
        return new ReadingsResponse(
                received.stored(),
                received.repeated(),
                received.refused().entrySet().stream()
                        .map(refused -> new RefusedReading(
                                refused.getKey(),
                                refused.getValue().why(),
                                refused.getValue().text()))
                        .toList(),
                received.run().state().stage().code());
    }

    /** Only how long ago it was counts: a gauge without the right time is still a good gauge. */
    private static Instant happened(Instant at, Instant sentAt, Instant now, int pace) {
        Duration ago = Duration.between(at, sentAt);
        if (ago.compareTo(OLDEST) > 0) {
            throw new InvalidField("readings.at", "more than a day before they were sent");
        }
        return ago.isNegative() ? now : now.minus(ago.multipliedBy(pace));
    }

    private static String key(@Nullable String authorization) {
        if (authorization == null || !authorization.startsWith(DeviceService.BEARER)) {
            throw new Unauthorized("no-key", "A gauge says who it is: Authorization: Bearer and its key.");
        }
        return authorization.substring(DeviceService.BEARER.length()).strip();
    }

    private static InstrumentReading reading(ReadingRequest request) {
        int said = (request.psi() == null ? 0 : 1)
                + (request.weight() == null ? 0 : 1)
                + (request.jiggles() == null ? 0 : 1);
        if (said != 1) {
            throw new InvalidField("readings", "each is of the dial, of the weight, or of its jiggles");
        }
        return RunService.reading(
                        request.psi() == null ? null : GaugePressure.ofPsi(request.psi()),
                        request.weight(),
                        request.jiggles())
                .orElseThrow();
    }
}

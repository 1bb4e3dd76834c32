package org.mobrel.server.seeing;

import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Digits;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.math.BigDecimal;
import java.time.Instant;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.mobrel.quantity.GaugePressure;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

@RestController
class SeeingController {

    /**
     * One look of a device at a dial. A number; no picture is sent.
     *
     * @param device what to call it, such as 'Stove tablet'
     * @param eye which page of it, made up by the page; the count of its clock goes with it
     * @param at when it looked, in milliseconds of a clock of the device that never steps
     * @param psi where the needle stands, as read off the dial; null where the device is not sure, for whatever reason
     */
    record SeeingRequest(
            @NotBlank @Size(max = 60) String device,
            @NotBlank @Size(max = 60) String eye,
            @NotNull @Min(0) @Max(1L << 52) Long at,
            @Nullable @DecimalMin("0") @DecimalMax("60") @Digits(integer = 2, fraction = 3) BigDecimal psi) {}

    /**
     * @param view waiting, at-mark, low, high or not-seen
     * @param psi where it stands by two looks in a row; null as long as they do not agree to have seen it
     * @param askedSince since when it is asked what the dial reads; null where it is not
     */
    record SeeingResponse(String view, @Nullable BigDecimal psi, @Nullable Instant askedSince) {}

    private final SeeingService service;

    SeeingController(SeeingService service) {
        this.service = service;
    }

    @PostMapping("/api/runs/{id}/seeing")
    SeeingResponse see(@PathVariable long id, @Valid @RequestBody SeeingRequest look) {
        SeeingService.Seen now = service.see(
                id,
                look.eye(),
                look.device().strip(),
                look.at(),
                Optional.ofNullable(look.psi()).map(GaugePressure::ofPsi));
        return new SeeingResponse(
                now.view().code(),
                now.needle().map(GaugePressure::psi).orElse(null),
                now.askedSince().orElse(null));
    }
}

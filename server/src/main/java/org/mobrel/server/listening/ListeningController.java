package org.mobrel.server.listening;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

@RestController
class ListeningController {

    /**
     * What a device measured by ear in a few seconds. Times and yes or no; no sound is sent.
     *
     * @param device what to call it, such as 'Stove tablet'
     * @param ear which page of it, made up by the page; the count of its clock goes with it
     * @param at the end of the span in milliseconds of a clock of the device that never steps
     * @param millis how long it was
     * @param knocks when it heard the weight, in milliseconds from the beginning of the span
     * @param knows whether it knows what this weight sounds like; one that does not hears steam alone
     * @param drowned whether something was so loud that the weight could not have been heard
     * @param plume whether steam blew as it does from an open vent
     */
    record HearingRequest(
            @NotBlank @Size(max = 60) String device,
            @NotBlank @Size(max = 60) String ear,
            @NotNull @Min(0) @Max(1L << 52) Long at,
            @NotNull @Min(500) @Max(20_000) Integer millis,
            @NotNull @Size(max = 250) List<@NotNull @Min(0) Integer> knocks,
            @NotNull Boolean knows,
            @NotNull Boolean drowned,
            @NotNull Boolean plume) {}

    /**
     * @param sound waiting, proper, silent, frantic or drowned
     * @param perMinute knocks in the last minute; null as long as too little of it was heard
     * @param steam none, blows or stopped
     * @param askedSince since when it is asked whether the weight still moves; null where it is not
     */
    record HearingResponse(String sound, @Nullable Integer perMinute, String steam, @Nullable Instant askedSince) {}

    private final ListeningService service;

    ListeningController(ListeningService service) {
        this.service = service;
    }

    @PostMapping("/api/runs/{id}/hearing")
    HearingResponse hear(@PathVariable long id, @Valid @RequestBody HearingRequest heard) {
        ListeningService.Heard now = service.hear(
                id,
                heard.ear(),
                heard.device().strip(),
                new ListeningService.Span(
                        heard.at(), heard.millis(), heard.knocks(), heard.knows(), heard.drowned(), heard.plume()));
        return new HearingResponse(
                now.sound().code(),
                now.perMinute().orElse(null),
                now.steam().code(),
                now.askedSince().orElse(null));
    }
}

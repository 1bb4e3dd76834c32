package org.mobrel.server.outside;

import jakarta.validation.Valid;
import java.time.Duration;
import java.time.Instant;
import java.time.InstantSource;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.mobrel.foods.Pack;
import org.mobrel.page.PageReader;
import org.mobrel.page.RecipePage;
import org.mobrel.quantity.Fraction;
import org.mobrel.quantity.GaugePressure;
import org.mobrel.quantity.Minutes;
import org.mobrel.recipe.LineReader;
import org.mobrel.ruling.Batch;
import org.mobrel.ruling.LookBack;
import org.mobrel.ruling.ProcessShortfall;
import org.mobrel.ruling.TimingPolicy;
import org.mobrel.server.platform.InvalidField;
import org.mobrel.server.ruling.RulingService;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Looks back on what was done, for scripts: read as the catalogue alone has it, and nothing is kept. */
@RestController
class LookBackController {

    private final RulingService rulings;
    private final LineReader plain;
    private final InstantSource clock;

    LookBackController(RulingService rulings, LineReader plain, InstantSource clock) {
        this.rulings = rulings;
        this.plain = plain;
        this.clock = clock;
    }

    @PostMapping("/api/look-back")
    LookBackMessages.LookBackResponse lookBack(@Valid @RequestBody LookBackMessages.LookBackRequest request) {
        Instant now = clock.instant();
        if (request.finishedAt().isAfter(now)) {
            throw new InvalidField("finishedAt", "that is still to come");
        }
        LookBack back = LookBack.of(rulings.rulings(), batch(request), deed(request));
        Duration left = ProcessShortfall.left(request.finishedAt(), now);
        return new LookBackMessages.LookBackResponse(
                back.covered().orElse(null),
                back.shortfalls().stream()
                        .map(shortfall -> new LookBackMessages.ShortfallResponse(shortfall.code(), shortfall.text()))
                        .toList(),
                back.questions().stream().map(LookBackMessages.DeedQuestion::of).toList(),
                Math.round(left.toMinutes() / 6.0) / 10.0,
                whatToDo(back.covered(), left),
                back.ruling()
                        .timing()
                        .or(back.ruling()::ifSettled)
                        .map(timing -> timing.minutes().value())
                        .orElse(null),
                back.ruling()
                        .timing()
                        .or(back.ruling()::ifSettled)
                        .map(timing -> timing.reading().psi())
                        .orElse(null));
    }

    static String whatToDo(Optional<Boolean> covered, Duration left) {
        if (covered.filter(Boolean::booleanValue).isPresent()) {
            return "Check the seals after 12 to 24 hours, label the jars and store them.";
        }
        if (left.isZero()) {
            return covered.isPresent()
                    ? "The 24 hours are over: discard what was not kept cold, and do not taste it."
                    : "The 24 hours are over. Answer the questions; unless it is covered, discard what was not kept cold, and do not taste it.";
        }
        String within =
                "Within 24 hours of the heat going off: process again with new lids for the full time, or refrigerate and eat within a few days, or freeze.";
        return covered.isPresent()
                ? within + " Keep the jars cold until then."
                : "Answer the questions, and keep the jars cold until then. If it is not covered: "
                        + Character.toLowerCase(within.charAt(0))
                        + within.substring(1);
    }

    private static LookBack.Deed deed(LookBackMessages.LookBackRequest request) {
        return OutsideService.deed(
                new Minutes(request.minutes()),
                GaugePressure.ofPsi(request.psi()),
                request.known(),
                request.ventedTen(),
                LookBackMessages.told("unbroken", request.unbroken(), List.of("yes"), "no"));
    }

    private Batch batch(LookBackMessages.LookBackRequest request) {
        List<String> lines;
        List<String> steps = List.of();
        if (request.text() != null && !request.text().isBlank()) {
            RecipePage page = new PageReader(plain).read(request.text());
            lines = page.ingredients().isEmpty()
                    ? OutsideService.lines(List.of(request.text().strip()))
                    : page.ingredients();
            steps = page.steps();
        } else {
            lines = OutsideService.lines(Objects.requireNonNullElse(request.lines(), List.of()));
        }
        if (lines.isEmpty()) {
            throw new InvalidField("lines", "what was in the jars?");
        }
        return rulings.plainBatch(
                lines,
                steps,
                request.answers(),
                Pack.HOT,
                Fraction.HALF,
                RulingService.jars(request.jars()),
                RulingService.altitude(request.altitudeFt(), request.altitudeM()),
                RulingService.gauge(request.gauge(), null),
                TimingPolicy.LONGEST_INGREDIENT);
    }
}

package org.mobrel.server.outside;

import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.math.BigDecimal;
import java.time.Instant;
import java.time.InstantSource;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.mobrel.canner.Gauge;
import org.mobrel.canner.GaugeKind;
import org.mobrel.foods.Pack;
import org.mobrel.quantity.Altitude;
import org.mobrel.quantity.Fraction;
import org.mobrel.quantity.GaugeError;
import org.mobrel.quantity.GaugePressure;
import org.mobrel.quantity.Minutes;
import org.mobrel.recipe.IngredientLine;
import org.mobrel.ruling.Batch;
import org.mobrel.ruling.LookBack;
import org.mobrel.ruling.ProcessShortfall;
import org.mobrel.run.Decision;
import org.mobrel.server.kitchen.Kitchen;
import org.mobrel.server.kitchen.KitchenService;
import org.mobrel.server.platform.InvalidField;
import org.mobrel.server.ruling.JarRequest;
import org.mobrel.server.ruling.QuestionAnswer;
import org.mobrel.server.ruling.RulingResponse;
import org.mobrel.server.ruling.RulingService;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.json.JsonMapper;

@RestController
@RequestMapping("/api/outside")
class OutsideController {

    /**
     * What was done.
     *
     * @param title what it is called, if it is kept
     * @param lines what was in the jars; "bean soup" will do
     * @param psi as read on the dial, or the weight that was used
     * @param altitudeFt null for the kitchen's
     * @param vented ten minutes of steady steam before the weight went on; null: not asked yet
     * @param unbroken the pressure never fell below that; null: not asked yet
     * @param known how it was packed and prepared; null: not asked yet
     * @param answers what was answered to the questions of its lines
     * @param finishedAt when the heat went off
     * @param keep whether it is written into the logbook
     */
    record DoneRequest(
            @Size(max = 120, message = "120 characters at most") @Nullable String title,
            @NotEmpty(message = "what was in the jars?") @Size(max = 60, message = "60 lines at most")
                    List<@NotNull @Size(max = 300, message = "300 characters at most") String> lines,
            @NotNull(message = "which jars?") @Valid JarRequest jar,
            @Min(value = 1, message = "between 1 and 600 minutes")
                    @Max(value = 600, message = "between 1 and 600 minutes")
                    int minutes,
            @NotNull(message = "what pressure?")
                    @DecimalMin(value = "0", message = "between 0 and 30 psi")
                    @DecimalMax(value = "30", message = "between 0 and 30 psi")
                    BigDecimal psi,
            @NotNull(message = "dial or weighted") String gauge,
            @Nullable Double altitudeFt,
            @Nullable Boolean vented,
            @Nullable Boolean unbroken,
            LookBackMessages.@Nullable KnownDeeds known,
            @Size(max = 200, message = "200 at most") @Valid @Nullable List<@NotNull QuestionAnswer> answers,
            @NotNull(message = "when was the heat turned off?") Instant finishedAt,
            @Nullable Boolean keep) {}

    /**
     * @param covered null while questions are open
     * @param questions what is open and could change the answer
     * @param lines the lines as they were read, to answer their questions by
     * @param minutesNeeded null where no process covers it at all
     * @param readingNeeded what the gauge had to show; null likewise
     * @param decideBy until when something can still be done with the jars
     * @param leftMillis until then; 0 once it is past
     * @param id of the entry, where it was kept
     */
    record HindsightResponse(
            @Nullable Boolean covered,
            @Nullable Integer minutesNeeded,
            @Nullable BigDecimal readingNeeded,
            String headline,
            List<LookBackMessages.ShortfallResponse> shortfalls,
            List<LookBackMessages.DeedQuestion> questions,
            List<String> lines,
            Instant decideBy,
            long leftMillis,
            @Nullable Long id) {}

    record OutsideResponse(
            long id,
            String title,
            boolean covered,
            String finding,
            Instant finishedAt,
            Instant decideBy,
            @Nullable String decision) {}

    record DecisionRequest(@NotNull(message = "refrigerated, frozen, processed-again or discarded") String decision) {}

    private final OutsideService service;
    private final RulingService rulings;
    private final KitchenService kitchens;
    private final InstantSource clock;
    private final JsonMapper json;

    OutsideController(
            OutsideService service,
            RulingService rulings,
            KitchenService kitchens,
            InstantSource clock,
            JsonMapper json) {
        this.service = service;
        this.rulings = rulings;
        this.kitchens = kitchens;
        this.clock = clock;
        this.json = json;
    }

    /** Whether the tables cover what was done, and how long something can still be done about it. */
    @PostMapping
    HindsightResponse check(@Valid @RequestBody DoneRequest request) {
        Instant now = clock.instant();
        if (request.finishedAt().isAfter(now)) {
            throw new InvalidField("finishedAt", "that is still to come");
        }
        Batch batch = batch(request);
        LookBack back = service.look(batch, deed(request));
        Long id = Boolean.TRUE.equals(request.keep())
                ? (Long) service.keep(title(request), json.writeValueAsString(request), back, request.finishedAt())
                : null;
        RulingResponse ruling = rulings.answer(back.ruling());
        return new HindsightResponse(
                back.covered().orElse(null),
                back.ruling().timing().map(timing -> timing.minutes().value()).orElse(null),
                back.ruling().timing().map(timing -> timing.reading().psi()).orElse(null),
                ruling.headline(),
                back.shortfalls().stream()
                        .map(shortfall -> new LookBackMessages.ShortfallResponse(shortfall.code(), shortfall.text()))
                        .toList(),
                back.questions().stream().map(LookBackMessages.DeedQuestion::of).toList(),
                batch.lines().stream().map(IngredientLine::text).toList(),
                request.finishedAt().plus(ProcessShortfall.DECIDE_WITHIN),
                ProcessShortfall.left(request.finishedAt(), now).toMillis(),
                id);
    }

    private static LookBack.Deed deed(DoneRequest request) {
        LookBackMessages.KnownDeeds known = Objects.requireNonNullElse(
                request.known(), new LookBackMessages.KnownDeeds(null, null, null, null, null, null));
        return OutsideService.deed(
                new Minutes(request.minutes()),
                GaugePressure.ofPsi(request.psi()),
                known,
                told(request.vented()),
                told(request.unbroken()));
    }

    private static Optional<LookBack.Told> told(@Nullable Boolean said) {
        return Optional.ofNullable(said).map(yes -> yes ? LookBack.Told.YES : LookBack.Told.NO);
    }

    private static String title(DoneRequest request) {
        String said = Objects.requireNonNullElse(request.title(), "").strip();
        String words = said.isEmpty() ? String.join(", ", request.lines()) : said;
        return words.length() <= 120 ? words : words.substring(0, 120);
    }

    private Batch batch(DoneRequest request) {
        List<String> lines = OutsideService.lines(request.lines());
        if (lines.isEmpty()) {
            throw new InvalidField("lines", "what was in the jars?");
        }
        Kitchen kitchen = kitchens.kitchen();
        GaugeKind gauge =
                GaugeKind.ofCode(request.gauge()).orElseThrow(() -> new InvalidField("gauge", "dial or weighted"));
        List<QuestionAnswer> answers = QuestionAnswer.checked(request.answers());
        List<IngredientLine> read = rulings.read(lines, answers);
        return new Batch(
                read,
                Pack.HOT,
                Fraction.HALF,
                List.of(request.jar().toCore("jar")),
                altitude(request, kitchen),
                new Gauge(gauge, GaugeError.NONE),
                kitchen.school(),
                rulings.method(List.of(), read, answers));
    }

    private static Altitude altitude(DoneRequest request, Kitchen kitchen) {
        try {
            return request.altitudeFt() != null
                    ? Altitude.ofFeet(request.altitudeFt())
                    : kitchen.altitude().orElseThrow(() -> new InvalidField("altitudeFt", "how high was it done?"));
        } catch (IllegalArgumentException nowhere) {
            throw new InvalidField("altitudeFt", "nobody cooks at that altitude");
        }
    }

    /** What was written down, the newest first. */
    @GetMapping
    List<OutsideResponse> outside() {
        return service.kept().stream()
                .map(kept -> new OutsideResponse(
                        kept.id(),
                        kept.title(),
                        kept.covered(),
                        kept.finding(),
                        kept.finishedAt(),
                        kept.finishedAt().plus(ProcessShortfall.DECIDE_WITHIN),
                        kept.decision().map(Decision::code).orElse(null)))
                .toList();
    }

    /** What was done with jars that are not covered. */
    @PostMapping("/{id}/decision")
    List<OutsideResponse> decideOutside(@PathVariable long id, @Valid @RequestBody DecisionRequest request) {
        service.decide(
                id,
                Decision.ofCode(request.decision())
                        .orElseThrow(() ->
                                new InvalidField("decision", "refrigerated, frozen, processed-again or discarded")));
        return outside();
    }
}

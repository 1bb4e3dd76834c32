package org.mobrel.server.batch;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.Size;
import java.time.InstantSource;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.mobrel.run.Decision;
import org.mobrel.run.JarCheck;
import org.mobrel.run.RunState;
import org.mobrel.run.Stage;
import org.mobrel.server.planning.MadeYields;
import org.mobrel.server.recipe.RecipeService;
import org.mobrel.server.ruling.JarRequest;
import org.mobrel.server.ruling.RulingService;
import org.mobrel.server.run.Run;
import org.mobrel.server.run.RunResponses;
import org.mobrel.server.run.RunService;
import org.mobrel.server.shelf.LotResponse;
import org.mobrel.server.shelf.ShelfService;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/batches")
class BatchController {

    private final BatchService service;
    private final RunService runs;
    private final RecipeService recipes;
    private final ShelfService shelf;
    private final MadeYields yields;
    private final RunResponses answers;
    private final InstantSource clock;

    BatchController(
            BatchService service,
            RunService runs,
            RecipeService recipes,
            ShelfService shelf,
            MadeYields yields,
            RunResponses answers,
            InstantSource clock) {
        this.yields = yields;
        this.answers = answers;
        this.service = service;
        this.runs = runs;
        this.recipes = recipes;
        this.shelf = shelf;
        this.clock = clock;
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    BatchMessages.BatchMade make(@Valid @RequestBody BatchMessages.BatchRequest request) {
        Optional<BatchService.Accepted> accepted = Optional.ofNullable(request.acceptance())
                .map(who ->
                        new BatchService.Accepted(who.by().strip(), who.reason().strip()));
        BatchService.Made made =
                service.make(request.recipeId(), request.cannerId(), RulingService.jars(request.jars()), accepted);
        return new BatchMessages.BatchMade(made.batchId(), made.runIds());
    }

    /** Takes a whole plan to the stove. */
    @PostMapping("/of-plan/{planId}")
    @ResponseStatus(HttpStatus.CREATED)
    List<BatchMessages.BatchMade> makeOf(@PathVariable long planId) {
        return service.makeOf(planId).stream()
                .map(made -> new BatchMessages.BatchMade(made.batchId(), made.runIds()))
                .toList();
    }

    /**
     * The logbook, the newest first.
     *
     * @param q words of a dish, a lot code or a note
     * @param canner 0 for all
     * @param verdict covered or own-judgement; empty for both
     */
    @GetMapping
    BatchMessages.BatchBook batches(
            @RequestParam(defaultValue = "") @Size(max = 80, message = "80 characters at most") String q,
            @RequestParam(defaultValue = "0") long canner,
            @RequestParam(defaultValue = "") @Size(max = 20, message = "20 characters at most") String verdict,
            @RequestParam(defaultValue = "0") @Min(value = 0, message = "not below 0") int from,
            @RequestParam(defaultValue = "40")
                    @Min(value = 1, message = "at least 1")
                    @Max(value = 100, message = "100 at most")
                    int size) {
        BatchService.Wanted wanted = new BatchService.Wanted(q.strip(), canner, verdict.strip(), from, size);
        int total = service.count(wanted);
        List<StoredBatch> stored = service.batches(wanted);
        List<Run> all = runs.ofBatches(stored.stream().map(StoredBatch::id).toList());
        List<BatchMessages.BatchEntry> page = stored.stream()
                .map(batch -> entry(
                        batch,
                        all.stream()
                                .filter(run -> run.groups().stream().anyMatch(group -> group.batchId() == batch.id()))
                                .toList()))
                .toList();
        return new BatchMessages.BatchBook(
                total, page, !page.isEmpty() && from + page.size() < total ? from + page.size() : null);
    }

    private BatchMessages.BatchEntry entry(StoredBatch batch, List<Run> loads) {
        List<RunState> states = loads.stream()
                .map(run -> run.state().seenAt(run.plan(), run.clock(clock.instant())))
                .toList();
        List<JarCheck> checks = IntStream.range(0, loads.size())
                .boxed()
                .flatMap(load -> counted(states.get(load))
                        .filter(jar -> loads.get(load).groupOf(jar.jar()).batchId() == batch.id()))
                .toList();
        return new BatchMessages.BatchEntry(
                batch.id(),
                batch.title(),
                batch.madeAt(),
                batch.cannerName(),
                batch.verdict(),
                loads.stream()
                        // A next try fills no other jars.
                        .filter(run -> run.again().isEmpty())
                        .flatMap(run -> run.insideOf(batch.id()).stream())
                        .map(JarRequest::of)
                        .toList(),
                IntStream.range(0, loads.size())
                        // What was given up goes on in its next try.
                        .filter(load -> loads.get(load).nextTry().isEmpty()
                                || states.get(load).stage() != Stage.ABANDONED)
                        .mapToObj(load -> states.get(load).stage().code())
                        .toList(),
                loads.stream()
                        .map(run -> run.plan().process().value())
                        .max(Comparator.naturalOrder())
                        .orElse(0),
                (int) checks.stream().filter(JarCheck::sealed).count(),
                checks.size(),
                states.stream().mapToInt(state -> state.deviations().size()).sum(),
                loads.stream().anyMatch(Run::isPractice));
    }

    /** Each jar once: one that was processed again is judged by its last try. */
    private static Stream<JarCheck> counted(RunState state) {
        return state.checked().values().stream()
                .filter(jar -> state.fates().get(jar.jar()) != Decision.PROCESSED_AGAIN);
    }

    @GetMapping("/{id}")
    BatchMessages.BatchResponse batch(@PathVariable long id) {
        StoredBatch batch = service.batch(id);
        return new BatchMessages.BatchResponse(
                batch.id(),
                batch.recipeId(),
                batch.recipeVersion(),
                batch.title(),
                recipes.version(batch.recipeId(), batch.recipeVersion()).lines(),
                batch.madeAt(),
                batch.cannerName(),
                batch.gauge().kind().code(),
                batch.gauge().error().psi(),
                batch.altitude().feet(),
                batch.altitude().metres(),
                batch.verdict(),
                batch.tableVersion(),
                batch.acceptance().orElse(null),
                service.ruling(batch),
                runs.ofBatch(id).stream().map(run -> answers.answer(run)).toList(),
                shelf.lotsOfBatch(id).stream().map(LotResponse::of).toList(),
                shelf.usedIn(id).stream()
                        .map(used -> new BatchMessages.OwnJarsUsed(used.lot(), used.title(), used.jars()))
                        .toList(),
                batch.againOf().orElse(null),
                service.againOf(id),
                yields.ofBatch(id).stream()
                        .map(made -> new BatchMessages.YieldReport(
                                made.foreseen().millilitres(), made.made().millilitres(), made.said()))
                        .toList(),
                service.settledPractices(id).stream()
                        .map(BatchMessages.DepartureResponse::of)
                        .toList());
    }
}

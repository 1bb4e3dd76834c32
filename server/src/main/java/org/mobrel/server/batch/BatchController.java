package org.mobrel.server.batch;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.Size;
import java.time.InstantSource;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.IntStream;
import org.mobrel.run.JarCheck;
import org.mobrel.run.RunState;
import org.mobrel.server.planning.MadeYields;
import org.mobrel.server.recipe.RecipeDesk;
import org.mobrel.server.ruling.JarAsk;
import org.mobrel.server.ruling.RulingDesk;
import org.mobrel.server.run.Run;
import org.mobrel.server.run.RunAnswers;
import org.mobrel.server.run.RunDesk;
import org.mobrel.server.shelf.LotAnswer;
import org.mobrel.server.shelf.ShelfDesk;
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

    private final BatchDesk desk;
    private final RunDesk runs;
    private final RecipeDesk recipes;
    private final ShelfDesk shelf;
    private final MadeYields yields;
    private final RunAnswers answers;
    private final InstantSource clock;

    BatchController(
            BatchDesk desk,
            RunDesk runs,
            RecipeDesk recipes,
            ShelfDesk shelf,
            MadeYields yields,
            RunAnswers answers,
            InstantSource clock) {
        this.yields = yields;
        this.answers = answers;
        this.desk = desk;
        this.runs = runs;
        this.recipes = recipes;
        this.shelf = shelf;
        this.clock = clock;
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    BatchWire.BatchMade make(@Valid @RequestBody BatchWire.BatchRequest request) {
        Optional<BatchDesk.Accepted> accepted = Optional.ofNullable(request.acceptance())
                .map(who ->
                        new BatchDesk.Accepted(who.by().strip(), who.reason().strip()));
        BatchDesk.Made made =
                desk.make(request.recipeId(), request.cannerId(), RulingDesk.jars(request.jars()), accepted);
        return new BatchWire.BatchMade(made.batchId(), made.runIds());
    }

    /** Takes a whole plan to the stove. */
    @PostMapping("/of-plan/{planId}")
    @ResponseStatus(HttpStatus.CREATED)
    List<BatchWire.BatchMade> makeOf(@PathVariable long planId) {
        return desk.makeOf(planId).stream()
                .map(made -> new BatchWire.BatchMade(made.batchId(), made.runIds()))
                .toList();
    }

    /** Jars that did not seal become a batch of their own. */
    @PostMapping("/again")
    @ResponseStatus(HttpStatus.CREATED)
    BatchWire.BatchMade again(@Valid @RequestBody BatchWire.AgainRequest request) {
        BatchDesk.Made made = desk.again(
                request.runId(),
                request.jars(),
                request.cannerId(),
                Objects.requireNonNullElse(request.by(), "").strip());
        return new BatchWire.BatchMade(made.batchId(), made.runIds());
    }

    /**
     * The logbook, the newest first.
     *
     * @param q words of a dish, a lot code or a note
     * @param canner 0 for all
     * @param verdict covered or own-judgement; empty for both
     */
    @GetMapping
    BatchWire.BatchBook batches(
            @RequestParam(defaultValue = "") @Size(max = 80, message = "80 characters at most") String q,
            @RequestParam(defaultValue = "0") long canner,
            @RequestParam(defaultValue = "") @Size(max = 20, message = "20 characters at most") String verdict,
            @RequestParam(defaultValue = "0") @Min(value = 0, message = "not below 0") int from,
            @RequestParam(defaultValue = "40")
                    @Min(value = 1, message = "at least 1")
                    @Max(value = 100, message = "100 at most")
                    int size) {
        BatchDesk.Wanted wanted = new BatchDesk.Wanted(q.strip(), canner, verdict.strip(), from, size);
        int total = desk.count(wanted);
        List<StoredBatch> stored = desk.batches(wanted);
        List<Run> all = runs.ofBatches(stored.stream().map(StoredBatch::id).toList());
        List<BatchWire.BatchEntry> page = stored.stream()
                .map(batch -> entry(
                        batch,
                        all.stream()
                                .filter(run -> run.groups().stream().anyMatch(group -> group.batchId() == batch.id()))
                                .toList()))
                .toList();
        return new BatchWire.BatchBook(
                total, page, !page.isEmpty() && from + page.size() < total ? from + page.size() : null);
    }

    private BatchWire.BatchEntry entry(StoredBatch batch, List<Run> loads) {
        List<RunState> states = loads.stream()
                .map(run -> run.state().seenAt(run.plan(), run.clock(clock.instant())))
                .toList();
        List<JarCheck> checks = IntStream.range(0, loads.size())
                .boxed()
                .flatMap(load -> states.get(load).checked().values().stream()
                        .filter(jar -> loads.get(load).groupOf(jar.jar()).batchId() == batch.id()))
                .toList();
        return new BatchWire.BatchEntry(
                batch.id(),
                batch.title(),
                batch.madeAt(),
                batch.cannerName(),
                batch.verdict(),
                loads.stream()
                        .flatMap(run -> run.jarsOf(batch.id()).stream())
                        .map(JarAsk::of)
                        .toList(),
                states.stream().map(state -> state.stage().code()).toList(),
                loads.stream()
                        .map(run -> run.plan().process().value())
                        .max(Comparator.naturalOrder())
                        .orElse(0),
                (int) checks.stream().filter(JarCheck::sealed).count(),
                checks.size(),
                states.stream().mapToInt(state -> state.deviations().size()).sum());
    }

    @GetMapping("/{id}")
    BatchWire.BatchAnswer batch(@PathVariable long id) {
        StoredBatch batch = desk.batch(id);
        return new BatchWire.BatchAnswer(
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
                desk.ruling(batch),
                runs.ofBatch(id).stream().map(run -> answers.answer(run)).toList(),
                shelf.lotsOfBatch(id).stream().map(LotAnswer::of).toList(),
                shelf.usedIn(id).stream()
                        .map(used -> new BatchWire.OwnJarsUsed(used.lot(), used.title(), used.jars()))
                        .toList(),
                batch.againOf().orElse(null),
                desk.againOf(id),
                yields.ofBatch(id).stream()
                        .map(made -> new BatchWire.YieldSaid(
                                made.foreseen().millilitres(), made.made().millilitres(), made.said()))
                        .toList());
    }
}

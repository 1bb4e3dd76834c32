package org.mobrel.server.run;

import jakarta.validation.Valid;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import org.jspecify.annotations.Nullable;
import org.mobrel.server.platform.InvalidField;
import org.mobrel.server.platform.Visitor;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

@RestController
@RequestMapping("/api/runs")
class RunController {

    private final RunService service;
    private final RunResponses answers;
    private final RunStream stream;
    private final NextTryService nextTries;
    private final OneMoreJarService oneMore;

    RunController(
            RunService service,
            RunResponses answers,
            RunStream stream,
            NextTryService nextTries,
            OneMoreJarService oneMore) {
        this.service = service;
        this.answers = answers;
        this.stream = stream;
        this.nextTries = nextTries;
        this.oneMore = oneMore;
    }

    /** Runs that need somebody: at the stove, resting, or waiting for their seal check. */
    @GetMapping
    List<RunMessages.RunResponse> open() {
        return service.open().stream().map(answers::answer).toList();
    }

    @GetMapping("/{id}")
    RunMessages.RunResponse run(@PathVariable long id) {
        return answers.answer(service.run(id));
    }

    /**
     * Everything that is written down about runs, as it is written. A page that comes back says what it has, and hears only the rest.
     *
     * @param seen what it has, as the id of the last message it got, such as '3:57,4:12'; a browser sends it as a header by itself
     */
    @GetMapping(path = "/stream", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    ResponseEntity<SseEmitter> listen(
            @RequestParam(required = false) @Nullable String seen,
            @RequestHeader(name = "Last-Event-ID", required = false) @Nullable String lastId) {
        return ResponseEntity.ok()
                .cacheControl(CacheControl.noStore())
                .header("X-Accel-Buffering", "no")
                .body(stream.subscribe(seen == null ? lastId : seen));
    }

    /** The next try of a run that was given up, or of jars that did not seal: in one step, with everything it should keep. */
    @PostMapping("/{id}/again")
    @ResponseStatus(HttpStatus.CREATED)
    RunMessages.RunResponse again(@PathVariable long id, @Valid @RequestBody RunMessages.NextTryRequest request) {
        return answers.answer(nextTries.of(
                id,
                Optional.ofNullable(request.jars()),
                Optional.ofNullable(request.cannerId()),
                Visitor.nameOr(request.by() == null ? "" : request.by().strip())));
    }

    /** What may still go into a load beside what was planned; nothing once its lid is on. */
    @GetMapping("/{id}/room")
    RunMessages.RoomResponse room(@PathVariable long id) {
        OneMoreJarService.Room room = oneMore.room(id);
        return new RunMessages.RoomResponse(
                room.groups(),
                room.waiting().stream().map(RunController::answer).toList());
    }

    private static RunMessages.WaitingJarResponse answer(OneMoreJarService.WaitingJar jar) {
        return new RunMessages.WaitingJarResponse(
                jar.from().id(),
                jar.number(),
                jar.group().name(),
                jar.group().jars().size().code(),
                jar.group().jars().mouth().code(),
                jar.from().plan().process().value(),
                jar.since());
    }

    /** Puts one more jar into a load than was planned, before its lid goes on. */
    @PostMapping("/{id}/jars")
    RunMessages.RunResponse oneMore(@PathVariable long id, @Valid @RequestBody RunMessages.OneMoreJarRequest request) {
        String by = Visitor.nameOr(request.by() == null ? "" : request.by().strip());
        if (request.group() != null) {
            return answers.answer(oneMore.ofItsOwn(id, request.group(), request.jars(), by));
        }
        if (request.fromRun() == null || request.fromJar() == null) {
            throw new InvalidField("group", "a group of this load, or a jar that another one left out");
        }
        return answers.answer(oneMore.leftOver(id, request.fromRun(), request.fromJar(), request.jars(), by));
    }

    @PostMapping("/{id}/events")
    RunMessages.RunResponse tell(@PathVariable long id, @Valid @RequestBody RunMessages.EventRequest request) {
        RunService.Tap tap = new RunService.Tap(
                request.expected() == null ? OptionalInt.empty() : OptionalInt.of(request.expected()),
                Optional.ofNullable(request.happenedAt()),
                Optional.ofNullable(request.key()));
        Run after = service.tell(id, RunCommands.command(request), tap);
        return answers.answer(after, request.known() == null ? 0 : request.known());
    }
}

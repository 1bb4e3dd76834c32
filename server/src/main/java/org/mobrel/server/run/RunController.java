package org.mobrel.server.run;

import jakarta.validation.Valid;
import java.time.InstantSource;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import org.mobrel.quantity.GaugePressure;
import org.mobrel.run.EventKind;
import org.mobrel.run.JarCheck;
import org.mobrel.run.Reading;
import org.mobrel.run.RunEvent;
import org.mobrel.run.WeightState;
import org.mobrel.server.platform.BadField;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/runs")
class RunController {

    private final RunDesk desk;
    private final InstantSource clock;

    RunController(RunDesk desk, InstantSource clock) {
        this.desk = desk;
        this.clock = clock;
    }

    /** Runs that need somebody: at the stove, resting, or waiting for their seal check. */
    @GetMapping
    List<RunWire.RunAnswer> open() {
        return desk.open().stream().map(this::answer).toList();
    }

    @GetMapping("/{id}")
    RunWire.RunAnswer run(@PathVariable long id) {
        return answer(desk.run(id));
    }

    @PostMapping("/{id}/events")
    RunWire.RunAnswer tell(@PathVariable long id, @Valid @RequestBody RunWire.EventRequest request) {
        OptionalInt expected = request.expected() == null ? OptionalInt.empty() : OptionalInt.of(request.expected());
        return answer(desk.tell(id, wish(request), expected));
    }

    private RunWire.RunAnswer answer(Run run) {
        return RunWords.answer(run, clock.instant());
    }

    private static RunDesk.Wish wish(RunWire.EventRequest request) {
        EventKind kind = EventKind.ofCode(request.type())
                .orElseThrow(() -> new BadField("type", "\"" + request.type() + "\" is nothing that happens in a run"));
        Optional<Reading> reading = kind == EventKind.READING ? Optional.of(reading(request)) : Optional.empty();
        Optional<JarCheck> jar = kind == EventKind.JAR_CHECKED ? Optional.of(jar(request)) : Optional.empty();
        String note = request.note() == null ? "" : request.note().strip();
        if (kind == EventKind.NOTE && note.isEmpty()) {
            throw new BadField("note", "a note needs words");
        }
        return now -> new RunEvent(kind, now, reading, jar, note);
    }

    private static Reading reading(RunWire.EventRequest request) {
        if (request.psi() != null && request.weight() == null) {
            return Reading.ofDial(GaugePressure.ofPsi(request.psi()));
        }
        if (request.weight() != null && request.psi() == null) {
            return Reading.ofWeight(WeightState.ofCode(request.weight())
                    .orElseThrow(() -> new BadField("weight", "still, proper or frantic")));
        }
        throw new BadField("psi", "a reading is either of the dial or of the weight");
    }

    private static JarCheck jar(RunWire.EventRequest request) {
        if (request.jar() == null) {
            throw new BadField("jar", "which jar");
        }
        if (request.sealed() == null) {
            throw new BadField("sealed", "sealed or not");
        }
        JarCheck.LiquidLoss loss = request.loss() == null
                ? JarCheck.LiquidLoss.NONE
                : JarCheck.LiquidLoss.ofCode(request.loss())
                        .orElseThrow(() -> new BadField("loss", "none, some or more-than-half"));
        return new JarCheck(request.jar(), request.sealed(), loss);
    }
}

package org.mobrel.server.practice;

import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import java.util.concurrent.ThreadLocalRandom;
import org.jspecify.annotations.Nullable;
import org.mobrel.practice.Draw;
import org.mobrel.practice.Drill;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** A canner to learn on. */
@RestController
@RequestMapping("/api/practice")
class PracticeController {

    private final PracticeService service;
    private final SceneService scenes;
    private final PracticeMapper mapper;

    PracticeController(PracticeService service, SceneService scenes, PracticeMapper mapper) {
        this.service = service;
        this.scenes = scenes;
        this.mapper = mapper;
    }

    @GetMapping
    PracticeMessages.PracticeResponse practice() {
        return mapper.overview();
    }

    /** Goes on with one or two simulated canners from where they were; nothing of it is kept here. */
    @PostMapping("/scenes")
    SceneMessages.SceneResponse goOn(@Valid @RequestBody SceneMessages.SceneRequest request) {
        return scenes.goOn(request);
    }

    /** A drill at its moment, as chance sets it. */
    @GetMapping("/drills/{code}")
    PracticeMessages.DrillResponse drill(
            @PathVariable String code, @RequestParam @Min(0) @Max(Integer.MAX_VALUE) @Nullable Integer seed) {
        Drill drill = service.drill(code);
        Draw draw = drill.draw(seed == null ? drawn() : seed);
        return mapper.drill(drill, draw);
    }

    private static int drawn() {
        return ThreadLocalRandom.current().nextInt(Integer.MAX_VALUE);
    }

    @PostMapping("/drills/{code}/tries")
    PracticeMessages.DrillTryResponse tryDrill(
            @PathVariable String code, @Valid @RequestBody PracticeMessages.DrillTryRequest request) {
        return mapper.tried(service.drill(code), service.tryDrill(code, request));
    }

    @PostMapping("/rehearsals")
    PracticeMessages.RehearsalResult rehearsed(@Valid @RequestBody PracticeMessages.RehearsalRequest request) {
        return PracticeMapper.rehearsed(service.rehearsed(request));
    }

    /** Ten lines of a recipe to read. */
    @GetMapping("/lines")
    PracticeMessages.LinesResponse lines(@RequestParam @Min(0) @Max(Integer.MAX_VALUE) @Nullable Integer seed) {
        int drawn = seed == null ? drawn() : seed;
        return new PracticeMessages.LinesResponse(drawn, service.drawLines(drawn));
    }

    @PostMapping("/lines/tries")
    PracticeMessages.LinesTryResponse tryLines(@Valid @RequestBody PracticeMessages.LinesTryRequest request) {
        return PracticeMapper.lines(service.tryLines(request));
    }

    /** A whole load as a picture of what happens inside its jars; an illustration that sets no time. */
    @GetMapping("/inside")
    PracticeMessages.InsideResponse inside(
            @RequestParam(defaultValue = "0") @DecimalMin("-1000") @DecimalMax("10000") double altitudeFt,
            @RequestParam(defaultValue = "10") @Min(0) @Max(15) int ventMinutes,
            @RequestParam(defaultValue = "10") @Min(5) @Max(15) int psi,
            @RequestParam(defaultValue = "quart") String size) {
        return PracticeMapper.inside(altitudeFt, ventMinutes, psi, size);
    }

    @GetMapping("/record")
    PracticeMessages.PracticeRecord practiceRecord() {
        return mapper.record();
    }
}

package org.mobrel.server.practice;

import java.time.Duration;
import java.time.Instant;
import java.time.InstantSource;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;
import org.mobrel.canner.PressureTable;
import org.mobrel.foods.Catalogue;
import org.mobrel.jars.JarSize;
import org.mobrel.practice.Draw;
import org.mobrel.practice.Drill;
import org.mobrel.practice.DrillAct;
import org.mobrel.practice.DrillJudge;
import org.mobrel.practice.DrillVerdict;
import org.mobrel.practice.LineExercise;
import org.mobrel.practice.PracticeCanner;
import org.mobrel.practice.Rehearsal;
import org.mobrel.practice.Repetition;
import org.mobrel.practice.RuleBook;
import org.mobrel.quantity.Minutes;
import org.mobrel.recipe.LineReader;
import org.mobrel.ruling.LineRuling;
import org.mobrel.server.platform.Conflict;
import org.mobrel.server.platform.InvalidField;
import org.mobrel.server.practice.PracticeMessages.DrillTryRequest;
import org.mobrel.server.practice.PracticeMessages.LinesTryRequest;
import org.mobrel.server.practice.PracticeMessages.RehearsalRequest;
import org.mobrel.server.practice.SceneMessages.SceneActBody;
import org.mobrel.server.ruling.RulingService;
import org.mobrel.server.sharing.SharedFields;
import org.mobrel.steam.Scene;
import org.mobrel.steam.SceneAct;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Judges tries of exercises and writes them down, in the record of practice and nowhere else. */
@Service
public class PracticeService {

    private static final String LINES = "ten-lines";

    private final Drills drills;
    private final SceneService scenes;
    private final PracticeTryRepository tries;
    private final SharedFields turns;
    private final DrillJudge judge;
    private final RuleBook rules;
    private final LineExercise lines;
    private final InstantSource clock;

    PracticeService(
            Drills drills,
            SceneService scenes,
            PracticeTryRepository tries,
            SharedFields turns,
            RulingService rulings,
            Catalogue catalogue,
            PressureTable pressures,
            LineReader reader,
            InstantSource clock) {
        this.drills = drills;
        this.scenes = scenes;
        this.tries = tries;
        this.turns = turns;
        this.judge = new DrillJudge(rulings.rulings(), pressures, reader);
        this.rules = new RuleBook(catalogue, pressures);
        this.lines = new LineExercise(rulings.rulings(), reader);
        this.clock = clock;
    }

    /** How a drill stands: its tries, and when it comes again where it was tried. */
    record Standing(Drill drill, List<Repetition.Try> tried, Optional<Repetition> repetition) {
        boolean isDue(Instant now) {
            return repetition.filter(again -> again.isDue(now)).isPresent();
        }

        boolean isKnown() {
            return repetition.filter(again -> again.inARow() > 0).isPresent();
        }
    }

    /** @param all tries, the earliest first */
    List<Standing> standings(List<PracticeTry> all) {
        Map<String, List<PracticeTry>> byDrill = all.stream()
                .filter(one -> one.kind() == PracticeTry.Kind.DRILL)
                .collect(Collectors.groupingBy(PracticeTry::exercise));
        return drills.all().stream()
                .map(drill -> standing(drill, byDrill.getOrDefault(drill.code(), List.of())))
                .toList();
    }

    private static Standing standing(Drill drill, List<PracticeTry> all) {
        List<Repetition.Try> tried = all.stream()
                .map(one -> new Repetition.Try(one.at(), one.passed()))
                .toList();
        return new Standing(drill, tried, tried.isEmpty() ? Optional.empty() : Optional.of(Repetition.after(tried)));
    }

    /** The drill that is best done now: one that was missed and is due, one that is due, one that was never tried. */
    static Optional<Drill> next(List<Standing> standings, Instant now) {
        Comparator<Standing> missedFirst = Comparator.comparing(Standing::isKnown);
        return standings.stream()
                .filter(one -> one.isDue(now))
                .min(missedFirst.thenComparing(
                        one -> one.repetition().orElseThrow().due()))
                .or(() ->
                        standings.stream().filter(one -> one.tried().isEmpty()).findFirst())
                .map(Standing::drill);
    }

    Instant now() {
        return clock.instant();
    }

    List<PracticeTry> tries() {
        return tries.all();
    }

    Drill drill(String code) {
        return drills.get(code);
    }

    List<Drill> drills() {
        return drills.all();
    }

    Optional<Scene> sceneOf(Drill drill, Draw draw) {
        return drill.canner().map(scene -> scenes.at(DrillJudge.canner(scene, draw), DrillJudge.moment(scene, draw)));
    }

    RuleBook.Quoted rule(Drill drill) {
        return rules.find(drill.rule()).orElseThrow();
    }

    /** What came of a try, and how the drill stands after it. */
    record Tried(DrillVerdict verdict, List<SceneAct> plays, Duration played, Repetition repetition) {}

    /**
     * Judges a try of a drill and writes it down; of one draw the first answer counts.
     *
     * @return empty while nothing has come of it yet at the knobs
     * @throws InvalidField for a choice that the drill has not
     */
    @Transactional
    Optional<Tried> tryDrill(String code, DrillTryRequest request) {
        Drill drill = drills.get(code);
        Draw draw = drill.draw(request.seed());
        if (drill.isAtTheKnobs()) {
            return hands(drill, draw, request)
                    .map(verdict -> new Tried(verdict, List.of(), Duration.ZERO, written(drill, draw, verdict)));
        }
        DrillAct act = Optional.ofNullable(request.choice())
                .flatMap(drill::act)
                .orElseThrow(() -> new InvalidField("choice", "that cannot be done in this drill"));
        DrillVerdict verdict = judge.of(drill, draw, act, sceneOf(drill, draw));
        return Optional.of(new Tried(verdict, act.plays(), act.played(), written(drill, draw, verdict)));
    }

    private Optional<DrillVerdict> hands(Drill drill, Draw draw, DrillTryRequest request) {
        List<SceneAct> acts = Objects.requireNonNullElse(request.acts(), List.<SceneActBody>of()).stream()
                .map(SceneActBody::toCore)
                .toList();
        return judge.ofHands(
                drill, draw, sceneOf(drill, draw).orElseThrow(), acts, Duration.ofMillis(request.lastedMillis()));
    }

    private Repetition written(Drill drill, Draw draw, DrillVerdict verdict) {
        add(new PracticeTry(
                PracticeTry.Kind.DRILL,
                drill.code(),
                draw.seed(),
                clock.instant(),
                verdict.passed(),
                verdict.misses().map(List::of).orElse(List.of()),
                Optional.empty(),
                Optional.empty()));
        List<PracticeTry> all = tries.of(PracticeTry.Kind.DRILL, drill.code());
        return standing(drill, all).repetition().orElseThrow();
    }

    private void add(PracticeTry one) {
        // In turn: the same try sent twice at once would be written twice.
        turns.await();
        if (tries.find(one.kind(), one.exercise(), one.seed()).isEmpty()) {
            tries.add(one);
        }
    }

    /**
     * Judges a whole rehearsal from the lit burner on, and writes it down.
     *
     * @throws Conflict if it has not come to its end
     */
    @Transactional
    Rehearsal rehearsed(RehearsalRequest request) {
        PracticeCanner canner = request.canner().toCore();
        Rehearsal rehearsal = SceneService.rehearse(
                canner,
                request.acts().stream().map(SceneActBody::toCore).toList(),
                Duration.ofMillis(request.lastedMillis()));
        if (!rehearsal.isOver()) {
            throw new Conflict(
                    "not-over",
                    "The lid is not off yet; go on.",
                    Map.of("step", rehearsal.step().code()));
        }
        List<String> slips = new ArrayList<>();
        for (Rehearsal.Slip slip : Rehearsal.Slip.values()) {
            if (rehearsal.slips(slip) > 0) {
                slips.add(slip.code());
            }
        }
        boolean passed = rehearsal.isPassed();
        add(new PracticeTry(
                PracticeTry.Kind.REHEARSAL,
                request.name().strip(),
                request.seed(),
                clock.instant(),
                passed,
                slips,
                passed ? Optional.of(Duration.ofMinutes(10)) : Optional.empty(),
                passed ? Optional.of(rehearsal.furthest()) : Optional.empty()));
        return rehearsal;
    }

    List<String> drawLines(long seed) {
        return lines.draw(seed)
                .orElseThrow(() -> new Conflict(
                        "too-few-rows",
                        "So many rows of the tables are suspended that no ten lines can be ruled on. Compare them with a"
                                + " printed copy, in Kitchen under Tested times.",
                        Map.of()));
    }

    /** What is right of ten lines, and whether it was said. */
    record LinesTried(boolean passed, List<String> drawn, LineExercise.Solution solution) {
        Optional<Minutes> minutes(int line) {
            int kept = line
                    - (int) solution.stops().stream()
                            .filter(stop -> stop.line() < line)
                            .count();
            List<LineRuling> rulings = solution.ruling().lines();
            return solution.isStop(line) || kept >= rulings.size()
                    ? Optional.empty()
                    : rulings.get(kept).minutesFor(JarSize.QUART);
        }
    }

    @Transactional
    LinesTried tryLines(LinesTryRequest request) {
        List<String> drawn = drawLines(request.seed());
        if (request.stops().stream().anyMatch(line -> line < 0 || line >= drawn.size())) {
            throw new InvalidField("stops", "there are ten lines, counted from 0");
        }
        LineExercise.Solution solution = lines.solve(drawn);
        boolean stops = new HashSet<>(request.stops())
                .equals(solution.stops().stream().map(LineExercise.Stop::line).collect(Collectors.toSet()));
        boolean time = solution.setsTime().contains(request.setsTime());
        List<String> misses = new ArrayList<>();
        if (!stops) {
            misses.add("stops");
        }
        if (!time) {
            misses.add("sets-time");
        }
        add(new PracticeTry(
                PracticeTry.Kind.LINES,
                LINES,
                request.seed(),
                clock.instant(),
                misses.isEmpty(),
                misses,
                Optional.empty(),
                Optional.empty()));
        return new LinesTried(misses.isEmpty(), drawn, solution);
    }
}

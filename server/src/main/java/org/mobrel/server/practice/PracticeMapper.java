package org.mobrel.server.practice;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.mobrel.canner.Gauge;
import org.mobrel.canner.GaugeKind;
import org.mobrel.canner.PressureTable;
import org.mobrel.practice.Draw;
import org.mobrel.practice.Drill;
import org.mobrel.practice.DrillJudge;
import org.mobrel.practice.InsideJar;
import org.mobrel.practice.LineExercise;
import org.mobrel.practice.PracticeCanner;
import org.mobrel.practice.Rehearsal;
import org.mobrel.practice.Repetition;
import org.mobrel.practice.RuleBook;
import org.mobrel.quantity.Altitude;
import org.mobrel.quantity.GaugeError;
import org.mobrel.quantity.GaugePressure;
import org.mobrel.quantity.Minutes;
import org.mobrel.server.kitchen.Kitchen;
import org.mobrel.server.kitchen.KitchenCanner;
import org.mobrel.server.kitchen.KitchenService;
import org.mobrel.server.platform.InvalidField;
import org.mobrel.server.practice.SceneMessages.PracticeCannerBody;
import org.mobrel.server.practice.SceneMessages.SceneActBody;
import org.mobrel.server.practice.SceneMessages.SightResponse;
import org.mobrel.steam.CannerContents;
import org.mobrel.steam.Filling;
import org.mobrel.steam.Scene;
import org.mobrel.steam.Sight;
import org.mobrel.steam.SteamTemperatures;
import org.springframework.stereotype.Component;

/** Words practice for the wire. */
@Component
class PracticeMapper {

    private static final int LEAST_PSI = 5;
    private static final int MOST_PSI = 15;

    /** Above the bands a canner is rehearsed at the highest pressure there is. */
    private static final GaugePressure HIGHEST = GaugePressure.ofPsi(MOST_PSI);

    private final PracticeService service;
    private final KitchenService kitchens;
    private final PressureTable pressures;

    PracticeMapper(PracticeService service, KitchenService kitchens, PressureTable pressures) {
        this.service = service;
        this.kitchens = kitchens;
        this.pressures = pressures;
    }

    PracticeMessages.PracticeResponse overview() {
        Instant now = service.now();
        List<PracticeTry> tries = service.tries();
        List<PracticeService.Standing> standings = service.standings(tries);
        Kitchen kitchen = kitchens.kitchen();
        List<String> held = tries.stream()
                .filter(one -> one.kind() == PracticeTry.Kind.REHEARSAL && one.passed())
                .map(PracticeTry::exercise)
                .toList();
        return new PracticeMessages.PracticeResponse(
                standings.stream().map(one -> entry(one, now)).toList(),
                PracticeService.next(standings, now).map(Drill::code).orElse(null),
                kitchen.canners().stream()
                        .map(canner -> new PracticeMessages.RehearsalOffer(
                                canner.id(),
                                canner.profile().name(),
                                PracticeCannerBody.of(rehearsed(canner, kitchen)),
                                held.contains(canner.profile().name())))
                        .toList(),
                kitchen.altitude().map(altitude -> Math.round(altitude.feet())).orElse(null));
    }

    private static PracticeMessages.DrillEntry entry(PracticeService.Standing one, Instant now) {
        return new PracticeMessages.DrillEntry(
                one.drill().code(),
                one.drill().title(),
                one.drill().takes().value(),
                one.drill().isAtTheKnobs(),
                one.tried().size(),
                one.repetition().map(Repetition::inARow).orElse(0),
                one.isDue(now),
                one.repetition().map(Repetition::due).orElse(null));
    }

    /** This kitchen's own canner, at its altitude and with its own start water, and no jars in it. */
    private PracticeCanner rehearsed(KitchenCanner canner, Kitchen kitchen) {
        Altitude altitude = kitchen.altitude().orElse(Altitude.ofFeet(0));
        Gauge gauge = canner.profile().gauge();
        GaugePressure truth = pressures
                .band(gauge.kind(), altitude)
                .map(PressureTable.Band::pressure)
                .orElse(HIGHEST);
        GaugePressure reading = gauge.readingFor(truth);
        return new PracticeCanner(
                gauge.kind(),
                reading.compareTo(HIGHEST) > 0 ? HIGHEST : reading,
                altitude,
                false,
                0,
                0,
                canner.profile().startWater().orElse(CannerContents.USUAL_WATER),
                true,
                gauge.kind() == GaugeKind.DIAL && !gauge.isTooFarOff() ? gauge.error() : GaugeError.NONE);
    }

    PracticeMessages.DrillResponse drill(Drill drill, Draw draw) {
        Optional<Scene> scene = service.sceneOf(drill, draw);
        Function<List<String>, List<String>> filled =
                texts -> texts.stream().map(draw::in).toList();
        return new PracticeMessages.DrillResponse(
                drill.code(),
                drill.title(),
                draw.seed(),
                draw.in(drill.moment()),
                draw.in(drill.ask()),
                drill.picture().orElse(null),
                drill.canner()
                        .map(canner -> PracticeCannerBody.of(DrillJudge.canner(canner, draw)))
                        .orElse(null),
                scene.map(Scene::snapshot).orElse(null),
                scene.map(one -> SightResponse.of(one.sight())).orElse(null),
                drill.recipe().map(recipe -> filled.apply(recipe.lines())).orElse(List.of()),
                drill.recipe().map(recipe -> filled.apply(recipe.steps())).orElse(List.of()),
                drill.shuffled(draw).stream()
                        .map(act -> new PracticeMessages.DrillChoice(act.code(), draw.in(act.text())))
                        .toList(),
                drill.isAtTheKnobs());
    }

    PracticeMessages.DrillTryResponse tried(Drill drill, Optional<PracticeService.Tried> tried) {
        RuleBook.Quoted quoted = service.rule(drill);
        PracticeMessages.QuotedRule rule =
                new PracticeMessages.QuotedRule(quoted.text(), quoted.source().text());
        return tried.map(known -> new PracticeMessages.DrillTryResponse(
                        true,
                        known.verdict().passed(),
                        known.verdict().misses().orElse(null),
                        known.verdict().text(),
                        known.verdict().right().orElse(null),
                        rule,
                        known.plays().stream().map(SceneActBody::of).toList(),
                        known.played().toMillis(),
                        known.repetition().due()))
                .orElseGet(() ->
                        new PracticeMessages.DrillTryResponse(false, false, null, "", null, rule, List.of(), 0, null));
    }

    static PracticeMessages.RehearsalResult rehearsed(Rehearsal rehearsal) {
        return new PracticeMessages.RehearsalResult(
                rehearsal.isPassed(), rehearsal.furthest().psi(), SceneMessages.slipsOf(rehearsal));
    }

    static PracticeMessages.LinesTryResponse lines(PracticeService.LinesTried tried) {
        List<PracticeMessages.LineAnswer> answers = new ArrayList<>();
        for (int i = 0; i < tried.drawn().size(); i++) {
            int line = i;
            answers.add(new PracticeMessages.LineAnswer(
                    tried.drawn().get(line),
                    tried.solution().stops().stream()
                            .filter(stop -> stop.line() == line)
                            .map(LineExercise.Stop::why)
                            .findFirst()
                            .orElse(null),
                    tried.solution().setsTime().contains(line),
                    tried.minutes(line).map(Minutes::value).orElse(null)));
        }
        return new PracticeMessages.LinesTryResponse(
                tried.passed(), answers, tried.solution().ruling().headline());
    }

    static PracticeMessages.InsideResponse inside(double altitudeFt, int vent, int psi, String size) {
        if (!size.equals("quart") && !size.equals("pint")) {
            throw new InvalidField("size", "quart or pint");
        }
        Altitude altitude = Altitude.ofFeet(altitudeFt);
        GaugePressure pressure = GaugePressure.ofPsi(psi);
        PracticeCanner canner = new PracticeCanner(
                GaugeKind.WEIGHTED,
                pressure,
                altitude,
                false,
                size.equals("quart") ? 7 : 0,
                size.equals("quart") ? 0 : 8,
                CannerContents.USUAL_WATER,
                true,
                GaugeError.NONE);
        InsideJar inside = InsideJar.of(canner, new Minutes(vent));
        List<PracticeMessages.SteamAt> steam = new ArrayList<>();
        for (int one = LEAST_PSI; one <= MOST_PSI; one++) {
            steam.add(new PracticeMessages.SteamAt(
                    BigDecimal.valueOf(one),
                    SceneMessages.tenths(SteamTemperatures.at(GaugePressure.ofPsi(one), altitude))));
        }
        return new PracticeMessages.InsideResponse(
                inside.minutes().stream().map(PracticeMapper::minute).toList(),
                inside.clockStarts(),
                pressure.psi(),
                BigDecimal.valueOf(inside.start().coolerMilliKelvin(), 3).setScale(2, RoundingMode.HALF_UP),
                SceneMessages.tenths(SteamTemperatures.boiling(altitude)),
                steam);
    }

    private static PracticeMessages.InsideMinute minute(Sight sight) {
        Map<String, BigDecimal> slowest = new TreeMap<>();
        for (Filling filling : Filling.values()) {
            Optional.ofNullable(sight.slowest().get(filling))
                    .ifPresent(celsius -> slowest.put(filling.code(), SceneMessages.tenths(celsius)));
        }
        return new PracticeMessages.InsideMinute(
                SceneMessages.tenths(sight.steam()), sight.pressure().psi(), slowest);
    }

    PracticeMessages.PracticeRecord record() {
        Map<String, String> titles = service.drills().stream().collect(Collectors.toMap(Drill::code, Drill::title));
        List<PracticeTry> all = new ArrayList<>(service.tries());
        Map<String, Integer> missed = new TreeMap<>();
        all.forEach(one -> one.misses().forEach(miss -> missed.merge(miss, 1, Integer::sum)));
        List<PracticeService.Standing> standings = service.standings(all);
        Collections.reverse(all);
        return new PracticeMessages.PracticeRecord(
                all.stream().limit(200).map(one -> entry(one, titles)).toList(),
                standings.size(),
                (int) standings.stream()
                        .filter(PracticeService.Standing::isKnown)
                        .count(),
                missed.entrySet().stream()
                        .map(miss -> new PracticeMessages.MissEntry(miss.getKey(), miss.getValue()))
                        .sorted(Comparator.comparing(PracticeMessages.MissEntry::times)
                                .reversed())
                        .limit(5)
                        .toList());
    }

    private static PracticeMessages.TryEntry entry(PracticeTry one, Map<String, String> titles) {
        return new PracticeMessages.TryEntry(
                one.at(),
                one.kind().code(),
                one.exercise(),
                title(one, titles),
                one.passed(),
                one.misses(),
                one.held().map(Duration::toSeconds).orElse(null),
                one.furthest().map(GaugePressure::psi).orElse(null));
    }

    private static String title(PracticeTry one, Map<String, String> titles) {
        return switch (one.kind()) {
            case DRILL -> titles.getOrDefault(one.exercise(), one.exercise());
            case REHEARSAL -> "Rehearsal with water, " + one.exercise();
            case LINES -> "Ten lines";
        };
    }
}

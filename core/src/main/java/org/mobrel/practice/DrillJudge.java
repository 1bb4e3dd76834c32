package org.mobrel.practice;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import org.mobrel.canner.Gauge;
import org.mobrel.canner.GaugeKind;
import org.mobrel.canner.PressureTable;
import org.mobrel.foods.Pack;
import org.mobrel.jars.JarCount;
import org.mobrel.jars.JarKind;
import org.mobrel.jars.JarSize;
import org.mobrel.jars.Mouth;
import org.mobrel.method.Method;
import org.mobrel.quantity.Altitude;
import org.mobrel.quantity.Fraction;
import org.mobrel.quantity.GaugeError;
import org.mobrel.quantity.GaugePressure;
import org.mobrel.recipe.IngredientLine;
import org.mobrel.recipe.LineReader;
import org.mobrel.ruling.Batch;
import org.mobrel.ruling.Ruling;
import org.mobrel.ruling.Rulings;
import org.mobrel.ruling.TimingPolicy;
import org.mobrel.ruling.Verdict;
import org.mobrel.steam.CannerContents;
import org.mobrel.steam.Filling;
import org.mobrel.steam.Scene;
import org.mobrel.steam.SceneAct;
import org.mobrel.steam.Sight;

/** Judges what was done in a drill, by the rulings and tables that everything else goes by. */
public final class DrillJudge {

    public static final String STOP = "stop";
    private static final String RESTART = "restart";
    private static final String GO_ON = "go-on";
    private static final String REPLACE = "replace";
    private static final String CORRECT = "correct";
    private static final Duration SECOND = Duration.ofSeconds(1);

    /** A drill at the knobs that nobody ends is over after that. */
    private static final Duration LONGEST = Duration.ofMinutes(45);

    private final Rulings rulings;
    private final PressureTable pressures;
    private final LineReader reader;

    public DrillJudge(Rulings rulings, PressureTable pressures, LineReader reader) {
        this.rulings = rulings;
        this.pressures = pressures;
        this.reader = reader;
    }

    /** The canner of a drill as chance set it. */
    public static PracticeCanner canner(Drill.StoveScene scene, Draw draw) {
        return new PracticeCanner(
                GaugeKind.ofCode(draw.in(scene.gauge())).orElseThrow(),
                psi(draw.number(scene.psi())),
                Altitude.ofFeet(draw.number(scene.altitudeFt())),
                false,
                (int) draw.number(scene.quarts()),
                (int) draw.number(scene.pints()),
                CannerContents.USUAL_WATER,
                scene.hot(),
                error(draw.number(scene.errorPsi())));
    }

    /** The moment at which it begins: minutes in the file, or psi where the stage is told by the pressure. */
    public static Moment moment(Drill.StoveScene scene, Draw draw) {
        Moment.Stage stage = Moment.Stage.ofCode(scene.stage()).orElseThrow();
        double amount = draw.number(scene.amount());
        return new Moment(stage, (int) Math.round(stage.isTold() ? amount * 1_000 : amount));
    }

    private static GaugePressure psi(double psi) {
        return new GaugePressure((int) Math.round(psi * 1_000));
    }

    private static GaugeError error(double psi) {
        return new GaugeError((int) Math.round(psi * 1_000));
    }

    /**
     * What is right, as an act's value says it.
     *
     * @return empty where the file says it act by act, or the hands show it
     */
    public Optional<String> right(Drill drill, Draw draw) {
        return switch (drill.judge()) {
            case LISTED, HANDS -> Optional.empty();
            case PRESSURE -> Optional.of(rightPressure(drill.canner().orElseThrow(), draw));
            case MINUTES -> Optional.of(rightMinutes(drill.recipe().orElseThrow(), draw));
            case RESTART ->
                Optional.of(
                        draw.number("{seen}")
                                        < draw.number(
                                                drill.canner().orElseThrow().psi())
                                ? RESTART
                                : GO_ON);
            case GAUGE -> {
                GaugeError off = error(draw.number(drill.canner().orElseThrow().errorPsi()));
                yield Optional.of(new Gauge(GaugeKind.DIAL, off).isTooFarOff() ? REPLACE : CORRECT);
            }
        };
    }

    private String rightPressure(Drill.StoveScene scene, Draw draw) {
        PracticeCanner canner = canner(scene, draw);
        return pressures
                .band(canner.gauge(), canner.altitude())
                .map(band -> band.pressure().psi().toPlainString())
                .orElse(STOP);
    }

    private String rightMinutes(Drill.DrillRecipe recipe, Draw draw) {
        Ruling ruling = ruling(recipe, draw);
        return ruling.timing()
                .filter(timing -> ruling.verdict() == Verdict.COVERED)
                .map(timing -> String.valueOf(timing.minutes().value()))
                .orElse(STOP);
    }

    /** The real ruling on what is in the drill's jars. */
    public Ruling ruling(Drill.DrillRecipe recipe, Draw draw) {
        List<IngredientLine> lines =
                reader.readAll(recipe.lines().stream().map(draw::in).toList());
        List<JarCount> jars = recipe.sizes().stream()
                .map(size -> new JarKind(JarSize.ofCode(draw.in(size)).orElseThrow(), Mouth.REGULAR).times(3))
                .toList();
        return rulings.rule(new Batch(
                lines,
                Pack.ofCode(draw.in(recipe.pack())).orElseThrow(),
                Fraction.of(draw.number(recipe.share())),
                jars,
                Altitude.ofFeet(draw.number(recipe.altitudeFt())),
                Gauge.weighted(),
                TimingPolicy.LONGEST_INGREDIENT,
                Method.of(recipe.steps().stream().map(draw::in).toList(), lines, reader)));
    }

    /** Whether an act is the right one this time. */
    public boolean isRight(Drill drill, Draw draw, DrillAct act) {
        return act.passes()
                .orElseGet(() -> right(drill, draw).equals(act.value().map(draw::in)));
    }

    /**
     * What comes of an act.
     *
     * @param scene at the drill's moment, where it has a canner; it is played on
     */
    public DrillVerdict of(Drill drill, Draw draw, DrillAct act, Optional<Scene> scene) {
        Draw known = scene.map(canner -> seen(draw, played(canner, act))).orElse(draw);
        Draw said = right(drill, draw).map(right -> known.with("right", right)).orElse(known);
        if (isRight(drill, draw, act)) {
            return new DrillVerdict(true, Optional.empty(), said.in(drill.passed()), Optional.empty());
        }
        Optional<String> right = drill.acts().stream()
                .filter(other -> isRight(drill, draw, other))
                .findFirst()
                .map(other -> draw.in(other.text()));
        return new DrillVerdict(false, Optional.of(act.misses()), said.in(act.then()), right);
    }

    /** The last sight of a canner after what an act does to it. */
    private static Sight played(Scene scene, DrillAct act) {
        if (act.played().isZero()) {
            return scene.sight();
        }
        Duration from = scene.elapsed();
        List<Sight> seen = scene.until(from.plus(act.played()), act.played(), later(act.plays(), from));
        return seen.get(seen.size() - 1);
    }

    /** Acts that are counted from a moment, counted from the lit burner. */
    public static List<SceneAct> later(List<SceneAct> acts, Duration by) {
        return acts.stream()
                .map(act -> new SceneAct(act.at().plus(by), act.kind(), act.value()))
                .toList();
    }

    /** What a picture of the canner shows can stand in the words about it. */
    private static Draw seen(Draw draw, Sight sight) {
        Draw known = draw.with(
                        "cooler", String.format(Locale.ROOT, "%.1f", sight.coolerMilliKelvin() / 1_000.0 * 9 / 5))
                .with("spilt", String.valueOf(sight.spilt()))
                .with("needle", sight.needle().psi().toPlainString());
        return sight.slowest().isEmpty()
                ? known
                : known.with("slowest", fahrenheit(sight, Filling.CHUNKY))
                        .with("thick", fahrenheit(sight, Filling.PUREE));
    }

    private static String fahrenheit(Sight sight, Filling filling) {
        return String.format(
                Locale.ROOT,
                "%.0f",
                Objects.requireNonNull(sight.slowest().get(filling)).fahrenheit());
    }

    /**
     * What came of what was done at the knobs.
     *
     * @param moment the scene at the drill's moment; it is played on
     * @param acts counted from the moment
     * @param lasted how long was played
     * @return empty while nothing of it has ended yet
     */
    public Optional<DrillVerdict> ofHands(Drill drill, Draw draw, Scene moment, List<SceneAct> acts, Duration lasted) {
        Sight before = moment.sight();
        List<SceneAct> done = later(acts, before.at());
        List<Sight> seen = new ArrayList<>();
        int steamed = steamed(drill, draw);
        Duration end = before.at().plus(lasted.compareTo(LONGEST) < 0 ? lasted : LONGEST);
        while (moment.elapsed().compareTo(end) < 0) {
            seen.addAll(moment.until(moment.elapsed().plus(SECOND), SECOND, done));
            for (Ending ending : drill.endings()) {
                if (ending.isTrue(before, seen, steamed)) {
                    return Optional.of(new DrillVerdict(
                            ending.passes(), ending.misses(), draw.in(ending.then()), Optional.empty()));
                }
            }
        }
        return Optional.empty();
    }

    private static int steamed(Drill drill, Draw draw) {
        Moment moment = moment(drill.canner().orElseThrow(), draw);
        return moment.stage() == Moment.Stage.VENTING ? moment.amount() * 60 : 0;
    }
}

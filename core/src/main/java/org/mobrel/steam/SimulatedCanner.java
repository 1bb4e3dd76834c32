package org.mobrel.steam;

import java.time.Duration;
import org.hipparchus.ode.OrdinaryDifferentialEquation;
import org.hipparchus.ode.nonstiff.ClassicalRungeKuttaIntegrator;
import org.mobrel.quantity.GaugePressure;
import org.mobrel.quantity.Temperature;
import org.mobrel.quantity.Volume;

/**
 * A canner to practise on: burner, water, steam, air and jars as one lumped model that reproduces what kitchens see. It goes on by
 * quarters of a second; the same knobs at the same times always give the same run.
 */
public final class SimulatedCanner {

    /** How far one step goes; short enough for the little steam in the head space to follow. */
    public static final Duration STEP = Duration.ofMillis(250);

    static final double WATER_HEAT = 4_190;
    static final double AIR_GAS = 287;
    static final double STEAM_GAS = 461.5;

    private static final double STEP_SECONDS = STEP.toMillis() / 1_000.0;
    /** In forty-five seconds nine tenths of a new setting have reached the pot. */
    private static final double BURNER_LAG_S = 45 / Math.log(10);

    private static final double FAST_SHARE = 0.30;
    private static final double FAST_S = 180;

    private static final double VENT_AREA = Math.PI / 4 * 4.5e-3 * 4.5e-3;
    private static final double PLUG_AREA = 1e-4;
    private static final double LEAK_AREA = 6e-6;
    private static final double DISCHARGE = 0.70;
    private static final double PLUG_PASCALS = 20 * Steam.PASCALS_IN_A_PSI;
    private static final double WEIGHT_SPAN = 6 * Steam.PASCALS_IN_A_PSI;
    private static final double GAMMA = 1.3;
    private static final double CRITICAL_RATIO = Math.pow(2 / (GAMMA + 1), GAMMA / (GAMMA - 1));

    /** Between the jars the air stays when the water begins to steam, well below boiling. */
    private static final double STEAMING_K = 80 + Steam.ZERO_CELSIUS;

    private static final double POCKET_SHARE = 0.35;
    private static final double SWEEP_S = 150;
    private static final double MIX_S = 60;
    private static final double AIR_PAST_A_WEIGHT = 0.1;

    /** Running cold water takes so much heat, from metal that stands in it. */
    private static final double DOUSED_W_PER_K = 100;

    private static final double TAP_K = 15 + Steam.ZERO_CELSIUS;
    private static final double DRY_KG = 0.02;

    private final Vessel vessel;
    private final CannerContents contents;
    private final double atmosphere;
    private final ClassicalRungeKuttaIntegrator integrator = new ClassicalRungeKuttaIntegrator(STEP_SECONDS);
    private Inside inside;
    private Knobs knobs = Knobs.OFF;
    private long steps;

    public SimulatedCanner(Vessel vessel, CannerContents contents) {
        this.vessel = vessel;
        this.contents = contents;
        this.atmosphere = vessel.atmosphere();
        this.inside = Inside.atFirst(vessel, contents);
    }

    /** One that was left at some moment goes on from there. */
    SimulatedCanner(Vessel vessel, CannerContents contents, Inside inside, Knobs knobs, long steps) {
        this.vessel = vessel;
        this.contents = contents;
        this.atmosphere = vessel.atmosphere();
        this.inside = inside;
        this.knobs = knobs;
        this.steps = steps;
    }

    Inside inside() {
        return inside;
    }

    public Knobs knobs() {
        return knobs;
    }

    /** A lid that is off stays off. */
    public void turn(Knobs other) {
        if (other.lidOff() && !knobs.lidOff()) {
            inside = inside.opened(Steam.saturationTemperature(atmosphere));
        }
        knobs = knobs.lidOff() ? other.open() : other;
    }

    /** How long it has been on the stove. */
    public Duration elapsed() {
        return STEP.multipliedBy(steps);
    }

    /** Goes on until so much time has passed since the start; time that has passed already is not taken back. */
    public void until(Duration time) {
        while (elapsed().compareTo(time) < 0) {
            step();
        }
    }

    private void step() {
        OrdinaryDifferentialEquation change = new OrdinaryDifferentialEquation() {
            @Override
            public int getDimension() {
                return 7;
            }

            @Override
            public double[] computeDerivatives(double time, double[] y) {
                return derivatives(inside.withVector(y));
            }
        };
        double now = steps * STEP_SECONDS;
        inside = inside.withVector(integrator.singleStep(change, now, inside.asVector(), now + STEP_SECONDS));
        steps++;
        if (!inside.pocketsFormed() && inside.kelvin() > STEAMING_K) {
            inside = inside.partingAir(POCKET_SHARE);
        }
        if (!inside.plugOpen() && gaugePascals(inside) >= PLUG_PASCALS) {
            inside = inside.blowingPlug();
        }
    }

    private double[] derivatives(Inside now) {
        if (knobs.lidOff()) {
            return openPot(now);
        }
        double gauge = gaugePascals(now);
        double flow = flow(now, gauge);
        double airShare = airShare(now);
        boolean pastWeight = knobs.weightOn() && !now.plugOpen();
        double airOut = flow >= 0 ? flow * airShare * (pastWeight ? AIR_PAST_A_WEIGHT : 1) : flow;
        double steamOut = Math.max(0, flow - Math.max(0, airOut));
        double fast = FAST_SHARE * contents.heat() / FAST_S;
        double slow = (1 - FAST_SHARE) * contents.heat() / contents.slowSeconds();
        double doused = knobs.doused() ? DOUSED_W_PER_K * (now.kelvin() - TAP_K) : 0;
        double heat = now.power()
                - Vessel.LOSS_W_PER_K * (now.kelvin() - Vessel.ROOM_K)
                - doused
                - fast * (now.kelvin() - now.outer())
                - slow * (now.kelvin() - now.inner())
                - steamOut * Steam.latentHeat(now.kelvin());
        double blown = !knobs.weightOn() && isPlume(steamOut) ? now.pockets() / SWEEP_S : 0;
        double mixed = knobs.weightOn() ? now.pockets() / MIX_S : 0;
        return new double[] {
            heat / (Vessel.METAL_KG * Vessel.METAL_HEAT + now.water() * WATER_HEAT),
            (now.kelvin() - now.outer()) / FAST_S,
            (now.kelvin() - now.inner()) / contents.slowSeconds(),
            -steamOut,
            mixed - airOut,
            -blown - mixed,
            (knobs.share() * Vessel.BURNER_W - now.power()) / BURNER_LAG_S
        };
    }

    /** Without its lid it is a pot: it boils at the boiling point, and no pressure builds up. */
    private double[] openPot(Inside now) {
        double fast = FAST_SHARE * contents.heat() / FAST_S;
        double slow = (1 - FAST_SHARE) * contents.heat() / contents.slowSeconds();
        double heat = now.power()
                - Vessel.LOSS_W_PER_K * (now.kelvin() - Vessel.ROOM_K)
                - fast * (now.kelvin() - now.outer())
                - slow * (now.kelvin() - now.inner());
        boolean boils = heat > 0 && now.kelvin() >= Steam.saturationTemperature(atmosphere);
        return new double[] {
            boils ? 0 : heat / (Vessel.METAL_KG * Vessel.METAL_HEAT + now.water() * WATER_HEAT),
            (now.kelvin() - now.outer()) / FAST_S,
            (now.kelvin() - now.inner()) / contents.slowSeconds(),
            boils ? -heat / Steam.latentHeat(now.kelvin()) : 0,
            0,
            0,
            (knobs.share() * Vessel.BURNER_W - now.power()) / BURNER_LAG_S
        };
    }

    static boolean isPlume(double kilogramsASecond) {
        return kilogramsASecond > 0.25e-3;
    }

    /** Mass that leaves in a second; below zero the air that is drawn in. */
    private double flow(Inside now, double gauge) {
        double area = openArea(now, gauge);
        if (gauge >= 0) {
            double absolute = gauge + atmosphere;
            double gas = airShare(now) * AIR_GAS + (1 - airShare(now)) * STEAM_GAS;
            return DISCHARGE * area * through(absolute, atmosphere, gas * now.kelvin());
        }
        // A lid and a weight let air in more easily than steam out; the needle never shows it.
        return -DISCHARGE * VENT_AREA * through(atmosphere, atmosphere + gauge, AIR_GAS * Vessel.ROOM_K);
    }

    private double openArea(Inside now, double gauge) {
        double area = knobs.leaking() ? LEAK_AREA : 0;
        if (now.plugOpen()) {
            area += PLUG_AREA;
        }
        if (!knobs.weightOn()) {
            return area + VENT_AREA;
        }
        return vessel.weight().isEmpty() ? area : area + VENT_AREA * lift(gauge);
    }

    /** How far the weight is lifted, 0 to 1. */
    private double lift(double gauge) {
        double set = vessel.weight().orElse(GaugePressure.ZERO).milliPsi() / 1_000.0 * Steam.PASCALS_IN_A_PSI;
        return Math.min(1, Math.max(0, (gauge - set) / WEIGHT_SPAN));
    }

    /** Kilograms a second through a square metre, from one pressure to another. */
    private static double through(double from, double to, double gasTimesKelvin) {
        if (to / from <= CRITICAL_RATIO) {
            return from
                    * Math.sqrt(GAMMA / gasTimesKelvin)
                    * Math.pow(2 / (GAMMA + 1), (GAMMA + 1) / (2 * (GAMMA - 1)));
        }
        return Math.sqrt(2 * from / gasTimesKelvin * (from - to));
    }

    /** The share of air in what the head space holds, by mass. */
    private double airShare(Inside now) {
        double steam = Steam.saturationPressure(now.kelvin())
                * headSpace(vessel, contents, now.water())
                / (STEAM_GAS * now.kelvin());
        return now.air() / (now.air() + steam);
    }

    private double gaugePascals(Inside now) {
        if (knobs.lidOff()) {
            return 0;
        }
        double air = now.air() * AIR_GAS * now.kelvin() / headSpace(vessel, contents, now.water());
        return Steam.saturationPressure(now.kelvin()) + air - atmosphere;
    }

    static double headSpace(Vessel vessel, CannerContents contents, double waterKg) {
        return Math.max(1e-3, vessel.cubicMetres() - contents.cubicMetres() - waterKg / 1_000);
    }

    // --- what is inside, for those who look at instruments and pictures ---

    /** The true pressure above the air around; zero where air is being drawn in. */
    public GaugePressure pressure() {
        return milliPsi(gaugePascals(inside));
    }

    private static GaugePressure milliPsi(double pascals) {
        return new GaugePressure((int) Math.round(Math.max(0, pascals) / Steam.PASCALS_IN_A_PSI * 1_000));
    }

    public Volume waterLeft() {
        return Volume.ofMillilitres(inside.water() * 1_000);
    }

    public boolean isDry() {
        return inside.water() < DRY_KG;
    }

    public boolean plugIsOpen() {
        return inside.plugOpen();
    }

    /** Steam that leaves, milligrams a second. */
    public int steamMilligrams() {
        double gauge = gaugePascals(inside);
        if (knobs.lidOff()) {
            return 0;
        }
        double flow = Math.max(0, flow(inside, gauge));
        return (int) Math.round(flow * (1 - airShare(inside)) * 1e6);
    }

    /** How far the weight is lifted, in thousandths; it rocks by that. */
    int lifted() {
        return knobs.weightOn() && vessel.weight().isPresent()
                ? (int) Math.round(lift(gaugePascals(inside)) * 1_000)
                : 0;
    }

    /** By how many thousandths of a kelvin the steam is cooler than airless steam of the same pressure. */
    int coolerByMillikelvin() {
        double airless = Steam.saturationTemperature(Math.max(1_000, gaugePascals(inside) + atmosphere));
        return (int) Math.round(Math.max(0, airless - inside.kelvin()) * 1_000);
    }

    /** How hot water, metal and steam are. */
    Temperature temperature() {
        return Temperature.ofCelsius(inside.kelvin() - Steam.ZERO_CELSIUS);
    }

    /** By how many kelvin the food is hotter than water boils at the pressure around the jars: by so much it boils over. */
    double foodAboveBoilingKelvin() {
        double food = FAST_SHARE * inside.outer() + (1 - FAST_SHARE) * inside.inner();
        return food - Steam.saturationTemperature(Math.max(1_000, gaugePascals(inside) + atmosphere));
    }

    /** By how many thousandths of a kelvin the food, outer and inner, is hotter than water boils outside: so far it boils over. */
    int foodAboveBoilingMillikelvin() {
        double food = FAST_SHARE * inside.outer() + (1 - FAST_SHARE) * inside.inner();
        return (int) Math.round((food - Steam.saturationTemperature(atmosphere)) * 1_000);
    }
}

package org.mobrel.server.run;

import java.time.InstantSource;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.mobrel.canner.CannerProfile;
import org.mobrel.canner.Gauge;
import org.mobrel.canner.PressureTable;
import org.mobrel.foods.Catalogue;
import org.mobrel.quantity.Altitude;
import org.mobrel.quantity.GaugePressure;
import org.mobrel.quantity.Volume;
import org.mobrel.run.CheckTick;
import org.mobrel.run.Jiggles;
import org.mobrel.server.kitchen.Kitchen;
import org.mobrel.server.kitchen.KitchenCanner;
import org.mobrel.server.kitchen.KitchenService;
import org.mobrel.server.platform.Conflict;
import org.springframework.stereotype.Service;

/**
 * What a load that waits for its lid would go by now. Between the plan and the stove lie hours or days, in which a dial is tested or an altitude put
 * right; a load must not go by what was true then.
 */
@Service
class RunSettings {

    /** Two to three inches in most canners (source: Guide 1, before each use). */
    private static final Volume USUAL_WATER = Volume.ofMillilitres(2_840);

    private final KitchenService kitchens;
    private final PressureTable pressures;
    private final Catalogue catalogue;
    private final CannerHabits habits;
    private final InstantSource clock;

    RunSettings(
            KitchenService kitchens,
            PressureTable pressures,
            Catalogue catalogue,
            CannerHabits habits,
            InstantSource clock) {
        this.kitchens = kitchens;
        this.pressures = pressures;
        this.catalogue = catalogue;
        this.habits = habits;
        this.clock = clock;
    }

    /** The run as it stands now: before the lid is locked by what the kitchen says today, afterwards by what it said then. */
    Run current(Run run) {
        return run.isWaiting() ? now(run).map(run::by).orElse(run) : run;
    }

    /**
     * What the lid is locked on.
     *
     * @throws Conflict if the kitchen has no pressure for this canner any more
     */
    RunSetting atTheLid(Run run) {
        return now(run).orElseThrow(() -> new Conflict("no-pressure", why(run), Map.of()));
    }

    /**
     * What a run that is under way would have to be held at by the kitchen as it is now, on its own instrument; empty where the tables have no
     * pressure for that. A canner that left the kitchen asks for nothing new.
     */
    Optional<GaugePressure> neededNow(Run run) {
        Kitchen kitchen = kitchens.kitchen();
        Optional<Gauge> gauge =
                kitchen.canner(run.cannerId()).map(canner -> canner.profile().gauge());
        if (gauge.isEmpty() || kitchen.altitude().isEmpty()) {
            return Optional.of(run.plan().target());
        }
        return pressures
                .band(run.plan().gauge(), kitchen.altitude().get())
                .map(PressureTable.Band::pressure)
                .map(needed ->
                        gauge.get().kind() == run.plan().gauge() ? gauge.get().readingFor(needed) : needed);
    }

    private String why(Run run) {
        return kitchens.kitchen()
                .canner(run.cannerId())
                .map(canner -> canner.outOfUse()
                                .orElse(
                                        "The tables have no pressure for this canner at the altitude that the kitchen has now.")
                        + " Look at it in Kitchen before the lid goes on.")
                .orElse("This canner was taken out of the kitchen. Give this load up and plan it for another one.");
    }

    /** Empty where the tables have no pressure for it, or its gauge has to be replaced; a canner that left the kitchen cannot be used either. */
    private Optional<RunSetting> now(Run run) {
        Kitchen kitchen = kitchens.kitchen();
        return kitchen.canner(run.cannerId())
                .filter(canner -> canner.outOfUse().isEmpty())
                .map(KitchenCanner::profile)
                .flatMap(canner ->
                        kitchen.altitude().flatMap(altitude -> setting(run, canner, altitude, kitchen.care())));
    }

    private Optional<RunSetting> setting(Run run, CannerProfile canner, Altitude altitude, Set<CheckTick.Check> care) {
        Gauge gauge = canner.gauge();
        return pressures.band(gauge.kind(), altitude).map(band -> {
            GaugePressure needed = band.pressure();
            return new RunSetting(
                    altitude,
                    gauge,
                    needed,
                    gauge.readingFor(needed),
                    canner.weight()
                            .map(weight -> new Jiggles(weight.least(), weight.most()))
                            .orElse(Jiggles.NOT_COUNTED),
                    canner.startWater().or(() -> Optional.of(USUAL_WATER)),
                    habits.zeroNotBefore(run),
                    care,
                    catalogue.version().code(),
                    clock.instant());
        });
    }
}

package org.mobrel.bench;

import com.google.ortools.Loader;
import com.google.ortools.sat.BoolVar;
import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.CpSolver;
import com.google.ortools.sat.CpSolverStatus;
import com.google.ortools.sat.IntVar;
import com.google.ortools.sat.LinearExpr;
import com.google.ortools.sat.LinearExprBuilder;
import com.google.ortools.sat.Literal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.mobrel.canner.UpperLayer;
import org.mobrel.loading.JarGroup;
import org.mobrel.loading.LoadingCanner;
import org.mobrel.loading.LoadingDay;
import org.mobrel.loading.PlanCost;

/** The same day as a model for a general constraint solver: the four figures one after the other, each kept for the next. */
final class GeneralSolver {

    private static final int VENT = 10;
    private static final int AFTER_ZERO = 20;
    private static final int RELOAD = 15;

    private final LoadingDay day;
    private final CpModel model = new CpModel();
    private final int horizon;
    private final List<Slot> slots = new ArrayList<>();
    private final List<IntVar> begins = new ArrayList<>();
    private final List<IntVar> ends = new ArrayList<>();
    private final IntVar makespan;
    private final IntVar watched;

    /** A load that may be. */
    private record Slot(IntVar start, IntVar process, IntVar heatOff, BoolVar used, IntVar jars, IntVar jarMinutes) {}

    static {
        Loader.loadNativeLibraries();
    }

    /** @param horizon no load needs to be done later */
    private GeneralSolver(LoadingDay day, int horizon) {
        this.day = day;
        this.horizon = horizon;
        this.makespan = model.newIntVar(0, horizon, "makespan");
        this.watched = model.newIntVar(0, horizon, "watched");
        int most = 0;
        List<List<LinearExprBuilder>> placed = new ArrayList<>();
        for (int group = 0; group < day.groups().size(); group++) {
            placed.add(new ArrayList<>());
        }
        for (LoadingCanner canner : day.canners()) {
            int shortest = before(canner) + shortestProcess() + after(canner) + RELOAD;
            int count = Math.max(1, Math.min(jars(), (horizon + RELOAD) / shortest));
            most = Math.max(most, count);
            Slot last = null;
            for (int slot = 0; slot < count; slot++) {
                last = slot(canner, last, placed);
            }
        }
        for (int group = 0; group < placed.size(); group++) {
            LinearExprBuilder all = LinearExpr.newBuilder();
            placed.get(group).forEach(part -> all.add(part.build()));
            model.addEquality(all.build(), day.groups().get(group).count());
        }
        sessions(most);
    }

    private int jars() {
        return day.groups().stream().mapToInt(JarGroup::count).sum();
    }

    private int shortestProcess() {
        return day.groups().stream()
                .mapToInt(group -> group.process().value())
                .min()
                .orElse(0);
    }

    private int longestProcess() {
        return day.groups().stream()
                .mapToInt(group -> group.process().value())
                .max()
                .orElse(0);
    }

    private static int before(LoadingCanner canner) {
        return canner.heatUp().value() + VENT + canner.comeUp().value();
    }

    private static int after(LoadingCanner canner) {
        return canner.coolDown().value() + AFTER_ZERO;
    }

    private Slot slot(LoadingCanner canner, @Nullable Slot last, List<List<LinearExprBuilder>> placed) {
        IntVar start = model.newIntVar(0, horizon, "start");
        IntVar process = model.newIntVar(0, longestProcess(), "process");
        IntVar heatOff = model.newIntVar(0, horizon, "heatOff");
        BoolVar used = model.newBoolVar("used");
        IntVar jars = model.newIntVar(0, jars(), "jars");
        model.addEquality(
                        heatOff,
                        LinearExpr.newBuilder()
                                .add(start)
                                .add(process)
                                .add(before(canner))
                                .build())
                .onlyEnforceIf(used);
        model.addLessOrEqual(
                        LinearExpr.newBuilder().add(heatOff).add(after(canner)).build(), makespan)
                .onlyEnforceIf(used);
        if (last != null) {
            model.addImplication(used, last.used());
            model.addGreaterOrEqual(
                            start,
                            LinearExpr.newBuilder()
                                    .add(last.heatOff())
                                    .add(after(canner) + RELOAD)
                                    .build())
                    .onlyEnforceIf(used);
        }
        LinearExprBuilder all = LinearExpr.newBuilder();
        List<Literal> talls = new ArrayList<>();
        List<LinearExprBuilder> layers = new ArrayList<>();
        long full = 1;
        for (JarGroup group : day.groups()) {
            full *= Math.max(1, canner.capacity().of(group.kind()))
                    / gcd(full, Math.max(1, canner.capacity().of(group.kind())));
        }
        for (int layer = 0; layer < canner.capacity().layers(); layer++) {
            layers.add(LinearExpr.newBuilder());
        }
        for (int index = 0; index < day.groups().size(); index++) {
            JarGroup group = day.groups().get(index);
            int perLayer = canner.capacity().of(group.kind());
            if (perLayer == 0) {
                continue;
            }
            boolean tall = !group.kind().size().isShort();
            BoolVar any = model.newBoolVar("any");
            LinearExprBuilder count = LinearExpr.newBuilder();
            for (int layer = tall ? layers.size() - 1 : 0; layer < layers.size(); layer++) {
                IntVar here = model.newIntVar(0, Math.min(perLayer, group.count()), "here");
                layers.get(layer).addTerm(here, full / perLayer);
                count.add(here);
            }
            model.addEquality(count.build(), 0).onlyEnforceIf(any.not());
            model.addGreaterOrEqual(count.build(), 1).onlyEnforceIf(any);
            model.addImplication(any, used);
            model.addGreaterOrEqual(process, group.process().value()).onlyEnforceIf(any);
            model.addGreaterOrEqual(start, group.ready().value()).onlyEnforceIf(any);
            if (tall) {
                talls.add(any);
            }
            all.add(count.build());
            placed.get(index).add(count);
        }
        for (int layer = 0; layer < layers.size(); layer++) {
            model.addLessOrEqual(layers.get(layer).build(), full);
            if (canner.capacity().upper() == UpperLayer.SHORT && layer < layers.size() - 1) {
                for (Literal tall : talls) {
                    model.addEquality(layers.get(layer).build(), 0).onlyEnforceIf(tall);
                }
            }
        }
        model.addEquality(all.build(), jars);
        model.addGreaterOrEqual(jars, 1).onlyEnforceIf(used);
        IntVar jarMinutes = model.newIntVar(0, (long) jars() * longestProcess(), "jarMinutes");
        model.addMultiplicationEquality(
                jarMinutes, new LinearExpr[] {LinearExpr.term(jars, 1), LinearExpr.term(process, 1)});
        Slot slot = new Slot(start, process, heatOff, used, jars, jarMinutes);
        slots.add(slot);
        return slot;
    }

    private static long gcd(long one, long other) {
        return other == 0 ? one : gcd(other, one % other);
    }

    /** Every load is watched in one session; the sessions together are the time on watch. */
    private void sessions(int count) {
        LinearExprBuilder sum = LinearExpr.newBuilder();
        int all = Math.min(slots.size(), count + 1);
        for (int session = 0; session < all; session++) {
            begins.add(model.newIntVar(0, horizon, "begin"));
            ends.add(model.newIntVar(0, horizon, "end"));
            model.addLessOrEqual(begins.get(session), ends.get(session));
            if (session > 0) {
                model.addLessOrEqual(ends.get(session - 1), begins.get(session));
            }
            sum.addTerm(ends.get(session), 1).addTerm(begins.get(session), -1);
        }
        for (Slot slot : slots) {
            List<Literal> in = new ArrayList<>();
            for (int session = 0; session < all; session++) {
                BoolVar here = model.newBoolVar("in");
                model.addLessOrEqual(begins.get(session), slot.start()).onlyEnforceIf(here);
                model.addGreaterOrEqual(ends.get(session), slot.heatOff()).onlyEnforceIf(here);
                in.add(here);
            }
            in.add(slot.used().not());
            model.addBoolOr(in);
        }
        model.addEquality(sum.build(), watched);
    }

    /** The four figures; empty if it did not prove them in time. */
    static Optional<PlanCost> solve(LoadingDay day, int horizon, double seconds) {
        GeneralSolver general = new GeneralSolver(day, horizon);
        long until = System.nanoTime() + (long) (seconds * 1e9);
        LinearExprBuilder loads = LinearExpr.newBuilder();
        LinearExprBuilder minutes = LinearExpr.newBuilder();
        general.slots.forEach(slot -> {
            loads.add(slot.used());
            minutes.add(slot.jarMinutes());
        });
        int own = day.groups().stream()
                .mapToInt(group -> group.count() * group.process().value())
                .sum();
        List<LinearExpr> goals = List.of(
                LinearExpr.term(general.makespan, 1),
                LinearExpr.term(general.watched, 1),
                loads.build(),
                minutes.build());
        int[] figures = new int[goals.size()];
        for (int goal = 0; goal < figures.length; goal++) {
            double left = (until - System.nanoTime()) / 1e9;
            if (left <= 0) {
                return Optional.empty();
            }
            general.model.minimize(goals.get(goal));
            CpSolver solver = new CpSolver();
            solver.getParameters().setMaxTimeInSeconds(left).setNumSearchWorkers(2);
            if (solver.solve(general.model) != CpSolverStatus.OPTIMAL) {
                return Optional.empty();
            }
            figures[goal] = (int) Math.round(solver.objectiveValue());
            general.model.addLessOrEqual(goals.get(goal), figures[goal]);
        }
        return Optional.of(new PlanCost(figures[0], figures[1], figures[2], figures[3] - own));
    }
}

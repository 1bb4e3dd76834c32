package org.mobrel.server.run;

import java.math.BigDecimal;
import java.util.List;
import org.mobrel.jars.JarCount;
import org.mobrel.jars.JarSize;
import org.mobrel.quantity.GaugePressure;
import org.mobrel.ruling.Verdict;
import org.mobrel.run.RunEvent;
import org.mobrel.run.RunPlan;
import org.mobrel.run.RunState;

/**
 * A run as it is stored: its plan, which never changes, and its events.
 *
 * @param loadNumber which load of its batch it is, from 1
 * @param events in their order; event n is number n + 1
 */
public record Run(
        long id,
        long batchId,
        int loadNumber,
        String title,
        long cannerId,
        String cannerName,
        Verdict verdict,
        RunPlan plan,
        GaugePressure truePressure,
        BigDecimal headspaceIn,
        List<JarCount> jars,
        List<RunEvent> events) {

    public Run {
        jars = List.copyOf(jars);
        events = List.copyOf(events);
    }

    public RunState state() {
        return RunState.after(plan, events);
    }

    Run with(List<RunEvent> others) {
        return new Run(
                id,
                batchId,
                loadNumber,
                title,
                cannerId,
                cannerName,
                verdict,
                plan,
                truePressure,
                headspaceIn,
                jars,
                others);
    }

    /** The size of a jar by its number; jars are numbered group by group. */
    JarSize sizeOf(int jar) {
        int before = 0;
        for (JarCount group : jars) {
            before += group.count();
            if (jar <= before) {
                return group.size();
            }
        }
        throw new IllegalArgumentException("run %d has no jar %d".formatted(id, jar));
    }
}

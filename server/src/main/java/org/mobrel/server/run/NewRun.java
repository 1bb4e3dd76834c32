package org.mobrel.server.run;

import java.util.List;
import org.mobrel.canner.GaugeKind;
import org.mobrel.jars.JarCount;
import org.mobrel.ruling.Timing;
import org.mobrel.ruling.Verdict;

/** What a run is made from: one load of a batch and the ruling it got. */
public record NewRun(
        long batchId,
        int loadNumber,
        String title,
        long cannerId,
        String cannerName,
        GaugeKind gauge,
        Verdict verdict,
        Timing timing,
        List<JarCount> jars) {

    public NewRun {
        jars = List.copyOf(jars);
    }
}

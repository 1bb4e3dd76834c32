package org.mobrel.server.run;

import java.util.List;
import org.mobrel.canner.GaugeKind;
import org.mobrel.foods.Pack;
import org.mobrel.ruling.Timing;
import org.mobrel.ruling.Verdict;
import org.mobrel.run.Jiggles;

/** What a run is made from: one load, the batch it begins with, and the ruling it got. */
public record NewRun(
        long batchId,
        int loadNumber,
        String title,
        long cannerId,
        String cannerName,
        GaugeKind gauge,
        Verdict verdict,
        Timing timing,
        Pack pack,
        Jiggles jiggles,
        List<RunGroup> groups) {

    public NewRun {
        groups = List.copyOf(groups);
    }
}

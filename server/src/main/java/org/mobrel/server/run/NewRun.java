package org.mobrel.server.run;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import org.mobrel.canner.GaugeKind;
import org.mobrel.foods.Pack;
import org.mobrel.quantity.GaugePressure;
import org.mobrel.quantity.Minutes;
import org.mobrel.ruling.Verdict;
import org.mobrel.run.Jiggles;

/**
 * What a run is made from: one load, the batch it begins with, and the ruling it got.
 *
 * @param target what to read on this canner's own instrument
 * @param again whose jars it processes again; empty for a first one
 */
public record NewRun(
        long batchId,
        int loadNumber,
        String title,
        long cannerId,
        String cannerName,
        GaugeKind gauge,
        Verdict verdict,
        Minutes process,
        GaugePressure target,
        GaugePressure truePressure,
        BigDecimal headspaceIn,
        Pack pack,
        Jiggles jiggles,
        List<RunGroup> groups,
        Optional<Run.Again> again) {

    public NewRun {
        groups = List.copyOf(groups);
    }
}

package org.mobrel.ruling;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
import java.util.stream.IntStream;
import org.mobrel.canner.PressureTable;
import org.mobrel.foods.TestedProcess;
import org.mobrel.jars.JarSize;

/** Every published row that bears on a batch, so that a row which turns out to be wrong leads to all that rests on it. */
final class RestingRows {

    private RestingRows() {}

    static List<RowUse> of(Batch batch, List<LineRuling> lines, List<TestedProcess> floors, PressureTable pressures) {
        List<RowUse> rows = new ArrayList<>();
        IntStream.range(0, lines.size()).forEach(index -> lines.get(index)
                .rows()
                .forEach(row -> rows.add(new RowUse(row, RowUse.Part.LINE, OptionalInt.of(index)))));
        floors.forEach(floor -> rows.add(new RowUse(floor.id(), RowUse.Part.FLOOR, OptionalInt.empty())));
        pressures
                .band(batch.gauge().kind(), batch.altitude())
                .ifPresent(band -> rows.add(new RowUse(band.id(), RowUse.Part.PRESSURE, OptionalInt.empty())));
        batch.sizes().stream()
                .distinct()
                .flatMap(size -> JarSize.rowOf(size).stream())
                .forEach(row -> rows.add(new RowUse(row, RowUse.Part.JAR_SIZE, OptionalInt.empty())));
        return List.copyOf(rows);
    }
}

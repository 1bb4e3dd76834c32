package org.mobrel.server.prints;

import java.util.ArrayList;
import java.util.List;

/**
 * A sheet of sticky labels by its measures, in millimetres.
 *
 * @param left from the sheet's left edge to the first label
 * @param top from its upper edge
 * @param gapX between two labels side by side
 * @param gapY between two below each other
 */
record LabelSheet(
        int columns, int rows, double width, double height, double left, double top, double gapX, double gapY) {

    /** Where a label lies on its sheet, counted from 0. */
    record Spot(int sheet, double left, double top) {}

    private static final LabelSheet ON_A4 = new LabelSheet(3, 8, 64, 33.9, 7, 12.9, 2, 0);
    private static final LabelSheet ON_LETTER = new LabelSheet(3, 10, 66.7, 25.4, 4.8, 12.7, 3.1, 0);

    /** The sheet that shops sell most where printers take that paper; the pages offer the same two. */
    static LabelSheet usualOn(Paper paper) {
        return paper == Paper.LETTER ? ON_LETTER : ON_A4;
    }

    /** Whether its labels lie on the paper at all. */
    boolean fits(Paper paper) {
        return left + columns * width + (columns - 1) * gapX <= paper.widthMm() + 0.5
                && top + rows * height + (rows - 1) * gapY <= paper.heightMm() + 0.5;
    }

    int perSheet() {
        return columns * rows;
    }

    /** The spots of so many labels on sheets of which the first is partly used: {@code first} is the first free label, from 1. */
    List<Spot> spots(int labels, int first) {
        List<Spot> spots = new ArrayList<>();
        for (int label = 0; label < labels; label++) {
            int position = first - 1 + label;
            int onSheet = position % perSheet();
            spots.add(new Spot(
                    position / perSheet(),
                    left + onSheet % columns * (width + gapX),
                    top + onSheet / columns * (height + gapY)));
        }
        return spots;
    }
}

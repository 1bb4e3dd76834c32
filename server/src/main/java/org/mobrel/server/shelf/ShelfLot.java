package org.mobrel.server.shelf;

import java.time.LocalDate;
import java.util.List;
import org.mobrel.jars.JarKind;
import org.mobrel.jars.JarSize;
import org.mobrel.jars.Mouth;
import org.mobrel.ruling.Verdict;
import org.mobrel.shelf.Lot;

/**
 * A lot with what its label says.
 *
 * @param recipeId of the dish
 * @param variant what it holds besides the base; empty for the base alone
 * @param finish what is done when a jar is opened; may be empty
 * @param holds why it may not be used for now; empty for most
 */
public record ShelfLot(
        Lot lot,
        long runId,
        long batchId,
        long recipeId,
        String title,
        String variant,
        JarSize size,
        Mouth mouth,
        Verdict verdict,
        LocalDate cannedOn,
        LocalDate bestBy,
        String finish,
        List<Hold> holds) {

    public ShelfLot {
        holds = List.copyOf(holds);
    }

    /** The dish with its variant, such as 'Bean soup, with rosemary'. */
    public String name() {
        return variant.isEmpty() ? title : title + ", " + variant;
    }

    public JarKind kind() {
        return new JarKind(size, mouth);
    }

    public boolean isHeld() {
        return !holds.isEmpty();
    }
}

package org.mobrel.server.shelf;

import java.time.LocalDate;
import java.util.List;
import org.mobrel.jars.JarSize;
import org.mobrel.jars.Mouth;
import org.mobrel.ruling.Verdict;
import org.mobrel.shelf.Lot;

/**
 * A lot with what its label says.
 *
 * @param heldFor why it may not be used for now, as codes; empty for most
 */
public record ShelfLot(
        Lot lot,
        long runId,
        long batchId,
        String title,
        JarSize size,
        Mouth mouth,
        Verdict verdict,
        LocalDate cannedOn,
        LocalDate bestBy,
        List<String> heldFor) {}

package org.mobrel.server.shelf;

import java.time.LocalDate;
import org.mobrel.jars.JarSize;
import org.mobrel.jars.Mouth;
import org.mobrel.ruling.Verdict;
import org.mobrel.shelf.Lot;

/** A lot with what its label says. */
public record ShelfLot(
        Lot lot,
        long runId,
        long batchId,
        String title,
        JarSize size,
        Mouth mouth,
        Verdict verdict,
        LocalDate cannedOn,
        LocalDate bestBy) {}

package org.mobrel.server.shelf;

import java.time.LocalDate;
import java.util.List;

/**
 * A lot over the wire.
 *
 * @param heldFor why it may not be used for now; empty for most
 */
public record LotAnswer(
        String code,
        long batchId,
        String title,
        String size,
        String mouth,
        String verdict,
        LocalDate cannedOn,
        LocalDate bestBy,
        int jars,
        int shelved,
        List<String> heldFor) {

    public static LotAnswer of(ShelfLot lot) {
        return new LotAnswer(
                lot.lot().code().text(),
                lot.batchId(),
                lot.title(),
                lot.size().code(),
                lot.mouth().code(),
                lot.verdict().code(),
                lot.cannedOn(),
                lot.bestBy(),
                lot.lot().jars(),
                lot.lot().shelved(),
                lot.heldFor());
    }
}

package org.mobrel.server.shelf;

import java.time.LocalDate;

/** A lot over the wire. */
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
        int shelved) {

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
                lot.lot().shelved());
    }
}

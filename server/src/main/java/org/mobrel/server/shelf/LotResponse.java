package org.mobrel.server.shelf;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.mobrel.shelf.Place;

/**
 * A lot over the wire.
 *
 * @param variant what it holds besides the base; empty for the base alone
 * @param finish what is done when a jar is opened; may be empty
 * @param places where its jars stand
 * @param missing places that more jars left than stood there, by a broken ledger; a count mends it
 * @param holds why it may not be used for now; empty for most
 */
public record LotResponse(
        String code,
        long batchId,
        long runId,
        long recipeId,
        String title,
        String variant,
        String size,
        String mouth,
        String verdict,
        LocalDate cannedOn,
        LocalDate bestBy,
        String finish,
        int jars,
        int shelved,
        List<Stand> places,
        List<Stand> missing,
        List<HoldResponse> holds) {

    /** Jars at a place. */
    public record Stand(String place, int jars) {}

    /**
     * @param text the reason in words; empty where the code says it all
     * @param releasedWhy null while it holds
     */
    public record HoldResponse(
            long id,
            String lot,
            String reason,
            String text,
            String cause,
            Instant heldAt,
            @Nullable Instant releasedAt,
            @Nullable String releasedBy,
            @Nullable String releasedWhy) {

        public static HoldResponse of(Hold hold) {
            return new HoldResponse(
                    hold.id(),
                    hold.lot().text(),
                    hold.reason(),
                    hold.text(),
                    hold.cause(),
                    hold.heldAt(),
                    hold.release().map(Hold.Release::at).orElse(null),
                    hold.release().map(Hold.Release::by).orElse(null),
                    hold.release().map(Hold.Release::why).orElse(null));
        }
    }

    public static LotResponse of(ShelfLot lot) {
        return new LotResponse(
                lot.lot().code().text(),
                lot.batchId(),
                lot.runId(),
                lot.recipeId(),
                lot.title(),
                lot.variant(),
                lot.size().code(),
                lot.mouth().code(),
                lot.verdict().code(),
                lot.cannedOn(),
                lot.bestBy(),
                lot.finish(),
                lot.lot().jars(),
                lot.lot().shelved(),
                stands(lot.lot().jarsAt()),
                stands(lot.lot().missingAt()),
                lot.holds().stream().map(HoldResponse::of).toList());
    }

    private static List<Stand> stands(Map<Place, Integer> jars) {
        return jars.entrySet().stream()
                .map(stand -> new Stand(stand.getKey().name(), stand.getValue()))
                .toList();
    }
}

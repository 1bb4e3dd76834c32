package org.mobrel.server.shelf;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.mobrel.server.platform.InvalidField;
import org.mobrel.shelf.Movement;
import org.mobrel.shelf.MovementKind;
import org.mobrel.shelf.Place;

/** The shelf over the wire. */
final class ShelfMessages {

    private ShelfMessages() {}

    /**
     * @param jars all that were asked for, not only those of this page
     * @param places jars at each place of the household
     * @param next where the next page begins; null at the end
     */
    record ShelfResponse(
            LocalDate today,
            int lotCount,
            int jars,
            int dishes,
            List<LotResponse.Stand> places,
            List<LotResponse> lots,
            @Nullable Integer next) {}

    /**
     * @param undoes the line it takes back
     * @param undone whether a later line takes it back
     */
    record LedgerLine(
            long id,
            String kind,
            int jars,
            @Nullable String from,
            @Nullable String to,
            @Nullable Long undoes,
            boolean undone,
            boolean undoable,
            @Nullable Long batchId,
            String note,
            String by,
            Instant at) {}

    /** A lot with all that ever happened to its jars. */
    record LotLedger(
            LotResponse lot,
            List<LedgerLine> ledger,
            List<LotResponse> wentInto,
            List<LotResponse.HoldResponse> holds) {}

    /** @param id the number of the line that was written, to take it back */
    record MoveResponse(long id, LotResponse lot) {}

    /**
     * @param kind eaten, given, spoiled, put-back, moved or undone
     * @param place where they leave, or come back to
     * @param to where they go, for moved
     * @param undoes the line that is taken back, for undone
     */
    record MovementRequest(
            @NotNull(message = "eaten, given, spoiled, put-back, moved or undone") String kind,
            @Min(value = 1, message = "at least one jar") @Max(value = 500, message = "500 jars at most") @Nullable
                    Integer jars,
            @Size(max = Place.LONGEST, message = "40 characters at most") @Nullable String place,
            @Size(max = Place.LONGEST, message = "40 characters at most") @Nullable String to,
            @Nullable Long undoes,
            @Size(max = 200, message = "200 characters at most") @Nullable String note,
            @Size(max = 60, message = "60 characters at most") @Nullable String by) {

        /** @throws InvalidField if it is none that is written by hand, or lacks a place */
        Movement movement(ShelfLot lot) {
            MovementKind said = MovementKind.ofCode(kind)
                    .orElseThrow(() -> new InvalidField("kind", "eaten, given, spoiled, put-back, moved or undone"));
            int count = jars == null ? 1 : jars;
            return switch (said) {
                case EATEN, GIVEN, SPOILED -> Movement.out(said, count, from(lot));
                case PUT_BACK -> Movement.in(said, count, from(lot));
                case MOVED -> between(from(lot), named("to", to), count);
                case UNDONE -> undoing(lot);
                case SHELVED, USED, MISSING, FOUND ->
                    throw new InvalidField("kind", "eaten, given, spoiled, put-back, moved or undone");
            };
        }

        private static Movement between(Place from, Place to, int count) {
            if (from.equals(to)) {
                throw new InvalidField("to", "they stand there already");
            }
            return Movement.between(from, to, count);
        }

        private Movement undoing(ShelfLot lot) {
            return lot.lot().movements().stream()
                    .filter(line -> undoes != null && line.id() == undoes)
                    .findFirst()
                    .map(Movement::undoing)
                    .orElseThrow(() -> new InvalidField("undoes", "a line of this lot's ledger"));
        }

        /** The only place its jars stand in, where nobody says another. */
        private Place from(ShelfLot lot) {
            return place == null
                    ? lot.lot().jarsAt().keySet().stream().findFirst().orElse(Place.SHELF)
                    : named("place", place);
        }
    }

    static Place named(String field, @Nullable String name) {
        try {
            return new Place(name == null ? "" : name);
        } catch (IllegalArgumentException noName) {
            throw new InvalidField(field, "a name of 1 to 40 characters");
        }
    }

    record FinishRequest(
            @NotNull(message = "what is done when it is opened") @Size(max = 200, message = "200 characters at most")
                    String finish) {}

    /** What somebody counted of a lot at a place. */
    record Counted(
            @NotBlank(message = "a lot") String lot,
            @Min(value = 0, message = "not below 0") @Max(value = 500, message = "500 at most") int jars) {}

    /** @param counted lots that are not named are not touched */
    record StocktakeRequest(
            @NotBlank(message = "where you counted") @Size(max = Place.LONGEST, message = "40 characters at most")
                    String place,
            @NotNull(message = "what you counted") @Size(max = 1000, message = "1000 lots at a time")
                    List<@NotNull @Valid Counted> counted,
            @Size(max = 60, message = "60 characters at most") @Nullable String by) {}

    /** @param change jars found, above 0, or missing, below */
    record Difference(String lot, String title, int was, int counted, int change) {}

    record StocktakeResponse(List<Difference> differences) {}

    record ReleaseRequest(
            @NotBlank(message = "who says so") @Size(max = 60, message = "60 characters at most") String by,
            @NotBlank(message = "why it may be used again") @Size(max = 400, message = "400 characters at most")
                    String why) {}
}

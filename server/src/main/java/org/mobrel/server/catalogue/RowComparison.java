package org.mobrel.server.catalogue;

import java.time.LocalDate;
import org.mobrel.server.platform.Dates;

/**
 * What a cook found when a row of the tables lay beside a printed copy.
 *
 * @param agrees whether both say the same; where not, nothing goes by the row
 * @param edition of the printed copy
 * @param note what the copy says, where it differs
 */
public record RowComparison(String row, boolean agrees, String edition, String by, LocalDate on, String note) {

    String inWords() {
        return agrees
                ? "row compared on %s by %s (%s)".formatted(Dates.AS_STORED.day(on), by, edition)
                : "found to differ on %s by %s (%s)".formatted(Dates.AS_STORED.day(on), by, edition);
    }
}

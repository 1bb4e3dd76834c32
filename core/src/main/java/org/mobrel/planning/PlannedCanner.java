package org.mobrel.planning;

import java.util.List;
import org.mobrel.canner.CannerProfile;
import org.mobrel.day.CannerTimes;
import org.mobrel.foods.Pack;

/**
 * A canner that loads are chosen for.
 *
 * @param id the number it is known by
 * @param seen what its past runs took
 */
public record PlannedCanner(long id, CannerProfile profile, List<CannerTimes.Seen> seen) {

    public PlannedCanner {
        seen = List.copyOf(seen);
    }

    /** How long it takes besides the process, by its own last runs or by kitchen averages. */
    public CannerTimes times(Pack pack) {
        return CannerTimes.of(seen, pack, profile.capacity().quarts());
    }

    /** The burner it stands on; one of its own where none is said. */
    String burner() {
        return profile.burner().isBlank() ? "canner " + id : profile.burner();
    }
}

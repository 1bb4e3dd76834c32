package org.mobrel.server.planning;

import java.util.List;
import org.mobrel.planning.PlannedLoad;

/**
 * What goes to the stove: dishes, each a batch, and the loads that hold them; a load may hold several.
 *
 * @param loads empty when something stops a dish or a jar fits no canner
 */
public record StoveHandover(List<Planned> dishes, List<PlannedLoad> loads) {

    public StoveHandover {
        dishes = List.copyOf(dishes);
        loads = List.copyOf(loads);
    }
}

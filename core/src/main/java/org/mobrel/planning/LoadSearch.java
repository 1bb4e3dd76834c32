package org.mobrel.planning;

import org.mobrel.loading.Loader;
import org.mobrel.loading.LoadingDay;
import org.mobrel.loading.LoadingPlan;
import org.mobrel.loading.SearchDeadline;

/** Finds the loads of a day; whoever has a clock may set it a limit or remember what it found. */
public interface LoadSearch {

    /** As long as it takes. */
    LoadSearch THOROUGH = day -> Loader.best(day, SearchDeadline.NEVER);

    LoadingPlan best(LoadingDay day);
}

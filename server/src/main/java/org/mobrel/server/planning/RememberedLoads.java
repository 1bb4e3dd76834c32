package org.mobrel.server.planning;

import java.util.LinkedHashMap;
import java.util.Map;
import org.mobrel.loading.Loader;
import org.mobrel.loading.LoadingDay;
import org.mobrel.loading.LoadingPlan;
import org.mobrel.planning.LoadSearch;
import org.mobrel.server.platform.TimeLimit;
import org.springframework.stereotype.Component;

/** The best loads within a second, and those found before: the same day is asked for again at every tap and every look. */
@Component
class RememberedLoads implements LoadSearch {

    /** A page waits no longer for a proof. */
    private static final long LIMIT_MILLIS = 1_000;

    private static final int REMEMBERED = 64;

    private final Map<LoadingDay, LoadingPlan> known = new LinkedHashMap<>(REMEMBERED, 0.75f, true) {
        @Override
        protected boolean removeEldestEntry(Map.Entry<LoadingDay, LoadingPlan> eldest) {
            return size() > REMEMBERED;
        }
    };

    @Override
    public LoadingPlan best(LoadingDay day) {
        synchronized (known) {
            LoadingPlan before = known.get(day);
            if (before != null) {
                return before;
            }
        }
        TimeLimit limit = TimeLimit.ofMillis(LIMIT_MILLIS);
        LoadingPlan best = Loader.best(day, limit::isUp);
        synchronized (known) {
            known.put(day, best);
        }
        return best;
    }
}

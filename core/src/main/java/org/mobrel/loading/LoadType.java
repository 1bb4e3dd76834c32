package org.mobrel.loading;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * What a load may hold, told by two numbers: everything that needs no more than so many minutes and is ready by then. Loads of one type
 * on one canner are interchangeable until they are filled, which keeps the search small.
 *
 * @param process the longest time among the crates it admits
 * @param ready when the latest of them is ready
 * @param admits one bit a crate
 */
record LoadType(int process, int ready, int admits) {

    boolean admits(int crate) {
        return (admits & 1 << crate) != 0;
    }

    /** Whether it admits all that the other does, and more. */
    boolean isWiderThan(LoadType other) {
        return admits != other.admits && (admits & other.admits) == other.admits;
    }

    /** Every type that differs in what it admits to this canner, by ready time and then by minutes. */
    static List<LoadType> of(EquivalenceGroups crates, int canner) {
        Map<Integer, LoadType> byAdmitted = new LinkedHashMap<>();
        for (int latest : crates.ready) {
            for (int longest : crates.process) {
                LoadType type = closed(crates, canner, longest, latest);
                if (type.admits() != 0) {
                    byAdmitted.put(type.admits(), type);
                }
            }
        }
        List<LoadType> types = new ArrayList<>(byAdmitted.values());
        types.sort((one, other) -> one.ready != other.ready
                ? Integer.compare(one.ready, other.ready)
                : Integer.compare(one.process, other.process));
        return types;
    }

    private static LoadType closed(EquivalenceGroups crates, int canner, int longest, int latest) {
        int admits = 0;
        int process = 0;
        int ready = 0;
        for (int crate = 0; crate < crates.size; crate++) {
            if (crates.process[crate] <= longest && crates.ready[crate] <= latest && crates.fitsIn(crate, canner)) {
                admits |= 1 << crate;
                process = Math.max(process, crates.process[crate]);
                ready = Math.max(ready, crates.ready[crate]);
            }
        }
        return new LoadType(process, ready, admits);
    }
}

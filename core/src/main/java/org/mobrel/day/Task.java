package org.mobrel.day;

import java.util.List;
import java.util.Optional;

/**
 * Something to be done, in minutes from the day's own beginning.
 *
 * @param id stays the same when the day is moved, such as 'load-1-hold'
 * @param code what is done, such as 'hold'
 * @param dish whose it is; empty for a load's
 * @param load its number from 1; 0 for a dish's
 * @param canner the place of its canner among the day's; -1 for a dish's
 * @param after ids of what has to be done before
 * @param burner whether it needs one of the pot's burners
 */
public record Task(
        String id,
        String code,
        String title,
        Optional<String> dish,
        int load,
        int canner,
        int start,
        int end,
        Attention attention,
        List<String> after,
        boolean burner) {

    public Task {
        after = List.copyOf(after);
        if (end < start) {
            throw new IllegalArgumentException("%s ends before it starts".formatted(id));
        }
    }

    /** Whether the canner may not be left alone: from the heat on to the heat off. */
    public boolean isWatch() {
        return canner >= 0 && attention == Attention.KITCHEN;
    }
}

package org.mobrel.day;

import java.util.List;
import org.mobrel.quantity.Minutes;

/**
 * One load of one canner.
 *
 * @param canner its place among the day's canners
 * @param burner the one it stands on; canners on the same burner take turns
 * @param dishes keys of what is in it
 * @param jars at least 1
 * @param process minutes at pressure, from the ruling
 * @param earliest minutes of the day before which it does not start; it may wait so that two canners are watched together
 */
public record LoadWork(
        int canner,
        String cannerName,
        String burner,
        List<String> dishes,
        int jars,
        Minutes process,
        CannerTimes times,
        Minutes earliest) {

    /** To fill and close one jar; a kitchen average. */
    private static final int PER_JAR = 2;

    private static final int LEAST_FILL = 15;

    public LoadWork {
        dishes = List.copyOf(dishes);
    }

    /** To fill, close and load its jars one by one. */
    public Minutes fill() {
        return fillFor(jars);
    }

    /** To fill, close and load so many jars one by one. */
    public static Minutes fillFor(int jars) {
        return new Minutes(Math.max(LEAST_FILL, PER_JAR * jars));
    }
}

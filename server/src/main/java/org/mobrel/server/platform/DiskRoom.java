package org.mobrel.server.platform;

import java.io.File;
import java.util.Optional;

/** That a disk has little room left, or none. */
public record DiskRoom(long megabytes) {

    private static final long MEGABYTE = 1_024 * 1_024;
    /** A database that cannot grow its files takes nothing more. */
    private static final long NONE_MB = 16;

    private static final long LITTLE_MB = 300;

    /** Empty where there is enough, or where nobody knows. */
    public static Optional<DiskRoom> of(File place) {
        return of(place.getTotalSpace(), place.getUsableSpace());
    }

    static Optional<DiskRoom> of(long total, long left) {
        return total == 0 || left >= LITTLE_MB * MEGABYTE
                ? Optional.empty()
                : Optional.of(new DiskRoom(left / MEGABYTE));
    }

    public boolean isFull() {
        return megabytes < NONE_MB;
    }

    public String title() {
        return isFull() ? "The disk is full" : "The disk is nearly full";
    }

    public String detail() {
        return "%s MB left where the kitchen is stored. %s delete or move something large, such as old backups."
                .formatted(
                        megabytes,
                        isFull() ? "Steps are not stored until there is room again:" : "Make room before a long day:");
    }
}

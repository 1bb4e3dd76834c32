package org.mobrel.server.platform;

import java.io.File;
import java.sql.SQLException;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;

/** What ails the database, as far as its error says, and what somebody can do about it. */
enum DatabaseFault {
    /** Also a table that cannot grow. */
    DISK_FULL(
            Set.of(1021, 1114, 1030, 1026, 3),
            HttpStatus.INSUFFICIENT_STORAGE,
            "disk-full",
            "The disk is full",
            "The disk is full%s: this step was not stored. Make room, then do it again; everything before it is there."),
    READ_ONLY(
            Set.of(1290, 1836, 1792, 1036),
            HttpStatus.SERVICE_UNAVAILABLE,
            "read-only",
            "The database takes nothing",
            "The database only lets itself be read: this step was not stored. Whoever set it so has to set it back."),
    DAMAGED(
            Set.of(1033, 1034, 1035, 1194, 1195, 1877, 145, 126, 127, 1932, 1812),
            HttpStatus.SERVICE_UNAVAILABLE,
            "damaged",
            "A part of what is stored cannot be read",
            "A file of the database is damaged. Change nothing; stop Mobrel, keep a copy of its folder, and bring back the last backup.");

    private final Set<Integer> codes;
    final HttpStatus status;
    final String type;
    final String title;
    private final String detail;

    DatabaseFault(Set<Integer> codes, HttpStatus status, String type, String title, String detail) {
        this.codes = codes;
        this.status = status;
        this.type = type;
        this.title = title;
        this.detail = detail;
    }

    /** Empty where the error is another one. */
    static Optional<DatabaseFault> of(@Nullable Throwable error) {
        for (Throwable cause = error; cause != null; cause = cause.getCause()) {
            if (cause instanceof SQLException sql) {
                for (DatabaseFault fault : values()) {
                    if (fault.codes.contains(sql.getErrorCode())) {
                        return Optional.of(fault);
                    }
                }
            }
        }
        return Optional.empty();
    }

    String detail() {
        return detail.formatted(room());
    }

    /** How much room is left where this program runs; its database stands beside it. */
    private static String room() {
        long left = new File(".").getUsableSpace() / (1_024 * 1_024);
        return left < 200 ? " (%d MB left)".formatted(left) : "";
    }
}

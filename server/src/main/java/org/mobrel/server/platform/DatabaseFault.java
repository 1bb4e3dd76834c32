package org.mobrel.server.platform;

import java.io.File;
import java.sql.SQLException;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;

/** What ails the database, as far as its error says, and what somebody can do about it. */
public enum DatabaseFault {
    /** Also a table that cannot grow. */
    DISK_FULL(
            Set.of(1021, 1114, 1030, 1026, 3),
            HttpStatus.INSUFFICIENT_STORAGE,
            "disk-full",
            "The disk is full",
            "Make room: delete or move something large, such as old backups. Then do it again; everything before it is there."),
    READ_ONLY(
            Set.of(1290, 1836, 1792, 1036),
            HttpStatus.SERVICE_UNAVAILABLE,
            "read-only",
            "The database takes nothing",
            "It only lets itself be read. Whoever set it so has to set it back."),
    DAMAGED(
            Set.of(1033, 1034, 1035, 1194, 1195, 1877, 145, 126, 127, 1932, 1812),
            HttpStatus.SERVICE_UNAVAILABLE,
            "damaged",
            "A part of what is stored cannot be read",
            "A file of the database is damaged. Stop Mobrel, keep a copy of its whole data folder, and bring back the last backup into a new one.");

    private final Set<Integer> codes;
    private final HttpStatus status;
    private final String type;
    private final String title;
    private final String remedy;

    DatabaseFault(Set<Integer> codes, HttpStatus status, String type, String title, String remedy) {
        this.codes = codes;
        this.status = status;
        this.type = type;
        this.title = title;
        this.remedy = remedy;
    }

    /** Empty where the error is another one. */
    public static Optional<DatabaseFault> of(@Nullable Throwable error) {
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

    HttpStatus status() {
        return status;
    }

    public String type() {
        return type;
    }

    public String title() {
        return title;
    }

    /** What somebody can do. */
    public String remedy() {
        return remedy;
    }

    /** For whoever just tapped in vain. */
    String detail() {
        String room = this == DISK_FULL
                ? DiskRoom.of(new File("."))
                        .map(left -> " (%s MB left)".formatted(left.megabytes()))
                        .orElse("")
                : "";
        return "%s%s: this step was not stored. %s".formatted(title, room, remedy);
    }
}

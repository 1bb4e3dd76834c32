package org.mobrel.tables;

/** A table cannot be used; the message names file, line, column and content, such as 'processes.csv:14: pint "4O" is not a whole number'. */
public final class TableException extends RuntimeException {

    TableException(String file, long line, String message) {
        super("%s:%s: %s".formatted(file, line, message));
    }

    TableException(String file, String message, Throwable cause) {
        super("%s: %s".formatted(file, message), cause);
    }
}

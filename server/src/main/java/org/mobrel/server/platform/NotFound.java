package org.mobrel.server.platform;

/** Something that was asked for by its id and is not there: answered as 404. */
public final class NotFound extends RuntimeException {

    public NotFound(String what, Object id) {
        super("There is no %s %s.".formatted(what, id));
    }
}

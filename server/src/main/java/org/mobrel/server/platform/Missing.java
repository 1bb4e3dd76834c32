package org.mobrel.server.platform;

/** Something that was asked for by its id and is not there: answered as 404. */
public final class Missing extends RuntimeException {

    public Missing(String what, Object id) {
        super("There is no %s %s.".formatted(what, id));
    }
}

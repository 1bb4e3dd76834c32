package org.mobrel.server.platform;

import java.io.IOException;

/** A body that is longer than its door takes. */
final class BodyTooLarge extends IOException {

    private static final long serialVersionUID = 1L;

    private final long most;

    BodyTooLarge(long most) {
        super("more than " + most + " bytes");
        this.most = most;
    }

    long most() {
        return most;
    }
}

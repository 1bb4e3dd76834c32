package org.mobrel.server.platform;

import java.util.Map;

/** Somebody who may not: answered as 401 with a code. */
public final class Unauthorized extends CodedProblem {

    public Unauthorized(String code, String message) {
        super(code, message, Map.of());
    }
}

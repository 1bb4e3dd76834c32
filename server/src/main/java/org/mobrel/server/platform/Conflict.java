package org.mobrel.server.platform;

import java.util.Map;

/** A command that does not fit the state of things now: answered as 409 with a code and facts. */
public final class Conflict extends CodedProblem {

    /**
     * @param code what kind of conflict, such as 'vent-not-done'; never renamed
     * @param facts more fields of the answer, such as the seconds to wait
     */
    public Conflict(String code, String message, Map<String, Object> facts) {
        super(code, message, facts);
    }
}

package org.mobrel.server.platform;

import java.util.Map;

/** A wish that does not fit the state of things now: answered as 409 with a code and facts. */
public final class Conflict extends RuntimeException {

    private final String code;
    private final transient Map<String, Object> facts;

    /**
     * @param code what kind of conflict, such as 'vent-not-done'; never renamed
     * @param message the reason in a sentence
     * @param facts more fields of the answer, such as the seconds to wait
     */
    public Conflict(String code, String message, Map<String, Object> facts) {
        super(message);
        this.code = code;
        this.facts = Map.copyOf(facts);
    }

    public String code() {
        return code;
    }

    public Map<String, Object> facts() {
        return facts;
    }
}

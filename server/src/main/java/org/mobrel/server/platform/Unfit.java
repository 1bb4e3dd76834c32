package org.mobrel.server.platform;

import java.util.Map;

/** A request that can be read but asks for what cannot be: answered as 422 with the reason. */
public final class Unfit extends RuntimeException {

    private final String code;
    private final transient Map<String, Object> facts;

    /**
     * @param code why, such as 'fits-no-canner'; never renamed
     * @param message the reason in a sentence
     * @param facts more fields of the answer, such as whose fault it is
     */
    public Unfit(String code, String message, Map<String, Object> facts) {
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

package org.mobrel.server.platform;

import java.util.Map;

/** What is answered with a code that programs read, a sentence for a cook, and facts beside it. */
public abstract class CodedProblem extends RuntimeException {

    private final String code;
    private final transient Map<String, Object> facts;

    /**
     * @param code which kind it is, such as 'vent-not-done'; never renamed
     * @param message the reason in a sentence
     * @param facts more fields of the answer, such as the seconds to wait
     */
    protected CodedProblem(String code, String message, Map<String, Object> facts) {
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

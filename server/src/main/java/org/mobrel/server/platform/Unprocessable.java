package org.mobrel.server.platform;

import java.util.Map;

/** A request that can be read but asks for what cannot be: answered as 422 with the reason. */
public final class Unprocessable extends CodedProblem {

    /**
     * @param code why, such as 'fits-no-canner'; never renamed
     * @param facts more fields of the answer, such as whose fault it is
     */
    public Unprocessable(String code, String message, Map<String, Object> facts) {
        super(code, message, facts);
    }
}

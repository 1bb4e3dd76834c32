package org.mobrel.server.access;

import jakarta.servlet.http.HttpServletRequest;
import java.util.Objects;

/**
 * What can be seen of a device from outside.
 *
 * @param agentHash of what its browser calls itself, without versions: an update changes those
 */
record Sender(String address, String agentHash) {

    static Sender of(HttpServletRequest request) {
        String agent = Objects.requireNonNullElse(request.getHeader("User-Agent"), "");
        return new Sender(request.getRemoteAddr(), Secrets.hash(agent.replaceAll("[\\d._]+", "")));
    }

    /** A device gets another address, or another browser's update, but not both at once; what was carried off does. */
    boolean mayBe(Sender other) {
        return address.equals(other.address) || agentHash.equals(other.agentHash);
    }
}

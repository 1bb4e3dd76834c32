package org.mobrel.server.platform;

import jakarta.servlet.http.HttpServletRequest;
import java.util.Set;

/** By which names this kitchen is called at the door that a request came in by, in lower case and without ports. */
public interface HostNames {

    Set<String> at(HttpServletRequest request);
}

package org.mobrel.server.home;

import jakarta.servlet.http.HttpServletRequest;
import java.net.InetAddress;
import java.net.UnknownHostException;
import java.util.HashSet;
import java.util.Set;
import org.mobrel.server.platform.HostNames;
import org.springframework.boot.web.server.context.WebServerInitializedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** By which door a request came: this machine's own, the encrypted one of the home network, or the one that hands out the certificate. */
@Component
public class Doorways implements HostNames {

    private final HomeConnectors connectors;
    private volatile int ownPort = -1;

    Doorways(HomeConnectors connectors) {
        this.connectors = connectors;
    }

    @EventListener
    void opened(WebServerInitializedEvent event) {
        if (event.getApplicationContext().getParent() == null) {
            ownPort = event.getWebServer().getPort();
        }
    }

    /** Whether it came from this machine by the door that listens to this machine only, and was not passed on by another program. */
    public boolean isHere(HttpServletRequest request) {
        return request.getLocalPort() == ownPort
                && !request.isSecure()
                && request.getHeader("Forwarded") == null
                && request.getHeader("X-Forwarded-For") == null
                && isLoopback(request.getRemoteAddr());
    }

    private static boolean isLoopback(String address) {
        try {
            return InetAddress.getByName(address).isLoopbackAddress();
        } catch (UnknownHostException odd) {
            return false;
        }
    }

    /** Whether it came unencrypted from the home network: nothing but the certificate is handed out there. */
    public boolean isHello(HttpServletRequest request) {
        return !request.isSecure() && request.getLocalPort() != ownPort;
    }

    @Override
    public Set<String> at(HttpServletRequest request) {
        return request.getLocalPort() == ownPort ? Set.of() : new HashSet<>(connectors.names());
    }
}

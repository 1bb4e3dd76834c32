package org.mobrel.server.home;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import org.mobrel.server.platform.ProblemWriter;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** The unencrypted door: it says how to trust this kitchen, hands out the certificate for it, and nothing else. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 1)
class HelloDoor extends OncePerRequestFilter {

    static final String CERTIFICATE = "/mobrel-kitchen.crt";

    private final Doorways doorways;
    private final HomeConnectors connectors;

    HelloDoor(Doorways doorways, HomeConnectors connectors) {
        this.doorways = doorways;
        this.connectors = connectors;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (!doorways.isHello(request)) {
            chain.doFilter(request, response);
        } else if (!connectors.isOpen() || !request.getMethod().equals("GET")) {
            refuse(response);
        } else if (request.getRequestURI().equals("/")) {
            response.setContentType("text/html;charset=utf-8");
            response.setHeader("Cache-Control", "no-store");
            response.getOutputStream().write(page(request.getServerName()).getBytes(StandardCharsets.UTF_8));
        } else if (request.getRequestURI().equals(CERTIFICATE)) {
            response.setContentType("application/x-x509-ca-cert");
            response.setHeader("Content-Disposition", "attachment; filename=\"mobrel-kitchen.crt\"");
            response.getOutputStream().write(connectors.authority().encoded());
        } else {
            refuse(response);
        }
    }

    private static void refuse(HttpServletResponse response) throws IOException {
        ProblemWriter.write(
                response,
                401,
                "door",
                "Not let in",
                "Here is only the certificate. The kitchen is at its encrypted address.");
    }

    /** @param host one of our own names: the request would not have come this far with another */
    private String page(String host) throws IOException {
        String port = connectors.places().get(0).replaceFirst(".*:", "");
        return new ClassPathResource("hello.html", HelloDoor.class)
                .getContentAsString(StandardCharsets.UTF_8)
                .replace("{kitchen}", "https://%s:%s/pair".formatted(host, port))
                .replace("{certificate}", CERTIFICATE)
                .replace("{fingerprint}", connectors.authority().fingerprint());
    }
}

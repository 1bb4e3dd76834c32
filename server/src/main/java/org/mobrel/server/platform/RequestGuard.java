package org.mobrel.server.platform;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.URI;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Lets in only requests that name this kitchen as their host and, where a page sent them, come from one of its own pages: another
 * site open in the same browser can neither read nor change anything here.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class RequestGuard extends OncePerRequestFilter {

    private static final Set<String> OWN = Set.of("localhost", "127.0.0.1", "[::1]");
    private static final String PAGES_LOAD_NOTHING_FROM_OUTSIDE =
            "default-src 'self'; img-src 'self' data:; media-src 'self' blob:; "
                    + "style-src 'self' 'unsafe-inline'; object-src 'none'; base-uri 'none'; frame-ancestors 'none'; form-action 'self'";

    /** What another site may do in the same browser: open one of our pages by a link. */
    private static final Set<String> OWN_SITE = Set.of("same-origin", "none");

    private final Set<String> hosts;
    private final HostNames names;

    RequestGuard(@Value("${mobrel.allowed-hosts:}") Set<String> more, HostNames names) {
        this.names = names;
        hosts = Stream.concat(OWN.stream(), more.stream())
                .map(host -> host.strip().toLowerCase(Locale.ROOT))
                .filter(host -> !host.isEmpty())
                .collect(Collectors.toUnmodifiableSet());
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        String host = request.getHeader("Host");
        if (host == null || !isOurs(name(host), request)) {
            refuse(response, 421, "This kitchen does not answer to that host name.");
        } else if (!isOwnPage(request.getHeader("Origin"), host) || isAnotherSite(request)) {
            refuse(response, 403, "Only this kitchen's own pages may ask for that.");
        } else {
            response.setHeader("Content-Security-Policy", PAGES_LOAD_NOTHING_FROM_OUTSIDE);
            response.setHeader("X-Content-Type-Options", "nosniff");
            response.setHeader("Referrer-Policy", "no-referrer");
            if (request.getRequestURI().startsWith("/api/")) {
                // What is kept of a kitchen the pages keep themselves, and forget when the device is removed.
                response.setHeader("Cache-Control", "no-store");
            }
            chain.doFilter(request, response);
        }
    }

    private boolean isOurs(String host, HttpServletRequest request) {
        return hosts.contains(host) || names.at(request).contains(host);
    }

    /** A browser says whether one of its other sites asks; opening a page by a link is all that those may. */
    private static boolean isAnotherSite(HttpServletRequest request) {
        String site = request.getHeader("Sec-Fetch-Site");
        boolean opensPage = "navigate".equals(request.getHeader("Sec-Fetch-Mode"))
                && "GET".equals(request.getMethod())
                && !request.getRequestURI().startsWith("/api/");
        return site != null && !OWN_SITE.contains(site) && !opensPage;
    }

    /** A script or a gauge sends no origin; a browser does, and then it has to be this very host and port. */
    private static boolean isOwnPage(@Nullable String origin, String host) {
        if (origin == null) {
            return true;
        }
        try {
            return host.equalsIgnoreCase(URI.create(origin).getAuthority());
        } catch (IllegalArgumentException malformed) {
            return false;
        }
    }

    private static String name(String host) {
        return host.replaceFirst(":\\d+$", "").toLowerCase(Locale.ROOT);
    }

    private static void refuse(HttpServletResponse response, int status, String detail) throws IOException {
        ProblemWriter.write(response, status, "door", "Not let in", detail);
    }
}

package org.mobrel.server.health;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.mobrel.server.platform.ProblemWriter;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** A server that lost the kitchen's data to another one neither shows nor takes anything. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 2)
class OneServerFilter extends OncePerRequestFilter {

    private final SoleServer sole;

    OneServerFilter(SoleServer sole) {
        this.sole = sole;
    }

    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        String path = request.getRequestURI();
        return sole.owner() != SoleServer.Owner.ANOTHERS || !path.startsWith("/api/") || path.equals("/api/health");
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        ProblemWriter.write(
                response,
                503,
                "another-server",
                "Another Mobrel has this kitchen",
                AnotherServer.WORDS + " " + AnotherServer.REMEDY);
    }
}

package org.mobrel.server.access;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.List;
import java.util.Optional;
import org.mobrel.server.home.Doorways;
import org.mobrel.server.platform.ProblemWriter;
import org.mobrel.server.platform.Visitor;
import org.springframework.dao.DataAccessException;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.authority.SimpleGrantedAuthority;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.transaction.TransactionException;
import org.springframework.web.filter.OncePerRequestFilter;

/** Finds out who sends a request. No bean: it stands in the security chain alone. */
final class VisitorFilter extends OncePerRequestFilter {

    private final Doorways doorways;
    private final AccessService access;
    private final boolean askHere;

    VisitorFilter(Doorways doorways, AccessService access, boolean askHere) {
        this.doorways = doorways;
        this.access = access;
        this.askHere = askHere;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        Optional<Visitor> visitor;
        try {
            visitor = visitor(request);
        } catch (DataAccessException | TransactionException unreachable) {
            ProblemWriter.write(
                    response,
                    503,
                    "database",
                    "The database does not answer",
                    "Nobody can be let in just now. Try again in a moment.");
            return;
        }
        visitor.ifPresent(VisitorFilter::remember);
        chain.doFilter(request, response);
    }

    private Optional<Visitor> visitor(HttpServletRequest request) {
        boolean here = doorways.isHere(request);
        if (here && !askHere) {
            return Optional.of(Visitor.HERE);
        }
        if (!here && !request.isSecure()) {
            return Optional.empty();
        }
        Optional<Visitor> known = AccessCookie.of(request).flatMap(token -> access.visitor(token, Sender.of(request)));
        return here ? known.or(() -> Optional.of(access.asked())) : known;
    }

    private static void remember(Visitor visitor) {
        SecurityContext context = SecurityContextHolder.createEmptyContext();
        context.setAuthentication(UsernamePasswordAuthenticationToken.authenticated(
                visitor, null, List.of(new SimpleGrantedAuthority(visitor.role().code()))));
        SecurityContextHolder.setContext(context);
    }
}

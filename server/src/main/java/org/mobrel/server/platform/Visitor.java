package org.mobrel.server.platform;

import java.util.Optional;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;

/**
 * Who sent a request.
 *
 * @param device the paired device it came from; empty from this machine itself
 * @param person who signed in on it; empty where nobody did
 * @param name of that person; empty where nobody did
 * @param role what may be done
 */
public record Visitor(Optional<Long> device, Optional<Long> person, String name, Role role) {

    /** Somebody at the machine that Mobrel runs on, in a kitchen that asks nobody there. */
    public static final Visitor HERE = new Visitor(Optional.empty(), Optional.empty(), "", Role.COOK);

    /** Of the request that is being answered; empty for what the program does by itself. */
    public static Optional<Visitor> current() {
        Authentication known = SecurityContextHolder.getContext().getAuthentication();
        return known != null && known.getPrincipal() instanceof Visitor visitor
                ? Optional.of(visitor)
                : Optional.empty();
    }

    /** Whoever signed in is named by that; else as the page says. */
    public static String nameOr(String said) {
        return current().map(Visitor::name).filter(name -> !name.isEmpty()).orElse(said);
    }
}

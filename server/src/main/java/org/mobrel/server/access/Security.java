package org.mobrel.server.access;

import jakarta.servlet.DispatcherType;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import org.mobrel.server.home.Doorways;
import org.mobrel.server.platform.ProblemWriter;
import org.mobrel.server.platform.Visitor;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpHeaders;
import org.springframework.security.authorization.AuthorizationDecision;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.annotation.web.configurers.AbstractHttpConfigurer;
import org.springframework.security.config.http.SessionCreationPolicy;
import org.springframework.security.core.Authentication;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.access.intercept.RequestAuthorizationContext;
import org.springframework.security.web.context.NullSecurityContextRepository;
import org.springframework.security.web.csrf.CsrfFilter;

/** Holds every request against the table of doors. */
@Configuration(proxyBeanMethods = false)
class Security {

    private static final Set<String> LOOKING = Set.of("GET", "HEAD", "OPTIONS", "TRACE");

    @Bean
    SecurityFilterChain doors(
            HttpSecurity http,
            Doorways doorways,
            AccessService access,
            ObjectProvider<GaugeKeys> gauges,
            @Value("${mobrel.ask-here:false}") boolean askHere)
            throws Exception {
        return http.addFilterBefore(new VisitorFilter(doorways, access, askHere), CsrfFilter.class)
                .securityContext(context -> context.securityContextRepository(new NullSecurityContextRepository()))
                .sessionManagement(session -> session.sessionCreationPolicy(SessionCreationPolicy.STATELESS))
                // A page of ours sends back what it was given; a script on this machine has no cookie that could be
                // borrowed.
                .csrf(csrf -> csrf.spa()
                        .requireCsrfProtectionMatcher(request -> !LOOKING.contains(request.getMethod())
                                && AccessCookie.of(request).isPresent()))
                .formLogin(AbstractHttpConfigurer::disable)
                .httpBasic(AbstractHttpConfigurer::disable)
                .logout(AbstractHttpConfigurer::disable)
                .requestCache(AbstractHttpConfigurer::disable)
                .rememberMe(AbstractHttpConfigurer::disable)
                // RequestGuard sets those that are wanted.
                .headers(AbstractHttpConfigurer::disable)
                .exceptionHandling(
                        refusals -> refusals.authenticationEntryPoint((request, response, why) -> unknown(response))
                                .accessDeniedHandler((request, response, why) -> notAllowed(request, response)))
                .authorizeHttpRequests(requests -> requests.dispatcherTypeMatchers(
                                DispatcherType.ASYNC, DispatcherType.ERROR, DispatcherType.FORWARD)
                        .permitAll()
                        .anyRequest()
                        .access((visitor, context) -> new AuthorizationDecision(mayIn(visitor.get(), context, gauges))))
                .build();
    }

    private static boolean mayIn(
            Authentication known, RequestAuthorizationContext context, ObjectProvider<GaugeKeys> gauges) {
        HttpServletRequest request = context.getRequest();
        Doors.Asks asks = Doors.asks(request.getMethod(), request.getRequestURI());
        return switch (asks) {
            case NOTHING -> true;
            case GAUGE -> {
                String key = request.getHeader(HttpHeaders.AUTHORIZATION);
                yield isHere(known) || key != null && gauges.getObject().isKnown(key);
            }
            default ->
                known.getPrincipal() instanceof Visitor visitor
                        && asks.least().filter(visitor.role()::isAtLeast).isPresent();
        };
    }

    /** At home a gauge's key is looked at by its own door, which answers with more words. */
    private static boolean isHere(Authentication known) {
        return known.getPrincipal() instanceof Visitor visitor && visitor.equals(Visitor.HERE);
    }

    private static void unknown(HttpServletResponse response) throws IOException {
        ProblemWriter.write(
                response,
                401,
                "not-paired",
                "Not let in",
                "This device does not belong to this kitchen yet. Pair it first.");
    }

    private static void notAllowed(HttpServletRequest request, HttpServletResponse response) throws IOException {
        Optional<Visitor> visitor = Visitor.current();
        if (visitor.isEmpty()) {
            unknown(response);
            return;
        }
        Doors.Asks asks = Doors.asks(request.getMethod(), request.getRequestURI());
        boolean enough = asks.least().filter(visitor.get().role()::isAtLeast).isPresent();
        ProblemWriter.write(
                response,
                403,
                enough ? "stale-page" : "not-allowed",
                "Not allowed",
                enough
                        ? "This page is older than its sign-in. Reload it, then do it again."
                        : "A %s may not do that. Sign in as a %s on this device."
                                .formatted(
                                        visitor.get().role().code(),
                                        asks.least()
                                                .map(Enum::name)
                                                .orElse("cook")
                                                .toLowerCase(Locale.ROOT)));
    }
}

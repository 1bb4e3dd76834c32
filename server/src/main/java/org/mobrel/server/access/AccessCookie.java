package org.mobrel.server.access;

import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import java.time.Duration;
import java.util.Arrays;
import java.util.Optional;
import org.springframework.http.ResponseCookie;

/** What a paired device shows with each request. Its prefix makes browsers keep it to this host and to encrypted lines. */
final class AccessCookie {

    static final String NAME = "__Host-mobrel-device";

    private static final Duration LASTS = Duration.ofDays(400);

    private AccessCookie() {}

    static Optional<String> of(HttpServletRequest request) {
        Cookie[] all = request.getCookies();
        return all == null
                ? Optional.empty()
                : Arrays.stream(all)
                        .filter(cookie -> cookie.getName().equals(NAME))
                        .map(Cookie::getValue)
                        .findFirst();
    }

    static String set(String token) {
        return ResponseCookie.from(NAME, token)
                .secure(true)
                .httpOnly(true)
                .sameSite("Strict")
                .path("/")
                .maxAge(LASTS)
                .build()
                .toString();
    }
}

package org.mobrel.server.access;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.mobrel.server.platform.Role;
import org.springframework.http.server.PathContainer;
import org.springframework.web.util.pattern.PathPattern;
import org.springframework.web.util.pattern.PathPatternParser;

/** What each door asks of whoever knocks. The first line that fits counts; a door that no line names is the cook's. */
final class Doors {

    private static final Set<String> LOOKING = Set.of("GET", "HEAD");

    /** What a door asks. */
    enum Asks {
        /** Nothing: the pages themselves, and the way in. */
        NOTHING(Optional.empty()),
        /** The key of a gauge. */
        GAUGE(Optional.empty()),
        GUEST(Optional.of(Role.GUEST)),
        HELPER(Optional.of(Role.HELPER)),
        COOK(Optional.of(Role.COOK));

        private final Optional<Role> least;

        Asks(Optional<Role> least) {
            this.least = least;
        }

        Optional<Role> least() {
            return least;
        }
    }

    /** @param methods empty for all */
    private record Line(Set<String> methods, List<PathPattern> paths, Asks asks) {
        boolean fits(String method, PathContainer path) {
            return (methods.isEmpty() || methods.contains(method))
                    && paths.stream().anyMatch(pattern -> pattern.matches(path));
        }
    }

    private static final List<Line> LINES = List.of(
            line(LOOKING, Asks.NOTHING, "/api/access"),
            line(Set.of("POST"), Asks.NOTHING, "/api/access/pairing"),
            line(Set.of("POST"), Asks.GUEST, "/api/access/sign-in", "/api/access/sign-out"),
            line(Set.of(), Asks.COOK, "/api/access/**"),
            // A backup is everything at once; keys and people are nobody's but the cook's.
            line(
                    Set.of(),
                    Asks.COOK,
                    "/api/backup",
                    "/api/backup/with-photos",
                    "/api/kitchen/devices/**",
                    "/api/health/machine",
                    "/v3/**",
                    "/actuator/**"),
            line(Set.of("POST"), Asks.GAUGE, "/api/runs/*/readings"),
            // Questions that do not fit into an address; they change nothing.
            line(
                    Set.of("POST"),
                    Asks.GUEST,
                    "/api/ruling",
                    "/api/recipe-reading",
                    "/api/look-back",
                    "/api/loading",
                    "/api/scaling",
                    "/api/recipes/draft",
                    "/api/formats/recipes",
                    "/api/practice/scenes"),
            line(
                    Set.of("POST"),
                    Asks.HELPER,
                    "/api/runs/*/events",
                    "/api/runs/*/hearing",
                    "/api/runs/*/seeing",
                    "/api/runs/*/jars",
                    "/api/runs/*/again",
                    "/api/runs/*/simulation",
                    "/api/practice/**",
                    "/api/photos",
                    "/api/shelf/*/movements",
                    "/api/freezer/*/taken"),
            line(Set.of("DELETE"), Asks.HELPER, "/api/freezer/taken/*", "/api/photos/*"),
            line(Set.of("PUT"), Asks.HELPER, "/api/plans/*/pantry"),
            line(LOOKING, Asks.GUEST, "/api/**"),
            line(Set.of(), Asks.COOK, "/api/**"),
            line(LOOKING, Asks.NOTHING, "/**"));

    private Doors() {}

    private static Line line(Set<String> methods, Asks asks, String... paths) {
        PathPatternParser parser = new PathPatternParser();
        return new Line(methods, List.of(paths).stream().map(parser::parse).toList(), asks);
    }

    static Asks asks(String method, String path) {
        PathContainer at = PathContainer.parsePath(path);
        return LINES.stream()
                .filter(line -> line.fits(method, at))
                .map(Line::asks)
                .findFirst()
                .orElse(Asks.COOK);
    }
}

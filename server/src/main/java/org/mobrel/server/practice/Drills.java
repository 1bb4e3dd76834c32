package org.mobrel.server.practice;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.mobrel.practice.Drill;
import org.mobrel.server.platform.NotFound;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** All drills, from their files; read once at start, and a file that cannot be read stops it. */
@Component
class Drills {

    static final String FILES = "classpath:practice/drills/*.json";

    private final Map<String, Drill> byCode = new LinkedHashMap<>();

    Drills(JsonMapper json) {
        try {
            Stream.of(new PathMatchingResourcePatternResolver().getResources(FILES))
                    .map(file -> read(json, file))
                    .sorted(Comparator.comparing(Drill::title))
                    .forEach(drill -> byCode.put(drill.code(), drill));
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }

    private static Drill read(JsonMapper json, Resource file) {
        try (InputStream bytes = file.getInputStream()) {
            return json.readValue(bytes, DrillFile.class).toCore();
        } catch (IOException | RuntimeException failed) {
            throw new IllegalStateException("the drill in " + file.getFilename() + " cannot be read", failed);
        }
    }

    List<Drill> all() {
        return List.copyOf(byCode.values());
    }

    Drill get(String code) {
        return Optional.ofNullable(byCode.get(code)).orElseThrow(() -> new NotFound("drill", code));
    }
}

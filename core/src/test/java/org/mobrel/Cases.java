package org.mobrel;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Objects;
import java.util.stream.Stream;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;

/** Cases that are kept as JSON beside the tests. */
public final class Cases {

    private Cases() {}

    /** All cases of a file such as 'run-cases.json'. */
    public static Stream<JsonNode> of(String file) throws IOException {
        try (InputStream bytes = Objects.requireNonNull(Cases.class.getResourceAsStream("/cases/" + file))) {
            JsonNode all = new ObjectMapper().readTree(bytes);
            return (all.isArray() ? all : all.get("cases")).valueStream();
        }
    }

    /** A resource as text. */
    public static String text(String resource) {
        try (InputStream bytes = Objects.requireNonNull(Cases.class.getResourceAsStream(resource))) {
            return new String(bytes.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }
}

package org.mobrel.server;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.function.Consumer;
import java.util.stream.Stream;
import org.junit.jupiter.api.DynamicTest;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;

/** The core's own cases, asked over HTTP: each a test. */
public final class ApiCases {

    private static final Path FOLDER = Path.of("../core/src/test/resources/cases");

    private ApiCases() {}

    /** @param file such as 'loading-cases.json' */
    public static Stream<DynamicTest> of(String file, Consumer<JsonNode> check) throws IOException {
        return new ObjectMapper()
                        .readTree(Files.readString(FOLDER.resolve(file)))
                        .get("cases")
                        .valueStream()
                        .map(example ->
                                DynamicTest.dynamicTest(example.get("name").asString(), () -> check.accept(example)))
                        .toList()
                        .stream();
    }
}

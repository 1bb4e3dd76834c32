package org.mobrel;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/**
 * What was looked at once and approved, word for word: a change of it is seen in the review of the change. Run the tests with
 * {@code -Dtests.argLine=-Dmobrel.approve=true} to write down what is there now.
 */
public final class Approved {

    private Approved() {}

    /** Holds told answers against a file beside the tests, one answer a block. */
    public static void holds(String file, Map<String, List<String>> told) {
        String now = told.entrySet().stream()
                .map(entry -> "= " + entry.getKey() + "\n"
                        + entry.getValue().stream()
                                .map(line -> "  " + line + "\n")
                                .collect(Collectors.joining()))
                .collect(Collectors.joining());
        if (Boolean.getBoolean("mobrel.approve")) {
            try {
                Files.writeString(Path.of("src/test/resources/cases", file), now);
            } catch (IOException unwritable) {
                throw new UncheckedIOException(unwritable);
            }
            return;
        }
        Map<String, String> approved = blocks(Cases.text("/cases/" + file));
        assertThat(blocks(now)).containsExactlyEntriesOf(approved);
    }

    private static Map<String, String> blocks(String text) {
        Map<String, String> blocks = new LinkedHashMap<>();
        for (String block : text.split("(?m)^= ")) {
            if (!block.isBlank()) {
                String name = block.lines().findFirst().orElseThrow();
                blocks.put(name, block.substring(name.length()).strip());
            }
        }
        return blocks;
    }
}

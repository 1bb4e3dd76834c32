package org.mobrel.server.backup;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.stream.Stream;

/** Files with a whole kitchen in them, for as long as they are looked at. */
final class Temporary {

    private static final String NAME = "mobrel-whole-kitchen-";

    /** No look takes so long: what is older was left by a program that was killed. */
    private static final Duration LEFT_BEHIND = Duration.ofHours(1);

    private Temporary() {}

    /** An empty one that only this user reads; those left behind go. */
    static Path file() throws IOException {
        Path made = Files.createTempFile(NAME, ".json");
        try (Stream<Path> files = Files.list(made.getParent())) {
            files.filter(file -> file.getFileName().toString().startsWith(NAME)).forEach(Temporary::goIfOld);
        }
        return made;
    }

    private static void goIfOld(Path file) {
        try {
            if (Files.getLastModifiedTime(file)
                    .toInstant()
                    .isBefore(Instant.now().minus(LEFT_BEHIND))) {
                Files.delete(file);
            }
        } catch (NoSuchFileException gone) {
            // Another request was faster.
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }
}

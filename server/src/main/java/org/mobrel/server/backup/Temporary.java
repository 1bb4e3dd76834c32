package org.mobrel.server.backup;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.stream.Stream;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** Files with a whole kitchen in them, for as long as they are looked at. */
final class Temporary {

    private static final Logger LOG = LoggerFactory.getLogger(Temporary.class);

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
        } catch (IOException kept) {
            // Gone already, or of another user of this machine: no reason to refuse a backup.
            LOG.debug("a file that was left behind stays", kept);
        }
    }
}

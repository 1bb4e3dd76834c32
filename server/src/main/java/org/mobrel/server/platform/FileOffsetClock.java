package org.mobrel.server.platform;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.time.Instant;
import java.time.InstantSource;

/**
 * A clock that runs ahead of the system's by the milliseconds written in a file. A test moves time by writing the file; the lead
 * survives a killed server, as real time does.
 */
final class FileOffsetClock implements InstantSource {

    private final Path file;

    FileOffsetClock(String file) {
        this.file = Path.of(file);
    }

    @Override
    public Instant instant() {
        return Instant.now().plusMillis(lead());
    }

    private long lead() {
        try {
            String text = Files.readString(file).strip();
            return text.isEmpty() ? 0 : Long.parseLong(text);
        } catch (NoSuchFileException none) {
            return 0;
        } catch (IOException unreadable) {
            throw new UncheckedIOException("the test clock's file cannot be read: " + file, unreadable);
        }
    }
}

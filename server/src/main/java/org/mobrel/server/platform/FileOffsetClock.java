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
 * survives a killed server, as real time does. A second number in the file sets the wall clock alone, as somebody may do while time passes as
 * before.
 */
final class FileOffsetClock implements InstantSource, Elapsed {

    private final Path file;

    FileOffsetClock(String file) {
        this.file = Path.of(file);
    }

    @Override
    public Instant instant() {
        return Instant.now().plusMillis(number(0) + number(1));
    }

    @Override
    public long nanos() {
        return System.nanoTime() + number(0) * 1_000_000;
    }

    private long number(int which) {
        try {
            String text = Files.readString(file).strip();
            String[] numbers = text.split("\\s+");
            return text.isEmpty() || numbers.length <= which ? 0 : Long.parseLong(numbers[which]);
        } catch (NoSuchFileException none) {
            return 0;
        } catch (IOException unreadable) {
            throw new UncheckedIOException("the test clock's file cannot be read: " + file, unreadable);
        }
    }
}

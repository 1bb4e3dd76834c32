package org.mobrel.server.platform;

import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import org.springframework.core.io.InputStreamResource;
import org.springframework.core.io.Resource;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;

/**
 * A file to take away that is whole or does not come at all: it is made first and sent then, with its length, so that a database that
 * goes away in the middle is an error and never half a file that looks like one.
 */
public final class WholeFile {

    private WholeFile() {}

    /** Writes what the file holds. */
    @FunctionalInterface
    public interface Content {
        void to(OutputStream out) throws IOException;
    }

    /** @throws UncheckedIOException if there is no room for it */
    public static ResponseEntity<Resource> of(String name, MediaType type, Content content) {
        try {
            Path file = Files.createTempFile("mobrel-out", null);
            try {
                try (OutputStream out = new BufferedOutputStream(Files.newOutputStream(file))) {
                    content.to(out);
                }
                long length = Files.size(file);
                // Gone once it was sent, or once whoever asked for it is gone.
                InputStream in = Files.newInputStream(file, StandardOpenOption.DELETE_ON_CLOSE);
                return ResponseEntity.ok()
                        .contentType(type)
                        .contentLength(length)
                        .header(
                                HttpHeaders.CONTENT_DISPOSITION,
                                ContentDisposition.attachment()
                                        .filename(name)
                                        .build()
                                        .toString())
                        .body(new InputStreamResource(in));
            } catch (IOException | RuntimeException failed) {
                Files.deleteIfExists(file);
                throw failed;
            }
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }
}

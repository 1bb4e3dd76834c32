package org.mobrel.server.backup;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.mobrel.server.photo.PhotoFiles;
import org.springframework.stereotype.Component;

/**
 * The pictures beside the automatic backups, each once, in a folder of their own: a kitchen is saved every day, and its pictures do not change.
 */
@Component
class PhotoCopies {

    static final String FOLDER = "photos";

    private static final Pattern NAME = Pattern.compile("([0-9a-f]{64})\\.jpg");
    private static final Pattern MENTIONED = Pattern.compile("\"sha256\":\"([0-9a-f]{64})\"");

    private final PhotoFiles photos;

    PhotoCopies(PhotoFiles photos) {
        this.photos = photos;
    }

    /** Writes the pictures that are not there yet. */
    void write(Path backups) throws IOException {
        List<String> needed = photos.needed();
        if (needed.isEmpty()) {
            return;
        }
        Path folder = Files.createDirectories(backups.resolve(FOLDER));
        for (String sha256 : needed) {
            Path file = folder.resolve(sha256 + ".jpg");
            if (!Files.exists(file)) {
                byte[] jpeg = photos.find(sha256).orElse(new byte[0]);
                if (jpeg.length > 0) {
                    Path half = Files.write(folder.resolve(sha256 + ".half"), jpeg);
                    Files.move(half, file, StandardCopyOption.ATOMIC_MOVE);
                }
            }
        }
    }

    /** Brings those over that are not there yet. */
    static void copy(Path from, Path to) throws IOException {
        for (Path file : made(from)) {
            Path copy = Files.createDirectories(to.resolve(FOLDER)).resolve(String.valueOf(file.getFileName()));
            if (!Files.exists(copy)) {
                Path half = copy.resolveSibling(file.getFileName() + ".half");
                Files.copy(file, half, StandardCopyOption.REPLACE_EXISTING);
                Files.move(half, copy, StandardCopyOption.ATOMIC_MOVE);
            }
        }
    }

    /** Puts those away that none of the backups mentions any more. */
    static void putAway(Path backups, List<Path> kept) throws IOException {
        List<Path> made = made(backups);
        if (made.isEmpty()) {
            return;
        }
        Set<String> mentioned = new HashSet<>();
        for (Path backup : kept) {
            try (BufferedReader lines = Files.newBufferedReader(backup)) {
                for (String line = lines.readLine(); line != null; line = lines.readLine()) {
                    Matcher photo = MENTIONED.matcher(line);
                    if (photo.find()) {
                        mentioned.add(String.valueOf(photo.group(1)));
                    }
                }
            }
        }
        for (Path file : made) {
            if (!mentioned.contains(sha256(file))) {
                Files.delete(file);
            }
        }
    }

    private static String sha256(Path file) {
        return String.valueOf(file.getFileName()).replace(".jpg", "");
    }

    /** Other files in the folder are somebody else's. */
    private static List<Path> made(Path backups) {
        Path folder = backups.resolve(FOLDER);
        if (!Files.isDirectory(folder)) {
            return List.of();
        }
        try (Stream<Path> files = Files.list(folder)) {
            return files.filter(file ->
                            NAME.matcher(String.valueOf(file.getFileName())).matches())
                    .toList();
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }
}

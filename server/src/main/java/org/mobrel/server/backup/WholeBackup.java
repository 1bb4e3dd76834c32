package org.mobrel.server.backup;

import java.io.EOFException;
import java.io.FilterOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDateTime;
import java.util.Arrays;
import java.util.Collections;
import java.util.HexFormat;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.zip.CRC32;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;
import org.mobrel.server.photo.PhotoFiles;
import org.mobrel.server.platform.InvalidField;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Isolation;
import org.springframework.transaction.annotation.Transactional;

/** A backup with its pictures: the file of the kitchen, and beside it in a zip each picture under the SHA-256 of its bytes. */
@Service
class WholeBackup {

    private static final String KITCHEN = "kitchen.json";

    /** Also the name of an automatic backup, which somebody may have packed together with the folder of its pictures. */
    private static final Pattern KITCHENS = Pattern.compile("kitchen[-\\d]*\\.json");

    private static final Pattern PHOTO = Pattern.compile("photos/([0-9a-f]{64})\\.jpg");

    /** The same kitchen gives the same bytes, whenever it is saved. */
    private static final LocalDateTime NO_TIME = LocalDateTime.of(1980, 1, 1, 0, 0);

    /** No picture that is kept is nearly as large. */
    private static final int MOST_BYTES = 4_000_000;

    /** A kitchen of 60,000 jars has forty million. */
    private static final long MOST_KITCHEN = 1_000_000_000;

    private static final byte[] ZIP = {'P', 'K', 3, 4};

    private final BackupService backups;
    private final PhotoFiles photos;

    WholeBackup(BackupService backups, PhotoFiles photos) {
        this.backups = backups;
        this.photos = photos;
    }

    static String nameOf(String sha256) {
        return "photos/" + sha256 + ".jpg";
    }

    /** Everything as it stands at one moment. */
    @Transactional(readOnly = true, isolation = Isolation.REPEATABLE_READ)
    public void write(OutputStream out) throws IOException {
        ZipOutputStream zip = new ZipOutputStream(out);
        zip.putNextEntry(entry(KITCHEN));
        backups.write(new StaysOpen(zip));
        zip.closeEntry();
        try {
            photos.each((sha256, jpeg) -> put(zip, nameOf(sha256), jpeg));
        } catch (UncheckedIOException failed) {
            throw failed.getCause();
        }
        zip.finish();
    }

    private static ZipEntry entry(String name) {
        ZipEntry entry = new ZipEntry(name);
        entry.setTimeLocal(NO_TIME);
        return entry;
    }

    /** A picture is small already: it is laid in as it is. */
    private static void put(ZipOutputStream zip, String name, byte[] jpeg) {
        CRC32 check = new CRC32();
        check.update(jpeg);
        ZipEntry entry = entry(name);
        entry.setMethod(ZipEntry.STORED);
        entry.setSize(jpeg.length);
        entry.setCrc(check.getValue());
        try {
            zip.putNextEntry(entry);
            zip.write(jpeg);
            zip.closeEntry();
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }

    /**
     * Takes a file in, all or nothing: a backup with its pictures, or the file of the kitchen alone. Pictures that are here already need not be
     * in it.
     *
     * @throws InvalidField if it is not whole; then nothing is changed
     * @throws BackupService.OnlyTried after a dry run, with what it would have done
     */
    @Transactional
    public BackupService.Restored restore(Path file, BackupService.Way way, boolean dryRun) throws IOException {
        if (!isZip(file)) {
            BackupService.Restored restored = backups.restore(file, way, dryRun);
            photos.forgetUnused();
            return restored;
        }
        Path kitchen = Temporary.file();
        try {
            verify(file, kitchen);
            BackupService.Restored restored = backups.restore(kitchen, way, dryRun);
            pictures(file, photos::keep);
            photos.forgetUnused();
            return restored;
        } finally {
            Files.deleteIfExists(kitchen);
        }
    }

    private static boolean isZip(Path file) throws IOException {
        try (InputStream in = Files.newInputStream(file)) {
            return Arrays.equals(in.readNBytes(ZIP.length), ZIP);
        }
    }

    /** What takes the pictures over. */
    private interface Pictures {
        void take(String sha256, byte[] jpeg);
    }

    /** That every part of it is what its name says, before anything is changed. */
    private static void verify(Path file, Path kitchen) throws IOException {
        boolean[] found = {false};
        each(file, (name, in) -> {
            if (KITCHENS.matcher(name).matches()) {
                if (found[0]) {
                    throw wrong("there is more than one kitchen in it");
                }
                found[0] = true;
                unpack(in, kitchen);
            } else if (!PHOTO.matcher(name).matches()) {
                throw wrong("it has a part that is unknown: " + name);
            } else {
                picture(name, in);
            }
        });
        if (!found[0]) {
            throw wrong("there is no kitchen in it");
        }
    }

    private static void pictures(Path file, Pictures take) throws IOException {
        each(file, (name, in) -> {
            Optional<String> sha256 = sha256Of(name);
            if (sha256.isPresent()) {
                take.take(sha256.get(), picture(name, in));
            }
        });
    }

    private static Optional<String> sha256Of(String name) {
        Matcher photo = PHOTO.matcher(name);
        return photo.matches() ? Optional.ofNullable(photo.group(1)) : Optional.empty();
    }

    private static byte[] picture(String name, InputStream in) throws IOException {
        byte[] jpeg = in.readNBytes(MOST_BYTES + 1);
        String is = HexFormat.of().formatHex(BackupWriter.sha256().digest(jpeg));
        if (jpeg.length > MOST_BYTES || !sha256Of(name).equals(Optional.of(is))) {
            throw wrong("a picture in it was altered: " + name);
        }
        return jpeg;
    }

    private interface Part {
        void take(String name, InputStream in) throws IOException;
    }

    /** By the list at its end: a file that is cut off has none. */
    private static void each(Path file, Part part) throws IOException {
        try (ZipFile zip = new ZipFile(file.toFile())) {
            for (ZipEntry entry : Collections.list(zip.entries())) {
                if (!entry.isDirectory()) {
                    try (InputStream in = zip.getInputStream(entry)) {
                        part.take(entry.getName(), in);
                    }
                }
            }
        } catch (ZipException | EOFException broken) {
            throw wrong("it is cut off or was altered");
        }
    }

    /** What is packed small may be endless. */
    private static void unpack(InputStream in, Path to) throws IOException {
        byte[] some = new byte[65_536];
        long left = MOST_KITCHEN;
        try (OutputStream out = Files.newOutputStream(to)) {
            for (int read = in.read(some); read >= 0; read = in.read(some)) {
                left -= read;
                if (left < 0) {
                    throw wrong("the kitchen in it is too large");
                }
                out.write(some, 0, read);
            }
        }
    }

    private static InvalidField wrong(String why) {
        return new InvalidField("file", why + ". Nothing was changed.");
    }

    /** The kitchen's file ends within the zip, which goes on. */
    private static final class StaysOpen extends FilterOutputStream {
        StaysOpen(OutputStream out) {
            super(out);
        }

        @Override
        public void write(byte[] bytes, int from, int length) throws IOException {
            out.write(bytes, from, length);
        }

        @Override
        public void close() throws IOException {
            out.flush();
        }
    }
}

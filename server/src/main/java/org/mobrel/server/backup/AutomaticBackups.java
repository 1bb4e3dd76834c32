package org.mobrel.server.backup;

import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.FileTime;
import java.time.Duration;
import java.time.Instant;
import java.time.InstantSource;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.mobrel.server.platform.Repeating;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.SmartLifecycle;
import org.springframework.stereotype.Component;

/** A backup every day without anybody's thinking of it, taken in for trial before it counts, and old ones put away. */
@Component
class AutomaticBackups implements SmartLifecycle {

    private static final Logger LOG = LoggerFactory.getLogger(AutomaticBackups.class);

    private static final Duration EVERY = Duration.ofHours(24);

    /** Older than that is told on Today. */
    static final Duration OLD = Duration.ofDays(3);

    private static final Pattern NAME = Pattern.compile("kitchen-(\\d{4}-\\d{2}-\\d{2})\\.json");
    private static final int FIRST_AFTER_S = 20;
    private static final int LOOK_EVERY_S = 600;

    /**
     * How it stands with them.
     *
     * @param folder where they are; empty where none are made
     * @param newest when the last one was made
     * @param problem why the last try failed, in words
     */
    record State(Optional<Path> folder, Optional<Instant> newest, int kept, Optional<String> problem) {
        boolean isOld(Instant now) {
            return folder.isPresent()
                    && (problem.isPresent()
                            || newest.filter(at -> Duration.between(at, now).compareTo(OLD) <= 0)
                                    .isEmpty());
        }
    }

    private final BackupService backups;
    private final TrialRestore trial;
    private final PhotoCopies photos;
    private final InstantSource clock;
    private final ZoneId zone;
    private final Optional<Path> folder;
    private final Optional<Path> copies;
    private final Repeating ticking = new Repeating("automatic-backups");
    private volatile Optional<String> problem = Optional.empty();
    private volatile boolean running;

    AutomaticBackups(
            BackupService backups,
            TrialRestore trial,
            PhotoCopies photos,
            InstantSource clock,
            ZoneId zone,
            @Value("${mobrel.backups:}") String folder,
            @Value("${mobrel.backup-copies:}") String copies) {
        this.backups = backups;
        this.trial = trial;
        this.photos = photos;
        this.clock = clock;
        this.zone = zone;
        this.folder = path(folder);
        this.copies = path(copies);
    }

    private static Optional<Path> path(String said) {
        return said.isBlank() ? Optional.empty() : Optional.of(Path.of(said.strip()));
    }

    State state() {
        List<Path> made = folder.map(AutomaticBackups::made).orElse(List.of());
        Optional<Instant> newest = made.isEmpty() ? Optional.empty() : Optional.of(modified(made.get(made.size() - 1)));
        return new State(folder, newest, made.size(), problem);
    }

    Instant now() {
        return clock.instant();
    }

    /** Makes one if the last is a day old; what fails is told, and tried again. */
    synchronized void makeIfDue() {
        if (folder.isEmpty()) {
            return;
        }
        try {
            Path into = folder.get();
            Files.createDirectories(into);
            List<Path> made = made(into);
            Instant now = clock.instant();
            boolean due = made.isEmpty()
                    || Duration.between(modified(made.get(made.size() - 1)), now)
                                    .compareTo(EVERY)
                            >= 0;
            if (due) {
                photos.write(into);
                make(into, now);
                putAway(into);
            }
            copyNewest(into);
            if (copies.isPresent()) {
                PhotoCopies.copy(into, copies.get());
            }
            problem = Optional.empty();
        } catch (IOException | RuntimeException failed) {
            LOG.warn("the automatic backup failed", failed);
            problem = Optional.of(words(failed));
        }
    }

    private static String words(Exception failed) {
        return failed instanceof UncheckedIOException || failed instanceof IOException
                ? "It could not be written: " + failed.getMessage()
                : "The kitchen could not be read for it, or the backup not taken in for trial.";
    }

    /** Beside its place first, taken in from there for trial, and then moved: whatever has the name of a backup is one. */
    private void make(Path into, Instant now) throws IOException {
        Path half = Files.createTempFile(into, "half-", ".json");
        try {
            try (OutputStream out = Files.newOutputStream(half)) {
                backups.write(out);
            }
            try (FileChannel channel = FileChannel.open(half, StandardOpenOption.WRITE)) {
                channel.force(true);
            }
            trial.of(half);
            Path file = into.resolve("kitchen-%s.json".formatted(LocalDate.ofInstant(now, zone)));
            Files.setLastModifiedTime(half, FileTime.from(now));
            Files.move(half, file, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
        } finally {
            Files.deleteIfExists(half);
        }
    }

    /** Also one that could not be copied when it was made: the stick may be in its place by now. */
    private void copyNewest(Path into) throws IOException {
        List<Path> made = made(into);
        if (copies.isEmpty() || made.isEmpty()) {
            return;
        }
        Path to = copies.get();
        if (!Files.isDirectory(to)) {
            throw new IOException("the folder for copies is not there: " + to);
        }
        Path file = made.get(made.size() - 1);
        Path copy = to.resolve(file.getFileName());
        if (!Files.exists(copy)) {
            Path half = to.resolve(file.getFileName() + ".half");
            Files.copy(file, half, StandardCopyOption.REPLACE_EXISTING, StandardCopyOption.COPY_ATTRIBUTES);
            Files.move(half, copy, StandardCopyOption.ATOMIC_MOVE);
            putAway(to);
        }
    }

    private static void putAway(Path into) throws IOException {
        List<Path> made = made(into);
        Set<LocalDate> kept =
                KeptBackups.of(made.stream().map(AutomaticBackups::day).collect(Collectors.toSet()));
        for (Path file : made) {
            if (!kept.contains(day(file))) {
                Files.delete(file);
            }
        }
        PhotoCopies.putAway(into, made(into));
    }

    private static LocalDate day(Path file) {
        Matcher name = NAME.matcher(String.valueOf(file.getFileName()));
        if (!name.matches()) {
            throw new IllegalArgumentException("no backup: " + file);
        }
        return LocalDate.parse(String.valueOf(name.group(1)));
    }

    /** Those that are there, the oldest first. */
    private static List<Path> made(Path into) {
        if (!Files.isDirectory(into)) {
            return List.of();
        }
        try (Stream<Path> files = Files.list(into)) {
            return new ArrayList<>(files.filter(file ->
                            NAME.matcher(String.valueOf(file.getFileName())).matches())
                    .sorted(Comparator.comparing(AutomaticBackups::day))
                    .toList());
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }

    private static Instant modified(Path file) {
        try {
            return Files.getLastModifiedTime(file).toInstant();
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }

    @Override
    public void start() {
        running = true;
        if (folder.isPresent()) {
            ticking.start(Duration.ofSeconds(FIRST_AFTER_S), Duration.ofSeconds(LOOK_EVERY_S), this::makeIfDue);
        }
    }

    @Override
    public void stop() {
        running = false;
        ticking.stop();
    }

    @Override
    public boolean isRunning() {
        return running;
    }
}

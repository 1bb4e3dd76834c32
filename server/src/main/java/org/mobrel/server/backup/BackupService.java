package org.mobrel.server.backup;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.mobrel.server.platform.AnotherKitchen;
import org.mobrel.server.platform.KitchenReplaced;
import org.mobrel.server.platform.RecordCheck;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Isolation;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** Writes the whole kitchen into a file, and takes one in. */
@Service
public class BackupService {

    private final BackupRepository repository;
    private final ApplicationEventPublisher news;
    private final JsonMapper json;
    private final List<RecordCheck> records;

    /** @param records what looks through all that was taken in */
    BackupService(
            BackupRepository repository, ApplicationEventPublisher news, JsonMapper json, List<RecordCheck> records) {
        this.records = List.copyOf(records);
        this.repository = repository;
        this.news = news;
        this.json = json;
    }

    /** How a file is taken in: in place of what is here, or beside it. */
    enum Way {
        REPLACE,
        MERGE
    }

    /**
     * What taking a file in did, or would do.
     *
     * @param inFile rows by section
     * @param coming rows that come in
     * @param leaving rows that go
     * @param relabelled lots that get another code, because theirs is taken
     * @param faults what is broken in it and can be mended here, in sentences
     */
    record Restored(
            Map<String, Integer> inFile,
            Map<String, Integer> coming,
            Map<String, Integer> leaving,
            Map<String, String> relabelled,
            List<String> faults) {

        Restored with(List<String> broken) {
            return new Restored(inFile, coming, leaving, relabelled, broken);
        }
    }

    /** Everything as it stands at one moment, however long the writing takes. */
    @Transactional(readOnly = true, isolation = Isolation.REPEATABLE_READ)
    public void write(OutputStream out) {
        new BackupWriter(json, out).write(repository);
    }

    /** Keeps what is handed in until it has been looked at. */
    static Path keep(InputStream handedIn) throws IOException {
        Path file = Temporary.file();
        Files.copy(handedIn, file, StandardCopyOption.REPLACE_EXISTING);
        return file;
    }

    /** A dry run ends by going back: what was worked out is told, and nothing of it stays. */
    static final class OnlyTried extends RuntimeException {
        private static final long serialVersionUID = 1L;
        private final transient Restored restored;

        OnlyTried(Restored restored) {
            super("only tried");
            this.restored = restored;
        }

        Restored restored() {
            return restored;
        }
    }

    /**
     * Takes a file in, all or nothing.
     *
     * @throws InvalidField if it is not a whole backup of a version this program knows; then nothing is changed
     * @throws OnlyTried after a dry run, with what it would have done
     */
    @Transactional
    Restored restore(Path file, Way way, boolean dryRun) {
        try {
            BackupFile backup = new BackupFile(json, file);
            Map<String, Integer> inFile = new TreeMap<>(backup.verify());
            Restored taken = way == Way.REPLACE ? replace(backup, inFile) : merge(backup, inFile);
            Restored restored = taken.with(faults());
            if (dryRun) {
                throw new OnlyTried(restored);
            }
            news.publishEvent(new KitchenReplaced());
            return restored;
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }

    /** Every record is read as the pages will read it; what cannot be is not taken in. */
    private List<String> faults() {
        records.stream()
                .flatMap(check -> check.unreadable().stream())
                .findFirst()
                .ifPresent(fault -> {
                    throw BackupFile.wrong("%s cannot be read: %s".formatted(fault.where(), fault.detail()));
                });
        return records.stream()
                .flatMap(check -> check.faults().stream())
                .map(fault -> "%s: %s".formatted(fault.where(), fault.detail()))
                .toList();
    }

    private Restored replace(BackupFile backup, Map<String, Integer> inFile) throws IOException {
        Map<String, Integer> leaving = new LinkedHashMap<>();
        Section.ALL.forEach(section -> leaving.put(section.name(), (int) repository.count(section)));
        repository.foreignKeys(false);
        try {
            repository.empty();
            backup.each(repository::write);
            news.publishEvent(new AnotherKitchen());
        } finally {
            // The connection goes back to the others, whatever happened.
            repository.foreignKeys(true);
        }
        return new Restored(inFile, inFile, leaving, Map.of(), List.of());
    }

    private Restored merge(BackupFile backup, Map<String, Integer> inFile) throws IOException {
        Merge merge = new Merge(repository, json, sameRecipes(backup));
        repository.foreignKeys(false);
        try {
            backup.each(merge);
        } finally {
            repository.foreignKeys(true);
        }
        return new Restored(inFile, merge.added(), Map.of(), merge.relabelled(), List.of());
    }

    /** Recipes whose versions all say the same here and in the file. */
    private Map<Long, Long> sameRecipes(BackupFile backup) throws IOException {
        Map<Long, StringBuilder> there = new TreeMap<>();
        Section versions = Section.named("recipeVersions").orElseThrow();
        repository.read(versions, row -> told(there, row));
        Map<Long, StringBuilder> inFile = new TreeMap<>();
        backup.each((section, rows) -> {
            if (section.equals(versions)) {
                rows.forEach(row -> told(inFile, row));
            }
        });
        Map<String, Long> byWords = new HashMap<>();
        there.forEach((recipe, words) -> byWords.putIfAbsent(words.toString(), recipe));
        Map<Long, Long> same = new HashMap<>();
        inFile.forEach((recipe, words) -> {
            Long here = byWords.get(words.toString());
            if (here != null) {
                same.put(recipe, here);
            }
        });
        return same;
    }

    private static void told(Map<Long, StringBuilder> recipes, List<?> version) {
        recipes.computeIfAbsent(((Number) version.get(0)).longValue(), recipe -> new StringBuilder())
                .append(version.subList(1, version.size()))
                .append('\n');
    }
}

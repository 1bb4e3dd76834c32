package org.mobrel.server.backup;

import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.time.InstantSource;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.mobrel.server.photo.PhotoFiles;
import org.mobrel.server.platform.InvalidField;
import org.mobrel.server.platform.WholeFile;
import org.springframework.core.io.Resource;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
class BackupController {

    /**
     * @param coming rows that come in, by section
     * @param leaving rows that go
     * @param relabelled lots that get another code, because theirs is taken here
     * @param faults what is broken in it and can be mended here, in sentences
     * @param done whether it was done, or only tried
     */
    record RestoreResponse(
            boolean done,
            Map<String, Integer> inFile,
            Map<String, Integer> coming,
            Map<String, Integer> leaving,
            Map<String, String> relabelled,
            List<String> faults) {}

    /**
     * How it stands with the backups that are made by themselves.
     *
     * @param folder where they are; null where none are made
     * @param newest when the last was made; null where there is none yet
     * @param problem why the last try failed; null where it did not
     * @param old whether somebody should look after them
     * @param photos how many photos there are in the kitchen
     * @param photoBytes how large their pictures are
     */
    record AutomaticBackupsResponse(
            @Nullable String folder,
            @Nullable Instant newest,
            int kept,
            @Nullable String problem,
            boolean old,
            int photos,
            long photoBytes) {}

    private final BackupService service;
    private final WholeBackup whole;
    private final PhotoFiles photos;
    private final AutomaticBackups automatic;
    private final InstantSource clock;
    private final ZoneId zone;

    BackupController(
            BackupService service,
            WholeBackup whole,
            PhotoFiles photos,
            AutomaticBackups automatic,
            InstantSource clock,
            ZoneId zone) {
        this.service = service;
        this.whole = whole;
        this.photos = photos;
        this.automatic = automatic;
        this.clock = clock;
        this.zone = zone;
    }

    /** The whole kitchen as one file, but the pictures of its photos. */
    @GetMapping("/api/backup")
    ResponseEntity<Resource> backup() {
        return WholeFile.of(name("json"), MediaType.APPLICATION_JSON, service::write);
    }

    /** The whole kitchen as a zip: that file, and each picture beside it. */
    @GetMapping("/api/backup/with-photos")
    ResponseEntity<Resource> backupWithPhotos() {
        return WholeFile.of(name("zip"), MediaType.parseMediaType("application/zip"), whole::write);
    }

    private String name(String ending) {
        return "mobrel-kitchen-%s.%s".formatted(LocalDate.ofInstant(clock.instant(), zone), ending);
    }

    @GetMapping("/api/backup/automatic")
    AutomaticBackupsResponse automaticBackups() {
        AutomaticBackups.State state = automatic.state();
        PhotoFiles.Sum pictures = photos.sum();
        return new AutomaticBackupsResponse(
                state.folder().map(Path::toString).orElse(null),
                state.newest().orElse(null),
                state.kept(),
                state.problem().orElse(null),
                state.isOld(automatic.now()),
                pictures.photos(),
                pictures.bytes());
    }

    /**
     * Takes a backup in; its bytes are the body.
     *
     * @param way replace: in place of what is here; merge: beside it
     * @param dryRun only say what it would do
     */
    @PostMapping(path = "/api/backup", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    RestoreResponse restore(
            @RequestParam String way, @RequestParam(defaultValue = "true") boolean dryRun, HttpServletRequest request)
            throws IOException {
        BackupService.Way how =
                switch (way.toLowerCase(Locale.ROOT)) {
                    case "replace" -> BackupService.Way.REPLACE;
                    case "merge" -> BackupService.Way.MERGE;
                    default -> throw new InvalidField("way", "replace or merge");
                };
        Path file = BackupService.keep(request.getInputStream());
        try {
            return answer(true, whole.restore(file, how, dryRun));
        } catch (BackupService.OnlyTried tried) {
            return answer(false, tried.restored());
        } finally {
            Files.deleteIfExists(file);
        }
    }

    private static RestoreResponse answer(boolean done, BackupService.Restored restored) {
        return new RestoreResponse(
                done,
                restored.inFile(),
                restored.coming(),
                restored.leaving(),
                restored.relabelled(),
                restored.faults());
    }
}

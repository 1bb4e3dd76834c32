package org.mobrel.server.backup;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.HashSet;
import java.util.HexFormat;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.mobrel.server.TestServer;
import org.mobrel.server.run.TestKitchen;

/** A backup a day, read back before it counts; old ones are put away, and what fails is told. */
@ExtendWith(TestServer.class)
class AutomaticBackupsTest {

    private static final ZoneId ZONE = ZoneOffset.UTC;
    private Instant now = Instant.parse("2026-03-07T09:00:00Z");

    private AutomaticBackups of(TestServer server, Path folder, String copies) {
        return new AutomaticBackups(
                server.bean(BackupService.class),
                server.bean(TrialRestore.class),
                server.bean(PhotoCopies.class),
                () -> now,
                ZONE,
                folder.toString(),
                copies);
    }

    private static List<String> names(Path folder) throws IOException {
        try (Stream<Path> files = Files.list(folder)) {
            return files.filter(Files::isRegularFile)
                    .map(file -> String.valueOf(file.getFileName()))
                    .sorted()
                    .toList();
        }
    }

    @Test
    void one_a_day_whole_and_copied(@TempDir Path folder, @TempDir Path stick, TestServer server) throws IOException {
        AutomaticBackups backups = of(server, folder, stick.toString());
        Files.createFile(stick.resolve("holiday.jpg"));
        for (int day = 1; day <= 9; day++) {
            Files.createFile(stick.resolve("kitchen-2024-02-0%s.json".formatted(day)));
        }
        assertThat(backups.state().isOld(now)).as("none yet").isTrue();
        backups.makeIfDue();
        assertThat(names(stick))
                .as("old ones are put away there too, and nothing else")
                .contains("holiday.jpg", "kitchen-2024-02-09.json", "kitchen-2026-03-07.json")
                .doesNotContain("kitchen-2024-02-01.json");
        assertThat(names(folder)).containsExactly("kitchen-2026-03-07.json");
        assertThat(Files.readAllBytes(stick.resolve("kitchen-2026-03-07.json")))
                .isEqualTo(Files.readAllBytes(folder.resolve("kitchen-2026-03-07.json")));
        assertThat(Files.readString(folder.resolve("kitchen-2026-03-07.json"))).endsWith("\"}\n");
        now = now.plus(Duration.ofHours(23));
        backups.makeIfDue();
        assertThat(names(folder)).hasSize(1);
        now = now.plus(Duration.ofHours(1));
        backups.makeIfDue();
        assertThat(names(folder)).hasSize(2);
        assertThat(backups.state().isOld(now)).isFalse();
        now = now.plus(Duration.ofDays(4));
        assertThat(backups.state().isOld(now)).isTrue();
        assertThat(backups.state().newest()).contains(now.minus(Duration.ofDays(4)));
    }

    @Test
    void pictures_lie_beside_them_once_until_no_backup_mentions_them(
            @TempDir Path folder, @TempDir Path stick, TestServer server) throws IOException {
        ByteArrayOutputStream picture = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(40, 30, BufferedImage.TYPE_INT_RGB), "png", picture);
        long run = TestKitchen.in(server, 0.5).run(2, 0);
        long photo = server.postBytes("/api/photos?moment=loading&run=" + run, picture.toByteArray())
                .body()
                .get("id")
                .asLong();
        AutomaticBackups backups = of(server, folder, stick.toString());
        backups.makeIfDue();
        byte[] kept = server.bytes("/api/photos/" + photo);
        Path file = folder.resolve("photos")
                .resolve(HexFormat.of().formatHex(BackupWriter.sha256().digest(kept)) + ".jpg");
        assertThat(file).hasBinaryContent(kept);
        assertThat(stick.resolve("photos").resolve(file.getFileName())).hasBinaryContent(kept);
        server.delete("/api/photos/" + photo);
        now = now.plus(Duration.ofDays(1));
        backups.makeIfDue();
        assertThat(file).as("yesterday's backup still mentions it").exists();
        Files.delete(folder.resolve("kitchen-2026-03-07.json"));
        now = now.plus(Duration.ofDays(1));
        backups.makeIfDue();
        assertThat(file).doesNotExist();
    }

    @Test
    void what_fails_is_told_and_leaves_nothing_that_looks_like_a_backup(@TempDir Path folder, TestServer server)
            throws IOException {
        AutomaticBackups lost =
                of(server, folder, folder.resolve("no-such-stick").toString());
        lost.makeIfDue();
        assertThat(lost.state().problem().orElseThrow()).contains("folder for copies is not there");
        assertThat(lost.state().isOld(now)).isTrue();
        lost.makeIfDue();
        assertThat(lost.state().problem()).as("it is still not copied").isPresent();
        Files.createDirectory(folder.resolve("no-such-stick"));
        lost.makeIfDue();
        assertThat(lost.state().problem()).isEmpty();
        assertThat(names(folder.resolve("no-such-stick"))).containsExactly("kitchen-2026-03-07.json");
        Path file = Files.createFile(folder.resolve("a-file"));
        AutomaticBackups blocked = of(server, file, "");
        blocked.makeIfDue();
        assertThat(blocked.state().problem()).isPresent();
        assertThat(names(folder)).noneMatch(name -> name.startsWith("half-"));
        assertThat(of(server, Path.of(""), "").state().folder()).isEmpty();
    }

    /** Over two years of days: never more than days, weeks and months ask for, always the newest, and none that was let go comes back. */
    @Test
    void seven_days_eight_weeks_and_twelve_months_are_kept() {
        Set<LocalDate> there = new HashSet<>();
        for (LocalDate day = LocalDate.of(2026, 1, 1); day.isBefore(LocalDate.of(2028, 1, 1)); day = day.plusDays(1)) {
            there.add(day);
            Set<LocalDate> kept = KeptBackups.of(there);
            assertThat(kept).contains(day).hasSizeLessThanOrEqualTo(7 + 8 + 12);
            there.retainAll(kept);
        }
        LocalDate last = LocalDate.of(2027, 12, 31);
        for (int day = 0; day < 7; day++) {
            assertThat(there).contains(last.minusDays(day));
        }
        assertThat(there.stream().filter(day -> day.isBefore(last.minusDays(7))).count())
                .isBetween(15L, 20L);
        assertThat(there).anyMatch(day -> day.isBefore(LocalDate.of(2027, 2, 1)));
    }
}

package org.mobrel.server.home;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.Map;
import org.mobrel.server.platform.Conflict;
import org.springframework.stereotype.Component;

/**
 * Whether a cook let the home network in. It is this machine's choice, not the kitchen's: it stays beside the authority's key, out of the
 * backup, and another machine on which the kitchen is restored asks anew.
 */
@Component
class HomeChoice {

    private static final String FILE = "let-in";

    private final HomeSettings settings;

    HomeChoice(HomeSettings settings) {
        this.settings = settings;
    }

    boolean mayIn() {
        return settings.decided().orElseGet(() -> settings.hasKeys() && Files.exists(file()));
    }

    /** Whether it can be chosen in Kitchen; else it was said at the start, or there is no place for keys. */
    boolean canChoose() {
        return settings.decided().isEmpty() && settings.hasKeys();
    }

    /** @throws Conflict if it cannot be chosen or not be written down */
    void choose(boolean mayIn) {
        if (!canChoose()) {
            throw new Conflict(
                    "home-network-set",
                    "Whether the home network may in was said when Mobrel was started, in its settings or on its command line.",
                    Map.of());
        }
        try {
            if (mayIn) {
                write();
            } else {
                Files.deleteIfExists(file());
            }
        } catch (IOException failed) {
            throw new Conflict(
                    "home-network-not-written",
                    "The choice could not be written down, and was not made: " + failed.getMessage(),
                    Map.of());
        }
    }

    private void write() throws IOException {
        Files.createDirectories(
                settings.keys(), PosixFilePermissions.asFileAttribute(PosixFilePermissions.fromString("rwx------")));
        Path half = file().resolveSibling(FILE + ".half");
        Files.writeString(half, "A cook let the home network in.\n");
        Files.move(half, file(), StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
    }

    private Path file() {
        return settings.keys().resolve(FILE);
    }
}

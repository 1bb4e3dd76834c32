package org.mobrel.server.health;

import java.io.IOException;
import java.io.InputStream;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import org.jspecify.annotations.Nullable;
import org.mobrel.server.platform.Conflict;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.ObjectMapper;

/**
 * Has the command that started this server look at the machine. It is one and the same that says so on a terminal, where it works without
 * a server too: what is well is decided in one place.
 */
@Component
class Doctor {

    /** Far more than it says. */
    private static final int LONGEST = 64 * 1024;

    private static final int PATIENCE_S = 30;

    /** How a thing is. The names are those the command prints. */
    enum State {
        ok,
        wrong,
        unknown
    }

    /**
     * What was found.
     *
     * @param check what was looked at, such as 'disk'
     * @param remedy what to do; null where nothing is to be done
     */
    record Finding(String check, State state, String words, @Nullable String remedy) {}

    private final ObjectMapper json;
    private final String command;

    /** @param command the path of the command; empty where this server was started without one */
    Doctor(ObjectMapper json, @Value("${mobrel.doctor:}") String command) {
        this.json = json;
        this.command = command;
    }

    /**
     * Looks now, which takes a second or two; one look at a time.
     *
     * @throws Conflict if there is no such command here, or if it did not say anything that can be read
     */
    synchronized List<Finding> look() {
        if (command.isBlank()) {
            throw new Conflict(
                    "no-doctor",
                    "Nobody looks at the machine here: this server was started by itself, without ./mobrel or its service.",
                    Map.of());
        }
        try {
            return List.of(json.readValue(said(), Finding[].class));
        } catch (IOException | JacksonException | ExecutionException | TimeoutException failed) {
            throw silent();
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            throw silent();
        }
    }

    private static Conflict silent() {
        return new Conflict(
                "doctor-silent",
                "The look at the machine came to no end. On a terminal of that machine, mobrel doctor says more.",
                Map.of());
    }

    private byte[] said() throws IOException, InterruptedException, ExecutionException, TimeoutException {
        Process process = new ProcessBuilder(command, "doctor", "--json")
                .redirectError(ProcessBuilder.Redirect.DISCARD)
                .start();
        try (InputStream words = process.getInputStream()) {
            process.getOutputStream().close();
            // Read beside the wait: a program that says much would wait for a reader, one that hangs would never end.
            return CompletableFuture.supplyAsync(() -> {
                        try {
                            return words.readNBytes(LONGEST);
                        } catch (IOException gone) {
                            return new byte[0];
                        }
                    })
                    .get(PATIENCE_S, TimeUnit.SECONDS);
        } finally {
            process.descendants().forEach(ProcessHandle::destroyForcibly);
            process.destroyForcibly();
        }
    }
}

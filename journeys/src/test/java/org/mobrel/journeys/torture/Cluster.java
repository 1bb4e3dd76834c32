package org.mobrel.journeys.torture;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.ServerSocket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.TimeUnit;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.mobrel.journeys.RunningMobrel;

/** Three databases on this machine that hold the same, as Debian's packages make them. */
final class Cluster implements AutoCloseable {

    static final Path PROVIDER = Path.of("/usr/lib/galera/libgalera_smm.so");
    private static final int NODES = 3;
    private static final int TRIES = 400;

    private final Path folder;
    private final UUID beginning = UUID.randomUUID();
    private final List<Integer> ports = free(NODES);
    private final List<Integer> between = free(NODES);
    private final List<Process> nodes = new ArrayList<>();

    Cluster(Path folder) {
        this.folder = folder;
        for (int node = 0; node < NODES; node++) {
            RunningMobrel.copyDatabase(folder.resolve("node" + node));
            // Only nodes have come since: the data is that of the others, and none has to be sent it.
            long at = node == 0
                    ? 0
                    : Long.parseLong(status(0, "wsrep_last_committed").replaceAll("\\D", ""));
            sameBeginning(folder.resolve("node" + node), at);
            nodes.add(start(node, node == 0, at));
            until(node, "wsrep_local_state_comment", "Synced");
        }
    }

    private void sameBeginning(Path node, long at) {
        try {
            Files.writeString(
                    node.resolve("data/grastate.dat"),
                    """
                    # GALERA saved state
                    version: 2.1
                    uuid:    %s
                    seqno:   %s
                    safe_to_bootstrap: 1
                    """
                            .formatted(beginning, at));
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }

    private static List<Integer> free(int count) {
        List<ServerSocket> sockets = new ArrayList<>();
        try {
            for (int number = 0; number < count; number++) {
                sockets.add(new ServerSocket(0));
            }
            return sockets.stream().map(ServerSocket::getLocalPort).toList();
        } catch (IOException none) {
            throw new UncheckedIOException(none);
        } finally {
            for (ServerSocket socket : sockets) {
                try {
                    socket.close();
                } catch (IOException never) {
                    throw new UncheckedIOException(never);
                }
            }
        }
    }

    /** Where an application finds it: one of them first, the others where that one is gone. */
    String url(int first) {
        return IntStream.range(0, NODES)
                .map(number -> ports.get((first + number) % NODES))
                .mapToObj(port -> "127.0.0.1:" + port)
                .collect(Collectors.joining(",", "jdbc:mariadb:sequential://", "/mobrel"));
    }

    private Path of(int node) {
        return folder.resolve("node" + node);
    }

    private Process start(int node, boolean first, long at) {
        String others = between.stream().map(port -> "127.0.0.1:" + port).collect(Collectors.joining(","));
        int own = between.get(node);
        try {
            ProcessBuilder builder = new ProcessBuilder(
                    "mariadbd",
                    "--no-defaults",
                    "--user=" + System.getProperty("user.name"),
                    "--datadir=" + of(node).resolve("data"),
                    "--tmpdir=" + of(node),
                    "--socket=" + of(node).resolve("s"),
                    "--bind-address=127.0.0.1",
                    "--port=" + ports.get(node),
                    "--skip-name-resolve",
                    "--character-set-server=utf8mb4",
                    "--innodb-buffer-pool-size=64M",
                    "--innodb-log-file-size=48M",
                    "--innodb-autoinc-lock-mode=2",
                    "--innodb-flush-log-at-trx-commit=1",
                    "--binlog-format=ROW",
                    "--performance-schema=OFF",
                    "--wsrep-on=ON",
                    "--wsrep-provider=" + PROVIDER,
                    "--wsrep-cluster-name=kitchen",
                    "--wsrep-cluster-address=gcomm://" + (first ? "" : others),
                    "--wsrep-node-address=127.0.0.1:" + own,
                    "--wsrep-sst-method=skip",
                    "--wsrep-start-position=" + beginning + ":" + at,
                    "--wsrep-provider-options=base_port=" + own + ";gmcast.listen_addr=tcp://127.0.0.1:" + own
                            + ";ist.recv_addr=127.0.0.1:" + free(1).get(0) + ";gcache.size=32M"
                            + ";evs.keepalive_period=PT0.5S;evs.suspect_timeout=PT2S;evs.inactive_timeout=PT4S");
            return builder.redirectErrorStream(true)
                    .redirectOutput(ProcessBuilder.Redirect.appendTo(
                            of(node).resolve("words").toFile()))
                    .start();
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }

    /** What a node says about itself. */
    private String status(int node, String name) {
        try {
            Process process = new ProcessBuilder(
                            "mariadb",
                            "--no-defaults",
                            "--tmpdir=" + of(node),
                            "--socket=" + of(node).resolve("s"),
                            "-u",
                            "root",
                            "-N",
                            "-e",
                            "SHOW STATUS LIKE '" + name + "'")
                    .redirectError(ProcessBuilder.Redirect.DISCARD)
                    .start();
            return new String(process.getInputStream().readAllBytes()).strip();
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }

    private void until(int node, String name, String value) {
        for (int look = 0; look < TRIES; look++) {
            if (status(node, name).endsWith(value)) {
                return;
            }
            if (!nodes.get(node).isAlive()) {
                break;
            }
            pause();
        }
        throw new IllegalStateException("node %s did not come up; see %s".formatted(node, of(node).resolve("words")));
    }

    private static void pause() {
        try {
            TimeUnit.MILLISECONDS.sleep(100);
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(stopped);
        }
    }

    void kill(int node) {
        nodes.get(node).destroyForcibly().onExit().join();
    }

    @Override
    public void close() {
        nodes.forEach(node -> node.destroyForcibly().onExit().join());
        try (Stream<Path> files = Files.walk(folder)) {
            files.sorted(Comparator.reverseOrder())
                    .forEach(file -> file.toFile().delete());
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }
}

package org.mobrel.bench;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.net.HttpURLConnection;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.locks.LockSupport;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/**
 * Asks {@code /api/ruling} at a steady rate from one client and says how long the answers took. Time counts from when a request was
 * due, so that one which waits behind a slow one is not let off.
 */
final class HttpLoad {

    private static final int PER_SECOND = 200;

    /** Connections that are kept open, and take turns. */
    private static final int CONNECTIONS = 4;

    private static final Duration WARM_UP = Duration.ofSeconds(40);
    private static final Duration MEASURED = Duration.ofSeconds(20);

    private final URI address;
    private final byte[] question;

    HttpLoad(URI server) {
        address = server.resolve("/api/ruling");
        String lines = Twelve.LINES.stream().map(line -> "\"" + line + "\"").collect(Collectors.joining(","));
        question =
                "{\"lines\":[%s],\"jars\":[{\"size\":\"quart\",\"count\":7}],\"altitudeFt\":3150,\"gauge\":\"weighted\"}"
                        .formatted(lines)
                        .getBytes(StandardCharsets.UTF_8);
    }

    /** Milliseconds of each answer, sorted. */
    double[] run() {
        ask(WARM_UP);
        return ask(MEASURED).stream().mapToDouble(nanos -> nanos / 1e6).sorted().toArray();
    }

    private ConcurrentLinkedQueue<Long> ask(Duration how) {
        ConcurrentLinkedQueue<Long> nanos = new ConcurrentLinkedQueue<>();
        long begin = System.nanoTime();
        long count = how.toSeconds() * PER_SECOND;
        Thread[] askers = IntStream.range(0, CONNECTIONS)
                .mapToObj(first -> new Thread(() -> {
                    for (long index = first; index < count; index += CONNECTIONS) {
                        long due = begin + index * 1_000_000_000L / PER_SECOND;
                        while (System.nanoTime() < due) {
                            LockSupport.parkNanos(due - System.nanoTime());
                        }
                        askOnce();
                        nanos.add(System.nanoTime() - due);
                    }
                }))
                .toArray(Thread[]::new);
        for (Thread asker : askers) {
            asker.start();
        }
        for (Thread asker : askers) {
            join(asker);
        }
        return nanos;
    }

    private void askOnce() {
        try {
            HttpURLConnection connection = (HttpURLConnection) address.toURL().openConnection();
            connection.setRequestMethod("POST");
            connection.setRequestProperty("Content-Type", "application/json");
            connection.setDoOutput(true);
            connection.setFixedLengthStreamingMode(question.length);
            try (OutputStream out = connection.getOutputStream()) {
                out.write(question);
            }
            if (connection.getResponseCode() != 200) {
                throw new IllegalStateException("answered " + connection.getResponseCode());
            }
            try (InputStream in = connection.getInputStream()) {
                in.readAllBytes();
            }
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }

    private static void join(Thread thread) {
        try {
            thread.join();
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(stopped);
        }
    }
}

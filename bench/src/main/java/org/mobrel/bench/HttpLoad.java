package org.mobrel.bench;

import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.locks.LockSupport;
import java.util.stream.Collectors;

/** Asks {@code /api/ruling} at a steady rate from one client and says how long the answers took. */
final class HttpLoad {

    private static final int PER_SECOND = 200;
    private static final Duration WARM_UP = Duration.ofSeconds(15);
    private static final Duration MEASURED = Duration.ofSeconds(20);

    private final HttpClient client = HttpClient.newHttpClient();
    private final HttpRequest request;

    HttpLoad(URI server) {
        String lines = Twelve.LINES.stream().map(line -> "\"" + line + "\"").collect(Collectors.joining(","));
        request = HttpRequest.newBuilder(server.resolve("/api/ruling"))
                .header("Content-Type", "application/json")
                .POST(HttpRequest.BodyPublishers.ofString(
                        "{\"lines\":[%s],\"jars\":[{\"size\":\"quart\",\"count\":7}],\"altitudeFt\":3150,\"gauge\":\"weighted\"}"
                                .formatted(lines)))
                .build();
    }

    /** Milliseconds of each answer, sorted. */
    double[] run() {
        ask(WARM_UP);
        return ask(MEASURED).stream().mapToDouble(nanos -> nanos / 1e6).sorted().toArray();
    }

    /** One request every 5 ms, whether or not the one before was answered. */
    private List<Long> ask(Duration how) {
        ConcurrentLinkedQueue<Long> nanos = new ConcurrentLinkedQueue<>();
        List<CompletableFuture<?>> answers = new ArrayList<>();
        long begin = System.nanoTime();
        long count = how.toSeconds() * PER_SECOND;
        for (long index = 0; index < count; index++) {
            long due = begin + index * 1_000_000_000L / PER_SECOND;
            while (System.nanoTime() < due) {
                LockSupport.parkNanos(due - System.nanoTime());
            }
            long sent = System.nanoTime();
            answers.add(client.sendAsync(request, HttpResponse.BodyHandlers.ofString())
                    .thenAccept(answer -> {
                        if (answer.statusCode() != 200) {
                            throw new IllegalStateException("answered " + answer.statusCode() + ": " + answer.body());
                        }
                        nanos.add(System.nanoTime() - sent);
                    }));
        }
        answers.forEach(CompletableFuture::join);
        return List.copyOf(nanos);
    }
}

package org.mobrel.bench;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.NoSuchAlgorithmException;
import java.time.Instant;
import java.util.Arrays;
import java.util.List;

/** How a running server does with a very large kitchen: {@code ./mobrel bench data}. */
public final class LargeKitchenBench {

    private static final int WARM_UP = 15;
    private static final int MEASURED = 60;
    private static final List<String> PAGES = List.of(
            "/api/shelf",
            "/api/shelf?q=soup%20no.%2017",
            "/api/shelf?from=1200",
            "/api/shelf/needs",
            "/api/shelf/holds",
            "/api/batches",
            "/api/batches?q=soup%20no.%2017",
            "/api/batches?from=4000",
            "/api/batches/2500",
            "/api/runs",
            "/api/kitchen",
            "/api/recipes",
            "/api/plans",
            "/api/outside");

    private final HttpClient http = HttpClient.newHttpClient();
    private final URI server;

    private LargeKitchenBench(URI server) {
        this.server = server;
    }

    /** @param arguments the address of a server with the demo kitchen, which is replaced */
    public static void main(String[] arguments) throws IOException, InterruptedException, NoSuchAlgorithmException {
        new LargeKitchenBench(URI.create(arguments[0])).run();
    }

    private void run() throws IOException, InterruptedException, NoSuchAlgorithmException {
        Path small = Files.createTempFile("mobrel-small", ".json");
        Path large = Files.createTempFile("mobrel-large", ".json");
        try {
            save(small);
            new LargeKitchen(small).write(large, Instant.now());
            System.out.printf(
                    "%,d batches and %,d jars, a backup of %s MB%n",
                    LargeKitchen.BATCHES, LargeKitchen.BATCHES * LargeKitchen.JARS_A_BATCH, Files.size(large) >> 20);
            System.out.printf("taken in        %6.1f s   (wanted: under 60)%n", seconds(() -> restore(large)));
            Path again = Files.createTempFile("mobrel-again", ".json");
            System.out.printf("written again   %6.1f s   (wanted: under 10)%n", seconds(() -> save(again)));
            System.out.printf("the same bytes  %s%n", Files.mismatch(large, again) == -1 ? "yes" : "NO");
            Files.delete(again);
            System.out.printf("%n%-36s %9s %9s   (wanted: p95 under 100 ms)%n", "", "median", "p95");
            for (String page : PAGES) {
                double[] millis = ask(page);
                System.out.printf(
                        "%-36s %6.1f ms %6.1f ms%n", page, millis[millis.length / 2], millis[millis.length * 95 / 100]);
            }
        } finally {
            Files.delete(small);
            Files.delete(large);
        }
    }

    private interface Act {
        void run() throws IOException, InterruptedException;
    }

    private static double seconds(Act act) throws IOException, InterruptedException {
        long begin = System.nanoTime();
        act.run();
        return (System.nanoTime() - begin) / 1e9;
    }

    private void save(Path file) throws IOException, InterruptedException {
        must(http.send(get("/api/backup"), HttpResponse.BodyHandlers.ofFile(file))
                .statusCode());
    }

    private void restore(Path file) throws IOException, InterruptedException {
        HttpResponse<String> answer = http.send(
                HttpRequest.newBuilder(server.resolve("/api/backup?way=replace&dryRun=false"))
                        .header("Content-Type", "application/octet-stream")
                        .POST(HttpRequest.BodyPublishers.ofFile(file))
                        .build(),
                HttpResponse.BodyHandlers.ofString());
        if (answer.statusCode() != 200) {
            throw new IllegalStateException(answer.body());
        }
    }

    private double[] ask(String page) throws IOException, InterruptedException {
        double[] millis = new double[MEASURED];
        for (int time = -WARM_UP; time < MEASURED; time++) {
            long begin = System.nanoTime();
            must(http.send(get(page), HttpResponse.BodyHandlers.ofByteArray()).statusCode());
            if (time >= 0) {
                millis[time] = (System.nanoTime() - begin) / 1e6;
            }
        }
        Arrays.sort(millis);
        return millis;
    }

    private HttpRequest get(String path) {
        return HttpRequest.newBuilder(server.resolve(path)).build();
    }

    private static void must(int status) {
        if (status != 200) {
            throw new IllegalStateException("answered " + status);
        }
    }
}

package org.mobrel.bench;

import java.io.IOException;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;

/**
 * From the start of the program to its first page, beside a bare Spring Boot with the same libraries, database and migrations:
 * {@code ./mobrel bench start}. The two take turns, so that a machine that gets slower does so for both.
 */
public final class StartBench {

    private static final int ROUNDS = 7;
    private static final Duration PATIENCE = Duration.ofMinutes(2);
    private static final double WANTED = 1.5;

    private static final String BARE = "org.mobrel.bench.bare.BareProgram";
    private static final String MOBREL = "org.mobrel.server.MobrelServer";

    private final HttpClient http = HttpClient.newHttpClient();
    private final Path program;

    private StartBench(Path program) {
        this.program = program;
    }

    /** @param arguments the folder the program was laid out in; its database is named in the environment, as always */
    public static void main(String[] arguments) throws IOException, InterruptedException {
        new StartBench(Path.of(arguments[0])).run();
    }

    private void run() throws IOException, InterruptedException {
        // Brings the database up to date, and the files into the machine's memory.
        start(MOBREL);
        start(BARE);
        List<Double> bare = new ArrayList<>();
        List<Double> mobrel = new ArrayList<>();
        for (int round = 0; round < ROUNDS; round++) {
            bare.add(start(BARE));
            mobrel.add(start(MOBREL));
        }
        double one = median(bare);
        double other = median(mobrel);
        System.out.printf("%n%-44s %6.2f s   %s%n", "a bare Spring Boot with Flyway, first page", one, bare);
        System.out.printf("%-44s %6.2f s   %s%n", "Mobrel, first page", other, mobrel);
        System.out.printf("%-44s %6.2f     (wanted: at most %.1f)%n", "times as long", other / one, WANTED);
    }

    private double start(String main) throws IOException, InterruptedException {
        int port = freePort();
        String own = System.getProperty("java.class.path");
        // The program's libraries stand before those of the benchmark, which only adds the bare program.
        String path = program.resolve("mobrel-app.jar") + ":" + program.resolve("lib") + "/*:" + own;
        ProcessBuilder builder = new ProcessBuilder("java", "-XX:+UseSerialGC", "-Xmx768m", "-cp", path, main)
                .redirectErrorStream(true)
                .redirectOutput(ProcessBuilder.Redirect.DISCARD);
        builder.environment().put("MOBREL_PORT", String.valueOf(port));
        long begin = System.nanoTime();
        Process process = builder.start();
        try {
            HttpRequest page = HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + "/"))
                    .build();
            while (!answers(page)) {
                if (!process.isAlive() || System.nanoTime() - begin > PATIENCE.toNanos()) {
                    throw new IllegalStateException(main + " did not start");
                }
                Thread.sleep(5);
            }
            return Math.round((System.nanoTime() - begin) / 1e7) / 100.0;
        } finally {
            process.destroy();
            process.waitFor();
        }
    }

    private boolean answers(HttpRequest page) throws InterruptedException {
        try {
            return http.send(page, HttpResponse.BodyHandlers.discarding()).statusCode() == 200;
        } catch (IOException notYet) {
            return false;
        }
    }

    private static int freePort() throws IOException {
        try (ServerSocket socket = new ServerSocket(0)) {
            return socket.getLocalPort();
        }
    }

    private static double median(List<Double> seconds) {
        return seconds.stream().sorted().toList().get(seconds.size() / 2);
    }
}

package org.mobrel.journeys.torture;

import com.google.gson.JsonElement;
import com.google.gson.JsonParser;
import java.io.IOException;
import java.nio.file.Files;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import java.util.stream.Collectors;
import org.mobrel.journeys.RunningMobrel;

/**
 * Two applications on three databases that hold the same, one of which is killed while both are written through: nothing that was
 * acknowledged is lost, and both show the same. Needs Debian's galera-4; says so where it is not there.
 */
public final class ClusterTorture {

    private static final List<String> SHOWN = List.of("/api/recipes", "/api/freezer", "/api/runs", "/api/shelf");
    private static final int SEEN_WITHIN_MS = 2_000;
    private static final int BURST_MS = 4_000;

    private final Cluster cluster;
    private final RunningMobrel one;
    private final RunningMobrel two;
    private final List<String> wrong = new ArrayList<>();

    private ClusterTorture(Cluster cluster, RunningMobrel one, RunningMobrel two) {
        this.cluster = cluster;
        this.one = one;
        this.two = two;
    }

    public static void main(String[] arguments) throws IOException, InterruptedException {
        if (!Files.exists(Cluster.PROVIDER)) {
            System.out.println("galera-4 is not on this machine: several databases were not tried");
            return;
        }
        try (Cluster cluster = new Cluster(Files.createTempDirectory("mobrel-cluster"));
                RunningMobrel one = RunningMobrel.oneOfSeveral(cluster.url(0));
                RunningMobrel two = RunningMobrel.oneOfSeveral(cluster.url(1))) {
            ClusterTorture torture = new ClusterTorture(cluster, one, two);
            torture.inStep();
            torture.killed();
            torture.wrong.forEach(each -> System.out.println("WRONG " + each));
            if (!torture.wrong.isEmpty()) {
                throw new IllegalStateException("the torture found something");
            }
        }
    }

    private void inStep() throws InterruptedException {
        for (int number = 1; number <= 10; number++) {
            String title = "In step " + number;
            one.post("/api/recipes", "{\"title\": \"%s\", \"lines\": [\"4 qt pork stock\"]}".formatted(title));
            long from = System.nanoTime();
            while (!two.get("/api/recipes").body().contains(title)) {
                Thread.sleep(5);
            }
            long took = TimeUnit.NANOSECONDS.toMillis(System.nanoTime() - from);
            System.out.printf("seen next door after %s ms%n", took);
            if (took > SEEN_WITHIN_MS) {
                wrong.add("a recipe was seen next door only after %s ms".formatted(took));
            }
        }
    }

    private void killed() throws InterruptedException {
        List<Hand> hands = new ArrayList<>(Hands.all(new Attempts(one)));
        for (int burst = 1; burst <= 4; burst++) {
            long until = System.nanoTime() + TimeUnit.MILLISECONDS.toNanos(BURST_MS);
            List<CompletableFuture<Void>> writing = hands.stream()
                    .map(hand -> CompletableFuture.runAsync(() -> write(hand, until)))
                    .toList();
            if (burst == 2) {
                Thread.sleep(BURST_MS / 2);
                // The one that the first application talks to.
                cluster.kill(0);
                System.out.println("one of three databases is killed");
            }
            writing.forEach(CompletableFuture::join);
            while (one.get("/actuator/health").statusCode() != 200) {
                Thread.sleep(100);
            }
            for (Hand hand : hands) {
                hand.missing().forEach(each -> wrong.add(hand.name() + ": " + each));
                System.out.printf("%6d %s acknowledged%n", hand.acknowledged(), hand.name());
            }
        }
        for (String path : SHOWN) {
            String here = stored(one.get(path).body());
            String there = stored(two.get(path).body());
            System.out.printf(
                    "%s: %s characters, %s%n", path, here.length(), here.equals(there) ? "the same" : "DIFFERENT");
            if (!here.equals(there)) {
                wrong.add(path + " differs");
            }
        }
    }

    /** Of a run what is written down: the rest is worked out from the time at which it is asked. */
    private static String stored(String body) {
        JsonElement all = JsonParser.parseString(body);
        if (!all.isJsonArray() || !body.contains("\"events\"")) {
            return body;
        }
        return all.getAsJsonArray().asList().stream()
                .map(run -> run.getAsJsonObject().get("id") + " "
                        + run.getAsJsonObject().get("events"))
                .collect(Collectors.joining("\n"));
    }

    private static void write(Hand hand, long until) {
        while (System.nanoTime() < until && hand.write()) {
            Thread.onSpinWait();
        }
    }
}

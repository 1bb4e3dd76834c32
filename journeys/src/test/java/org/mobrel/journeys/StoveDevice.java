package org.mobrel.journeys;

import com.google.gson.JsonArray;
import com.google.gson.JsonObject;
import com.google.gson.JsonParser;
import java.io.UncheckedIOException;
import java.net.http.HttpResponse;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicInteger;
import org.jspecify.annotations.Nullable;

/**
 * A tablet in the hands of a cook, without its screen: it taps what comes next on every canner, says something beside it, and sends a tap
 * again until the server has answered. It remembers what was answered, to be held against the record afterwards.
 */
final class StoveDevice implements Runnable {

    private static final int NEXT_RUNS = 5;

    private final RunningMobrel mobrel;
    private final String name;
    private final AtomicBoolean goOn;
    private final Runnable nextLoad;
    private final AtomicInteger taps = new AtomicInteger();

    /** By run, the words of the taps the server said yes to. */
    private final Map<Long, List<String>> accepted = new ConcurrentHashMap<>();

    private final List<String> refused = new ArrayList<>();
    private final List<Throwable> failures = new ArrayList<>();

    /** @param nextLoad what to do once there is nothing left at the stove */
    StoveDevice(RunningMobrel mobrel, String name, AtomicBoolean goOn, Runnable nextLoad) {
        this.mobrel = mobrel;
        this.name = name;
        this.goOn = goOn;
        this.nextLoad = nextLoad;
    }

    @Override
    public void run() {
        try {
            while (goOn.get()) {
                tapOnce();
            }
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
        } catch (RuntimeException | AssertionError failed) {
            failures.add(failed);
        }
    }

    private void tapOnce() throws InterruptedException {
        JsonArray runs = JsonParser.parseString(answered("/api/runs")).getAsJsonArray();
        boolean busy = false;
        for (int each = 0; each < runs.size() && goOn.get(); each++) {
            JsonObject run = runs.get(each).getAsJsonObject();
            if (run.get("atTheStove").getAsBoolean()) {
                busy = true;
                tap(run);
            }
            Thread.sleep(40);
        }
        if (!busy && runs.size() < NEXT_RUNS) {
            nextLoad.run();
        }
        Thread.sleep(120);
    }

    private void tap(JsonObject run) throws InterruptedException {
        long id = run.get("id").getAsLong();
        int known = run.getAsJsonArray("events").size();
        String step = next(run);
        if (step != null) {
            send(id, "\"type\": \"%s\", \"expected\": %d".formatted(step, known));
        }
        send(
                id,
                run.get("stage").getAsString().equals("holding") && movesProperly(run)
                        ? "\"type\": \"reading\", \"weight\": \"proper\""
                        : "\"type\": \"note\"");
    }

    private static boolean movesProperly(JsonObject run) {
        return run.has("lastReading")
                && run.get("lastReading").isJsonObject()
                && run.getAsJsonObject("lastReading")
                        .get("weight")
                        .getAsString()
                        .equals("proper");
    }

    /** What a cook would tap now; null for nothing. */
    private @Nullable String next(JsonObject run) throws InterruptedException {
        Instant now = Instant.parse(run.get("now").getAsString());
        boolean over = run.has("clockEndsAt")
                && !run.get("clockEndsAt").isJsonNull()
                && !now.isBefore(Instant.parse(run.get("clockEndsAt").getAsString()));
        return switch (run.get("stage").getAsString()) {
            case "checks" -> "checks-done";
            case "loading" -> "lid-locked";
            case "heating" -> sees(run, "plume", "steady") ? "steam-steady" : null;
            case "venting" -> over ? "weight-on" : null;
            case "holding" -> over ? "heat-off" : null;
            case "cooling" -> sees(run, "needlePsi", "0") ? "pressure-zero" : null;
            case "depressurised" -> "weight-off";
            case "settling" -> over ? "lid-off" : null;
            case "opened" -> "jars-out";
            default -> null;
        };
    }

    private boolean sees(JsonObject run, String what, String how) throws InterruptedException {
        JsonObject seen = JsonParser.parseString(
                        answered("/api/runs/" + run.get("id").getAsLong() + "/simulation"))
                .getAsJsonObject();
        return seen.has(what)
                && !seen.get(what).isJsonNull()
                && seen.get(what).getAsString().equals(how);
    }

    /** Every tap has words of its own, by which it is found again, and a key, by which the server knows it. */
    private void send(long run, String what) throws InterruptedException {
        String words = "%s %d".formatted(name, taps.incrementAndGet());
        String json = "{%s, \"note\": \"%s\", \"by\": \"%s\", \"key\": \"tap-%s\"}"
                .formatted(what, words, name, words.replace(' ', '-'));
        while (true) {
            try {
                HttpResponse<String> answer = mobrel.post("/api/runs/" + run + "/events", json);
                if (answer.statusCode() == 200) {
                    accepted.computeIfAbsent(run, id -> new ArrayList<>()).add(words);
                    return;
                }
                if (answer.statusCode() == 409) {
                    refused.add(words);
                    return;
                }
                if (answer.statusCode() != 503) {
                    throw new AssertionError(json + " was answered " + answer.statusCode() + ": " + answer.body());
                }
            } catch (UncheckedIOException gone) {
                // The server is down: the same tap again.
            }
            Thread.sleep(60);
        }
    }

    /** What is there to be read, as soon as somebody answers. */
    private String answered(String path) throws InterruptedException {
        while (true) {
            try {
                HttpResponse<String> answer = mobrel.get(path);
                if (answer.statusCode() == 200) {
                    return answer.body();
                }
            } catch (UncheckedIOException gone) {
                // Again.
            }
            Thread.sleep(60);
        }
    }

    List<String> acceptedOf(long run) {
        return List.copyOf(accepted.getOrDefault(run, List.of()));
    }

    List<String> refused() {
        return List.copyOf(refused);
    }

    List<Throwable> failures() {
        return List.copyOf(failures);
    }
}

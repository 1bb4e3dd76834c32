package org.mobrel.journeys.torture;

import com.google.gson.JsonElement;
import com.google.gson.JsonObject;
import com.google.gson.JsonParser;
import com.google.gson.JsonSyntaxException;
import java.io.IOException;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.TreeMap;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicLong;
import org.mobrel.journeys.RunningMobrel;

/**
 * Requests made up from the API's description, thousands of them: none may be answered 5xx, and whoever is refused is told what was wrong
 * with what. Now and then the kitchen it began with is taken back in, so that a long time is as full as a short one.
 */
public final class RequestTorture {

    private static final int HANDS = 4;
    private static final int SHOWN = 40;
    private static final int LONG = 400;
    private static final int PART = 10_000;
    private static final Duration ANSWER_WITHIN = Duration.ofSeconds(60);

    private final RunningMobrel mobrel;
    private final ApiDescription api;
    private final HttpClient http = HttpClient.newHttpClient();
    private final Map<Integer, AtomicLong> byStatus = new ConcurrentHashMap<>();
    private final Map<String, AtomicLong> slowest = new ConcurrentHashMap<>();
    private final Map<String, String> wrong = new ConcurrentHashMap<>();
    private final AtomicLong wrongs = new AtomicLong();

    private RequestTorture(RunningMobrel mobrel) {
        this.mobrel = mobrel;
        this.api = new ApiDescription(mobrel.get("/v3/api-docs").body());
    }

    /** @param arguments how many requests, or for how long (20000; 30min), and which chance (1) */
    public static void main(String[] arguments) throws InterruptedException {
        HowLong requests = HowLong.of(arguments, 0, "20000");
        long chance = arguments.length > 1 ? Long.parseLong(arguments[1]) : 1;
        try (RunningMobrel mobrel = RunningMobrel.ownDemoKitchen()) {
            if (!new RequestTorture(mobrel).run(requests, chance)) {
                throw new IllegalStateException("the torture found something");
            }
        }
    }

    private boolean run(HowLong requests, long chance) throws InterruptedException {
        String kitchen = mobrel.get("/api/backup").body();
        System.out.printf("%s operations%n", api.operations().size());
        int next;
        for (long done = 0; requests.goesOnAfter(done); done += next) {
            next = requests.left(done, PART);
            part(next, chance + done);
            HttpResponse<String> back = mobrel.restore(kitchen);
            if (back.statusCode() != 200) {
                tell("restore", "the kitchen did not come back: " + back.body());
            }
            System.out.printf(
                    "%7d requests  %s  live heap %s MB, process %s MB%n",
                    done + next, byStatus(), mobrel.liveHeap() >> 20, mobrel.memory() >> 20);
        }
        slowest.entrySet().stream()
                .sorted((a, b) -> Long.compare(b.getValue().get(), a.getValue().get()))
                .limit(8)
                .forEach(each -> System.out.printf(
                        "slowest %5d ms  %s%n", each.getValue().get(), each.getKey()));
        wrong.forEach((what, how) -> System.out.printf("WRONG %s%n      %s%n", what, how));
        System.out.printf("%s answers were wrong, of %s kinds%n", wrongs.get(), wrong.size());
        if (!wrong.isEmpty()) {
            System.out.printf(
                    "the server's log is kept: %s%n", mobrel.keepLog(Path.of("target", "torture-server.log")));
        }
        return wrong.isEmpty();
    }

    private Map<Integer, AtomicLong> byStatus() {
        return new TreeMap<>(byStatus);
    }

    private void part(int requests, long chance) throws InterruptedException {
        ExecutorService hands = Executors.newFixedThreadPool(HANDS);
        for (int hand = 0; hand < HANDS; hand++) {
            long own = chance * HANDS + hand;
            hands.execute(() -> {
                MadeUp values = new MadeUp(api, new Random(own));
                listen(values);
                for (int left = requests / HANDS; left > 0; left--) {
                    ask(values);
                }
            });
        }
        hands.shutdown();
        if (!hands.awaitTermination(2, TimeUnit.HOURS)) {
            throw new IllegalStateException("not done in two hours");
        }
    }

    /** What the kitchen says is where most of the values come from. */
    private void listen(MadeUp values) {
        for (ApiDescription.Operation operation : api.operations()) {
            if (operation.method().equals("GET")
                    && operation.parameters().isEmpty()
                    && !operation.path().contains(".")) {
                heard(mobrel.get(operation.path())).ifPresent(values::hear);
            }
        }
    }

    private static Optional<JsonElement> heard(HttpResponse<String> answer) {
        try {
            String type = answer.headers().firstValue("content-type").orElse("");
            return type.startsWith("application/json") || type.contains("problem+json")
                    ? Optional.of(JsonParser.parseString(answer.body()))
                    : Optional.empty();
        } catch (JsonSyntaxException unreadable) {
            return Optional.empty();
        }
    }

    private void ask(MadeUp values) {
        ApiDescription.Operation operation = values.one(api.operations());
        double odd = values.chance(0.5) ? 0 : values.chance(0.5) ? 0.04 : 0.3;
        HttpRequest request;
        String sent = "";
        try {
            HttpRequest.Builder builder = HttpRequest.newBuilder(URI.create(mobrel.url(path(values, operation, odd))))
                    .timeout(ANSWER_WITHIN);
            HttpRequest.BodyPublisher body = HttpRequest.BodyPublishers.noBody();
            if (operation.body().isPresent()) {
                sent = values.value("", operation.body().get(), odd, 0).toString();
                sent = values.chance(odd / 3) ? values.broken(sent) : sent;
                builder.header("Content-Type", values.chance(odd / 10) ? "text/html" : operation.type());
                body = HttpRequest.BodyPublishers.ofString(sent);
            }
            request = builder.method(operation.method(), body).build();
        } catch (IllegalArgumentException cannotBeAsked) {
            return;
        }
        long from = System.nanoTime();
        try {
            HttpResponse<String> answer = http.send(request, HttpResponse.BodyHandlers.ofString());
            long took = TimeUnit.NANOSECONDS.toMillis(System.nanoTime() - from);
            slowest.computeIfAbsent(operation.toString(), key -> new AtomicLong())
                    .accumulateAndGet(took, Math::max);
            byStatus.computeIfAbsent(answer.statusCode(), key -> new AtomicLong())
                    .incrementAndGet();
            Optional<String> complaint = complaint(answer);
            if (complaint.isPresent()) {
                tell(
                        operation + " " + complaint.get(),
                        cut(request.uri() + " " + sent) + "\n      " + cut(answer.body()));
            } else if (answer.statusCode() < 300) {
                heard(answer).ifPresent(values::hear);
            }
        } catch (IOException noAnswer) {
            tell(operation + " no answer", cut(request.uri() + " " + sent) + " " + noAnswer);
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
        }
    }

    private void tell(String what, String how) {
        wrongs.incrementAndGet();
        if (wrong.size() < SHOWN) {
            wrong.putIfAbsent(what, how);
        }
    }

    private static String cut(String text) {
        return text.length() > LONG ? text.substring(0, LONG) + " ..." : text;
    }

    private static String path(MadeUp values, ApiDescription.Operation operation, double odd) {
        String path = operation.path();
        List<String> query = new ArrayList<>();
        for (ApiDescription.Parameter parameter : operation.parameters()) {
            if (!parameter.in().equals("path") && !values.chance(parameter.required() ? 1 - odd / 2 : 0.6)) {
                continue;
            }
            String value = encoded(values.inAddress(parameter.name(), parameter.schema(), odd));
            if (values.chance(odd / 10)) {
                // No text in UTF-8.
                value = value + "%C3%28%FF";
            }
            if (parameter.in().equals("path")) {
                path = path.replace("{" + parameter.name() + "}", value.isEmpty() ? "0" : value);
            } else {
                query.add(parameter.name() + "=" + value);
            }
        }
        return path + (query.isEmpty() ? "" : "?" + String.join("&", query));
    }

    private static String encoded(String text) {
        return URLEncoder.encode(text, StandardCharsets.UTF_8).replace("+", "%20");
    }

    /** What is wrong with an answer, if anything is. */
    static Optional<String> complaint(HttpResponse<String> answer) {
        int status = answer.statusCode();
        if (status < 400) {
            return Optional.empty();
        }
        if (status >= 500) {
            return Optional.of("" + status);
        }
        String type = answer.headers().firstValue("content-type").orElse("nothing");
        if (!type.startsWith("application/problem+json")) {
            return Optional.of(status + " as " + type);
        }
        JsonObject problem = JsonParser.parseString(answer.body()).getAsJsonObject();
        for (String needed : List.of("type", "title", "detail", "status")) {
            if (!problem.has(needed) || problem.get(needed).getAsString().isBlank()) {
                return Optional.of(status + " without " + needed);
            }
        }
        boolean named =
                problem.has("field") && !problem.get("field").getAsString().isBlank();
        if (status == 400 && !named) {
            return Optional.of("400 without a field");
        }
        return problem.get("detail").getAsString().matches(".*\\b(java|org|tools|jakarta)\\.[a-z.]+[A-Z].*")
                ? Optional.of(status + " speaks of Java")
                : Optional.empty();
    }
}

package org.mobrel.server.planning;

import static org.assertj.core.api.Assertions.assertThat;

import biweekly.Biweekly;
import biweekly.ICalVersion;
import biweekly.ICalendar;
import biweekly.component.VEvent;
import java.io.IOException;
import java.io.StringReader;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.TreeSet;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.data.ParserException;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.Component;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.mobrel.server.TestServer;
import tools.jackson.databind.JsonNode;

/** Loads and the day of a plan, and what goes to the stove of them. */
@ExtendWith(TestServer.class)
class DayApiTest {

    private static final String BEANS =
            "\"2 lb dried kidney beans, soaked\", \"3 cups carrots, diced\", \"3 qt pork stock\", \"2 tsp salt\"";
    private static final String STOCK = "\"5 qt pork stock, chilled and skimmed\"";
    private static final String QUART = "{\"size\": \"quart\", \"mouth\": \"regular\", \"count\": %s}";
    private static final String PINT = "{\"size\": \"pint\", \"mouth\": \"regular\", \"count\": %s}";

    private TestServer server;
    private Plans plans;
    private long big;
    private long small;

    @BeforeEach
    void a_kitchen_with_two_canners(TestServer running) {
        server = running;
        plans = new Plans(running);
        server.changeKitchen("\"altitudeFt\": 3150, \"units\": \"us\", \"school\": \"longest-ingredient\"");
        big = canner("dial", 7, 8);
        small = canner("weighted", 4, 5);
    }

    private long canner(String gauge, int quarts, int pints) {
        JsonNode canners = server.post(
                        "/api/kitchen/canners",
                        "{\"name\": \"%s of %s\", \"gauge\": \"%s\", \"gaugeErrorPsi\": 0.5, \"quarts\": %s, \"pints\": %s, \"shortLayers\": 2}"
                                .formatted(gauge, quarts, gauge, quarts, pints))
                .body()
                .get("canners");
        return canners.get(canners.size() - 1).get("id").asLong();
    }

    private JsonNode save(long plan, List<Long> canners, String day, String... dishes) {
        TestServer.Answer answer = server.put(
                "/api/plans/" + plan,
                "{\"basedOn\": %s, \"body\": {\"canners\": %s, %s \"dishes\": [%s], \"ticked\": []}}"
                        .formatted(plans.plan(plan).get("revision").asInt(), canners, day, String.join(", ", dishes)));
        assertThat(answer.status()).as(answer.body().toString()).isEqualTo(200);
        return answer.body();
    }

    private String dish(String key, long recipe, String jars) {
        return Plans.DISH.formatted(key, recipe, jars, "");
    }

    private static String at(String aim, Instant instant) {
        return "\"day\": {\"aim\": \"%s\", \"at\": \"%s\"},".formatted(aim, instant);
    }

    /** Noon of a day that is far enough away for any soak. */
    private Instant noon() {
        Instant proposed = Instant.parse(server.get("/api/plans/" + anyPlan())
                .body()
                .get("day")
                .get("start")
                .asString());
        return proposed.plus(Duration.ofDays(2)).plus(Duration.ofHours(3));
    }

    private long anyPlan() {
        return plans.begin(plans.recipe("Beans", BEANS));
    }

    private static Instant time(JsonNode node, String field) {
        return Instant.parse(node.get(field).asString());
    }

    @Test
    void eighteen_quarts_over_two_canners_are_done_in_time_and_soak_the_evening_before() {
        long recipe = plans.recipe("Beans", BEANS);
        long plan = plans.begin(recipe);
        Instant end = noon().plus(Duration.ofHours(6));
        JsonNode answer = save(plan, List.of(big, small), at("done", end), dish("a", recipe, QUART.formatted(18)));
        JsonNode day = answer.get("day");
        assertThat(time(day, "end")).isEqualTo(end);
        assertThat(day.get("fits").asBoolean())
                .as(day.get("misfits").toString())
                .isTrue();
        JsonNode soak = task(day, "dish-a-soak");
        assertThat(Duration.between(time(soak, "end"), time(task(day, "dish-a-boil-beans"), "start")))
                .isBetween(Duration.ofHours(12), Duration.ofHours(18));
        assertThat(day.get("facts").toString()).contains("Sort and soak the beans: ");
        assertThat(answer.get("loads").get("proven").asBoolean()).isTrue();
        assertThat(answer.get("loads")
                        .get("loads")
                        .valueStream()
                        .map(load -> load.get("canner").asLong())
                        .distinct())
                .containsExactlyInAnyOrder(big, small);
        int jars = answer.get("loads")
                .get("loads")
                .valueStream()
                .flatMap(load -> load.get("layers").valueStream())
                .flatMap(layer -> layer.get("jars").valueStream())
                .mapToInt(part -> part.get("count").asInt())
                .sum();
        assertThat(jars).isEqualTo(18);
    }

    private static JsonNode task(JsonNode day, String id) {
        return day.get("tasks")
                .valueStream()
                .filter(task -> task.get("id").asString().equals(id))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void a_day_that_does_not_fit_says_so_with_changes_that_do() {
        long recipe = plans.recipe("Beans", BEANS);
        long plan = plans.begin(recipe);
        String jars = dish("a", recipe, QUART.formatted(11));
        JsonNode late = save(plan, List.of(big), at("start", noon().plus(Duration.ofHours(3))), jars);
        JsonNode day = late.get("day");
        assertThat(day.get("fits").asBoolean()).isFalse();
        assertThat(day.get("misfits").get(0).get("code").asString()).isEqualTo("in-quiet-hours");
        assertThat(day.get("misfits").get(0).get("text").asString())
                .contains("Load 2 (jars out) would not be done before");
        assertThat(day.get("remedies").valueStream().map(remedy -> remedy.get("code")
                        .asString()))
                .contains("start-at", "more-canners");
        JsonNode remedy = day.get("remedies")
                .valueStream()
                .filter(each -> each.get("code").asString().equals("start-at"))
                .findFirst()
                .orElseThrow();
        JsonNode mended = save(plan, List.of(big), at("start", time(remedy, "start")), jars);
        assertThat(mended.get("day").get("fits").asBoolean()).isTrue();
    }

    @Test
    void beans_that_should_have_been_soaking_can_be_soaked_quickly() {
        long recipe = plans.recipe("Beans", BEANS.replace("pork stock", "water"));
        long plan = plans.begin(recipe);
        // An hour before the pot is too late for an overnight soak.
        Instant nine = time(plans.plan(plan).get("day"), "start");
        server.advance(Duration.between(now(), nine.minus(Duration.ofHours(1))));
        JsonNode day = save(plan, List.of(big), at("start", nine), dish("a", recipe, QUART.formatted(7)))
                .get("day");
        assertThat(day.get("misfits").get(0).get("text").asString())
                .startsWith("Sort and soak the beans would have had to begin");
        assertThat(day.get("remedies").valueStream().map(remedy -> remedy.get("code")
                        .asString()))
                .contains("quick-soak");
        JsonNode quick = save(
                        plan,
                        List.of(big),
                        at("start", nine).replace("}", ", \"quickSoak\": true}"),
                        dish("a", recipe, QUART.formatted(7)))
                .get("day");
        assertThat(quick.get("fits").asBoolean()).isTrue();
        JsonNode rest = task(quick, "dish-a-quick-soak-rest");
        assertThat(Duration.between(time(rest, "start"), time(rest, "end"))).isEqualTo(Duration.ofHours(1));
    }

    private Instant now() {
        JsonNode runs = server.get("/api/runs").body();
        if (!runs.isEmpty()) {
            return time(runs.get(0), "now");
        }
        // A plan that is saved carries the server's clock.
        long plan = anyPlan();
        server.put("/api/plans/" + plan + "/away", "{\"away\": false}");
        return server.get("/api/plans")
                .body()
                .valueStream()
                .filter(entry -> entry.get("id").asLong() == plan)
                .map(entry -> time(entry, "changedAt"))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void dishes_share_a_load_and_each_keeps_its_own_batch_and_lots() {
        long beans = plans.recipe("Bean soup", BEANS);
        long stock = plans.recipe("Plain stock", STOCK);
        long plan = plans.begin(beans);
        JsonNode answer = save(
                plan,
                List.of(big),
                "",
                dish("a", beans, QUART.formatted(4)),
                dish("b", stock, QUART.formatted(2) + ", " + PINT.formatted(1)));
        JsonNode load = answer.get("dishes").get(1).get("loads").get(0);
        assertThat(answer.get("loads").get("loads").size()).isEqualTo(1);
        assertThat(load.get("minutes").asInt()).isEqualTo(90);
        assertThat(load.get("titles").toString()).isEqualTo("[\"Bean soup\",\"Plain stock\"]");
        assertThat(load.get("headline").asString()).startsWith("Bean soup needs longest, and all in the load get it.");

        JsonNode batches = server.post("/api/batches/of-plan/" + plan, "{}").body();
        assertThat(batches.get(0).get("runs")).isEqualTo(batches.get(1).get("runs"));
        JsonNode run = server.get(
                        "/api/runs/" + batches.get(0).get("runs").get(0).asLong())
                .body();
        assertThat(run.get("title").asString()).isEqualTo("Bean soup and Plain stock");
        assertThat(run.get("minutes").asInt()).isEqualTo(90);
        assertThat(run.get("jarTotal").asInt()).isEqualTo(7);
        assertThat(run.get("jarTitles").toString()).isEqualTo("[\"Bean soup\",\"Plain stock\",\"Plain stock\"]");
        JsonNode stockBatch = server.get("/api/batches")
                .body()
                .get("batches")
                .valueStream()
                .filter(entry ->
                        entry.get("id").asLong() == batches.get(1).get("id").asLong())
                .findFirst()
                .orElseThrow();
        assertThat(stockBatch
                        .get("jars")
                        .valueStream()
                        .mapToInt(jar -> jar.get("count").asInt())
                        .sum())
                .isEqualTo(3);
    }

    @Test
    void a_canner_out_of_use_takes_nothing_to_the_stove() {
        long recipe = plans.recipe("Beans", BEANS);
        long plan = plans.begin(recipe);
        save(plan, List.of(small), "", dish("a", recipe, QUART.formatted(4)));
        server.post(
                "/api/kitchen/canners/%s/inspections".formatted(small),
                "{\"on\": \"2026-11-01\", \"by\": \"Ada\", \"found\": [{\"part\": \"lock\", \"look\": \"mend\"}]}");
        TestServer.Answer refused = server.post("/api/batches/of-plan/" + plan, "{}");
        assertThat(refused.status()).isEqualTo(409);
        assertThat(refused.body().get("code").asString()).isEqualTo("out-of-use");
    }

    /** Two canners on one burner: only one of them is used, the one with which the day ends sooner. */
    @Test
    void canners_on_one_burner_take_turns() {
        long recipe = plans.recipe("Beans", BEANS);
        long plan = plans.begin(recipe);
        for (long id : List.of(big, small)) {
            int quarts = id == big ? 7 : 4;
            server.patch(
                    "/api/kitchen/canners/" + id,
                    """
                    {"basedOn": %s, "changed": ["name", "gauge", "capacity", "burner"], "canner": {"name": "on one burner %s",
                     "gauge": "weighted", "quarts": %s, "pints": 8, "shortLayers": 1, "burner": "front"}}
                    """
                            .formatted(server.kitchenVersion(), quarts, quarts));
        }
        JsonNode loads = save(plan, List.of(big, small), "", dish("a", recipe, QUART.formatted(11)))
                .get("loads")
                .get("loads");
        assertThat(loads.valueStream().map(load -> load.get("canner").asLong()).distinct())
                .containsExactly(big);
        assertThat(loads.size()).isEqualTo(2);
    }

    /** A gauge that is too far off stops its canner, not the plan: the other one takes the loads. */
    @Test
    void a_canner_out_of_use_is_left_out_where_another_can_take_its_loads() {
        long recipe = plans.recipe("Beans", BEANS);
        long plan = plans.begin(recipe);
        save(plan, List.of(big, small), "", dish("a", recipe, QUART.formatted(11)));
        server.post(
                "/api/kitchen/canners/%s/tests".formatted(big),
                "{\"on\": \"2026-11-01\", \"readPsi\": 12, \"masterPsi\": 10, \"by\": \"Ada\"}");
        JsonNode answer = plans.plan(plan);
        assertThat(answer.get("loads")
                        .get("loads")
                        .valueStream()
                        .map(load -> load.get("canner").asLong())
                        .distinct())
                .containsExactly(small);
        assertThat(answer.get("dishes").get(0).get("ruling").get("verdict").asString())
                .isEqualTo("covered");
    }

    @Test
    void other_recipes_are_named_that_would_go_along() {
        long beans = plans.recipe("Bean soup", BEANS);
        long stock = plans.recipe("Stock to go along", STOCK);
        long longer = plans.recipe(
                "Salmon soup",
                "\"2 lb salmon, in 1-inch pieces\", \"4 cups potatoes, peeled, cubed\", \"2 qt fish stock\"");
        long plan = plans.begin(beans);
        save(plan, List.of(big), "", dish("a", beans, QUART.formatted(5)));
        List<Long> company = server.get("/api/plans/%s/loads/1/company".formatted(plan))
                .body()
                .get("recipes")
                .valueStream()
                .map(recipe -> recipe.get("recipeId").asLong())
                .toList();
        assertThat(company).contains(stock).doesNotContain(longer, beans);
        assertThat(server.get("/api/plans/%s/loads/9/company".formatted(plan)).status())
                .isEqualTo(404);
    }

    /** Two parsers that know nothing of each other read the same events. */
    @Test
    void the_day_is_a_calendar_that_others_read() throws IOException, InterruptedException, ParserException {
        long recipe = plans.recipe("Beans; \u00bd pot, \\\"spicy\\\"", BEANS);
        long plan = plans.begin(recipe);
        JsonNode day = save(plan, List.of(big), at("done", noon()), dish("a", recipe, QUART.formatted(14)))
                .get("day");
        String text = calendar(plan);
        assertThat(text.lines()).allMatch(line -> line.getBytes(StandardCharsets.UTF_8).length <= 75);

        Calendar library = new CalendarBuilder().build(new StringReader(text));
        assertThat(library.validate().getEntries()).isEmpty();
        ICalendar other = Biweekly.parse(text).first();
        assertThat(other.validate(ICalVersion.V2_0).getWarnings()).isEmpty();

        TreeSet<String> expected = new TreeSet<>();
        day.get("tasks")
                .forEach(task -> expected.add("plan-%s-%s@mobrel %s %s"
                        .formatted(plan, task.get("id").asString(), time(task, "start"), time(task, "end"))));
        Instant out = time(day, "end");
        Instant firstOff = day.get("tasks")
                .valueStream()
                .filter(task -> task.get("id").asString().endsWith("-hold"))
                .map(task -> time(task, "end"))
                .min(Comparator.naturalOrder())
                .orElseThrow();
        // An hour before it is too late to process one of them again, and never later than a day after they are out.
        expected.add("plan-%s-seals@mobrel %s %s"
                .formatted(plan, out.plus(Duration.ofHours(12)), firstOff.plus(Duration.ofHours(23))));
        TreeSet<String> read = new TreeSet<>();
        for (VEvent event : other.getEvents()) {
            read.add("%s %s %s"
                    .formatted(
                            event.getUid().getValue(),
                            event.getDateStart().getValue().toInstant(),
                            event.getDateEnd().getValue().toInstant()));
        }
        assertThat(read).isEqualTo(expected);
        assertThat(library.getComponents(Component.VEVENT)).hasSize(expected.size());
        VEvent hold = other.getEvents().stream()
                .filter(event -> event.getUid().getValue().contains("load-1-hold"))
                .findFirst()
                .orElseThrow();
        assertThat(hold.getSummary().getValue()).isEqualTo("dial of 7: hold 90 min at 12.5");
        assertThat(hold.getDescription().getValue())
                .contains("Beans; \u00bd pot, \"spicy\"")
                .contains("Stay in the kitchen");
        assertThat(hold.getAlarms()).hasSize(1);
        assertThat(hold.getAlarms().get(0).getTrigger().getDuration().toMillis())
                .isEqualTo(Duration.ofMinutes(90).toMillis());
        assertThat(other.getEvents().stream().filter(event -> !event.getAlarms().isEmpty()))
                .extracting(event -> event.getUid().getValue())
                .anyMatch(uid -> uid.contains("soak"))
                .anyMatch(uid -> uid.contains("seals"));
    }

    private String calendar(long plan) throws IOException, InterruptedException {
        HttpResponse<String> answer = HttpClient.newHttpClient()
                .send(
                        HttpRequest.newBuilder(URI.create(
                                        "http://127.0.0.1:%s/api/plans/%s/day.ics".formatted(server.port(), plan)))
                                .build(),
                        HttpResponse.BodyHandlers.ofString());
        assertThat(answer.statusCode()).isEqualTo(200);
        assertThat(answer.headers().firstValue("content-type").orElse("")).startsWith("text/calendar");
        return answer.body();
    }

    @Test
    void a_day_in_the_wrong_words_is_refused_and_nothing_changes() {
        long recipe = plans.recipe("Beans", BEANS);
        long plan = plans.begin(recipe);
        String before = plans.plan(plan).get("body").toString();
        for (String day : List.of("\"aim\": \"whenever\"", "\"aim\": \"start\", \"at\": \"tomorrow\"")) {
            TestServer.Answer answer = server.put(
                    "/api/plans/" + plan,
                    "{\"basedOn\": 1, \"body\": {\"day\": {%s}, \"dishes\": [%s], \"ticked\": []}}"
                            .formatted(day, dish("a", recipe, QUART.formatted(7))));
            assertThat(answer.status()).isEqualTo(400);
            assertThat(answer.body().get("field").asString()).startsWith("body.day.");
        }
        TestServer.Answer far = server.put(
                "/api/plans/" + plan,
                "{\"basedOn\": 1, \"body\": {%s \"dishes\": [%s], \"ticked\": []}}"
                        .formatted(at("start", Instant.MAX), dish("a", recipe, QUART.formatted(7))));
        assertThat(far.status()).isEqualTo(400);
        assertThat(far.body().get("field").asString()).isEqualTo("day.at");
        assertThat(plans.plan(plan).get("body").toString()).isEqualTo(before);
    }
}

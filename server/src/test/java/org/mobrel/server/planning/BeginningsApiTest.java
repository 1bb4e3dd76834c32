package org.mobrel.server.planning;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.mobrel.server.TestServer;
import tools.jackson.databind.JsonNode;

/** Every way to begin a plan, and its days, as a page sees them. */
@ExtendWith(TestServer.class)
class BeginningsApiTest {

    private static final String STEW =
            "\"3 lb carrots, sliced\", \"2 lb potatoes, cubed\", \"3 qt beef stock\", \"2 tsp salt\"";
    private static final String BEANS = "\"dried kidney beans, soaked\", \"boiling water\"";
    private static final String SWEET =
            "\"5 lb dried navy beans, soaked\", \"1 1/2 qt water\", \"1 cup molasses\", \"2 tsp salt\"";
    private static final String KINDS = "{\"size\": \"quart\", \"mouth\": \"regular\", \"count\": %s}";
    private static final String BODY =
            "{\"dishes\": [{\"key\": \"a\", \"recipeId\": RECIPE, \"mode\": \"%s\", \"jars\": [%s]%s}], \"ticked\": []%s}";

    private Plans plans;

    @BeforeEach
    void kitchen(TestServer server) {
        plans = new Plans(server);
        server.changeKitchen(
                "\"altitudeFt\": 3150, \"units\": \"us\", \"school\": \"longest-ingredient\", \"people\": 2, \"servingMl\": 355");
    }

    private TestServer.Answer begin(String recipe, String mode, int quarts, String more, String plan) {
        long id = plans.begin(plans.recipe("Pot " + Math.abs(recipe.hashCode()), recipe));
        return plans.save(id, BODY.formatted(mode, KINDS.formatted(quarts), more, plan));
    }

    private static JsonNode dish(JsonNode plan) {
        return plan.get("dishes").get(0);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            all   | ''                                                | 8 quarts  | about 2⅔ cups more | give or take 1 quart
            times | , "times": 4                                      | 34 quarts | about 3¼ cups      | give or take 5 quarts
            pot   | , "pot": {"amount": "10 qt", "solids": 0.4}       | 10 quarts | about 1¾ cups more | give or take 2 cups
            pot   | , "pot": {"amount": "24 lb", "empty": "5 lb"}     | 9 quarts  | about 1⅓ cups more | give or take 1¾ cups
            use   | , "hands": [{"line": 0, "amount": "6 lb"}]        | 17 quarts | about 1⅔ cups more | give or take 3 quarts
            """)
    void each_beginning_answers_jars_remainder_and_band(
            String mode, String more, String jars, String left, String band) {
        JsonNode summary = dish(begin(STEW, mode, 0, more, "").body()).get("summary");
        assertThat(summary.get("jars").asString()).isEqualTo(jars);
        assertThat(summary.get("left").asString()).startsWith(left.replace(" more", ""));
        assertThat(summary.get("band").asString()).isEqualTo(band);
    }

    @Test
    void stock_is_poured_from_its_own_pot() {
        JsonNode stock = dish(
                begin("\"7 quarts of beef stock, chilled\"", "all", 0, "", "").body());
        assertThat(stock.get("summary").get("jars").asString()).isEqualTo("7 quarts");
        assertThat(stock.get("summary").get("band").asString()).isEqualTo("give or take ¾ cup");
        assertThat(stock.get("summary").get("liquid").isNull()).isTrue();
        assertThat(stock.get("kettle").isNull()).isTrue();
        assertThat(stock.get("amounts").get("kettle").isNull()).isTrue();
        assertThat(stock.get("amounts").get("perJar").get(0).get("solids").asString())
                .isEmpty();
        assertThat(stock.get("shareOut").isEmpty()).isTrue();
    }

    @Test
    void chilled_stock_is_not_chilled_again() {
        JsonNode cold =
                begin("\"7 quarts of beef stock, chilled\"", "all", 0, "", "").body();
        JsonNode warm = begin("\"7 quarts of beef stock\"", "all", 0, "", "").body();
        assertThat(codes(cold)).doesNotContain("skim");
        assertThat(codes(warm)).contains("skim");
    }

    private static List<String> codes(JsonNode plan) {
        return plan.get("day")
                .get("tasks")
                .valueStream()
                .map(task -> task.get("code").asString())
                .toList();
    }

    @Test
    void beans_follow_from_jars_alone_and_the_lot_on_the_scale_is_divided() {
        JsonNode beans = dish(
                begin(BEANS, "jars", 16, ", \"weighed\": \"28 lb 12 oz\"", "").body());
        JsonNode line = beans.get("amounts").get("lines").get(0);
        assertThat(line.get("kitchen").asString()).isEqualTo("5 lb 4 oz");
        assertThat(line.get("asBought").asString()).isEqualTo("5 lb 4 oz");
        assertThat(beans.get("soaked").get("perJar").get(0).get("text").asString())
                .isEqualTo("1 lb 12¾ oz a quart");
    }

    @Test
    void a_sauce_that_is_short_is_made_again_and_not_thinned() {
        JsonNode lacks =
                dish(begin(SWEET, "all", 0, "", "").body()).get("amounts").get("lacks");
        assertThat(lacks.get("kind").asString()).isEqualTo("sauce");
        assertThat(lacks.get("text").asString()).startsWith("Make ").contains(" times the sauce: it is ");
    }

    @Test
    void a_cooked_pot_needs_neither_shop_nor_board() {
        JsonNode plan = begin(STEW, "pot", 0, ", \"pot\": {\"amount\": \"10 qt\", \"solids\": 0.4}", "")
                .body();
        assertThat(plan.get("shopping").isEmpty()).isTrue();
        assertThat(dish(plan).get("prep").isNull()).isTrue();
        assertThat(dish(plan).get("amounts").get("cooked").asBoolean()).isTrue();
        assertThat(codes(plan)).contains("heat-pot").doesNotContain("prep", "boil-together");
        JsonNode nothingSaid = dish(begin(STEW, "pot", 0, "", "").body());
        assertThat(nothingSaid.get("jars").isEmpty()).isTrue();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            times | , "times": 0                                 | dishes[0].times
            times | , "times": 51                                | dishes[0].times
            pot   | , "pot": {"amount": "lots"}                  | dishes[0].pot.amount
            pot   | , "pot": {"amount": "4 carrots"}             | dishes[0].pot.amount
            pot   | , "pot": {"amount": "4 lb", "empty": "5 lb"} | dishes[0].pot.empty
            pot   | , "pot": {"amount": "9 qt", "solids": 1.5}   | dishes[0].pot.solids
            soup  | ''                                           | dishes[0].mode
            jars  | , "work": [{"code": "prep", "minutes": 0}]   | dishes[0].work[0].minutes
            """)
    void what_cannot_be_meant_is_refused_at_its_field(String mode, String more, String field) {
        TestServer.Answer refused = begin(STEW, mode, 3, more, "");
        assertThat(refused.status()).isEqualTo(400);
        assertThat(refused.body().get("field").asString()).endsWith(field);
    }

    @Test
    void jars_moved_to_a_later_day_are_canned_once_and_bought_for_once() {
        String later =
                ", \"later\": [{\"jars\": [{\"dish\": \"a\", \"size\": \"quart\", \"mouth\": \"regular\", \"count\": %s}]}]";
        JsonNode plan = begin(STEW, "jars", 48, "", later.formatted(27)).body();
        assertThat(count(plan.get("loads"))).isEqualTo(21);
        JsonNode second = plan.get("later").get(0);
        assertThat(count(second.get("loads"))).isEqualTo(27);
        assertThat(second.get("loads").get("loads").get(0).get("number").asInt())
                .isEqualTo(plan.get("loads").get("loads").size() + 1);
        assertThat(second.get("day").get("start").asString())
                .isGreaterThan(plan.get("day").get("end").asString());
        assertThat(dish(plan).get("loads").size()).isEqualTo(7);
        JsonNode alone = begin(STEW, "jars", 48, "", "").body();
        assertThat(plan.get("shopping")).isEqualTo(alone.get("shopping"));
        JsonNode tooMany = begin(STEW, "jars", 10, "", later.formatted(27)).body();
        assertThat(count(tooMany.get("later").get(0).get("loads"))).isEqualTo(10);
        assertThat(tooMany.get("loads").get("loads").isEmpty()).isTrue();
    }

    @Test
    void the_cooks_own_times_stay_with_the_recipe(TestServer server) {
        long recipe = plans.recipe("Stew that takes longer", STEW);
        long first = plans.begin(recipe);
        JsonNode plan = plans.save(
                        first,
                        BODY.formatted(
                                "jars", KINDS.formatted(7), ", \"work\": [{\"code\": \"prep\", \"minutes\": 95}]", ""))
                .body();
        assertThat(work(plan)).contains("prep 95 true").anyMatch(each -> each.startsWith("boil-together"));
        assertThat(server.put("/api/plans/%s/away".formatted(first), "{\"away\": true}")
                        .status())
                .isLessThan(300);
        assertThat(work(plans.plan(plans.begin(recipe)))).contains("prep 95 true");
    }

    private static List<String> work(JsonNode plan) {
        return dish(plan)
                .get("work")
                .valueStream()
                .map(work -> "%s %s %s"
                        .formatted(
                                work.get("code").asString(),
                                work.get("minutes").asInt(),
                                work.get("own").asBoolean()))
                .toList();
    }

    private static int count(JsonNode loads) {
        return loads.get("loads")
                .valueStream()
                .flatMap(load -> load.get("layers").valueStream())
                .flatMap(layer -> layer.get("jars").valueStream())
                .mapToInt(jars -> jars.get("count").asInt())
                .sum();
    }

    @Test
    void a_day_too_long_is_offered_as_two_and_loads_are_even_on_request(TestServer server) {
        // Shortly before midnight the evening before tomorrow has passed: then more days alone do not help.
        Instant now = server.now();
        Instant morning = now.truncatedTo(ChronoUnit.DAYS).plus(Duration.ofHours(8));
        server.advance(Duration.between(now, morning.isBefore(now) ? morning.plus(Duration.ofDays(1)) : morning));
        JsonNode plan = begin(STEW, "jars", 48, "", "").body();
        JsonNode spread = plan.get("day")
                .get("remedies")
                .valueStream()
                .filter(remedy -> remedy.get("code").asString().equals("more-days"))
                .findFirst()
                .orElseThrow();
        assertThat(spread.get("text").asString()).startsWith("Over 3 days: the first done at ");
        assertThat(spread.get("later").valueStream().map(day -> day.get("jars")
                        .get(0)
                        .get("jars")
                        .get(0)
                        .get("count")
                        .asInt()))
                .containsExactly(14, 13);
        JsonNode even = begin(STEW, "jars", 16, "", ", \"even\": true").body();
        assertThat(even.get("loads").get("loads").valueStream().map(load -> load.get("layers")
                        .get(0)
                        .get("jars")
                        .get(0)
                        .get("count")
                        .asInt()))
                .containsExactly(6, 5, 5);
    }
}

package org.mobrel.server.planning;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.mobrel.server.TestServer;
import tools.jackson.databind.JsonNode;

/** Plans: what a cook sets, and what follows from it. */
@ExtendWith(TestServer.class)
class PlanApiTest {

    private static final String LINES =
            "\"2 lb dried kidney beans, quick-soaked\", \"3 cups diced carrots\", \"2 cups chopped onion\", \"3 qt pork stock\", \"2 tsp salt\"";
    private static final String STEW =
            "\"3 lb lamb in 1-inch cubes\", \"4 cups carrots, sliced\", \"2 qt lamb stock\", \"½ tsp salt a quart\"";

    private Plans plans;

    @BeforeEach
    void a_kitchen(TestServer server) {
        plans = new Plans(server);
        units(server, "us");
    }

    private static void units(TestServer server, String units) {
        server.changeKitchen(
                "\"altitudeFt\": 3150, \"units\": \"%s\", \"school\": \"longest-ingredient\", \"people\": 2, \"servingMl\": 355"
                        .formatted(units));
    }

    private static JsonNode dish(JsonNode plan) {
        return plan.get("dishes").get(0);
    }

    private static List<String> jars(JsonNode dish) {
        return dish.get("jars")
                .valueStream()
                .map(jar -> jar.get("count").asInt() + " " + jar.get("size").asString())
                .toList();
    }

    @Test
    void seven_wide_quarts_of_bean_soup() {
        JsonNode dish = dish(plans.jars(LINES, "{\"size\": \"quart\", \"mouth\": \"wide\", \"count\": 7}"));
        JsonNode amounts = dish.get("amounts");
        assertThat(amounts.get("factor").asDouble()).isCloseTo(0.7617, within(0.001));
        assertThat(amounts.get("brothNeededMl").asDouble()).isCloseTo(4182, within(40.0));
        assertThat(amounts.get("lines")
                        .valueStream()
                        .map(line -> line.get("name").asString() + ": "
                                + line.get("kitchen").asString()))
                .containsExactly(
                        "dried kidney beans, quick-soaked: 1 lb 8 oz",
                        "diced carrots: 2¼ cups",
                        "chopped onion: 1½ cups",
                        "pork stock: 2¼ qt",
                        "salt: 1½ tsp");
        assertThat(amounts.get("lacks").get("text").asString())
                .isEqualTo("Top up with 2 qt + ½ cup stock or boiling water");
        assertThat(dish.get("forecast").get("meals").asDouble()).isCloseTo(8.46, within(0.05));
        JsonNode card = dish.get("loads").get(0);
        assertThat(card.get("minutes").asInt()).isEqualTo(90);
        assertThat(card.get("readingPsi").asDouble()).isEqualTo(12.5);
        assertThat(card.get("headspaceIn").asDouble()).isEqualTo(1);
    }

    @Test
    void a_metric_kitchen_weighs(TestServer server) {
        units(server, "metric");
        JsonNode plan = plans.jars(LINES, "{\"size\": \"pint\", \"mouth\": \"regular\", \"count\": 6}");
        assertThat(dish(plan).get("amounts").get("lines").valueStream().map(line -> line.get("kitchen")
                        .asString()))
                .containsExactly("290 g", "125 g", "103 g", "900 ml", "⅝ tsp");
    }

    @Test
    void each_load_gets_the_time_of_its_own_largest_need() {
        JsonNode dish = dish(
                plans.jars(
                        LINES,
                        "{\"size\": \"quart\", \"mouth\": \"regular\", \"count\": 6}, {\"size\": \"pint\", \"mouth\": \"regular\", \"count\": 3}"));
        assertThat(dish.get("loads")
                        .valueStream()
                        .map(load -> load.get("jars").size() + " kinds, "
                                + load.get("minutes").asInt() + " min"))
                .containsExactly("1 kinds, 90 min", "1 kinds, 75 min");
    }

    @Test
    void a_stopped_recipe_has_no_card_and_one_without_amounts_has_no_sums() {
        JsonNode stopped = dish(
                plans.jars(LINES + ", \"1 cup cream\"", "{\"size\": \"quart\", \"mouth\": \"regular\", \"count\": 1}"));
        assertThat(stopped.get("loads").isEmpty()).isTrue();
        assertThat(stopped.get("ruling").get("verdict").asString()).isEqualTo("stop");
        JsonNode bare = dish(plans.jars(
                "\"carrots\", \"potatoes\", \"water\"", "{\"size\": \"quart\", \"mouth\": \"regular\", \"count\": 1}"));
        assertThat(bare.get("amounts").isNull()).isTrue();
        assertThat(bare.get("loads").size()).isEqualTo(1);
    }

    @Test
    void nine_pounds_of_lamb_are_used_up_and_dinner_is_kept_back() {
        long id = plans.begin(plans.recipe("Lamb stew", STEW));
        JsonNode all = dish(plans.save(id, Plans.USE_LAMB.formatted("9 lb", "")).body());
        assertThat(jars(all)).containsExactly("14 quart", "2 half-pint");
        assertThat(all.get("amounts").get("lines").get(0).get("kitchen").asString())
                .isEqualTo("7 lb 10 oz");
        assertThat(all.get("forecast").get("limitedByName").asString()).contains("lamb");
        assertThat(all.get("forecast").get("leftover").isNull())
                .as("44 mL are not worth a word")
                .isTrue();
        JsonNode kept =
                dish(plans.save(id, Plans.USE_LAMB.formatted("9 lb", ", \"keepBack\": {\"value\": 2, \"unit\": \"L\"}"))
                        .body());
        assertThat(jars(kept)).containsExactly("12 quart", "1 half-pint");
        assertThat(kept.get("forecast").get("keptBackServings").asDouble()).isCloseTo(5.63, within(0.05));
        assertThat(kept.get("forecast").get("inPotMl").asDouble())
                .isCloseTo(all.get("forecast").get("inPotMl").asDouble(), within(1.0));
        JsonNode load = dish(plans.save(id, Plans.USE_LAMB.formatted("9 lb", ", \"oneLoad\": true"))
                .body());
        assertThat(jars(load)).containsExactly("7 quart");
        assertThat(load.get("forecast").get("routes").toString())
                .contains("A second load")
                .contains("Tonight: ");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            -9 lb      | dishes[0].hands[0].amount | is no amount
            0 lb       | dishes[0].hands[0].amount | is no amount
            9 firkins  | dishes[0].hands[0].amount | is no amount
            ''         | dishes[0].hands[0].amount | how much of it?
            9          | dishes[0].hands[0].amount | by weight or by volume
            80000 lb   | dishes[0].hands[0].amount | more than 500 jars
            """)
    void an_amount_that_cannot_be_meant_is_answered_at_its_field_and_nothing_is_lost(
            String amount, String field, String words) {
        long id = plans.begin(plans.recipe("Lamb stew", STEW));
        JsonNode before = plans.plan(id).get("body");
        TestServer.Answer refused = plans.save(id, Plans.USE_LAMB.formatted(amount, ""));
        assertThat(refused.status()).isEqualTo(400);
        assertThat(refused.body().get("field").asString()).isEqualTo(field);
        assertThat(refused.body().get("reason").asString()).contains(words);
        assertThat(plans.plan(id).get("body")).isEqualTo(before);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
            {"size": "quart", "mouth": "regular", "count": 501}  | body.dishes[0].jars[0].count | 500 jars at most
            {"size": "quart", "mouth": "regular", "count": -1}   | body.dishes[0].jars[0].count | not below 0
            {"size": "quart", "mouth": "narrow", "count": 1}     | dishes[0].jars[0].mouth      | not regular or wide
            {"size": "tub", "mouth": "regular", "count": 1}      | dishes[0].jars[0].size       | no size of jar
            {"size": "pint-and-a-half", "mouth": "regular", "count": 1} | dishes[0].jars[0].size | no 24 oz jar with a regular mouth
            """)
    void jars_that_cannot_be_meant_are_answered_at_their_field(String jar, String field, String words) {
        long id = plans.begin(plans.recipe("Lamb stew", STEW));
        TestServer.Answer refused = plans.save(id, Plans.JARS.formatted(jar));
        assertThat(refused.status()).isEqualTo(400);
        assertThat(refused.body().get("field").asString()).isEqualTo(field);
        assertThat(refused.body().get("reason").asString()).contains(words);
    }

    @Test
    void a_recipe_has_one_open_plan_and_what_does_not_exist_is_missing(TestServer server) {
        long recipe = plans.recipe("Lamb stew", STEW);
        long id = plans.begin(recipe);
        assertThat(plans.begin(recipe)).isEqualTo(id);
        assertThat(jars(dish(plans.plan(id)))).containsExactly("7 quart");
        server.put("/api/plans/" + id + "/away", "{\"away\": true}");
        assertThat(plans.begin(recipe)).isNotEqualTo(id);
        assertThat(server.get("/api/plans").body().valueStream().map(plan -> plan.get("id")
                        .asLong()))
                .doesNotContain(id);
        assertThat(server.post("/api/plans", "{\"recipeId\": 99999}").status()).isEqualTo(404);
        assertThat(server.get("/api/plans/99999").status()).isEqualTo(404);
        assertThat(server.post("/api/plans", "not json").status()).isEqualTo(400);
    }

    @Test
    void two_devices_never_undo_each_other() {
        long id = plans.begin(plans.recipe("Lamb stew", STEW));
        int revision = plans.plan(id).get("revision").asInt();
        assertThat(plans.saveOn(id, revision, Plans.JARS.formatted(Plans.QUARTS.formatted(5)))
                        .status())
                .isEqualTo(200);
        TestServer.Answer late = plans.saveOn(id, revision, Plans.JARS.formatted(Plans.QUARTS.formatted(6)));
        assertThat(late.status()).isEqualTo(409);
        assertThat(late.body().get("code").asString()).isEqualTo("someone-was-first");
        assertThat(late.body().get("latestRevision").asInt()).isEqualTo(revision + 1);
        assertThat(jars(dish(plans.plan(id)))).containsExactly("5 quart");
    }

    @Test
    void several_recipes_share_jars_lids_and_the_shopping_list(TestServer server) {
        long beans = plans.recipe("Bean soup", LINES);
        long id = plans.begin(plans.recipe("Lamb stew", STEW));
        String two = "{\"dishes\": ["
                + Plans.DISH.formatted("a", plans.recipeOf(id), Plans.QUARTS.formatted(4), "")
                + ", "
                + Plans.DISH.formatted("b", beans, Plans.QUARTS.formatted(3), "")
                + "], \"ticked\": []}";
        JsonNode plan =
                plans.saveOn(id, plans.plan(id).get("revision").asInt(), two).body();
        assertThat(plan.get("title").asString()).isEqualTo("Lamb stew and Bean soup");
        assertThat(plan.get("jars").get(0).get("count").asInt()).isEqualTo(7);
        JsonNode carrots = plan.get("shopping").get(0).get("items").get(0);
        assertThat(plan.get("shopping").get(0).get("title").asString()).isEqualTo("Vegetables");
        assertThat(carrots.get("name").asString()).isEqualTo("carrots");
        assertThat(plan.get("shopping")
                        .valueStream()
                        .flatMap(aisle -> aisle.get("items").valueStream())
                        .filter(item -> item.get("name").asString().equals("carrots")))
                .hasSize(1);
        server.put("/api/plans/%s/pantry".formatted(id), "{\"item\": \"carrots/carrot\", \"amount\": \"9 lb\"}");
        assertThat(plans.plan(id)
                        .get("shopping")
                        .get(0)
                        .get("items")
                        .get(0)
                        .get("inHouse")
                        .asBoolean())
                .isTrue();
        TestServer.Answer wrong = server.put(
                "/api/plans/%s/pantry".formatted(id), "{\"item\": \"carrots/carrot\", \"amount\": \"lots\"}");
        assertThat(wrong.body().get("field").asString()).isEqualTo("amount");
        server.put("/api/plans/%s/pantry".formatted(id), "{\"item\": \"carrots/carrot\", \"amount\": \"\"}");
        assertThat(plans.plan(id)
                        .get("shopping")
                        .get(0)
                        .get("items")
                        .get(0)
                        .get("have")
                        .isNull())
                .isTrue();
    }

    @Test
    void jars_that_stand_filled_empty_the_kettle() {
        long id = plans.begin(plans.recipe("Lamb stew", STEW));
        String filling = "{\"dishes\": ["
                + Plans.DISH.formatted(
                        "a",
                        plans.recipeOf(id),
                        Plans.QUARTS.formatted(7),
                        ", \"filled\": [" + Plans.QUARTS.formatted(2)
                                + "], \"kettle\": {\"value\": 3, \"unit\": \"qt\"}")
                + "], \"ticked\": []}";
        JsonNode kettle = dish(plans.saveOn(id, 1, filling).body()).get("kettle");
        assertThat(kettle.get("toCome").asInt()).isEqualTo(5);
        assertThat(kettle.get("moreJars").asInt()).isEqualTo(2);
        assertThat(kettle.get("text").asString()).startsWith("Enough for 2 more jars, of 5: put another");
    }

    @Test
    void seasonings_are_dosed_by_the_jar_and_solids_shared_out_to_the_gram() {
        JsonNode dish = dish(
                plans.jars(
                        STEW,
                        "{\"size\": \"quart\", \"mouth\": \"regular\", \"count\": 4}, {\"size\": \"pint\", \"mouth\": \"regular\", \"count\": 2}"));
        JsonNode salt = dish.get("doses").get(0);
        assertThat(salt.get("perJar").get(0).get("dose").asString()).isEqualTo("½ tsp");
        assertThat(salt.get("perJar").get(1).get("dose").asString()).isEqualTo("¼ tsp");
        assertThat(salt.get("total").asString()).isEqualTo("2½ tsp");
        JsonNode quart = dish.get("shareOut").get(0);
        long sum = quart.get("lines")
                .valueStream()
                .mapToLong(line -> line.get("grams").asLong())
                .sum();
        assertThat(quart.get("totalG").asLong()).isEqualTo(sum);
        assertThat((double) sum)
                .isCloseTo(
                        dish.get("amounts").get("perJar").get(0).get("solidsG").asDouble(), within(1.0));
        assertThat(dish.get("prep").get("foods").toString())
                .contains("Chill the stock")
                .contains("lean trimmings");
    }

    @Test
    void another_food_takes_a_lines_place_by_weight_in_the_recipes_next_version(TestServer server) {
        long recipe = plans.recipe("Lamb stew", STEW);
        long id = plans.begin(recipe);
        String ask = "/api/plans/%s/dishes/a/swap".formatted(id);
        JsonNode look = server.post(ask, "{\"line\": 1, \"food\": \"parsnips\", \"write\": false}")
                .body();
        assertThat(look.get("line").asString()).isEqualTo("1 lb 2 oz parsnips, cut up");
        assertThat(dish(plans.plan(id)).get("version").asInt()).isEqualTo(1);
        server.post(ask, "{\"line\": 1, \"food\": \"parsnips\", \"write\": true}");
        JsonNode dish = dish(plans.plan(id));
        assertThat(dish.get("version").asInt()).isEqualTo(2);
        assertThat(dish.get("ruling").get("verdict").asString()).isEqualTo("own-judgement");
        assertThat(server.post(ask, "{\"line\": 3, \"food\": \"parsnips\", \"write\": false}")
                        .body()
                        .get("field")
                        .asString())
                .isEqualTo("line");
        assertThat(server.post(ask, "{\"line\": 1, \"food\": \"moonseed\", \"write\": false}")
                        .body()
                        .get("field")
                        .asString())
                .isEqualTo("food");
    }
}

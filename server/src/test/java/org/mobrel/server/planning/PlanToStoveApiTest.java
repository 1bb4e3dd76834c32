package org.mobrel.server.planning;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.mobrel.server.TestServer;
import tools.jackson.databind.JsonNode;

/** A plan goes to the stove: jars, lids, own jars and the pantry go with it, and the recipe learns from what it made. */
@ExtendWith(TestServer.class)
class PlanToStoveApiTest {

    private static final String SOUP =
            "\"2 lb dried kidney beans, soaked\", \"3 cups carrots, diced\", \"3 qt pork stock\", \"2 tsp salt\"";

    private TestServer server;
    private Plans plans;

    @BeforeEach
    void a_kitchen(TestServer running) {
        server = running;
        plans = new Plans(running);
        server.changeKitchen("\"altitudeFt\": 500, \"units\": \"us\", \"school\": \"longest-ingredient\"");
    }

    private void stock(int quarts, int lids) {
        server.count("jars", "\"size\": \"quart\", \"mouth\": \"regular\", \"empty\": %s".formatted(quarts));
        server.count("lids", "\"mouth\": \"regular\", \"fresh\": %s".formatted(lids));
    }

    private int lids() {
        return server.get("/api/kitchen/cupboard")
                .body()
                .get("lids")
                .get(0)
                .get("fresh")
                .asInt();
    }

    private int quarts() {
        return server.get("/api/kitchen/cupboard")
                .body()
                .get("jars")
                .valueStream()
                .filter(jar -> jar.get("size").asString().equals("quart")
                        && jar.get("mouth").asString().equals("regular"))
                .findFirst()
                .orElseThrow()
                .get("empty")
                .asInt();
    }

    private TestServer.Answer toTheStove(long id) {
        return server.post("/api/batches/of-plan/" + id, "{}");
    }

    @Test
    void lids_that_lack_are_told_before_the_pot_is_on_and_a_batch_uses_its_own() {
        stock(20, 5);
        long id = plans.begin(plans.recipe("Lids", SOUP));
        JsonNode plan =
                plans.save(id, Plans.JARS.formatted(Plans.QUARTS.formatted(7))).body();
        assertThat(plan.get("supplies")
                        .valueStream()
                        .filter(supply -> supply.get("lacking").asInt() > 0)
                        .map(supply -> supply.get("text").asString()))
                .containsExactly("2 new lids short, regular mouth: 7 needed, 5 there.");
        stock(20, 12);
        assertThat(toTheStove(id).status()).isEqualTo(201);
        assertThat(lids()).isEqualTo(5);
        assertThat(quarts()).isEqualTo(13);
        assertThat(plans.plan(id).get("supplies").isEmpty()).isTrue();
        assertThat(plans.plan(id).get("atStove").asBoolean()).isTrue();
        // A second tap, or a second device, makes no second batch.
        assertThat(toTheStove(id).status()).isEqualTo(409);
        assertThat(lids()).isEqualTo(5);
    }

    @Test
    void what_is_at_the_stove_stays_as_it_was_cooked() {
        long recipe = plans.recipe("Fixed", SOUP);
        long id = plans.begin(recipe);
        toTheStove(id);
        JsonNode before = plans.plan(id).get("dishes").get(0);
        TestServer.Answer more = plans.save(id, Plans.JARS.formatted(Plans.QUARTS.formatted(9)));
        assertThat(more.status()).isEqualTo(409);
        assertThat(more.body().get("code").asString()).isEqualTo("at-the-stove");
        server.put(
                "/api/recipes/" + recipe,
                "{\"title\": \"Fixed\", \"lines\": [\"1 lb lamb, cubed\", \"2 cups carrots\", \"1 qt pork stock\"], \"basedOn\": 1}");
        assertThat(plans.plan(id).get("dishes").get(0).get("amounts")).isEqualTo(before.get("amounts"));
        assertThat(plans.begin(recipe)).isNotEqualTo(id);
    }

    @Test
    void a_dish_that_joins_later_takes_only_what_is_its_own() {
        stock(40, 40);
        long id = plans.begin(plans.recipe("First", "\"1 lb dried pinto beans, soaked\", \"2 qt chicken stock\""));
        server.put(
                "/api/plans/%s/pantry".formatted(id), "{\"item\": \"dried-beans/pinto bean\", \"amount\": \"9 lb\"}");
        String first = Plans.DISH.formatted("a", plans.recipeOf(id), Plans.QUARTS.formatted(7), "");
        plans.save(id, "{\"dishes\": [" + first + "], \"ticked\": []}");
        toTheStove(id);
        assertThat(plans.plan(id).get("shopping").isEmpty()).isTrue();
        String keeping = first.replaceFirst("\\}$", ", \"keepBack\": {\"value\": 1, \"unit\": \"qt\"}}");
        assertThat(plans.save(id, "{\"dishes\": [" + keeping + "], \"ticked\": []}")
                        .status())
                .as("its pot is cooked")
                .isEqualTo(409);
        long other = plans.recipe("Second", SOUP);
        JsonNode both = plans.save(
                        id,
                        "{\"dishes\": [" + first + ", "
                                + Plans.DISH.formatted("b", other, Plans.QUARTS.formatted(2), "")
                                + "], \"ticked\": []}")
                .body();
        assertThat(both.get("jars").get(0).get("count").asInt()).isEqualTo(9);
        assertThat(both.get("supplies").get(0).get("need").asInt()).isEqualTo(2);
        assertThat(both.get("shopping").toString()).doesNotContain("pinto");
        String left = pinto();
        assertThat(toTheStove(id).body().size()).isEqualTo(1);
        assertThat(pinto()).as("taken once, not twice").isEqualTo(left);
        assertThat(lids()).isEqualTo(40 - 7 - 2);
    }

    /** What is left of the pinto beans in the house, as another plan sees it. */
    private String pinto() {
        long look = plans.begin(plans.recipe("Look", "\"1 lb dried pinto beans, soaked\""));
        return plans.plan(look)
                .get("shopping")
                .get(0)
                .get("items")
                .get(0)
                .get("have")
                .asString();
    }

    @Test
    void a_stop_keeps_every_dish_of_the_plan_from_the_stove() {
        long id = plans.begin(plans.recipe("Good", SOUP));
        long bad = plans.recipe("Bad", SOUP + ", \"1 cup cream\"");
        String two = "{\"dishes\": ["
                + Plans.DISH.formatted("a", plans.recipeOf(id), Plans.QUARTS.formatted(4), "")
                + ", " + Plans.DISH.formatted("b", bad, Plans.QUARTS.formatted(3), "") + "], \"ticked\": []}";
        plans.save(id, two);
        stock(20, 20);
        assertThat(toTheStove(id).body().get("code").asString()).isEqualTo("stopped");
        assertThat(plans.plan(id).get("dishes").get(0).get("batch").isNull()).isTrue();
        assertThat(lids()).isEqualTo(20);
    }

    @Test
    void an_own_judgement_is_taken_on_in_the_plan() {
        long id = plans.begin(plans.recipe("Judged", SOUP + ", \"2 cups parsnips, diced\""));
        assertThat(toTheStove(id).body().get("code").asString()).isEqualTo("not-accepted");
        plans.save(
                id,
                "{\"dishes\": ["
                        + Plans.DISH.formatted(
                                "a",
                                plans.recipeOf(id),
                                Plans.QUARTS.formatted(4),
                                ", \"takesOn\": {\"by\": \"Ines\", \"reason\": \"as always\"}")
                        + "], \"ticked\": []}");
        assertThat(plans.plan(id).get("dishes").get(0).get("takenOn").get("by").asString())
                .isEqualTo("Ines");
        JsonNode made = toTheStove(id).body();
        assertThat(server.get("/api/batches/" + made.get(0).get("id").asLong())
                        .body()
                        .get("acceptance")
                        .get("by")
                        .asString())
                .isEqualTo("Ines");
    }

    @Test
    void the_pantry_gives_what_the_plan_takes() {
        long id = plans.begin(plans.recipe("Pantry", "\"1 lb dried navy beans, soaked\", \"2 qt chicken stock\""));
        server.put("/api/plans/%s/pantry".formatted(id), "{\"item\": \"dried-beans/navy bean\", \"amount\": \"5 lb\"}");
        JsonNode plan =
                plans.save(id, Plans.JARS.formatted(Plans.QUARTS.formatted(3))).body();
        double factor = plan.get("dishes").get(0).get("amounts").get("factor").asDouble();
        assertThat(plan.get("shopping").toString()).contains("\"inHouse\":true");
        toTheStove(id);
        long next =
                plans.begin(plans.recipe("Pantry again", "\"1 lb dried navy beans, soaked\", \"2 qt chicken stock\""));
        String left = plans.plan(next)
                .get("shopping")
                .get(0)
                .get("items")
                .get(0)
                .get("have")
                .asString();
        double pounds = Double.parseDouble(left.replace(" lb", ""));
        assertThat(pounds).isCloseTo(5 - factor, within(0.1));
    }

    @Test
    void the_recipe_learns_from_what_it_made_and_forgets_what_is_struck() {
        long recipe = plans.recipe("Learning", SOUP);
        long id = plans.begin(recipe);
        String made = "/api/plans/%s/dishes/a/made".formatted(id);
        String eight = "{\"jars\": [" + Plans.QUARTS.formatted(8) + "]}";
        assertThat(server.post(made, eight).body().get("code").asString()).isEqualTo("not-cooked");
        toTheStove(id);
        JsonNode absurd = server.post(made, "{\"jars\": [" + Plans.QUARTS.formatted(70) + "]}")
                .body();
        assertThat(absurd.get("field").asString()).isEqualTo("jars");
        JsonNode history = server.post(made, eight)
                .body()
                .get("dishes")
                .get(0)
                .get("correction")
                .get("history");
        assertThat(history.get(0).get("ratio").asDouble()).isCloseTo(8 / 7.0, within(0.01));
        // Said again of the same pot, it counts once.
        server.post(
                made, "{\"jars\": [" + Plans.QUARTS.formatted(7) + "], \"rest\": {\"value\": 2, \"unit\": \"cups\"}}");
        JsonNode next = plans.plan(plans.begin(recipe)).get("dishes").get(0);
        assertThat(next.get("correction").get("days").asInt()).isEqualTo(1);
        assertThat(next.get("correction").get("factor").asDouble()).isCloseTo(1.075, within(0.005));
        assertThat(next.get("correction").get("text").asString())
                .contains("7 % more")
                .contains("last time");
        assertThat(next.get("amounts").get("errorShare").asDouble()).isCloseTo(0.106, within(0.001));
        long entry = next.get("correction").get("history").get(0).get("id").asLong();
        server.delete("/api/plans/%s/yields/%s".formatted(id, entry));
        assertThat(plans.plan(plans.begin(recipe))
                        .get("dishes")
                        .get(0)
                        .get("correction")
                        .get("factor")
                        .asDouble())
                .isEqualTo(1);
        JsonNode back =
                server.put("/api/plans/%s/yields/%s".formatted(id, entry), "{}").body();
        assertThat(back.get("dishes")
                        .get(0)
                        .get("correction")
                        .get("history")
                        .get(0)
                        .get("struck")
                        .asBoolean())
                .isFalse();
        assertThat(server.delete("/api/plans/%s/yields/99999".formatted(id)).status())
                .isEqualTo(404);
    }

    @Test
    void jars_measured_with_water_change_the_amounts() {
        long id = plans.begin(plans.recipe("Water", SOUP));
        double before =
                plans.plan(id).get("dishes").get(0).get("amounts").get("factor").asDouble();
        String water = "\"size\": \"quart\", \"mouth\": \"regular\", \"waterMl\": %s";
        server.count("water", water.formatted("880"));
        double after =
                plans.plan(id).get("dishes").get(0).get("amounts").get("factor").asDouble();
        server.count("water", water.formatted("null"));
        assertThat(after / before).isCloseTo(880 / 902.0, within(0.001));
        assertThat(plans.plan(id)
                        .get("dishes")
                        .get(0)
                        .get("amounts")
                        .get("factor")
                        .asDouble())
                .isEqualTo(before);
        TestServer.Answer absurd = server.count("water", water.formatted("90"));
        assertThat(absurd.body().get("field").asString()).isEqualTo("waterMl");
        assertThat(absurd.body().get("reason").asString()).contains("about 902 ml");
        assertThat(server.count("lids", "\"mouth\": \"regular\", \"fresh\": -1").status())
                .isEqualTo(400);
    }
}

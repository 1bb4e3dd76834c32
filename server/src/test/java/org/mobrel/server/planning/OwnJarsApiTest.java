package org.mobrel.server.planning;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.mobrel.server.MobrelServer;
import org.mobrel.server.TestServer;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;
import tools.jackson.databind.JsonNode;

/** Own jars as an ingredient: they leave the shelf, and their lot is chained to the batch. */
@ExtendWith(TestServer.class)
class OwnJarsApiTest {

    private static final String WITH_OWN =
            "{\"dishes\": [{\"key\": \"a\", \"recipeId\": 8, \"mode\": \"jars\", \"jars\": ["
                    + Plans.QUARTS.formatted(7)
                    + "], \"ownJars\": [{\"line\": 5, \"lot\": \"%s\", \"jars\": %s}],"
                    + " \"variants\": [{\"name\": \"with rosemary\", \"jars\": 3}]}], \"ticked\": []}";

    private static TestServer.Answer save(TestServer demo, long plan, String body) {
        int revision = demo.get("/api/plans/" + plan).body().get("revision").asInt();
        return demo.put("/api/plans/" + plan, "{\"basedOn\": %s, \"body\": %s}".formatted(revision, body));
    }

    private static JsonNode stockLot(TestServer demo) {
        return demo.get("/api/shelf")
                .body()
                .get("lots")
                .valueStream()
                .filter(lot -> lot.get("title").asString().equals("Pork shank stock"))
                .filter(lot -> lot.get("jars").asInt() == 4)
                .findFirst()
                .orElseThrow();
    }

    private static String toBuy(JsonNode plan, String aisle) {
        return plan.get("shopping")
                .valueStream()
                .filter(each -> each.get("code").asString().equals(aisle))
                .map(each -> each.get("items").get(0).get("buy").asString())
                .findFirst()
                .orElse("nothing");
    }

    private static int emptyQuarts(TestServer demo) {
        return demo.get("/api/kitchen/cupboard")
                .body()
                .get("jars")
                .get(0)
                .get("empty")
                .asInt();
    }

    @Test
    void two_jars_of_stock_go_into_the_soup_and_stay_traceable(TestServer server) {
        try (ConfigurableApplicationContext kitchen = SpringApplication.run(
                MobrelServer.class,
                "--server.port=0",
                "--spring.datasource.url=" + server.newDatabase("own_jars"),
                "--mobrel.demo=true")) {
            TestServer demo = server.at(kitchen);
            long plan = demo.post("/api/plans", "{\"recipeId\": 8}")
                    .body()
                    .get("id")
                    .asLong();
            String lot = stockLot(demo).get("code").asString();

            TestServer.Answer tooMany = save(demo, plan, WITH_OWN.formatted(lot, 5));
            assertThat(tooMany.status()).isEqualTo(400);
            assertThat(tooMany.body().get("field").asString()).isEqualTo("dishes[0].ownJars");
            assertThat(tooMany.body().get("reason").asString()).contains("there are 4 jars");
            assertThat(save(demo, plan, WITH_OWN.formatted("9999Z", 1))
                            .body()
                            .get("reason")
                            .asString())
                    .contains("no lot");

            String before = toBuy(demo.get("/api/plans/" + plan).body(), "stock");
            JsonNode planned = save(demo, plan, WITH_OWN.formatted(lot, 2)).body();
            assertThat(before).isEqualTo("2 qt");
            assertThat(toBuy(planned, "stock")).isEqualTo("1 cup");
            JsonNode dish = planned.get("dishes").get(0);
            assertThat(dish.get("amounts").get("lines").get(5).get("fromShelf").asString())
                    .isEqualTo("7⅔ cups");
            assertThat(dish.get("variants").get(0).get("addIns").get(0).asString())
                    .isEqualTo("3 sprigs rosemary");

            int empty = emptyQuarts(demo);
            JsonNode made = demo.post("/api/batches/of-plan/" + plan, "{}").body();
            JsonNode batch =
                    demo.get("/api/batches/" + made.get(0).get("id").asLong()).body();
            assertThat(batch.get("madeWith").get(0).get("lot").asString()).isEqualTo(lot);
            assertThat(batch.get("madeWith").get(0).get("jars").asInt()).isEqualTo(2);
            // Seven jars were filled, two came back empty.
            assertThat(emptyQuarts(demo)).isEqualTo(empty - 7 + 2);

            String moves = "/api/shelf/" + lot + "/movements";
            assertThat(demo.post(moves, "{\"kind\": \"put-back\"}").status())
                    .as("what went into a soup does not come back")
                    .isEqualTo(409);
            assertThat(demo.post(moves, "{\"kind\": \"used\"}").status()).isEqualTo(400);
            demo.post(moves, "{\"kind\": \"eaten\"}");
            assertThat(emptyQuarts(demo)).isEqualTo(empty - 7 + 3);
            demo.post(moves, "{\"kind\": \"put-back\"}");
            assertThat(emptyQuarts(demo)).isEqualTo(empty - 7 + 2);
        }
    }
}

package org.mobrel.server.races;

import java.time.Duration;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.atomic.AtomicInteger;
import org.mobrel.server.TestServer;
import org.mobrel.server.platform.KitchenReplaced;
import org.mobrel.server.run.TestKitchen;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;
import tools.jackson.databind.JsonNode;

/** What two devices have open at once. */
enum Thing {
    LOT("/api/shelf", "/api/shelf/{lot}", "/api/shelf/needs", "/api/batches", "/api/plans/{soupPlan}") {
        @Override
        void prepare(TestServer server, Map<String, Object> of) {
            String lot = stock(server);
            of.put("lot", lot);
            of.put("movement", lastJar(server, lot));
            of.put("soupPlan", soup(server, lot));
        }
    },
    RECIPE("/api/recipes", "/api/recipes/{recipe}", "/api/plans", "/api/shelf/needs", "/api/batches") {
        @Override
        void prepare(TestServer server, Map<String, Object> of) {
            of.put("recipe", recipe(server));
            of.put("canner", kitchen(server).canner());
        }
    },
    PLAN("/api/plans", "/api/plans/{plan}", "/api/batches", "/api/recipes") {
        @Override
        void prepare(TestServer server, Map<String, Object> of) {
            kitchen(server);
            long recipe = recipe(server);
            long plan = plan(server, recipe);
            of.put("recipe", recipe);
            of.put("plan", plan);
            of.put(
                    "revision",
                    server.get("/api/plans/" + plan).body().get("revision").asInt());
        }
    },
    LIST("/api/plans", "/api/plans/{plan}", "/api/recipes") {
        @Override
        void prepare(TestServer server, Map<String, Object> of) {
            of.put("plan", plan(server, kitchen(server).recipe()));
        }
    },
    LOAD("/api/runs/{run}", "/api/runs", "/api/batches", "/api/kitchen") {
        @Override
        void prepare(TestServer server, Map<String, Object> of) {
            TestKitchen own = TestKitchen.in(server, 0.5);
            of.put("canner", own.canner());
            of.put("run", own.run(3, 0));
        }
    },
    STOVE("/api/runs/{run}", "/api/runs", "/api/kitchen") {
        @Override
        void prepare(TestServer server, Map<String, Object> of) {
            TestKitchen own = kitchen(server);
            long run = own.run(3, 0);
            own.untilHolding(run);
            server.advance(Duration.ofMinutes(91));
            of.put("canner", own.canner());
            of.put("run", run);
        }
    },
    KITCHEN("/api/kitchen", "/api/kitchen/cupboard", "/api/batches", "/api/health") {
        @Override
        void prepare(TestServer server, Map<String, Object> of) {
            TestKitchen own = TestKitchen.in(server, 0.5);
            of.put("canner", own.canner());
            of.put("recipe", own.recipe());
        }
    };

    private static final AtomicInteger COUNT = new AtomicInteger(100);

    private static TestKitchen kitchen;
    private static String stock;

    /** What must answer afterwards. */
    final List<String> pages;

    Thing(String... pages) {
        this.pages = List.of(pages);
    }

    abstract void prepare(TestServer server, Map<String, Object> of);

    /** What the writes name, made ready for one round. */
    Map<String, Object> prepared(TestServer server) {
        Map<String, Object> of = new HashMap<>();
        prepare(server, of);
        // A count of jars or lids is at most 2,000.
        int count = 100 + COUNT.addAndGet(2) % 1800;
        of.put("count", count);
        of.put("other", count + 1);
        of.put("people", 1 + count / 2 % 4 * 2);
        of.put("more", 2 + count / 2 % 4 * 2);
        of.put("burners", 2 + count % 5);
        of.put("kitchen", server.kitchenVersion());
        return of;
    }

    /** A kitchen with the canners and runs of thousands of rounds would be looked at after each. */
    static void emptied(TestServer server) {
        kitchen = null;
        stock = null;
        List<String> kept = List.of("flyway_schema_history", "kitchen", "kitchen_edition", "shared_counter");
        new TransactionTemplate(server.bean(PlatformTransactionManager.class)).executeWithoutResult(status -> {
            JdbcClient database = server.database();
            database.sql("SET FOREIGN_KEY_CHECKS = 0").update();
            database
                    .sql("SELECT table_name FROM information_schema.tables WHERE table_schema = DATABASE()")
                    .query(String.class)
                    .list()
                    .stream()
                    .filter(table -> !kept.contains(table))
                    .forEach(table -> database.sql("DELETE FROM " + table).update());
            database.sql("SET FOREIGN_KEY_CHECKS = 1").update();
            server.publish(new KitchenReplaced());
        });
    }

    private static TestKitchen kitchen(TestServer server) {
        if (kitchen == null) {
            kitchen = TestKitchen.in(server, 0.5);
        }
        return kitchen;
    }

    private static long recipe(TestServer server) {
        return id(server.post(
                "/api/recipes", "{\"title\": \"Stock\", \"lines\": [\"4 qt pork stock\"], \"pack\": \"hot\"}"));
    }

    private static long id(TestServer.Answer made) {
        return made.body().get("id").asLong();
    }

    private static long plan(TestServer server, long recipe) {
        return id(server.post("/api/plans", "{\"recipeId\": %s}".formatted(recipe)));
    }

    private static JsonNode lot(TestServer server, String code) {
        return server.get("/api/shelf/" + code).body().get("lot");
    }

    private static int jarsAt(TestServer server, String code, String place) {
        return lot(server, code)
                .get("places")
                .valueStream()
                .filter(each -> each.get("place").asString().equals(place))
                .mapToInt(each -> each.get("jars").asInt())
                .sum();
    }

    private static JsonNode move(TestServer server, String code, String movement) {
        TestServer.Answer answer = server.post("/api/shelf/%s/movements".formatted(code), movement);
        if (answer.status() >= 300) {
            throw new IllegalStateException(answer.toString());
        }
        return answer.body();
    }

    /** A lot of stock whose jars stand in the attic, from where one after the other comes to the shelf. */
    private static String stock(TestServer server) {
        if (stock == null
                || jarsAt(server, stock, "Attic") == 0
                || !lot(server, stock).get("holds").isEmpty()) {
            TestKitchen own =
                    new TestKitchen(server, recipe(server), kitchen(server).canner());
            long run = own.run(7, 0);
            long batch = own.rested(run).get("batchId").asLong();
            own.sealed(run);
            stock = server.get("/api/batches/" + batch)
                    .body()
                    .get("lots")
                    .get(0)
                    .get("code")
                    .asString();
            move(server, stock, "{\"kind\": \"moved\", \"jars\": 7, \"place\": \"Shelf\", \"to\": \"Attic\"}");
        }
        return stock;
    }

    /** One jar stands on the shelf; what was left of the round before is gone. */
    private static long lastJar(TestServer server, String code) {
        for (String place : List.of("Shelf", "Cellar")) {
            int left = jarsAt(server, code, place);
            if (left > 0) {
                move(server, code, "{\"kind\": \"given\", \"place\": \"%s\", \"jars\": %s}".formatted(place, left));
            }
        }
        return move(server, code, "{\"kind\": \"moved\", \"jars\": 1, \"place\": \"Attic\", \"to\": \"Shelf\"}")
                .get("id")
                .asLong();
    }

    /** A plan for a soup that a jar of this lot goes into. */
    private static long soup(TestServer server, String lot) {
        TestKitchen own = kitchen(server);
        long plan = plan(server, own.recipe());
        int revision = server.get("/api/plans/" + plan).body().get("revision").asInt();
        TestServer.Answer saved = server.put(
                "/api/plans/" + plan,
                """
                {"basedOn": %s, "body": {"canners": [%s], "dishes": [{"key": "a", "recipeId": %s, "mode": "jars",
                 "jars": [{"size": "quart", "mouth": "regular", "count": 7}], "hands": [],
                 "ownJars": [{"line": 2, "lot": "%s", "jars": 1}]}], "ticked": []}}
                """
                        .formatted(revision, own.canner(), own.recipe(), lot));
        if (saved.status() != 200) {
            throw new IllegalStateException(saved.toString());
        }
        return plan;
    }
}

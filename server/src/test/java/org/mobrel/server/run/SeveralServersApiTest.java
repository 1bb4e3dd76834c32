package org.mobrel.server.run;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import java.util.function.Predicate;
import java.util.function.Supplier;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.mobrel.server.MobrelServer;
import org.mobrel.server.TestServer;
import org.mobrel.server.platform.DeviceGone;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ApplicationListener;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.transaction.support.TransactionTemplate;

/** Two servers on one database: what is written through one is told to the pages of the other, and nobody works from what is old. */
@ExtendWith(TestServer.class)
class SeveralServersApiTest {

    private static ConfigurableApplicationContext start(TestServer server, String database, boolean alone) {
        return SpringApplication.run(
                MobrelServer.class,
                "--server.port=0",
                "--spring.datasource.url=" + database,
                "--mobrel.sole-server=" + alone,
                "--mobrel.test-clock-file=" + server.clockFile());
    }

    @Test
    void they_stay_in_step(TestServer server) {
        String database = server.newDatabase("several");
        try (ConfigurableApplicationContext one = start(server, database, false);
                ConfigurableApplicationContext two = start(server, database, false)) {
            TestServer here = server.at(one);
            TestServer there = server.at(two);
            whatIsWrittenHereIsToldThere(here, there);
            whatIsKeptInMemoryIsReadAgain(here, there);
            ofTwoTapsOneIsFirst(here, there);
            aDeviceThatIsRemovedHereIsGoneThere(one, two);
            anotherKitchenIsAnotherKitchenThere(here, there);
            // One that means to be alone is not, and says so.
            assertThatThrownBy(() -> start(server, database, true).close())
                    .rootCause()
                    .hasMessageContaining("Another Mobrel is open on this kitchen's data");
        }
    }

    private static Predicate<EventStream.Message> named(String name) {
        return message -> message.name().equals(name);
    }

    private static void whatIsWrittenHereIsToldThere(TestServer here, TestServer there) {
        TestKitchen kitchen = TestKitchen.in(here, 0.5);
        long run = kitchen.run(2, 0);
        try (EventStream page = new EventStream(there, "")) {
            page.next(named("runs"));
            kitchen.happen(run, "{\"type\": \"note\", \"note\": \"told next door\"}");
            EventStream.Message told = page.next(message ->
                    message.name().equals("run") && message.data().toString().contains("next door"));
            assertThat(told.data().get("id").asLong()).isEqualTo(run);
            here.post("/api/recipes", "{\"title\": \"Next door\", \"lines\": [\"4 qt pork stock\"]}");
            assertThat(page.next(message -> message.name().equals("change")
                                    && message.data().get("concept").asString().equals("recipes"))
                            .data()
                            .get("concept")
                            .asString())
                    .isEqualTo("recipes");
        }
    }

    private static String verdict(TestServer server) {
        String request =
                """
                {"lines": ["2 cups carrots, sliced"], "pack": "hot", "gauge": "weighted", "altitudeFt": 800,
                 "jars": [{"size": "quart", "count": 1}]}
                """;
        return server.post("/api/ruling", request).body().get("verdict").asString();
    }

    /** A row that was struck through here may not be ruled by there. */
    private static void whatIsKeptInMemoryIsReadAgain(TestServer here, TestServer there) {
        assertThat(verdict(there)).isEqualTo("covered");
        assertThat(here.post(
                                "/api/tables/rows/carrots-hot/comparison",
                                "{\"agrees\": false, \"edition\": \"2015 revision\", \"by\": \"Ines\"}")
                        .status())
                .isLessThan(300);
        assertThat(atLast("stop", () -> verdict(there))).isTrue();
        here.delete("/api/tables/rows/carrots-hot/comparison");
    }

    private static void ofTwoTapsOneIsFirst(TestServer here, TestServer there) {
        TestKitchen kitchen = TestKitchen.in(here, 0.5);
        long run = kitchen.run(1, 0);
        kitchen.untilHolding(run);
        int known = here.get("/api/runs/" + run).body().get("events").size();
        String low = "{\"type\": \"reading\", \"psi\": 12, \"expected\": %s}".formatted(known);
        List<CompletableFuture<Integer>> taps = new ArrayList<>();
        for (int tap = 0; tap < 12; tap++) {
            TestServer by = tap % 2 == 0 ? here : there;
            taps.add(CompletableFuture.supplyAsync(
                    () -> by.post("/api/runs/%s/events".formatted(run), low).status()));
        }
        List<Integer> statuses = taps.stream().map(CompletableFuture::join).toList();
        assertThat(statuses).filteredOn(status -> status == 200).hasSize(1);
        assertThat(statuses).filteredOn(status -> status == 409).hasSize(11);
        assertThat(there.get("/api/runs/" + run).body().get("events").size()).isEqualTo(known + 1);
    }

    private static void aDeviceThatIsRemovedHereIsGoneThere(
            ConfigurableApplicationContext one, ConfigurableApplicationContext two) {
        CompletableFuture<Long> gone = new CompletableFuture<>();
        two.addApplicationListener(ApplicationListener.<DeviceGone>forPayload(told -> gone.complete(told.device())));
        one.getBean(TransactionTemplate.class).executeWithoutResult(none -> one.publishEvent(new DeviceGone(7)));
        assertThat(gone.orTimeout(2, TimeUnit.MINUTES).join()).isEqualTo(7);
    }

    /** Also the words that were taught since go with the kitchen they were taught in: on both servers. */
    private static void anotherKitchenIsAnotherKitchenThere(TestServer here, TestServer there) {
        byte[] backup = here.bytes("/api/backup");
        here.post("/api/reading/wordings", "{\"line\": \"2 lb hill roots\", \"food\": \"carrots\", \"states\": []}");
        assertThat(role(here)).isEqualTo("timed");
        assertThat(atLast("timed", () -> role(there))).isTrue();
        try (EventStream page = new EventStream(there, "")) {
            page.next(named("runs"));
            assertThat(here.postBytes("/api/backup?way=replace&dryRun=false", backup)
                            .status())
                    .isEqualTo(200);
            assertThat(page.next(named("restart")).name()).isEqualTo("restart");
        }
        assertThat(role(here)).isEqualTo("unknown");
        assertThat(role(there)).isEqualTo("unknown");
    }

    /** What is taken for what by this kitchen's own words. */
    private static String role(TestServer server) {
        return server.post("/api/recipes/draft", "{\"lines\": [\"2 lb hill roots\"]}")
                .body()
                .get("ruling")
                .get("lines")
                .get(0)
                .get("role")
                .asString();
    }

    private static boolean atLast(String wanted, Supplier<String> says) {
        return Stream.generate(says).limit(400).anyMatch(wanted::equals);
    }
}

package org.mobrel.server.run;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.function.Predicate;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.mobrel.server.TestServer;
import tools.jackson.databind.JsonNode;

/** The line on which pages are told: first what they have not got, then each event once, and a heartbeat in between. */
@ExtendWith(TestServer.class)
class RunStreamApiTest {

    private static Predicate<EventStream.Message> of(long run) {
        return message ->
                message.name().equals("run") && message.data().get("id").asLong() == run;
    }

    private static JsonNode in(EventStream.Message opening, long run) {
        return StreamSupport.stream(opening.data().get("runs").spliterator(), false)
                .filter(each -> each.get("id").asLong() == run)
                .findFirst()
                .orElseThrow();
    }

    @Test
    void a_page_is_told_everything_first_and_then_each_event_once(TestServer server) {
        TestKitchen kitchen = TestKitchen.in(server, 0.5);
        long run = kitchen.run(2, 0);
        kitchen.happen(run, "{\"type\": \"checks-done\"}");
        try (EventStream page = new EventStream(server, "")) {
            EventStream.Message opening = page.next();
            assertThat(opening.name()).isEqualTo("runs");
            assertThat(in(opening, run).get("events").size()).isEqualTo(1);
            assertThat(opening.id()).contains(run + ":1");

            kitchen.happen(run, "{\"type\": \"lid-locked\"}");
            EventStream.Message locked = page.next(of(run));
            assertThat(locked.data().get("stage").asString()).isEqualTo("heating");
            assertThat(locked.data().get("known").asInt()).isEqualTo(1);
            assertThat(locked.data().get("events").size()).isEqualTo(1);
            assertThat(locked.data().get("events").get(0).get("type").asString())
                    .isEqualTo("lid-locked");
            assertThat(locked.id()).contains(run + ":2");
        }
    }

    @Test
    void a_page_that_comes_again_is_told_only_what_it_has_not_got(TestServer server) {
        TestKitchen kitchen = TestKitchen.in(server, 0.5);
        long run = kitchen.run(2, 0);
        kitchen.happen(run, "{\"type\": \"checks-done\"}");
        kitchen.happen(run, "{\"type\": \"lid-locked\"}");
        kitchen.happen(run, "{\"type\": \"steam-steady\"}");
        try (EventStream page = new EventStream(server, run + ":2")) {
            JsonNode told = in(page.next(), run);
            assertThat(told.get("known").asInt()).isEqualTo(2);
            assertThat(told.get("events").size()).isEqualTo(1);
            assertThat(told.get("events").get(0).get("type").asString()).isEqualTo("steam-steady");
        }
    }

    @Test
    void a_page_that_claims_to_have_more_than_there_is_or_says_nonsense_is_told_all(TestServer server) {
        TestKitchen kitchen = TestKitchen.in(server, 0.5);
        long run = kitchen.run(2, 0);
        kitchen.happen(run, "{\"type\": \"checks-done\"}");
        for (String seen : new String[] {"nonsense", "1:", ":3", run + ":-4", run + ":99"}) {
            try (EventStream page = new EventStream(server, seen)) {
                JsonNode told = in(page.next(), run);
                assertThat(told.get("events").size()).as(seen).isEqualTo(1);
                assertThat(told.get("known").asInt()).as(seen).isZero();
            }
        }
    }

    @Test
    void two_pages_are_told_the_same_and_a_line_in_rest_has_a_heartbeat(TestServer server) {
        TestKitchen kitchen = TestKitchen.in(server, 0.5);
        long run = kitchen.run(2, 0);
        try (EventStream tablet = new EventStream(server, "");
                EventStream phone = new EventStream(server, "")) {
            tablet.next();
            phone.next();
            kitchen.happen(run, "{\"type\": \"checks-done\"}");
            assertThat(tablet.next(of(run)).data().get("events"))
                    .isEqualTo(phone.next(of(run)).data().get("events"));
            EventStream.Message beat = phone.next(message -> message.name().equals("beat"));
            assertThat(beat.data().get("now").asString()).endsWith("Z");
        }
    }

    @Test
    void every_page_is_told_of_whatever_was_changed_and_of_nothing_that_was_only_asked(TestServer server) {
        try (EventStream page = new EventStream(server, "")) {
            page.next();
            server.post("/api/ruling", "{\"lines\": [\"2 lb carrots\"], \"size\": \"quart\"}");
            server.changeKitchen("\"altitudeFt\": 90000");
            server.post("/api/recipes", "{\"title\": \"Told\", \"lines\": [\"6 qt beef stock\"]}");
            assertThat(page.next(message -> message.name().equals("change"))
                            .data()
                            .get("concept")
                            .asString())
                    .as("neither a question nor what was refused")
                    .isEqualTo("recipes");
            server.changeKitchen("\"people\": 7");
            assertThat(page.next(message -> message.name().equals("change"))
                            .data()
                            .get("concept")
                            .asString())
                    .isEqualTo("kitchen");
            server.count("lids", "\"mouth\": \"wide\", \"fresh\": 12");
            assertThat(page.next(message -> message.name().equals("change"))
                            .data()
                            .get("concept")
                            .asString())
                    .isEqualTo("cupboard");
        }
    }

    @Test
    void a_run_that_is_over_is_told_once_more_as_closed_and_not_to_the_next_page(TestServer server) {
        TestKitchen kitchen = TestKitchen.in(server, 0.5);
        long run = kitchen.run(1, 0);
        try (EventStream page = new EventStream(server, "")) {
            page.next();
            kitchen.rested(run);
            kitchen.happen(run, TestKitchen.check(1, true));
            assertThat(page.next(of(run).and(message ->
                                    message.data().path("closed").asBoolean(false)))
                            .data()
                            .get("stage")
                            .asString())
                    .isEqualTo("done");
        }
        try (EventStream later = new EventStream(server, "")) {
            assertThat(later.next().data().get("runs"))
                    .noneMatch(each -> each.get("id").asLong() == run);
        }
    }
}

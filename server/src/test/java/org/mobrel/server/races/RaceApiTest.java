package org.mobrel.server.races;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CountDownLatch;
import java.util.function.Supplier;
import java.util.stream.Stream;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.mobrel.server.TestServer;

/**
 * Every pair of writes that touch one thing, begun together: whoever loses is told, nothing is done twice, and every page answers
 * afterwards. Once each here; with -Dmobrel.rounds=50 as often as it takes for the rare ones.
 */
@ExtendWith(TestServer.class)
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class RaceApiTest {

    private static final int ROUNDS = Integer.getInteger("mobrel.rounds", 1);

    /** What must hold in the tables whatever was begun together: each finds rows that must not be. */
    private static final List<String> NEVER = List.of(
            "SELECT lot_code FROM lot_stand WHERE jars < 1",
            """
            SELECT lot_code FROM (
              SELECT id, lot_code, to_place AS place, jars FROM movement WHERE to_place IS NOT NULL
              UNION ALL SELECT id, lot_code, from_place, -jars FROM movement WHERE from_place IS NOT NULL
              UNION ALL SELECT 0, lot_code, place, -jars FROM lot_stand) each_end
            WHERE id NOT IN (SELECT undoes FROM movement WHERE undoes IS NOT NULL)
            GROUP BY lot_code, place HAVING SUM(jars) <> 0
            """,
            "SELECT undoes FROM movement WHERE undoes IS NOT NULL GROUP BY undoes HAVING COUNT(*) > 1",
            "SELECT run_id FROM run_event WHERE kind = 'checks-done' GROUP BY run_id HAVING COUNT(*) > 1");

    /** @param prize what only one of two writes can have; empty where both may be done */
    record Write(String thing, String method, String path, String body, String prize) {

        TestServer.Answer send(TestServer server, Map<String, Object> of) {
            String to = filled(path, of);
            String says = filled(body, of);
            return switch (method) {
                case "PUT" -> server.put(to, says);
                case "PATCH" -> server.patch(to, says);
                case "DELETE" -> server.delete(to);
                default -> server.post(to, says.isEmpty() ? "{}" : says);
            };
        }

        /** Whether only one of them can be done: what is set twice to the same is no loss. */
        boolean forTheSame(Write other) {
            boolean sameIsFine = method.startsWith("P") && !method.equals("POST");
            return !prize.isEmpty() && prize.equals(other.prize) && !(sameIsFine && equals(other));
        }

        private static String filled(String text, Map<String, Object> of) {
            String filled = text;
            for (Map.Entry<String, Object> each : of.entrySet()) {
                filled = filled.replace(
                        "{" + each.getKey() + "}", each.getValue().toString());
            }
            return filled;
        }

        @Override
        public String toString() {
            return method + " " + path + " " + body;
        }
    }

    private static List<Write> writes(Thing thing) throws IOException {
        try (var in = RaceApiTest.class.getResourceAsStream("writes.txt")) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .filter(line -> !line.startsWith("#"))
                    .map(line -> line.split("\\|", -1))
                    .filter(cells -> cells[0].strip().equals(thing.name().toLowerCase(Locale.ROOT)))
                    .map(cells -> {
                        String[] request = cells[1].strip().split(" ");
                        return new Write(cells[0].strip(), request[0], request[1], cells[2].strip(), cells[3].strip());
                    })
                    .toList();
        }
    }

    @ParameterizedTest
    @EnumSource(Thing.class)
    void every_pair_ends_with_one_answer_each_and_a_kitchen_that_is_whole(Thing thing, TestServer server)
            throws IOException {
        List<Write> writes = writes(thing);
        List<String> wrong = new ArrayList<>();
        int pairs = 0;
        for (int one = 0; one < writes.size(); one++) {
            for (int two = one; two < writes.size(); two++) {
                pairs++;
                for (int round = 0; round < ROUNDS; round++) {
                    wrong.addAll(
                            raced(thing, server, writes.get(one), writes.get(two), 1000L * one + 100L * two + round));
                }
                if (ROUNDS > 1) {
                    Thing.emptied(server);
                }
            }
        }
        assertThat(wrong)
                .as("%s, %s pairs, %s rounds each", thing, pairs, ROUNDS)
                .isEmpty();
    }

    private static List<String> raced(Thing thing, TestServer server, Write one, Write two, long seed) {
        Map<String, Object> of = thing.prepared(server);
        Random delay = new Random(seed);
        CountDownLatch both = new CountDownLatch(2);
        List<CompletableFuture<TestServer.Answer>> sent = Stream.of(one, two)
                .map(write -> begun(both, delay.nextInt(3_000_000), () -> write.send(server, of)))
                .toList();
        List<TestServer.Answer> answers =
                sent.stream().map(CompletableFuture::join).toList();
        List<String> wrong = new ArrayList<>();
        for (TestServer.Answer answer : answers) {
            if (answer.status() >= 500) {
                wrong.add("answered as a fault of ours: " + told(answer));
            } else if (answer.status() >= 400
                    && !answer.body().has("code")
                    && !answer.body().has("field")
                    && answer.status() != 404) {
                wrong.add("was not told why: " + told(answer));
            }
        }
        long done = answers.stream().filter(answer -> answer.status() < 300).count();
        if (done != 1 && one.forTheSame(two)) {
            wrong.add("%s of two had what one can have: %s"
                    .formatted(done, answers.stream().map(RaceApiTest::told).toList()));
        }
        for (String never : NEVER) {
            List<String> rows = server.database().sql(never).query(String.class).list();
            if (!rows.isEmpty()) {
                wrong.add("in the tables: " + never + " finds " + rows);
            }
        }
        for (String page : thing.pages) {
            int status = server.get(Write.filled(page, of)).status();
            if (status != 200 && status != 404) {
                wrong.add(page + " answers " + status);
            }
        }
        return wrong.stream().map(what -> one + " beside " + two + ": " + what).toList();
    }

    private static String told(TestServer.Answer answer) {
        String body = answer.body().toString();
        return answer.status() + " " + body.substring(0, Math.min(body.length(), 300));
    }

    private static CompletableFuture<TestServer.Answer> begun(
            CountDownLatch both, long nanos, Supplier<TestServer.Answer> send) {
        return CompletableFuture.supplyAsync(
                () -> {
                    both.countDown();
                    try {
                        both.await();
                        Thread.sleep(nanos / 1_000_000, (int) (nanos % 1_000_000));
                    } catch (InterruptedException stopped) {
                        Thread.currentThread().interrupt();
                    }
                    return send.get();
                },
                task -> new Thread(task).start());
    }
}

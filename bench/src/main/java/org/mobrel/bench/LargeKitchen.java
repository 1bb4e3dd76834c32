package org.mobrel.bench;

import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.DigestOutputStream;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HexFormat;
import java.util.List;
import org.mobrel.shelf.LotCode;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * A kitchen that has been used for fourteen years by a whole village: 5,000 batches and 60,000 jars, made from the backup of a small one by
 * doing its best batch over and over. Two thirds of the jars have been eaten.
 */
final class LargeKitchen {

    static final int BATCHES = 5_000;
    static final int JARS_A_BATCH = 12;

    private static final int EATEN_UNTIL = BATCHES * 2 / 3;
    private static final Duration BETWEEN = Duration.ofHours(25);

    private final JsonMapper json = new JsonMapper();
    private final JsonNode small;
    private final ObjectNode batch;
    private final ObjectNode run;
    private final List<ObjectNode> events;

    LargeKitchen(Path backup) {
        small = json.readTree(backup.toFile());
        run = (ObjectNode) small.get("runs")
                .valueStream()
                .filter(each -> each.get("finished").asBoolean())
                .findFirst()
                .orElseThrow();
        batch = (ObjectNode) byId("batches", run.get("batchId").asLong());
        events = small.get("runEvents")
                .valueStream()
                .filter(event -> event.get("runId").equals(run.get("id")))
                .filter(event -> !event.get("kind").asString().equals("jar-checked"))
                .map(ObjectNode.class::cast)
                .toList();
    }

    private JsonNode byId(String section, long id) {
        return small.get(section)
                .valueStream()
                .filter(each -> each.get("id").asLong() == id)
                .findFirst()
                .orElseThrow();
    }

    private interface Rows {
        void row(ObjectNode row) throws IOException;
    }

    private interface Writing {
        void to(Rows rows) throws IOException;
    }

    void write(Path file, Instant now) throws IOException, NoSuchAlgorithmException {
        MessageDigest digest = MessageDigest.getInstance("SHA-256");
        try (OutputStream plain = new BufferedOutputStream(Files.newOutputStream(file));
                DigestOutputStream out = new DigestOutputStream(plain, digest)) {
            text(out, "{\"format\":\"mobrel-kitchen\",\"version\":1,\n");
            for (String section : small.propertyNames()) {
                if (small.get(section).isArray()) {
                    text(out, "\"" + section + "\":[");
                    boolean[] first = {true};
                    rows(section, now).to(row -> {
                        text(out, (first[0] ? "\n" : ",\n") + json.writeValueAsString(row));
                        first[0] = false;
                    });
                    text(out, "],\n");
                }
            }
            out.on(false);
            text(out, "\"check\":\"" + HexFormat.of().formatHex(digest.digest()) + "\"}\n");
        }
    }

    private static void text(OutputStream out, String text) throws IOException {
        out.write(text.getBytes(StandardCharsets.UTF_8));
    }

    private Writing rows(String section, Instant now) {
        return switch (section) {
            case "batches" ->
                out -> each(
                        now,
                        (number, at) -> out.row(batch.deepCopy()
                                .put("id", number)
                                .put("title", title(number))
                                .put("madeAt", at.toString())));
            case "runs" ->
                out -> each(
                        now,
                        (number, at) -> out.row(run.deepCopy()
                                .put("id", number)
                                .put("batchId", number)
                                .put("title", title(number))));
            case "runJars" ->
                out -> each(
                        now,
                        (number, at) -> out.row(json.createObjectNode()
                                .put("runId", number)
                                .put("position", 0)
                                .put("size", "pint")
                                .put("mouth", "regular")
                                .put("jars", JARS_A_BATCH)
                                .put("batchId", number)
                                .put("title", title(number))
                                .put("verdict", "covered")
                                .put("variant", "")
                                .put("finish", "")));
            case "runEvents" ->
                out -> each(now, (number, at) -> {
                    for (ObjectNode row : eventsOf(number, at)) {
                        out.row(row);
                    }
                });
            case "lots" ->
                out -> each(
                        now,
                        (number, at) -> out.row(json.createObjectNode()
                                .put("code", code(number, at))
                                .put("runId", number)
                                .put("batchId", number)
                                .put("title", title(number))
                                .put("variant", "")
                                .put("size", "pint")
                                .put("mouth", "regular")
                                .put("verdict", "covered")
                                .put("cannedOn", day(at).toString())
                                .put("bestBy", day(at).plusYears(1).toString())
                                .put("finish", "")));
            case "movements" ->
                out -> each(now, (number, at) -> {
                    out.row(movement(2 * number, number, at, "shelved"));
                    if (number <= EATEN_UNTIL) {
                        out.row(movement(2 * number + 1, number, at.plus(Duration.ofDays(90)), "eaten"));
                    }
                });
            case "stands" ->
                out -> each(now, (number, at) -> {
                    if (number > EATEN_UNTIL) {
                        out.row(json.createObjectNode()
                                .put("lotCode", code(number, at))
                                .put("place", "Shelf")
                                .put("jars", JARS_A_BATCH));
                    }
                });
            case "plans",
                    "planBatches",
                    "yields",
                    "runPaces",
                    "simulationTurns",
                    "holds",
                    "targets",
                    "kits",
                    "kitGoods" -> out -> {};
            default ->
                out -> {
                    for (JsonNode row : small.get(section)) {
                        out.row((ObjectNode) row);
                    }
                };
        };
    }

    private interface Each {
        void batch(long number, Instant at) throws IOException;
    }

    private static void each(Instant now, Each each) throws IOException {
        for (long number = 1; number <= BATCHES; number++) {
            each.batch(
                    number,
                    now.minus(BETWEEN.multipliedBy(BATCHES - number + 2)).truncatedTo(ChronoUnit.MILLIS));
        }
    }

    private static String title(long number) {
        return "Soup no. " + number % 40;
    }

    private static LocalDate day(Instant at) {
        return LocalDate.ofInstant(at, ZoneOffset.UTC);
    }

    /** No two batches are less than a day apart. */
    private static String code(long number, Instant at) {
        return LotCode.next(day(at), 0).text();
    }

    private ObjectNode movement(long id, long number, Instant at, String kind) {
        boolean comes = kind.equals("shelved");
        return json.createObjectNode()
                .put("id", id)
                .put("lotCode", code(number, comes ? at : at.minus(Duration.ofDays(90))))
                .put("kind", kind)
                .put("jars", JARS_A_BATCH)
                .put(comes ? "toPlace" : "fromPlace", "Shelf")
                .put("note", "")
                .put("movedBy", "")
                .put("movedAt", at.toString());
    }

    private List<ObjectNode> eventsOf(long number, Instant at) {
        Instant first = Instant.parse(events.get(0).get("happenedAt").asString());
        Duration shift = Duration.between(first, at);
        List<ObjectNode> rows = new ArrayList<>();
        int next = 1;
        Instant last = at;
        for (ObjectNode event : events) {
            last = Instant.parse(event.get("happenedAt").asString()).plus(shift);
            rows.add(event.deepCopy().put("runId", number).put("number", next++).put("happenedAt", last.toString()));
        }
        for (int jar = 1; jar <= JARS_A_BATCH; jar++) {
            rows.add(json.createObjectNode()
                    .put("runId", number)
                    .put("number", next++)
                    .put("kind", "jar-checked")
                    .put("version", 1)
                    .put(
                            "happenedAt",
                            last.plus(Duration.ofHours(14)).plusSeconds(jar).toString())
                    .put("jar", jar)
                    .put("sealed", true)
                    .put("liquidLoss", "none")
                    .put("jarLevel", "right")
                    .put("bandOff", true)
                    .put("toldBy", "")
                    .put("note", ""));
        }
        return rows;
    }
}

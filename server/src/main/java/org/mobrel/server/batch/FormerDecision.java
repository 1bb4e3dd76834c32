package org.mobrel.server.batch;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.mobrel.canner.PressureTable;
import org.mobrel.foods.Catalogue;
import org.mobrel.foods.TestedProcess;
import org.mobrel.jars.JarSize;
import org.mobrel.ruling.RowUse;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;

/**
 * Reads what was kept of a batch before decisions were records of their own: the answer that its page got then. It cites rows by their section,
 * so that every row of that section and form is taken; one too many finds a lot too many, one too few would miss it.
 */
@Component
class FormerDecision {

    private final Catalogue catalogue;
    private final PressureTable pressures;

    FormerDecision(Catalogue catalogue, PressureTable pressures) {
        this.catalogue = catalogue;
        this.pressures = pressures;
    }

    /** @param sizes of its jars, which the answer itself does not name */
    StoredDecision read(JsonNode answer, StoredBatch batch, Set<JarSize> sizes) {
        List<StoredDecision.Line> lines = new ArrayList<>();
        List<StoredDecision.Row> rows = new ArrayList<>();
        for (JsonNode line : answer.path("lines")) {
            rowsOf(line).forEach(row -> rows.add(new StoredDecision.Row(row, RowUse.Part.LINE.code(), lines.size())));
            lines.add(line(line));
        }
        for (JsonNode considered : answer.path("considered")) {
            if (considered.path("kind").asString("").equals("floor")) {
                catalogue
                        .rows(considered.path("what").asString(""))
                        .forEach(row -> rows.add(new StoredDecision.Row(row.id(), RowUse.Part.FLOOR.code(), null)));
            }
        }
        pressures
                .band(batch.gauge().kind(), batch.altitude())
                .ifPresent(band -> rows.add(new StoredDecision.Row(band.id(), RowUse.Part.PRESSURE.code(), null)));
        sizes.stream()
                .flatMap(size -> JarSize.rowOf(size).stream())
                .forEach(row -> rows.add(new StoredDecision.Row(row, RowUse.Part.JAR_SIZE.code(), null)));
        return new StoredDecision(
                StoredDecision.VERSION,
                text(answer, "tableVersion").orElse(batch.tableVersion()),
                null,
                text(answer, "verdict").orElse(batch.verdict()),
                text(answer, "headline").orElse(""),
                number(answer, "minutes"),
                sizes(answer.path("minutesBySize")),
                milli(answer, "pressurePsi"),
                milli(answer, "targetReadingPsi"),
                text(answer, "setBy").orElse(null),
                text(answer, "timedBy").orElse(null),
                lines,
                findings(answer),
                rows);
    }

    private Set<String> rowsOf(JsonNode line) {
        Optional<String> source = text(line, "source");
        if (source.isEmpty()) {
            return Set.of();
        }
        List<TestedProcess> cited = catalogue.processes().stream()
                .filter(row -> row.source().text().equals(source.get()))
                .toList();
        Set<String> ids = new LinkedHashSet<>();
        cited.stream()
                .filter(row -> text(line, "form").filter(row.form()::equals).isPresent())
                .forEach(row -> ids.add(row.id()));
        if (ids.isEmpty()) {
            cited.forEach(row -> ids.add(row.id()));
        }
        return ids;
    }

    private static StoredDecision.Line line(JsonNode line) {
        List<StoredDecision.Answer> answers = new ArrayList<>();
        for (JsonNode given : line.path("answers")) {
            answers.add(new StoredDecision.Answer(
                    given.path("code").asString(""),
                    given.path("words").asString(""),
                    given.path("choice").asString(""),
                    given.path("text").asString("")));
        }
        return new StoredDecision.Line(
                line.path("text").asString(""),
                text(line, "role").orElse("unknown"),
                text(line, "food").orElse(null),
                text(line, "form").orElse(null),
                sizes(line.path("minutesBySize")),
                text(line, "source").orElse(null),
                answers);
    }

    private static List<StoredDecision.Found> findings(JsonNode answer) {
        List<StoredDecision.Found> findings = new ArrayList<>();
        for (JsonNode finding : answer.path("findings")) {
            findings.add(new StoredDecision.Found(
                    finding.path("code").asString(""),
                    finding.path("severity").asString(""),
                    number(finding, "line"),
                    finding.path("text").asString("")));
        }
        return findings;
    }

    private static Map<String, Integer> sizes(JsonNode minutes) {
        Map<String, Integer> sizes = new LinkedHashMap<>();
        for (String size : List.of("pint", "quart")) {
            Integer time = number(minutes, size);
            if (time != null) {
                sizes.put(size, time);
            }
        }
        return sizes;
    }

    private static Optional<String> text(JsonNode node, String field) {
        return node.path(field).isString() ? Optional.of(node.path(field).asString()) : Optional.empty();
    }

    private static @Nullable Integer number(JsonNode node, String field) {
        return node.path(field).isNumber() ? node.path(field).asInt() : null;
    }

    private static @Nullable Integer milli(JsonNode node, String field) {
        return node.path(field).isNumber()
                ? node.path(field)
                        .asDecimal()
                        .multiply(BigDecimal.valueOf(1_000))
                        .intValue()
                : null;
    }
}

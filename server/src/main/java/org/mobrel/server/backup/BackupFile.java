package org.mobrel.server.backup;

import java.io.BufferedInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.RandomAccessFile;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.mobrel.server.platform.InvalidField;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.databind.json.JsonMapper;

/**
 * A file that was handed in. It is read twice: once to see that it is whole, of a version that is known, and that every row it names is there;
 * only then to be taken over.
 */
final class BackupFile {

    private static final int TAIL = 200;
    private static final int ROWS_AT_A_TIME = 500;

    private final JsonMapper json;
    private final Path file;

    BackupFile(JsonMapper json, Path file) {
        this.json = json;
        this.file = file;
    }

    /** What takes the rows over, some hundred at a time. */
    interface Rows {
        void take(Section section, List<List<@Nullable Object>> rows);
    }

    /**
     * @return rows by section
     * @throws InvalidField with a sentence, if it is not a whole backup of a version this program knows
     */
    Map<String, Integer> verify() throws IOException {
        Map<String, Set<Object>> numbers = new HashMap<>();
        Map<String, Integer> counts = new HashMap<>();
        refuseNewer();
        refuseCutOrAltered();
        each((section, rows) -> {
            counts.merge(section.name(), rows.size(), Integer::sum);
            rows.forEach(row -> check(section, row, numbers));
        });
        return counts;
    }

    /** What stands twice under one key would be refused by the database in words about another device. */
    private static void refuseTwice(Section section, List<@Nullable Object> row, Map<String, Set<Object>> numbers) {
        List<@Nullable Object> key = new ArrayList<>();
        for (int index = 0; index < row.size(); index++) {
            if (section.columns().get(index).key()) {
                key.add(row.get(index));
            }
        }
        if (!numbers.computeIfAbsent("keys of " + section.name(), name -> new HashSet<>())
                .add(key)) {
            throw wrong("%s has the same row twice: %s"
                    .formatted(section.name(), key.stream().map(String::valueOf).collect(Collectors.joining(", "))));
        }
    }

    private static void check(Section section, List<@Nullable Object> row, Map<String, Set<Object>> numbers) {
        refuseTwice(section, row, numbers);
        for (int index = 0; index < row.size(); index++) {
            Column column = section.columns().get(index);
            Object value = row.get(index);
            if (value == null && !column.nullable()) {
                throw wrong("a row of %s has no %s".formatted(section.name(), column.property()));
            }
            if (value != null && column.given()) {
                numbers.computeIfAbsent(section.name(), name -> new HashSet<>()).add(((Number) value).longValue());
            }
            if (value != null && column.refersTo().isPresent()) {
                Set<Object> known = numbers.getOrDefault(column.refersTo().get(), Set.of());
                if (!known.contains(((Number) value).longValue())) {
                    throw wrong("a row of %s names number %s of %s, which is not in it"
                            .formatted(section.name(), value, column.refersTo().get()));
                }
            }
            if (value != null && column.lotCode()) {
                Set<Object> lots = numbers.computeIfAbsent("lot codes", name -> new HashSet<>());
                if (section.name().equals("lots")) {
                    lots.add(value);
                } else if (!lots.contains(value)) {
                    throw wrong("a row of %s names lot %s, which is not in it".formatted(section.name(), value));
                }
            }
        }
    }

    private void refuseNewer() throws IOException {
        try (InputStream in = new BufferedInputStream(Files.newInputStream(file));
                JsonParser parser = json.createParser(in)) {
            boolean begins = parser.nextToken() == JsonToken.START_OBJECT
                    && "format".equals(parser.nextName())
                    && BackupWriter.FORMAT.equals(parser.nextStringValue());
            if (!begins) {
                throw wrong("this is no backup of a kitchen");
            }
            if (!"version".equals(parser.nextName())) {
                throw wrong("it does not say its version");
            }
            int version = parser.nextIntValue(0);
            if (version > BackupWriter.VERSION) {
                throw wrong("it was written by a newer version of Mobrel (%s; this one reads up to %s)"
                        .formatted(version, BackupWriter.VERSION));
            }
        } catch (JacksonException noJson) {
            throw wrong("this is no backup of a kitchen");
        }
    }

    private void refuseCutOrAltered() throws IOException {
        String tail = tail();
        int at = tail.lastIndexOf(BackupWriter.CHECK);
        if (at < 0 || !tail.endsWith("\"}\n")) {
            throw wrong("it is cut off: its last line is missing");
        }
        String said = tail.substring(at + BackupWriter.CHECK.length(), tail.length() - 3);
        long before = Files.size(file)
                - (tail.getBytes(StandardCharsets.UTF_8).length
                        - tail.substring(0, at).getBytes(StandardCharsets.UTF_8).length);
        MessageDigest digest = BackupWriter.sha256();
        byte[] buffer = new byte[65_536];
        try (InputStream in = Files.newInputStream(file)) {
            long left = before;
            int read;
            while (left > 0 && (read = in.read(buffer, 0, (int) Math.min(buffer.length, left))) > 0) {
                digest.update(buffer, 0, read);
                left -= read;
            }
        }
        if (!HexFormat.of().formatHex(digest.digest()).equals(said)) {
            throw wrong("it was altered after it was written: its check does not fit");
        }
    }

    private String tail() throws IOException {
        try (RandomAccessFile end = new RandomAccessFile(file.toFile(), "r")) {
            int length = (int) Math.min(TAIL, end.length());
            byte[] bytes = new byte[length];
            end.seek(end.length() - length);
            end.readFully(bytes);
            return new String(bytes, StandardCharsets.UTF_8);
        }
    }

    /** Reads every row; sections an older version did not have are simply not there. */
    void each(Rows rows) throws IOException {
        try (InputStream in = new BufferedInputStream(Files.newInputStream(file));
                JsonParser parser = json.createParser(in)) {
            parser.nextToken();
            while (parser.nextToken() == JsonToken.PROPERTY_NAME) {
                String name = parser.currentName();
                JsonToken value = parser.nextToken();
                if (value == JsonToken.START_ARRAY) {
                    Section section =
                            Section.named(name).orElseThrow(() -> wrong("it has a part that is unknown: " + name));
                    section(parser, section, rows);
                }
            }
        } catch (JacksonException broken) {
            throw wrong("it cannot be read: " + broken.getOriginalMessage());
        }
    }

    private static void section(JsonParser parser, Section section, Rows rows) {
        Map<String, Integer> places = new HashMap<>();
        for (int index = 0; index < section.columns().size(); index++) {
            places.put(section.columns().get(index).property(), index);
        }
        List<List<@Nullable Object>> some = new ArrayList<>();
        while (parser.nextToken() == JsonToken.START_OBJECT) {
            some.add(row(parser, section, places));
            if (some.size() == ROWS_AT_A_TIME) {
                rows.take(section, some);
                some = new ArrayList<>();
            }
        }
        if (!some.isEmpty()) {
            rows.take(section, some);
        }
    }

    private static List<@Nullable Object> row(JsonParser parser, Section section, Map<String, Integer> places) {
        @Nullable Object[] row = new @Nullable Object[section.columns().size()];
        while (parser.nextToken() == JsonToken.PROPERTY_NAME) {
            Integer place = places.get(parser.currentName());
            if (place == null) {
                throw wrong("%s has a field that is unknown: %s".formatted(section.name(), parser.currentName()));
            }
            parser.nextToken();
            row[place] = value(parser, section, section.columns().get(place));
        }
        List<@Nullable Object> values = new ArrayList<>(row.length);
        for (Object value : row) {
            values.add(value);
        }
        return values;
    }

    private static @Nullable Object value(JsonParser parser, Section section, Column column) {
        JsonToken token = parser.currentToken();
        boolean fits =
                switch (column.kind()) {
                    case INT, LONG -> token == JsonToken.VALUE_NUMBER_INT;
                    case BOOL -> token == JsonToken.VALUE_TRUE || token == JsonToken.VALUE_FALSE;
                    case TEXT, INSTANT, DATE, TIME -> token == JsonToken.VALUE_STRING;
                };
        if (!fits) {
            throw wrong("%s of %s is not what it should be".formatted(column.property(), section.name()));
        }
        return switch (column.kind()) {
            case INT -> parser.getIntValue();
            case LONG -> parser.getLongValue();
            case BOOL -> parser.getBooleanValue();
            case TEXT, INSTANT, DATE, TIME -> parser.getString();
        };
    }

    static InvalidField wrong(String why) {
        return new InvalidField("file", why + ". Nothing was changed.");
    }
}

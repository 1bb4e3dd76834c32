package org.mobrel.server.backup;

import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.json.JsonMapper;

/**
 * Writes a backup: a row a line, sections in a fixed order, rows in the order of their keys, so that the same kitchen always gives the same
 * bytes. The last line holds the SHA-256 of all before it.
 */
final class BackupWriter {

    static final String FORMAT = "mobrel-kitchen";
    static final int VERSION = 2;
    static final String CHECK = "\"check\":\"";

    private final JsonMapper json;
    private final OutputStream out;
    private final MessageDigest digest;

    BackupWriter(JsonMapper json, OutputStream out) {
        this.json = json;
        this.out = out;
        this.digest = sha256();
    }

    static MessageDigest sha256() {
        try {
            return MessageDigest.getInstance("SHA-256");
        } catch (NoSuchAlgorithmException never) {
            throw new IllegalStateException(never);
        }
    }

    void write(BackupRepository repository) {
        put("{\"format\":\"%s\",\"version\":%s,\n".formatted(FORMAT, VERSION));
        for (Section section : Section.ALL) {
            put("\"" + section.name() + "\":[");
            boolean[] first = {true};
            repository.read(section, row -> {
                put((first[0] ? "\n" : ",\n") + line(section, row));
                first[0] = false;
            });
            put("],\n");
        }
        raw(CHECK + HexFormat.of().formatHex(digest.digest()) + "\"}\n");
        try {
            out.flush();
        } catch (IOException gone) {
            throw new UncheckedIOException(gone);
        }
    }

    private String line(Section section, List<@Nullable Object> row) {
        Map<String, @Nullable Object> properties = new LinkedHashMap<>();
        for (int index = 0; index < row.size(); index++) {
            Object value = row.get(index);
            if (value != null) {
                properties.put(section.columns().get(index).property(), value);
            }
        }
        return json.writeValueAsString(properties);
    }

    private void put(String text) {
        digest.update(text.getBytes(StandardCharsets.UTF_8));
        raw(text);
    }

    private void raw(String text) {
        try {
            out.write(text.getBytes(StandardCharsets.UTF_8));
        } catch (IOException gone) {
            throw new UncheckedIOException(gone);
        }
    }
}

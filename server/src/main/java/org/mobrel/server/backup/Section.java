package org.mobrel.server.backup;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/** A part of a backup: one table, its columns in the order they are written. */
record Section(String name, String table, List<Column> columns) {

    /** All of them, parents before children. */
    static final List<Section> ALL = read();

    private static List<Section> read() {
        try (InputStream in = Section.class.getResourceAsStream("sections.txt")) {
            if (in == null) {
                throw new IllegalStateException("sections.txt is missing");
            }
            return new String(in.readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .filter(line -> !line.isBlank() && !line.startsWith("#"))
                    .map(Section::of)
                    .toList();
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }

    private static Section of(String line) {
        List<String> words = Arrays.asList(line.strip().split("\\s+"));
        return new Section(
                words.get(0),
                words.get(1),
                words.subList(2, words.size()).stream().map(Column::of).toList());
    }

    static Optional<Section> named(String name) {
        return ALL.stream().filter(section -> section.name().equals(name)).findFirst();
    }

    /** The column whose numbers the database gives; empty where the key says something by itself. */
    Optional<Column> given() {
        return columns.stream().filter(Column::given).findFirst();
    }

    /** The names here are our own, read from a file of the program; no word of a cook is in it. */
    String select() {
        return "SELECT " + columns.stream().map(Column::name).collect(Collectors.joining(", ")) + " FROM " + table
                + " ORDER BY "
                + columns.stream().filter(Column::key).map(Column::name).collect(Collectors.joining(", "));
    }

    String insert() {
        return "INSERT INTO " + table + " ("
                + columns.stream().map(Column::name).collect(Collectors.joining(", ")) + ") VALUES ("
                + columns.stream().map(column -> "?").collect(Collectors.joining(", ")) + ")";
    }
}

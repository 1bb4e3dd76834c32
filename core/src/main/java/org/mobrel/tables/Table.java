package org.mobrel.tables;

import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.StringReader;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Function;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;

/** A comma-separated table with a header line; lines that begin with '#' are comments. */
public final class Table {

    private static final CSVFormat FORMAT = CSVFormat.DEFAULT
            .builder()
            .setHeader()
            .setSkipHeaderRecord(true)
            .setCommentMarker('#')
            .setTrim(true)
            .get();

    private final List<Row> rows;

    private Table(List<Row> rows) {
        this.rows = List.copyOf(rows);
    }

    /**
     * Reads a table that lies beside a class, such as 'processes.csv'.
     *
     * @throws TableException if it is missing, malformed or its columns are not exactly the given ones
     */
    public static Table beside(Class<?> owner, String file, Set<String> columns) {
        InputStream bytes = Objects.requireNonNull(
                owner.getResourceAsStream(file), () -> "no table " + file + " beside " + owner.getName());
        return read(file, new InputStreamReader(bytes, StandardCharsets.UTF_8), columns);
    }

    /** Reads a table from text, as {@link #beside} does from a resource. */
    public static Table ofText(String file, String text, Set<String> columns) {
        return read(file, new StringReader(text), columns);
    }

    private static Table read(String file, Reader text, Set<String> columns) {
        try (CSVParser parser = CSVParser.parse(text, FORMAT)) {
            Set<String> found = new TreeSet<>(parser.getHeaderNames());
            if (!found.equals(new TreeSet<>(columns))) {
                throw new TableException(
                        file, 1, "columns are %s, expected %s".formatted(found, new TreeSet<>(columns)));
            }
            List<Row> rows = new ArrayList<>();
            for (CSVRecord cells : parser) {
                rows.add(row(file, parser.getCurrentLineNumber(), cells));
            }
            if (rows.isEmpty()) {
                throw new TableException(file, 1, "the table has no rows");
            }
            return new Table(rows);
        } catch (IOException unreadable) {
            throw new TableException(file, "cannot be read", unreadable);
        }
    }

    private static Row row(String file, long line, CSVRecord cells) {
        if (!cells.isConsistent()) {
            throw new TableException(
                    file,
                    line,
                    "%s cells under %s columns"
                            .formatted(
                                    cells.size(),
                                    cells.getParser().getHeaderNames().size()));
        }
        return new Row(file, line, cells);
    }

    /** Turns every row into a value, in the order of the file. */
    public <T> List<T> map(Function<Row, T> meaning) {
        return rows.stream().map(meaning).toList();
    }
}

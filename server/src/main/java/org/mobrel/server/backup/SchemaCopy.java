package org.mobrel.server.backup;

import java.io.BufferedReader;
import java.io.BufferedWriter;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.OutputStreamWriter;
import java.io.UncheckedIOException;
import java.io.Writer;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.ResultSetMetaData;
import java.sql.SQLException;
import java.sql.Statement;
import java.sql.Types;
import java.util.HexFormat;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.zip.GZIPInputStream;
import java.util.zip.GZIPOutputStream;
import org.jspecify.annotations.Nullable;
import org.mobrel.server.platform.SqlTime;

/**
 * All tables as they are, whatever version made them, as SQL: the backup's own form knows only the tables of today. One statement a line,
 * so that it can be taken in again by any client of the database, and is, before it counts.
 */
final class SchemaCopy {

    private static final int ROWS_AT_A_TIME = 500;

    /** They are large. */
    private static final String PICTURES = "photo_file";

    private static final int PICTURES_AT_A_TIME = 10;

    /** A copy without it was cut off. */
    private static final String END = "-- whole";

    private SchemaCopy() {}

    /** Writes all tables of a connection's database, as they stand at one moment. */
    static void write(Connection from, Path file) throws IOException, SQLException {
        try (Writer out = new BufferedWriter(
                new OutputStreamWriter(new GZIPOutputStream(Files.newOutputStream(file)), StandardCharsets.UTF_8))) {
            out.write("-- A copy of all tables of a Mobrel kitchen, made before they were changed.\n");
            out.write("SET NAMES utf8mb4;\nSET FOREIGN_KEY_CHECKS = 0;\n");
            try (Statement statement = from.createStatement()) {
                statement.execute("START TRANSACTION WITH CONSISTENT SNAPSHOT");
                for (String table : tables(from).keySet()) {
                    made(statement, table, out);
                    rows(from, table, out);
                }
                statement.execute("COMMIT");
            }
            out.write("SET FOREIGN_KEY_CHECKS = 1;\n" + END + "\n");
        } catch (UncheckedIOException failed) {
            throw failed.getCause();
        }
    }

    /** Tables with a sum of all they hold. */
    static Map<String, Long> tables(Connection of) throws SQLException {
        Map<String, Long> tables = new TreeMap<>();
        names(of).forEach(name -> tables.put(name, 0L));
        for (Map.Entry<String, Long> table : tables.entrySet()) {
            try (Statement statement = of.createStatement();
                    ResultSet sum = statement.executeQuery("CHECKSUM TABLE " + quoted(table.getKey()))) {
                sum.next();
                table.setValue(sum.getLong(2));
            }
        }
        return tables;
    }

    private static Set<String> names(Connection of) throws SQLException {
        Set<String> names = new TreeSet<>();
        try (Statement statement = of.createStatement();
                ResultSet rows = statement.executeQuery("SELECT table_name FROM information_schema.tables"
                        + " WHERE table_schema = DATABASE() AND table_type = 'BASE TABLE'")) {
            while (rows.next()) {
                names.add(rows.getString(1));
            }
        }
        return names;
    }

    private static void made(Statement statement, String table, Writer out) throws SQLException, IOException {
        try (ResultSet row = statement.executeQuery("SHOW CREATE TABLE " + quoted(table))) {
            row.next();
            out.write(row.getString(2).replace("\n", " ") + ";\n");
        }
    }

    private static void rows(Connection from, String table, Writer out) throws SQLException, IOException {
        try (Statement statement = from.createStatement()) {
            statement.setFetchSize(table.equals(PICTURES) ? PICTURES_AT_A_TIME : ROWS_AT_A_TIME);
            try (ResultSet rows = statement.executeQuery("SELECT * FROM " + quoted(table))) {
                ResultSetMetaData columns = rows.getMetaData();
                while (rows.next()) {
                    out.write("INSERT INTO " + quoted(table) + " VALUES (");
                    for (int column = 1; column <= columns.getColumnCount(); column++) {
                        out.write((column == 1 ? "" : ",") + value(rows, column, columns.getColumnType(column)));
                    }
                    out.write(");\n");
                }
            }
        }
    }

    /** Text as the bytes it is: no sign of it can be taken for an end. */
    private static String value(ResultSet row, int column, int type) throws SQLException {
        return switch (type) {
            case Types.TINYINT, Types.SMALLINT, Types.INTEGER, Types.BIGINT, Types.DECIMAL, Types.BIT, Types.BOOLEAN ->
                row.getObject(column) == null ? "NULL" : number(row, column);
            case Types.TIMESTAMP -> text(SqlTime.text(row, column));
            // Pictures: as they are.
            case Types.BINARY, Types.VARBINARY, Types.LONGVARBINARY, Types.BLOB -> binary(row, column);
            default -> text(row.getString(column));
        };
    }

    private static String text(@Nullable String text) {
        return text == null ? "NULL" : text.isEmpty() ? "''" : "CONVERT(X'" + hex(text) + "' USING utf8mb4)";
    }

    private static String binary(ResultSet row, int column) throws SQLException {
        byte[] bytes = row.getBytes(column);
        return bytes == null
                ? "NULL"
                : bytes.length == 0 ? "''" : "X'" + HexFormat.of().formatHex(bytes) + "'";
    }

    private static String number(ResultSet row, int column) throws SQLException {
        return row.getBigDecimal(column).toPlainString();
    }

    private static String hex(String text) {
        return HexFormat.of().formatHex(text.getBytes(StandardCharsets.UTF_8));
    }

    private static String quoted(String name) {
        return "`" + name.replace("`", "``") + "`";
    }

    /**
     * Puts all tables back as a copy has them; what is there goes.
     *
     * @throws IOException if the copy is cut off; then nothing was changed
     */
    static void putBack(Path file, Connection into) throws IOException, SQLException {
        whole(file);
        try (Statement statement = into.createStatement()) {
            statement.execute("SET FOREIGN_KEY_CHECKS = 0");
            for (String table : names(into)) {
                statement.execute("DROP TABLE " + quoted(table));
            }
        }
        read(file, into);
    }

    private static void whole(Path file) throws IOException {
        String last = "";
        try (BufferedReader in = reader(file)) {
            for (String line = in.readLine(); line != null; line = in.readLine()) {
                last = line;
            }
        }
        if (!last.equals(END)) {
            throw new IOException("the copy is cut off");
        }
    }

    private static BufferedReader reader(Path file) throws IOException {
        return new BufferedReader(
                new InputStreamReader(new GZIPInputStream(Files.newInputStream(file)), StandardCharsets.UTF_8));
    }

    /**
     * Takes a copy in, into an empty database.
     *
     * @throws IOException if it is cut off
     */
    static void read(Path file, Connection into) throws IOException, SQLException {
        try (BufferedReader in = reader(file);
                Statement statement = into.createStatement()) {
            String last = "";
            for (String line = in.readLine(); line != null; line = in.readLine()) {
                last = line;
                if (!line.startsWith("--")) {
                    statement.execute(line.substring(0, line.length() - 1));
                }
            }
            if (!last.equals(END)) {
                throw new IOException("the copy is cut off");
            }
        }
    }
}

package org.mobrel.server.kitchen;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.mobrel.canner.GaugeTest;
import org.mobrel.canner.Inspection;
import org.mobrel.quantity.GaugePressure;
import org.mobrel.server.platform.SqlTime;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.jdbc.support.GeneratedKeyHolder;
import org.springframework.jdbc.support.KeyHolder;
import org.springframework.stereotype.Repository;

/** Gauge tests and inspections: written down once, never changed. A test that was a slip of the pen is struck. */
@Repository
class CareRepository {

    private final JdbcClient db;

    CareRepository(JdbcClient db) {
        this.db = db;
    }

    /** A test as it is stored. */
    record StoredTest(long id, GaugeTest test, boolean struck) {}

    /** Those that count, in the order they were written down. */
    List<GaugeTest> tests(long canner) {
        return allTests(canner).stream()
                .filter(stored -> !stored.struck())
                .map(StoredTest::test)
                .toList();
    }

    List<StoredTest> allTests(long canner) {
        return db.sql("SELECT id, tested_on, read_psi, master_psi, tested_by, struck_at FROM gauge_test"
                        + " WHERE canner_id = :canner ORDER BY id")
                .param("canner", canner)
                .query((row, number) ->
                        new StoredTest(row.getLong("id"), test(row), row.getObject("struck_at") != null))
                .list();
    }

    long add(long canner, GaugeTest test, Instant at) {
        KeyHolder key = new GeneratedKeyHolder();
        db.sql(
                        """
                        INSERT INTO gauge_test (canner_id, tested_on, read_psi, master_psi, tested_by, written_at)
                        VALUES (:canner, :on, :read, :master, :by, :at)
                        """)
                .param("canner", canner)
                .param("on", test.on())
                .param("read", test.read().milliPsi())
                .param("master", test.master().milliPsi())
                .param("by", test.by())
                .param("at", SqlTime.of(at))
                .update(key);
        return Objects.requireNonNull(key.getKey()).longValue();
    }

    /** How many tests were struck: 1, or 0 if there is none of that number. */
    int strike(long canner, long test, Instant at) {
        return db.sql(
                        "UPDATE gauge_test SET struck_at = :at WHERE id = :id AND canner_id = :canner AND struck_at IS NULL")
                .param("at", SqlTime.of(at))
                .param("id", test)
                .param("canner", canner)
                .update();
    }

    /** The tests of all canners that count, in the order they were written down. */
    Map<Long, List<GaugeTest>> tests() {
        Map<Long, List<GaugeTest>> tests = new HashMap<>();
        db.sql(
                        "SELECT canner_id, tested_on, read_psi, master_psi, tested_by FROM gauge_test WHERE struck_at IS NULL ORDER BY id")
                .query(row -> {
                    tests.computeIfAbsent(row.getLong("canner_id"), first -> new ArrayList<>())
                            .add(test(row));
                });
        return tests;
    }

    /** The inspections of all canners, in the order they were written down. */
    Map<Long, List<Inspection>> inspections() {
        Map<Long, Map<Inspection.Part, Inspection.Look>> found = new HashMap<>();
        db.sql("SELECT inspection_id, part, look FROM inspection_part").query(row -> {
            found.computeIfAbsent(row.getLong("inspection_id"), first -> new EnumMap<>(Inspection.Part.class))
                    .put(
                            Inspection.Part.ofCode(row.getString("part")).orElseThrow(),
                            Inspection.Look.ofCode(row.getString("look")).orElseThrow());
        });
        Map<Long, List<Inspection>> inspections = new HashMap<>();
        db.sql("SELECT id, canner_id, inspected_on, inspected_by, note FROM inspection ORDER BY id")
                .query(row -> {
                    inspections
                            .computeIfAbsent(row.getLong("canner_id"), first -> new ArrayList<>())
                            .add(new Inspection(
                                    row.getObject("inspected_on", LocalDate.class),
                                    found.getOrDefault(row.getLong("id"), Map.of()),
                                    row.getString("inspected_by"),
                                    row.getString("note")));
                });
        return inspections;
    }

    private static GaugeTest test(ResultSet row) throws SQLException {
        return new GaugeTest(
                row.getObject("tested_on", LocalDate.class),
                new GaugePressure(row.getInt("read_psi")),
                new GaugePressure(row.getInt("master_psi")),
                row.getString("tested_by"));
    }

    void add(long canner, Inspection inspection, Instant at) {
        KeyHolder key = new GeneratedKeyHolder();
        db.sql(
                        """
                        INSERT INTO inspection (canner_id, inspected_on, inspected_by, note, written_at)
                        VALUES (:canner, :on, :by, :note, :at)
                        """)
                .param("canner", canner)
                .param("on", inspection.on())
                .param("by", inspection.by())
                .param("note", inspection.note())
                .param("at", SqlTime.of(at))
                .update(key);
        long id = Objects.requireNonNull(key.getKey()).longValue();
        inspection.found().forEach((part, look) -> db.sql(
                        "INSERT INTO inspection_part (inspection_id, part, look) VALUES (:id, :part, :look)")
                .param("id", id)
                .param("part", part.code())
                .param("look", look.code())
                .update());
    }
}

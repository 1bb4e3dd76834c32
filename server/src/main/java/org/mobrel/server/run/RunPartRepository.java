package org.mobrel.server.run;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.mobrel.jars.JarCount;
import org.mobrel.jars.JarSize;
import org.mobrel.jars.Mouth;
import org.mobrel.quantity.Volume;
import org.mobrel.ruling.Verdict;
import org.mobrel.run.RunEvent;
import org.mobrel.server.platform.SqlTime;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** What hangs on runs: jars, events and the pace of the clock, for many runs at once. */
@Repository
class RunPartRepository {

    private final JdbcClient db;

    RunPartRepository(JdbcClient db) {
        this.db = db;
    }

    /** The parts of some runs, by the number of the run. */
    record Parts(Map<Long, List<Jars>> jars, Map<Long, ClockRate> paces, Map<Long, List<RunEvent>> events) {

        /** Jars that say nothing else belong to the batch of the run. */
        List<RunGroup> groups(long run, long batch, String title, Verdict verdict) {
            return jars.getOrDefault(run, List.of()).stream()
                    .map(group -> new RunGroup(
                            group.jars(),
                            Objects.requireNonNullElse(group.batch(), batch),
                            Objects.requireNonNullElse(group.title(), title),
                            group.variant(),
                            group.verdict().orElse(verdict),
                            group.finish(),
                            group.broth()))
                    .toList();
        }

        Optional<ClockRate> pace(long run) {
            return Optional.ofNullable(paces.get(run));
        }

        List<RunEvent> eventsOf(long run) {
            return events.getOrDefault(run, List.of());
        }
    }

    /** A row of jars as it is stored; null for what the run says. */
    record Jars(
            JarCount jars,
            @Nullable Long batch,
            @Nullable String title,
            String variant,
            Optional<Verdict> verdict,
            String finish,
            Optional<Volume> broth) {}

    Parts of(Collection<Long> runs) {
        if (runs.isEmpty()) {
            return new Parts(Map.of(), Map.of(), Map.of());
        }
        Map<Long, List<Jars>> jars = new HashMap<>();
        db.sql("SELECT run_id, size, mouth, jars, batch_id, title, verdict, broth_ul, variant, finish FROM run_jars"
                        + " WHERE run_id IN (:runs) ORDER BY run_id, position")
                .param("runs", runs)
                .query(row -> {
                    jars.computeIfAbsent(row.getLong("run_id"), run -> new ArrayList<>())
                            .add(jars(row));
                });
        Map<Long, ClockRate> paces = new HashMap<>();
        db.sql(
                        """
                        SELECT p.run_id, p.real_at, p.run_at, p.pace, s.step_ms FROM run_pace p
                        LEFT JOIN run_clock_step s ON s.run_id = p.run_id AND s.number = p.number
                        WHERE p.run_id IN (:runs) ORDER BY p.run_id, p.number
                        """)
                .param("runs", runs)
                .query(row -> {
                    long run = row.getLong("run_id");
                    ClockRate before = paces.get(run);
                    boolean simulated =
                            row.getObject("step_ms", Long.class) == null || before != null && before.simulated();
                    // The last one counts.
                    paces.put(
                            run,
                            new ClockRate(
                                    SqlTime.get(row, "real_at"),
                                    SqlTime.get(row, "run_at"),
                                    row.getInt("pace"),
                                    simulated));
                });
        return new Parts(jars, paces, events(runs));
    }

    private static Jars jars(ResultSet row) throws SQLException {
        return new Jars(
                new JarCount(
                        JarSize.ofCode(row.getString("size")).orElseThrow(),
                        Mouth.ofCode(row.getString("mouth")).orElseThrow(),
                        row.getInt("jars")),
                row.getObject("batch_id", Long.class),
                row.getString("title"),
                row.getString("variant"),
                Optional.ofNullable(row.getString("verdict")).flatMap(Verdict::ofCode),
                row.getString("finish"),
                Optional.ofNullable(row.getObject("broth_ul", Long.class)).map(Volume::new));
    }

    private Map<Long, List<RunEvent>> events(Collection<Long> runs) {
        Map<Long, List<RunEvent>> events = new HashMap<>();
        db.sql(
                        """
                        SELECT run_id, kind, happened_at, heard_at, dial_psi, weight, jiggles, jar, sealed, liquid_loss, jar_level,
                               band_off, check_code, waived, corrects, decision, told_by, device_id, note, zero_signs, cooled, place,
                               water_left, listened_ms, knocks,
                               seen_low, seen_high, looks
                        FROM run_event WHERE run_id IN (:runs) ORDER BY run_id, number
                        """)
                .param("runs", runs)
                .query(row -> {
                    events.computeIfAbsent(row.getLong("run_id"), run -> new ArrayList<>())
                            .add(EventRow.event(row));
                });
        return events;
    }
}

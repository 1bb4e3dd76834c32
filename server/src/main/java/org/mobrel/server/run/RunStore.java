package org.mobrel.server.run;

import java.math.BigDecimal;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.mobrel.canner.GaugeKind;
import org.mobrel.foods.Pack;
import org.mobrel.jars.JarCount;
import org.mobrel.jars.JarSize;
import org.mobrel.jars.Mouth;
import org.mobrel.quantity.GaugePressure;
import org.mobrel.quantity.Minutes;
import org.mobrel.ruling.Verdict;
import org.mobrel.run.EventKind;
import org.mobrel.run.JarCheck;
import org.mobrel.run.Reading;
import org.mobrel.run.RunEvent;
import org.mobrel.run.RunPlan;
import org.mobrel.run.WeightState;
import org.mobrel.server.platform.SqlTime;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.jdbc.support.GeneratedKeyHolder;
import org.springframework.jdbc.support.KeyHolder;
import org.springframework.stereotype.Repository;

@Repository
class RunStore {

    /** The meaning of the stored events; a kind whose meaning changes gets a new number, and old ones are still read. */
    private static final int EVENT_VERSION = 1;

    private static final String COLUMNS =
            "id, batch_id, load_number, title, canner_id, canner_name, verdict, process_min, target_psi, true_psi,"
                    + " gauge_kind, headspace_in, pack";

    private final JdbcClient db;

    RunStore(JdbcClient db) {
        this.db = db;
    }

    Optional<Run> run(long id) {
        return db.sql("SELECT " + COLUMNS + " FROM run WHERE id = :id")
                .param("id", id)
                .query((row, number) -> run(row))
                .optional();
    }

    /** As {@link #run}, held until the transaction ends: events of one run are written one after another. */
    Optional<Run> runForUpdate(long id) {
        return db.sql("SELECT " + COLUMNS + " FROM run WHERE id = :id FOR UPDATE")
                .param("id", id)
                .query((row, number) -> run(row))
                .optional();
    }

    List<Run> open() {
        return db.sql("SELECT " + COLUMNS + " FROM run WHERE NOT finished ORDER BY id")
                .query((row, number) -> run(row))
                .list();
    }

    List<Run> ofBatch(long batchId) {
        return db.sql("SELECT " + COLUMNS + " FROM run WHERE batch_id = :batch"
                        + " OR id IN (SELECT run_id FROM run_jars WHERE batch_id = :batch) ORDER BY load_number, id")
                .param("batch", batchId)
                .query((row, number) -> run(row))
                .list();
    }

    private Run run(ResultSet row) throws SQLException {
        long id = row.getLong("id");
        Verdict verdict = Verdict.ofCode(row.getString("verdict")).orElseThrow();
        List<RunGroup> groups = groups(id, row.getLong("batch_id"), row.getString("title"), verdict);
        RunPlan plan = new RunPlan(
                new Minutes(row.getInt("process_min")),
                new GaugePressure(row.getInt("target_psi")),
                GaugeKind.ofCode(row.getString("gauge_kind")).orElseThrow(),
                groups.stream().mapToInt(group -> group.jars().count()).sum());
        return new Run(
                id,
                row.getLong("batch_id"),
                row.getInt("load_number"),
                row.getString("title"),
                row.getLong("canner_id"),
                row.getString("canner_name"),
                verdict,
                plan,
                new GaugePressure(row.getInt("true_psi")),
                row.getBigDecimal("headspace_in"),
                Pack.ofCode(row.getString("pack")).orElseThrow(),
                groups,
                events(id));
    }

    /** Jars that say nothing else belong to the batch of the run. */
    private List<RunGroup> groups(long runId, long batch, String title, Verdict verdict) {
        return db.sql(
                        "SELECT size, mouth, jars, batch_id, title, verdict FROM run_jars WHERE run_id = :run ORDER BY position")
                .param("run", runId)
                .query((row, number) -> new RunGroup(
                        new JarCount(
                                JarSize.ofCode(row.getString("size")).orElseThrow(),
                                Mouth.ofCode(row.getString("mouth")).orElseThrow(),
                                row.getInt("jars")),
                        Objects.requireNonNullElse(row.getObject("batch_id", Long.class), batch),
                        Objects.requireNonNullElse(row.getString("title"), title),
                        Optional.ofNullable(row.getString("verdict"))
                                .flatMap(Verdict::ofCode)
                                .orElse(verdict)))
                .list();
    }

    /** The last runs of a canner that are over, the newest first. */
    List<Run> lastOf(long canner, int most) {
        return db.sql("SELECT " + COLUMNS
                        + " FROM run WHERE canner_id = :canner AND finished ORDER BY id DESC LIMIT :most")
                .param("canner", canner)
                .param("most", most)
                .query((row, number) -> run(row))
                .list();
    }

    private List<RunEvent> events(long runId) {
        return db.sql(
                        """
                        SELECT kind, happened_at, dial_psi, weight, jar, sealed, liquid_loss, note
                        FROM run_event WHERE run_id = :run ORDER BY number
                        """)
                .param("run", runId)
                .query((row, number) -> event(row))
                .list();
    }

    private static RunEvent event(ResultSet row) throws SQLException {
        return new RunEvent(
                EventKind.ofCode(row.getString("kind")).orElseThrow(),
                SqlTime.get(row, "happened_at"),
                reading(row.getObject("dial_psi", Integer.class), row.getString("weight")),
                jar(row),
                row.getString("note"));
    }

    private static Optional<Reading> reading(@Nullable Integer dial, @Nullable String weight) {
        if (dial != null) {
            return Optional.of(Reading.ofDial(new GaugePressure(dial)));
        }
        return Optional.ofNullable(weight).flatMap(WeightState::ofCode).map(Reading::ofWeight);
    }

    private static Optional<JarCheck> jar(ResultSet row) throws SQLException {
        Integer jar = row.getObject("jar", Integer.class);
        return jar == null
                ? Optional.empty()
                : Optional.of(new JarCheck(
                        jar,
                        row.getBoolean("sealed"),
                        JarCheck.LiquidLoss.ofCode(row.getString("liquid_loss")).orElseThrow()));
    }

    long add(NewRun run) {
        KeyHolder key = new GeneratedKeyHolder();
        db.sql(
                        """
                        INSERT INTO run (batch_id, load_number, title, canner_id, canner_name, verdict, process_min,
                                         target_psi, true_psi, gauge_kind, headspace_in, pack)
                        VALUES (:batch, :load, :title, :canner, :cannerName, :verdict, :minutes,
                                :target, :true, :gauge, :headspace, :pack)
                        """)
                .param("batch", run.batchId())
                .param("load", run.loadNumber())
                .param("title", run.title())
                .param("canner", run.cannerId())
                .param("cannerName", run.cannerName())
                .param("verdict", run.verdict().code())
                .param("minutes", run.timing().minutes().value())
                .param("target", run.timing().reading().milliPsi())
                .param("true", run.timing().truePressure().milliPsi())
                .param("gauge", run.gauge().code())
                .param(
                        "headspace",
                        new BigDecimal(run.timing().headspace().inches().toPlainString()))
                .param("pack", run.pack().code())
                .update(key);
        long id = Objects.requireNonNull(key.getKey()).longValue();
        for (int position = 0; position < run.groups().size(); position++) {
            add(id, position, run.groups().get(position));
        }
        return id;
    }

    private void add(long runId, int position, RunGroup group) {
        db.sql(
                        """
                        INSERT INTO run_jars (run_id, position, size, mouth, jars, batch_id, title, verdict)
                        VALUES (:run, :position, :size, :mouth, :jars, :batch, :title, :verdict)
                        """)
                .param("run", runId)
                .param("position", position)
                .param("size", group.jars().size().code())
                .param("mouth", group.jars().mouth().code())
                .param("jars", group.jars().count())
                .param("batch", group.batchId())
                .param("title", group.title())
                .param("verdict", group.verdict().code())
                .update();
    }

    /** @throws org.springframework.dao.DuplicateKeyException if somebody else wrote that number first */
    void add(long runId, int number, RunEvent event) {
        db.sql(
                        """
                        INSERT INTO run_event (run_id, number, kind, version, happened_at, dial_psi, weight, jar, sealed,
                                               liquid_loss, note)
                        VALUES (:run, :number, :kind, :version, :at, :dial, :weight, :jar, :sealed, :loss, :note)
                        """)
                .param("run", runId)
                .param("number", number)
                .param("kind", event.kind().code())
                .param("version", EVENT_VERSION)
                .param("at", SqlTime.of(event.at()))
                .param(
                        "dial",
                        event.reading()
                                .flatMap(Reading::dial)
                                .map(GaugePressure::milliPsi)
                                .orElse(null))
                .param(
                        "weight",
                        event.reading()
                                .flatMap(Reading::weight)
                                .map(WeightState::code)
                                .orElse(null))
                .param("jar", event.jar().map(JarCheck::jar).orElse(null))
                .param("sealed", event.jar().map(JarCheck::sealed).orElse(null))
                .param("loss", event.jar().map(jar -> jar.loss().code()).orElse(null))
                .param("note", event.note())
                .update();
    }

    void close(long runId) {
        db.sql("UPDATE run SET finished = TRUE WHERE id = :run")
                .param("run", runId)
                .update();
    }
}

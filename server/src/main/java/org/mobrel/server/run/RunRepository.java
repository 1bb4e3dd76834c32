package org.mobrel.server.run;

import java.math.BigDecimal;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.mobrel.canner.GaugeKind;
import org.mobrel.foods.Pack;
import org.mobrel.quantity.GaugePressure;
import org.mobrel.quantity.Minutes;
import org.mobrel.quantity.Volume;
import org.mobrel.ruling.Verdict;
import org.mobrel.run.Hearth;
import org.mobrel.run.HeatSource;
import org.mobrel.run.Jiggles;
import org.mobrel.run.RunEvent;
import org.mobrel.run.RunHistory;
import org.mobrel.run.RunPlan;
import org.mobrel.server.platform.RecordCheck;
import org.mobrel.server.platform.SqlTime;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.jdbc.support.GeneratedKeyHolder;
import org.springframework.jdbc.support.KeyHolder;
import org.springframework.stereotype.Repository;

@Repository
class RunRepository implements RecordCheck {

    /** The meaning of the stored events; a kind whose meaning changes gets a new number, and old ones are still read. */
    private static final int EVENT_VERSION = 1;

    /** What was taken at the lid goes before what was sent with the plan. */
    private static final String COLUMNS =
            """
            run.id, run.batch_id, run.load_number, run.title, run.canner_id, run.canner_name, run.verdict, run.process_min,
            run.target_psi AS sent_target_psi, run.headspace_in, run.pack,
            COALESCE(s.target_psi, run.target_psi) AS target_psi, COALESCE(s.true_psi, run.true_psi) AS true_psi,
            COALESCE(s.gauge_kind, run.gauge_kind) AS gauge_kind,
            COALESCE(s.jiggles_least, run.jiggles_least) AS jiggles_least,
            COALESCE(s.jiggles_most, run.jiggles_most) AS jiggles_most, s.start_water_ul, s.zero_not_before_s, run.again_of, run.again_until,
            (SELECT MIN(next.id) FROM run next WHERE next.again_of = run.id) AS next_try
            """;

    private static final String FROM = " FROM run LEFT JOIN run_setting s ON s.run_id = run.id ";

    private final JdbcClient db;
    private final RunPartRepository parts;

    RunRepository(JdbcClient db, RunPartRepository parts) {
        this.db = db;
        this.parts = parts;
    }

    Optional<Run> run(long id) {
        return runs(db.sql("SELECT " + COLUMNS + FROM + "WHERE run.id = :id").param("id", id)).stream()
                .findFirst();
    }

    /** As {@link #run}, held until the transaction ends: events of one run are written one after another. */
    Optional<Run> runForUpdate(long id) {
        return runs(db.sql("SELECT " + COLUMNS + FROM + "WHERE run.id = :id FOR UPDATE")
                        .param("id", id))
                .stream()
                .findFirst();
    }

    @Override
    public List<Fault> unreadable() {
        List<Long> ids =
                db.sql("SELECT id FROM run ORDER BY id").query(Long.class).list();
        return RecordCheck.unreadable("runs", ids, id -> run(id).orElseThrow().state());
    }

    List<Run> open() {
        return runs(db.sql("SELECT " + COLUMNS + FROM + "WHERE NOT run.finished ORDER BY run.id"));
    }

    List<Run> ofBatch(long batchId) {
        return runs(db.sql(
                        "SELECT " + COLUMNS + FROM + "WHERE run.batch_id = :batch"
                                + " OR run.id IN (SELECT run_id FROM run_jars WHERE batch_id = :batch) ORDER BY run.load_number, run.id")
                .param("batch", batchId));
    }

    /** The runs of some batches, read at once. */
    List<Run> ofBatches(Collection<Long> batches) {
        return batches.isEmpty()
                ? List.of()
                : runs(db.sql(
                                "SELECT " + COLUMNS + FROM + "WHERE run.batch_id IN (:batches)"
                                        + " OR run.id IN (SELECT run_id FROM run_jars WHERE batch_id IN (:batches)) ORDER BY run.load_number, run.id")
                        .param("batches", batches));
    }

    /** Makes a run of its row, once all that hangs on it is known. */
    private interface Waiting {
        Run with(RunPartRepository.Parts parts);
    }

    private List<Run> runs(JdbcClient.StatementSpec query) {
        List<Long> ids = new ArrayList<>();
        List<Waiting> waiting = query.query((row, number) -> {
                    ids.add(row.getLong("id"));
                    return run(row);
                })
                .list();
        RunPartRepository.Parts all = parts.of(ids);
        return waiting.stream().map(run -> run.with(all)).toList();
    }

    private static Waiting run(ResultSet row) throws SQLException {
        long id = row.getLong("id");
        long batch = row.getLong("batch_id");
        int load = row.getInt("load_number");
        String title = row.getString("title");
        long canner = row.getLong("canner_id");
        String cannerName = row.getString("canner_name");
        Verdict verdict = Verdict.ofCode(row.getString("verdict")).orElseThrow();
        Minutes process = new Minutes(row.getInt("process_min"));
        GaugePressure target = new GaugePressure(row.getInt("target_psi"));
        GaugeKind gauge = GaugeKind.ofCode(row.getString("gauge_kind")).orElseThrow();
        Jiggles jiggles = new Jiggles(row.getInt("jiggles_least"), row.getInt("jiggles_most"));
        GaugePressure truePressure = new GaugePressure(row.getInt("true_psi"));
        GaugePressure sentTarget = new GaugePressure(row.getInt("sent_target_psi"));
        BigDecimal headspace = row.getBigDecimal("headspace_in");
        Optional<Volume> startWater =
                Optional.ofNullable(row.getObject("start_water_ul", Long.class)).map(Volume::new);
        Duration zeroNotBefore = Duration.ofSeconds(row.getInt("zero_not_before_s"));
        Long first = row.getObject("again_of", Long.class);
        Optional<Run.Again> again =
                first == null ? Optional.empty() : Optional.of(new Run.Again(first, SqlTime.get(row, "again_until")));
        Optional<Long> nextTry = Optional.ofNullable(row.getObject("next_try", Long.class));
        Pack pack = Pack.ofCode(row.getString("pack")).orElseThrow();
        return parts -> {
            List<RunGroup> groups = parts.groups(id, batch, title, verdict);
            int jars = groups.stream().mapToInt(group -> group.jars().count()).sum();
            RunPlan plan = new RunPlan(process, target, gauge, jars, jiggles, startWater, zeroNotBefore, Set.of());
            return new Run(
                    id,
                    batch,
                    load,
                    title,
                    canner,
                    cannerName,
                    verdict,
                    truePressure,
                    sentTarget,
                    headspace,
                    pack,
                    groups,
                    again,
                    nextTry,
                    parts.pace(id),
                    RunHistory.of(plan, parts.eventsOf(id)));
        };
    }

    List<Run> dialRuns(long canner, Instant from, Instant until) {
        return runs(db.sql(
                        "SELECT " + COLUMNS + FROM
                                + """
                        WHERE run.canner_id = :canner AND COALESCE(s.gauge_kind, run.gauge_kind) = 'dial'
                           AND EXISTS (SELECT 1 FROM run_event e WHERE e.run_id = run.id AND e.kind = 'heat-off'
                                         AND e.happened_at >= :from AND e.happened_at < :until)
                         ORDER BY run.id
                        """)
                .param("canner", canner)
                .param("from", SqlTime.of(from))
                .param("until", SqlTime.of(until)));
    }

    /** Runs of a kind of gauge that are over and were held at less than this true pressure. */
    List<Run> heldBelow(GaugeKind gauge, GaugePressure least) {
        return runs(db.sql("SELECT " + COLUMNS + FROM
                        + "WHERE run.finished AND COALESCE(s.gauge_kind, run.gauge_kind) = :gauge"
                        + " AND COALESCE(s.true_psi, run.true_psi) < :least ORDER BY run.id")
                .param("gauge", gauge.code())
                .param("least", least.milliPsi()));
    }

    /** The last runs of a canner that are over, the newest first, without those on the practice device: they say nothing of it. */
    List<Run> lastOf(long canner, int most) {
        return runs(db.sql("SELECT " + COLUMNS + FROM
                        + "WHERE run.canner_id = :canner AND run.finished "
                        + "AND NOT EXISTS (SELECT 1 FROM run_pace p WHERE p.run_id = run.id"
                        + " AND NOT EXISTS (SELECT 1 FROM run_clock_step s WHERE s.run_id = p.run_id AND s.number = p.number))"
                        + " ORDER BY run.id DESC LIMIT :most")
                .param("canner", canner)
                .param("most", most));
    }

    void add(long runId, ClockRate pace) {
        db.sql(
                        """
                        INSERT INTO run_pace (run_id, number, real_at, run_at, pace)
                        SELECT :run, COALESCE(MAX(number), 0) + 1, :real, :at, :pace FROM run_pace WHERE run_id = :run
                        """)
                .param("run", runId)
                .param("real", SqlTime.of(pace.realAt()))
                .param("at", SqlTime.of(pace.runAt()))
                .param("pace", pace.pace())
                .update();
    }

    /** As {@link #add(long, ClockRate)}, because the server's clock was set. */
    void addStep(long runId, ClockRate pace, long stepMillis) {
        add(runId, pace);
        db.sql(
                        """
                        INSERT INTO run_clock_step (run_id, number, step_ms)
                        SELECT :run, MAX(number), :step FROM run_pace WHERE run_id = :run
                        """)
                .param("run", runId)
                .param("step", stepMillis)
                .update();
    }

    /** When Mobrel last looked at its clock; empty before it ever did. */
    Optional<Instant> lookedAt() {
        return db.sql("SELECT looked_at FROM clock_look WHERE id = 1")
                .query((row, number) -> SqlTime.get(row, "looked_at"))
                .optional();
    }

    void lookedAt(Instant at) {
        db.sql("INSERT INTO clock_look (id, looked_at) VALUES (1, :at) ON DUPLICATE KEY UPDATE looked_at = :at")
                .param("at", SqlTime.of(at))
                .update();
    }

    /** The number of the event that a tap became; empty for one that has not come through yet. */
    Optional<Integer> numberOf(long runId, String tapKey) {
        return db.sql("SELECT number FROM run_event WHERE run_id = :run AND tap_key = :key")
                .param("run", runId)
                .param("key", tapKey)
                .query(Integer.class)
                .optional();
    }

    /** The numbers a gauge has given to the readings of a run that are written down already. */
    Set<Long> numbersOf(long runId, long device) {
        return new HashSet<>(db.sql("SELECT device_seq FROM run_event WHERE run_id = :run AND device_id = :device")
                .param("run", runId)
                .param("device", device)
                .query(Long.class)
                .list());
    }

    /** The settings of the burner that were written down with a canner, in any run but this one, and where it stood then; the newest first. */
    List<Hearth.Setting> burnerSettings(long canner, long exceptRun) {
        return db.sql(
                        """
                        SELECT e.note, e.happened_at, s.note AS burner, s.place FROM run_event e JOIN run r ON r.id = e.run_id
                        LEFT JOIN run_event s ON s.run_id = e.run_id AND s.number =
                          (SELECT MAX(m.number) FROM run_event m WHERE m.run_id = e.run_id AND m.kind = 'stands-on' AND m.number < e.number)
                        WHERE r.canner_id = :canner AND r.id <> :run AND e.kind = 'burner'
                        ORDER BY e.happened_at DESC LIMIT 60
                        """)
                .param("canner", canner)
                .param("run", exceptRun)
                .query((row, number) -> new Hearth.Setting(
                        row.getString("note"), SqlTime.get(row, "happened_at"), hearth(row.getString("burner"), row)))
                .list();
    }

    private static Hearth hearth(@Nullable String burner, ResultSet row) throws SQLException {
        return burner == null
                ? Hearth.USUAL
                : new Hearth(burner, Optional.ofNullable(row.getString("place")).flatMap(HeatSource::ofCode));
    }

    /** The number of one more load of a batch. */
    int nextLoad(long batch) {
        return db.sql("SELECT COALESCE(MAX(load_number), 0) + 1 FROM run WHERE batch_id = :batch")
                .param("batch", batch)
                .query(Integer.class)
                .single();
    }

    long add(NewRun run) {
        KeyHolder key = new GeneratedKeyHolder();
        db.sql(
                        """
                        INSERT INTO run (batch_id, load_number, title, canner_id, canner_name, verdict, process_min,
                                         target_psi, true_psi, gauge_kind, headspace_in, pack, jiggles_least, jiggles_most,
                                         again_of, again_until)
                        VALUES (:batch, :load, :title, :canner, :cannerName, :verdict, :minutes,
                                :target, :true, :gauge, :headspace, :pack, :least, :most, :againOf, :againUntil)
                        """)
                .param("batch", run.batchId())
                .param("load", run.loadNumber())
                .param("title", run.title())
                .param("canner", run.cannerId())
                .param("cannerName", run.cannerName())
                .param("verdict", run.verdict().code())
                .param("minutes", run.process().value())
                .param("target", run.target().milliPsi())
                .param("true", run.truePressure().milliPsi())
                .param("gauge", run.gauge().code())
                .param("headspace", run.headspaceIn())
                .param("pack", run.pack().code())
                .param("least", run.jiggles().least())
                .param("most", run.jiggles().most())
                .param("againOf", run.again().map(Run.Again::run).orElse(null))
                .param(
                        "againUntil",
                        run.again().map(its -> SqlTime.of(its.until())).orElse(null))
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
                        INSERT INTO run_jars (run_id, position, size, mouth, jars, batch_id, title, verdict, broth_ul,
                                              variant, finish)
                        VALUES (:run, :position, :size, :mouth, :jars, :batch, :title, :verdict, :broth,
                                :variant, :finish)
                        """)
                .param("run", runId)
                .param("position", position)
                .param("size", group.jars().size().code())
                .param("mouth", group.jars().mouth().code())
                .param("jars", group.jars().count())
                .param("batch", group.batchId())
                .param("title", group.title())
                .param("verdict", group.verdict().code())
                .param("variant", group.variant())
                .param("finish", group.finish())
                .param("broth", group.broth().map(Volume::microlitres).orElse(null))
                .update();
    }

    /**
     * @param origin where it came from, so that the same one is not written twice
     * @throws org.springframework.dao.DuplicateKeyException if somebody else wrote that number first
     */
    void add(long runId, int number, RunEvent event, RunOrigin origin) {
        EventRow.params(
                        db.sql(
                                """
                                INSERT INTO run_event (run_id, number, kind, version, happened_at, heard_at, dial_psi, weight,
                                                       jiggles, jar, sealed, liquid_loss, check_code, waived, corrects, jar_level, band_off,
                                                       decision, told_by, device_id, device_seq, tap_key, note, zero_signs, cooled,
                                                       place, water_left, listened_ms, knocks,
                                                       seen_low, seen_high, looks)
                                VALUES (:run, :number, :kind, :version, :at, :heard, :dial, :weight,
                                        :jiggles, :jar, :sealed, :loss, :check, :waived, :corrects, :level, :bandOff,
                                        :decision, :by, :device, :seq, :key, :note, :signs, :cooled, :place, :waterLeft,
                                        :listened, :knocks, :seenLow, :seenHigh, :looks)
                                """),
                        event)
                .param("run", runId)
                .param("number", number)
                .param("version", EVENT_VERSION)
                .param("device", origin.device())
                .param("seq", origin.seq())
                .param("key", origin.tapKey())
                .update();
    }

    /** What sent an event: a page with a key of the tap, or a gauge with its own number; nothing for neither. */
    record RunOrigin(@Nullable String tapKey, @Nullable Long device, @Nullable Long seq) {

        static final RunOrigin UNKNOWN = new RunOrigin(null, null, null);

        static RunOrigin tap(String key) {
            return new RunOrigin(key, null, null);
        }

        static RunOrigin gauge(long device, long seq) {
            return new RunOrigin(null, device, seq);
        }
    }

    /** The rows of the tables that the batches of a run rest on. */
    Set<String> rowsOf(Collection<Long> batches) {
        return new HashSet<>(db.sql("SELECT row_id FROM batch_row WHERE batch_id IN (:batches)")
                .param("batches", batches)
                .query(String.class)
                .list());
    }

    /** Keeps what the lid was locked on. A lid that was taken back and is locked again goes by the kitchen of then. */
    void lock(long runId, RunSetting setting) {
        db.sql(
                        """
                        REPLACE INTO run_setting (run_id, altitude_um, gauge_kind, gauge_error, true_psi, target_psi, jiggles_least,
                                                  jiggles_most, start_water_ul, zero_not_before_s, table_version, taken_at)
                        VALUES (:run, :altitude, :gauge, :error, :true, :target, :least, :most, :water, :zero, :tables, :at)
                        """)
                .param("run", runId)
                .param("altitude", setting.altitude().micrometres())
                .param("gauge", setting.gauge().kind().code())
                .param("error", setting.gauge().error().milliPsi())
                .param("true", setting.truePressure().milliPsi())
                .param("target", setting.target().milliPsi())
                .param("least", setting.jiggles().least())
                .param("most", setting.jiggles().most())
                .param("water", setting.startWater().map(Volume::microlitres).orElse(null))
                .param("zero", setting.zeroNotBefore().toSeconds())
                .param("tables", setting.tableVersion())
                .param("at", SqlTime.of(setting.takenAt()))
                .update();
    }

    void close(long runId) {
        db.sql("UPDATE run SET finished = TRUE WHERE id = :run")
                .param("run", runId)
                .update();
    }
}

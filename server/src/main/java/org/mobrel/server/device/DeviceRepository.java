package org.mobrel.server.device;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.mobrel.server.platform.SqlTime;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.jdbc.support.GeneratedKeyHolder;
import org.springframework.jdbc.support.KeyHolder;
import org.springframework.stereotype.Repository;

@Repository
class DeviceRepository {

    private final JdbcClient db;

    DeviceRepository(JdbcClient db) {
        this.db = db;
    }

    List<DeviceService.Device> devices() {
        return db.sql("SELECT id, name, made_at FROM gauge_device WHERE revoked_at IS NULL ORDER BY id")
                .query((row, number) -> device(row))
                .list();
    }

    Optional<DeviceService.Device> byKey(String hash) {
        return db.sql("SELECT id, name, made_at FROM gauge_device WHERE key_hash = :hash AND revoked_at IS NULL")
                .param("hash", hash)
                .query((row, number) -> device(row))
                .optional();
    }

    private static DeviceService.Device device(ResultSet row) throws SQLException {
        return new DeviceService.Device(row.getLong("id"), row.getString("name"), SqlTime.get(row, "made_at"));
    }

    long add(String name, String hash, Instant now) {
        KeyHolder key = new GeneratedKeyHolder();
        db.sql("INSERT INTO gauge_device (name, key_hash, made_at) VALUES (:name, :hash, :now)")
                .param("name", name)
                .param("hash", hash)
                .param("now", SqlTime.of(now))
                .update(key);
        return Objects.requireNonNull(key.getKey()).longValue();
    }

    int revoke(long id, Instant now) {
        return db.sql("UPDATE gauge_device SET revoked_at = :now WHERE id = :id AND revoked_at IS NULL")
                .param("now", SqlTime.of(now))
                .param("id", id)
                .update();
    }

    // --- the knobs of simulated canners ---

    void add(long run, KnobChange turn) {
        db.sql(
                        """
                        INSERT INTO simulation_turn (run_id, number, at, knob, value)
                        SELECT :run, COALESCE(MAX(number), 0) + 1, :at, :knob, :value FROM simulation_turn WHERE run_id = :run
                        """)
                .param("run", run)
                .param("at", SqlTime.of(turn.at()))
                .param("knob", turn.knob().code())
                .param("value", turn.value())
                .update();
    }

    List<KnobChange> turns(long run) {
        return db.sql("SELECT at, knob, value FROM simulation_turn WHERE run_id = :run ORDER BY number")
                .param("run", run)
                .query((row, number) -> new KnobChange(
                        SqlTime.get(row, "at"),
                        KnobChange.Knob.ofCode(row.getString("knob")).orElseThrow(),
                        row.getInt("value")))
                .list();
    }

    boolean isSimulated(long run) {
        return db.sql("SELECT COUNT(*) FROM simulation_turn WHERE run_id = :run")
                        .param("run", run)
                        .query(Integer.class)
                        .single()
                > 0;
    }
}

package org.mobrel.server.kitchen;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.mobrel.canner.CannerProfile;
import org.mobrel.canner.Capacity;
import org.mobrel.canner.Gauge;
import org.mobrel.canner.GaugeKind;
import org.mobrel.quantity.Altitude;
import org.mobrel.quantity.GaugeError;
import org.mobrel.quantity.Volume;
import org.mobrel.ruling.School;
import org.mobrel.scaling.Household;
import org.mobrel.scaling.Units;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.jdbc.support.GeneratedKeyHolder;
import org.springframework.jdbc.support.KeyHolder;
import org.springframework.stereotype.Repository;

@Repository
class KitchenStore {

    private final JdbcClient db;

    KitchenStore(JdbcClient db) {
        this.db = db;
    }

    Kitchen kitchen() {
        List<KitchenCanner> canners = canners();
        return db.sql("SELECT altitude_um, units, school, people, serving_ul FROM kitchen WHERE id = 1")
                .query((row, number) -> kitchen(row, canners))
                .single();
    }

    private static Kitchen kitchen(ResultSet row, List<KitchenCanner> canners) throws SQLException {
        return new Kitchen(
                Optional.ofNullable(row.getObject("altitude_um", Long.class)).map(Altitude::new),
                Units.ofCode(row.getString("units")).orElseThrow(),
                School.ofCode(row.getString("school")).orElseThrow(),
                new Household(row.getInt("people"), new Volume(row.getLong("serving_ul"))),
                canners);
    }

    void change(Household household) {
        db.sql("UPDATE kitchen SET people = :people, serving_ul = :serving WHERE id = 1")
                .param("people", household.people())
                .param("serving", household.serving().microlitres())
                .update();
    }

    void change(Optional<Altitude> altitude, Units units, School school) {
        db.sql("UPDATE kitchen SET altitude_um = :altitude, units = :units, school = :school WHERE id = 1")
                .param("altitude", altitude.map(Altitude::micrometres).orElse(null))
                .param("units", units.code())
                .param("school", school.code())
                .update();
    }

    private List<KitchenCanner> canners() {
        return db.sql("SELECT id, name, gauge_kind, gauge_error, quarts, pints, short_layers FROM canner"
                        + " WHERE NOT removed ORDER BY id")
                .query((row, number) -> canner(row))
                .list();
    }

    private static KitchenCanner canner(ResultSet row) throws SQLException {
        Gauge gauge = new Gauge(
                GaugeKind.ofCode(row.getString("gauge_kind")).orElseThrow(), new GaugeError(row.getInt("gauge_error")));
        Capacity capacity = new Capacity(row.getInt("quarts"), row.getInt("pints"), row.getInt("short_layers"));
        return new KitchenCanner(row.getLong("id"), new CannerProfile(row.getString("name"), gauge, capacity));
    }

    long add(CannerProfile canner) {
        KeyHolder key = new GeneratedKeyHolder();
        bind(
                        db.sql("INSERT INTO canner (name, gauge_kind, gauge_error, quarts, pints, short_layers)"
                                + " VALUES (:name, :kind, :error, :quarts, :pints, :layers)"),
                        canner)
                .update(key);
        return Objects.requireNonNull(key.getKey()).longValue();
    }

    /** How many canners were changed: 1, or 0 if there is none of that number. */
    int change(long id, CannerProfile canner) {
        return bind(
                        db.sql(
                                "UPDATE canner SET name = :name, gauge_kind = :kind, gauge_error = :error, quarts = :quarts,"
                                        + " pints = :pints, short_layers = :layers WHERE id = :id AND NOT removed"),
                        canner)
                .param("id", id)
                .update();
    }

    private static JdbcClient.StatementSpec bind(JdbcClient.StatementSpec statement, CannerProfile canner) {
        return statement
                .param("name", canner.name())
                .param("kind", canner.gauge().kind().code())
                .param("error", canner.gauge().error().milliPsi())
                .param("quarts", canner.capacity().quarts())
                .param("pints", canner.capacity().pints())
                .param("layers", canner.capacity().shortLayers());
    }

    int remove(long id) {
        return db.sql("UPDATE canner SET removed = TRUE WHERE id = :id AND NOT removed")
                .param("id", id)
                .update();
    }
}

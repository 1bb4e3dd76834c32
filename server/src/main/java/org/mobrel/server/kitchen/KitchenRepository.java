package org.mobrel.server.kitchen;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.LocalTime;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.mobrel.canner.CannerProfile;
import org.mobrel.canner.Capacity;
import org.mobrel.canner.Gauge;
import org.mobrel.canner.GaugeKind;
import org.mobrel.canner.GaugeTest;
import org.mobrel.canner.Inspection;
import org.mobrel.canner.UpperLayer;
import org.mobrel.canner.Weight;
import org.mobrel.jars.JarKind;
import org.mobrel.jars.JarSize;
import org.mobrel.jars.Mouth;
import org.mobrel.quantity.Altitude;
import org.mobrel.quantity.GaugeError;
import org.mobrel.quantity.Volume;
import org.mobrel.ruling.TimingPolicy;
import org.mobrel.run.CheckTick;
import org.mobrel.scaling.Household;
import org.mobrel.scaling.Units;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.jdbc.support.GeneratedKeyHolder;
import org.springframework.jdbc.support.KeyHolder;
import org.springframework.stereotype.Repository;

@Repository
class KitchenRepository {

    private final JdbcClient db;
    private final CareRepository care;

    KitchenRepository(JdbcClient db, CareRepository care) {
        this.db = db;
        this.care = care;
    }

    Kitchen kitchen() {
        List<KitchenCanner> canners = canners();
        return db.sql(
                        "SELECT altitude_um, units, school, people, serving_ul, burners, quiet_from, quiet_until, best_months, care, hours, dates FROM kitchen"
                                + " WHERE id = 1")
                .query((row, number) -> kitchen(row, canners))
                .single();
    }

    private static Kitchen kitchen(ResultSet row, List<KitchenCanner> canners) throws SQLException {
        return new Kitchen(
                Optional.ofNullable(row.getObject("altitude_um", Long.class)).map(Altitude::new),
                Units.ofCode(row.getString("units")).orElseThrow(),
                TimingPolicy.ofCode(row.getString("school")).orElseThrow(),
                new Household(row.getInt("people"), new Volume(row.getLong("serving_ul"))),
                new Workplace(
                        row.getInt("burners"),
                        row.getObject("quiet_from", LocalTime.class),
                        row.getObject("quiet_until", LocalTime.class)),
                row.getInt("best_months"),
                writing(row),
                care(row.getString("care")),
                canners);
    }

    private static Writing writing(ResultSet row) throws SQLException {
        return new Writing(
                Writing.hours(Objects.requireNonNullElse(row.getString("hours"), Writing.DEVICE)),
                Writing.dates(Objects.requireNonNullElse(row.getString("dates"), Writing.DEVICE)));
    }

    private static Set<CheckTick.Check> care(@Nullable String codes) {
        return Stream.ofNullable(codes)
                .flatMap(all -> Stream.of(all.split(" ")))
                .flatMap(code -> CheckTick.Check.ofCode(code).stream())
                .collect(Collectors.toSet());
    }

    /** Writes the settings; its canners are written one by one. */
    void store(Kitchen kitchen) {
        db.sql(
                        """
                        UPDATE kitchen SET altitude_um = :altitude, units = :units, school = :school, people = :people,
                          serving_ul = :serving, burners = :burners, quiet_from = :from, quiet_until = :until, best_months = :months,
                          care = :care, hours = :hours, dates = :dates
                        WHERE id = 1
                        """)
                .param("altitude", kitchen.altitude().map(Altitude::micrometres).orElse(null))
                .param("units", kitchen.units().code())
                .param("school", kitchen.school().code())
                .param("people", kitchen.household().people())
                .param("serving", kitchen.household().serving().microlitres())
                .param("burners", kitchen.workplace().burners())
                .param("from", kitchen.workplace().quietFrom())
                .param("until", kitchen.workplace().quietUntil())
                .param("months", kitchen.bestMonths())
                .param("hours", kitchen.writing().hours())
                .param("dates", kitchen.writing().dates())
                .param(
                        "care",
                        kitchen.care().stream()
                                .sorted()
                                .map(CheckTick.Check::code)
                                .collect(Collectors.joining(" ")))
                .update();
    }

    private List<KitchenCanner> canners() {
        Map<Long, List<GaugeTest>> tests = care.tests();
        Map<Long, List<Inspection>> inspections = care.inspections();
        return db.sql("SELECT id, name, gauge_kind, gauge_error, layers, upper_layer, weight_shows, weight_sound,"
                        + " jiggles_least, jiggles_most, dial_beside, start_water_ul, burner,"
                        // In one statement: a canner that is changed meanwhile is never read half as it was.
                        + " (SELECT GROUP_CONCAT(CONCAT_WS(' ', size, mouth, jars)) FROM canner_capacity"
                        + " WHERE canner_id = canner.id) AS holds FROM canner WHERE NOT removed ORDER BY id")
                .query((row, number) -> new KitchenCanner(
                        row.getLong("id"),
                        profile(row),
                        tests.getOrDefault(row.getLong("id"), List.of()),
                        inspections.getOrDefault(row.getLong("id"), List.of())))
                .list();
    }

    private static CannerProfile profile(ResultSet row) throws SQLException {
        return new CannerProfile(
                row.getString("name"),
                new Gauge(
                        GaugeKind.ofCode(row.getString("gauge_kind")).orElseThrow(),
                        new GaugeError(row.getInt("gauge_error"))),
                new Capacity(
                        perLayer(row.getString("holds")),
                        row.getInt("layers"),
                        UpperLayer.ofCode(row.getString("upper_layer")).orElseThrow()),
                weight(row),
                Optional.ofNullable(row.getObject("start_water_ul", Long.class)).map(Volume::new),
                row.getString("burner"));
    }

    private static Optional<Weight> weight(ResultSet row) throws SQLException {
        String shows = row.getString("weight_shows");
        return shows == null
                ? Optional.empty()
                : Optional.of(new Weight(
                        Weight.Shows.ofCode(shows).orElseThrow(),
                        Weight.Sound.ofCode(row.getString("weight_sound")).orElseThrow(),
                        row.getInt("jiggles_least"),
                        row.getInt("jiggles_most"),
                        row.getBoolean("dial_beside")));
    }

    /** @param holds such as 'quart regular 7,pint wide 9' */
    private static Map<JarKind, Integer> perLayer(String holds) {
        return Stream.of(holds.split(","))
                .map(kind -> kind.split(" "))
                .collect(Collectors.toMap(
                        kind -> new JarKind(
                                JarSize.ofCode(kind[0]).orElseThrow(),
                                Mouth.ofCode(kind[1]).orElseThrow()),
                        kind -> Integer.valueOf(kind[2])));
    }

    long add(CannerProfile canner) {
        KeyHolder key = new GeneratedKeyHolder();
        bind(
                        db.sql(
                                """
                                INSERT INTO canner (name, gauge_kind, gauge_error, layers, upper_layer, weight_shows, weight_sound,
                                                    jiggles_least, jiggles_most, dial_beside, start_water_ul, burner)
                                VALUES (:name, :kind, :error, :layers, :upper, :shows, :sound,
                                        :least, :most, :dial, :water, :burner)
                                """),
                        canner)
                .update(key);
        long id = Objects.requireNonNull(key.getKey()).longValue();
        store(id, canner.capacity());
        return id;
    }

    /** How many canners were changed: 1, or 0 if there is none of that number. */
    int change(long id, CannerProfile canner) {
        int changed = bind(
                        db.sql(
                                """
                                UPDATE canner SET name = :name, gauge_kind = :kind, gauge_error = :error, layers = :layers,
                                  upper_layer = :upper, weight_shows = :shows, weight_sound = :sound, jiggles_least = :least,
                                  jiggles_most = :most, dial_beside = :dial, start_water_ul = :water, burner = :burner
                                WHERE id = :id AND NOT removed
                                """),
                        canner)
                .param("id", id)
                .update();
        if (changed == 1) {
            store(id, canner.capacity());
        }
        return changed;
    }

    private static JdbcClient.StatementSpec bind(JdbcClient.StatementSpec statement, CannerProfile canner) {
        Optional<Weight> weight = canner.weight();
        return statement
                .param("name", canner.name())
                .param("kind", canner.gauge().kind().code())
                .param("error", canner.gauge().error().milliPsi())
                .param("layers", canner.capacity().layers())
                .param("upper", canner.capacity().upper().code())
                .param("shows", weight.map(known -> known.shows().code()).orElse(null))
                .param("sound", weight.map(known -> known.sound().code()).orElse(null))
                .param("least", weight.map(Weight::least).orElse(0))
                .param("most", weight.map(Weight::most).orElse(0))
                .param("dial", weight.filter(Weight::dialBeside).isPresent())
                .param("water", canner.startWater().map(Volume::microlitres).orElse(null))
                .param("burner", canner.burner());
    }

    private void store(long id, Capacity capacity) {
        db.sql("DELETE FROM canner_capacity WHERE canner_id = :id")
                .param("id", id)
                .update();
        capacity.perLayer().forEach((kind, jars) -> db.sql("INSERT INTO canner_capacity (canner_id, size, mouth, jars)"
                        + " VALUES (:id, :size, :mouth, :jars)")
                .param("id", id)
                .param("size", kind.size().code())
                .param("mouth", kind.mouth().code())
                .param("jars", jars)
                .update());
    }

    /** Sets how far a dial is off, as its last test says. */
    void setError(long id, GaugeError error) {
        db.sql("UPDATE canner SET gauge_error = :error WHERE id = :id")
                .param("error", error.milliPsi())
                .param("id", id)
                .update();
    }

    int remove(long id) {
        return db.sql("UPDATE canner SET removed = TRUE WHERE id = :id AND NOT removed")
                .param("id", id)
                .update();
    }
}

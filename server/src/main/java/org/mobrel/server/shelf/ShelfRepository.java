package org.mobrel.server.shelf;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.NoSuchElementException;
import java.util.Objects;
import java.util.Optional;
import org.mobrel.jars.JarSize;
import org.mobrel.jars.Mouth;
import org.mobrel.ruling.Verdict;
import org.mobrel.server.platform.RecordCheck;
import org.mobrel.server.platform.SqlTime;
import org.mobrel.shelf.Lot;
import org.mobrel.shelf.LotCode;
import org.mobrel.shelf.Movement;
import org.mobrel.shelf.MovementKind;
import org.mobrel.shelf.Place;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.jdbc.support.GeneratedKeyHolder;
import org.springframework.jdbc.support.KeyHolder;
import org.springframework.stereotype.Repository;

@Repository
class ShelfRepository {

    private static final String LOT =
            """
            SELECT l.code, l.run_id, l.batch_id, b.recipe_id, l.title, l.variant, l.size, l.mouth, l.verdict, l.canned_on, l.best_by,
                   l.finish
            FROM lot l JOIN batch b ON b.id = l.batch_id
            """;

    private static final String OLDEST_FIRST = " ORDER BY l.canned_on, LENGTH(l.code), l.code";

    private final JdbcClient db;
    private final HoldRepository holds;

    ShelfRepository(JdbcClient db, HoldRepository holds) {
        this.db = db;
        this.holds = holds;
    }

    /**
     * Lots that have jars, oldest first.
     *
     * @param words of the dish, the variant or the code; empty for all
     * @param place empty for all
     */
    List<ShelfLot> standing(String words, String place, int from, int most) {
        return lots(db.sql(LOT
                        + """
                         WHERE (:words = '' OR l.title LIKE :like OR l.variant LIKE :like OR l.code LIKE :like)
                           AND EXISTS (SELECT 1 FROM lot_stand s WHERE s.lot_code = l.code AND (:place = '' OR s.place = :place))
                        """
                        + OLDEST_FIRST + " LIMIT :most OFFSET :from")
                .param("words", words)
                .param("like", like(words))
                .param("place", place)
                .param("most", most)
                .param("from", from));
    }

    private static String like(String words) {
        return "%" + words.replace("\\", "\\\\").replace("%", "\\%").replace("_", "\\_") + "%";
    }

    /** How many lots and jars there are, and how many jars at each place. */
    ShelfService.Sum sum(String words, String place) {
        Map<String, Integer> places = new HashMap<>();
        db.sql("SELECT place, SUM(jars) AS jars FROM lot_stand GROUP BY place ORDER BY place")
                .query(row -> {
                    places.put(row.getString("place"), row.getInt("jars"));
                });
        return db.sql(
                        """
                        SELECT COUNT(DISTINCT l.code) AS lots, COALESCE(SUM(s.jars), 0) AS jars, COUNT(DISTINCT b.recipe_id) AS dishes
                        FROM lot l JOIN lot_stand s ON s.lot_code = l.code JOIN batch b ON b.id = l.batch_id
                        WHERE (:words = '' OR l.title LIKE :like OR l.variant LIKE :like OR l.code LIKE :like)
                          AND (:place = '' OR s.place = :place)
                        """)
                .param("words", words)
                .param("like", like(words))
                .param("place", place)
                .query((row, number) -> new ShelfService.Sum(
                        row.getInt("lots"), row.getInt("jars"), row.getInt("dishes"), Map.copyOf(places)))
                .single();
    }

    List<ShelfLot> lotsOfBatch(long batchId) {
        return lots(db.sql(LOT + " WHERE l.batch_id = :batch" + OLDEST_FIRST).param("batch", batchId));
    }

    List<ShelfLot> lotsOfRuns(Collection<Long> runs) {
        return runs.isEmpty()
                ? List.of()
                : lots(db.sql(LOT + " WHERE l.run_id IN (:runs)" + OLDEST_FIRST).param("runs", runs));
    }

    List<ShelfLot> lots(Collection<String> codes) {
        return codes.isEmpty()
                ? List.of()
                : lots(db.sql(LOT + " WHERE l.code IN (:codes)" + OLDEST_FIRST).param("codes", codes));
    }

    Optional<ShelfLot> lot(LotCode code) {
        return lots(List.of(code.text())).stream().findFirst();
    }

    /** One lot, held until the transaction ends so that two devices cannot both take its last jar. */
    Optional<ShelfLot> lotForUpdate(LotCode code) {
        lock(code.text());
        return lot(code);
    }

    void lock(String code) {
        db.sql("SELECT code FROM lot WHERE code = :code FOR UPDATE")
                .param("code", code)
                .query(String.class)
                .optional();
    }

    private List<ShelfLot> lots(JdbcClient.StatementSpec query) {
        List<ShelfLot> bare = query.query((row, number) -> lot(row)).list();
        List<String> codes = bare.stream().map(lot -> lot.lot().code().text()).toList();
        Map<String, List<Movement>> movements = movements(codes);
        Map<LotCode, List<Hold>> held = holds.holding(codes);
        return bare.stream()
                .map(lot -> with(
                        lot,
                        movements.getOrDefault(lot.lot().code().text(), List.of()),
                        held.getOrDefault(lot.lot().code(), List.of())))
                .toList();
    }

    private static ShelfLot with(ShelfLot lot, List<Movement> movements, List<Hold> held) {
        return new ShelfLot(
                new Lot(lot.lot().code(), movements),
                lot.runId(),
                lot.batchId(),
                lot.recipeId(),
                lot.title(),
                lot.variant(),
                lot.size(),
                lot.mouth(),
                lot.verdict(),
                lot.cannedOn(),
                lot.bestBy(),
                lot.finish(),
                held);
    }

    private static ShelfLot lot(ResultSet row) throws SQLException {
        return new ShelfLot(
                new Lot(new LotCode(row.getString("code")), List.of()),
                row.getLong("run_id"),
                row.getLong("batch_id"),
                row.getLong("recipe_id"),
                row.getString("title"),
                row.getString("variant"),
                JarSize.ofCode(row.getString("size")).orElseThrow(),
                Mouth.ofCode(row.getString("mouth")).orElseThrow(),
                Verdict.ofCode(row.getString("verdict")).orElseThrow(),
                row.getObject("canned_on", LocalDate.class),
                row.getObject("best_by", LocalDate.class),
                row.getString("finish"),
                List.of());
    }

    private Map<String, List<Movement>> movements(Collection<String> codes) {
        Map<String, List<Movement>> all = new HashMap<>();
        if (!codes.isEmpty()) {
            db.sql("SELECT id, lot_code, kind, jars, from_place, to_place, undoes FROM movement"
                            + " WHERE lot_code IN (:codes) ORDER BY id")
                    .param("codes", codes)
                    .query(row -> {
                        all.computeIfAbsent(row.getString("lot_code"), code -> new ArrayList<>())
                                .add(movement(row));
                    });
        }
        return all;
    }

    private static Movement movement(ResultSet row) throws SQLException {
        return new Movement(
                row.getLong("id"),
                MovementKind.ofCode(row.getString("kind")).orElseThrow(),
                row.getInt("jars"),
                Optional.ofNullable(row.getString("from_place")).map(Place::new),
                Optional.ofNullable(row.getString("to_place")).map(Place::new),
                Optional.ofNullable(row.getObject("undoes", Long.class)));
    }

    /** Movements that are none: of an unknown kind, of no jars, or with places that do not fit. */
    List<RecordCheck.Fault> unreadableMovements() {
        return db
                .sql("SELECT id, lot_code, kind, jars, from_place, to_place, undoes FROM movement ORDER BY id")
                .query((row, number) -> {
                    try {
                        movement(row);
                        return Optional.<RecordCheck.Fault>empty();
                    } catch (IllegalArgumentException | NoSuchElementException invalid) {
                        return Optional.of(new RecordCheck.Fault(
                                "movements, number %s, of lot %s"
                                        .formatted(row.getLong("id"), row.getString("lot_code")),
                                "%s of %s jars is no movement.".formatted(row.getString("kind"), row.getInt("jars"))));
                    }
                })
                .stream()
                .flatMap(Optional::stream)
                .toList();
    }

    /** Lots that more jars left than stood there, in some place. */
    List<Lot> lotsBelowZero() {
        List<String> codes = db.sql(
                        """
                        SELECT DISTINCT lot_code FROM (
                          SELECT lot_code, place, SUM(jars) AS balance FROM (
                            SELECT m.id, m.lot_code, m.to_place AS place, m.jars FROM movement m WHERE m.to_place IS NOT NULL
                            UNION ALL
                            SELECT m.id, m.lot_code, m.from_place, -m.jars FROM movement m WHERE m.from_place IS NOT NULL
                          ) each_end
                          WHERE NOT EXISTS (SELECT 1 FROM movement u WHERE u.undoes = each_end.id)
                          GROUP BY lot_code, place HAVING balance < 0
                        ) short ORDER BY lot_code
                        """)
                .query(String.class)
                .list();
        return lots(codes).stream().map(ShelfLot::lot).toList();
    }

    /** The ledger of a lot, line by line, with who wrote it. */
    List<ShelfService.Line> ledger(LotCode code) {
        return db.sql(
                        "SELECT id, kind, jars, from_place, to_place, undoes, batch_id, note, moved_by, moved_at FROM movement"
                                + " WHERE lot_code = :code ORDER BY id")
                .param("code", code.text())
                .query((row, number) -> new ShelfService.Line(
                        movement(row),
                        Optional.ofNullable(row.getObject("batch_id", Long.class)),
                        row.getString("note"),
                        row.getString("moved_by"),
                        SqlTime.get(row, "moved_at")))
                .list();
    }

    List<LotCode> codesOfRun(long runId) {
        return db.sql("SELECT code FROM lot WHERE run_id = :run ORDER BY code")
                .param("run", runId)
                .query((row, number) -> new LotCode(row.getString("code")))
                .list();
    }

    /** The lots that jars of a lot went into. */
    List<LotCode> madeWith(LotCode ingredient) {
        return db.sql(
                        """
                        SELECT DISTINCT l.code FROM movement m JOIN lot l ON l.batch_id = m.batch_id
                        WHERE m.lot_code = :code AND m.kind = 'used' ORDER BY l.code
                        """)
                .param("code", ingredient.text())
                .query((row, number) -> new LotCode(row.getString("code")))
                .list();
    }

    int lotsOf(LocalDate day) {
        return db.sql("SELECT COUNT(*) FROM lot WHERE canned_on = :day")
                .param("day", day)
                .query(Integer.class)
                .single();
    }

    void add(ShelfLot lot) {
        db.sql(
                        """
                        INSERT INTO lot (code, run_id, batch_id, title, variant, size, mouth, verdict, canned_on, best_by, finish)
                        VALUES (:code, :run, :batch, :title, :variant, :size, :mouth, :verdict, :cannedOn, :bestBy, :finish)
                        """)
                .param("code", lot.lot().code().text())
                .param("run", lot.runId())
                .param("batch", lot.batchId())
                .param("title", lot.title())
                .param("variant", lot.variant())
                .param("size", lot.size().code())
                .param("mouth", lot.mouth().code())
                .param("verdict", lot.verdict().code())
                .param("cannedOn", lot.cannedOn())
                .param("bestBy", lot.bestBy())
                .param("finish", lot.finish())
                .update();
    }

    void finish(LotCode code, String finish) {
        db.sql("UPDATE lot SET finish = :finish WHERE code = :code")
                .param("finish", finish)
                .param("code", code.text())
                .update();
    }

    /** Adds a line to the ledger, and writes down where the jars of the lot stand after it. */
    long add(Lot before, Movement movement, Optional<Long> batchId, ShelfService.Said said) {
        KeyHolder key = new GeneratedKeyHolder();
        db.sql(
                        """
                        INSERT INTO movement (lot_code, kind, jars, from_place, to_place, undoes, batch_id, note, moved_by, moved_at)
                        VALUES (:code, :kind, :jars, :from, :to, :undoes, :batch, :note, :by, :at)
                        """)
                .param("code", before.code().text())
                .param("kind", movement.kind().code())
                .param("jars", movement.jars())
                .param("from", movement.from().map(Place::name).orElse(null))
                .param("to", movement.to().map(Place::name).orElse(null))
                .param("undoes", movement.undoes().orElse(null))
                .param("batch", batchId.orElse(null))
                .param("note", said.note())
                .param("by", said.by())
                .param("at", SqlTime.of(said.at()))
                .update(key);
        long id = Objects.requireNonNull(key.getKey()).longValue();
        List<Movement> movements = new ArrayList<>(before.movements());
        movements.add(
                new Movement(id, movement.kind(), movement.jars(), movement.from(), movement.to(), movement.undoes()));
        stand(new Lot(before.code(), movements));
        return id;
    }

    private void stand(Lot lot) {
        db.sql("DELETE FROM lot_stand WHERE lot_code = :code")
                .param("code", lot.code().text())
                .update();
        lot.jarsAt().forEach((place, jars) -> db.sql(
                        "INSERT INTO lot_stand (lot_code, place, jars) VALUES (:code, :place, :jars)")
                .param("code", lot.code().text())
                .param("place", place.name())
                .param("jars", jars)
                .update());
    }

    List<ShelfService.UsedJars> usedIn(long batchId) {
        return db.sql(
                        """
                        SELECT l.code, l.title, SUM(m.jars) AS jars
                        FROM movement m JOIN lot l ON l.code = m.lot_code
                        WHERE m.batch_id = :batch GROUP BY l.code, l.title ORDER BY MIN(m.id)
                        """)
                .param("batch", batchId)
                .query((row, number) ->
                        new ShelfService.UsedJars(row.getString("code"), row.getString("title"), row.getInt("jars")))
                .list();
    }
}

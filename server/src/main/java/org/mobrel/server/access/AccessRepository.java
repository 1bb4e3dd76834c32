package org.mobrel.server.access;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.mobrel.server.platform.Role;
import org.mobrel.server.platform.SqlTime;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.jdbc.support.GeneratedKeyHolder;
import org.springframework.jdbc.support.KeyHolder;
import org.springframework.stereotype.Repository;

@Repository
class AccessRepository {

    private static final String PERSON =
            "SELECT id, name, role, pin_hash, wrong_pins, wait_until FROM household_person ";
    private static final String DEVICE =
            """
            SELECT d.id, d.name, d.paired_at, d.seen_at, d.address, d.agent_hash, d.signed_in_at,
                   p.id AS person, p.name AS person_name, p.role
              FROM paired_device d LEFT JOIN household_person p ON p.id = d.person_id
            """;

    private final JdbcClient db;

    AccessRepository(JdbcClient db) {
        this.db = db;
    }

    // --- devices ---

    List<Device> devices() {
        return db.sql(DEVICE + "ORDER BY d.id")
                .query((row, number) -> device(row))
                .list();
    }

    Optional<Device> device(String tokenHash) {
        return db.sql(DEVICE + "WHERE d.token_hash = :hash")
                .param("hash", tokenHash)
                .query((row, number) -> device(row))
                .optional();
    }

    private static Device device(ResultSet row) throws SQLException {
        Long person = row.getObject("person", Long.class);
        LocalDateTime signedIn = row.getObject("signed_in_at", LocalDateTime.class);
        return new Device(
                row.getLong("id"),
                row.getString("name"),
                SqlTime.get(row, "paired_at"),
                SqlTime.get(row, "seen_at"),
                new Sender(row.getString("address"), row.getString("agent_hash")),
                person == null || signedIn == null
                        ? Optional.empty()
                        : Optional.of(new SignedIn(
                                person, row.getString("person_name"), role(row), signedIn.toInstant(ZoneOffset.UTC))));
    }

    private static Role role(ResultSet row) throws SQLException {
        return Role.ofCode(row.getString("role")).orElseThrow();
    }

    long addDevice(String name, String tokenHash, Sender sender, Instant now) {
        KeyHolder key = new GeneratedKeyHolder();
        db.sql(
                        """
                        INSERT INTO paired_device (name, token_hash, paired_at, seen_at, address, agent_hash)
                        VALUES (:name, :hash, :now, :now, :address, :agent)
                        """)
                .param("name", name)
                .param("hash", tokenHash)
                .param("now", SqlTime.of(now))
                .param("address", sender.address())
                .param("agent", sender.agentHash())
                .update(key);
        return Objects.requireNonNull(key.getKey()).longValue();
    }

    void seen(long device, Sender sender, Instant now) {
        db.sql("UPDATE paired_device SET seen_at = :now, address = :address, agent_hash = :agent WHERE id = :id")
                .param("now", SqlTime.of(now))
                .param("address", sender.address())
                .param("agent", sender.agentHash())
                .param("id", device)
                .update();
    }

    int remove(long device) {
        return db.sql("DELETE FROM paired_device WHERE id = :id")
                .param("id", device)
                .update();
    }

    void signIn(long device, long person, Instant now) {
        db.sql("UPDATE paired_device SET person_id = :person, signed_in_at = :now WHERE id = :id")
                .param("person", person)
                .param("now", SqlTime.of(now))
                .param("id", device)
                .update();
    }

    void signOut(long device) {
        db.sql("UPDATE paired_device SET person_id = NULL, signed_in_at = NULL WHERE id = :id")
                .param("id", device)
                .update();
    }

    // --- codes ---

    void addCode(String digitsHash, String tokenHash, Instant expires) {
        db.sql("INSERT INTO pairing_code (digits_hash, token_hash, expires_at) VALUES (:digits, :token, :expires)")
                .param("digits", digitsHash)
                .param("token", tokenHash)
                .param("expires", SqlTime.of(expires))
                .update();
    }

    /** Only the last one that was made counts. */
    void forgetCodes() {
        db.sql("DELETE FROM pairing_code").update();
    }

    /** Uses a code up; nobody else can have used it in the same moment. */
    boolean use(String hash, int mostTries, Instant now) {
        return db.sql(
                                """
                                UPDATE pairing_code SET used_at = :now
                                 WHERE (digits_hash = :hash OR token_hash = :hash)
                                   AND used_at IS NULL AND expires_at > :now AND tries < :most
                                """)
                        .param("now", SqlTime.of(now))
                        .param("hash", hash)
                        .param("most", mostTries)
                        .update()
                == 1;
    }

    void wrongCode() {
        db.sql("UPDATE pairing_code SET tries = tries + 1 WHERE used_at IS NULL")
                .update();
    }

    // --- people ---

    List<Person> people() {
        return db.sql(PERSON + "ORDER BY id")
                .query((row, number) -> person(row))
                .list();
    }

    /** One whose PIN is looked at: two tries at once are looked at one after the other. */
    Optional<Person> personForUpdate(long id) {
        return db.sql(PERSON + "WHERE id = :id FOR UPDATE")
                .param("id", id)
                .query((row, number) -> person(row))
                .optional();
    }

    private static Person person(ResultSet row) throws SQLException {
        LocalDateTime wait = row.getObject("wait_until", LocalDateTime.class);
        return new Person(
                row.getLong("id"),
                row.getString("name"),
                role(row),
                row.getString("pin_hash"),
                row.getInt("wrong_pins"),
                Optional.ofNullable(wait).map(until -> until.toInstant(ZoneOffset.UTC)));
    }

    long addPerson(String name, Role role, String pinHash, Instant now) {
        KeyHolder key = new GeneratedKeyHolder();
        db.sql("INSERT INTO household_person (name, role, pin_hash, made_at) VALUES (:name, :role, :pin, :now)")
                .param("name", name)
                .param("role", role.code())
                .param("pin", pinHash)
                .param("now", SqlTime.of(now))
                .update(key);
        return Objects.requireNonNull(key.getKey()).longValue();
    }

    int removePerson(long id) {
        return db.sql("DELETE FROM household_person WHERE id = :id")
                .param("id", id)
                .update();
    }

    void pinTried(long person, int wrong, Optional<Instant> waitUntil) {
        db.sql("UPDATE household_person SET wrong_pins = :wrong, wait_until = :wait WHERE id = :id")
                .param("wrong", wrong)
                .param("wait", waitUntil.map(SqlTime::of).orElse(null))
                .param("id", person)
                .update();
    }

    /** @param sender from where, and by what, it was seen last */
    record Device(long id, String name, Instant pairedAt, Instant seenAt, Sender sender, Optional<SignedIn> signedIn) {}

    record SignedIn(long person, String name, Role role, Instant at) {}

    /** @param wrongPins one after another */
    record Person(long id, String name, Role role, String pinHash, int wrongPins, Optional<Instant> waitUntil) {}
}

package org.mobrel.server.health;

import java.io.File;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javax.sql.DataSource;
import org.mobrel.server.platform.DatabaseFault;
import org.mobrel.server.platform.DiskRoom;
import org.mobrel.server.platform.RecordCheck;
import org.mobrel.server.platform.Repeating;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.health.contributor.Health;
import org.springframework.boot.health.contributor.HealthIndicator;
import org.springframework.context.SmartLifecycle;
import org.springframework.stereotype.Component;

/** What is wrong with the ground this kitchen stands on, looked at every few seconds and told before somebody taps in vain. */
@Component
class KitchenHealth implements HealthIndicator, SmartLifecycle {

    private static final Logger LOG = LoggerFactory.getLogger(KitchenHealth.class);

    private static final int LOOK_EVERY_S = 3;
    /** Every table is opened once a minute; a damaged one may not be asked for in months. */
    private static final int TABLES_EVERY = 20;

    /**
     * Something that is wrong.
     *
     * @param detail what it means and what can be done
     * @param stops whether steps are lost meanwhile
     */
    record Trouble(String code, String title, String detail, boolean stops) {}

    private final DataSource database;
    private final SoleServer sole;
    private final boolean supervised;
    private final List<RecordCheck> records;
    private final Repeating looking = new Repeating("health");
    private final List<Trouble> damaged = new ArrayList<>();
    private volatile List<Trouble> troubles = List.of();
    private volatile boolean running;
    private int looks;
    private long awaySince;

    /** @param supervised whether somebody starts the database again who is not the cook */
    KitchenHealth(
            DataSource database,
            SoleServer sole,
            List<RecordCheck> records,
            @Value("${mobrel.supervised:false}") boolean supervised) {
        this.records = List.copyOf(records);
        this.database = database;
        this.sole = sole;
        this.supervised = supervised;
    }

    /** As they were a few seconds ago. */
    List<Trouble> troubles() {
        return troubles;
    }

    /** As they are now: for whoever decides by it whether this server is to be started again. */
    @Override
    public Health health() {
        List<Trouble> now = look();
        Health.Builder health = now.stream().anyMatch(Trouble::stops) ? Health.down() : Health.up();
        now.forEach(trouble -> health.withDetail(trouble.code(), trouble.detail()));
        return health.build();
    }

    private synchronized List<Trouble> look() {
        List<Trouble> found = new ArrayList<>();
        boolean thorough;
        if (sole.owner() == SoleServer.Owner.ANOTHERS) {
            found.add(new Trouble(
                    "another-server",
                    "Another Mobrel has this kitchen",
                    AnotherServer.WORDS + " " + AnotherServer.REMEDY,
                    true));
        }
        try (Connection connection = database.getConnection();
                Statement statement = connection.createStatement()) {
            ground(statement, found);
            thorough = looks++ % TABLES_EVERY == 0;
            if (thorough) {
                damaged.clear();
                openTables(statement);
            }
            awaySince = 0;
        } catch (SQLException | RuntimeException e) {
            found.add(away());
            thorough = false;
        }
        if (thorough) {
            checkRecords();
        }
        found.addAll(damaged);
        if (!found.equals(troubles)) {
            found.forEach(trouble -> LOG.warn("{}: {}", trouble.title(), trouble.detail()));
        }
        troubles = List.copyOf(found);
        return troubles;
    }

    /** On connections of their own, once this look has given its own back. */
    private void checkRecords() {
        for (RecordCheck check : records) {
            try {
                check.faults().forEach(fault -> damaged.add(brokenRecord(fault)));
            } catch (RuntimeException e) {
                LOG.debug("the records are checked again in a minute", e);
            }
        }
    }

    private static Trouble brokenRecord(RecordCheck.Fault fault) {
        return new Trouble(
                "broken-record",
                "%s is broken"
                        .formatted(fault.where().substring(0, 1).toUpperCase(Locale.ROOT)
                                + fault.where().substring(1)),
                fault.detail(),
                false);
    }

    private static void ground(Statement statement, List<Trouble> found) throws SQLException {
        try (ResultSet row = statement.executeQuery("SELECT @@datadir, @@read_only OR @@innodb_read_only")) {
            row.next();
            DiskRoom.of(new File(row.getString(1)))
                    .map(room -> new Trouble(
                            room.isFull() ? "disk-full" : "disk-low", room.title(), room.detail(), room.isFull()))
                    .ifPresent(found::add);
            if (row.getBoolean(2)) {
                found.add(of(DatabaseFault.READ_ONLY, "No step is stored. "));
            }
        }
    }

    private static Trouble of(DatabaseFault fault, String before) {
        return new Trouble(fault.type(), fault.title(), before + fault.remedy(), true);
    }

    private void openTables(Statement statement) throws SQLException {
        List<String> tables = new ArrayList<>();
        try (ResultSet rows = statement.executeQuery(
                "SELECT table_name FROM information_schema.tables WHERE table_schema = DATABASE() AND table_type = 'BASE TABLE'")) {
            while (rows.next()) {
                tables.add(rows.getString(1));
            }
        }
        for (String table : tables) {
            // The name comes from the database itself.
            try (ResultSet row = statement.executeQuery("SELECT 1 FROM `" + table + "` LIMIT 1")) {
                row.next();
            } catch (SQLException unreadable) {
                Optional<DatabaseFault> fault = DatabaseFault.of(unreadable);
                if (fault.isEmpty()) {
                    throw unreadable;
                }
                damaged.add(of(fault.get(), "It is the table " + table + ". "));
            }
        }
    }

    private Trouble away() {
        long now = System.nanoTime();
        awaySince = awaySince == 0 ? now : awaySince;
        long seconds = Duration.ofNanos(now - awaySince).toSeconds();
        String more = !supervised
                ? "Start Mobrel again if it stays away."
                : seconds < 60
                        ? "It is being started again; wait a moment."
                        : "It is started again and again and does not stay: its own words are in db/mariadbd.log, beside Mobrel's data.";
        return new Trouble(
                "database",
                "The database does not answer",
                "What was stored is stored; nothing new is until it is back. " + more,
                true);
    }

    @Override
    public void start() {
        running = true;
        looking.start(Duration.ZERO, Duration.ofSeconds(LOOK_EVERY_S), this::look);
    }

    @Override
    public void stop() {
        running = false;
        looking.stop();
    }

    @Override
    public boolean isRunning() {
        return running;
    }
}

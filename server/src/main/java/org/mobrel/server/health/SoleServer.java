package org.mobrel.server.health;

import jakarta.annotation.PreDestroy;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Duration;
import org.flywaydb.core.Flyway;
import org.jspecify.annotations.Nullable;
import org.mobrel.server.platform.BeforeMigration;
import org.mobrel.server.platform.Repeating;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/**
 * One server works on one kitchen's data, or several that tell each other what they write. Each holds a named lock of the database, on a
 * connection of its own, from before the tables are looked at until it ends; whoever is killed loses the lock with its connection. A
 * database that was away gives it to whoever asks first; the other one then answers nothing more.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class SoleServer implements BeforeMigration {

    private static final Logger LOG = LoggerFactory.getLogger(SoleServer.class);

    /** One that is just going down is waited for. */
    private static final int LEAVING_S = 8;

    private static final Duration DATABASE_WITHIN = Duration.ofSeconds(30);
    private static final long BETWEEN_TRIES_MS = 500;
    private static final int LOOK_EVERY_S = 1;

    private static final String ALONE = "mobrel ";
    private static final String OF_SEVERAL = "mobrel of several, ";
    private static final int MOST_SERVERS = 8;
    private static final int ANSWER_WITHIN_S = 2;

    /** Whose the data is. */
    enum Owner {
        OURS,
        /** The database is away; whoever comes first when it is back. */
        UNKNOWN,
        ANOTHERS
    }

    private final String url;
    private final String user;
    private final String password;
    private final boolean alone;
    private final Repeating looking = new Repeating("sole-server");
    private @Nullable Connection connection;
    private volatile Owner owner = Owner.UNKNOWN;

    SoleServer(
            @Value("${spring.datasource.url}") String url,
            @Value("${spring.datasource.username}") String user,
            @Value("${spring.datasource.password}") String password,
            @Value("${mobrel.sole-server:true}") boolean alone) {
        this.url = url;
        this.user = user;
        this.password = password;
        this.alone = alone;
    }

    Owner owner() {
        return owner;
    }

    /** @throws AnotherServer if another one has the data and keeps it */
    @Override
    public void beforeMigration(Flyway flyway) {
        long limit = System.nanoTime() + DATABASE_WITHIN.toNanos();
        while (owner != Owner.OURS) {
            try {
                take(LEAVING_S);
            } catch (SQLException away) {
                if (System.nanoTime() > limit) {
                    throw new IllegalStateException("the database does not answer: " + away.getMessage(), away);
                }
                pause();
            }
            if (owner == Owner.ANOTHERS) {
                throw new AnotherServer();
            }
        }
        looking.start(Duration.ofSeconds(LOOK_EVERY_S), Duration.ofSeconds(LOOK_EVERY_S), this::look);
    }

    private static void pause() {
        try {
            Thread.sleep(BETWEEN_TRIES_MS);
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(stopped);
        }
    }

    private synchronized void take(int patience) throws SQLException {
        Connection fresh = DriverManager.getConnection(url, user, password);
        try {
            boolean ours = alone ? takeAlone(fresh, patience) : takeAsOneOfSeveral(fresh);
            if (ours) {
                connection = fresh;
            } else {
                fresh.close();
            }
            if (!ours && owner != Owner.ANOTHERS) {
                LOG.error(AnotherServer.WORDS);
            }
            owner = ours ? Owner.OURS : Owner.ANOTHERS;
        } catch (SQLException failed) {
            fresh.close();
            throw failed;
        }
    }

    private static boolean takeAlone(Connection on, int patience) throws SQLException {
        if (!lock(on, ALONE, patience)) {
            return false;
        }
        for (int number = 1; number <= MOST_SERVERS; number++) {
            if (!isFree(on, OF_SEVERAL + number)) {
                return false;
            }
        }
        return true;
    }

    /** Several servers hold a lock each, so that one that means to be alone sees them; first taken, then looked, by either. */
    private static boolean takeAsOneOfSeveral(Connection on) throws SQLException {
        int number = 1;
        while (number <= MOST_SERVERS && !lock(on, OF_SEVERAL + number, 0)) {
            number++;
        }
        return number <= MOST_SERVERS && isFree(on, ALONE);
    }

    private static boolean lock(Connection on, String name, int patience) throws SQLException {
        try (PreparedStatement lock = on.prepareStatement("SELECT GET_LOCK(CONCAT(?, DATABASE()), ?)")) {
            lock.setString(1, name);
            lock.setInt(2, patience);
            return isOne(lock);
        }
    }

    private static boolean isFree(Connection on, String name) throws SQLException {
        try (PreparedStatement look = on.prepareStatement("SELECT IS_FREE_LOCK(CONCAT(?, DATABASE()))")) {
            look.setString(1, name);
            return isOne(look);
        }
    }

    private static boolean isOne(PreparedStatement question) throws SQLException {
        try (ResultSet answer = question.executeQuery()) {
            return answer.next() && answer.getInt(1) == 1;
        }
    }

    private synchronized void look() {
        try {
            if (connection != null && connection.isValid(ANSWER_WITHIN_S)) {
                return;
            }
            leave();
            owner = owner == Owner.ANOTHERS ? Owner.ANOTHERS : Owner.UNKNOWN;
            take(0);
        } catch (SQLException away) {
            LOG.debug("the database is away", away);
        }
    }

    private void leave() throws SQLException {
        Connection old = connection;
        connection = null;
        if (old != null) {
            old.close();
        }
    }

    @PreDestroy
    void end() throws SQLException {
        looking.stop();
        synchronized (this) {
            leave();
        }
    }
}

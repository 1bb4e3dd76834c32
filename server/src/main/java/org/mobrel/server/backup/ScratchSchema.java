package org.mobrel.server.backup;

import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.jdbc.datasource.SingleConnectionDataSource;
import org.springframework.stereotype.Component;

/** A database beside the kitchen's, to try in whether what was written can be read back; it goes when it was tried. */
@Component
class ScratchSchema {

    private static final Pattern URL = Pattern.compile("(jdbc:mariadb://[^/]*/)([a-z_0-9]+)(\\?.*)?");

    private final String url;
    private final String user;
    private final String password;

    ScratchSchema(
            @Value("${spring.datasource.url}") String url,
            @Value("${spring.datasource.username}") String user,
            @Value("${spring.datasource.password}") String password) {
        this.url = url;
        this.user = user;
        this.password = password;
    }

    /** What is tried in it. */
    interface Trial {
        void in(SingleConnectionDataSource scratch) throws Exception;
    }

    /**
     * Makes an empty database, lets it be used and drops it again.
     *
     * @throws IllegalStateException if the kitchen's user may make none
     */
    synchronized void tryOut(Trial trial) throws Exception {
        Matcher parts = URL.matcher(url);
        if (!parts.matches()) {
            throw new IllegalStateException("an address of a database that is unknown: " + url);
        }
        String name = parts.group(2) + "_trial";
        try (Connection connection = DriverManager.getConnection(url, user, password);
                Statement statement = connection.createStatement()) {
            // What a killed server left. The name is the kitchen's own and one word.
            statement.execute("DROP DATABASE IF EXISTS " + name);
            statement.execute("CREATE DATABASE " + name + " CHARACTER SET utf8mb4");
            try {
                String more = parts.group(3) == null ? "" : parts.group(3);
                SingleConnectionDataSource scratch =
                        new SingleConnectionDataSource(parts.group(1) + name + more, user, password, true);
                try {
                    trial.in(scratch);
                } finally {
                    scratch.destroy();
                }
            } finally {
                statement.execute("DROP DATABASE IF EXISTS " + name);
            }
        } catch (SQLException failed) {
            throw new IllegalStateException("it could not be tried: " + failed.getMessage(), failed);
        }
    }
}

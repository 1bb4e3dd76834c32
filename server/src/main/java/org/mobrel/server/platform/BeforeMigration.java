package org.mobrel.server.platform;

import org.flywaydb.core.Flyway;

/** Something that has to be so before the tables are looked at or changed; what throws ends the start. In the order of its beans. */
public interface BeforeMigration {

    void beforeMigration(Flyway flyway);

    /** Once the tables are up to date. */
    default void afterMigration() {}
}

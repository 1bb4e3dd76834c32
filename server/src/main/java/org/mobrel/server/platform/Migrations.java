package org.mobrel.server.platform;

import org.flywaydb.core.api.FlywayException;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.boot.flyway.autoconfigure.FlywayMigrationStrategy;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The tables are brought up to date only after everything that has to be so before. */
@Configuration(proxyBeanMethods = false)
class Migrations {

    @Bean
    FlywayMigrationStrategy migrateAfter(ObjectProvider<BeforeMigration> before) {
        return flyway -> {
            before.orderedStream().forEach(each -> each.beforeMigration(flyway));
            try {
                flyway.migrate();
            } catch (FlywayException e) {
                throw new TablesNotChanged(e);
            }
            before.orderedStream().forEach(BeforeMigration::afterMigration);
        };
    }
}

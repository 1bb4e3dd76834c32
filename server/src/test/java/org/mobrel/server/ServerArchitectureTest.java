package org.mobrel.server;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import org.junit.jupiter.api.Test;

/** A concept of the server is reached through its service and its values; what is inside stays inside. */
class ServerArchitectureTest {

    private final JavaClasses server = new ClassFileImporter()
            .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
            .importPackages("org.mobrel.server");

    @Test
    void repositories_and_controllers_are_nobody_elses_business() {
        classes()
                .that()
                .haveSimpleNameEndingWith("Repository")
                .or()
                .haveSimpleNameEndingWith("Controller")
                .should()
                .bePackagePrivate()
                .check(server);
    }

    @Test
    void sql_is_written_in_repositories_only() {
        noClasses()
                .that()
                .haveSimpleNameNotEndingWith("Repository")
                .should()
                .dependOnClassesThat()
                .haveFullyQualifiedName("org.springframework.jdbc.core.simple.JdbcClient")
                .check(server);
    }

    @Test
    void platform_knows_no_concept() {
        noClasses()
                .that()
                .resideInAPackage("org.mobrel.server.platform")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage(
                        "org.mobrel.server.ruling",
                        "org.mobrel.server.kitchen",
                        "org.mobrel.server.recipe",
                        "org.mobrel.server.planning",
                        "org.mobrel.server.scaling",
                        "org.mobrel.server.batch",
                        "org.mobrel.server.run",
                        "org.mobrel.server.device",
                        "org.mobrel.server.shelf",
                        "org.mobrel.server.loading",
                        "org.mobrel.server.trace",
                        "org.mobrel.server.outside",
                        "org.mobrel.server.prints",
                        "org.mobrel.server.backup",
                        "org.mobrel.server.demo",
                        "org.mobrel.server.catalogue",
                        "org.mobrel.server.reading",
                        "org.mobrel.server.formats")
                .check(server);
    }

    @Test
    void concepts_do_not_go_in_circles() {
        slices().matching("org.mobrel.server.(*)..").should().beFreeOfCycles().check(server);
    }
}

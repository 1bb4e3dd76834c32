package org.mobrel.server;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.Dependency;
import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** Who may use whom, and whose tables are whose. A package or a table that is missing from the lists fails. */
class ServerArchitectureTest {

    private static final String ROOT = "org.mobrel.server.";

    private static final Map<String, Set<String>> ALLOWED = Map.ofEntries(
            Map.entry("platform", Set.of()),
            Map.entry("reading", Set.of("platform")),
            Map.entry("sharing", Set.of("platform")),
            Map.entry("kitchen", Set.of("platform", "sharing")),
            Map.entry("backup", Set.of("photo", "platform")),
            Map.entry("photo", Set.of("platform", "run", "shelf")),
            Map.entry("health", Set.of("platform")),
            Map.entry("peers", Set.of("platform", "sharing", "run")),
            Map.entry("loading", Set.of("platform")),
            Map.entry("catalogue", Set.of("platform", "reading")),
            Map.entry("ruling", Set.of("platform", "catalogue", "reading")),
            Map.entry("scaling", Set.of("platform", "ruling")),
            Map.entry("recipe", Set.of("platform", "catalogue", "kitchen", "reading", "ruling")),
            Map.entry("formats", Set.of("platform", "reading", "recipe")),
            Map.entry("outside", Set.of("platform", "kitchen", "ruling")),
            Map.entry("shelf", Set.of("platform", "sharing", "kitchen", "recipe")),
            Map.entry("run", Set.of("platform", "sharing", "catalogue", "kitchen", "ruling", "shelf")),
            Map.entry("home", Set.of("platform")),
            Map.entry("access", Set.of("platform", "home", "sharing")),
            Map.entry("device", Set.of("platform", "access", "kitchen", "run")),
            Map.entry("listening", Set.of("platform", "run")),
            Map.entry("seeing", Set.of("platform", "run")),
            Map.entry("practice", Set.of("platform", "sharing", "kitchen", "ruling")),
            Map.entry("planning", Set.of("platform", "kitchen", "recipe", "ruling", "scaling", "run", "shelf")),
            Map.entry(
                    "batch",
                    Set.of(
                            "platform",
                            "catalogue",
                            "kitchen",
                            "reading",
                            "recipe",
                            "ruling",
                            "planning",
                            "run",
                            "shelf")),
            Map.entry("prints", Set.of("platform", "ruling", "batch", "run", "shelf")),
            Map.entry("trace", Set.of("platform", "catalogue", "kitchen", "batch", "run", "shelf")),
            Map.entry("demo", Set.of("kitchen", "recipe", "planning", "batch", "run", "shelf")));

    /** The only package that writes a table. */
    private static final Map<String, Set<String>> TABLES = Map.ofEntries(
            Map.entry("photo", Set.of("photo", "photo_file")),
            Map.entry(
                    "kitchen",
                    Set.of(
                            "kitchen",
                            "canner",
                            "canner_capacity",
                            "cupboard_jar",
                            "cupboard_lid",
                            "gauge_test",
                            "inspection",
                            "inspection_part")),
            Map.entry("recipe", Set.of("recipe", "recipe_version", "recipe_answer", "recipe_judgement", "recipe_note")),
            Map.entry("reading", Set.of("wording", "own_food", "reading_answer")),
            Map.entry("planning", Set.of("plan", "plan_batch", "pantry", "made_yield")),
            Map.entry("batch", Set.of("batch", "batch_row")),
            Map.entry("catalogue", Set.of("row_comparison")),
            Map.entry(
                    "run",
                    Set.of(
                            "run",
                            "run_event",
                            "run_jars",
                            "run_jar_moved",
                            "run_pace",
                            "run_setting",
                            "run_clock_step",
                            "clock_look")),
            Map.entry("device", Set.of("gauge_device", "simulation_turn")),
            Map.entry(
                    "shelf",
                    Set.of(
                            "lot",
                            "lot_stand",
                            "movement",
                            "hold",
                            "lot_hold",
                            "meal_kit",
                            "meal_kit_good",
                            "freezer_box",
                            "freezer_taken",
                            "shelf_target")),
            Map.entry("sharing", Set.of("shared_counter", "shared_field", "kitchen_edition")),
            Map.entry("practice", Set.of("practice_try")),
            Map.entry("access", Set.of("household_person", "paired_device", "pairing_code")),
            Map.entry("peers", Set.of("server_news")),
            Map.entry("outside", Set.of("outside_process")));

    /** Tables that others read too: what they list, search or hand out is one question to the database, or one row a line. */
    private static final Map<String, Set<String>> READ_BY_OTHERS = Map.of(
            "batch", Set.of("lot", "run", "run_event"),
            "shelf", Set.of("batch"),
            "run", Set.of("batch_row"),
            "formats", Set.of("batch", "run", "run_event", "lot", "lot_stand", "movement", "hold"));

    private static final Pattern READ = Pattern.compile("\\b(?:FROM|JOIN) ([a-z_]+)\\b");
    private static final Pattern WRITTEN =
            Pattern.compile("\\b(?:INSERT (?:IGNORE )?INTO|REPLACE INTO|UPDATE|DELETE FROM) ([a-z_]+)\\b");
    private static final Pattern MADE = Pattern.compile("CREATE (?:TABLE|(?:OR REPLACE )?VIEW) ([a-z_]+)");

    private static final JavaClasses SERVER = new ClassFileImporter()
            .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
            .importPackages("org.mobrel.server");

    @Test
    void every_package_uses_only_what_it_may() {
        Set<String> wrong = new TreeSet<>();
        for (JavaClass from : SERVER) {
            for (Dependency edge : from.getDirectDependenciesFromSelf()) {
                judge(from, edge.getTargetClass().getBaseComponentType(), wrong);
            }
        }
        assertThat(wrong).isEmpty();
        assertThat(SERVER.size()).isGreaterThan(100);
    }

    private static void judge(JavaClass from, JavaClass to, Set<String> wrong) {
        if (!from.getPackageName().startsWith(ROOT) || !to.getPackageName().startsWith(ROOT)) {
            return;
        }
        String concept = from.getPackageName().substring(ROOT.length());
        String other = to.getPackageName().substring(ROOT.length());
        Set<String> allowed = ALLOWED.get(concept);
        if (allowed == null) {
            wrong.add("package %s is not on the list".formatted(concept));
        } else if (!other.equals(concept) && !allowed.contains(other)) {
            wrong.add("%s uses %s".formatted(from.getName(), to.getName()));
        }
    }

    @Test
    void a_table_is_written_by_its_owner_and_read_by_few_others() throws IOException {
        Map<String, String> owners = new HashMap<>();
        TABLES.forEach((owner, tables) -> tables.forEach(table -> owners.put(table, owner)));
        assertThat(owners.keySet()).containsExactlyInAnyOrderElementsOf(madeByMigrations());
        Set<String> wrong = new TreeSet<>();
        for (Path source : repositories()) {
            String user = source.getName(source.getNameCount() - 2).toString();
            String text = Files.readString(source);
            for (String table : named(WRITTEN, text)) {
                if (owners.containsKey(table) && !user.equals(owners.get(table))) {
                    wrong.add("%s writes %s".formatted(user, table));
                }
            }
            for (String table : named(READ, text)) {
                if (owners.containsKey(table)
                        && !user.equals(owners.get(table))
                        && !READ_BY_OTHERS.getOrDefault(user, Set.of()).contains(table)) {
                    wrong.add("%s reads %s".formatted(user, table));
                }
            }
        }
        assertThat(wrong).isEmpty();
    }

    private static Set<String> madeByMigrations() throws IOException {
        Set<String> made = new TreeSet<>();
        try (Stream<Path> files = Files.list(Path.of("src/main/resources/db/migration"))) {
            for (Path file : (Iterable<Path>) files::iterator) {
                made.addAll(named(MADE, Files.readString(file)));
            }
        }
        return made;
    }

    private static List<Path> repositories() throws IOException {
        try (Stream<Path> files = Files.walk(Path.of("src/main/java/org/mobrel/server"))) {
            return files.filter(file -> file.toString().endsWith(".java")).toList();
        }
    }

    private static Set<String> named(Pattern pattern, String text) {
        Set<String> found = new TreeSet<>();
        Matcher matcher = pattern.matcher(text);
        while (matcher.find()) {
            found.add(matcher.group(1));
        }
        return found;
    }

    @Test
    void repositories_and_controllers_are_nobody_elses_business() {
        classes()
                .that()
                .haveSimpleNameEndingWith("Repository")
                .or()
                .haveSimpleNameEndingWith("Controller")
                .should()
                .bePackagePrivate()
                .check(SERVER);
    }

    @Test
    void sql_is_written_in_repositories_only() {
        noClasses()
                .that()
                .haveSimpleNameNotEndingWith("Repository")
                .should()
                .dependOnClassesThat()
                .haveFullyQualifiedName("org.springframework.jdbc.core.simple.JdbcClient")
                .check(SERVER);
    }
}

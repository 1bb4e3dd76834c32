package org.mobrel;

import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.Dependency;
import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** Who may use whom. A package that is missing from the list fails. */
class ArchitectureTest {

    private static final String ROOT = "org.mobrel.";
    private static final Map<String, Set<String>> ALLOWED = Map.ofEntries(
            Map.entry("quantity", Set.of()),
            Map.entry("finding", Set.of()),
            Map.entry("tables", Set.of()),
            Map.entry("jars", Set.of("quantity", "tables")),
            Map.entry("foods", Set.of("quantity", "finding", "jars", "tables")),
            Map.entry("canner", Set.of("quantity", "finding", "jars", "tables")),
            Map.entry("recipe", Set.of("quantity", "finding", "foods", "tables")),
            Map.entry("scaling", Set.of("quantity", "finding", "foods", "jars", "recipe")),
            Map.entry("shopping", Set.of("quantity", "foods", "recipe", "tables")),
            Map.entry("prep", Set.of("quantity", "foods", "recipe", "method", "tables")),
            Map.entry("ruling", Set.of("quantity", "finding", "jars", "foods", "recipe", "canner", "method", "tables")),
            Map.entry("review", Set.of("quantity", "finding", "foods", "recipe", "tables")),
            Map.entry("page", Set.of("foods", "jars", "recipe", "method", "tables")),
            Map.entry("method", Set.of("quantity", "finding", "jars", "foods", "recipe", "tables")),
            Map.entry("freezer", Set.of("quantity", "finding", "foods", "recipe", "ruling")),
            Map.entry("loading", Set.of("quantity", "jars", "canner")),
            Map.entry("day", Set.of("quantity", "foods", "tables", "loading")),
            Map.entry(
                    "planning",
                    Set.of(
                            "quantity",
                            "finding",
                            "jars",
                            "foods",
                            "canner",
                            "recipe",
                            "method",
                            "ruling",
                            "scaling",
                            "loading",
                            "day")),
            Map.entry("steam", Set.of("quantity")),
            Map.entry(
                    "practice",
                    Set.of(
                            "quantity",
                            "finding",
                            "tables",
                            "jars",
                            "foods",
                            "canner",
                            "recipe",
                            "method",
                            "ruling",
                            "steam")),
            Map.entry("run", Set.of("quantity", "finding", "canner", "ruling")),
            Map.entry("listening", Set.of("run")),
            Map.entry("seeing", Set.of("quantity", "run")),
            Map.entry("shelf", Set.of("quantity", "finding", "jars", "foods", "recipe", "run")));

    /** Outside the core: the language, null annotations, reading tables and comparing words. */
    private static final Set<String> LIBRARIES = Set.of(
            "java.lang",
            "java.util",
            "java.math",
            "java.time",
            "java.io",
            "java.nio.charset",
            "org.jspecify",
            "org.apache.commons.csv",
            "org.apache.commons.text");

    /** What one package may use alone, beyond the libraries of all. */
    private static final Map<String, Set<String>> OWN_LIBRARIES = Map.of(
            "steam", Set.of("com.hummeling.if97", "org.hipparchus.ode"),
            "recipe", Set.of("java.text"));

    private static final JavaClasses CORE = new ClassFileImporter()
            .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
            .importPackages("org.mobrel");

    @Test
    void every_package_uses_only_what_it_may() {
        Set<String> wrong = new TreeSet<>();
        for (JavaClass from : CORE) {
            for (Dependency edge : from.getDirectDependenciesFromSelf()) {
                judge(from, edge.getTargetClass().getBaseComponentType(), wrong);
            }
        }
        assertThat(wrong).isEmpty();
        assertThat(CORE.size()).isGreaterThan(50);
    }

    private static void judge(JavaClass from, JavaClass to, Set<String> wrong) {
        String concept = concept(from);
        Set<String> allowed = ALLOWED.get(concept);
        if (allowed == null) {
            wrong.add("package %s is not on the list".formatted(concept));
        } else if (to.getPackageName().startsWith(ROOT)) {
            if (!concept(to).equals(concept) && !allowed.contains(concept(to))) {
                wrong.add("%s uses %s; allowed: %s".formatted(from.getName(), to.getName(), new TreeSet<>(allowed)));
            }
        } else if (!to.isPrimitive()
                && Stream.concat(LIBRARIES.stream(), OWN_LIBRARIES.getOrDefault(concept, Set.of()).stream())
                        .noneMatch(to.getPackageName()::startsWith)) {
            wrong.add("%s uses %s from outside the core".formatted(from.getName(), to.getName()));
        }
    }

    private static String concept(JavaClass type) {
        String rest = type.getPackageName().substring(ROOT.length());
        return rest.contains(".") ? rest.substring(0, rest.indexOf('.')) : rest;
    }

    private static final Pattern FORMATTED = Pattern.compile(
            "(\"\"\"(?:[^\"]++|\"(?!\"\"))*+\"\"\"|\"(?:[^\"\\\\\\n]++|\\\\.)*+\")\\s*+\\.formatted\\(");
    private static final Pattern BY_LOCALE = Pattern.compile("%[-#+0,(]*\\d*(?:\\.\\d+)?[dfxeE](?![a-z])");

    /** In some countries digits are others and a point is a comma: {@code formatted} takes words only, numbers name their locale. */
    @Test
    void no_number_is_written_by_the_locale_of_the_machine() throws IOException {
        List<String> wrong = new ArrayList<>();
        for (String sources : List.of("src/main/java", "../server/src/main/java")) {
            try (Stream<Path> files = Files.walk(Path.of(sources))) {
                for (Path file :
                        files.filter(each -> each.toString().endsWith(".java")).toList()) {
                    FORMATTED
                            .matcher(Files.readString(file))
                            .results()
                            .map(found -> found.group(1))
                            .filter(text -> BY_LOCALE.matcher(text).find())
                            .forEach(text -> wrong.add(file.getFileName() + ": " + text));
                }
            }
        }
        assertThat(wrong).isEmpty();
    }
}

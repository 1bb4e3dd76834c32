package org.mobrel.recipe;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.mobrel.tables.Table;

/** Verbs by which a line is a step; verbs.csv has them. Immutable. */
public final class WorkVerbs {

    /** Those that begin a step and hardly ever an ingredient. */
    public static final Set<String> BEGINNING = of("begins");

    /** Those that begin a step only where the line is plainly a sentence. */
    static final Set<String> TOLD = of("told");

    private WorkVerbs() {}

    private static Set<String> of(String kind) {
        return Table.beside(WorkVerbs.class, "verbs.csv", Set.of("kind", "words", "source"))
                .map(row -> row.text("kind").equals(kind) ? row.list("words") : List.<String>of())
                .stream()
                .flatMap(List::stream)
                .collect(Collectors.toUnmodifiableSet());
    }
}

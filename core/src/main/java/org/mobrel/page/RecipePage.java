package org.mobrel.page;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.mobrel.jars.JarSize;

/**
 * A page parted into what it holds.
 *
 * @param parts everything on it, in its order; nothing is left out
 */
public record RecipePage(List<Part> parts) {

    public RecipePage {
        parts = List.copyOf(parts);
    }

    /** What a part of a page is. */
    public enum Kind {
        TITLE("title"),
        /** 'Makes 7 quarts', 'Serves 8'. */
        YIELD("yield"),
        /** 'Process pints 75 minutes' among the ingredients. */
        PROCESS("process"),
        INGREDIENT("ingredient"),
        /** 'For the broth:' */
        GROUP("group"),
        STEP("step"),
        /** What is done when a jar is opened, tips, a story. */
        REMARK("remark"),
        /** Headings of the page, equipment, denials, times of work. */
        OTHER("other");

        private final String code;

        Kind(String code) {
            this.code = code;
        }

        public static Optional<Kind> ofCode(String code) {
            return Arrays.stream(values())
                    .filter(kind -> kind.code.equals(code))
                    .findFirst();
        }

        public String code() {
            return code;
        }
    }

    /** @param text as typed, without its number or bullet where it is a step */
    public record Part(Kind kind, String text) {}

    /** @param size empty where it is counted in servings */
    public record Yield(int count, Optional<JarSize> size) {}

    private List<String> texts(Set<Kind> kinds) {
        return parts.stream()
                .filter(part -> kinds.contains(part.kind()))
                .map(Part::text)
                .toList();
    }

    public Optional<String> title() {
        return texts(Set.of(Kind.TITLE)).stream().findFirst();
    }

    /** The ingredients alone. */
    public List<String> ingredients() {
        return texts(Set.of(Kind.INGREDIENT));
    }

    /** The ingredients with the headings of their groups among them. */
    public List<String> lines() {
        return texts(Set.of(Kind.INGREDIENT, Kind.GROUP));
    }

    public List<String> steps() {
        return texts(Set.of(Kind.STEP));
    }

    public List<String> remarks() {
        return texts(Set.of(Kind.REMARK));
    }

    /** What the page says of its process outside of its steps. */
    public List<String> processes() {
        return texts(Set.of(Kind.PROCESS));
    }

    /** How much it makes, in jars where it says so. */
    public Optional<Yield> yield() {
        List<Yield> all = texts(Set.of(Kind.YIELD)).stream()
                .flatMap(text -> Yields.in(text).stream())
                .toList();
        return all.stream().filter(one -> one.size().isPresent()).findFirst().or(() -> all.stream()
                .findFirst());
    }
}

package org.mobrel.finding;

import java.util.List;
import java.util.Optional;

/**
 * What the cook may do about a finding.
 *
 * @param code what kind of change, such as 'leave-out'; never renamed
 * @param text a sentence for the cook
 * @param edits the changes that carry it out; empty where only the cook can
 */
public record Remedy(String code, String text, List<Edit> edits) {

    public Remedy {
        edits = List.copyOf(edits);
    }

    /** Something that only the cook can do: ask, replace, freeze. */
    public Remedy(String code, String text) {
        this(code, text, List.of());
    }

    public static Remedy leaveOut(String text) {
        return new Remedy("leave-out", text, List.of(Edit.leaveOut()));
    }

    /** A remedy that puts another text in the line's place; words only where there is none. */
    public static Remedy rewrite(String code, String text, Optional<String> line) {
        return new Remedy(
                code,
                text,
                line.stream().map(words -> Edit.of(Edit.Part.LINE, words)).toList());
    }
}

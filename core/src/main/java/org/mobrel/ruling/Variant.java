package org.mobrel.ruling;

import java.util.ArrayList;
import java.util.List;
import org.mobrel.method.Method;
import org.mobrel.recipe.IngredientLine;

/**
 * Some jars of a pot with an add-in, such as 'with rosemary'.
 *
 * @param name not blank
 * @param addIns the lines that only these jars hold
 * @param method steps among them
 */
public record Variant(String name, List<IngredientLine> addIns, Method method) {

    public Variant(String name, List<IngredientLine> addIns) {
        this(name, addIns, Method.NONE);
    }

    /** @throws IllegalArgumentException if the name is blank */
    public Variant {
        addIns = List.copyOf(addIns);
        if (name.isBlank()) {
            throw new IllegalArgumentException("a variant without a name");
        }
    }

    /** The base with this variant's lines behind it. */
    public Batch of(Batch base) {
        List<IngredientLine> lines = new ArrayList<>(base.lines());
        lines.addAll(addIns);
        return base.withLines(lines).with(base.method().plus(method));
    }
}

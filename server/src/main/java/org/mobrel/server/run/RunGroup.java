package org.mobrel.server.run;

import java.util.Optional;
import org.mobrel.jars.JarCount;
import org.mobrel.quantity.Volume;
import org.mobrel.ruling.Verdict;

/**
 * Jars of one kind in a load, and the batch they belong to: a load may hold several.
 *
 * @param variant what these hold besides the base; empty for the base alone
 * @param finish what is done when one is opened, for the label; may be empty
 * @param broth that one of them takes; empty where nobody worked it out
 */
public record RunGroup(
        JarCount jars,
        long batchId,
        String title,
        String variant,
        Verdict verdict,
        String finish,
        Optional<Volume> broth) {

    RunGroup with(JarCount others) {
        return new RunGroup(others, batchId, title, variant, verdict, finish, broth);
    }

    /** The dish with its variant, such as 'Bean soup, with rosemary'. */
    public String name() {
        return variant.isEmpty() ? title : title + ", " + variant;
    }
}

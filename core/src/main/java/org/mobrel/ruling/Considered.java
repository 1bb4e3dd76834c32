package org.mobrel.ruling;

import java.util.Map;
import org.mobrel.finding.Source;
import org.mobrel.jars.JarSize;
import org.mobrel.quantity.Minutes;

/**
 * A published row that was looked at and what came of it.
 *
 * @param what the row, such as 'soup'
 * @param minutes its times by size
 * @param outcome why it was or was not used, in a sentence
 */
public record Considered(String what, Map<JarSize, Minutes> minutes, Source source, String outcome) {

    public Considered {
        minutes = Map.copyOf(minutes);
    }
}

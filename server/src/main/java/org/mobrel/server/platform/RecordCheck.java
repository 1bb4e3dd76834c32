package org.mobrel.server.platform;

import java.util.List;

/** Looks through the stored records of one concept for those that cannot be what they say: what no page may fail on, but somebody has to mend. */
public interface RecordCheck {

    /**
     * A record that is broken.
     *
     * @param where such as 'lot 26-1123-A' or 'movements, number 17'
     * @param detail what is wrong with it, and what mends it
     * @param readable whether it can be shown; one that cannot is not taken in with a backup
     */
    record Fault(String where, String detail, boolean readable) {}

    /** All of them; none in a kitchen that is whole. */
    List<Fault> faults();
}

package org.mobrel.server.platform;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import org.springframework.dao.DataAccessException;

/** Looks through the stored records of one concept for those that cannot be what they say: no page may fail on them, and somebody has to mend them. */
public interface RecordCheck {

    /**
     * A record that is broken.
     *
     * @param where such as 'lot 26-1123-A' or 'movements, number 17'
     * @param detail what is wrong with it, and what mends it
     */
    record Fault(String where, String detail) {}

    /** Records that can be shown and are wrong; looked for every minute. None in a kitchen that is whole. */
    default List<Fault> faults() {
        return List.of();
    }

    /** Records that cannot be read as what they are to be; looked for where a backup was taken in, which is refused for them. */
    List<Fault> unreadable();

    /**
     * Tries to read records one by one.
     *
     * @param section as the backup calls them
     */
    static <K> List<Fault> unreadable(String section, List<K> keys, Consumer<K> read) {
        List<Fault> faults = new ArrayList<>();
        for (K key : keys) {
            try {
                read.accept(key);
            } catch (DataAccessException e) {
                throw e;
            } catch (RuntimeException e) {
                faults.add(new Fault(
                        "%s, number %s".formatted(section, key),
                        String.valueOf(e.getMessage()).lines().findFirst().orElse("")));
            }
        }
        return faults;
    }
}

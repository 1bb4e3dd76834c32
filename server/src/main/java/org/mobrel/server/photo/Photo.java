package org.mobrel.server.photo;

import java.time.Instant;
import java.util.Arrays;
import java.util.Optional;
import java.util.OptionalInt;

/**
 * A photograph of a load, one of its jars, or a lot; the picture itself is kept apart.
 *
 * @param jar its number in the load; empty for the whole load
 * @param lot the code of the lot it is of; empty before there is one
 * @param by who took it; empty where nobody gave a name
 * @param bytes how large its picture is
 */
record Photo(
        long id,
        long run,
        OptionalInt jar,
        Optional<String> lot,
        Moment moment,
        Instant takenAt,
        String by,
        int width,
        int height,
        int bytes,
        String sha256) {

    /** When in a jar's life it was taken. The codes are stored for ever. */
    enum Moment {
        LOADING("loading"),
        SEAL_CHECK("seal-check"),
        OPENING("opening"),
        OTHER("other");

        private final String code;

        Moment(String code) {
            this.code = code;
        }

        String code() {
            return code;
        }

        static Optional<Moment> ofCode(String code) {
            return Arrays.stream(values())
                    .filter(moment -> moment.code.equals(code))
                    .findFirst();
        }
    }
}

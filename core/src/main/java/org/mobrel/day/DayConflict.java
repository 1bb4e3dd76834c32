package org.mobrel.day;

import java.time.Instant;

/**
 * Something about a day that cannot be, or that nobody would want.
 *
 * @param code such as 'ends-in-quiet-hours'; never renamed
 * @param at the instant it is about
 * @param task whose fault it is; empty for the whole day
 */
public record DayConflict(Code code, Instant at, String task) {

    public enum Code {
        /** What had to be done by now has not been done. */
        IS_PAST("is-past"),
        /** Longer than sixteen hours: that is not a plan. */
        TOO_LONG("too-long"),
        /** Somebody would have to be up in hours that are kept quiet. */
        IN_QUIET_HOURS("in-quiet-hours");

        private final String code;

        Code(String code) {
            this.code = code;
        }

        public String code() {
            return code;
        }
    }
}

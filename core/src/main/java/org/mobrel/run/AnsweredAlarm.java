package org.mobrel.run;

/**
 * An alarm that somebody has answered.
 *
 * @param what its code, such as 'heat-off': all of that kind that rang by then are quiet
 */
public record AnsweredAlarm(String what) implements EventDetail {

    private static final int LONGEST = 20;

    /** @throws IllegalArgumentException if it is no code */
    public AnsweredAlarm {
        if (what.isEmpty()
                || what.length() > LONGEST
                || !what.chars().allMatch(sign -> sign == '-' || sign >= 'a' && sign <= 'z')) {
            throw new IllegalArgumentException("no alarm: " + what);
        }
    }
}

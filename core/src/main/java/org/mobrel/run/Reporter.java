package org.mobrel.run;

/**
 * Who says so.
 *
 * @param name of a person or a device; empty where nobody gave one
 * @param device whether it is a gauge that sends its readings by itself
 */
public record Reporter(String name, boolean device) {

    public static final Reporter SOMEBODY = new Reporter("", false);

    public static Reporter cook(String name) {
        return new Reporter(name, false);
    }

    public static Reporter gauge(String name) {
        return new Reporter(name, true);
    }
}

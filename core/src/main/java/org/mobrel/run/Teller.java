package org.mobrel.run;

/**
 * Who says so.
 *
 * @param name of a person or a device; empty where nobody gave one
 * @param device whether it is a gauge that sends its readings by itself
 */
public record Teller(String name, boolean device) {

    public static final Teller SOMEBODY = new Teller("", false);

    public static Teller cook(String name) {
        return new Teller(name, false);
    }

    public static Teller gauge(String name) {
        return new Teller(name, true);
    }
}

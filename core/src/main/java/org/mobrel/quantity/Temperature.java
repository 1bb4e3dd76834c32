package org.mobrel.quantity;

/**
 * How hot something is, such as '115.2 °C', stored as whole thousandths of a degree Celsius.
 *
 * @param milliCelsius no lower than -50 °C and no higher than 300 °C: what a kitchen can have
 */
public record Temperature(int milliCelsius) implements Comparable<Temperature> {

    private static final int LOWEST = -50_000;
    private static final int HIGHEST = 300_000;

    /** @throws IllegalArgumentException if no kitchen can have it */
    public Temperature {
        if (milliCelsius < LOWEST || milliCelsius > HIGHEST) {
            throw new IllegalArgumentException(
                    "temperature is not between -50 and 300 °C: %s m°C".formatted(milliCelsius));
        }
    }

    public static Temperature ofCelsius(double celsius) {
        return new Temperature((int) Checks.round("temperature", celsius * 1_000));
    }

    public double celsius() {
        return milliCelsius / 1_000.0;
    }

    public double fahrenheit() {
        return celsius() * 9 / 5 + 32;
    }

    @Override
    public int compareTo(Temperature other) {
        return Integer.compare(milliCelsius, other.milliCelsius);
    }
}

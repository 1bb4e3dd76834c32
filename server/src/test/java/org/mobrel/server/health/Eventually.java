package org.mobrel.server.health;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.function.BooleanSupplier;

/** What is looked at every few seconds is so after a while. */
final class Eventually {

    private Eventually() {}

    static void until(BooleanSupplier so) {
        for (int look = 0; look < 600 && !so.getAsBoolean(); look++) {
            try {
                Thread.sleep(50);
            } catch (InterruptedException stopped) {
                Thread.currentThread().interrupt();
                throw new IllegalStateException(stopped);
            }
        }
        assertThat(so.getAsBoolean()).isTrue();
    }
}

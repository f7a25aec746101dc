package hiltboard.acceptance;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.function.BooleanSupplier;

/** Waiting for what comes by itself. */
final class Patience {
    private static final int LOOKS = 300;
    private static final int BETWEEN_LOOKS_MS = 100;

    private Patience() {}

    static void until(BooleanSupplier what) {
        for (int i = 0; i < LOOKS && !what.getAsBoolean(); i++) {
            try {
                Thread.sleep(BETWEEN_LOOKS_MS);
            } catch (InterruptedException interrupted) {
                Thread.currentThread().interrupt();
                throw new IllegalStateException(interrupted);
            }
        }
        assertThat(what.getAsBoolean()).isTrue();
    }
}

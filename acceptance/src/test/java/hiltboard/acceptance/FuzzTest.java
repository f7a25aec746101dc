package hiltboard.acceptance;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/** A small part of what {@code ./hilt fuzz} asks. */
class FuzzTest {
    private static final long SEED = 20261128;
    private static final int QUESTIONS = 700;

    @Test
    void whatever_is_asked_is_answered_or_refused_and_never_a_failure_of_the_program() {
        try (RunningShop shop = RunningShop.demo()) {
            Fuzz fuzz = new Fuzz(shop, SEED);
            fuzz.ask(QUESTIONS);
            assertThat(fuzz.failures()).as("%s", fuzz.told()).isEmpty();
            assertThat(fuzz.statuses().get(200))
                    .as("deep enough: much of it is taken")
                    .isGreaterThan(QUESTIONS / 5);
            shop.owner().get("/api/wall").isOk();
        }
    }
}

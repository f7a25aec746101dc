package hiltboard.server.access;

import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hiltboard.server.Refusal;
import java.time.Duration;
import java.time.Instant;
import org.junit.jupiter.api.Test;

class SignInThrottleTest {
    private static final Instant NOON = Instant.parse("2026-03-02T12:00:00Z");
    private final SignInThrottle throttle = new SignInThrottle();

    @Test
    void three_tries_are_free() {
        wrong(2);
        assertThatCode(() -> throttle.check("bram", NOON)).doesNotThrowAnyException();
    }

    @Test
    void each_further_wrong_try_waits_twice_as_long_up_to_a_minute() {
        wrong(3);
        waits(Duration.ofSeconds(2));
        wrong(1);
        waits(Duration.ofSeconds(4));
        wrong(20);
        waits(Duration.ofMinutes(1));
    }

    @Test
    void the_right_password_forgets_the_wrong_ones_and_nobody_else_waits() {
        wrong(5);
        assertThatCode(() -> throttle.check("cato", NOON)).doesNotThrowAnyException();
        throttle.right("bram");
        assertThatCode(() -> throttle.check("bram", NOON)).doesNotThrowAnyException();
    }

    private void wrong(int times) {
        for (int i = 0; i < times; i++) {
            throttle.wrong("bram", NOON);
        }
    }

    private void waits(Duration time) {
        assertThatThrownBy(() -> throttle.check("bram", NOON.plus(time).minusMillis(1)))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("Too many wrong tries");
        assertThatCode(() -> throttle.check("bram", NOON.plus(time))).doesNotThrowAnyException();
    }
}

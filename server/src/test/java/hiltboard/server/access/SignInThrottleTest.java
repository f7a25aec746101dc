package hiltboard.server.access;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hiltboard.server.Refusal;
import java.time.Duration;
import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.atomic.AtomicLong;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class SignInThrottleTest {
    private final AtomicLong nanos = new AtomicLong(Long.MAX_VALUE - 5);
    private final SignInThrottle throttle = new SignInThrottle(nanos::get);

    @Test
    void three_tries_are_free() {
        wrong(3);
        assertThatThrownBy(() -> wrong(1)).isInstanceOf(Refusal.class);
    }

    /** The clock of a machine that has run for long overflows; only the difference of two readings means something. */
    @Test
    void each_further_wrong_try_waits_twice_as_long_up_to_a_minute() {
        wrong(3);
        waits(Duration.ofSeconds(2));
        wrong(1);
        waits(Duration.ofSeconds(4));
        for (int seconds = 8; seconds < 2000; seconds *= 2) {
            wrong(1);
            waits(Duration.ofSeconds(Math.min(60, seconds)));
        }
    }

    @Test
    void the_right_password_forgets_the_wrong_ones_and_nobody_else_waits() {
        wrong(3);
        assertThatCode(() -> throttle.begin(List.of("cato"))).doesNotThrowAnyException();
        throttle.right(List.of("bram"));
        assertThatCode(() -> wrong(3)).doesNotThrowAnyException();
    }

    @Test
    void of_thirty_at_once_three_are_examined() {
        AtomicInteger examined = new AtomicInteger();
        IntStream.range(0, 30).parallel().forEach(each -> {
            try {
                throttle.begin(List.of("bram"));
                examined.incrementAndGet();
            } catch (Refusal tooSoon) {
                assertThat(tooSoon.more()).containsKey("waitSeconds");
            }
        });
        assertThat(examined).hasValue(3);
    }

    @Test
    void a_try_that_has_to_wait_for_one_of_its_names_counts_for_none() {
        wrong(3);
        for (int i = 0; i < 5; i++) {
            assertThatThrownBy(() -> throttle.begin(List.of("an address", "bram")))
                    .isInstanceOf(Refusal.class);
        }
        assertThatCode(() -> throttle.begin(List.of("an address"))).doesNotThrowAnyException();
    }

    private void wrong(int times) {
        for (int i = 0; i < times; i++) {
            throttle.begin(List.of("bram"));
        }
    }

    private void waits(Duration time) {
        nanos.addAndGet(time.minusMillis(1).toNanos());
        assertThatThrownBy(() -> wrong(1)).isInstanceOf(Refusal.class).hasMessageContaining("Too many wrong tries");
        nanos.addAndGet(Duration.ofMillis(1).toNanos());
    }
}

package hiltboard.server.search;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hiltboard.core.search.LongSearch;
import hiltboard.server.Refusal;
import java.time.Duration;
import java.time.Instant;
import java.util.concurrent.CountDownLatch;
import java.util.function.BooleanSupplier;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

/** How a long search is begun, watched, ended early and read. */
class RunsTest {
    private final Runs<String, Integer> runs = new Runs<>("counting");

    @AfterEach
    void stop() {
        runs.close();
    }

    /** Counts up until it is cancelled, or to a hundred when it is let go on. */
    private static final class Counting implements LongSearch<Integer> {
        private final CountDownLatch goesOn = new CountDownLatch(1);
        private volatile boolean isCancelled;

        @Override
        public Integer search(Watch<? super Integer> watch) {
            watch.found(3);
            watch.settled(3, 100);
            try {
                goesOn.await();
            } catch (InterruptedException stopped) {
                Thread.currentThread().interrupt();
            }
            return isCancelled ? 4 : 100;
        }

        @Override
        public void cancel() {
            isCancelled = true;
            goesOn.countDown();
        }
    }

    @Test
    void its_progress_and_its_best_so_far_are_known_before_it_is_over() {
        Counting counting = new Counting();
        Run<String, Integer> run = runs.begin(1, "how many", counting);
        until(() -> run.done() == 3);
        assertThat(run.of()).isEqualTo(100);
        assertThat(run.best()).hasValue(3);
        assertThat(run.answer()).isEmpty();
        counting.goesOn.countDown();
        until(() -> run.answer().isPresent());
        assertThat(run.answer()).hasValue(100);
        assertThat(runs.run(run.id()).asked()).isEqualTo("how many");
    }

    @Test
    void ended_early_it_answers_with_what_it_has() {
        Run<String, Integer> run = runs.begin(2, "", new Counting());
        until(() -> run.done() == 3);
        run.cancel();
        until(() -> run.answer().isPresent());
        assertThat(run.answer()).hasValue(4);
    }

    @Test
    void searches_go_one_after_another_and_one_that_fails_does_not_stop_the_next() {
        Counting first = new Counting();
        runs.begin(3, "first", first);
        Run<String, Integer> broken = runs.begin(4, "broken", new LongSearch<>() {
            @Override
            public Integer search(Watch<? super Integer> watch) {
                throw new IllegalStateException("no solver for this machine");
            }

            @Override
            public void cancel() {}
        });
        Counting last = new Counting();
        Run<String, Integer> third = runs.begin(5, "third", last);
        assertThat(third.best()).as("its turn has not come").isEmpty();
        first.goesOn.countDown();
        last.goesOn.countDown();
        until(() -> third.answer().isPresent());
        assertThat(broken.isFailed()).isTrue();
        assertThat(broken.answer()).isEmpty();
    }

    @Test
    void one_person_has_one_at_a_time_and_an_earlier_one_ends_early() {
        Counting first = new Counting();
        Run<String, Integer> earlier = runs.begin(7, "first", first);
        until(() -> earlier.done() == 3);
        Run<String, Integer> waiting = runs.begin(7, "second", new Counting());
        Counting last = new Counting();
        Run<String, Integer> third = runs.begin(7, "third", last);
        until(() -> waiting.answer().isPresent());
        assertThat(earlier.answer()).as("the best that it had").hasValue(4);
        assertThat(third.answer()).isEmpty();
        last.goesOn.countDown();
        until(() -> third.answer().isPresent());
    }

    @Test
    void only_the_last_twenty_are_kept() {
        for (int i = 0; i < 21; i++) {
            Counting counting = new Counting();
            counting.goesOn.countDown();
            runs.begin(i, "", counting);
        }
        assertThatThrownBy(() -> runs.run(1)).isInstanceOf(Refusal.class).hasMessageContaining("begin it again");
        assertThat(runs.run(2).id()).isEqualTo(2);
    }

    private static void until(BooleanSupplier isSo) {
        Instant patience = Instant.now().plus(Duration.ofSeconds(20));
        while (!isSo.getAsBoolean()) {
            assertThat(Instant.now()).isBefore(patience);
            Thread.onSpinWait();
        }
    }
}

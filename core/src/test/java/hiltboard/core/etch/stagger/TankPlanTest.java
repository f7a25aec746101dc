package hiltboard.core.etch.stagger;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hiltboard.core.etch.BathAge;
import hiltboard.core.etch.UsualEtches;
import hiltboard.core.etch.stagger.TankBatch.Round;
import hiltboard.core.etch.stagger.TankPlan.Act;
import hiltboard.core.etch.stagger.TankPlan.Moment;
import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.TimeRange;
import hiltboard.core.search.LongSearch;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

class TankPlanTest {
    private static final Duration PATIENCE = Duration.ofSeconds(120);

    private static TankPlan plan(TankBatch batch) {
        return new TankPlanSearch(batch, PATIENCE).search(LongSearch.Watch.nobody());
    }

    private static Duration seconds(long seconds) {
        return Duration.ofSeconds(seconds);
    }

    @Test
    @DisplayName("on small batches the plan is as short as the best of all orders in which the hands could do it")
    void against_all_orders() {
        Random chance = new Random(7);
        for (int i = 0; i < 40; i++) {
            int blades = 1 + chance.nextInt(3);
            int rounds = blades == 3 ? 1 : 1 + chance.nextInt(2);
            List<Round> cycles = new ArrayList<>();
            for (int k = 0; k < rounds; k++) {
                int least = 3 + chance.nextInt(20);
                cycles.add(
                        new Round(TimeRange.ofSeconds(least, least + chance.nextInt(6)), seconds(chance.nextInt(15))));
            }
            TankBatch batch = new TankBatch(
                    blades,
                    cycles,
                    Duration.ZERO,
                    seconds(1 + chance.nextInt(4)),
                    seconds(1 + chance.nextInt(6)),
                    1 + chance.nextInt(2));
            TankPlan plan = plan(batch);
            assertIsLawful(plan, batch);
            assertThat(plan.length()).as("%s", batch).isEqualTo(seconds(new AllOrders(batch).best()));
            assertThat(plan.isShortest()).as("%s", batch).isTrue();
        }
    }

    @Test
    @DisplayName("[trade] five pattern blades through three cycles are a day's work, and the hands hardly ever wait")
    void five_blades_are_a_day() {
        TankBatch batch = TankBatch.of(UsualEtches.withKey("pattern").orElseThrow(), BathAge.Factor.FRESH, 5, 2);
        assertThat(batch.labour()).isBetween(Duration.ofHours(3), Duration.ofHours(9));
        Duration good = batch.labour().plusMinutes(20);
        TankPlanSearch search = new TankPlanSearch(batch, PATIENCE);
        TankPlan plan = search.search(new LongSearch.Watch<>() {
            @Override
            public void settled(int done, int of) {}

            @Override
            public void found(TankPlan better) {
                if (better.length().compareTo(good) < 0) {
                    search.cancel();
                }
            }
        });
        assertIsLawful(plan, batch);
        assertThat(plan.length()).isLessThan(good);
        Duration oneAfterTheOther = batch.ofOneBlade().multipliedBy(5);
        assertThat(plan.length()).isLessThan(oneAfterTheOther.minusMinutes(30));
    }

    @Test
    void what_is_no_batch_is_refused() {
        Round round = new Round(TimeRange.ofSeconds(60, 60), seconds(10));
        assertThatThrownBy(() -> new TankBatch(0, List.of(round), seconds(1), seconds(1), seconds(1), 1))
                .isInstanceOf(ImpossibleQuantity.class);
        assertThatThrownBy(() -> new TankBatch(2, List.of(), seconds(1), seconds(1), seconds(1), 1))
                .isInstanceOf(ImpossibleQuantity.class);
        assertThatThrownBy(() -> new TankBatch(2, List.of(round), seconds(1), seconds(1), seconds(1), 0))
                .isInstanceOf(ImpossibleQuantity.class);
    }

    @Test
    void long_work_is_laid_down_in_between() {
        assertThat(TankBatch.stretches(Duration.ofMinutes(15))).hasSize(4).allMatch(each -> each == 225);
        assertThat(TankBatch.stretches(seconds(5))).containsExactly(5);
        assertThat(TankBatch.stretches(Duration.ZERO)).isEmpty();
    }

    /**
     * Hands do one thing at a time, blades hang no longer than they may, and no more of them than there is room for.
     */
    private static void assertIsLawful(TankPlan plan, TankBatch batch) {
        Duration busy = Duration.ZERO;
        Duration handsFree = Duration.ZERO;
        for (Moment moment : plan.moments()) {
            assertThat(moment.at()).isGreaterThanOrEqualTo(handsFree);
            handsFree = moment.at().plus(moment.takes());
            busy = busy.plus(moment.takes());
        }
        assertThat(busy).isEqualTo(batch.labour());
        assertThat(handsFree).isEqualTo(plan.length());
        List<Duration[]> baths = new ArrayList<>();
        for (int blade = 1; blade <= batch.blades(); blade++) {
            for (int cycle = 1; cycle <= batch.cycles().size(); cycle++) {
                Moment in = moment(plan, blade, cycle, Act.PUT_IN);
                Moment out = moment(plan, blade, cycle, Act.TAKE_OUT);
                Duration hung = out.at().minus(in.at().plus(in.takes()));
                TimeRange wanted = batch.cycles().get(cycle - 1).bath();
                assertThat(hung).isBetween(wanted.least(), wanted.most());
                baths.add(new Duration[] {in.at().plus(in.takes()), out.at()});
            }
        }
        for (Duration[] bath : baths) {
            assertThat(baths.stream()
                            .filter(other -> other[0].compareTo(bath[0]) <= 0 && other[1].compareTo(bath[0]) > 0)
                            .count())
                    .isLessThanOrEqualTo(batch.atOnce());
        }
    }

    private static Moment moment(TankPlan plan, int blade, int cycle, Act act) {
        return plan.moments().stream()
                .filter(each -> each.blade() == blade && each.cycle() == cycle && each.act() == act)
                .findFirst()
                .orElseThrow();
    }

    /**
     * Tries every order in which one pair of hands could do it, and for each the earliest times that keep all gaps, by
     * longest paths: nothing of the search itself is used.
     */
    private static final class AllOrders {
        private final TankBatch batch;
        private final List<int[]> ofABlade = new ArrayList<>();
        private int best = Integer.MAX_VALUE;

        /** An act of a blade: seconds, least and most seconds since the one before it ended; most −1 for any. */
        private AllOrders(TankBatch batch) {
            this.batch = batch;
            for (Round round : batch.cycles()) {
                ofABlade.add(new int[] {(int) batch.putIn().toSeconds(), 0, -1});
                ofABlade.add(new int[] {
                    (int) batch.takeOut().toSeconds(),
                    (int) round.bath().least().toSeconds(),
                    (int) round.bath().most().toSeconds()
                });
                if (!round.work().isZero()) {
                    ofABlade.add(new int[] {(int) round.work().toSeconds(), 0, -1});
                }
            }
        }

        private int best() {
            go(new int[batch.blades()], new ArrayList<>());
            return best;
        }

        private void go(int[] next, List<int[]> order) {
            if (order.size() == ofABlade.size() * batch.blades()) {
                length(order);
                return;
            }
            for (int blade = 0; blade < next.length; blade++) {
                if (next[blade] < ofABlade.size() && hasRoom(next, blade)) {
                    order.add(new int[] {blade, next[blade]});
                    next[blade]++;
                    go(next, order);
                    next[blade]--;
                    order.remove(order.size() - 1);
                }
            }
        }

        /** Whoever has been put in and not been taken out hangs in the bath. */
        private boolean hasRoom(int[] next, int blade) {
            boolean isPutIn = ofABlade.get(next[blade])[2] < 0
                    && next[blade] + 1 < ofABlade.size()
                    && ofABlade.get(next[blade] + 1)[2] >= 0;
            long hanging = Arrays.stream(next)
                    .filter(at -> at < ofABlade.size() && ofABlade.get(at)[2] >= 0)
                    .count();
            return !isPutIn || hanging < batch.atOnce();
        }

        private void length(List<int[]> order) {
            int[] start = new int[order.size()];
            for (int round = 0; round <= order.size(); round++) {
                boolean isSettled = true;
                for (int i = 0; i < order.size(); i++) {
                    int[] act = ofABlade.get(order.get(i)[1]);
                    int least = i == 0 ? 0 : start[i - 1] + ofABlade.get(order.get(i - 1)[1])[0];
                    int before = before(order, i);
                    if (before >= 0) {
                        int ended = start[before] + ofABlade.get(order.get(before)[1])[0];
                        least = Math.max(least, ended + act[1]);
                        int latest = act[2] < 0 ? Integer.MAX_VALUE : ended + act[2];
                        if (Math.max(least, start[i]) > latest) {
                            start[before] += Math.max(least, start[i]) - latest;
                            isSettled = false;
                        }
                    }
                    if (least > start[i]) {
                        start[i] = least;
                        isSettled = false;
                    }
                }
                if (isSettled) {
                    int last = order.size() - 1;
                    best = Math.min(best, start[last] + ofABlade.get(order.get(last)[1])[0]);
                    return;
                }
            }
        }

        private static int before(List<int[]> order, int i) {
            int found = -1;
            for (int k = 0; k < i; k++) {
                found = order.get(k)[0] == order.get(i)[0] ? k : found;
            }
            return found;
        }
    }
}

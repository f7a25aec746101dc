package hiltboard.server.bench;

import hiltboard.core.plan.Ability;
import hiltboard.core.plan.NextUp;
import hiltboard.core.plan.NextUp.Hold;
import hiltboard.core.route.Station;
import hiltboard.core.route.WorkLeft;
import hiltboard.core.route.WorkLeft.Stage;
import hiltboard.server.job.Hands.Holder;
import hiltboard.server.route.StepRepository.StepRow;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;

/** Work to pick up: one step of a piece, or of several of a batch that stand alike. */
record BenchRow(
        String operation,
        String title,
        Station station,
        long jobId,
        String jobTitle,
        List<BenchPiece> pieces,
        BenchClock clock,
        BenchPromise promise,
        BenchHands hands)
        implements NextUp.Doable {

    /** @param rackSlot where it lies when nobody is at it; empty where it has none */
    record BenchPiece(long id, String name, String rackSlot) {}

    /**
     * How it stands; moments are epoch milliseconds, zero where there is none.
     *
     * @param standing RUNNING, RESTING or READY
     */
    record BenchClock(
            String standing, int attendedMinutes, String restWords, long restUntilMillis, long windowClosesAtMillis) {
        static BenchClock of(WorkLeft work, Optional<StepRow> row, Optional<Instant> closes) {
            boolean rests = work.isAt(Stage.RESTS);
            String begun = rests ? "RESTING" : "RUNNING";
            return new BenchClock(
                    work.isAt(Stage.UNDER_WAY, Stage.RESTS) ? begun : "READY",
                    work.operation().attendedMinutes(),
                    work.operation().restWords(),
                    rests ? row.map(StepRow::restUntilMillis).orElse(0L) : 0,
                    closes.map(Instant::toEpochMilli).orElse(0L));
        }
    }

    record BenchPromise(String promisedOn, int daysInHand, boolean isThisWeeks) {}

    /** @param startedBy who began it; empty where nobody has @param ability of whoever asks */
    record BenchHands(Holder holder, String startedBy, boolean isPutDown, Hold hold, Ability ability) {}

    @Override
    public boolean isOf(long piece) {
        return pieces.stream().anyMatch(each -> each.id() == piece);
    }

    @Override
    public Hold hold() {
        return hands.hold();
    }

    @Override
    public Duration attended() {
        return Duration.ofMinutes(clock.attendedMinutes());
    }

    /** Whether hands can be on it now: what rests is taken up when its rest is up. */
    boolean isDoable(Instant now) {
        return !clock.standing().equals("RESTING") || clock.restUntilMillis() <= now.toEpochMilli();
    }

    boolean isReady() {
        return clock.standing().equals("READY");
    }

    /** Whether a clock runs: it rests, or it has to begin before a window closes. */
    boolean isOnAClock() {
        return clock.standing().equals("RESTING") || clock.windowClosesAtMillis() > 0;
    }

    /** When its clock runs out. */
    long dueMillis() {
        return clock.standing().equals("RESTING") ? clock.restUntilMillis() : clock.windowClosesAtMillis();
    }
}

package hiltboard.core.etch;

import hiltboard.core.etch.BathAge.Factor;
import hiltboard.core.etch.EtchRecipe.AfterBath;
import hiltboard.core.measure.TimeRange;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A blade's time in the bath, reckoned from the moments at which it went in and out and from nothing else: whoever
 * asks, whenever, after whatever stood still meanwhile, gets the same.
 *
 * @param events in the order in which they were noted; one whose time lies before the last one's, since a clock was set
 *     back, counts as of the same moment
 * @param factor how much longer than in a fresh bath it takes
 */
public record TankClock(EtchRecipe recipe, Factor factor, List<Event> events) {
    public TankClock {
        events = List.copyOf(events);
    }

    /** What happens at the bath. The names stay the same for ever. */
    public enum Moment {
        IN,
        /** Out, looked at and in again at once, so that its clock goes on. */
        LOOKED,
        OUT,
        /** The cycle is over, and it is said what it did. */
        CYCLE_OVER,
        /** Into the milder bath that follows all cycles. */
        INTO_AFTER_BATH,
        OUT_OF_AFTER_BATH
    }

    /** What a cycle did. The names stay the same for ever. */
    public enum CycleResult {
        EVEN("even"),
        GOOD_DEPTH("good depth"),
        TOO_PALE("too pale"),
        PATCHY("patchy"),
        LINES("lines"),
        SPOTS("spots");

        private final String words;

        CycleResult(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }

        /** Whether something has to be done about it before the next bath. */
        public boolean isFault() {
            return this == PATCHY || this == LINES || this == SPOTS;
        }

        /** What to do about it now. */
        public String advice() {
            return switch (this) {
                case EVEN, GOOD_DEPTH -> "";
                case TOO_PALE -> "Longer in the next cycle, or one cycle more; try the bath with a coupon.";
                case PATCHY ->
                    "Grease or residue: neutralise, solvent until a white rag stays clean, a short look again. What stays patchy is "
                            + "sanded back.";
                case LINES ->
                    "Residue from a glove or a wipe: wash it off now. It eats no further, and what is etched in is sanded out.";
                case SPOTS -> "Residue: wipe it, solvent, and look again after a few seconds.";
            };
        }
    }

    public record Event(Moment moment, Instant at, Optional<CycleResult> result) {}

    /** Where the blade is. */
    public enum Where {
        BEFORE,
        IN,
        OUT,
        BETWEEN,
        /** All cycles are over, and an after-bath is to come. */
        BEFORE_AFTER_BATH,
        AFTER_BATH,
        OVER
    }

    /**
     * How it stands at a moment.
     *
     * @param cycle the number of the cycle that it is in or that comes next, from one on
     * @param of how many there are planned to be; more where some were added
     * @param inAll in the bath, of all cycles
     * @param wanted of this cycle, as this bath takes today
     * @param inThisCycle in the bath, of this cycle, or in the after-bath
     * @param due when it has been in long enough, and {@code late} when it has been in too long; empty while it is out
     * @param firstLook when it is to be looked at for the first time; empty once it was, or while it is not in its
     *     first bath
     */
    public record Standing(
            Where where,
            int cycle,
            int of,
            Duration inThisCycle,
            Duration inAll,
            TimeRange wanted,
            Optional<Instant> due,
            Optional<Instant> late,
            Optional<Instant> firstLook) {}

    /** Whether such a thing can happen next. */
    public boolean canFollow(Moment moment) {
        return switch (where()) {
            case BEFORE, BETWEEN -> moment == Moment.IN;
            case IN -> moment == Moment.LOOKED || moment == Moment.OUT;
            case OUT -> moment == Moment.IN || moment == Moment.CYCLE_OVER;
            case BEFORE_AFTER_BATH -> moment == Moment.INTO_AFTER_BATH || isOneMore(moment);
            case AFTER_BATH -> moment == Moment.OUT_OF_AFTER_BATH;
            case OVER -> isOneMore(moment);
        };
    }

    /** By the look of it, as long as no after-bath has begun. */
    private boolean isOneMore(Moment moment) {
        return moment == Moment.IN
                && count(Moment.INTO_AFTER_BATH) == 0
                && cyclesOver() < recipe.cycleCount() + Math.max(1, recipe.more());
    }

    public int cyclesOver() {
        return count(Moment.CYCLE_OVER);
    }

    private int count(Moment moment) {
        return (int) events.stream().filter(event -> event.moment() == moment).count();
    }

    public Where where() {
        if (events.isEmpty()) {
            return Where.BEFORE;
        }
        return switch (events.get(events.size() - 1).moment()) {
            case IN, LOOKED -> Where.IN;
            case OUT -> Where.OUT;
            case CYCLE_OVER -> cyclesOver() < recipe.cycleCount() ? Where.BETWEEN : afterCycles();
            case INTO_AFTER_BATH -> Where.AFTER_BATH;
            case OUT_OF_AFTER_BATH -> afterCycles();
        };
    }

    private Where afterCycles() {
        return count(Moment.OUT_OF_AFTER_BATH) < recipe.afterBaths().size() ? Where.BEFORE_AFTER_BATH : Where.OVER;
    }

    /** The after-bath that it is in or that comes next; empty before and after them. */
    public Optional<AfterBath> afterBath() {
        Where where = where();
        return where == Where.BEFORE_AFTER_BATH || where == Where.AFTER_BATH
                ? Optional.of(recipe.afterBaths().get(count(Moment.OUT_OF_AFTER_BATH)))
                : Optional.empty();
    }

    /** What each cycle came to that is over or begun, in order: time in the bath by this moment. */
    public List<Duration> cycles(Instant now) {
        List<Duration> cycles = new ArrayList<>();
        Duration cycle = Duration.ZERO;
        Optional<Instant> since = Optional.empty();
        Instant latest = Instant.MIN;
        for (Event event : events) {
            Instant at = event.at().isBefore(latest) ? latest : event.at();
            latest = at;
            switch (event.moment()) {
                case IN -> since = Optional.of(at);
                case LOOKED, INTO_AFTER_BATH, OUT_OF_AFTER_BATH -> {}
                case OUT -> {
                    cycle = cycle.plus(Duration.between(since.orElse(at), at));
                    since = Optional.empty();
                }
                case CYCLE_OVER -> {
                    cycles.add(cycle);
                    cycle = Duration.ZERO;
                }
            }
        }
        if (since.isPresent() && now.isAfter(since.get())) {
            cycle = cycle.plus(Duration.between(since.get(), now));
        }
        if (where() == Where.IN || where() == Where.OUT) {
            cycles.add(cycle);
        }
        return cycles;
    }

    public Standing standing(Instant now) {
        Where where = where();
        int over = cyclesOver();
        boolean isInCycles = where == Where.BEFORE || where == Where.IN || where == Where.OUT || where == Where.BETWEEN;
        int number = isInCycles ? over + 1 : over;
        List<Duration> cycles = cycles(now);
        Optional<AfterBath> after = afterBath();
        Duration inThis = after.isPresent()
                ? sinceLast(now, where)
                : cycles.size() > number - 1 ? cycles.get(number - 1) : Duration.ZERO;
        TimeRange wanted = after.map(AfterBath::time)
                .orElseGet(() -> factor.of(recipe.cycle(number).bath()));
        Optional<Instant> began =
                where == Where.IN || where == Where.AFTER_BATH ? Optional.of(now.minus(inThis)) : Optional.empty();
        return new Standing(
                where,
                number,
                Math.max(recipe.cycleCount(), number),
                inThis,
                cycles.stream().reduce(Duration.ZERO, Duration::plus),
                wanted,
                began.map(at -> at.plus(wanted.least())),
                began.map(at -> at.plus(wanted.most())),
                began.filter(at -> number == 1 && where == Where.IN && !wasLookedAt())
                        .map(at -> at.plus(recipe.firstLook())));
    }

    private Duration sinceLast(Instant now, Where where) {
        Instant last = events.get(events.size() - 1).at();
        return where == Where.AFTER_BATH && now.isAfter(last) ? Duration.between(last, now) : Duration.ZERO;
    }

    private boolean wasLookedAt() {
        return events.stream().anyMatch(event -> event.moment() == Moment.LOOKED || event.moment() == Moment.OUT);
    }

    /** What comes next, with what in hand. */
    public String next() {
        int over = cyclesOver();
        return switch (where()) {
            case BEFORE -> "Coupon first, then in. " + recipe.degrease() + " until a white rag stays clean.";
            case IN -> "Out, rinse, look.";
            case OUT ->
                "Back in, or this cycle is over: " + recipe.neutraliser().toLowerCase(java.util.Locale.ROOT) + ".";
            case BETWEEN ->
                "Neutralised and rinsed: " + recipe.cycle(over).words() + ", then in for cycle " + (over + 1) + ".";
            case BEFORE_AFTER_BATH, AFTER_BATH ->
                afterBath().map(TankClock::words).orElse("");
            case OVER ->
                "All is over: neutralise, dry the tang, " + recipe.ending().words() + ".";
        };
    }

    private static String words(AfterBath bath) {
        return bath.liquid().words() + ", " + bath.time().words() + ". " + bath.words();
    }

    /** How many times the fresh time it took in all; empty while it is not over or where a cycle was at fault. */
    public Optional<Double> tookTimes(Instant now) {
        boolean isGood = where() != Where.BETWEEN
                && cyclesOver() >= recipe.cycleCount()
                && events.stream()
                        .flatMap(event -> event.result().stream())
                        .noneMatch(result -> result.isFault() || result == CycleResult.TOO_PALE);
        double fresh = 0;
        for (int i = 1; i <= cyclesOver(); i++) {
            fresh += recipe.cycle(i).bath().middle().toMillis();
        }
        double took = cycles(now).stream().mapToLong(Duration::toMillis).sum();
        return isGood && took > 0 ? Optional.of(took / fresh) : Optional.empty();
    }
}

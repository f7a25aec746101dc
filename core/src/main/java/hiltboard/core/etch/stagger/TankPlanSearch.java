package hiltboard.core.etch.stagger;

import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.CumulativeConstraint;
import com.google.ortools.sat.IntVar;
import com.google.ortools.sat.IntervalVar;
import com.google.ortools.sat.LinearExpr;
import hiltboard.core.etch.stagger.TankBatch.Round;
import hiltboard.core.etch.stagger.TankPlan.Act;
import hiltboard.core.etch.stagger.TankPlan.Moment;
import hiltboard.core.search.ConstraintSolver;
import hiltboard.core.search.LongSearch;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * Looks for the shortest plan of a batch: one pair of hands does one thing at a time, so many blades hang in the bath
 * at once, a blade goes in right after it was degreased, and none lies in the acid longer than its recipe says. Times
 * are whole seconds.
 */
public final class TankPlanSearch implements LongSearch<TankPlan> {
    /** What was degreased is handled again or dusty after this. Common practice. */
    private static final int CLEAN_FOR = 600;

    private final TankBatch batch;
    private final ConstraintSolver solver;
    private final CpModel model = new CpModel();
    private final List<Done> done = new ArrayList<>();
    private final List<IntervalVar> hands = new ArrayList<>();
    private final IntVar end;
    private final int horizon;

    /** @throws IllegalStateException if the solver's own code is not there for this machine */
    public TankPlanSearch(TankBatch batch, Duration patience) {
        this.batch = batch;
        this.solver = new ConstraintSolver(patience);
        this.horizon = horizon(batch);
        this.end = model.newIntVar(0, horizon, "end");
    }

    /** What the hands do once. */
    private record Done(IntVar start, int seconds, int blade, int cycle, Act act, int part, int parts) {}

    /** One blade after the other needs no longer. */
    private static int horizon(TankBatch batch) {
        long bath = batch.cycles().stream()
                .mapToLong(round -> round.bath().most().toSeconds())
                .sum();
        return (int) (batch.labour().toSeconds() + bath * batch.blades());
    }

    @Override
    public TankPlan search(Watch<? super TankPlan> watch) {
        write();
        IntVar[] starts = done.stream().map(Done::start).toArray(IntVar[]::new);
        watch.settled(0, 1);
        Duration atLeast = atLeast(0);
        Optional<ConstraintSolver.Found> found =
                solver.solve(model, starts, better -> watch.found(plan(better, atLeast)));
        watch.settled(1, 1);
        return found.map(best -> plan(best.values(), atLeast(best.bound()))).orElseGet(this::oneAfterTheOther);
    }

    @Override
    public void cancel() {
        solver.cancel();
    }

    private Duration atLeast(double bound) {
        Duration proved = Duration.ofSeconds((long) Math.ceil(bound - 1e-6));
        return List.of(proved, batch.labour(), batch.ofOneBlade()).stream()
                .max(Comparator.naturalOrder())
                .orElseThrow();
    }

    private void write() {
        List<IntervalVar> inTheBath = new ArrayList<>();
        List<IntVar> firstIn = new ArrayList<>();
        for (int blade = 1; blade <= batch.blades(); blade++) {
            LinearExpr free = LinearExpr.constant(0);
            if (!batch.degrease().isZero()) {
                free = after(add(seconds(batch.degrease()), blade, 1, Act.DEGREASE, 1, 1));
            }
            for (int cycle = 1; cycle <= batch.cycles().size(); cycle++) {
                Round round = batch.cycles().get(cycle - 1);
                Done in = add(seconds(batch.putIn()), blade, cycle, Act.PUT_IN, 1, 1);
                Done out = add(seconds(batch.takeOut()), blade, cycle, Act.TAKE_OUT, 1, 1);
                model.addGreaterOrEqual(in.start(), free);
                if (cycle == 1) {
                    firstIn.add(in.start());
                    cleanWhenItGoesIn(in, free);
                }
                inTheBath.add(bath(in, out, round));
                free = after(out);
                List<Integer> stretches = TankBatch.stretches(round.work());
                for (int part = 1; part <= stretches.size(); part++) {
                    Done work = add(stretches.get(part - 1), blade, cycle, Act.WORK, part, stretches.size());
                    model.addGreaterOrEqual(work.start(), free);
                    free = after(work);
                }
            }
            model.addGreaterOrEqual(end, free);
        }
        model.addNoOverlap(hands);
        CumulativeConstraint tank = model.addCumulative(batch.atOnce());
        inTheBath.forEach(interval -> tank.addDemand(interval, 1));
        // The blades are alike: which of them is first does not matter.
        for (int i = 1; i < firstIn.size(); i++) {
            model.addLessOrEqual(firstIn.get(i - 1), firstIn.get(i));
        }
        model.minimize(end);
    }

    private void cleanWhenItGoesIn(Done in, LinearExpr degreased) {
        if (!batch.degrease().isZero()) {
            model.addLessOrEqual(
                    in.start(),
                    LinearExpr.newBuilder().add(degreased).add(CLEAN_FOR).build());
        }
    }

    private Done add(int seconds, int blade, int cycle, Act act, int part, int parts) {
        IntVar start = model.newIntVar(0, horizon, "");
        hands.add(model.newFixedSizeIntervalVar(start, seconds, ""));
        Done once = new Done(start, seconds, blade, cycle, act, part, parts);
        done.add(once);
        return once;
    }

    private static LinearExpr after(Done act) {
        return LinearExpr.newBuilder().add(act.start()).add(act.seconds()).build();
    }

    /** There is room for it from when it is put in until the hands take it. */
    private IntervalVar bath(Done in, Done out, Round round) {
        IntVar time = model.newIntVar(
                in.seconds() + seconds(round.bath().least()),
                in.seconds() + seconds(round.bath().most()),
                "");
        return model.newIntervalVar(in.start(), time, out.start(), "");
    }

    private static int seconds(Duration time) {
        return (int) time.toSeconds();
    }

    private TankPlan plan(long[] starts, Duration atLeast) {
        List<Moment> moments = new ArrayList<>();
        Duration length = Duration.ZERO;
        for (int i = 0; i < starts.length; i++) {
            Done act = done.get(i);
            Duration at = Duration.ofSeconds(starts[i]);
            Duration takes = Duration.ofSeconds(act.seconds());
            moments.add(new Moment(at, takes, act.blade(), act.cycle(), act.act(), act.part(), act.parts()));
            length = at.plus(takes).compareTo(length) > 0 ? at.plus(takes) : length;
        }
        moments.sort(Comparator.comparing(Moment::at).thenComparing(Moment::blade));
        return new TankPlan(moments, length, atLeast);
    }

    /** What anybody does without a plan, where the search found none in its time. */
    private TankPlan oneAfterTheOther() {
        long[] starts = new long[done.size()];
        long at = 0;
        for (int i = 0; i < starts.length; i++) {
            starts[i] = at;
            at += done.get(i).seconds();
            if (done.get(i).act() == Act.PUT_IN) {
                at += batch.cycles().get(done.get(i).cycle() - 1).bath().least().toSeconds();
            }
        }
        return plan(starts, atLeast(0));
    }
}

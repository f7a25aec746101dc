package hiltboard.core.stock.cutting;

import com.google.ortools.Loader;
import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.CpSolver;
import com.google.ortools.sat.CpSolverSolutionCallback;
import com.google.ortools.sat.CpSolverStatus;
import com.google.ortools.sat.IntVar;
import com.google.ortools.sat.LinearExpr;
import com.google.ortools.sat.LinearExprBuilder;
import hiltboard.core.measure.Length;
import hiltboard.core.stock.cutting.CuttingPlan.BarPlan;
import hiltboard.core.stock.cutting.CuttingPlan.Placed;
import hiltboard.core.stock.cutting.CuttingProblem.Wanted;
import hiltboard.core.stock.cutting.Rows.Row;
import java.time.Duration;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Deque;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.function.ToDoubleFunction;
import java.util.function.ToIntFunction;
import java.util.stream.Collectors;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;

/**
 * Assigns blanks to bars with the least steel used up, by the constraint solver CP-SAT. It chooses among rows of blanks
 * ({@link Rows}) for each bar; first as many blanks as possible are placed, then as little of the bars is used up as possible.
 */
public final class CuttingSolver {
    /** What looking at every row may cost, in steps, and how many rows the solver chooses from in good time. */
    private static final int STEPS = 60_000_000;
    private static final int ROWS_TO_CHOOSE_FROM = 16_000;
    private static final int ROWS_WHILE_FILLING = 40;
    /** Where not every row can be looked at: the share of the time for finding good ones, and how different they are to be. */
    private static final double SHARE_FOR_FILLING = 0.5;
    private static final double FREEDOM = 0.15;
    private static final double LEAST_SECONDS = 0.05;
    private static final int SEED = 7;
    /** A blank that is not placed costs more than every bar on the rack. */
    private static final double NEVER_WORTH_IT = 1.5;

    private final CuttingProblem problem;
    private final Settings settings;
    private final Progress progress;
    private volatile boolean isCancelled;
    private volatile Optional<CpSolver> running = Optional.empty();

    /** @param patience how long it may search in all; what was found until then is the answer */
    public record Settings(Duration patience, int workers) {}

    /** Hears how the search goes on. */
    public interface Progress {
        /**
         * @param done share of the kinds of steel that are settled, from 0 to 1
         * @param usedArea of the best answer so far for the steel that is being settled, in square millimetres
         */
        void found(double done, double usedArea);
    }

    public CuttingSolver(CuttingProblem problem, Settings settings, Progress progress) {
        Loader.loadNativeLibraries();
        this.problem = problem;
        this.settings = settings;
        this.progress = progress;
    }

    /** Stops the search; {@link #solve} then answers with what it has. */
    public void cancel() {
        isCancelled = true;
        running.ifPresent(CpSolver::stopSearch);
    }

    /** The best plan that was found in the time. */
    public CuttingPlan solve() {
        List<Group> groups = groups();
        long started = System.nanoTime();
        List<CuttingPlan> plans = new ArrayList<>();
        for (int i = 0; i < groups.size(); i++) {
            double left = settings.patience().toMillis() / 1000.0 - (System.nanoTime() - started) / 1e9;
            double share = (double) i / groups.size();
            plans.add(groups.get(i).solve(isCancelled ? 0 : left / (groups.size() - i), share));
        }
        List<String> homeless = problem.wanted().stream().filter(wanted -> problem.bars().stream().noneMatch(bar -> problem.rules().allow(wanted.blank(), bar))).map(Wanted::id).toList();
        List<String> notPlaced = new ArrayList<>(homeless);
        plans.forEach(plan -> notPlaced.addAll(plan.notPlaced()));
        return new CuttingPlan(plans.stream().flatMap(plan -> plan.bars().stream()).toList(), notPlaced, plans.stream().mapToDouble(CuttingPlan::usedArea).sum(),
                plans.stream().mapToDouble(CuttingPlan::provenArea).sum(), plans.stream().allMatch(CuttingPlan::isProven));
    }

    /** Blanks and bars that have to do with each other, apart from those that have not. */
    private List<Group> groups() {
        List<Group> groups = new ArrayList<>();
        List<Wanted> open = new ArrayList<>(problem.wanted());
        while (!open.isEmpty()) {
            List<Wanted> wanted = new ArrayList<>(List.of(open.remove(0)));
            List<Bar> bars = new ArrayList<>();
            for (int before = -1; before != wanted.size() + bars.size();) {
                before = wanted.size() + bars.size();
                problem.bars().stream().filter(bar -> !bars.contains(bar) && wanted.stream().anyMatch(each -> problem.rules().allow(each.blank(), bar))).forEach(bars::add);
                List<Wanted> more = open.stream().filter(each -> bars.stream().anyMatch(bar -> problem.rules().allow(each.blank(), bar))).toList();
                wanted.addAll(more);
                open.removeAll(more);
            }
            if (!bars.isEmpty()) {
                groups.add(new Group(wanted, bars));
            }
        }
        return groups;
    }

    /** Bars and blanks that have to do with each other. */
    private final class Group {
        private final Map<Blank, Deque<String>> waiting = new LinkedHashMap<>();
        private final List<Blank> blanks;
        private final int[] wanted;
        private final Map<Bar, List<Bar>> alike;
        private final Map<Bar, Lying> lying = new LinkedHashMap<>();
        private final Map<List<Object>, Cut> cuts = new LinkedHashMap<>();
        private final double worst;
        private final boolean isComplete;

        private Group(List<Wanted> all, List<Bar> bars) {
            all.forEach(each -> waiting.computeIfAbsent(each.blank(), key -> new ArrayDeque<>()).add(each.id()));
            this.blanks = List.copyOf(waiting.keySet());
            this.wanted = blanks.stream().mapToInt(blank -> waiting.get(blank).size()).toArray();
            this.alike = bars.stream().collect(Collectors.groupingBy(Bar::alike, LinkedHashMap::new, Collectors.toList()));
            this.worst = Math.round(bars.stream().mapToDouble(bar -> bar.area(bar.length().millimetres())).sum() * NEVER_WORTH_IT);
            alike.keySet().forEach(kind -> lying.put(kind, lying(kind)));
            this.isComplete = addEveryRow();
        }

        /**
         * How the blanks that a kind of bar has room for may lie on it.
         *
         * @param indices of these blanks among all
         * @param room for a row in millimetres
         */
        private record Lying(Nest nest, int[] indices, double room) {}

        /**
         * A kind of bar cut to a row.
         *
         * @param area of it that is used up, in square millimetres
         */
        private record Cut(Bar kind, Lying lying, Row row, double area) {

            /** Of each of all blanks, so many. */
            private int count(int blank) {
                for (int i = 0; i < lying.indices.length; i++) {
                    if (lying.indices[i] == blank) {
                        return row.counts()[i];
                    }
                }
                return 0;
            }

            /** The less, the better. @param thrift 1 for the least steel for what is cut, 0 for the fullest bar */
            private double cost(double thrift) {
                return Math.pow(area, thrift) / Arrays.stream(row.states()).mapToDouble(lying.nest::length).sum();
            }
        }

        /** Cuts, by how many bars are cut so; how many blanks are left; and what is used up. */
        private record Answer(Map<Cut, Integer> times, int notPlaced, double area) {

            private boolean isBetterThan(Answer other) {
                return notPlaced < other.notPlaced || notPlaced == other.notPlaced && area < other.area;
            }
        }

        private CuttingPlan solve(double seconds, double share) {
            long deadline = System.nanoTime() + (long) (seconds * 1e9);
            Answer first = fill(cut -> cut.cost(1));
            if (!isComplete) {
                first = fillAgain(first, System.nanoTime() + (long) (seconds * SHARE_FOR_FILLING * 1e9));
            }
            return choose(first, (deadline - System.nanoTime()) / 1e9, share);
        }

        private Lying lying(Bar kind) {
            List<Blank> fitting = blanks.stream().filter(blank -> problem.rules().allow(blank, kind)).toList();
            Nest nest = lying.entrySet().stream().filter(each -> each.getKey().width().equals(kind.width()) && each.getValue().nest().blanks().equals(fitting))
                    .map(each -> each.getValue().nest()).findFirst().orElseGet(() -> new Nest(fitting, kind.width().millimetres(), problem.rules()));
            return new Lying(nest, fitting.stream().mapToInt(blanks::indexOf).toArray(), kind.length().minus(problem.rules().kerf()).minus(problem.rules().clamp()).millimetres());
        }

        /** Every row of every kind of bar, unless there are too many; single blanks in any case. */
        private boolean addEveryRow() {
            Map<Nest, Rows> known = new HashMap<>();
            lying.forEach((kind, how) -> known.computeIfAbsent(how.nest(), nest -> {
                double longest = lying.values().stream().filter(each -> each.nest() == nest).mapToDouble(Lying::room).max().orElseThrow();
                int affordable = Math.min(STEPS / (nest.states() * nest.states()), ROWS_TO_CHOOSE_FROM / lying.size());
                return Rows.of(nest, some(how, wanted), longest, affordable);
            }));
            boolean isEveryRow = known.values().stream().allMatch(Rows::isComplete);
            lying.forEach((kind, how) -> known.get(how.nest()).all().stream().filter(row -> row.length() <= how.room() && (isEveryRow || row.states().length == 1)).forEach(row -> add(kind, row)));
            return isEveryRow;
        }

        private int[] some(Lying how, int[] ofAll) {
            return Arrays.stream(how.indices()).map(i -> ofAll[i]).toArray();
        }

        private Cut add(Bar kind, Row row) {
            Cut cut = new Cut(kind, lying.get(kind), row, kind.area(used(kind, row).millimetres()));
            return cuts.merge(List.of(kind, Arrays.stream(row.counts()).boxed().toList()), cut, (one, other) -> one.area() <= other.area() ? one : other);
        }

        /** Fills the rack again and again, a little otherwise each time, so that there are good and different rows to choose from. */
        private Answer fillAgain(Answer first, long until) {
            Answer best = first;
            Random random = new Random(SEED);
            while (System.nanoTime() < until && !isCancelled && cuts.size() < ROWS_TO_CHOOSE_FROM) {
                double thrift = random.nextDouble();
                Answer filled = fill(cut -> cut.cost(thrift) * (1 + random.nextDouble() * FREEDOM));
                best = filled.isBetterThan(best) ? filled : best;
            }
            return best;
        }

        /** Bar by bar the row that costs least, out of what is left. */
        private Answer fill(ToDoubleFunction<Cut> cost) {
            int[] left = wanted.clone();
            Map<Bar, Integer> barsLeft = new HashMap<>();
            alike.forEach((kind, same) -> barsLeft.put(kind, same.size()));
            Map<Cut, Integer> times = new LinkedHashMap<>();
            double area = 0;
            for (Optional<Cut> next = best(left, barsLeft, cost); next.isPresent(); next = best(left, barsLeft, cost)) {
                Cut cut = next.get();
                times.merge(cut, 1, Integer::sum);
                area += cut.area();
                barsLeft.merge(cut.kind(), -1, Integer::sum);
                IntStream.range(0, left.length).forEach(i -> left[i] -= cut.count(i));
            }
            return new Answer(times, Arrays.stream(left).sum(), area);
        }

        private Optional<Cut> best(int[] left, Map<Bar, Integer> barsLeft, ToDoubleFunction<Cut> cost) {
            return lying.entrySet().stream().filter(each -> barsLeft.get(each.getKey()) > 0)
                    .flatMap(each -> Rows.of(each.getValue().nest(), some(each.getValue(), left), each.getValue().room(), ROWS_WHILE_FILLING).all().stream()
                            .map(row -> new Cut(each.getKey(), each.getValue(), row, each.getKey().area(used(each.getKey(), row).millimetres()))))
                    .map(cut -> Map.entry(cut, cost.applyAsDouble(cut))).min(Map.Entry.comparingByValue())
                    .map(entry -> add(entry.getKey().kind(), entry.getKey().row()));
        }

        private CuttingPlan choose(Answer first, double seconds, double share) {
            CpModel model = new CpModel();
            Map<Cut, IntVar> times = new LinkedHashMap<>();
            cuts.values().forEach(cut -> times.put(cut, model.newIntVar(0, alike.get(cut.kind()).size(), "")));
            LinearExprBuilder usedUp = LinearExpr.newBuilder();
            times.forEach((cut, count) -> usedUp.addTerm(count, Math.round(cut.area())));
            everyBarIsCutOnce(model, times);
            noBlankIsCutTwice(model, times).forEach(left -> usedUp.addTerm(left, (long) worst));
            model.minimize(usedUp);
            times.forEach((cut, count) -> model.addHint(count, first.times().getOrDefault(cut, 0)));
            CpSolver solver = new CpSolver();
            solver.getParameters().setMaxTimeInSeconds(Math.max(LEAST_SECONDS, seconds)).setNumWorkers(settings.workers()).setRandomSeed(SEED);
            running = Optional.of(solver);
            CpSolverStatus status = isCancelled ? CpSolverStatus.UNKNOWN : solver.solve(model, new Heard(share));
            running = Optional.empty();
            boolean isFound = status == CpSolverStatus.OPTIMAL || status == CpSolverStatus.FEASIBLE;
            return isFound ? plan(cut -> (int) solver.value(times.get(cut)), solver.bestObjectiveBound()) : plan(cut -> first.times().getOrDefault(cut, 0), 0);
        }

        private final class Heard extends CpSolverSolutionCallback {
            private final double share;

            private Heard(double share) {
                this.share = share;
            }

            @Override
            public void onSolutionCallback() {
                progress.found(share, objectiveValue() % worst);
                if (isCancelled) {
                    stopSearch();
                }
            }
        }

        /** Bars that are alike are cut to no more rows than there are bars. */
        private void everyBarIsCutOnce(CpModel model, Map<Cut, IntVar> times) {
            alike.forEach((kind, same) -> model.addLessOrEqual(LinearExpr.sum(times.entrySet().stream().filter(each -> each.getKey().kind().equals(kind)).map(Map.Entry::getValue).toArray(IntVar[]::new)), same.size()));
        }

        /** Each blank is cut as often as it is wanted, or counted as left. */
        private List<IntVar> noBlankIsCutTwice(CpModel model, Map<Cut, IntVar> times) {
            return IntStream.range(0, wanted.length).mapToObj(i -> {
                IntVar left = model.newIntVar(0, wanted[i], "");
                LinearExprBuilder all = LinearExpr.newBuilder().add(left);
                times.forEach((cut, count) -> {
                    if (cut.count(i) > 0) {
                        all.addTerm(count, cut.count(i));
                    }
                });
                model.addEquality(all, wanted[i]);
                return left;
            }).toList();
        }

        private CuttingPlan plan(ToIntFunction<Cut> times, double bound) {
            List<BarPlan> plans = new ArrayList<>();
            Map<Bar, Deque<Bar>> rack = new HashMap<>();
            alike.forEach((kind, same) -> rack.put(kind, new ArrayDeque<>(same)));
            cuts.values().forEach(cut -> IntStream.range(0, times.applyAsInt(cut)).forEach(i -> plans.add(barPlan(rack.get(cut.kind()).remove(), cut))));
            List<String> notPlaced = waiting.values().stream().flatMap(Deque::stream).toList();
            double area = plans.stream().mapToDouble(plan -> plan.bar().area(plan.used().millimetres())).sum();
            double proven = isComplete ? bound - notPlaced.size() * worst : 0;
            return new CuttingPlan(plans, notPlaced, area, Math.min(area, Math.max(proven, least(notPlaced.size()))), isComplete);
        }

        /** What is used up at least when so many are not placed: those that take the most may be among them. */
        private double least(int notPlaced) {
            double[] each = IntStream.range(0, wanted.length).boxed().flatMapToDouble(blank -> DoubleStream.generate(() -> least(blank, lying)).limit(wanted[blank])).sorted().toArray();
            return Arrays.stream(each, 0, each.length - notPlaced).sum();
        }

        private static double least(int blank, Map<Bar, Lying> lying) {
            return lying.entrySet().stream().flatMapToDouble(each -> IntStream.range(0, each.getValue().indices().length).filter(i -> each.getValue().indices()[i] == blank)
                    .mapToDouble(i -> each.getKey().area(each.getValue().nest().least(i)))).min().orElseThrow();
        }

        private BarPlan barPlan(Bar bar, Cut cut) {
            List<Placed> placed = new ArrayList<>();
            Nest nest = cut.lying().nest();
            double left = 0;
            int[] states = cut.row().states();
            for (int i = 0; i < states.length; i++) {
                left += i == 0 ? 0 : nest.pitch(states[i - 1], states[i]);
                String id = waiting.get(nest.blanks().get(nest.blankOf(states[i]))).remove();
                placed.add(new Placed(id, nest.placingOf(states[i]), left, left + nest.length(states[i]), nest.laid(states[i], left)));
            }
            Length used = used(bar, cut.row());
            return new BarPlan(bar, placed, used, bar.length().minus(used));
        }

        /** Up to behind the last cut, or all of it where what is left is too short to keep. */
        private Length used(Bar bar, Row row) {
            Length cut = Length.ofMillimetres(row.length()).plus(problem.rules().kerf());
            return bar.length().minus(cut).compareTo(problem.rules().useful()) < 0 ? bar.length() : cut;
        }
    }
}

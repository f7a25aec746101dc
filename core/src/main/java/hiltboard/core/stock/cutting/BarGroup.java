package hiltboard.core.stock.cutting;

import com.google.ortools.linearsolver.MPConstraint;
import com.google.ortools.linearsolver.MPSolver;
import com.google.ortools.linearsolver.MPVariable;
import hiltboard.core.search.Solver;
import hiltboard.core.stock.cutting.CuttingPlan.BarPlan;
import hiltboard.core.stock.cutting.CuttingProblem.Wanted;
import hiltboard.core.stock.cutting.Rows.Row;
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
import java.util.stream.IntStream;

/**
 * Bars and blanks that have to do with each other: the rows that may be cut, and the choice among them. Where there are
 * too many rows to look at all, the rack is filled again and again, each time a little otherwise, and the best of all
 * these rows are put together.
 */
final class BarGroup {
    /** How many rows the solver chooses from in good time. */
    private static final int ROWS_TO_CHOOSE_FROM = 5_000;

    private static final int ROWS_WHILE_FILLING = 20;
    /**
     * Where not every row can be looked at: the time for finding good ones, for choosing among them, and how different
     * they are to be.
     */
    private static final double SHARE_FOR_FILLING = 0.6;

    private static final double SHARE_FOR_CHOOSING = 0.7;
    private static final double FREEDOM = 0.15;
    /** A proof as near as this is not worth another. */
    private static final double NEARLY_ALL = 0.99;

    private static final int SEED = 7;
    /** A blank that is not placed costs more than every bar on the rack. */
    private static final double NEVER_WORTH_IT = 1.5;

    private final Map<Blank, Deque<String>> waiting = new LinkedHashMap<>();
    private final List<Blank> blanks;
    private final int[] wanted;
    private final Map<Bar, List<Bar>> alike;
    private final Map<Bar, Lying> lying = new LinkedHashMap<>();
    private final Map<List<Object>, Cut> cuts = new LinkedHashMap<>();
    private final CuttingRules rules;
    private final double worst;
    private final boolean isComplete;

    BarGroup(CuttingRules rules, List<Wanted> all, List<Bar> bars) {
        this.rules = rules;
        all.forEach(each ->
                waiting.computeIfAbsent(each.blank(), key -> new ArrayDeque<>()).add(each.id()));
        this.blanks = List.copyOf(waiting.keySet());
        this.wanted =
                blanks.stream().mapToInt(blank -> waiting.get(blank).size()).toArray();
        this.alike = bars.stream().collect(Collectors.groupingBy(Bar::alike, LinkedHashMap::new, Collectors.toList()));
        this.worst = Math.round(bars.stream()
                        .mapToDouble(bar -> bar.area(bar.length().millimetres()))
                        .sum()
                * NEVER_WORTH_IT);
        alike.keySet().forEach(kind -> lying.put(kind, layOn(kind)));
        this.isComplete = addEveryRow();
    }

    /**
     * How the blanks that a kind of bar has room for may lie on it.
     *
     * @param indices of these blanks among all
     * @param room for a row in millimetres
     */
    record Lying(Nest nest, int[] indices, double room) {}

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
            return Math.pow(area, thrift)
                    / Arrays.stream(row.states())
                            .mapToDouble(lying.nest::length)
                            .sum();
        }
    }

    /** Cuts, by how many bars are cut so; how many blanks are left; and what is used up. */
    private record Answer(Map<Cut, Integer> times, int notPlaced, double area) {

        private boolean isBetterThan(Answer other) {
            return notPlaced < other.notPlaced || notPlaced == other.notPlaced && area < other.area;
        }
    }

    /** How often each blank is wanted. */
    int[] wanted() {
        return wanted;
    }

    List<Bar> bars() {
        return alike.values().stream().flatMap(List::stream).toList();
    }

    Lying lying(Bar bar) {
        return lying.get(bar.alike());
    }

    /** @param until this many seconds of the caller's patience are left for others */
    CuttingPlan solve(Solver solver, double until) {
        double seconds = solver.left() - until;
        Answer thrifty = fill(cut -> cut.cost(1));
        Answer full = fill(cut -> cut.cost(0));
        Answer first = full.isBetterThan(thrifty) ? full : thrifty;
        if (!isComplete) {
            first = fillAgain(first, solver, until + seconds * (1 - SHARE_FOR_FILLING));
        }
        return choose(first, solver, until);
    }

    private Lying layOn(Bar kind) {
        List<Blank> fitting =
                blanks.stream().filter(blank -> rules.allow(blank, kind)).toList();
        Nest nest = lying.entrySet().stream()
                .filter(each -> each.getKey().width().equals(kind.width())
                        && each.getValue().nest().blanks().equals(fitting))
                .map(each -> each.getValue().nest())
                .findFirst()
                .orElseGet(() -> new Nest(fitting, kind.width().millimetres(), rules));
        return new Lying(nest, fitting.stream().mapToInt(blanks::indexOf).toArray(), rules.room(kind));
    }

    /** Every row of every kind of bar, unless there are too many; single blanks in any case. */
    private boolean addEveryRow() {
        Map<Nest, Rows> known = new HashMap<>();
        lying.forEach((kind, how) -> known.computeIfAbsent(how.nest(), nest -> {
            return Rows.every(nest, some(how, wanted), longest(nest), ROWS_TO_CHOOSE_FROM / lying.size());
        }));
        lying.forEach((kind, how) -> known.get(how.nest()).all().stream()
                .filter(row -> row.length() <= how.room())
                .forEach(row -> add(cut(kind, row))));
        return known.values().stream().allMatch(Rows::isComplete);
    }

    private int[] some(Lying how, int[] ofAll) {
        return Arrays.stream(how.indices()).map(i -> ofAll[i]).toArray();
    }

    private double longest(Nest nest) {
        return lying.values().stream()
                .filter(each -> each.nest() == nest)
                .mapToDouble(Lying::room)
                .max()
                .orElseThrow();
    }

    private Cut cut(Bar kind, Row row) {
        return new Cut(
                kind, lying.get(kind), row, kind.area(row.used(kind, rules).millimetres()));
    }

    private Cut add(Cut cut) {
        return cuts.merge(
                List.of(cut.kind(), Arrays.stream(cut.row().counts()).boxed().toList()),
                cut,
                (one, other) -> one.area() <= other.area() ? one : other);
    }

    /**
     * Fills the rack again and again, a little otherwise each time, so that there are good and different rows to choose
     * from.
     */
    private Answer fillAgain(Answer first, Solver solver, double until) {
        Answer best = first;
        Random random = new Random(SEED);
        while (solver.left() > until && !solver.isCancelled() && cuts.size() < ROWS_TO_CHOOSE_FROM) {
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
        Map<Nest, Rows> rows = new HashMap<>();
        return lying.entrySet().stream()
                .filter(each -> barsLeft.get(each.getKey()) > 0)
                .flatMap(each -> rows
                        .computeIfAbsent(
                                each.getValue().nest(),
                                nest -> Rows.dense(
                                        nest, some(each.getValue(), left), longest(nest), ROWS_WHILE_FILLING))
                        .all()
                        .stream()
                        .filter(row -> row.length() <= each.getValue().room())
                        .map(row -> cut(each.getKey(), row)))
                .map(cut -> Map.entry(cut, cost.applyAsDouble(cut)))
                .min(Map.Entry.comparingByValue())
                .map(entry -> add(entry.getKey()));
    }

    private CuttingPlan choose(Answer first, Solver solver, double until) {
        MPSolver model = Solver.model();
        Map<Cut, MPVariable> times = new LinkedHashMap<>();
        cuts.values()
                .forEach(cut ->
                        times.put(cut, model.makeIntVar(0, alike.get(cut.kind()).size(), "")));
        everyBarIsCutOnce(model, times);
        List<MPVariable> left = noBlankIsCutTwice(model, times);
        model.objective().setMinimization();
        times.forEach((cut, count) -> model.objective().setCoefficient(count, cut.area()));
        left.forEach(count -> model.objective().setCoefficient(count, worst));
        model.setHint(
                times.values().toArray(MPVariable[]::new),
                times.keySet().stream()
                        .mapToDouble(cut -> first.times().getOrDefault(cut, 0))
                        .toArray());
        boolean isFound = solver.solve(model, (solver.left() - until) * SHARE_FOR_CHOOSING);
        CuttingPlan found = plan(
                isFound
                        ? cut -> (int) Math.round(times.get(cut).solutionValue())
                        : cut -> first.times().getOrDefault(cut, 0));
        int notPlaced = found.notPlaced().size();
        double ofAllRows = isComplete && isFound ? model.objective().bestBound() - notPlaced * worst : 0;
        double ofLengths = ofAllRows > found.usedArea() * NEARLY_ALL
                ? 0
                : LeastUse.area(this, rules, notPlaced, solver, solver.left() - until);
        return found.proven(Math.min(Math.max(ofAllRows, ofLengths), found.usedArea()), isComplete);
    }

    /** Bars that are alike are cut to no more rows than there are bars. */
    private void everyBarIsCutOnce(MPSolver model, Map<Cut, MPVariable> times) {
        Map<Bar, MPConstraint> limits = new HashMap<>();
        alike.forEach((kind, same) -> limits.put(kind, model.makeConstraint(0, same.size())));
        times.forEach((cut, count) -> limits.get(cut.kind()).setCoefficient(count, 1));
    }

    /** Each blank is cut as often as it is wanted, or counted as left. */
    private List<MPVariable> noBlankIsCutTwice(MPSolver model, Map<Cut, MPVariable> times) {
        List<MPConstraint> each = Arrays.stream(wanted)
                .mapToObj(count -> model.makeConstraint(count, count))
                .toList();
        times.forEach((cut, count) -> {
            for (int i = 0; i < cut.row().counts().length; i++) {
                each.get(cut.lying().indices()[i])
                        .setCoefficient(count, cut.row().counts()[i]);
            }
        });
        return IntStream.range(0, wanted.length)
                .mapToObj(i -> {
                    MPVariable left = model.makeIntVar(0, wanted[i], "");
                    each.get(i).setCoefficient(left, 1);
                    return left;
                })
                .toList();
    }

    private CuttingPlan plan(ToIntFunction<Cut> times) {
        List<BarPlan> plans = new ArrayList<>();
        Map<Bar, Deque<Bar>> rack = new HashMap<>();
        alike.forEach((kind, same) -> rack.put(kind, new ArrayDeque<>(same)));
        cuts.values()
                .forEach(cut -> IntStream.range(0, times.applyAsInt(cut))
                        .forEach(i -> plans.add(barPlan(rack.get(cut.kind()).remove(), cut))));
        List<String> notPlaced =
                waiting.values().stream().flatMap(Deque::stream).toList();
        double area = plans.stream()
                .mapToDouble(plan -> plan.bar().area(plan.used().millimetres()))
                .sum();
        return new CuttingPlan(plans, notPlaced, area, 0, false);
    }

    private BarPlan barPlan(Bar bar, Cut cut) {
        Nest nest = cut.lying().nest();
        return cut.row()
                .on(
                        bar,
                        nest,
                        rules,
                        blank -> waiting.get(nest.blanks().get(blank)).remove());
    }
}

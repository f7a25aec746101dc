package hiltboard.core.stock.cutting;

import hiltboard.core.search.LongSearch;
import hiltboard.core.search.Solver;
import hiltboard.core.stock.cutting.CuttingProblem.Wanted;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.function.Supplier;
import java.util.stream.Collectors;

/**
 * Assigns blanks to bars with the least steel used up, by a solver for whole numbers. It chooses among rows of blanks
 * ({@link Rows}) for each bar; first as many blanks as possible are placed, then as little of the bars is used up as
 * possible.
 */
public final class CuttingSolver implements LongSearch<CuttingPlan> {
    private final CuttingProblem problem;
    private final Settings settings;
    private final Solver solver;

    /**
     * @param patience how long it may search in all; what was found until then is the answer
     * @param workers how many groups of blanks and bars, apart from each other, are searched at once
     */
    public record Settings(Duration patience, int workers) {}

    public CuttingSolver(CuttingProblem problem, Settings settings) {
        this.problem = problem;
        this.settings = settings;
        this.solver = new Solver(settings.patience());
    }

    @Override
    public void cancel() {
        solver.cancel();
    }

    /** The best plan that was found in the time; its parts are the groups of blanks and bars. */
    @Override
    public CuttingPlan search(Watch<? super CuttingPlan> watch) {
        solver.begin();
        List<Supplier<BarGroup>> groups = groups();
        double seconds = solver.left() * settings.workers() / Math.max(settings.workers(), groups.size());
        List<CuttingPlan> settled = new ArrayList<>();
        atOnce(groups.stream()
                .<Callable<CuttingPlan>>map(group -> () -> {
                    double until = solver.left() - seconds;
                    CuttingPlan plan = group.get().solve(solver, until);
                    synchronized (settled) {
                        settled.add(plan);
                        watch.found(together(settled));
                        watch.settled(settled.size(), groups.size());
                    }
                    return plan;
                })
                .toList());
        return together(settled);
    }

    /** One plan of all that is settled; what it does not place is placed by none of them, or not settled yet. */
    private CuttingPlan together(List<CuttingPlan> plans) {
        Set<String> placed = plans.stream()
                .flatMap(plan -> plan.bars().stream())
                .flatMap(bar -> bar.blanks().stream())
                .map(CuttingPlan.Placed::id)
                .collect(Collectors.toSet());
        return new CuttingPlan(
                plans.stream().flatMap(plan -> plan.bars().stream()).toList(),
                problem.wanted().stream()
                        .map(Wanted::id)
                        .filter(id -> !placed.contains(id))
                        .toList(),
                plans.stream().mapToDouble(CuttingPlan::usedArea).sum(),
                plans.stream().mapToDouble(CuttingPlan::provenArea).sum(),
                plans.stream().allMatch(CuttingPlan::isProven));
    }

    private List<CuttingPlan> atOnce(List<Callable<CuttingPlan>> works) {
        ExecutorService workers = Executors.newFixedThreadPool(settings.workers());
        try {
            List<CuttingPlan> plans = new ArrayList<>();
            for (Future<CuttingPlan> plan : workers.invokeAll(works)) {
                plans.add(plan.get());
            }
            return plans;
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException("The search was interrupted", stopped);
        } catch (ExecutionException failed) {
            throw new IllegalStateException("The search failed", failed.getCause());
        } finally {
            workers.shutdown();
        }
    }

    /** Blanks and bars that have to do with each other, apart from those that have not. */
    private List<Supplier<BarGroup>> groups() {
        List<Supplier<BarGroup>> groups = new ArrayList<>();
        List<Wanted> open = new ArrayList<>(problem.wanted());
        while (!open.isEmpty()) {
            List<Wanted> wanted = new ArrayList<>(List.of(open.remove(0)));
            List<Bar> bars = new ArrayList<>();
            for (int before = -1; before != wanted.size() + bars.size(); ) {
                before = wanted.size() + bars.size();
                problem.bars().stream()
                        .filter(bar -> !bars.contains(bar)
                                && wanted.stream()
                                        .anyMatch(each -> problem.rules().allow(each.blank(), bar)))
                        .forEach(bars::add);
                List<Wanted> more = open.stream()
                        .filter(each ->
                                bars.stream().anyMatch(bar -> problem.rules().allow(each.blank(), bar)))
                        .toList();
                wanted.addAll(more);
                open.removeAll(more);
            }
            if (!bars.isEmpty()) {
                groups.add(() -> new BarGroup(problem.rules(), wanted, bars));
            }
        }
        return groups;
    }
}

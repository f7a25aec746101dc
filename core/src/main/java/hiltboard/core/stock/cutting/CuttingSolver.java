package hiltboard.core.stock.cutting;

import com.google.ortools.Loader;
import hiltboard.core.stock.cutting.CuttingProblem.Wanted;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Supplier;

/**
 * Assigns blanks to bars with the least steel used up, by a solver for whole numbers. It chooses among rows of blanks
 * ({@link Rows}) for each bar; first as many blanks as possible are placed, then as little of the bars is used up as
 * possible.
 */
public final class CuttingSolver {
    private final CuttingProblem problem;
    private final Settings settings;
    private final Search search;
    private final Progress progress;

    /**
     * @param patience how long it may search in all; what was found until then is the answer
     * @param workers how many groups are searched at once
     */
    public record Settings(Duration patience, int workers) {}

    /** Hears how the search goes on: how many groups of blanks and bars, apart from each other, are settled. */
    public interface Progress {
        void settled(int done, int of);
    }

    public CuttingSolver(CuttingProblem problem, Settings settings, Progress progress) {
        Loader.loadNativeLibraries();
        this.problem = problem;
        this.settings = settings;
        this.search = new Search(settings);
        this.progress = progress;
    }

    /** Stops the search; {@link #solve} then answers with what it has. */
    public void cancel() {
        search.cancel();
    }

    /** The best plan that was found in the time. */
    public CuttingPlan solve() {
        List<Supplier<BarGroup>> groups = groups();
        double seconds = search.left() * settings.workers() / Math.max(settings.workers(), groups.size());
        AtomicInteger settled = new AtomicInteger();
        List<CuttingPlan> plans = atOnce(groups.stream()
                .<Callable<CuttingPlan>>map(group -> () -> {
                    double until = search.left() - seconds;
                    CuttingPlan plan = group.get().solve(search, until);
                    progress.settled(settled.incrementAndGet(), groups.size());
                    return plan;
                })
                .toList());
        List<String> homeless = problem.wanted().stream()
                .filter(wanted ->
                        problem.bars().stream().noneMatch(bar -> problem.rules().allow(wanted.blank(), bar)))
                .map(Wanted::id)
                .toList();
        List<String> notPlaced = new ArrayList<>(homeless);
        plans.forEach(plan -> notPlaced.addAll(plan.notPlaced()));
        return new CuttingPlan(
                plans.stream().flatMap(plan -> plan.bars().stream()).toList(),
                notPlaced,
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

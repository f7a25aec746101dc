package hiltboard.acceptance.bench;

import hiltboard.core.search.LongSearch.Watch;
import hiltboard.core.stock.cutting.CuttingPlan;
import hiltboard.core.stock.cutting.CuttingProblem;
import hiltboard.core.stock.cutting.CuttingSolver;
import java.time.Duration;
import java.util.List;
import java.util.stream.IntStream;

/** How much of generated racks is wasted, against what no plan could save. */
final class CuttingBenchmark {
    static final int RACKS = 5;
    static final int BARS = 40;
    static final int BLANKS = 150;
    private static final CuttingSolver.Settings SETTINGS = new CuttingSolver.Settings(Duration.ofSeconds(9), 2);

    private CuttingBenchmark() {}

    /** A rack that was cut; shares are of the steel that is used up. */
    record Cut(double seconds, int notPlaced, double wastedShare, double savableShare) {}

    static List<Cut> run() {
        return IntStream.rangeClosed(1, RACKS).mapToObj(CuttingBenchmark::cut).toList();
    }

    private static Cut cut(int seed) {
        CuttingProblem problem = Rack.of(seed, BARS, BLANKS);
        long started = System.nanoTime();
        CuttingPlan plan = new CuttingSolver(problem, SETTINGS).search(Watch.nobody());
        return new Cut(
                (System.nanoTime() - started) / 1e9,
                plan.notPlaced().size(),
                plan.wastedArea() / plan.usedArea(),
                plan.gap());
    }
}

package hiltboard.acceptance.bench;

import hiltboard.core.stock.cutting.CuttingPlan;
import hiltboard.core.stock.cutting.CuttingProblem;
import hiltboard.core.stock.cutting.CuttingSolver;
import java.time.Duration;
import java.util.Locale;

/** How much of ten racks is wasted, against what no plan could save. */
final class CuttingBenchmark {
    private static final int BARS = 40;
    private static final int BLANKS = 150;
    private static final CuttingSolver.Settings SETTINGS = new CuttingSolver.Settings(Duration.ofSeconds(9), 2);

    private CuttingBenchmark() {}

    public static void main(String[] arguments) {
        for (int seed = 1; seed <= 5; seed++) {
            CuttingProblem problem = Rack.of(seed, BARS, BLANKS);
            long started = System.nanoTime();
            CuttingPlan plan = new CuttingSolver(problem, SETTINGS, (done, used) -> { }).solve();
            double seconds = (System.nanoTime() - started) / 1e9;
            System.out.println(String.format(Locale.ROOT, "rack %d: %.1f s, %d bars cut, %d blanks not placed, used %.0f cm², wasted %.1f %%, at most %.2f %% could be saved%s", seed, seconds, plan.bars().size(),
                    plan.notPlaced().size(), plan.usedArea() / 100, 100 * plan.wastedArea() / plan.usedArea(), 100 * plan.gap(), plan.isProven() ? "" : " (not every row was looked at)"));
        }
    }
}

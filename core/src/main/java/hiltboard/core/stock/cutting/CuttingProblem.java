package hiltboard.core.stock.cutting;

import java.util.List;

/** Blanks that wait, bars on the rack, and how the shop cuts. */
public record CuttingProblem(List<Wanted> wanted, List<Bar> bars, CuttingRules rules) {
    public CuttingProblem {
        wanted = List.copyOf(wanted);
        bars = List.copyOf(bars);
    }

    /** @param id by which the caller knows it */
    public record Wanted(String id, Blank blank) {}
}

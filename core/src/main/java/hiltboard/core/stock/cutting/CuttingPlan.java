package hiltboard.core.stock.cutting;

import hiltboard.core.blade.Outline;
import hiltboard.core.measure.Length;
import java.util.List;

/**
 * Which blanks come out of which bars.
 *
 * @param bars those that are cut, with what is cut from them
 * @param notPlaced ids of blanks for which no bar has room
 * @param usedArea of the bars' sides in square millimetres: all but the offcuts that go back on the rack
 * @param provenArea less than this no plan can use that places as many blanks
 * @param isProven whether the plan was compared with every possible row of blanks
 */
public record CuttingPlan(
        List<BarPlan> bars, List<String> notPlaced, double usedArea, double provenArea, boolean isProven) {
    public CuttingPlan {
        bars = List.copyOf(bars);
        notPlaced = List.copyOf(notPlaced);
    }

    /**
     * One bar as it is cut.
     *
     * @param used from the end where the first blank lies to behind the last cut; the whole bar where the rest is scrap
     * @param offcut that goes back on the rack; nothing where the rest is scrap
     */
    public record BarPlan(Bar bar, List<Placed> blanks, Length used, Length offcut) {
        public BarPlan {
            blanks = List.copyOf(blanks);
        }

        /** Square millimetres of the bar's side that no blank and no offcut takes. */
        public double wastedArea() {
            return bar.area(used.millimetres())
                    - blanks.stream()
                            .mapToDouble(placed -> Nest.polygon(placed.laid()).getArea())
                            .sum();
        }
    }

    /**
     * One blank on a bar.
     *
     * @param id of the blank that waits
     * @param from left end in millimetres from the bar's end
     * @param to right end
     * @param laid the outline where it lies: x from the bar's end, y from its lower edge
     */
    public record Placed(String id, Placing placing, double from, double to, Outline laid) {}

    CuttingPlan proven(double area, boolean isEverythingLookedAt) {
        return new CuttingPlan(bars, notPlaced, usedArea, area, isEverythingLookedAt);
    }

    /** Square millimetres that are neither blank nor offcut. */
    public double wastedArea() {
        return bars.stream().mapToDouble(BarPlan::wastedArea).sum();
    }

    /** How much of what is used could at most still be saved, from 0 to 1. */
    public double gap() {
        return usedArea == 0 ? 0 : Math.max(0, (usedArea - provenArea) / usedArea);
    }
}

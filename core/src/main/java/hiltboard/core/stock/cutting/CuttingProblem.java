package hiltboard.core.stock.cutting;

import hiltboard.core.measure.Said;
import hiltboard.core.measure.Units;
import java.util.List;
import java.util.Optional;

/** Blanks that wait, bars on the rack, and how the shop cuts. */
public record CuttingProblem(List<Wanted> wanted, List<Bar> bars, CuttingRules rules) {
    public CuttingProblem {
        wanted = List.copyOf(wanted);
        bars = List.copyOf(bars);
    }

    /** @param id by which the caller knows it */
    public record Wanted(String id, Blank blank) {}

    /**
     * Why bars of a blank's steel do not serve for it, each reason once; empty where one would, and others are cut from
     * it.
     */
    public List<String> whyNot(Blank blank, Units units) {
        List<Bar> ofItsSteel = bars.stream()
                .filter(bar -> bar.grade().equalsIgnoreCase(blank.grade()))
                .toList();
        if (ofItsSteel.isEmpty()) {
            return List.of("There is no free bar of " + blank.grade() + ".");
        }
        List<Optional<Said>> reasons =
                ofItsSteel.stream().map(bar -> rules.whyNot(blank, bar)).toList();
        return reasons.stream().anyMatch(Optional::isEmpty)
                ? List.of()
                : reasons.stream()
                        .map(why -> why.orElseThrow().in(units))
                        .distinct()
                        .toList();
    }
}

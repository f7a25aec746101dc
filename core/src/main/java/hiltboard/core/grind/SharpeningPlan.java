package hiltboard.core.grind;

import hiltboard.core.design.EdgeTooth;
import hiltboard.core.design.SharpenedWith;
import hiltboard.core.measure.Angle;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Units;
import hiltboard.core.measure.Worked;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * How an edge is put on: its grits, what it looks like on the way, what it allows at the plunge. Common practice of the
 * trade.
 *
 * @param behindTheEdge thickness before sharpening
 * @param hasChoil whether the edge ends free before the plunge
 */
public record SharpeningPlan(
        SharpenedWith method,
        EdgeTooth tooth,
        Angle perSide,
        Length behindTheEdge,
        boolean hasChoil,
        boolean hasMicroBevel) {
    /** From so thick behind the edge a coarse start saves time; thinner, it eats the blade. From memory. */
    private static final Length COARSE_FROM = Length.ofInches("0.015");

    /** From the first grit to the last that this tooth wants, each about twice as fine. */
    public GritLadder grits() {
        Grit last = last();
        Grit first = first();
        return GritLadder.of(last.isCoarserThan(first) ? last : first, last, Optional.empty());
    }

    private Grit first() {
        boolean isCoarse = behindTheEdge.compareTo(COARSE_FROM) >= 0;
        return switch (method) {
            case BELTS, WHEEL -> Grit.p(isCoarse ? 220 : 400);
            case STONES -> grit(Grading.STONE, isCoarse ? 400 : 1000);
            case GUIDED_RODS -> grit(Grading.PLAIN, isCoarse ? 220 : 400);
        };
    }

    private Grit last() {
        int number = switch (tooth) {
            case COARSE -> 220;
            case MEDIUM, BY_USE -> 600;
            case FINE -> 1000;
        };
        return switch (method) {
            case BELTS, WHEEL -> Grit.p(number);
            case STONES -> grit(Grading.STONE, number == 220 ? 400 : number == 600 ? 1000 : 3000);
            case GUIDED_RODS -> grit(Grading.PLAIN, number);
        };
    }

    private static Grit grit(Grading grading, int number) {
        return Grit.of(grading, number).orElseThrow();
    }

    /** How wide the edge's bevel shows when it is through; none where the blade is ground to nothing. */
    public Optional<Worked<Length>> bevelWidth(Units units) {
        return behindTheEdge.isPositive()
                ? Optional.of(new TrialBevel(perSide).width(behindTheEdge, units))
                : Optional.empty();
    }

    /** What is done, in its order. */
    public List<String> steps() {
        List<String> steps = new ArrayList<>();
        steps.add(
                "Marker over both bevels: one stroke shows what is touched; gone over the whole width, the angle is right.");
        steps.add("First grit, first side: until a burr is felt along the whole edge, heel to point.");
        steps.add("Other side, until the burr has come over along the whole edge.");
        List<Grit> finer = grits().grits();
        if (finer.size() > 1) {
            steps.add("Then " + new GritLadder(finer.subList(1, finer.size()), List.of()).words()
                    + ": fewer and lighter strokes each time, sides in turn.");
        }
        if (hasMicroBevel) {
            steps.add("A few strokes a couple of degrees steeper: the micro bevel, just to be seen.");
        }
        steps.add("Burr off with the lightest strokes, then strop, edge trailing: no thread of cotton hangs on it.");
        return List.copyOf(steps);
    }

    /** What method and blade do to each other at the plunge; empty where nothing is to be minded. */
    public Optional<String> atThePlunge() {
        boolean isBroad = method == SharpenedWith.WHEEL || method == SharpenedWith.BELTS;
        if (hasChoil || !isBroad && method != SharpenedWith.STONES) {
            return Optional.empty();
        }
        return Optional.of(
                isBroad
                        ? "No choil: the edge of " + (method == SharpenedWith.WHEEL ? "a wheel" : "a belt")
                                + " gums the plunge. Stop short of it, and finish the heel with a narrow stone."
                        : "No choil: lift the stone before the plunge, or it rounds the heel.");
    }

    /** What heat does here, and how it is kept away. */
    public String heat() {
        return switch (method) {
            case BELTS ->
                "A thin edge is hot before it is seen: slow belt, bare fingers, dip at each stroke. Colour is lost temper.";
            case WHEEL -> "Water on the wheel all the time: a dry one burns the edge.";
            case STONES, GUIDED_RODS -> "No heat to mind: the hand is slow enough.";
        };
    }
}

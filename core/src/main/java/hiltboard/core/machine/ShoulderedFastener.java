package hiltboard.core.machine;

import hiltboard.core.measure.DrillSeries;
import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.ThreadSize;
import hiltboard.core.measure.Units;
import hiltboard.core.measure.Worked;
import hiltboard.core.measure.Working;
import java.util.Comparator;
import java.util.Optional;

/**
 * A shop-made fastener: a barrel and a screw, each with a shoulder that bears on the bottom of its counterbore. Common
 * practice of the trade: the grip is the tang and twice what is left of scale and liner under the shoulder; the screw
 * engages by at least its own diameter; the heads lie below the deepest hollow of the finished handle.
 *
 * @param tang thickness
 * @param scale thickness before shaping
 * @param liner thickness of each, zero for none
 * @param counterbore depth from the outside of the scale as it is before shaping
 * @param hollow the deepest that shaping goes below that outside
 * @param head diameter of the heads
 */
public record ShoulderedFastener(
        Length tang, Length scale, Length liner, Length counterbore, Length hollow, ThreadSize thread, Length head) {
    /** A head lies this much below the finished face at least, so that sanding does not reach it. From memory. */
    private static final Length UNDER = Length.ofInches("0.010");
    /** The barrel is shorter than the grip, or its heads meet before they draw up. From memory. */
    private static final Length DRAWS_UP = Length.ofInches("0.020");
    /** A head drops into its counterbore. */
    private static final Length ROOM = Length.ofInches("0.002");

    private static final Length THINNEST_HEAD = Length.ofInches("0.020");
    private static final Length WALL = Length.ofInches("0.030");

    /** @throws ImpossibleQuantity if the counterbore goes through the scale, or leaves no room for a head */
    public ShoulderedFastener {
        if (counterbore.compareTo(scale) >= 0) {
            throw new ImpossibleQuantity(
                    "counterbore", counterbore, units -> "less than the scale's " + scale.downIn(units));
        }
        Length least = hollow.plus(UNDER).plus(THINNEST_HEAD);
        if (counterbore.compareTo(least) < 0) {
            throw new ImpossibleQuantity(
                    "counterbore",
                    counterbore,
                    units -> "at least " + least.upIn(units) + ", so that a head of " + THINNEST_HEAD.in(units)
                            + " lies under the deepest hollow");
        }
        Length leastHead = thread.major().plus(WALL.times(2));
        if (head.compareTo(leastHead) < 0) {
            throw new ImpossibleQuantity(
                    "head", head, units -> "at least " + leastHead.upIn(units) + ", so that its shoulder bears");
        }
    }

    /**
     * The thickest thread that still has a wall around it in such a shank; empty where the shank is too thin for any.
     */
    public static Optional<ThreadSize> threadIn(Length shank) {
        return ThreadSize.known().stream()
                .filter(thread -> thread.major().plus(WALL.times(2)).compareTo(shank) <= 0)
                .max(Comparator.comparing(ThreadSize::major));
    }

    private Length gripped() {
        return tang.plus(scale.plus(liner).minus(counterbore).times(2));
    }

    /** Between the two shoulders. */
    public Worked<Length> grip(Units units) {
        Working line = new Working(units);
        return Worked.of(
                gripped(),
                line.of(tang) + " + 2 × (" + line.of(scale) + " + " + line.of(liner) + " − " + line.of(counterbore)
                        + ")" + line.comesTo(gripped()));
    }

    /** Outside diameter of the barrel's shank: the thread with a wall around it. */
    public Worked<Length> barrel(Units units) {
        Length barrel = thread.major().plus(WALL.times(2));
        Working line = new Working(units);
        return Worked.of(
                barrel, line.of(thread.major()) + " + 2 × " + line.of(WALL) + " of wall" + line.comesTo(barrel));
    }

    /** The hole through tang, liners and the rest of the scales. */
    public Worked<Length> hole(Units units) {
        return new PinHole(barrel(units).value()).drill(units);
    }

    /** The drill, or flat cutter, of the counterbore. */
    public Worked<Length> counterboreCutter(Units units) {
        Length least = head.plus(ROOM);
        return DrillSeries.of(head)
                .smallestOver(least)
                .map(drill -> Worked.of(
                                drill.diameter(),
                                head.in(units) + " head + at least " + ROOM.in(units) + ": " + drill.name())
                        .called(drill.name()))
                .orElseGet(() -> Worked.of(least, head.in(units) + " head + " + ROOM.in(units) + ", bored"));
    }

    /** The barrel's shank under its head. */
    public Worked<Length> shank(Units units) {
        Length shank = gripped().minus(DRAWS_UP);
        if (!shank.isPositive()) {
            throw new ImpossibleQuantity("grip", gripped(), reader -> "more than " + DRAWS_UP.upIn(reader));
        }
        Working line = new Working(units);
        return Worked.of(
                shank, line.of(gripped()) + " − " + line.of(DRAWS_UP) + ", so that it draws up" + line.comesTo(shank));
    }

    /** The screw's thread under its head; it engages by at least its own diameter and bottoms nowhere. */
    public Worked<Length> screw(Units units) {
        Length shank = shank(units).value();
        Length engaged = thread.major().times(1.5);
        Length most = shank.minus(thread.pitch().times(2));
        Length taken = engaged.compareTo(most) < 0 ? engaged : most;
        Length screw = taken.plus(DRAWS_UP);
        Working line = new Working(units);
        Worked<Length> answer = Worked.of(
                screw,
                "Engages " + line.of(taken) + " + " + line.of(DRAWS_UP) + " that the barrel is shorter"
                        + line.comesTo(screw));
        return taken.compareTo(thread.major()) < 0
                ? answer.withCaution("It engages less than its own diameter of "
                        + thread.major().in(units) + ": a finer thread, or a shallower counterbore.")
                : answer;
    }

    /** How thick each head may be. */
    public Worked<Length> headThickness(Units units) {
        Length thick = counterbore.minus(hollow).minus(UNDER);
        Working line = new Working(units);
        return Worked.of(
                thick,
                line.of(counterbore) + " − " + line.of(hollow) + " − " + line.of(UNDER) + " below the finished face"
                        + line.comesTo(thick));
    }
}

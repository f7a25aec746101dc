package hiltboard.core.machine;

import hiltboard.core.measure.Feed;
import hiltboard.core.measure.Figure;
import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.ThreadSize;
import hiltboard.core.measure.Units;
import hiltboard.core.measure.Worked;
import hiltboard.core.measure.Working;
import java.util.Locale;

/**
 * A blind hole that is tapped or thread-milled.
 *
 * @param threaded how deep the thread is to be full
 */
public record ThreadedHole(ThreadSize thread, Length threaded) {
    /** A plug tap's lead is cut away over so many threads; a bottoming tap's over one or two. Common practice. */
    private static final double LEAD = 4;
    /** A drill of 118° ends in a point of 0.3 of its diameter: ½ ÷ tan 59°. */
    private static final double POINT = 0.5 / Math.tan(Math.toRadians(59));

    /** @throws ImpossibleQuantity if no thread is wanted */
    public ThreadedHole {
        if (!threaded.isPositive()) {
            throw new ImpossibleQuantity("depth of full thread", threaded, "more than nothing");
        }
    }

    /** To the tip of the drill, for a plug tap. */
    public Worked<Length> drilled(Length drill, Units units) {
        Length lead = thread.pitch().times(LEAD);
        Length point = drill.times(POINT);
        Length deep = threaded.plus(lead).plus(point);
        Working line = new Working(units);
        return Worked.of(
                deep,
                line.of(threaded) + " + " + line.of(lead) + " of lead + " + line.of(point) + " of point"
                        + line.comesTo(deep),
                "Mark the tap at the depth: by eye it is guessed");
    }

    /** Whole turns of the tap to that depth. */
    public Worked<Figure> turns(Units units) {
        double turns = threaded.magnitude() / thread.pitch().magnitude();
        Working line = new Working(units);
        return Worked.of(
                new Figure(turns, 1, "turns"),
                line.of(threaded) + " ÷ " + line.of(thread.pitch()) + String.format(Locale.ROOT, " ≈ %.1f", turns));
    }

    /** Across the circle that a thread mill's middle runs, a pitch down in each turn. */
    public Worked<Length> orbit(Length cutter, Units units) {
        if (cutter.compareTo(thread.major()) >= 0 || !cutter.isPositive()) {
            throw new ImpossibleQuantity(
                    "thread mill",
                    cutter,
                    reader -> "less than the thread's " + thread.major().downIn(reader));
        }
        Length orbit = thread.major().minus(cutter);
        Working line = new Working(units);
        return Worked.of(
                orbit,
                line.of(thread.major()) + " − " + line.of(cutter) + line.comesTo(orbit) + ", "
                        + thread.pitch().in(units) + " down in a turn");
    }

    /** The feed of the mill's middle for this feed at its rim: (D − d) ÷ D of it. */
    public Worked<Feed> feed(Feed rim, Length cutter, Units units) {
        Length orbit = orbit(cutter, units).value();
        double share = orbit.magnitude() / thread.major().magnitude();
        Feed middle = new Feed(rim.millimetresPerMinute() * share);
        Working line = new Working(units);
        return Worked.of(
                middle, line.of(rim) + " × " + line.of(orbit) + " ÷ " + line.of(thread.major()) + line.comesTo(middle));
    }
}

package hiltboard.core.fit;

import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Units;
import hiltboard.core.measure.Worked;
import hiltboard.core.measure.Working;
import java.util.Comparator;
import java.util.List;

/**
 * A tang as it was measured: its width at both ends, its thickness at a few places, straight between them. Places are
 * behind the heel's plane.
 *
 * @param shoulder where it comes out of the blade, or out of a bolster that is one with it
 * @param end where it ends
 * @param width from edge to edge at the shoulder
 * @param endWidth as {@code width}, at the end
 * @param measured at least one place, the foremost first
 */
public record MeasuredTang(Length shoulder, Length end, Length width, Length endWidth, List<At> measured) {
    /** The second place that is measured lies so far behind the shoulder. Common practice. */
    public static final Length BEHIND = Length.ofInchFraction(1, 2);
    /** What a calliper does not tell apart. */
    private static final Length SAME = Length.ofInches("0.0005");
    /** So little taper goes hard all the way; common practice, from memory. */
    private static final Length TOO_LITTLE = Length.ofInches("0.002");
    /** With more the guard rocks until it is home; common practice, from memory. */
    private static final Length TOO_MUCH = Length.ofInches("0.030");

    /** @throws ImpossibleQuantity if it has no length, or was measured nowhere */
    public MeasuredTang {
        if (end.compareTo(shoulder) <= 0) {
            throw new ImpossibleQuantity("tang length", end, units -> "more than " + shoulder.upIn(units));
        }
        if (measured.isEmpty()) {
            throw new ImpossibleQuantity("tang thickness", "nothing", "a reading at one place or more");
        }
        measured = measured.stream().sorted(Comparator.comparing(At::place)).toList();
    }

    /** @param place behind the heel's plane */
    public record At(Length place, Length thickness) {}

    /** Straight between the places that were measured, even beyond them; in millimetres. */
    public double thicknessAt(double behindHeel) {
        At before = measured.get(0);
        for (At at : measured) {
            double place = at.place.millimetres();
            if (behindHeel <= place) {
                double from = before.place.millimetres();
                double share = place == from ? 1 : Math.max(0, (behindHeel - from) / (place - from));
                return before.thickness.millimetres()
                        + share * at.thickness.minus(before.thickness).millimetres();
            }
            before = at;
        }
        return before.thickness.millimetres();
    }

    /** From edge to edge, straight from shoulder to end; in millimetres. */
    public double widthAt(double behindHeel) {
        double from = shoulder.millimetres();
        double share = Math.max(0, Math.min(1, (behindHeel - from) / (end.millimetres() - from)));
        return width.millimetres() + share * endWidth.minus(width).millimetres();
    }

    /** The thickest of what passes a place when a part is pushed on from the end, in millimetres. */
    public double thickestBehind(double behindHeel) {
        return measured.stream()
                .filter(at -> at.place.millimetres() >= behindHeel)
                .mapToDouble(at -> at.thickness.millimetres())
                .reduce(thicknessAt(behindHeel), Math::max);
    }

    /** One tight place decides the slot. */
    public Length thickest() {
        return measured.stream()
                .map(At::thickness)
                .max(Comparator.naturalOrder())
                .orElseThrow();
    }

    /** How much thinner it is at its last place than at its first. */
    public Worked<Length> taper(Units units) {
        At front = measured.get(0);
        At back = measured.get(measured.size() - 1);
        Length taper = front.thickness.minus(back.thickness);
        Working line = new Working(units);
        Worked<Length> answer = Worked.of(
                taper,
                measured.size() == 1
                        ? "Measured at one place only"
                        : line.of(front.thickness) + " − " + line.of(back.thickness) + line.comesTo(taper) + " over "
                                + back.place.minus(front.place).asTaped(units).brieflyIn(units));
        String caution = caution(front, taper, units);
        return caution.isEmpty() ? answer : answer.withCaution(caution);
    }

    private String caution(At front, Length taper, Units units) {
        if (measured.size() == 1) {
            return "";
        }
        At thickest = measured.stream().max(Comparator.comparing(At::thickness)).orElseThrow();
        Length over = thickest.thickness.minus(front.thickness);
        if (over.compareTo(SAME) > 0) {
            return "Thicker by " + over.in(units) + " at "
                    + thickest.place.minus(shoulder).asTaped(units).brieflyIn(units)
                    + " behind the shoulder: the guard binds there before it is home. Take it off with a file or a belt.";
        }
        if (taper.compareTo(TOO_LITTLE) < 0) {
            return "No taper to speak of: the guard goes hard all the way, and one side runs ahead. "
                    + TOO_LITTLE.in(units) + " and more thinner at the end is usual.";
        }
        return taper.compareTo(TOO_MUCH) > 0
                ? "Much taper: the guard rocks until it is nearly home. Hold it square by hand for the first blows."
                : "";
    }
}

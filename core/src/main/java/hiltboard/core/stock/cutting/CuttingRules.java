package hiltboard.core.stock.cutting;

import hiltboard.core.design.BarThickness;
import hiltboard.core.material.Saw;
import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Said;
import hiltboard.core.stock.cutting.CuttingPlan.BarPlan;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * How a shop cuts its bars.
 *
 * @param kerf what the saw takes between two blanks and between a blank and the rest
 * @param edge left between a blank and the edges of the bar
 * @param clamp the end that is held while the last blank is sawn; it stays on the offcut
 * @param useful the shortest offcut that goes back on the rack; a shorter one is scrap
 * @param thicker how much thicker than wanted a bar may be and still be ground down
 */
public record CuttingRules(Length kerf, Length edge, Length clamp, Length useful, Length thicker) {
    /** Common practice of a small shop with a bandsaw. */
    public static final CuttingRules USUAL = new CuttingRules(
            Saw.KERF,
            Length.ofInchFraction(1, 32),
            Length.ofInchFraction(1, 1),
            Length.ofInchFraction(6, 1),
            BarThickness.USUALLY_THICKER);

    /** @throws ImpossibleQuantity if one is negative, or there is no kerf */
    public CuttingRules {
        mustNotBeNegative("edge", edge);
        mustNotBeNegative("clamping end", clamp);
        mustNotBeNegative("useful offcut", useful);
        mustNotBeNegative("thickness to grind off", thicker);
        if (!kerf.isPositive()) {
            throw new ImpossibleQuantity("kerf", kerf, "more than nothing");
        }
    }

    private static void mustNotBeNegative(String what, Length length) {
        if (length.compareTo(Length.ZERO) < 0) {
            throw new ImpossibleQuantity(what, length, "nothing or more");
        }
    }

    /**
     * Whether a bar is wide, long and thick enough for a blank, of its steel, and not so thick that it is a waste to
     * grind.
     */
    public boolean allow(Blank blank, Bar bar) {
        return whyNot(blank, bar).isEmpty();
    }

    /** Why a bar does not serve for a blank, empty where it does. */
    public Optional<Said> whyNot(Blank blank, Bar bar) {
        if (!bar.grade().equalsIgnoreCase(blank.grade())) {
            return Optional.of(units -> "It is something else.");
        }
        return new BarThickness(blank.thickness(), thicker)
                .whyNot(bar.thickness())
                .or(() -> widthWhyNot(blank, bar.width()))
                .or(() -> lengthWhyNot(blank, bar));
    }

    /** Why a bar of this width does not serve, empty where it does. */
    public Optional<Said> widthWhyNot(Blank blank, Length width) {
        double wide = blank.width() + 2 * edge.millimetres();
        return wide <= width.millimetres() + Nest.FINE
                ? Optional.empty()
                : Optional.of(units -> "It is narrower than the profile with its edges, "
                        + Length.ofMillimetres(wide).asTaped(units).brieflyIn(units) + ".");
    }

    private Optional<Said> lengthWhyNot(Blank blank, Bar bar) {
        return blank.length() <= room(bar)
                ? Optional.empty()
                : Optional.of(units -> "It is shorter than the profile with the saw’s cut and the end that is held, "
                        + least(blank).asTaped(units).brieflyIn(units) + ".");
    }

    /** The shortest bar from which this blank can be cut: the cut and the end that is held are beyond it. */
    public Length least(Blank blank) {
        return Length.ofMillimetres(Math.ceil(blank.length() * 1000) / 1000)
                .plus(kerf)
                .plus(clamp);
    }

    /** How long a row of blanks may be, in millimetres: the last cut and the end that is held are beyond it. */
    double room(Bar bar) {
        return bar.length().minus(kerf).minus(clamp).millimetres();
    }

    /**
     * As many of one blank as a bar yields.
     *
     * @return where they are cut; empty where the bar does not {@link #allow} the blank
     */
    public Optional<BarPlan> most(Blank blank, Bar bar) {
        if (!allow(blank, bar)) {
            return Optional.empty();
        }
        Nest nest = new Nest(List.of(blank), bar.width().millimetres(), this);
        int most = 1 + (int) (room(bar) / nest.least(0));
        return Rows.every(nest, new int[] {most}, room(bar), Integer.MAX_VALUE).all().stream()
                .max(Comparator.comparingInt(row -> row.states().length))
                .map(row -> row.on(bar, nest, this, each -> ""));
    }
}

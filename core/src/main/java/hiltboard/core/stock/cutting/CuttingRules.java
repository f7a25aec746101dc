package hiltboard.core.stock.cutting;

import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Length;
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
    public static final CuttingRules USUAL = new CuttingRules(Length.ofInchFraction(1, 16), Length.ofInchFraction(1, 32), Length.ofInchFraction(1, 1), Length.ofInchFraction(6, 1),
            Length.ofInchFraction(1, 32));

    /** @throws ImpossibleQuantity if one is negative, or there is no kerf */
    public CuttingRules {
        mustNotBeNegative("edge", edge);
        mustNotBeNegative("clamping end", clamp);
        mustNotBeNegative("useful offcut", useful);
        mustNotBeNegative("thickness to grind off", thicker);
        if (!kerf.isPositive()) {
            throw new ImpossibleQuantity("kerf", kerf.toString(), "more than nothing");
        }
    }

    private static void mustNotBeNegative(String what, Length length) {
        if (length.compareTo(Length.ZERO) < 0) {
            throw new ImpossibleQuantity(what, length.toString(), "nothing or more");
        }
    }

    /** Whether a bar is wide and thick enough for a blank, of its steel, and not so thick that it is a waste to grind. */
    public boolean allow(Blank blank, Bar bar) {
        return bar.grade().equalsIgnoreCase(blank.grade()) && bar.thickness().compareTo(blank.thickness()) >= 0 && bar.thickness().minus(thicker).compareTo(blank.thickness()) <= 0
                && blank.width() + 2 * edge.millimetres() <= bar.width().millimetres() + Nest.FINE && blank.length() <= room(bar);
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
        return Rows.every(nest, new int[] {most}, room(bar), Integer.MAX_VALUE).all().stream().max(Comparator.comparingInt(row -> row.states().length)).map(row -> row.on(bar, nest, this, each -> ""));
    }
}

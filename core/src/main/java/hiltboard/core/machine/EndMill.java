package hiltboard.core.machine;

import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Units;
import hiltboard.core.measure.Worked;
import hiltboard.core.measure.Working;
import java.util.Locale;

/**
 * A cutter as a cantilever: its tip yields by F · L³ ÷ (3 · E · I) with I = π · d⁴ ÷ 64 (beam theory). Its flutes
 * weaken it, so that a real one yields more.
 *
 * @param stickOut from the collet to the tip
 */
public record EndMill(Length diameter, Length stickOut, CutterMaterial material) {
    /** More than this at a wall is out of what is fitted. Common practice. */
    private static final Length MUCH = Length.ofInches("0.001");

    /** @throws ImpossibleQuantity if it has no diameter or does not stick out */
    public EndMill {
        if (!diameter.isPositive()) {
            throw new ImpossibleQuantity("cutter diameter", diameter, "more than nothing");
        }
        if (!stickOut.isPositive()) {
            throw new ImpossibleQuantity("stick-out", stickOut, "more than nothing");
        }
    }

    /** @param newtons across the tip, nothing or more */
    public Worked<Length> deflection(double newtons, Units units) {
        if (!(newtons >= 0 && Double.isFinite(newtons))) {
            throw new ImpossibleQuantity("force", newtons + " N", "nothing or more");
        }
        double moment = Math.PI * Math.pow(diameter.millimetres(), 4) / 64;
        Length yields = Length.ofMillimetres(
                newtons * Math.pow(stickOut.millimetres(), 3) / (3 * material.youngsModulus() * moment));
        Working line = new Working(units);
        Worked<Length> answer = Worked.of(
                yields,
                String.format(Locale.ROOT, "I = π × %.3f⁴ ÷ 64 ≈ %.4g mm⁴", diameter.millimetres(), moment),
                String.format(
                                Locale.ROOT,
                                "%.1f N × %.2f³ ÷ (3 × %.0f N/mm² × %.4g)",
                                newtons,
                                stickOut.millimetres(),
                                material.youngsModulus(),
                                moment)
                        + line.rounded("")
                        + line.comesTo(yields));
        return yields.compareTo(MUCH) > 0
                ? answer.withCaution(
                        "More than " + MUCH.in(units)
                                + ": the wall leans and the cutter may snap. Shorter stick-out, larger cutter, or less in a pass.")
                : answer;
    }
}

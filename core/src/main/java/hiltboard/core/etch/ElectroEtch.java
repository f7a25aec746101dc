package hiltboard.core.etch;

import hiltboard.core.measure.Figure;
import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Span;
import hiltboard.core.measure.Units;
import hiltboard.core.measure.Worked;
import java.time.Duration;
import java.util.List;
import java.util.Locale;

/**
 * How deep direct current etches: Faraday's law, m = I·t·M / (n·F), iron to Fe²⁺, over the open area of the stencil.
 * Part of the current makes gas instead, so that it is an estimate with a range.
 *
 * @param amperes more than nothing
 * @param area open steel in mm², more than nothing
 * @param efficiency share of the current that takes iron, more than nothing, at most one
 */
public record ElectroEtch(double amperes, double area, double efficiency) {
    /** Coulombs a mole, exactly since 2019 as the product of two defined constants (SI brochure). */
    static final double FARADAY = 96_485.332_12;

    static final double MOLAR_MASS_OF_IRON = 55.845;
    static final int CHARGE = 2;
    /** Grams a cubic millimetre. */
    private static final double STEEL = 7.85e-3;
    /** How much of the current usually takes iron, from the worst electrolyte to the best; from memory. */
    private static final double WORST = 0.5;

    /** @throws ImpossibleQuantity if one of them cannot be */
    public ElectroEtch {
        if (!(amperes > 0 && area > 0 && efficiency > 0 && efficiency <= 1)) {
            throw new ImpossibleQuantity(
                    "current, area or efficiency",
                    String.format(Locale.ROOT, "%.2f A, %.1f mm², %.0f %%", amperes, area, efficiency * 100),
                    "more than nothing, and an efficiency of up to 100 %");
        }
    }

    /** Grams of iron that this current takes at most, were none of it lost. */
    public double grams(Duration time) {
        return amperes * seconds(time) * MOLAR_MASS_OF_IRON / (CHARGE * FARADAY);
    }

    private static double seconds(Duration time) {
        return time.toMillis() / 1000.0;
    }

    public Worked<Figure> density() {
        double each = amperes / (area / 100);
        return new Worked<>(
                new Figure(each, 2, "A/cm²"),
                "",
                List.of(String.format(Locale.ROOT, "%.2f A ÷ %.2f cm² ≈ %.2f A/cm²", amperes, area / 100, each)),
                each > 1
                        ? List.of(
                                "So much current heats the blade and lifts the stencil: shorter bursts, or less current.")
                        : List.of());
    }

    /** As an estimate: with half of the current at work, and with all of it. */
    public Worked<Length> depth(Duration time, Units units) {
        double all = grams(time) / STEEL / area;
        Length likely = Length.ofMillimetres(all * efficiency);
        return Worked.of(
                        likely,
                        String.format(
                                Locale.ROOT,
                                "%.2f A × %.0f s × 55.845 g/mol ÷ (2 × 96,485 C/mol) ≈ %.4f g of iron",
                                amperes,
                                seconds(time),
                                grams(time)),
                        String.format(
                                Locale.ROOT,
                                "%.4f g ÷ 7.85 g/cm³ ÷ %.2f cm² ≈ %.1f µm, × %.0f %% ≈ %.1f µm",
                                grams(time),
                                area / 100,
                                all * 1000,
                                efficiency * 100,
                                all * efficiency * 1000))
                .called(String.format(
                        Locale.ROOT,
                        "an estimate: %.1f to %.1f µm",
                        all * Math.min(WORST, efficiency) * 1000,
                        all * 1000));
    }

    /** How long such a depth takes. */
    public Worked<Span> timeFor(Length depth, Units units) {
        double seconds =
                depth.millimetres() * area * STEEL * CHARGE * FARADAY / (MOLAR_MASS_OF_IRON * amperes * efficiency);
        Span time = new Span(Duration.ofMillis(Math.round(seconds * 1000)));
        return Worked.of(
                time,
                String.format(
                        Locale.ROOT,
                        "%s × %.2f cm² × 7.85 g/cm³ × 2 × 96,485 C/mol ÷ (55.845 g/mol × %.2f A × %.0f %%) ≈ %s",
                        depth.in(units),
                        area / 100,
                        amperes,
                        efficiency * 100,
                        time.in(units)));
    }
}

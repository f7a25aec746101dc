package hiltboard.core.fire;

import hiltboard.core.material.Composition;
import hiltboard.core.material.Element;
import hiltboard.core.measure.Hardness;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.List;
import java.util.Locale;

/**
 * The most that carbon can make of a quench that was quick enough everywhere: H = 60 √C + 20 HRC for fully martensitic
 * steel (E. Just, 1969, from memory), 0.1 to 0.6 % C. Above that, austenite that stays takes back what more carbon
 * would give: the grade's own value counts.
 */
public final class MartensiteHardness {
    private static final double LEAST_CARBON = 0.1;
    private static final double MOST_CARBON = 0.6;
    private static final double SCATTER = 2;

    private MartensiteHardness() {}

    public static Estimate<Hardness> of(Composition steel) {
        double carbon = steel.percent(Element.C);
        if (!(carbon >= LEAST_CARBON && carbon <= MOST_CARBON + 0.005)) {
            return new Estimate.Outside<>(String.format(
                    Locale.ROOT,
                    "Outside what is known: %.2f %% carbon, where the equation is for 0.1 to 0.6 %%.",
                    carbon));
        }
        List<String> alloyed = CriticalTemperatures.tooMuchIn(steel);
        if (!alloyed.isEmpty()) {
            return new Estimate.Outside<>(
                    "Outside what is known: the equation was made from low and medium alloyed steels ("
                            + String.join("; ", alloyed) + "); alloy keeps carbon and austenite back.");
        }
        double hrc = 60 * Math.sqrt(carbon) + 20;
        return new Estimate.Known<>(
                hrc(hrc),
                hrc(hrc - SCATTER),
                hrc(hrc + SCATTER),
                List.of(String.format(
                        Locale.ROOT, "60 × √%.2f + 20 ≈ %.1f HRC, if all of it turned to martensite", carbon, hrc)));
    }

    private static Hardness hrc(double hrc) {
        return new Hardness(BigDecimal.valueOf(hrc).setScale(1, RoundingMode.HALF_UP));
    }
}

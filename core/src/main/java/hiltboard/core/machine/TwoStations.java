package hiltboard.core.machine;

import hiltboard.core.measure.Figure;
import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Worked;

/**
 * Parts that are machined in two clampings. With both stations on one fixture every load but the first and the last
 * works on two parts: n + 1 loads in place of 2 n. Counting.
 *
 * @param parts at least one
 */
public record TwoStations(int parts) {
    /** @throws ImpossibleQuantity if there is no part */
    public TwoStations {
        if (parts < 1) {
            throw new ImpossibleQuantity("parts", String.valueOf(parts), "at least 1");
        }
    }

    public Worked<Figure> loads() {
        return Worked.of(
                Figure.count(parts + 1L, "loads"),
                parts + " + 1 = " + (parts + 1) + "; one after the other it would be 2 × " + parts + " = " + 2 * parts);
    }
}

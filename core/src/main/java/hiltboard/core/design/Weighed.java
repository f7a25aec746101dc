package hiltboard.core.design;

import hiltboard.core.blade.Lump;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Mass;
import hiltboard.core.measure.Units;
import java.util.List;

/**
 * What a knife weighs and where it balances.
 *
 * @param balance of the whole, in front of the heel's plane (guard, shoulders or scales' fronts); negative behind it
 */
public record Weighed(List<Part> parts, Mass mass, Length balance) {
    /** A difference that nobody feels. */
    private static final double LEAST_GRAMS = 0.05;

    private static final double LEAST_MILLIMETRES = 0.1;

    public Weighed {
        parts = List.copyOf(parts);
    }

    /** One part, in grams. */
    public record Part(String name, Lump grams) {
        public Mass mass() {
            return Mass.ofGrams(grams.amount());
        }
    }

    static Weighed of(List<Part> parts) {
        Lump whole = Lump.sum(parts.stream().map(Part::grams).toList());
        return new Weighed(
                parts,
                Mass.ofGrams(whole.amount()),
                Length.ofMillimetres(Math.round(whole.centre().x() * 1000) / 1000d));
    }

    /**
     * What changed since an earlier drawing, in words: {@code −14 g, balance 6.0 mm forward}; empty if nothing that is
     * felt.
     */
    public String since(Weighed earlier, Units units) {
        Mass more = mass.minus(earlier.mass);
        Length forward = balance.minus(earlier.balance);
        String weight = Math.abs(more.grams()) < LEAST_GRAMS
                ? ""
                : (more.milligrams() > 0 ? "+" : "") + more.in(units).replace('-', '−');
        String moved = Math.abs(forward.millimetres()) < LEAST_MILLIMETRES
                ? ""
                : "balance "
                        + forward.absolute()
                                .nearest(
                                        units.length() == Units.LengthUnit.INCH
                                                ? Length.ofInches("0.01")
                                                : Length.ofMillimetres("0.1"))
                                .in(units)
                        + (forward.isPositive() ? " forward" : " back");
        return weight.isEmpty() || moved.isEmpty() ? weight + moved : weight + ", " + moved;
    }
}

package hiltboard.core.blade;

import java.util.List;

/**
 * An amount that hangs at a point: a volume in mm³, or a mass in grams.
 *
 * @param amount negative for what is drilled away
 */
public record Lump(double amount, Point centre) {
    public static final Lump NOTHING = new Lump(0, new Point(0, 0));

    /** All of these together; together they must not be nothing unless each of them is. */
    public static Lump sum(List<Lump> lumps) {
        double amount = lumps.stream().mapToDouble(Lump::amount).sum();
        if (amount == 0) {
            return NOTHING;
        }
        double x = lumps.stream()
                        .mapToDouble(lump -> lump.amount * lump.centre.x())
                        .sum()
                / amount;
        double y = lumps.stream()
                        .mapToDouble(lump -> lump.amount * lump.centre.y())
                        .sum()
                / amount;
        return new Lump(amount, new Point(x, y));
    }

    public Lump plus(Lump other) {
        return sum(List.of(this, other));
    }

    public Lump minus(Lump other) {
        return plus(other.times(-1));
    }

    public Lump times(double factor) {
        return new Lump(amount * factor, centre);
    }

    /** A volume in mm³ of something with this density in g/cm³, in grams. */
    public Lump grams(double gramsPerCubicCentimetre) {
        return times(gramsPerCubicCentimetre / 1000);
    }

    /** A pin, a hole or a tube's bore through the plane of the drawing, in mm³. */
    public static Lump round(Point centre, double diameter, double depth) {
        return new Lump(Math.PI / 4 * diameter * diameter * depth, centre);
    }
}

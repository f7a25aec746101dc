package hiltboard.core.forge;

import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Units;

/**
 * A billet cut across. Layers lie through its thickness.
 *
 * @param isRound whether thickness and width are its diameter
 * @param cornersOff how much of each edge is knocked off its four corners; nothing where they are sharp
 */
public record BarSection(Length thickness, Length width, boolean isRound, Length cornersOff) {
    private static final double ABOUT_SQUARE = 0.08;

    /** @throws ImpossibleQuantity if it has no size, or nothing is left between its corners */
    public BarSection {
        if (!thickness.isPositive() || !width.isPositive()) {
            throw new ImpossibleQuantity(
                    "section",
                    units -> thickness.in(units) + " × " + width.in(units),
                    units -> "more than nothing both ways");
        }
        if (cornersOff.times(2).compareTo(thickness) >= 0 || cornersOff.times(2).compareTo(width) >= 0) {
            throw new ImpossibleQuantity(
                    "corners knocked off",
                    cornersOff,
                    units -> "less than half of " + thickness.in(units) + " × " + width.in(units));
        }
    }

    public static BarSection flat(Length thickness, Length width) {
        return new BarSection(thickness, width, false, Length.ZERO);
    }

    public static BarSection round(Length diameter) {
        return new BarSection(diameter, diameter, true, Length.ZERO);
    }

    BarSection withCornersOff(Length off) {
        return new BarSection(thickness, width, isRound, off);
    }

    /** Its area in square millimetres. */
    public double area() {
        double box = thickness.millimetres() * width.millimetres();
        return isRound ? Math.PI / 4 * box : box - 2 * cornersOff.millimetres() * cornersOff.millimetres();
    }

    /** The same shape with another area. */
    BarSection withArea(double squareMillimetres) {
        double factor = Math.sqrt(squareMillimetres / area());
        return new BarSection(thickness.times(factor), width.times(factor), isRound, cornersOff.times(factor));
    }

    boolean isAboutSquare() {
        return !isRound && Math.abs(thickness.millimetres() / width.millimetres() - 1) <= ABOUT_SQUARE;
    }

    public String words(Units units) {
        if (isRound) {
            return "⌀ " + thickness.brieflyIn(units);
        }
        return thickness.brieflyIn(units) + " × " + width.brieflyIn(units)
                + (cornersOff.isPositive() ? ", corners off" : "");
    }
}

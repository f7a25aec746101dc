package hiltboard.core.measure;

import java.math.BigDecimal;
import java.math.RoundingMode;

/**
 * A length, held as a whole number of nanometres. It may be negative as a difference.
 *
 * <p>1 in = 25 400 000 nm exactly (NIST SP 811, appendix B.8), so 1/64 in is 396 875 nm and nothing that a maker types
 * is rounded: {@code 0.690 in} stays {@code 0.690 in}.
 */
public record Length(long nanometres) implements Quantity, Comparable<Length> {
    private static final BigDecimal NANOMETRES_PER_INCH = new BigDecimal(25_400_000);
    private static final BigDecimal NANOMETRES_PER_MILLIMETRE = new BigDecimal(1_000_000);

    private static final long SIXTY_FOURTH = 396_875;

    public static final Length ZERO = new Length(0);

    public static Length ofInches(String decimal) {
        return ofInches(new BigDecimal(decimal));
    }

    public static Length ofInches(BigDecimal inches) {
        return rounded(inches.multiply(NANOMETRES_PER_INCH));
    }

    public static Length ofMillimetres(String decimal) {
        return ofMillimetres(new BigDecimal(decimal));
    }

    public static Length ofMillimetres(BigDecimal millimetres) {
        return rounded(millimetres.multiply(NANOMETRES_PER_MILLIMETRE));
    }

    /** @throws ImpossibleQuantity if the number is not finite */
    public static Length ofMillimetres(double millimetres) {
        if (!Double.isFinite(millimetres)) {
            throw new ImpossibleQuantity("length", millimetres + " mm", "a finite number");
        }
        return ofMillimetres(BigDecimal.valueOf(millimetres));
    }

    /** A fraction of an inch, such as 3/16. */
    public static Length ofInchFraction(int numerator, int denominator) {
        return rounded(NANOMETRES_PER_INCH
                .multiply(BigDecimal.valueOf(numerator))
                .divide(BigDecimal.valueOf(denominator), 3, RoundingMode.HALF_EVEN));
    }

    private static Length rounded(BigDecimal nanometres) {
        try {
            return new Length(nanometres.setScale(0, RoundingMode.HALF_EVEN).longValueExact());
        } catch (ArithmeticException tooLarge) {
            throw new ImpossibleQuantity("length", nanometres.toPlainString() + " nm", "less than 9 000 km");
        }
    }

    public Length plus(Length other) {
        return new Length(Math.addExact(nanometres, other.nanometres));
    }

    public Length minus(Length other) {
        return new Length(Math.subtractExact(nanometres, other.nanometres));
    }

    /** Scaled, to the nearest nanometre. */
    public Length times(double factor) {
        return new Length(Math.round(nanometres * factor));
    }

    /** To the nearest whole number of steps. */
    public Length nearest(Length step) {
        return new Length(Math.round((double) nanometres / step.nanometres) * step.nanometres);
    }

    /** As a tape shows it: to a hundredth of an inch or half a millimetre. */
    public Length asTaped(Units units) {
        return nearest(units.length() == Units.LengthUnit.INCH ? ofInchFraction(1, 100) : ofMillimetres("0.5"));
    }

    /** As a calliper shows it: to a thousandth of an inch or a hundredth of a millimetre. */
    public Length asRead(Units units) {
        return nearest(units.length() == Units.LengthUnit.INCH ? ofInches("0.001") : ofMillimetres("0.01"));
    }

    public Length half() {
        return times(0.5);
    }

    public Length absolute() {
        return new Length(Math.abs(nanometres));
    }

    public boolean isPositive() {
        return nanometres > 0;
    }

    public double millimetres() {
        return nanometres / 1e6;
    }

    public double inches() {
        return nanometres / 25_400_000d;
    }

    @Override
    public double magnitude() {
        return nanometres;
    }

    @Override
    public int compareTo(Length other) {
        return Long.compare(nanometres, other.nanometres);
    }

    /**
     * Thousandths of an inch with the fourth place only where it is not zero ({@code 0.690 in}, {@code 0.1875 in}), or
     * hundredths of a millimetre with the third only where it is not zero ({@code 4.20 mm}).
     */
    @Override
    public String in(Units units) {
        return number(units) + " " + symbol(units);
    }

    /**
     * As {@link #in}, but from an inch upwards without zeros at the end: nobody reads such sizes off a micrometer
     * ({@code 14 in}).
     */
    public String brieflyIn(Units units) {
        if (Math.abs(nanometres) < NANOMETRES_PER_INCH.longValueExact()) {
            return in(units);
        }
        return new BigDecimal(number(units)).stripTrailingZeros().toPlainString() + " " + symbol(units);
    }

    /**
     * As somebody of these units would type it without losing anything: {@code 0.690 in}, {@code 5/32 in} where the
     * thousandths do not hold it, and in its own unit where no notation of theirs does.
     */
    public String entryIn(Units units) {
        if (isShownWhole(units)) {
            return brieflyIn(units);
        }
        boolean isFraction =
                units.length() == Units.LengthUnit.INCH && nanometres > 0 && nanometres % SIXTY_FOURTH == 0;
        return isFraction ? fraction() + " in" : exactly();
    }

    /**
     * For who holds a ruler and no micrometer: to the nearest sixteenth of an inch ({@code 9-7/16 in}) or whole
     * millimetre; what is less than that, as {@link #in}.
     */
    public String plainlyIn(Units units) {
        boolean isInch = units.length() == Units.LengthUnit.INCH;
        Length said = nearest(isInch ? ofInchFraction(1, 16) : ofMillimetres("1"));
        if (!said.isPositive()) {
            return in(units);
        }
        return isInch && said.nanometres % NANOMETRES_PER_INCH.longValueExact() != 0
                ? said.fraction() + " in"
                : said.brieflyIn(units);
    }

    /** So that it reads back as exactly the same, whoever reads it: {@code 914.4 mm}. */
    public String exactly() {
        return BigDecimal.valueOf(nanometres, 6).stripTrailingZeros().toPlainString() + " mm";
    }

    private String fraction() {
        long sixtyFourths = nanometres / SIXTY_FOURTH;
        long whole = sixtyFourths / 64;
        long part = sixtyFourths % 64;
        long shared = Long.lowestOneBit(part);
        return (whole > 0 ? whole + "-" : "") + part / shared + "/" + 64 / shared;
    }

    /** The number alone, as {@link #in} writes it. */
    public String number(Units units) {
        return number(units, RoundingMode.HALF_UP);
    }

    private String number(Units units, RoundingMode rounding) {
        return switch (units.length()) {
            case INCH -> decimal(NANOMETRES_PER_INCH, 3, rounding);
            case MILLIMETRE -> decimal(NANOMETRES_PER_MILLIMETRE, 2, rounding);
        };
    }

    @Override
    public String symbol(Units units) {
        return switch (units.length()) {
            case INCH -> "in";
            case MILLIMETRE -> "mm";
        };
    }

    /** As {@link #in}, never less than it is: a limit that is named so can be met. */
    public String upIn(Units units) {
        return number(units, RoundingMode.CEILING) + " " + symbol(units);
    }

    /** As {@link #in}, never more than it is. */
    public String downIn(Units units) {
        return number(units, RoundingMode.FLOOR) + " " + symbol(units);
    }

    /** As {@link #upIn(Units)}, to a whole number of steps. */
    public String upIn(Units units, Length step) {
        return new Length(-Math.floorDiv(-nanometres, step.nanometres) * step.nanometres).brieflyIn(units);
    }

    /** As {@link #downIn(Units)}, to a whole number of steps. */
    public String downIn(Units units, Length step) {
        return new Length(Math.floorDiv(nanometres, step.nanometres) * step.nanometres).brieflyIn(units);
    }

    /** Whether {@link #in} shows all of it: 5/32 in is 0.15625 and is shown as 0.1563. */
    public boolean isShownWhole(Units units) {
        return switch (units.length()) {
            case INCH -> nanometres % (NANOMETRES_PER_INCH.longValueExact() / 10_000) == 0;
            case MILLIMETRE -> nanometres % 1_000 == 0;
        };
    }

    /**
     * As {@link #in}, with the sign of something rounded before it where that does not show all of it: {@code ≈ 0.1563
     * in}.
     */
    public String saidIn(Units units) {
        return isShownWhole(units) ? in(units) : "≈ " + in(units);
    }

    /**
     * As far as it matters to a part that may be off by this: to a hundredth of an inch or a tenth of a millimetre
     * where that is less than half the tolerance, as it is otherwise.
     */
    public Length asTightAs(Length tolerance, Units units) {
        return isCoarse(tolerance, units) ? nearest(coarse(units)) : this;
    }

    /** As {@link #asTightAs}, in words, with no digit that does not matter: {@code 4.38 in}. */
    public String tightIn(Length tolerance, Units units) {
        Length said = asTightAs(tolerance, units);
        return isCoarse(tolerance, units)
                ? new BigDecimal(said.number(units))
                                .setScale(units.length() == Units.LengthUnit.INCH ? 2 : 1, RoundingMode.HALF_UP)
                        + " " + symbol(units)
                : said.in(units);
    }

    private static boolean isCoarse(Length tolerance, Units units) {
        return tolerance.nanometres >= 2 * coarse(units).nanometres;
    }

    private static Length coarse(Units units) {
        return units.length() == Units.LengthUnit.INCH ? ofInchFraction(1, 100) : ofMillimetres("0.1");
    }

    private String decimal(BigDecimal perUnit, int places, RoundingMode rounding) {
        BigDecimal fine = BigDecimal.valueOf(nanometres).divide(perUnit, places + 1, rounding);
        BigDecimal coarse = fine.setScale(places, RoundingMode.HALF_UP);
        return (fine.compareTo(coarse) == 0 ? coarse : fine).toPlainString();
    }

    @Override
    public String toString() {
        return in(Units.MILLIMETRE_CELSIUS);
    }
}

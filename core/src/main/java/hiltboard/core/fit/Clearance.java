package hiltboard.core.fit;

import hiltboard.core.measure.Length;
import hiltboard.core.measure.Units;

/**
 * What stands between a tang and the opening around it. The limits are common practice of the trade, from memory.
 *
 * @param gap both sides together; less than nothing where the tang is the larger
 * @param words for the maker, with the size
 */
public record Clearance(Fit fit, Length gap, String words) {
    private static final Length SNUG_TO = Length.ofInches("0.003");
    private static final Length LOOSE_FROM = Length.ofInches("0.020");
    /** Light shows through less than a hair. */
    private static final Length LIGHT_SHOWS = Length.ofInches("0.001");

    private static final Length LEAST_FOR_ADHESIVE = Length.ofInches("0.010");
    private static final Length MOST_FOR_ADHESIVE = Length.ofInchFraction(1, 16);

    /** How a part goes on. */
    public enum Fit {
        LOOSE,
        FREE,
        SNUG,
        TIGHT,
        WILL_NOT_GO;

        /** Whether it may stay as it is. */
        public boolean isGood() {
            return this == FREE || this == SNUG || this == TIGHT;
        }
    }

    /** @param drive by how much the opening may be too small and still be driven on */
    public static Clearance of(Length gap, Length drive, Units units) {
        if (gap.compareTo(LOOSE_FROM) > 0) {
            return new Clearance(Fit.LOOSE, gap, "loose, " + said(gap, units) + " to spare");
        }
        if (gap.compareTo(SNUG_TO) > 0) {
            return new Clearance(Fit.FREE, gap, "free, " + said(gap, units) + " to spare");
        }
        return gap.nanometres() >= 0
                ? new Clearance(Fit.SNUG, gap, "snug, " + said(gap, units) + " to spare")
                : tight(gap, drive, units);
    }

    /** The lip at the front of a guard closes on the ricasso: there no light may show. */
    public static Clearance ofLip(Length gap, Length drive, Units units) {
        if (gap.compareTo(LIGHT_SHOWS) > 0) {
            return new Clearance(Fit.LOOSE, gap, "open by " + said(gap, units) + ": light shows at the front");
        }
        return gap.nanometres() >= 0
                ? new Clearance(Fit.SNUG, gap, "closes, goes on by hand")
                : tight(gap, drive, units);
    }

    /**
     * A cavity leaves room all round, for adhesive or for taking apart: too little scrapes the adhesive off, too much
     * shows at the front.
     */
    public static Clearance ofCavity(Length gap, Units units) {
        if (gap.nanometres() < 0) {
            return tight(gap, Length.ZERO, units);
        }
        String room = said(gap, units) + " around the tang";
        if (gap.compareTo(LEAST_FOR_ADHESIVE) < 0) {
            return new Clearance(Fit.SNUG, gap, "snug, only " + room);
        }
        return gap.compareTo(MOST_FOR_ADHESIVE) > 0
                ? new Clearance(Fit.LOOSE, gap, "loose, " + room + ": a gap shows where no guard covers it")
                : new Clearance(Fit.FREE, gap, "free, " + room);
    }

    /** As near as a good calliper reads. */
    private static String said(Length length, Units units) {
        return length.nearest(
                        units.length() == Units.LengthUnit.INCH
                                ? Length.ofInches("0.0005")
                                : Length.ofMillimetres("0.01"))
                .in(units);
    }

    private static Clearance tight(Length gap, Length drive, Units units) {
        Length over = gap.absolute();
        return over.compareTo(drive) <= 0
                ? new Clearance(Fit.TIGHT, gap, "tight by " + said(over, units) + ": it is driven")
                : new Clearance(
                        Fit.WILL_NOT_GO,
                        gap,
                        "will not go: " + said(over, units) + " too small"
                                + (drive.isPositive() ? ", at most " + drive.in(units) + " is driven" : ""));
    }
}

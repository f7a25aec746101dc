package hiltboard.core.measure;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** The drills that a shop has in its drawer, by habit. */
public enum DrillSeries {
    /** Number, letter and fraction. */
    INCH("number, letter and fraction drills"),
    /** Millimetres by tenths. */
    METRIC("metric drills");

    private static final long HUNDREDTH_OF_A_MILLIMETRE = 10_000;
    private static final long THOUSANDTH_OF_AN_INCH = 25_400;

    private final String words;

    DrillSeries(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }

    /** What somebody of these units reaches for. */
    public static DrillSeries usualFor(Units units) {
        return units.length() == Units.LengthUnit.INCH ? INCH : METRIC;
    }

    /**
     * Where a size belongs by how it was named, whoever reads it: hundredths of a millimetre are nobody's thousandths
     * or sixty-fourths.
     */
    public static DrillSeries of(Length part) {
        return part.nanometres() % HUNDREDTH_OF_A_MILLIMETRE == 0 && part.nanometres() % THOUSANDTH_OF_AN_INCH != 0
                ? METRIC
                : INCH;
    }

    /** Every size, smallest first. */
    public List<DrillSize> drills() {
        return this == INCH ? DrillSize.all() : DrillSize.metric();
    }

    /** The smallest drill that is at least this large, if the series has one. */
    public Optional<DrillSize> smallestOver(Length least) {
        return drills().stream()
                .filter(drill -> drill.diameter().compareTo(least) >= 0)
                .findFirst();
    }

    /** The largest drill that is no larger than this, if the series has one. */
    public Optional<DrillSize> largestUnder(Length most) {
        return drills().stream()
                .filter(drill -> drill.diameter().compareTo(most) <= 0)
                .reduce((smaller, larger) -> larger);
    }

    /** The drill that lies nearest to this. */
    public DrillSize nearest(Length wanted) {
        return drills().stream()
                .min(Comparator.comparing(
                        drill -> drill.diameter().minus(wanted).absolute()))
                .orElseThrow();
    }
}

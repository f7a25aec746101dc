package hiltboard.core.measure;

/**
 * What a reading is, held against its target and tolerance.
 *
 * @param words for the maker: by how much, or what it means for this number
 */
public record Judgement(Verdict verdict, String words) {
    /**
     * This share of what is allowed may be used up before it is said: a reading within a tenth of the limit is near it.
     * Common practice.
     */
    private static final double NEAR = 0.9;

    private static final double EXACTLY = 1e-9;
    /** This many times off, a point has slipped or the unit is another. */
    private static final double SLIPPED = 1.6;

    /** Where a reading stands. */
    public enum Verdict {
        IN("in"),
        NEAR("near the limit"),
        OUT("out");

        private final String words;

        Verdict(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    public static Judgement out(String why) {
        return new Judgement(Verdict.OUT, why);
    }

    public static Judgement in() {
        return new Judgement(Verdict.IN, "");
    }

    public static Judgement of(Quantity reading, Quantity expected, Allowed allowed, Units units) {
        double off = reading.magnitude() - expected.magnitude();
        Quantity limit = off < 0 ? allowed.below() : allowed.above();
        double share = Math.abs(off) / limit.magnitude();
        if (!(share <= 1 + EXACTLY)) {
            return out(outWords(reading, expected, limit, off < 0, units));
        }
        return share < NEAR - EXACTLY
                ? in()
                : new Judgement(Verdict.NEAR, "Near the limit: " + wanted(expected, limit, off < 0, units) + ".");
    }

    private static String outWords(Quantity reading, Quantity expected, Quantity limit, boolean isLess, Units units) {
        String out = reading.in(units) + " is " + (isLess ? "under" : "over") + ": "
                + wanted(expected, limit, isLess, units) + ".";
        double low = Math.min(Math.abs(reading.magnitude()), Math.abs(expected.magnitude()));
        double high = Math.max(Math.abs(reading.magnitude()), Math.abs(expected.magnitude()));
        return high > low * SLIPPED ? out + " So far off: are the point and the unit right?" : out;
    }

    private static String wanted(Quantity expected, Quantity limit, boolean isLess, Units units) {
        return expected.in(units) + " is wanted, "
                + (isLess ? "at most " + limit.in(units) + " less" : "at most " + limit.in(units) + " more");
    }

    public boolean isOut() {
        return verdict == Verdict.OUT;
    }
}

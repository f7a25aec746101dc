package hiltboard.core.fire;

import hiltboard.core.chain.PieceDimensions;
import hiltboard.core.measure.Hardness;
import hiltboard.core.measure.ImpossibleQuantity;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;

/**
 * Readings of a hardness tester on one blade, averaged and held against what was wanted.
 *
 * @param readings two or more, HRC
 * @param wanted as agreed
 * @param band how far off is still right, in HRC
 */
public record HardnessTest(List<Hardness> readings, Hardness wanted, double band) {
    /**
     * Readings that lie farther apart than this speak of scale, a curved or thin spot, or a soft skin; common practice.
     */
    private static final double SCATTERED = 2;
    /** What is usual between agreed and reached. */
    public static final double USUAL_BAND = PieceDimensions.HARDNESS_WITHIN.magnitude();

    /** How the blade is, by these readings. */
    public enum Verdict {
        AS_WANTED("within what was wanted"),
        SOFT("softer than wanted"),
        HARD("harder than wanted"),
        SCATTERED("too scattered to tell");

        private final String words;

        Verdict(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** @throws ImpossibleQuantity for fewer than two readings, or no band */
    public HardnessTest {
        readings = List.copyOf(readings);
        if (readings.size() < 2 || !(band > 0)) {
            throw new ImpossibleQuantity(
                    "hardness test", readings.size() + " readings", "two readings or more, three are usual");
        }
    }

    public Hardness mean() {
        return new Hardness(sum().divide(count(), 1, RoundingMode.HALF_UP));
    }

    private BigDecimal sum() {
        return readings.stream().map(Hardness::hrc).reduce(BigDecimal.ZERO, BigDecimal::add);
    }

    private BigDecimal count() {
        return BigDecimal.valueOf(readings.size());
    }

    /** From the lowest reading to the highest, HRC. */
    public double spread() {
        return readings.stream().mapToDouble(Hardness::magnitude).max().orElseThrow()
                - readings.stream().mapToDouble(Hardness::magnitude).min().orElseThrow();
    }

    public Verdict verdict() {
        double off = mean().magnitude() - wanted.magnitude();
        if (spread() > SCATTERED) {
            return Verdict.SCATTERED;
        }
        return off < -band ? Verdict.SOFT : off > band ? Verdict.HARD : Verdict.AS_WANTED;
    }

    public List<String> working() {
        List<String> lines = new ArrayList<>();
        boolean isWhole = mean().hrc().multiply(count()).compareTo(sum()) == 0;
        lines.add("("
                + String.join(
                        " + ",
                        readings.stream()
                                .map(reading -> reading.hrc().toPlainString())
                                .toList()) + ") ÷ " + readings.size() + (isWhole ? " = " : " ≈ ")
                + mean().hrc().toPlainString() + " HRC");
        lines.add("Wanted " + wanted.hrc().toPlainString() + " ± "
                + BigDecimal.valueOf(band).stripTrailingZeros().toPlainString() + " HRC: "
                + verdict().words());
        return lines;
    }

    /** What is then done; common practice. */
    public List<String> advice() {
        return switch (verdict()) {
            case AS_WANTED -> List.of();
            case SCATTERED ->
                List.of("Clean a flat spot down to bright steel, away from the edge, and read three times more.");
            case HARD ->
                List.of(
                        "Temper once more, about 25 °F (15 °C) hotter, and test again: hardness comes down, it never comes back up.");
            case SOFT ->
                List.of(
                        "File it beside a soft piece first: a soft skin reads low.",
                        "If the file bites it did not harden, or was tempered too hot: normalise and harden once more, and "
                                + "count the heat.");
        };
    }
}

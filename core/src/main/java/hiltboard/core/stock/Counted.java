package hiltboard.core.stock;

import hiltboard.core.measure.Length;
import hiltboard.core.measure.ShopNotation;
import hiltboard.core.measure.Understood;
import hiltboard.core.measure.Units;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** By what stock is counted. Amounts are whole numbers of its smallest unit, never negative. */
public enum Counted {
    /** In nanometres. */
    LENGTH("a length such as 36 in, 6 ft or 900 mm"),
    PIECES("a whole number of pieces"),
    PAIRS("a whole number of pairs"),
    MARKS("a whole number of marks"),
    GRAMS("a whole number of grams, or ounces such as 8 oz"),
    MILLILITRES("a whole number of millilitres, or litres such as 1.5 l"),
    /** In square millimetres. */
    AREA("an area such as 4 sq ft or 30 dm²");

    private static final Pattern NUMBER = Pattern.compile("(\\d{1,7}(?:[.,]\\d{1,6})?)\\s*(\\D*)");
    /** 1 ft² = 92 903.04 mm² exactly (NIST SP 811, appendix B.8). */
    private static final BigDecimal SQUARE_FOOT = new BigDecimal("92903.04");
    /** 1 in² = 645.16 mm² exactly (NIST SP 811, appendix B.8). */
    private static final BigDecimal SQUARE_INCH = new BigDecimal("645.16");
    /** 1 oz = 28.349 523 125 g exactly (NIST SP 811, appendix B.8). */
    private static final BigDecimal OUNCE = new BigDecimal("28.349523125");

    private final String accepted;

    Counted(String accepted) {
        this.accepted = accepted;
    }

    public String accepted() {
        return accepted;
    }

    /**
     * The amount that was meant, in the smallest unit; empty where it is not understood. A bare number is in the
     * reader's own unit.
     */
    public Optional<Long> read(String entry, Units units) {
        if (this == LENGTH) {
            return ShopNotation.length(entry, units) instanceof Understood.Value<Length> length
                    ? Optional.of(length.value().nanometres())
                            .filter(amount -> BigDecimal.valueOf(amount).compareTo(most()) <= 0)
                    : Optional.empty();
        }
        Matcher match = NUMBER.matcher(entry.strip().toLowerCase(Locale.ROOT).replace('\u00a0', ' '));
        if (!match.matches()) {
            return Optional.empty();
        }
        return factor(match.group(2).strip(), units)
                .map(factor -> new BigDecimal(match.group(1).replace(',', '.')).multiply(factor))
                .filter(amount -> amount.compareTo(most()) <= 0
                        && (isDivisible() || amount.stripTrailingZeros().scale() <= 0))
                .map(amount -> amount.setScale(0, RoundingMode.HALF_UP).longValueExact());
    }

    /** More than any shop of this kind keeps: a kilometre, ten tonnes. What is over it was typed wrong. */
    private BigDecimal most() {
        return BigDecimal.valueOf(
                switch (this) {
                    case LENGTH, AREA -> 1_000_000_000_000L;
                    case GRAMS, MILLILITRES, PIECES, PAIRS, MARKS -> 10_000_000L;
                });
    }

    private boolean isDivisible() {
        return this == GRAMS || this == MILLILITRES || this == AREA;
    }

    private Optional<BigDecimal> factor(String unit, Units units) {
        BigDecimal factor = switch (this) {
            case LENGTH -> BigDecimal.ZERO;
            case PIECES -> oneOf(unit, "", "pieces", "piece", "pcs");
            case PAIRS -> oneOf(unit, "", "pairs", "pair");
            case MARKS -> oneOf(unit, "", "marks", "mark");
            case GRAMS ->
                unit.equals("oz") ? OUNCE : unit.equals("kg") ? BigDecimal.valueOf(1000) : oneOf(unit, "", "g");
            case MILLILITRES -> unit.equals("l") ? BigDecimal.valueOf(1000) : oneOf(unit, "", "ml");
            case AREA -> area(unit, units);
        };
        return Optional.of(factor).filter(each -> each.signum() > 0);
    }

    private static BigDecimal oneOf(String unit, String... accepted) {
        return List.of(accepted).contains(unit) ? BigDecimal.ONE : BigDecimal.ZERO;
    }

    private static BigDecimal area(String unit, Units units) {
        return switch (unit) {
            case "" -> units.length() == Units.LengthUnit.INCH ? SQUARE_FOOT : BigDecimal.valueOf(10_000);
            case "sq ft", "ft²", "ft2" -> SQUARE_FOOT;
            case "sq in", "in²", "in2" -> SQUARE_INCH;
            case "dm²", "dm2" -> BigDecimal.valueOf(10_000);
            case "cm²", "cm2" -> BigDecimal.valueOf(100);
            case "m²", "m2" -> BigDecimal.valueOf(1_000_000);
            default -> BigDecimal.ZERO;
        };
    }

    /** An amount in the reader's units: {@code 36.000 in}, {@code 3 pairs}, {@code 2.5 sq ft}. */
    public String words(long amount, Units units) {
        return switch (this) {
            case LENGTH -> new Length(amount).asTaped(units).brieflyIn(units);
            case PIECES -> amount + (amount == 1 ? " piece" : " pieces");
            case PAIRS -> amount + (amount == 1 ? " pair" : " pairs");
            case MARKS -> amount + (amount == 1 ? " mark" : " marks");
            case GRAMS -> amount + " g";
            case MILLILITRES -> amount + " ml";
            case AREA ->
                units.length() == Units.LengthUnit.INCH
                        ? number(amount, SQUARE_FOOT) + " sq ft"
                        : number(amount, BigDecimal.valueOf(10_000)) + " dm²";
        };
    }

    /** Whatever reads back as exactly the same amount, whoever reads it: {@code 914.4 mm}, {@code 12}. */
    public String exactly(long amount) {
        return switch (this) {
            case LENGTH -> BigDecimal.valueOf(amount, 6).stripTrailingZeros().toPlainString() + " mm";
            case AREA -> BigDecimal.valueOf(amount, 4).stripTrailingZeros().toPlainString() + " dm²";
            case PIECES, PAIRS, MARKS, GRAMS, MILLILITRES -> String.valueOf(amount);
        };
    }

    private static String number(long amount, BigDecimal unit) {
        return BigDecimal.valueOf(amount)
                .divide(unit, 2, RoundingMode.HALF_UP)
                .stripTrailingZeros()
                .toPlainString();
    }
}

package hiltboard.core.etch;

import hiltboard.core.field.Kind;
import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Understood;
import hiltboard.core.measure.Units;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * How strong a solution is, as its label says it: {@code 40 %}, {@code 42 °Bé}, {@code 1.41 g/mL}. A bare number below
 * two is a density, any other a percentage by mass. Kept in percent, to a hundredth.
 */
public record StrengthOf(Solute solute) implements Kind<Strength> {
    private static final Pattern WRITTEN =
            Pattern.compile("(\\d{1,3}(?:[.,]\\d{1,6})?)\\s*(%|percent|°?\\s*b(?:e|é|aum[eé])|g/ml|g/cm³|g/cm3)?\\.?");

    @Override
    public Class<Strength> type() {
        return Strength.class;
    }

    @Override
    public Understood<Strength> read(String entry, Units units) {
        Matcher match = WRITTEN.matcher(entry.toLowerCase(Locale.ROOT).strip());
        if (!match.matches()) {
            return Understood.unread(entry, accepted(units));
        }
        double number = Double.parseDouble(match.group(1).replace(',', '.'));
        String unit = Optional.ofNullable(match.group(2)).orElse(number < 2 ? "g/ml" : "%");
        try {
            return new Understood.Value<>(strength(number, unit));
        } catch (ImpossibleQuantity impossible) {
            return new Understood.Refused<>(impossible.words(units), accepted(units));
        }
    }

    private Strength strength(double number, String unit) {
        if (unit.startsWith("g")) {
            return Strength.ofDensity(solute, number);
        }
        return unit.contains("b")
                ? Strength.ofDensity(solute, new Baume(number).density())
                : Strength.ofPercent(solute, number);
    }

    @Override
    public String accepted(Units units) {
        return "percent by mass up to " + Math.round(solute.strongest() * 100) + " %, or 42 °Bé, or a density such as "
                + "1.41 g/mL";
    }

    @Override
    public String words(Strength strength, Units units) {
        return strength.words();
    }

    @Override
    public String kept(Strength strength) {
        return BigDecimal.valueOf(strength.percent())
                        .setScale(2, RoundingMode.HALF_UP)
                        .stripTrailingZeros()
                        .toPlainString()
                + " %";
    }

    @Override
    public Strength restored(String kept) {
        return Strength.ofPercent(solute, Double.parseDouble(kept.replace(" %", "")));
    }
}

package hiltboard.core.measure;

import hiltboard.core.measure.Units.LengthUnit;
import hiltboard.core.measure.Units.TemperatureUnit;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.text.Normalizer;
import java.time.Duration;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Reads quantities as makers write them: {@code 3/16}, {@code 1-1/2 in}, {@code .163}, {@code 163 thou}, {@code 4.2
 * mm}, {@code #28}, {@code F}.
 *
 * <p>A number without a unit is in the reader's own unit, with two exceptions that hold everywhere because nobody
 * writes millimetres so: a fraction and a number that begins with its point ({@code .163}) are inches.
 */
public final class ShopNotation {
    private static final int LONGEST_ENTRY = 40;
    private static final String LENGTHS = "a length such as 3/16, .163, 163 thou, 4.2 mm, 1-1/2 in, #28 or F";
    private static final String TEMPERATURES = "a temperature such as 1500 F or 815 C";
    private static final String TIMES = "a time such as 20 min, 2 h, 1 h 30 min or 90 s";
    private static final Pattern FROM_TARGET = Pattern.compile("(?i)\\s*target\\s*([+\\-−])\\s*(.+)");

    public static final String HARDNESSES = "a Rockwell C hardness such as 60 or 61.5 HRC, from 20 to 70";

    public static final String MASSES = "a weight such as 500 g, 2 kg, 40 oz or 5 lb";
    private static final Pattern MASS = Pattern.compile("(\\d{1,6}(?:[.,]\\d{1,3})?)\\s*(g|kg|oz|lb|lbs)?");
    /** 1 oz = 28.349 523 125 g and 1 lb = 453.592 37 g exactly (NIST SP 811, appendix B.8). */
    private static final double GRAMS_PER_OUNCE = 28.349523125;

    private static final double GRAMS_PER_POUND = 453.59237;
    public static final String LIQUIDS = "a volume such as 250 mL, 1.5 L, 8 fl oz, 1 qt or 1 gal";
    private static final Pattern LIQUID =
            Pattern.compile("(\\d{1,6}(?:[.,]\\d{1,3})?)\\s*(ml|l|fl\\.? ?oz|floz|oz|cup|cups|pt|qt|gal)?");
    /** US measures, exactly (NIST SP 811, appendix B.8). */
    private static final double MILLILITRES_PER_FLUID_OUNCE = 29.5735295625;

    private static final BigDecimal INCHES_PER_FOOT = BigDecimal.valueOf(12);
    private static final Pattern DRILL =
            Pattern.compile("(?:(?:#|no\\.?|number)\\s*(\\d{1,2})|(?:letter\\s+)?([a-z]))(?:\\s*drill)?");
    private static final Pattern METRIC_DRILL = Pattern.compile("(\\d{1,2}(?:[.,]\\d)?\\s*(?:mm)?)\\s*drill");
    private static final Pattern FRACTION =
            Pattern.compile("(?:(\\d{1,4})(?:\\s*-\\s*|\\s+))?(\\d{1,4})\\s*/\\s*(\\d{1,4})\\s*(in|inch|inches|\")?");
    private static final Pattern DECIMAL = Pattern.compile("(\\d{0,9})(?:([.,])(\\d{0,9}))?\\s*([a-zµ\"]+\\.?)?");
    private static final Pattern TEMPERATURE =
            Pattern.compile("(-?\\d{1,5}(?:[.,]\\d{1,3})?)\\s*(?:°|deg(?:rees)?)?\\s*([fc])?");
    private static final Pattern TIME = Pattern.compile("(?:(\\d{1,4}(?:\\.\\d{1,3})?)\\s*h(?:ours?|r)?)?\\s*"
            + "(?:(\\d{1,5}(?:\\.\\d{1,3})?)\\s*m(?:in(?:utes?)?)?)?\\s*(?:(\\d{1,6})\\s*s(?:ec(?:onds?)?)?)?");
    private static final Pattern HARDNESS =
            Pattern.compile("(?:(?:hrc|rc)\\s*)?(\\d{1,3}(?:[.,]\\d{1,2})?)\\s*(?:hrc|rc|c)?");
    /** Thousands with a comma, or a decimal comma and three places: nobody but the one who wrote it knows. */
    private static final Pattern EITHER = Pattern.compile("([1-9]\\d{0,2}),(\\d{3})(\\D.*)?");
    /** Letter drills whose letter is a unit or a word as well. */
    private static final String NOT_ALONE = "ami";

    private static final Pattern VULGAR_FRACTION = Pattern.compile("[\u00BC-\u00BE\u2150-\u215E]");

    private ShopNotation() {}

    /** Reads a length that is not negative. */
    public static Understood<Length> length(String entry, Units units) {
        String text = tidy(entry);
        if (text.isEmpty() || text.length() > LONGEST_ENTRY) {
            return refused(entry, LENGTHS);
        }
        Matcher either = EITHER.matcher(text);
        if (either.matches()) {
            String rest = either.group(3) == null ? "" : either.group(3);
            return new Understood.Refused<>(
                    "“" + entry.strip() + "” can be read in two ways",
                    either.group(1) + "." + either.group(2) + rest + ", or " + either.group(1) + either.group(2)
                            + rest);
        }
        if (text.length() == 1 && NOT_ALONE.contains(text)) {
            String letter = text.toUpperCase(Locale.ROOT);
            return new Understood.Refused<>(
                    "“" + entry.strip() + "” alone may be a drill or a slip",
                    "“letter " + letter + "” for the drill of "
                            + DrillSize.named(letter).orElseThrow().diameter().in(units) + ", or a number");
        }
        return fraction(text)
                .or(() -> decimal(text, units.length()))
                .or(() -> drill(text))
                .map(ShopNotation::understood)
                .orElseGet(() -> refused(entry, LENGTHS));
    }

    /**
     * Reads a size that a hole is made for: a length, or a thread such as {@code 6-32} or {@code M6}, which stands for
     * its major diameter.
     */
    public static Understood<Length> hole(String entry, Units units) {
        return ThreadSize.named(entry).map(thread -> understood(thread.major())).orElseGet(() -> length(entry, units));
    }

    /**
     * A measured size, named by itself or by how far it is from what is wanted: `target + .002`, `target - 0.05 mm`.
     *
     * @param target what is wanted there
     */
    public static Understood<Length> reading(String entry, Length target, Units units) {
        Matcher off = FROM_TARGET.matcher(entry);
        if (!off.matches()) {
            return hole(entry, units);
        }
        return length(off.group(2), units) instanceof Understood.Value<Length> by
                ? new Understood.Value<>(off.group(1).equals("+") ? target.plus(by.value()) : target.minus(by.value()))
                : Understood.unread(entry, "target + or target - and a length such as .002 or 0.05 mm");
    }

    /**
     * A size of the program's own, in shop notation; a bare number is inches. @throws IllegalStateException if it is
     * none
     */
    public static Length inches(String entry) {
        if (signedLength(entry, Units.INCH_FAHRENHEIT) instanceof Understood.Value<Length> value) {
            return value.value();
        }
        throw new IllegalStateException(entry);
    }

    /** Reads a length with a sign before it; without one it is positive. */
    public static Understood<Length> signedLength(String entry, Units units) {
        String text = tidy(entry);
        boolean isNegative = text.startsWith("-");
        Understood<Length> read = length(isNegative || text.startsWith("+") ? text.substring(1) : entry, units);
        return isNegative && read instanceof Understood.Value<Length> value
                ? understood(Length.ZERO.minus(value.value()))
                : read;
    }

    /** Reads a temperature; a bare number is in the reader's unit. */
    public static Understood<Temperature> temperature(String entry, Units units) {
        Matcher match = TEMPERATURE.matcher(tidy(entry));
        if (!match.matches()) {
            return refused(entry, TEMPERATURES);
        }
        double degrees = Double.parseDouble(match.group(1).replace(',', '.'));
        boolean celsius = Optional.ofNullable(match.group(2))
                .map("c"::equals)
                .orElse(units.temperature() == TemperatureUnit.CELSIUS);
        try {
            return understood(celsius ? Temperature.ofCelsius(degrees) : Temperature.ofFahrenheit(degrees));
        } catch (ImpossibleQuantity belowZero) {
            return refused(entry, TEMPERATURES + ", above absolute zero");
        }
    }

    /** Reads a stretch of time; a bare number is minutes. */
    public static Understood<Span> time(String entry) {
        String text = tidy(entry);
        if (text.matches("\\d{1,5}")) {
            return understood(Span.ofMinutes(Long.parseLong(text)));
        }
        Matcher match = TIME.matcher(text);
        if (text.isEmpty() || !match.matches()) {
            return refused(entry, TIMES);
        }
        return understood(new Span(
                seconds(match.group(1), 3600).plus(seconds(match.group(2), 60)).plus(seconds(match.group(3), 1))));
    }

    /** Reads a volume of liquid; a bare number is millilitres, whoever reads. US measures. */
    public static Understood<LiquidVolume> liquid(String entry) {
        Matcher match = LIQUID.matcher(tidy(entry));
        if (!match.matches()) {
            return refused(entry, LIQUIDS);
        }
        double number = Double.parseDouble(match.group(1).replace(',', '.'));
        String unit = Optional.ofNullable(match.group(2)).orElse("ml").replaceAll("[. ]", "");
        return understood(new LiquidVolume(number
                * switch (unit) {
                    case "l" -> 1000;
                    case "oz", "floz" -> MILLILITRES_PER_FLUID_OUNCE;
                    case "cup", "cups" -> 8 * MILLILITRES_PER_FLUID_OUNCE;
                    case "pt" -> 16 * MILLILITRES_PER_FLUID_OUNCE;
                    case "qt" -> 32 * MILLILITRES_PER_FLUID_OUNCE;
                    case "gal" -> 128 * MILLILITRES_PER_FLUID_OUNCE;
                    default -> 1;
                }));
    }

    /** Reads a weight; a bare number is ounces or grams, as the reader reads lengths. */
    public static Understood<Mass> mass(String entry, Units units) {
        Matcher match = MASS.matcher(tidy(entry));
        if (!match.matches()) {
            return refused(entry, MASSES);
        }
        double number = Double.parseDouble(match.group(1).replace(',', '.'));
        String unit = Optional.ofNullable(match.group(2)).orElse(units.length() == LengthUnit.INCH ? "oz" : "g");
        return understood(Mass.ofGrams(number
                * switch (unit) {
                    case "kg" -> 1000;
                    case "oz" -> GRAMS_PER_OUNCE;
                    case "lb", "lbs" -> GRAMS_PER_POUND;
                    default -> 1;
                }));
    }

    /** Reads a Rockwell C hardness. */
    public static Understood<Hardness> hardness(String entry) {
        Matcher match = HARDNESS.matcher(tidy(entry));
        if (!match.matches()) {
            return refused(entry, HARDNESSES);
        }
        try {
            return understood(new Hardness(new BigDecimal(match.group(1).replace(',', '.'))));
        } catch (ImpossibleQuantity outside) {
            return refused(entry, HARDNESSES);
        }
    }

    private static Duration seconds(String number, int factor) {
        return number == null
                ? Duration.ZERO
                : Duration.ofMillis(Math.round(Double.parseDouble(number) * factor * 1000));
    }

    private static Optional<Length> fraction(String text) {
        Matcher match = FRACTION.matcher(text);
        if (!match.matches()) {
            return Optional.empty();
        }
        int denominator = Integer.parseInt(match.group(3));
        if (denominator == 0) {
            return Optional.empty();
        }
        Length part = Length.ofInchFraction(Integer.parseInt(match.group(2)), denominator);
        int whole = match.group(1) == null ? 0 : Integer.parseInt(match.group(1));
        return Optional.of(Length.ofInchFraction(whole, 1).plus(part));
    }

    private static Optional<Length> decimal(String text, LengthUnit own) {
        Matcher match = DECIMAL.matcher(text);
        if (!match.matches() || !text.matches(".*\\d.*")) {
            return Optional.empty();
        }
        String whole = match.group(1);
        String places = match.group(3) == null ? "" : match.group(3);
        if (whole.isEmpty() && places.isEmpty()) {
            return Optional.empty();
        }
        BigDecimal number = new BigDecimal((whole.isEmpty() ? "0" : whole) + (places.isEmpty() ? "" : "." + places));
        if (match.group(4) == null) {
            return Optional.of(
                    own == LengthUnit.INCH || whole.isEmpty() ? Length.ofInches(number) : Length.ofMillimetres(number));
        }
        return named(number, match.group(4).replace(".", ""));
    }

    private static Optional<Length> named(BigDecimal number, String unit) {
        return switch (unit) {
            case "in", "inch", "inches", "\"" -> Optional.of(Length.ofInches(number));
            case "thou", "thousandth", "thousandths", "mil", "mils" ->
                Optional.of(Length.ofInches(number.movePointLeft(3)));
            case "ft", "foot", "feet" -> Optional.of(Length.ofInches(number.multiply(INCHES_PER_FOOT)));
            case "m" -> Optional.of(Length.ofMillimetres(number.movePointRight(3)));
            case "mm" -> Optional.of(Length.ofMillimetres(number));
            case "cm" -> Optional.of(Length.ofMillimetres(number.movePointRight(1)));
            case "µm", "um", "micron", "microns" ->
                Optional.of(Length.ofMillimetres(number.movePointLeft(3).setScale(9, RoundingMode.HALF_EVEN)));
            default -> Optional.empty();
        };
    }

    private static Optional<Length> drill(String text) {
        Matcher metric = METRIC_DRILL.matcher(text);
        if (metric.matches()) {
            return decimal(metric.group(1), LengthUnit.MILLIMETRE)
                    .filter(size -> DrillSize.metric().stream()
                            .anyMatch(drill -> drill.diameter().equals(size)));
        }
        Matcher match = DRILL.matcher(text);
        if (!match.matches()) {
            return Optional.empty();
        }
        String name = match.group(1) == null
                ? match.group(2).toUpperCase(Locale.ROOT)
                : "#" + Integer.parseInt(match.group(1));
        return DrillSize.named(name).map(DrillSize::diameter);
    }

    private static String tidy(String entry) {
        String quoted = entry.strip().replace('″', '"').replace('”', '"').replace('−', '-');
        // Compatibility forms write ⅝ as 5⁄8, with a fraction stroke of its own, and a narrow space as a space.
        String plain = Normalizer.normalize(VULGAR_FRACTION.matcher(quoted).replaceAll(" $0"), Normalizer.Form.NFKC);
        return plain.toLowerCase(Locale.ROOT)
                .replace('⁄', '/')
                .replace('μ', 'µ')
                .strip();
    }

    private static <Q extends Quantity> Understood<Q> understood(Q quantity) {
        return new Understood.Value<>(quantity);
    }

    private static <Q extends Quantity> Understood<Q> refused(String entry, String accepted) {
        return Understood.unread(entry, accepted);
    }
}

package hiltboard.core.glue;

import hiltboard.core.field.Answer;
import hiltboard.core.field.Answers;
import hiltboard.core.field.Finding;
import hiltboard.core.field.Form;
import hiltboard.core.glue.Warmth.InTheShop;
import hiltboard.core.measure.Figure;
import hiltboard.core.measure.Mass;
import hiltboard.core.measure.Temperature;
import hiltboard.core.measure.TimeRange;
import hiltboard.core.measure.Units;
import hiltboard.core.measure.Worked;
import java.math.BigDecimal;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * The data sheet of an adhesive, as the shop copied it down: what its maker says comes before any rule of thumb.
 *
 * @param answers a field that is not there was left empty; they grow while the form is read
 */
public record AdhesiveSheet(Map<SheetField, Answer<?>> answers) {
    /** Nothing is answered yet. */
    public static final AdhesiveSheet EMPTY = new AdhesiveSheet(Map.of());

    /** Where the sheet is silent; common practice, from memory. */
    private static final double USUALLY_OFF = 0.05;
    /** A mix twice as large goes off sooner by about a fifth; this program's own guess, from memory. */
    private static final double FASTER_IN_A_MASS = 0.3;

    /** Grams a millilitre of usual epoxy, from memory. */
    private static final double USUAL_DENSITY = 1.12;

    /** What was understood, and what was not; the sheet is whole only where nothing was found. */
    public record Read(AdhesiveSheet sheet, List<Finding> findings) {
        public Read {
            findings = List.copyOf(findings);
        }
    }

    /** @param entries by the fields' keys, as they were typed */
    public static Read read(Map<String, String> entries, Units units) {
        Form<SheetField> form = Form.read(SheetField.all(), entries, units, AdhesiveSheet::new);
        return new Read(new AdhesiveSheet(Map.copyOf(form.answers())), form.findings());
    }

    /** As {@link #kept} wrote it. @throws RuntimeException if it did not */
    public static AdhesiveSheet ofKept(Map<String, String> kept) {
        return new AdhesiveSheet(Answers.restored(SheetField.all(), kept, EMPTY));
    }

    /** The answers as they stand in the data, by the fields' keys. */
    public Map<String, String> kept() {
        return Answers.kept(answers);
    }

    /** An answer as the reader would type it; empty where there is none. */
    public String entry(SheetField field, Units units) {
        return Answers.entry(answers, field, units);
    }

    public boolean has(SheetField field) {
        return answers.containsKey(field);
    }

    public String name() {
        return value(SheetField.NAME, String.class).orElse("");
    }

    public String words() {
        return value(SheetField.WORDS, String.class).orElse("");
    }

    /** @throws IllegalStateException if it is not answered yet */
    public Adhesive kind() {
        return value(SheetField.KIND, String.class)
                .map(Adhesive::valueOf)
                .orElseThrow(() -> new IllegalStateException("What the adhesive is was not answered"));
    }

    public boolean isByVolume() {
        return value(SheetField.MEASURED, String.class)
                .filter(MeasuredBy.VOLUME.name()::equals)
                .isPresent();
    }

    private double number(SheetField field) {
        return value(field, BigDecimal.class).orElseThrow().doubleValue();
    }

    private double off() {
        return value(SheetField.OFF, BigDecimal.class)
                .map(percent -> percent.doubleValue() / 100)
                .orElse(USUALLY_OFF);
    }

    /** By weight; empty where its parts are by volume and nobody knows their densities. */
    public Optional<MixRatio> ratio() {
        double first = number(SheetField.FIRST_PARTS);
        double second = number(SheetField.SECOND_PARTS);
        if (!isByVolume()) {
            return Optional.of(new MixRatio(first / second, off()));
        }
        return has(SheetField.FIRST_DENSITY) && has(SheetField.SECOND_DENSITY)
                ? Optional.of(MixRatio.byVolume(
                        first, second, number(SheetField.FIRST_DENSITY), number(SheetField.SECOND_DENSITY), off()))
                : Optional.empty();
    }

    /** The ratio with its arithmetic; empty as {@link #ratio}. */
    public Optional<Worked<Figure>> ratioWorked(Units units) {
        String parts = said(SheetField.FIRST_PARTS) + " : " + said(SheetField.SECOND_PARTS);
        return ratio().map(ratio -> ratio.byWeight(
                isByVolume()
                        ? "(" + said(SheetField.FIRST_PARTS) + " × " + said(SheetField.FIRST_DENSITY) + ") ÷ ("
                                + said(SheetField.SECOND_PARTS) + " × " + said(SheetField.SECOND_DENSITY) + " g/mL)"
                        : parts,
                units));
    }

    private String said(SheetField field) {
        return value(field, BigDecimal.class)
                .map(number -> number.stripTrailingZeros().toPlainString())
                .orElse("");
    }

    /** Of both parts mixed, in grams a millilitre; usual where its sheet does not say. */
    public double density() {
        if (!has(SheetField.FIRST_DENSITY) || !has(SheetField.SECOND_DENSITY)) {
            return USUAL_DENSITY;
        }
        double first = number(SheetField.FIRST_PARTS);
        double second = number(SheetField.SECOND_PARTS);
        return (first * number(SheetField.FIRST_DENSITY) + second * number(SheetField.SECOND_DENSITY))
                / (first + second);
    }

    public Temperature statedAt() {
        return value(SheetField.STATED_AT, Temperature.class).orElseThrow();
    }

    public Optional<Mass> statedMass() {
        return value(SheetField.STATED_MASS, Mass.class);
    }

    /**
     * Its times in this shop.
     *
     * @param working in the cup, shorter where the mix is larger than the sheet's
     * @param grips and {@code sets} between which a bedded handle is pulled; empty where its sheet is silent
     */
    public record Times(
            InTheShop working,
            Optional<InTheShop> grips,
            Optional<InTheShop> sets,
            Optional<InTheShop> handled,
            InTheShop cured,
            double factor,
            boolean isKnown) {}

    /** @param mix how much is mixed in one cup; empty where nobody has said */
    public Times times(Temperature shop, Optional<Mass> mix) {
        Warmth warmth = new Warmth(statedAt(), shop);
        return new Times(
                warmth.of(value(SheetField.WORKING, TimeRange.class).orElseThrow())
                        .times(inAMass(mix)),
                time(SheetField.GRIPS, warmth),
                time(SheetField.SETS, warmth),
                time(SheetField.HANDLED, warmth),
                warmth.of(value(SheetField.CURED, Duration.class).orElseThrow()),
                warmth.factor(),
                warmth.isKnown());
    }

    private double inAMass(Optional<Mass> mix) {
        double times = mix.flatMap(mass -> statedMass().map(stated -> mass.grams() / stated.grams()))
                .orElse(1d);
        return times <= 1 ? 1 : Math.pow(times, -FASTER_IN_A_MASS);
    }

    private Optional<InTheShop> time(SheetField field, Warmth warmth) {
        return value(field, Duration.class).map(warmth::of);
    }

    /** A time by the usual law alone: what the numbers of a piece are reckoned with. */
    public Optional<Duration> usually(SheetField field, Temperature shop, Optional<Mass> mix) {
        Times times = times(shop, mix);
        return switch (field) {
            case WORKING -> Optional.of(times.working().usual());
            case GRIPS -> times.grips().map(InTheShop::usual);
            case SETS -> times.sets().map(InTheShop::usual);
            case CURED -> Optional.of(times.cured().usual());
            default -> Optional.empty();
        };
    }

    /** Once opened it is good for so many months; empty where its sheet does not say. */
    public Optional<Integer> keepsMonths() {
        return value(SheetField.KEEPS, Integer.class);
    }

    private <T> Optional<T> value(SheetField field, Class<T> type) {
        return Answers.value(answers, field, type);
    }
}

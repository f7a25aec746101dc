package hiltboard.core.fire;

import hiltboard.core.field.Answer;
import hiltboard.core.field.Choice;
import hiltboard.core.field.DecimalNumber;
import hiltboard.core.field.Field;
import hiltboard.core.field.Kind;
import hiltboard.core.field.Option;
import hiltboard.core.field.RockwellHardness;
import hiltboard.core.field.TemperatureWithin;
import hiltboard.core.field.TimeWithin;
import hiltboard.core.field.Words;
import hiltboard.core.material.Element;
import hiltboard.core.material.Grade;
import hiltboard.core.material.Quench;
import hiltboard.core.material.TemperingCurve;
import hiltboard.core.measure.Temperature;
import hiltboard.core.measure.Units;
import java.time.Duration;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/**
 * One line of a mill sheet, as it is written down.
 *
 * @param key also the name of its column in a table
 * @param kind what it takes
 */
public record MillSheetField(String key, String label, Kind<?> kind, boolean isRequired)
        implements Field<Map<MillSheetField, Answer<?>>> {
    /** From absolute zero to what melts it. */
    static final TemperatureWithin ANY_HEAT =
            new TemperatureWithin(Temperature.ofCelsius(-273), Temperature.ofCelsius(1400));

    /** Half the width that is drawn about a curve where nothing is said, HRC. */
    static final String USUAL_BAND = "1.5";

    static final MillSheetField DESIGNATION = required("designation", "Designation", new Words(30));
    static final MillSheetField FAMILY = required("family", "Family", chosen(Grade.families().stream()));
    static final MillSheetField DENSITY = required("density", "Density, g/cm³", DecimalNumber.of("7", "9"));
    static final MillSheetField FORGING_LOW = maybe("forgingLow", "Forged down to", ANY_HEAT);
    static final MillSheetField FORGING_HIGH = maybe("forgingHigh", "Forged up to", ANY_HEAT);
    static final MillSheetField NORMALISING =
            maybe("normalising", "Normalising heats, each cooler", new SheetHeats.OfSheet());
    static final MillSheetField HARDENING = required("hardening", "Hardening heat", ANY_HEAT);
    static final MillSheetField SOAK = required("soak", "Soak, from recovery", new TimeWithin(Duration.ofHours(2)));
    static final MillSheetField QUENCH =
            required("quench", "Quench", chosen(Arrays.stream(Quench.values()).map(Quench::words)));
    static final MillSheetField COLD = maybe("cold", "Cold treatment", ANY_HEAT);
    static final MillSheetField AS_QUENCHED = required("asQuenched", "Hardness as quenched", new RockwellHardness());
    static final MillSheetField TEMPERING = required("tempering", "Usual temper", ANY_HEAT);
    static final MillSheetField CURVE =
            required("curve", "Hardness by temper, " + TemperingCurve.AS_DRAWN, new SheetCurve.OfSheet());
    static final MillSheetField BAND = maybe("band", "Its band, ± HRC", DecimalNumber.of("0.5", "4"));
    static final MillSheetField HAMON =
            maybe("hamon", "Hardens shallowly, shows a line", chosen(Stream.of("no", "yes")));

    static final MillSheetField SOURCE = required("source", "Source, such as the mill sheet’s number", new Words(120));

    private static final List<MillSheetField> ALL = Stream.of(
                    Stream.of(DESIGNATION, FAMILY, SOURCE),
                    Arrays.stream(Element.values()).map(MillSheetField::share),
                    Stream.of(
                            DENSITY,
                            FORGING_LOW,
                            FORGING_HIGH,
                            NORMALISING,
                            HARDENING,
                            SOAK,
                            QUENCH,
                            COLD,
                            AS_QUENCHED,
                            TEMPERING,
                            CURVE,
                            BAND,
                            HAMON))
            .flatMap(each -> each)
            .toList();

    /** Every line, in the order of the form and of a table's columns. */
    public static List<MillSheetField> all() {
        return ALL;
    }

    @Override
    public Kind<?> kind(Map<MillSheetField, Answer<?>> known) {
        return kind;
    }

    @Override
    public boolean isNeeded(Map<MillSheetField, Answer<?>> known) {
        return isRequired;
    }

    @Override
    public String usual(Map<MillSheetField, Answer<?>> known, Units units) {
        return equals(BAND) ? USUAL_BAND : equals(HAMON) ? "no" : "";
    }

    static MillSheetField share(Element element) {
        return new MillSheetField(element.symbol(), element.symbol() + ", %", new ShareOfMass(), element == Element.C);
    }

    private static MillSheetField required(String key, String label, Kind<?> kind) {
        return new MillSheetField(key, label, kind, true);
    }

    private static MillSheetField maybe(String key, String label, Kind<?> kind) {
        return new MillSheetField(key, label, kind, false);
    }

    private static Choice chosen(Stream<String> words) {
        return new Choice(words.map(each -> new Option(each, each)).toList());
    }
}

package hiltboard.core.fire;

import hiltboard.core.material.Datum;
import hiltboard.core.material.Element;
import hiltboard.core.material.Grade;
import hiltboard.core.material.TemperingCurve;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * One line of a mill sheet, as it is written down.
 *
 * @param key also the name of its column in a table
 * @param accepted in words
 * @param element where it is the share of one
 */
public record MillSheetField(
        String key,
        String label,
        Datum about,
        Type type,
        boolean isRequired,
        String accepted,
        Optional<Element> element) {
    /** What kind of entry it takes. */
    public enum Type {
        WORDS,
        FAMILY,
        SHARE,
        NUMBER,
        TEMPERATURE,
        TEMPERATURES,
        TIME,
        QUENCH,
        HARDNESS,
        CURVE,
        YES_NO
    }

    static final MillSheetField DESIGNATION =
            words("designation", "Designation", true, "a name of up to 30 letters that no other steel has");
    static final MillSheetField FAMILY =
            of("family", "Family", Datum.COMPOSITION, Type.FAMILY, true, String.join(", ", Grade.families()));
    static final MillSheetField DENSITY =
            of("density", "Density, g/cm³", Datum.DENSITY, Type.NUMBER, true, "7 to 9 g/cm³");
    static final MillSheetField FORGING_LOW = temperature("forgingLow", "Forged down to", Datum.FORGING, false);
    static final MillSheetField FORGING_HIGH = temperature("forgingHigh", "Forged up to", Datum.FORGING, false);
    static final MillSheetField NORMALISING = of(
            "normalising",
            "Normalising heats, each cooler",
            Datum.NORMALISING,
            Type.TEMPERATURES,
            false,
            "temperatures such as 1600 F; 1525 F; 1450 F, or nothing where it is annealed instead");
    static final MillSheetField HARDENING = temperature("hardening", "Hardening heat", Datum.HARDENING, true);
    static final MillSheetField SOAK =
            of("soak", "Soak, from recovery", Datum.HARDENING, Type.TIME, true, "a time such as 15 min, up to 2 h");
    static final MillSheetField QUENCH = of(
            "quench",
            "Quench",
            Datum.HARDENING,
            Type.QUENCH,
            true,
            "fast oil; medium oil; water, then oil; cold plates and air");
    static final MillSheetField COLD = temperature("cold", "Cold treatment", Datum.COLD, false);
    static final MillSheetField AS_QUENCHED = of(
            "asQuenched",
            "Hardness as quenched",
            Datum.AS_QUENCHED,
            Type.HARDNESS,
            true,
            "a Rockwell C hardness such as 64");
    static final MillSheetField TEMPERING = temperature("tempering", "Usual temper", Datum.TEMPERING, true);
    static final MillSheetField CURVE = of(
            "curve",
            "Hardness by temper, " + TemperingCurve.AS_DRAWN,
            Datum.TEMPERING,
            Type.CURVE,
            true,
            "points by rising temperature, such as 300 F = 63; 400 F = 61; 500 F = 59");
    static final MillSheetField BAND =
            of("band", "Its band, ± HRC", Datum.TEMPERING, Type.NUMBER, false, "0.5 to 4; 1.5 where nothing is said");
    static final MillSheetField HAMON =
            of("hamon", "Hardens shallowly, shows a line", Datum.HARDENING, Type.YES_NO, false, "yes or no");
    static final MillSheetField SOURCE = words(
            "source",
            "Source, such as the mill sheet's number",
            true,
            "where these values come from, up to 120 letters");

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

    private static MillSheetField of(
            String key, String label, Datum about, Type type, boolean isRequired, String accepted) {
        return new MillSheetField(key, label, about, type, isRequired, accepted, Optional.empty());
    }

    private static MillSheetField words(String key, String label, boolean isRequired, String accepted) {
        return of(key, label, Datum.COMPOSITION, Type.WORDS, isRequired, accepted);
    }

    private static MillSheetField temperature(String key, String label, Datum about, boolean isRequired) {
        return of(
                key,
                label,
                about,
                Type.TEMPERATURE,
                isRequired,
                "a temperature such as 1500 F or 815 C" + (isRequired ? "" : ", or nothing"));
    }

    private static MillSheetField share(Element element) {
        return new MillSheetField(
                element.symbol(),
                element.symbol() + ", %",
                Datum.COMPOSITION,
                Type.SHARE,
                element == Element.C,
                "percent by mass such as 0.85 or 0.80-0.93" + (element == Element.C ? "" : ", or nothing"),
                Optional.of(element));
    }
}

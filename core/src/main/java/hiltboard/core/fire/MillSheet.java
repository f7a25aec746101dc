package hiltboard.core.fire;

import static hiltboard.core.fire.MillSheetField.*;

import hiltboard.core.field.Finding;
import hiltboard.core.field.Form;
import hiltboard.core.material.Composition;
import hiltboard.core.material.Composition.Share;
import hiltboard.core.material.Datum;
import hiltboard.core.material.Density;
import hiltboard.core.material.Element;
import hiltboard.core.material.FittingMaterial;
import hiltboard.core.material.Grade;
import hiltboard.core.material.HeatRange;
import hiltboard.core.material.Quench;
import hiltboard.core.material.Source;
import hiltboard.core.material.Steel;
import hiltboard.core.material.TemperingCurve;
import hiltboard.core.material.TemperingCurve.Point;
import hiltboard.core.measure.Hardness;
import hiltboard.core.measure.Temperature;
import hiltboard.core.measure.Units;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/**
 * Reads a steel from a mill sheet as somebody wrote it down, and asks whether it can be: every entry that is not
 * understood and every value that no steel has is found before anything is kept.
 */
public final class MillSheet {
    private static final String STAINLESS = "stainless steel";
    private static final double LEAST_CARBON = 0.3;
    private static final double MOST_CARBON = 4;
    private static final double MOST_ALLOY = 60;
    private static final double MOST_OVER_MARTENSITE = 3;

    private final Map<String, String> entries;
    private final Units units;
    private final Form<MillSheetField> form;
    private final List<Finding> findings;

    private MillSheet(Map<String, String> entries, Units units) {
        this.entries = entries;
        this.units = units;
        this.form = Form.read(MillSheetField.all(), entries, units, growing -> growing);
        this.findings = new ArrayList<>(form.findings());
    }

    /**
     * What came of it.
     *
     * @param entries as they are kept and go out again: each with its own unit
     * @param steel empty exactly when something was found
     */
    public record Answer(Optional<Steel> steel, Map<String, String> entries, List<Finding> findings) {
        public Answer {
            entries = Map.copyOf(entries);
            findings = List.copyOf(findings);
        }
    }

    public static Answer read(Map<String, String> entries, Units units) {
        MillSheet sheet = new MillSheet(entries, units);
        sheet.mustHaveItsOwnName();
        return sheet.answer();
    }

    /** As {@link Answer#entries} kept it, whatever it is called. @throws IllegalStateException if it is no steel */
    public static Steel restore(Map<String, String> kept) {
        Answer answer = new MillSheet(kept, Units.MILLIMETRE_CELSIUS).answer();
        return answer.steel()
                .orElseThrow(() -> new IllegalStateException("Kept steel cannot be read: " + answer.findings()));
    }

    private Answer answer() {
        Optional<Temperature> forgingLow = maybe(FORGING_LOW, Temperature.class);
        Optional<Temperature> forgingHigh = maybe(FORGING_HIGH, Temperature.class);
        if (forgingLow.isPresent() != forgingHigh.isPresent()
                || forgingLow.isPresent()
                        && forgingLow.get().celsius() >= forgingHigh.get().celsius()) {
            find(FORGING_HIGH, "The forging heat goes from a lower to a higher temperature");
        }
        if (findings.isEmpty()) {
            plausible();
        }
        return findings.isEmpty()
                ? new Answer(Optional.of(steel()), exactly(), List.of())
                : new Answer(Optional.empty(), entries, findings);
    }

    private void mustHaveItsOwnName() {
        maybe(DESIGNATION, String.class)
                .filter(MillSheet::isTaken)
                .ifPresent(name -> find(DESIGNATION, "“" + name + "” is the name of something else on the rack"));
    }

    /** Metals of the fittings lie on the same rack, mild steel among them, and so does whatever has no name. */
    private static boolean isTaken(String designation) {
        return Stream.concat(
                        Stream.of("OTHER"),
                        Arrays.stream(FittingMaterial.values())
                                .flatMap(metal -> Stream.of(metal.name(), metal.words())))
                .anyMatch(designation::equalsIgnoreCase);
    }

    private Map<String, String> exactly() {
        Map<String, String> exactly = new HashMap<>();
        form.answers().forEach((field, answer) -> exactly.put(field.key(), answer.exactly()));
        return exactly;
    }

    private Steel steel() {
        Source from = new Source(said(SOURCE, String.class), false);
        Map<Datum, Source> sources = new EnumMap<>(Datum.class);
        Arrays.stream(Datum.values()).forEach(datum -> sources.put(datum, from));
        Grade grade = new Grade(
                said(DESIGNATION, String.class),
                "",
                said(FAMILY, String.class),
                composition(),
                new Density(said(DENSITY, BigDecimal.class).doubleValue()),
                maybe(FORGING_LOW, Temperature.class)
                        .map(low -> new HeatRange(low, said(FORGING_HIGH, Temperature.class))),
                normalising(),
                sources);
        Quench quench = Arrays.stream(Quench.values())
                .filter(each -> each.words().equals(said(QUENCH, String.class)))
                .findFirst()
                .orElseThrow();
        return new Steel(
                grade,
                said(HARDENING, Temperature.class),
                said(SOAK, Duration.class),
                quench,
                Set.of(quench),
                maybe(COLD, Temperature.class),
                said(AS_QUENCHED, Hardness.class).magnitude(),
                said(TEMPERING, Temperature.class),
                new TemperingCurve(
                        points(),
                        maybe(BAND, BigDecimal.class)
                                .orElse(new BigDecimal(USUAL_BAND))
                                .doubleValue()),
                grade.family().equals(STAINLESS),
                maybe(HAMON, String.class).filter("yes"::equals).isPresent());
    }

    private Composition composition() {
        Map<Element, Share> shares = new EnumMap<>(Element.class);
        for (Element element : Element.values()) {
            maybe(MillSheetField.share(element), Share.class).ifPresent(share -> shares.put(element, share));
        }
        return new Composition(shares);
    }

    private List<Temperature> normalising() {
        return maybe(NORMALISING, SheetHeats.class).map(SheetHeats::heats).orElse(List.of());
    }

    private List<Point> points() {
        return said(CURVE, SheetCurve.class).points();
    }

    private <T> T said(MillSheetField field, Class<T> type) {
        return maybe(field, type).orElseThrow();
    }

    private <T> Optional<T> maybe(MillSheetField field, Class<T> type) {
        return Optional.ofNullable(form.answers().get(field)).map(answer -> type.cast(answer.value()));
    }

    /** Values that are each a number, and together no steel. */
    private void plausible() {
        Composition composition = composition();
        Temperature hardening = said(HARDENING, Temperature.class);
        Temperature tempering = said(TEMPERING, Temperature.class);
        double asQuenched = said(AS_QUENCHED, Hardness.class).magnitude();
        List<Point> points = points();
        List<Temperature> normalising = normalising();
        double carbon = composition.percent(Element.C) + composition.percent(Element.N);
        if (carbon < LEAST_CARBON || carbon > MOST_CARBON) {
            findAt(
                    Element.C.symbol(),
                    "With " + plain(carbon) + " % carbon and nitrogen it is no steel that a blade is hardened from",
                    LEAST_CARBON + " to " + plain(MOST_CARBON) + " %");
        }
        double alloy = Arrays.stream(Element.values())
                .mapToDouble(composition::percent)
                .sum();
        if (alloy > MOST_ALLOY) {
            findAt(
                    Element.C.symbol(),
                    "Its shares come to " + plain(alloy) + " %",
                    "at most " + plain(MOST_ALLOY) + " % beside the iron");
        }
        if (new CriticalTemperatures(composition, units).ac1() instanceof Estimate.Known<Temperature> ac1) {
            if (hardening.celsius() <= ac1.value().celsius()) {
                find(
                        HARDENING,
                        "At " + hardening.in(units) + " it does not begin to turn: Ac1 is about "
                                + ac1.value().in(units) + " (Andrews 1965)");
            }
            if (points.get(points.size() - 1).temperature().celsius()
                    >= ac1.value().celsius()) {
                find(
                        CURVE,
                        "It is tempered above Ac1, about " + ac1.value().in(units)
                                + " (Andrews 1965), where it would harden again");
            }
        }
        if (tempering.celsius() < points.get(0).temperature().celsius()
                || tempering.celsius()
                        > points.get(points.size() - 1).temperature().celsius()) {
            find(TEMPERING, "The curve does not know the usual temper of " + tempering.in(units));
        }
        if (points.get(points.size() - 1).hrc() > points.get(0).hrc() + 1
                || points.stream().anyMatch(point -> point.hrc() > asQuenched + 1)) {
            find(CURVE, "A temper does not make it harder than it was quenched, or than a cooler temper left it");
        }
        if (MartensiteHardness.of(composition) instanceof Estimate.Known<Hardness> most
                && asQuenched > most.value().magnitude() + MOST_OVER_MARTENSITE) {
            find(
                    AS_QUENCHED,
                    "So much carbon gives at most about " + most.value().in(units) + " (60 √C + 20)");
        }
        for (int i = 1; i < normalising.size(); i++) {
            if (normalising.get(i).celsius() >= normalising.get(i - 1).celsius()) {
                find(NORMALISING, "Each heat is cooler than the one before");
                return;
            }
        }
    }

    private void find(MillSheetField field, String problem) {
        findAt(field.key(), problem, field.accepted(form.answers(), units));
    }

    private void findAt(String key, String problem, String accepted) {
        findings.add(new Finding(key, entries.getOrDefault(key, "").strip(), problem, accepted));
    }

    private static String plain(double number) {
        return BigDecimal.valueOf(number)
                .setScale(3, RoundingMode.HALF_UP)
                .stripTrailingZeros()
                .toPlainString();
    }
}

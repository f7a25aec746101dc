package hiltboard.core.fire;

import static hiltboard.core.fire.MillSheetField.*;

import hiltboard.core.design.Finding;
import hiltboard.core.material.Composition;
import hiltboard.core.material.Composition.Share;
import hiltboard.core.material.Datum;
import hiltboard.core.material.Density;
import hiltboard.core.material.Element;
import hiltboard.core.material.Grade;
import hiltboard.core.material.HeatRange;
import hiltboard.core.material.Quench;
import hiltboard.core.material.Source;
import hiltboard.core.material.Steel;
import hiltboard.core.material.TemperingCurve;
import hiltboard.core.material.TemperingCurve.Point;
import hiltboard.core.measure.Hardness;
import hiltboard.core.measure.ShopNotation;
import hiltboard.core.measure.Span;
import hiltboard.core.measure.Temperature;
import hiltboard.core.measure.Understood;
import hiltboard.core.measure.Units;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;

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
    private final Map<MillSheetField, String> kept = new LinkedHashMap<>();
    private final List<Finding> findings = new ArrayList<>();

    private MillSheet(Map<String, String> entries, Units units) {
        this.entries = entries;
        this.units = units;
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
        return new MillSheet(entries, units).answer();
    }

    private Answer answer() {
        Map<Element, Share> shares = new EnumMap<>(Element.class);
        MillSheetField.all()
                .forEach(field -> field.element()
                        .ifPresent(element -> share(field).ifPresent(share -> shares.put(element, share))));
        Optional<String> designation = words(DESIGNATION, 30);
        Optional<String> family = choice(FAMILY, Grade.families());
        Optional<String> source = words(SOURCE, 120);
        Optional<Double> density = number(DENSITY, 7, 9);
        Optional<Temperature> forgingLow = temperature(FORGING_LOW);
        Optional<Temperature> forgingHigh = temperature(FORGING_HIGH);
        List<Temperature> normalising = temperatures();
        Optional<Temperature> hardening = temperature(HARDENING);
        Optional<Duration> soak = soak();
        Optional<Quench> quench = quench();
        Optional<Temperature> cold = temperature(COLD);
        Optional<Double> asQuenched = hardness(AS_QUENCHED, entry(AS_QUENCHED)).map(Hardness::magnitude);
        Optional<Temperature> tempering = temperature(TEMPERING);
        List<Point> points = curve();
        Optional<Double> band = entry(BAND).isEmpty() ? Optional.of(1.5) : number(BAND, 0.5, 4);
        Optional<String> hamon = entry(HAMON).isEmpty() ? Optional.of("no") : choice(HAMON, List.of("yes", "no"));
        if (forgingLow.isPresent() != forgingHigh.isPresent()
                || forgingLow.isPresent()
                        && forgingLow.get().celsius() >= forgingHigh.get().celsius()) {
            find(FORGING_HIGH, "The forging heat goes from a lower to a higher temperature");
        }
        Composition composition = new Composition(shares);
        if (findings.isEmpty()) {
            plausible(
                    composition,
                    hardening.orElseThrow(),
                    tempering.orElseThrow(),
                    asQuenched.orElseThrow(),
                    points,
                    normalising);
        }
        if (!findings.isEmpty()) {
            return new Answer(Optional.empty(), entries, findings);
        }
        Source from = new Source(source.orElseThrow(), false);
        Map<Datum, Source> sources = new EnumMap<>(Datum.class);
        Arrays.stream(Datum.values()).forEach(datum -> sources.put(datum, from));
        Grade grade = new Grade(
                designation.orElseThrow(),
                "",
                family.orElseThrow(),
                composition,
                new Density(density.orElseThrow()),
                forgingLow.map(low -> new HeatRange(low, forgingHigh.orElseThrow())),
                normalising,
                sources);
        Steel steel = new Steel(
                grade,
                hardening.orElseThrow(),
                soak.orElseThrow(),
                quench.orElseThrow(),
                Set.of(quench.orElseThrow()),
                cold,
                asQuenched.orElseThrow(),
                tempering.orElseThrow(),
                new TemperingCurve(points, band.orElseThrow()),
                family.get().equals(STAINLESS),
                hamon.orElseThrow().equals("yes"));
        Map<String, String> written = new HashMap<>();
        kept.forEach((field, value) -> written.put(field.key(), value));
        return new Answer(Optional.of(steel), written, List.of());
    }

    /** Values that are each a number, and together no steel. */
    private void plausible(
            Composition composition,
            Temperature hardening,
            Temperature tempering,
            double asQuenched,
            List<Point> points,
            List<Temperature> normalising) {
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

    private String entry(MillSheetField field) {
        return entries.getOrDefault(field.key(), "").strip();
    }

    private void find(MillSheetField field, String problem) {
        findings.add(new Finding(field.key(), entry(field), problem, field.accepted()));
    }

    private void findAt(String key, String problem, String accepted) {
        findings.add(new Finding(key, entries.getOrDefault(key, ""), problem, accepted));
    }

    /** Keeps what was understood, or finds what was not; nothing where nothing was entered and nothing has to be. */
    private <T> Optional<T> keep(MillSheetField field, Optional<T> understood, Function<T, String> written) {
        String entry = entry(field);
        understood.ifPresent(value -> kept.put(field, written.apply(value)));
        if (understood.isEmpty() && (field.isRequired() || !entry.isEmpty())) {
            find(
                    field,
                    entry.isEmpty()
                            ? "Nothing was entered"
                            : "“" + (entry.length() > 40 ? entry.substring(0, 40) + "…" : entry)
                                    + "” was not understood");
        }
        return understood;
    }

    private Optional<String> words(MillSheetField field, int longest) {
        return keep(
                field,
                Optional.of(entry(field)).filter(words -> !words.isEmpty() && words.length() <= longest),
                words -> words);
    }

    private Optional<String> choice(MillSheetField field, List<String> choices) {
        return keep(
                field,
                choices.stream()
                        .filter(each -> each.equalsIgnoreCase(entry(field)))
                        .findFirst(),
                words -> words);
    }

    private Optional<Share> share(MillSheetField field) {
        String[] limits = entry(field).replace(',', '.').replace('–', '-').split("-", -1);
        boolean isNumbers = limits.length <= 2
                && Arrays.stream(limits)
                        .allMatch(limit -> limit.strip().matches("\\d{0,2}(\\.\\d{1,3})?") && !limit.isBlank());
        Optional<Share> share = isNumbers
                ? Optional.of(new double[] {
                            Double.parseDouble(limits[0].strip()), Double.parseDouble(limits[limits.length - 1].strip())
                        })
                        .filter(range -> range[0] <= range[1])
                        .map(range -> new Share(range[0], range[1]))
                : Optional.empty();
        return keep(
                field,
                share,
                value -> value.least() == value.most()
                        ? plain(value.least())
                        : plain(value.least()) + "-" + plain(value.most()));
    }

    private Optional<Double> number(MillSheetField field, double least, double most) {
        return keep(
                field,
                Optional.of(entry(field).replace(',', '.'))
                        .filter(text -> text.matches("\\d{1,2}(\\.\\d{1,3})?"))
                        .map(Double::valueOf)
                        .filter(number -> number >= least && number <= most),
                MillSheet::plain);
    }

    private Optional<Temperature> temperature(MillSheetField field) {
        return keep(field, temperature(entry(field)), MillSheet::exactly);
    }

    private Optional<Temperature> temperature(String text) {
        return ShopNotation.temperature(text, units) instanceof Understood.Value<Temperature> value
                        && value.quantity().celsius() < 1400
                ? Optional.of(value.quantity())
                : Optional.empty();
    }

    private List<Temperature> temperatures() {
        if (entry(NORMALISING).isEmpty()) {
            return List.of();
        }
        List<Optional<Temperature>> read = Arrays.stream(entry(NORMALISING).split(";"))
                .map(text -> temperature(text.strip()))
                .toList();
        Optional<List<Temperature>> all = read.stream().allMatch(Optional::isPresent)
                ? Optional.of(read.stream().map(Optional::orElseThrow).toList())
                : Optional.empty();
        return keep(
                        NORMALISING,
                        all,
                        heats -> String.join(
                                "; ", heats.stream().map(MillSheet::exactly).toList()))
                .orElse(List.of());
    }

    private Optional<Duration> soak() {
        Optional<Duration> time = ShopNotation.time(entry(SOAK)) instanceof Understood.Value<Span> value
                ? Optional.of(value.quantity().duration())
                : Optional.empty();
        return keep(
                SOAK,
                time.filter(soak -> !soak.isZero() && soak.compareTo(Duration.ofHours(2)) <= 0),
                soak -> soak.toSeconds() + " s");
    }

    private Optional<Quench> quench() {
        return keep(
                QUENCH,
                Arrays.stream(Quench.values())
                        .filter(each -> each.words().equalsIgnoreCase(entry(QUENCH))
                                || each.name().equalsIgnoreCase(entry(QUENCH)))
                        .findFirst(),
                Quench::words);
    }

    private Optional<Hardness> hardness(MillSheetField field, String text) {
        return keep(field, read(text), hardness -> hardness.hrc().toPlainString());
    }

    private static Optional<Hardness> read(String text) {
        return ShopNotation.hardness(text) instanceof Understood.Value<Hardness> value
                ? Optional.of(value.quantity())
                : Optional.empty();
    }

    private List<Point> curve() {
        List<Point> points = new ArrayList<>();
        for (String text : entry(CURVE).split(";")) {
            String[] sides = text.split("=");
            Optional<Temperature> at = sides.length == 2 ? temperature(sides[0].strip()) : Optional.empty();
            Optional<Hardness> hrc = sides.length == 2 ? read(sides[1].strip()) : Optional.empty();
            boolean isRising = at.isPresent()
                    && (points.isEmpty()
                            || points.get(points.size() - 1).temperature().celsius()
                                    < at.get().celsius());
            if (hrc.isEmpty() || !isRising) {
                keep(CURVE, Optional.empty(), words -> "");
                return List.of();
            }
            points.add(new Point(at.get(), hrc.get().magnitude()));
        }
        return keep(
                        CURVE,
                        Optional.of(points).filter(all -> all.size() >= 2),
                        all -> String.join(
                                "; ",
                                all.stream()
                                        .map(point -> exactly(point.temperature()) + " = " + plain(point.hrc()))
                                        .toList()))
                .orElse(List.of());
    }

    private static String exactly(Temperature temperature) {
        return BigDecimal.valueOf(temperature.celsius())
                        .setScale(3, RoundingMode.HALF_UP)
                        .stripTrailingZeros()
                        .toPlainString()
                + " C";
    }

    private static String plain(double number) {
        return BigDecimal.valueOf(number)
                .setScale(3, RoundingMode.HALF_UP)
                .stripTrailingZeros()
                .toPlainString();
    }
}

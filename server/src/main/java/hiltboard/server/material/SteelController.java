package hiltboard.server.material;

import hiltboard.core.fire.CriticalTemperatures;
import hiltboard.core.fire.Estimate;
import hiltboard.core.fire.HardnessScale;
import hiltboard.core.fire.HeatColour;
import hiltboard.core.fire.MartensiteHardness;
import hiltboard.core.fire.MillSheetField;
import hiltboard.core.fire.Tempering;
import hiltboard.core.fire.TemperingParameter;
import hiltboard.core.material.Datum;
import hiltboard.core.material.Grade;
import hiltboard.core.material.Steel;
import hiltboard.core.material.TemperingCurve;
import hiltboard.core.measure.Hardness;
import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Quantity;
import hiltboard.core.measure.Span;
import hiltboard.core.measure.Temperature;
import hiltboard.core.measure.Units;
import hiltboard.server.FieldView;
import hiltboard.server.Refusal;
import hiltboard.server.Typed;
import hiltboard.server.access.Person;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;
import java.util.stream.Stream;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The steels that the shop can choose from, with their sources; tempers, equivalents, hardness scales and colours. */
@RestController
class SteelController {
    private final Steels steels;

    SteelController(Steels steels) {
        this.steels = steels;
    }

    record DatumView(String what, String value, String source) {}

    record TemperPoint(String temperature, double celsius, double hrc) {}

    record SteelView(
            String designation,
            String words,
            boolean isOwn,
            List<DatumView> data,
            List<TemperPoint> curve,
            double bandHrc,
            List<String> critical) {}

    record ColourView(String from, String words, String kind, String colour) {}

    record SteelsView(
            List<SteelView> steels,
            CladdingView mild,
            List<ColourView> colours,
            List<String> colourCautions,
            List<FieldView> fields) {}

    /** What is known, or why nothing is: one of the two is empty. */
    record EstimateView(String value, String band, List<String> working, String outside) {}

    record CladdingView(String designation, String words, List<DatumView> data) {}

    @GetMapping("/api/steels")
    @Transactional(readOnly = true)
    SteelsView all(Person person) {
        Units units = person.units();
        List<String> own =
                steels.library().own().stream().map(Steel::designation).toList();
        Grade mild = Grade.mild();
        return new SteelsView(
                steels.library().all().stream()
                        .map(steel -> view(steel, own.contains(steel.designation()), units))
                        .toList(),
                new CladdingView(mild.designation(), mild.designation() + ", " + mild.family(), graded(mild, units)),
                HeatColour.all().stream()
                        .map(colour -> new ColourView(
                                colour.from().in(units),
                                colour.words(),
                                colour.kind().name(),
                                String.format("#%02x%02x%02x", colour.red(), colour.green(), colour.blue())))
                        .toList(),
                List.of(HeatColour.LIGHT_DECEIVES, HeatColour.TIME_SHIFTS),
                MillSheetField.all().stream()
                        .map(field -> FieldView.of(field, Map.of(), units))
                        .toList());
    }

    private static SteelView view(Steel steel, boolean isOwn, Units units) {
        Grade grade = steel.grade();
        List<DatumView> data = new ArrayList<>(graded(grade, units));
        data.add(datum(
                grade,
                Datum.HARDENING,
                steel.hardening().in(units) + ", " + Span.words(steel.soak()) + " from recovery, "
                        + steel.quench().words() + (steel.takesHamon() ? "; hardens shallowly, shows a line" : "")));
        data.add(datum(grade, Datum.AS_QUENCHED, "about " + hrc(steel.asQuenchedHrc())));
        data.add(datum(
                grade,
                Datum.TEMPERING,
                "usually " + steel.tempering().in(units) + " " + TemperingCurve.AS_DRAWN + ": about "
                        + hrc(steel.curve().at(steel.tempering()).orElseThrow())));
        data.add(datum(
                grade,
                Datum.COLD,
                steel.cold()
                        .map(cold -> cold.in(units) + " or below, before the first temper")
                        .orElse("not needed")));
        List<String> critical = Stream.of(
                        words("Ac1", new CriticalTemperatures(grade.composition(), units).ac1(), units),
                        words("Ms", new CriticalTemperatures(grade.composition(), units).ms(), units),
                        words("Fully hardened, by its carbon", MartensiteHardness.of(grade.composition()), units))
                .toList();
        return new SteelView(
                steel.designation(),
                steel.words() + (grade.number().isEmpty() ? "" : " (" + grade.number() + ")"),
                isOwn,
                data,
                steel.curve().points().stream()
                        .map(point -> new TemperPoint(
                                point.temperature().in(units),
                                point.temperature().celsius(),
                                point.hrc()))
                        .toList(),
                steel.curve().bandHrc(),
                critical);
    }

    private static List<DatumView> graded(Grade grade, Units units) {
        String normalising = grade.normalising().isEmpty()
                ? "not normalised: it hardens in air and is annealed"
                : String.join(
                                ", ",
                                grade.normalising().stream()
                                        .map(heat -> heat.in(units))
                                        .toList()) + ", each into still air";
        return List.of(
                datum(grade, Datum.COMPOSITION, grade.composition().words() + " % by mass"),
                datum(grade, Datum.DENSITY, grade.density().gramsPerCubicCentimetre() + " g/cm³"),
                datum(
                        grade,
                        Datum.FORGING,
                        grade.forging().map(range -> range.in(units)).orElse("not known")),
                datum(grade, Datum.NORMALISING, normalising));
    }

    private static DatumView datum(Grade grade, Datum datum, String value) {
        return new DatumView(datum.words(), value, grade.source(datum).inFull());
    }

    private static String hrc(double hrc) {
        return BigDecimal.valueOf(hrc)
                        .setScale(1, RoundingMode.HALF_UP)
                        .stripTrailingZeros()
                        .toPlainString() + " HRC";
    }

    private static <Q extends Quantity> String words(String name, Estimate<Q> estimate, Units units) {
        return name + ": "
                + (estimate instanceof Estimate.Known<Q> known
                        ? known.words(units) + " (" + known.working().get(0) + ")"
                        : ((Estimate.Outside<Q>) estimate).why());
    }

    private static <Q extends Quantity> EstimateView view(Estimate<Q> estimate, Units units) {
        return estimate instanceof Estimate.Known<Q> known
                ? new EstimateView(
                        known.value().in(units),
                        known.low().in(units) + " to " + known.high().in(units),
                        known.working(),
                        "")
                : new EstimateView("", "", List.of(), ((Estimate.Outside<Q>) estimate).why());
    }

    private Steel known(String steel) {
        return steels.library()
                .named(steel)
                .orElseThrow(() -> Refusal.entry("steel", steel, "This steel is not known here", "one of the list"));
    }

    /** What a temper leaves of the hardness. */
    @GetMapping("/api/steels/hardness-after")
    EstimateView hardnessAfter(
            @RequestParam String steel,
            @RequestParam String temperature,
            @RequestParam String each,
            @RequestParam(defaultValue = "2") int times,
            Person person) {
        Typed typed = new Typed(person.units());
        Temperature heat = typed.temperature("temperature", temperature);
        Duration time = typed.time("each", each);
        typed.mustBeUnderstood();
        return possible(
                "each",
                each,
                person.units(),
                () -> view(
                        new Tempering(known(steel), person.units())
                                .hardnessAfter(heat, time, Math.max(1, Math.min(6, times))),
                        person.units()));
    }

    /** The temper for a wanted hardness. */
    @GetMapping("/api/steels/temper-for")
    EstimateView temperFor(
            @RequestParam String steel,
            @RequestParam String hardness,
            @RequestParam String each,
            @RequestParam(defaultValue = "2") int times,
            Person person) {
        Typed typed = new Typed(person.units());
        Duration time = typed.time("each", each);
        Hardness wanted = typed.hardness("hardness", hardness);
        typed.mustBeUnderstood();
        return possible(
                "each",
                each,
                person.units(),
                () -> view(
                        new Tempering(known(steel), person.units())
                                .temperatureFor(wanted, time, Math.max(1, Math.min(6, times))),
                        person.units()));
    }

    /** The temperature that tempers as far in another time. */
    @GetMapping("/api/steels/equal-temper")
    EstimateView equalTemper(
            @RequestParam String temperature, @RequestParam String time, @RequestParam String other, Person person) {
        Typed typed = new Typed(person.units());
        Temperature heat = typed.temperature("temperature", temperature);
        Duration known = typed.time("time", time);
        Duration wanted = typed.time("other", other);
        typed.mustBeUnderstood();
        return possible("other", other, person.units(), () -> {
            TemperingParameter parameter = TemperingParameter.of(heat, known);
            Temperature equal = parameter.temperatureIn(wanted);
            String working = "P = T (20 + log t), T in kelvin, t in hours (Hollomon and Jaffe 1945): "
                    + Math.round(parameter.value());
            return new EstimateView(
                    equal.in(person.units()),
                    "",
                    List.of(
                            working,
                            heat.in(person.units()) + " for " + Span.words(known) + " tempers like "
                                    + equal.in(person.units()) + " for " + Span.words(wanted),
                            "The constant 20 is for steels in general; those of plain carbon steels lie lower, so take it as a guide."),
                    "");
        });
    }

    /** A hardness on the other scales; where a table ends it says so. */
    @GetMapping("/api/steels/scales")
    List<EstimateView> scales(@RequestParam String scale, @RequestParam String number) {
        HardnessScale from =
                Typed.choice(HardnessScale.class, "scale", scale, "This scale is not converted", "HRC, HV or HBW");
        Typed typed = new Typed(Units.MILLIMETRE_CELSIUS);
        double value = typed.number("number", number, 0, 9999);
        typed.mustBeUnderstood();
        return Arrays.stream(HardnessScale.values())
                .filter(each -> each != from)
                .map(each -> {
                    try {
                        double there = from.to(each, value);
                        String shown = each == HardnessScale.HRC
                                ? BigDecimal.valueOf(there)
                                        .setScale(1, RoundingMode.HALF_UP)
                                        .toPlainString()
                                : String.valueOf(Math.round(there));
                        return new EstimateView(
                                shown + " " + each.name(),
                                "",
                                List.of(each.words() + ", ASTM E140 table 1 (from memory): approximate"),
                                "");
                    } catch (ImpossibleQuantity outside) {
                        return new EstimateView(
                                "",
                                "",
                                List.of(),
                                each.words() + ": outside what is known, "
                                        + outside.accepted(Units.MILLIMETRE_CELSIUS));
                    }
                })
                .toList();
    }

    private static EstimateView possible(String field, String given, Units units, Supplier<EstimateView> answer) {
        try {
            return answer.get();
        } catch (ImpossibleQuantity impossible) {
            throw Refusal.impossible(field, given, impossible, units);
        }
    }
}

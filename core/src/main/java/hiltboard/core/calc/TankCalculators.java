package hiltboard.core.calc;

import static hiltboard.core.calc.Calculators.TRADE;
import static hiltboard.core.route.Station.TANK;

import hiltboard.core.calc.Calculator.Input;
import hiltboard.core.calc.Calculator.Inputs;
import hiltboard.core.calc.Calculator.Result;
import hiltboard.core.etch.Dilution;
import hiltboard.core.etch.ElectroEtch;
import hiltboard.core.etch.MaskSchedule;
import hiltboard.core.etch.MaskSchedule.Zone;
import hiltboard.core.etch.Neutralising;
import hiltboard.core.etch.Neutralising.Soda;
import hiltboard.core.etch.PartsByVolume;
import hiltboard.core.etch.Solute;
import hiltboard.core.etch.Strength;
import hiltboard.core.etch.StrengthOf;
import hiltboard.core.field.SomeLiquid;
import hiltboard.core.field.TimeWithin;
import hiltboard.core.measure.Figure;
import hiltboard.core.measure.LiquidVolume;
import hiltboard.core.measure.Span;
import hiltboard.core.measure.Units;
import hiltboard.core.measure.Worked;
import java.time.Duration;
import java.util.List;
import java.util.Set;

/** Calculations of the tank. */
final class TankCalculators {
    private static final String SOLUTIONS =
            "C₁·m₁ = C₂·m₂; degrees Baumé 145/(145 − °Bé) (US National Bureau of Standards); densities from memory";
    private static final double SQUARE_CENTIMETRE = 100;

    static final List<Calculator> ALL = List.of(
            new Calculator(
                    "dilution",
                    "Ferric chloride made weaker",
                    SOLUTIONS,
                    Set.of(TANK),
                    List.of(
                            ferric("stock", "Strong one", "42 °Bé"),
                            ferric("wanted", "Wanted", "20 %"),
                            liquid("volume", "How much of it", "1 L")),
                    TankCalculators::dilution),
            new Calculator(
                    "parts",
                    "Parts for a volume",
                    "By volume, which shrinks a little when liquids meet",
                    Set.of(TANK),
                    List.of(
                            Ask.number("first", "Parts of the strong one", "0.1", "1000", "40"),
                            Ask.number("second", "Parts of water or vinegar", "0", "1000", "60"),
                            liquid("volume", "How much in all", "1 L")),
                    TankCalculators::parts),
            new Calculator(
                    "soda",
                    "Soda to make spent ferric chloride harmless",
                    "FeCl₃ + 3 NaHCO₃ → Fe(OH)₃ + 3 NaCl + 3 CO₂; molar masses by IUPAC",
                    Set.of(TANK),
                    List.of(
                            ferric("strength", "As it was mixed", "20 %"),
                            liquid("volume", "How much", "1 L"),
                            Ask.choice("soda", "With", Soda.class, Soda::words, "", Soda.BAKING_SODA)),
                    (in, units) -> List.of(new Result(
                            "soda",
                            "Soda",
                            new Neutralising(
                                            in.of("strength", Strength.class),
                                            in.of("volume", LiquidVolume.class),
                                            in.one("soda", Soda.class))
                                    .needed(units)))),
            new Calculator(
                    "electro-etch",
                    "Depth of a mark by direct current",
                    "Faraday’s law, m = I·t·M/(n·F), F = 96 485.332 C/mol (SI); an estimate",
                    Set.of(TANK),
                    List.of(
                            Ask.number("amperes", "Amperes", "0.01", "60", "2"),
                            Ask.number("area", "Open steel, cm²", "0.01", "400", "2"),
                            Ask.percent("efficiency", "Of the current, % at work", 1, 100, 70),
                            time("time", "Current flows for", "60 s")),
                    TankCalculators::electroEtch),
            new Calculator(
                    "two-tones",
                    "Two tones by a mask",
                    TRADE,
                    Set.of(TANK),
                    List.of(
                            time("first", "Exposure of what is opened first", "210 s"),
                            time("second", "Exposure of what is opened second", "30 s")),
                    TankCalculators::twoTones));

    private TankCalculators() {}

    private static Input ferric(String key, String label, String usual) {
        return new Input(key, label, new StrengthOf(Solute.FERRIC_CHLORIDE), "", usual);
    }

    private static Input liquid(String key, String label, String usual) {
        return new Input(key, label, new SomeLiquid(), "", usual);
    }

    private static Input time(String key, String label, String usual) {
        return new Input(key, label, new TimeWithin(Duration.ofHours(3)), "", usual);
    }

    private static List<Result> dilution(Inputs in, Units units) {
        Dilution dilution = new Dilution(
                in.of("stock", Strength.class), in.of("wanted", Strength.class), in.of("volume", LiquidVolume.class));
        return List.of(
                new Result("stock", "Of the strong one", dilution.stockVolume(units)),
                new Result("water", "Water", dilution.water(units)));
    }

    private static List<Result> parts(Inputs in, Units units) {
        PartsByVolume parts = new PartsByVolume(in.number("first"), in.number("second"));
        LiquidVolume all = in.of("volume", LiquidVolume.class);
        return List.of(
                new Result("first", "Of the strong one", parts.first(all, units)),
                new Result("second", "Of water or vinegar", parts.second(all, units)));
    }

    private static List<Result> electroEtch(Inputs in, Units units) {
        ElectroEtch etch = new ElectroEtch(
                in.number("amperes"), in.number("area") * SQUARE_CENTIMETRE, in.count("efficiency") / 100.0);
        return List.of(
                new Result("density", "Current density", etch.density()),
                new Result("depth", "Depth", etch.depth(in.of("time", Duration.class), units)));
    }

    private static List<Result> twoTones(Inputs in, Units units) {
        MaskSchedule schedule = new MaskSchedule(List.of(
                new Zone("opened first", in.of("first", Duration.class)),
                new Zone("opened second", in.of("second", Duration.class))));
        List<Duration> own = schedule.own();
        return List.of(
                new Result(
                        "alone",
                        "The first alone",
                        seconds(own.get(0), schedule.working().get(0))),
                new Result(
                        "together",
                        "Then both",
                        seconds(own.get(1), schedule.working().get(1))));
    }

    private static Worked<Figure> seconds(Duration time, String working) {
        return new Worked<>(new Figure(time.toSeconds(), 0, "s"), Span.words(time), List.of(working), List.of());
    }
}

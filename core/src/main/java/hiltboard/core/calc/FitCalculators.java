package hiltboard.core.calc;

import static hiltboard.core.calc.Calculators.TRADE;
import static hiltboard.core.route.Station.FITTING;
import static hiltboard.core.route.Station.GLUING;

import hiltboard.core.calc.Calculator.Input;
import hiltboard.core.calc.Calculator.Inputs;
import hiltboard.core.calc.Calculator.Result;
import hiltboard.core.chain.PieceDimensions;
import hiltboard.core.field.SomeMass;
import hiltboard.core.field.TemperatureWithin;
import hiltboard.core.field.TimeWithin;
import hiltboard.core.fit.LipDrive;
import hiltboard.core.fit.PeenedHead;
import hiltboard.core.glue.MixRatio;
import hiltboard.core.glue.Warmth;
import hiltboard.core.glue.Warmth.InTheShop;
import hiltboard.core.material.FittingMaterial;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Mass;
import hiltboard.core.measure.Span;
import hiltboard.core.measure.Temperature;
import hiltboard.core.measure.Units;
import hiltboard.core.measure.Worked;
import java.time.Duration;
import java.util.List;
import java.util.Locale;
import java.util.Set;

/** Calculations of the fitting and the gluing bench. */
final class FitCalculators {
    static final List<Calculator> ALL = List.of(
            new Calculator(
                    "lip-drive",
                    "Lip of a guard driven on",
                    "Hooke’s law; strengths and moduli from memory; an estimate",
                    Set.of(FITTING),
                    List.of(
                            Ask.choice(
                                    "material",
                                    "Guard",
                                    FittingMaterial.class,
                                    FittingMaterial::words,
                                    "guardMaterial",
                                    FittingMaterial.BRASS),
                            Ask.usually("over", "Lip too small by", ".0001", ".02", ".003"),
                            Ask.usually("beside", "Metal beside the slot", "1/16", "1", "1/4")),
                    FitCalculators::lip),
            new Calculator(
                    "peened-head",
                    "Head of a peened tang",
                    "Volume is kept; how proud is " + TRADE.toLowerCase(Locale.ROOT),
                    Set.of(FITTING),
                    List.of(
                            Ask.usually("proud", "Stands proud by", ".01", "1", "1/8"),
                            Ask.usually("wide", "Tang’s end, wide", "1/16", "1", ".3"),
                            Ask.length("thick", "Tang’s end, thick", "1/32", "1/2", PieceDimensions.TANG_END)),
                    (in, units) -> List.of(new Result(
                            "countersink",
                            "Fills a countersink of 45°",
                            new PeenedHead(
                                            in.of("proud", Length.class),
                                            in.of("wide", Length.class),
                                            in.of("thick", Length.class))
                                    .fills(units)))),
            new Calculator(
                    "mix-by-weight",
                    "Two parts by weight",
                    "Masses and the scale’s step by arithmetic",
                    Set.of(GLUING),
                    List.of(
                            Ask.number("first", "Parts of resin by volume", "0.1", "1000", "2"),
                            Ask.number("second", "Parts of hardener by volume", "0.1", "1000", "1"),
                            Ask.number("firstDensity", "Density of the resin, g/mL", "0.5", "3", "1.15"),
                            Ask.number("secondDensity", "Density of the hardener, g/mL", "0.5", "3", "0.95"),
                            Ask.percent("off", "Ratio may be off by, %", 1, 25, 5),
                            mass("wanted", "How much", "15 g"),
                            mass("step", "The scale’s step", "0.1 g")),
                    FitCalculators::mix),
            new Calculator(
                    "adhesive-warmth",
                    "An adhesive’s times in this shop",
                    "Half for every 10 °C warmer, 1.7 to 2.5 times at the least and the most. " + TRADE,
                    Set.of(GLUING),
                    List.of(
                            new Input("time", "Its sheet says", new TimeWithin(Duration.ofDays(14)), "", "60 min"),
                            warmth("stated", "at", "24 C"),
                            warmth("shop", "In the shop", "20 C")),
                    FitCalculators::warmth));

    private FitCalculators() {}

    private static Input mass(String key, String label, String usual) {
        return new Input(key, label, new SomeMass(), "", usual);
    }

    private static Input warmth(String key, String label, String usual) {
        return new Input(
                key, label, new TemperatureWithin(Temperature.ofCelsius(5), Temperature.ofCelsius(45)), "", usual);
    }

    private static List<Result> lip(Inputs in, Units units) {
        FittingMaterial material = in.one("material", FittingMaterial.class);
        Length over = in.of("over", Length.class);
        LipDrive drive = new LipDrive(material, over, in.of("beside", Length.class));
        Length most = LipDrive.most(material);
        Worked<Length> moves = drive.moves(units);
        return List.of(
                new Result("springs", "Each wall springs", drive.springs(units)),
                new Result(
                        "moves",
                        "Each wall is pushed aside",
                        over.compareTo(most) > 0
                                ? moves.withCaution(material.words() + " is driven with " + most.in(units)
                                        + " at most: file the lip.")
                                : moves));
    }

    private static List<Result> mix(Inputs in, Units units) {
        MixRatio ratio = MixRatio.byVolume(
                in.number("first"),
                in.number("second"),
                in.number("firstDensity"),
                in.number("secondDensity"),
                in.count("off") / 100.0);
        Mass step = in.of("step", Mass.class);
        MixRatio.Weighed weighed = ratio.weighed(in.of("wanted", Mass.class), step);
        String worst = String.format(
                Locale.ROOT, "The scale’s step alone puts the ratio off by %.1f %% at most", weighed.worst() * 100);
        return List.of(
                new Result("ratio", "By weight", ratio.byWeight("By the densities", units)),
                new Result("first", "Resin", Worked.of(weighed.first(), worst)),
                new Result("second", "Hardener", Worked.of(weighed.second(), worst)),
                new Result(
                        "least", "Smallest safe mix", Worked.of(ratio.smallest(step), "Each read half a step wrong")));
    }

    private static List<Result> warmth(Inputs in, Units units) {
        Warmth warmth = new Warmth(in.of("stated", Temperature.class), in.of("shop", Temperature.class));
        InTheShop time = warmth.of(in.of("time", Duration.class));
        Worked<Span> usual = Worked.of(
                new Span(time.usual()),
                String.format(Locale.ROOT, "× %.2f, between ", warmth.factor())
                        + time.range().words());
        return List.of(new Result(
                "usual",
                "Here",
                warmth.isKnown() ? usual : usual.withCaution("Outside 10 to 40 °C nobody’s stated times hold.")));
    }
}

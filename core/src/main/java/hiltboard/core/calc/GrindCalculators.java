package hiltboard.core.calc;

import static hiltboard.core.calc.Ask.length;
import static hiltboard.core.calc.Ask.usually;
import static hiltboard.core.calc.Calculators.GEOMETRY;
import static hiltboard.core.calc.Calculators.TRADE;
import static hiltboard.core.route.Station.*;

import hiltboard.core.calc.Calculator.Input;
import hiltboard.core.calc.Calculator.Inputs;
import hiltboard.core.calc.Calculator.Result;
import hiltboard.core.chain.PieceDimensions;
import hiltboard.core.design.AbrasiveStart;
import hiltboard.core.design.BevelTiming;
import hiltboard.core.design.SpecificationField;
import hiltboard.core.field.Choice;
import hiltboard.core.fire.HeatColour;
import hiltboard.core.fire.WheelHeat;
import hiltboard.core.grind.Bevel;
import hiltboard.core.grind.CentreLine;
import hiltboard.core.grind.CornerBreak;
import hiltboard.core.grind.DistalTable;
import hiltboard.core.grind.EdgeLeft;
import hiltboard.core.grind.Grit;
import hiltboard.core.grind.GritLadder;
import hiltboard.core.grind.HollowDepth;
import hiltboard.core.grind.InsideCurve;
import hiltboard.core.grind.MeasuredStock;
import hiltboard.core.grind.RemovalSheet;
import hiltboard.core.grind.SharedWarp;
import hiltboard.core.grind.SpineLeft;
import hiltboard.core.grind.SurfacePasses;
import hiltboard.core.material.Quench;
import hiltboard.core.material.Steel;
import hiltboard.core.measure.Figure;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Temperature;
import hiltboard.core.measure.Units;
import hiltboard.core.measure.Worked;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Calculations of the grinder. */
final class GrindCalculators {
    static final List<Calculator> ALL = List.of(
            new Calculator(
                    "centre-line",
                    "Centre line of a blank",
                    GEOMETRY,
                    Set.of(LAYOUT, GRINDER),
                    List.of(length("thickness", "Measured thickness", "1/64", "2", PieceDimensions.STOCK_THICKNESS)),
                    (in, units) -> List.of(new Result(
                            "height", "Height above the plate", new CentreLine(in.length("thickness")).height(units)))),
            new Calculator(
                    "bevel-angle",
                    "Angle of a flat bevel, each side",
                    GEOMETRY,
                    Set.of(GRINDER),
                    List.of(
                            length("stock", "Thickness at the spine", "1/64", "2", PieceDimensions.STOCK_THICKNESS),
                            length("edge", "Thickness at the edge", "0", "2", PieceDimensions.EDGE_THICKNESS),
                            length("height", "Bevel height", "0", "8", PieceDimensions.BEVEL_HEIGHT)),
                    (in, units) -> List.of(new Result(
                            "angle",
                            "Angle a side",
                            new Bevel(in.length("stock"), in.length("edge"), in.length("height"))
                                    .anglePerSide(units)))),
            new Calculator(
                    "hollow-depth",
                    "Depth of a hollow from a wheel",
                    GEOMETRY,
                    Set.of(GRINDER),
                    List.of(
                            length("wheel", "Wheel diameter", "1/2", "100", SpecificationField.WHEEL_DIAMETER.key()),
                            length("width", "Width of the hollow", "0", "100", PieceDimensions.BEVEL_HEIGHT)),
                    (in, units) -> List.of(new Result(
                            "depth", "Depth", new HollowDepth(in.length("wheel"), in.length("width")).depth(units)))),
            new Calculator(
                    "measured-stock",
                    "Centre line and land from three thicknesses",
                    GEOMETRY + "; " + "what is parallel enough is common practice",
                    Set.of(LAYOUT, GRINDER),
                    List.of(
                            length("front", "Thickness in front", "1/64", "2", PieceDimensions.STOCK_THICKNESS),
                            length("middle", "In the middle", "1/64", "2", PieceDimensions.STOCK_THICKNESS),
                            length("butt", "At the butt", "1/64", "2", PieceDimensions.STOCK_THICKNESS),
                            usually("gap", "Gap under it on the plate", "0", "1/2", "0"),
                            length("land", "Land between the lines", "0", "2", PieceDimensions.EDGE_BEFORE_HARDENING)),
                    GrindCalculators::measuredStock),
            new Calculator(
                    "edge-left",
                    "Edge and spine left for the quench",
                    TRADE,
                    Set.of(GRINDER),
                    List.of(
                            length("thickness", "Thickness", "1/64", "2", PieceDimensions.STOCK_THICKNESS),
                            length("edge", "Edge wanted at the end", "0", "1/4", PieceDimensions.EDGE_THICKNESS),
                            length("blade", "Blade length", "1", "60", PieceDimensions.BLADE_LENGTH),
                            length("spine", "Spine wanted at the end", "1/64", "2", PieceDimensions.BLADE_THICKNESS),
                            Ask.choice("quench", "Quench", Quench.class, Quench::words, "", Quench.FAST_OIL),
                            new Input("clay", "Clay on the spine", Choice.of("NO=No", "YES=Yes"), "", "NO"),
                            new Input("sentOut", "Sent out", Choice.of("NO=No", "YES=Yes"), "", "NO")),
                    GrindCalculators::edgeLeft),
            new Calculator(
                    "removal-sheet",
                    "Edge left after each belt",
                    TRADE + "; grains by ISO 6344, from memory",
                    Set.of(GRINDER),
                    List.of(
                            length("thickness", "Thickness", "1/64", "2", PieceDimensions.STOCK_THICKNESS),
                            length(
                                    "before",
                                    "Edge that goes into the quench",
                                    "0",
                                    "2",
                                    PieceDimensions.EDGE_BEFORE_HARDENING),
                            length("wanted", "Edge wanted at the end", "0", "1/4", PieceDimensions.EDGE_THICKNESS),
                            Ask.choice(
                                    "bevels",
                                    "Bevels are ground",
                                    BevelTiming.class,
                                    BevelTiming::words,
                                    SpecificationField.BEVELS.key(),
                                    BevelTiming.ROUGH_THEN_FINISH),
                            Ask.choice(
                                    "start",
                                    "First belt",
                                    AbrasiveStart.class,
                                    AbrasiveStart::words,
                                    SpecificationField.ABRASIVE_START.key(),
                                    AbrasiveStart.GRIT_36)),
                    GrindCalculators::removalSheet),
            new Calculator(
                    "grit-ladder",
                    "Belts and papers from one grit to another",
                    "Grains by ISO 6344 (FEPA P), ANSI B74.12 and B74.18, JIS R 6001, from memory; steps: common practice",
                    Set.of(GRINDER, FINISHING),
                    List.of(
                            Ask.grit("start", "Begin with", "P36"),
                            Ask.grit("finish", "End with", "P400"),
                            Ask.grit("reached", "Finest so far", "P36")),
                    (in, units) -> gritLadder(
                            in.of("start", Grit.class),
                            in.of("finish", Grit.class),
                            in.of("reached", Grit.class),
                            units)),
            new Calculator(
                    "corner-break",
                    "Corners broken at 45° to the land",
                    GEOMETRY,
                    Set.of(GRINDER),
                    List.of(
                            length("stock", "Thickness", "1/64", "2", PieceDimensions.STOCK_THICKNESS),
                            length("land", "Land between the lines", "0", "2", PieceDimensions.EDGE_BEFORE_HARDENING)),
                    (in, units) -> {
                        CornerBreak corner = new CornerBreak(in.length("stock"), in.length("land"));
                        return List.of(
                                new Result("depth", "Each corner is taken back", corner.depth(units)),
                                new Result("flat", "Width of the flat", corner.flat(units)));
                    }),
            new Calculator(
                    "distal-taper",
                    "Thicknesses along a distal taper",
                    GEOMETRY,
                    Set.of(GRINDER, FORGE),
                    List.of(
                            length("heel", "Thickness at the heel", "1/64", "2", PieceDimensions.STOCK_THICKNESS),
                            length("point", "Thickness near the point", "1/64", "2", PieceDimensions.TIP_THICKNESS),
                            length("blade", "Blade length", "1", "60", PieceDimensions.BLADE_LENGTH)),
                    (in, units) -> new DistalTable(in.length("heel"), in.length("point"), in.length("blade"))
                            .places(units).stream()
                                    .map(place -> new Result(
                                            "at " + Math.round(place.fromHeel().millimetres()) + " mm",
                                            place.fromHeel().in(units) + " from the heel",
                                            place.thickness()))
                                    .toList()),
            new Calculator(
                    "surface-grinding",
                    "Passes of the surface grinder",
                    TRADE,
                    Set.of(GRINDER),
                    List.of(
                            length("now", "Thickness now", "1/64", "2", PieceDimensions.STOCK_THICKNESS),
                            length("wanted", "Thickness wanted", "1/64", "2", PieceDimensions.BLADE_THICKNESS),
                            usually("downfeed", "Downfeed of a pass", "0.00005", "0.01", ".001"),
                            usually("cleanUp", "A face comes clean after", "0", "0.05", ".003"),
                            length("width", "Width of the work", "1/8", "12", PieceDimensions.HEEL_WIDTH),
                            usually("crossfeed", "Crossfeed of a stroke", "0.005", "2", ".050")),
                    GrindCalculators::surfaceGrinding),
            new Calculator(
                    "shared-warp",
                    "A warp ground out from both sides",
                    GEOMETRY,
                    Set.of(GRINDER),
                    List.of(
                            length("now", "Thickness now", "1/64", "2", PieceDimensions.STOCK_THICKNESS),
                            length("wanted", "Thickness wanted", "1/64", "2", PieceDimensions.BLADE_THICKNESS),
                            length("warp", "Largest gap to a straight edge", "0", "1/4", "")),
                    (in, units) -> {
                        SharedWarp warp = new SharedWarp(in.length("now"), in.length("wanted"), in.length("warp"));
                        return List.of(
                                new Result("side", "From each side", warp.side(units)),
                                new Result("left", "Left when it is flat", warp.left(units)));
                    }),
            new Calculator(
                    "inside-curve",
                    "Wheel for an inside curve",
                    TRADE,
                    Set.of(GRINDER, FINISHING),
                    List.of(
                            length(
                                    "radius",
                                    "Radius of the curve",
                                    "1/16",
                                    "6",
                                    SpecificationField.GROOVE_RADIUS.key()),
                            usually("paper", "Belt or paper, thick", "0", "1/4", ".040")),
                    (in, units) -> List.of(new Result(
                            "wheel",
                            "Wheel, or form, across",
                            new InsideCurve(in.length("radius"), in.length("paper")).wheel(units)))),
            new Calculator(
                    "wheel-heat",
                    "A colour that the wheel left",
                    "Temper colours of handbooks and tempering curves of the grades, from memory",
                    Set.of(GRINDER, FINISHING),
                    List.of(
                            Ask.steel(),
                            Ask.tempering("tempered", "Tempered at", PieceDimensions.TEMPERING_TEMPERATURE),
                            new Input("colour", "Colour", colours(), "", "blue"),
                            length("height", "Height of the colour", "0", "2", "")),
                    GrindCalculators::wheelHeat));

    private GrindCalculators() {}

    private static Choice colours() {
        return Choice.of(HeatColour.all().stream()
                .filter(colour -> colour.kind() == HeatColour.Kind.TEMPER)
                .map(colour -> colour.words() + "=" + colour.words())
                .toArray(String[]::new));
    }

    private static List<Result> measuredStock(Inputs in, Units units) {
        MeasuredStock stock =
                new MeasuredStock(in.length("front"), in.length("middle"), in.length("butt"), in.length("gap"));
        return List.of(
                new Result("height", "Centre line above the plate", stock.centreLine(units)),
                new Result("lower", "Lower line", stock.lowerLine(in.length("land"), units)),
                new Result("upper", "Upper line", stock.upperLine(in.length("land"), units)));
    }

    private static List<Result> edgeLeft(Inputs in, Units units) {
        Quench quench = in.one("quench", Quench.class);
        boolean isClayed = in.of("clay", String.class).equals("YES");
        return List.of(
                new Result(
                        "edge",
                        "Edge left",
                        new EdgeLeft(
                                        in.length("thickness"),
                                        in.length("edge"),
                                        in.length("blade"),
                                        BevelTiming.ROUGH_THEN_FINISH,
                                        quench,
                                        isClayed,
                                        in.of("sentOut", String.class).equals("YES"))
                                .beforeHardening(units)),
                new Result(
                        "spine",
                        "Spine left",
                        new SpineLeft(in.length("thickness"), in.length("spine"), quench, isClayed)
                                .beforeHardening(units)));
    }

    private static List<Result> removalSheet(Inputs in, Units units) {
        return new RemovalSheet(
                        in.length("thickness"),
                        in.length("before"),
                        in.length("wanted"),
                        in.one("bevels", BevelTiming.class),
                        in.one("start", AbrasiveStart.class))
                .stages(units).stream()
                        .map(stage -> new Result(stage.key(), stage.words(), stage.edge()))
                        .toList();
    }

    private static List<Result> gritLadder(Grit start, Grit finish, Grit reached, Units units) {
        GritLadder ladder = GritLadder.of(start, finish, Optional.of(reached));
        List<Result> results = new ArrayList<>();
        results.add(new Result(
                "steps",
                "Steps",
                new Worked<>(
                        Figure.count(ladder.grits().size(), ladder.grits().size() == 1 ? "grit" : "grits"),
                        ladder.words(),
                        ladder.steps(units),
                        ladder.cautions())));
        results.add(new Result(
                "scratches",
                "Scratches left at the end, at most",
                Worked.of(finish.scratches(), "Half of the grain's " + finish.grain() + " stands out of its bond")));
        return results;
    }

    private static List<Result> surfaceGrinding(Inputs in, Units units) {
        SurfacePasses passes =
                new SurfacePasses(in.length("now"), in.length("wanted"), in.length("downfeed"), in.length("cleanUp"));
        return List.of(
                new Result("side", "Off each side", passes.side(units)),
                new Result("passes", "Passes", passes.passes(units)),
                new Result(
                        "strokes",
                        "Strokes",
                        SurfacePasses.strokes(in.length("width"), in.length("crossfeed"), units)));
    }

    private static List<Result> wheelHeat(Inputs in, Units units) {
        Temperature heat = HeatColour.all().stream()
                .filter(colour -> colour.words().equals(in.of("colour", String.class)))
                .findFirst()
                .orElseThrow()
                .from();
        WheelHeat wheel = new WheelHeat(in.of("steel", Steel.class), heat, in.of("tempered", Temperature.class));
        List<Result> results = new ArrayList<>();
        results.add(new Result("heat", "It was as hot as", Worked.of(heat, HeatColour.TIME_SHIFTS)));
        wheel.left(units).ifPresent(left -> results.add(new Result("left", "Hardness left there, at worst", left)));
        Worked<Length> back = wheel.grindBack(in.length("height"), units);
        results.add(new Result("back", "Ground back", back));
        return results;
    }
}

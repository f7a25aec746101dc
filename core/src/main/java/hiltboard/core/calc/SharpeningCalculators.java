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
import hiltboard.core.design.Grind;
import hiltboard.core.design.SpecificationField;
import hiltboard.core.design.Use;
import hiltboard.core.grind.EdgeByUse;
import hiltboard.core.grind.GuidedRods;
import hiltboard.core.grind.TrialBevel;
import hiltboard.core.grind.WheelStop;
import hiltboard.core.grind.ZeroGround;
import hiltboard.core.material.Steel;
import hiltboard.core.measure.Hardness;
import hiltboard.core.measure.Units;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/** Calculations of the edge. */
final class SharpeningCalculators {
    static final List<Calculator> ALL = List.of(
            new Calculator(
                    "edge-by-use",
                    "Edge for a use",
                    TRADE + ", from memory; the shop's own habit comes first",
                    Set.of(GRINDER, FINISHING),
                    List.of(
                            Ask.choice(
                                    "use",
                                    "Used for",
                                    Use.class,
                                    Use::words,
                                    SpecificationField.USE.key(),
                                    Use.GENERAL),
                            Ask.steel(),
                            Ask.hardness(PieceDimensions.HARDNESS),
                            Ask.choice(
                                    "grind",
                                    "Grind",
                                    Grind.class,
                                    Grind::words,
                                    SpecificationField.GRIND.key(),
                                    Grind.FULL_FLAT)),
                    SharpeningCalculators::edgeByUse),
            new Calculator(
                    "edge-from-bevel",
                    "Thickness behind the edge from a trial bevel",
                    GEOMETRY,
                    Set.of(GRINDER, FINISHING),
                    List.of(length("width", "Width of the bevel", ".001", "1", ""), angleAside()),
                    (in, units) -> List.of(new Result(
                            "thickness",
                            "Behind the edge",
                            new TrialBevel(in.angle("angle")).thickness(in.length("width"), units)))),
            new Calculator(
                    "bevel-width",
                    "Width of the edge's bevel",
                    GEOMETRY,
                    Set.of(GRINDER, FINISHING),
                    List.of(
                            length("thickness", "Behind the edge", ".0005", "1/4", PieceDimensions.EDGE_THICKNESS),
                            angleAside()),
                    (in, units) -> List.of(new Result(
                            "width",
                            "Width of the bevel",
                            new TrialBevel(in.angle("angle")).width(in.length("thickness"), units)))),
            new Calculator(
                    "zero-ground",
                    "Zero-ground, with a honed micro bevel or without",
                    GEOMETRY + "; bending by beam theory",
                    Set.of(GRINDER, FINISHING),
                    List.of(
                            Ask.angle("ground", "Bevel, a side", "0.5", "30", PieceDimensions.BEVEL_ANGLE, "4"),
                            Ask.angle("honed", "Micro bevel, a side", "1", "45", "", "20"),
                            usually("width", "Width of the micro bevel", ".001", ".1", ".010")),
                    (in, units) -> {
                        ZeroGround edge = new ZeroGround(in.angle("ground"), in.angle("honed"), in.length("width"));
                        return List.of(
                                new Result("shoulder", "Thickness where it begins", edge.shoulder(units)),
                                new Result("lost", "Width of blade that honing costs", edge.lost(units)),
                                new Result("stronger", "Bending it bears, against a true zero", edge.stronger(units)));
                    }),
            new Calculator(
                    "guided-rods",
                    "Height of the eye over a clamp",
                    GEOMETRY,
                    Set.of(FINISHING),
                    List.of(
                            angleAside(),
                            usually("distance", "Edge to eye", "1", "24", "6"),
                            usually("offset", "Middle of the rod to the stone's face", "0", "2", ".500")),
                    (in, units) -> List.of(new Result(
                            "height",
                            "Eye above the blade's middle",
                            new GuidedRods(in.angle("angle"), in.length("distance"), in.length("offset"))
                                    .height(units)))),
            new Calculator(
                    "wheel-stop",
                    "Bar in front of a sharpening wheel",
                    GEOMETRY,
                    Set.of(FINISHING),
                    List.of(
                            angleAside(),
                            usually("wheel", "Wheel diameter today", "2", "20", "10"),
                            usually("projection", "Bar to edge", "1", "20", "5.5"),
                            usually("bar", "Diameter of the bar", "0", "2", "1/2")),
                    (in, units) -> {
                        WheelStop stop = new WheelStop(in.angle("angle"), in.length("wheel"), in.length("projection"));
                        return List.of(
                                new Result("axle", "Middle of the bar to the axle", stop.toAxle(units)),
                                new Result(
                                        "over",
                                        "Rim to the far side of the bar",
                                        stop.overBar(in.length("bar"), units)));
                    }));

    private SharpeningCalculators() {}

    private static Input angleAside() {
        return Ask.angle("angle", "Angle a side", "5", "45", SpecificationField.EDGE_ANGLE.key(), "20");
    }

    private static List<Result> edgeByUse(Inputs in, Units units) {
        EdgeByUse habit = EdgeByUse.usual(in.one("use", Use.class));
        EdgeByUse.Blade blade = new EdgeByUse.Blade(
                in.of("steel", Steel.class), in.of("hardness", Hardness.class), in.one("grind", Grind.class));
        List<Result> results = new ArrayList<>();
        habit.behindTheEdge(blade, units)
                .ifPresent(thickness -> results.add(new Result("thickness", "Behind the edge", thickness)));
        results.add(new Result("angle", "Angle a side", habit.angle(blade)));
        return results;
    }
}

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
import hiltboard.core.design.ScaleRelief;
import hiltboard.core.field.DecimalNumber;
import hiltboard.core.machine.CornerRadius;
import hiltboard.core.machine.Countersink;
import hiltboard.core.machine.CutterMaterial;
import hiltboard.core.machine.Cutting;
import hiltboard.core.machine.DrillMethod;
import hiltboard.core.machine.EndMill;
import hiltboard.core.machine.FinishingAllowance;
import hiltboard.core.machine.Fitting;
import hiltboard.core.machine.ShoulderedFastener;
import hiltboard.core.machine.Stiffness;
import hiltboard.core.machine.ThreadedHole;
import hiltboard.core.machine.TwoStations;
import hiltboard.core.machine.Workpiece;
import hiltboard.core.measure.Feed;
import hiltboard.core.measure.Figure;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.SurfaceSpeed;
import hiltboard.core.measure.ThreadSize;
import hiltboard.core.measure.Units;
import hiltboard.core.measure.Worked;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;

/** Calculations of drill press and mill. */
final class MachineCalculators {
    private static final String TEXTBOOKS =
            "Textbooks of machining, from memory; the cutter's own maker and the machine's manual come first";

    private static final String STIFFNESS = "mill.stiffness";
    private static final String WATTS = "mill.watts";
    private static final String RPM = "mill.rpm";

    static final List<Calculator> ALL = List.of(
            new Calculator(
                    "spindle-speed",
                    "Turns from a surface speed",
                    "RPM = V ÷ (π · D)",
                    Set.of(DRILL, MILL),
                    List.of(
                            cutter("diameter", "Cutter or drill", "1/8"),
                            Ask.number("speed", "Surface speed, ft/min or m/min as you read", "1", "9999", "100"),
                            Ask.count("teeth", "Teeth", 1, 12, "2"),
                            usually("chip", "Chip of a tooth", ".00005", ".05", ".0005")),
                    MachineCalculators::spindleSpeed),
            new Calculator(
                    "milling",
                    "Speed, feed and depth of a mill",
                    TEXTBOOKS,
                    Set.of(MILL),
                    List.of(
                            workpiece(),
                            cutterMaterial(CutterMaterial.CARBIDE),
                            cutter("diameter", "Cutter", "1/8"),
                            Ask.count("teeth", "Teeth", 1, 12, "4"),
                            usually("stickOut", "Sticks out", "1/16", "8", "3/4"),
                            Ask.choice(
                                    "mill", "Machine", Stiffness.class, Stiffness::words, STIFFNESS, Stiffness.LIGHT),
                            new Input("watts", "Its motor, watts", DecimalNumber.of("20", "30000"), WATTS, "350"),
                            new Input("rpm", "Turns at most", DecimalNumber.of("100", "60000"), RPM, "6000"),
                            usually("depth", "Whole depth", ".001", "4", "1/4")),
                    MachineCalculators::milling),
            new Calculator(
                    "cutter-deflection",
                    "How far a slender cutter yields",
                    "Cantilever of beam theory: F · L³ ÷ (3 · E · I), I = π · d⁴ ÷ 64; carbide about 600 GPa, from memory",
                    Set.of(MILL),
                    List.of(
                            cutter("diameter", "Cutter", "1/8"),
                            usually("stickOut", "Sticks out", "1/16", "8", "3/4"),
                            cutterMaterial(CutterMaterial.CARBIDE),
                            Ask.number("force", "Force, newtons", "0", "5000", "20")),
                    (in, units) -> List.of(new Result(
                            "yields",
                            "Its tip yields",
                            new EndMill(
                                            in.length("diameter"),
                                            in.length("stickOut"),
                                            in.one("cutter", CutterMaterial.class))
                                    .deflection(in.number("force"), units)))),
            new Calculator(
                    "drilling",
                    "How a hole is drilled",
                    TEXTBOOKS,
                    Set.of(DRILL),
                    List.of(
                            workpiece(),
                            cutterMaterial(CutterMaterial.HIGH_SPEED_STEEL),
                            cutter("diameter", "Drill", "1/4"),
                            usually("depth", "Through", "1/64", "12", "1/4")),
                    MachineCalculators::drilling),
            new Calculator(
                    "countersink",
                    "Depth of a countersink, or of a blind divot",
                    GEOMETRY,
                    Set.of(DRILL),
                    List.of(
                            Ask.hole("hole", "Hole, 0 for a divot", "0", "2", PieceDimensions.PIN_DRILL),
                            usually("rim", "Across its rim", "1/64", "3", "3/8"),
                            Ask.angle("angle", "Angle of the cone, whole", "30", "150", "", "90")),
                    (in, units) -> List.of(new Result(
                            "depth",
                            "Below the face",
                            new Countersink(in.length("hole"), in.length("rim"), in.angle("angle")).depth(units)))),
            new Calculator(
                    "shouldered-fastener",
                    "Shop-made shouldered fastener",
                    TRADE,
                    Set.of(DRILL, MILL),
                    List.of(
                            length("tang", "Tang thickness", "1/64", "1", PieceDimensions.BLADE_THICKNESS),
                            length("scale", "Scale before shaping", "1/16", "2", PieceDimensions.SCALE_THICKNESS),
                            usually("liner", "Liner, each", "0", "1/4", "0"),
                            length("counterbore", "Counterbore", ".01", "2", PieceDimensions.COUNTERBORE_DEPTH),
                            length("hollow", "Deepest hollow of the handle", "0", "2", PieceDimensions.HANDLE_HOLLOW),
                            new Input("thread", "Thread, such as 6-32 or M3", Ask.THREAD, "", "4-40"),
                            usually("head", "Head", "1/16", "1", "1/4")),
                    MachineCalculators::fastener),
            new Calculator(
                    "threaded-hole",
                    "Tapping or thread milling",
                    "Geometry of the thread (ASME B1.1, ISO 261, from memory); leads: common practice",
                    Set.of(DRILL, MILL),
                    List.of(
                            Ask.thread("thread"),
                            usually("threaded", "Full thread, deep", "1/32", "3", "3/8"),
                            Ask.percent("percent", "Percent of thread", 30, 100, ThreadSize.USUAL_PERCENT),
                            usually("mill", "Thread mill", "1/64", "1", "1/16"),
                            Ask.number("feed", "Feed at its rim, mm a minute", "1", "9999", "60")),
                    MachineCalculators::threadedHole),
            new Calculator(
                    "two-stations",
                    "Loads of a fixture with two stations",
                    "Counting",
                    Set.of(MILL),
                    List.of(Ask.count("parts", "Parts", 1, 9999, "12")),
                    (in, units) -> List.of(new Result("loads", "Loads", new TwoStations(in.count("parts")).loads()))),
            new Calculator(
                    "any-scale-fits",
                    "Whether any scale fits any tang",
                    "Worst case and root of the sum of squares; errors of place of a normal distribution",
                    Set.of(DRILL, MILL),
                    List.of(
                            usually("pin", "Dowel or pin", "1/64", "1", "1/4"),
                            usually("hole", "Its hole", "1/64", "1", ".251"),
                            usually("place", "Places are off by up to", "0", ".05", ".0015"),
                            Ask.count("holes", "Holes in each", 1, 12, "2")),
                    MachineCalculators::anyScaleFits),
            new Calculator(
                    "corner-radius",
                    "Depth of a cutter with rounded corners",
                    TRADE,
                    Set.of(MILL),
                    List.of(
                            length("part", "Part", "1/64", "4", PieceDimensions.STOCK_THICKNESS),
                            usually("radius", "Radius of the corners", "0", "1/2", ".030")),
                    (in, units) -> List.of(new Result(
                            "depth",
                            "The tip runs to",
                            new CornerRadius(in.length("part"), in.length("radius")).depth(units)))),
            new Calculator(
                    "finishing-allowance",
                    "Depth of a pocket before its face is finished",
                    TRADE,
                    Set.of(MILL),
                    List.of(
                            usually("wanted", "Deep at the end", ".001", "1", depthOfRelief()),
                            usually("taken", "Taken off the face later", "0", ".1", ".005")),
                    (in, units) -> List.of(new Result(
                            "cut",
                            "Cut",
                            new FinishingAllowance(in.length("wanted"), in.length("taken")).cut(units)))));

    private MachineCalculators() {}

    /** What an input that asks after the mill is fed with; empty for any other. */
    static Optional<String> ofMill(String from, Cutting.Mill mill) {
        return switch (from) {
            case STIFFNESS -> Optional.of(mill.stiffness().name());
            case WATTS -> Optional.of(String.format(Locale.ROOT, "%.0f", mill.watts()));
            case RPM -> Optional.of(String.format(Locale.ROOT, "%.0f", mill.mostRpm()));
            default -> Optional.empty();
        };
    }

    private static String depthOfRelief() {
        return ScaleRelief.DEPTH.in(Units.INCH_FAHRENHEIT);
    }

    private static Input cutter(String key, String label, String usual) {
        return usually(key, label, "1/64", "3", usual);
    }

    private static Input workpiece() {
        return Ask.choice("piece", "What is cut", Workpiece.class, Workpiece::words, "", Workpiece.CARBON_ANNEALED);
    }

    private static Input cutterMaterial(CutterMaterial usual) {
        return Ask.choice("cutter", "Cutter is of", CutterMaterial.class, CutterMaterial::words, "", usual);
    }

    private static List<Result> spindleSpeed(Inputs in, Units units) {
        Worked<Figure> turns = Cutting.turns(
                SurfaceSpeed.read(in.number("speed"), units), in.length("diameter"), Double.MAX_VALUE, units);
        return List.of(
                new Result("turns", "Turns", turns),
                new Result(
                        "feed",
                        "Feed",
                        Cutting.feed(turns.value().number(), in.count("teeth"), in.length("chip"), units)));
    }

    private static List<Result> milling(Inputs in, Units units) {
        Cutting cutting = new Cutting(
                in.one("piece", Workpiece.class),
                in.one("cutter", CutterMaterial.class),
                in.length("diameter"),
                in.count("teeth"),
                new Cutting.Mill(in.one("mill", Stiffness.class), in.number("watts"), in.number("rpm")));
        Worked<Length> slot = cutting.slotDepth(units);
        double force = cutting.force(slot.value());
        EndMill mill =
                new EndMill(in.length("diameter"), in.length("stickOut"), in.one("cutter", CutterMaterial.class));
        return List.of(
                new Result("turns", "Turns", cutting.turns(units)),
                new Result("feed", "Feed", cutting.feed(units)),
                new Result("slot", "Slot, in a pass", slot),
                new Result("side", "Beside a wall, in a pass", cutting.sideWidth(units)),
                new Result("passes", "To the whole depth", cutting.passes(in.length("depth"), units)),
                new Result(
                        "force",
                        "Force on the tip",
                        Worked.of(
                                new Figure(force, 0, "N"),
                                String.format(Locale.ROOT, "Power at the chip over the rim's speed ≈ %.0f N", force))),
                new Result("yields", "Its tip yields", mill.deflection(force, units)));
    }

    private static List<Result> drilling(Inputs in, Units units) {
        DrillMethod method = new DrillMethod(
                in.one("piece", Workpiece.class),
                in.one("cutter", CutterMaterial.class),
                in.length("diameter"),
                in.length("depth"));
        Worked<Figure> turns = method.turns(units);
        return List.of(new Result("turns", "Turns", turns), new Result("peck", "At a time", method.peck(units)));
    }

    private static List<Result> fastener(Inputs in, Units units) {
        ShoulderedFastener fastener = new ShoulderedFastener(
                in.length("tang"),
                in.length("scale"),
                in.length("liner"),
                in.length("counterbore"),
                in.length("hollow"),
                in.of("thread", ThreadSize.class),
                in.length("head"));
        return List.of(
                new Result("grip", "Grip", fastener.grip(units)),
                new Result("barrel", "Barrel, across its shank", fastener.barrel(units)),
                new Result("hole", "Drill for it", fastener.hole(units)),
                new Result("counterbore", "Counterbore for the head", fastener.counterboreCutter(units)),
                new Result("shank", "Barrel, under its head", fastener.shank(units)),
                new Result("screw", "Screw, under its head", fastener.screw(units)),
                new Result("head", "Heads, thick at most", fastener.headThickness(units)));
    }

    private static List<Result> threadedHole(Inputs in, Units units) {
        ThreadSize thread = in.of("thread", ThreadSize.class);
        ThreadedHole hole = new ThreadedHole(thread, in.length("threaded"));
        Worked<Length> drill = thread.tapDrill(in.count("percent"), units);
        return List.of(
                new Result("drill", "Tap drill", drill),
                new Result("deep", "Drilled to", hole.drilled(drill.value(), units)),
                new Result("turns", "Turns of the tap", hole.turns(units)),
                new Result("orbit", "Circle of a thread mill", hole.orbit(in.length("mill"), units)),
                new Result(
                        "feed",
                        "Feed of its middle",
                        hole.feed(new Feed(in.number("feed")), in.length("mill"), units)));
    }

    private static List<Result> anyScaleFits(Inputs in, Units units) {
        Fitting fitting = new Fitting(in.length("pin"), in.length("hole"), in.length("place"), in.count("holes"));
        return List.of(
                new Result("fits", "Any fits any", fitting.fits(units)),
                new Result("play", "Play on the pins", fitting.play(units)),
                new Result("worst", "Off at worst", fitting.worst(units)),
                new Result("expected", "Off as expected", fitting.expected(units)));
    }
}

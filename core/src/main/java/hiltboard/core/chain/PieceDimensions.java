package hiltboard.core.chain;

import hiltboard.core.chain.Dimension.Known;
import hiltboard.core.chain.Dimension.Plausible;
import hiltboard.core.chain.Dimension.Rule;
import hiltboard.core.design.Specification;
import hiltboard.core.design.SpecificationField;
import hiltboard.core.fit.GuardSlot;
import hiltboard.core.grind.Bevel;
import hiltboard.core.grind.CentreLine;
import hiltboard.core.grind.EdgeLeft;
import hiltboard.core.machine.PinHole;
import hiltboard.core.material.Steel;
import hiltboard.core.measure.Angle;
import hiltboard.core.measure.Hardness;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Quantity;
import hiltboard.core.measure.Span;
import hiltboard.core.measure.Temperature;
import hiltboard.core.measure.Units;
import hiltboard.core.measure.Worked;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** The numbers of a full tang with pinned scales and of a hidden tang with guard and spacer, from the specification. */
public final class PieceDimensions {
    public static final String STOCK_THICKNESS = "stock.thickness";
    public static final String CENTRE_LINE = "centre-line.height";
    public static final String EDGE_BEFORE_HARDENING = "edge.before-hardening";
    public static final String HARDENING_TEMPERATURE = "hardening.temperature";
    public static final String SOAK = "hardening.soak";
    public static final String TEMPERING_TEMPERATURE = "tempering.temperature";
    public static final String HARDNESS = "hardness";
    public static final String BLADE_THICKNESS = "blade.thickness";
    public static final String EDGE_THICKNESS = "edge.thickness";
    public static final String BEVEL_ANGLE = "bevel.angle";
    public static final String PIN_DIAMETER = "pin.diameter";
    public static final String PIN_DRILL = "pin.drill";
    public static final String SCALE_DRILL = "scale.drill";
    public static final String PIN_LENGTH = "pin.length";
    public static final String SCALE_THICKNESS = "scale.thickness";
    public static final String TANG_WIDTH = "tang.width";
    public static final String TANG_THICKNESS = "tang.thickness";
    public static final String GUARD_THICKNESS = "guard.thickness";
    public static final String SLOT_WIDTH = "slot.width";
    public static final String SLOT_CUTTER = "slot.cutter";
    public static final String SLOT_LENGTH = "slot.length";
    public static final String POCKET_DEPTH = "slot.pocket-depth";
    public static final String SPACER_THICKNESS = "spacer.thickness";
    public static final String BLOCK_LENGTH = "handle-block.length";
    public static final String TANG_SLOT_IN_SPACER = "spacer.slot-width";

    private static final Length CLOSE = Length.ofInches("0.002");
    private static final Length FAIR = Length.ofInches("0.005");
    private static final Length LOOSE = Length.ofInches("0.030");
    /** A reading this many times off what was expected is questioned: a slipped decimal, or the wrong unit. */
    private static final double SUSPICIOUS_RATIO = 1.6;

    private final Specification spec;
    private final List<Dimension> dimensions = new ArrayList<>();

    private PieceDimensions(Specification spec) {
        this.spec = spec;
    }

    /** Every number that such a piece has, upstream first. */
    public static List<Dimension> of(Specification spec) {
        PieceDimensions piece = new PieceDimensions(spec);
        piece.blade();
        piece.heat();
        piece.ground();
        if (spec.isFullTang()) {
            piece.scales();
        } else {
            piece.guard();
        }
        return List.copyOf(piece.dimensions);
    }

    private void blade() {
        designed(STOCK_THICKNESS, "Stock thickness", spec.length(SpecificationField.STOCK_THICKNESS), CLOSE);
        byRule(CENTRE_LINE, "Centre line above the plate", List.of(STOCK_THICKNESS), CLOSE,
                (known, units) -> new CentreLine(length(known, STOCK_THICKNESS)).height(units));
        byRule(EDGE_BEFORE_HARDENING, "Edge left before hardening", List.of(STOCK_THICKNESS), FAIR,
                (known, units) -> new EdgeLeft(length(known, STOCK_THICKNESS), spec.bevels(), spec.steel().quench()).beforeHardening(units));
    }

    private void heat() {
        Steel steel = spec.steel();
        String why = "Usual for " + steel.designation() + "; the steel's own data sheet comes first";
        bySteel(HARDENING_TEMPERATURE, "Hardening heat", steel.hardening(), Temperature.ofCelsius(8), why);
        bySteel(SOAK, "Soak, from the kiln's recovery", new Span(steel.soak()), Span.ofMinutes(1), why);
        bySteel(TEMPERING_TEMPERATURE, "Tempering heat", steel.tempering(), Temperature.ofCelsius(8), why);
        bySteel(HARDNESS, "Hardness", new Hardness(BigDecimal.valueOf(steel.temperedHrc())), new Hardness(BigDecimal.valueOf(20)), why);
    }

    private void ground() {
        dimensions.add(new Dimension(BLADE_THICKNESS, "Blade thickness, finished", List.of(STOCK_THICKNESS),
                (known, units) -> Worked.of(length(known, STOCK_THICKNESS), "The stock as measured, until the last grinding pass is measured"),
                CLOSE, PieceDimensions::notOverStock));
        designed(EDGE_THICKNESS, "Edge before sharpening", spec.length(SpecificationField.EDGE_THICKNESS), FAIR);
        byRule(BEVEL_ANGLE, "Bevel angle", List.of(BLADE_THICKNESS, EDGE_THICKNESS), new Angle(0.3), this::bevelAngle);
    }

    private Worked<Angle> bevelAngle(Known known, Units units) {
        return new Bevel(length(known, BLADE_THICKNESS), length(known, EDGE_THICKNESS), spec.bevelHeight()).anglePerSide(units);
    }

    private void scales() {
        designed(PIN_DIAMETER, "Pin diameter", spec.length(SpecificationField.PIN_DIAMETER), Length.ofInches("0.001"));
        byRule(PIN_DRILL, "Drill for the pins", List.of(PIN_DIAMETER), Length.ofInches("0.001"),
                (known, units) -> new PinHole(length(known, PIN_DIAMETER)).drill(units));
        byRule(SCALE_DRILL, "Drill for the scales", List.of(PIN_DIAMETER), Length.ofInches("0.001"),
                (known, units) -> new PinHole(length(known, PIN_DIAMETER)).drill(units));
        designed(SCALE_THICKNESS, "Scale thickness", spec.length(SpecificationField.SCALE_THICKNESS), LOOSE);
        byRule(PIN_LENGTH, "Pin length", List.of(BLADE_THICKNESS, SCALE_THICKNESS), LOOSE, this::pinLength);
    }

    private Worked<Length> pinLength(Known known, Units units) {
        Length proud = Length.ofInchFraction(1, 8);
        Length scale = length(known, SCALE_THICKNESS);
        Length blade = length(known, BLADE_THICKNESS);
        Length whole = blade.plus(scale.times(2)).plus(proud);
        return Worked.of(whole, blade.in(units) + " + 2 × " + scale.in(units) + " + " + proud.in(units) + " to file back = " + whole.in(units));
    }

    private void guard() {
        designed(TANG_WIDTH, "Tang width at the guard", spec.length(SpecificationField.TANG_WIDTH), CLOSE);
        dimensions.add(new Dimension(TANG_THICKNESS, "Tang thickness at the guard", List.of(BLADE_THICKNESS),
                (known, units) -> Worked.of(length(known, BLADE_THICKNESS), "As thick as the blade, until it is measured"),
                CLOSE, PieceDimensions::notOverStock));
        designed(GUARD_THICKNESS, "Guard thickness", spec.length(SpecificationField.GUARD_THICKNESS), CLOSE);
        List<String> measured = List.of(TANG_WIDTH, TANG_THICKNESS, GUARD_THICKNESS);
        byRule(SLOT_WIDTH, "Slot width", measured, CLOSE, (known, units) -> slot(known).width(units));
        dimensions.add(new Dimension(SLOT_CUTTER, "Cutter", measured, (known, units) -> slot(known).cutter(units), CLOSE, PieceDimensions::near).stayingAsMade());
        byRule(SLOT_LENGTH, "Slot length, overall", List.of(TANG_WIDTH, SLOT_CUTTER), FAIR,
                (known, units) -> slot(known).length(length(known, SLOT_CUTTER), units));
        byRule(POCKET_DEPTH, "Pocket depth from the back", measured, CLOSE, (known, units) -> slot(known).pocketDepth(units));
        if (spec.hasSpacer()) {
            designed(SPACER_THICKNESS, "Spacer thickness", spec.length(SpecificationField.SPACER_THICKNESS), CLOSE);
            byRule(TANG_SLOT_IN_SPACER, "Slot width in the spacer", List.of(TANG_THICKNESS), CLOSE, (known, units) -> {
                Length tang = length(known, TANG_THICKNESS);
                Length width = tang.plus(GuardSlot.CLEARANCE);
                return Worked.of(width, tang.in(units) + " + " + GuardSlot.CLEARANCE.in(units) + " = " + width.in(units));
            });
        }
        byRule(BLOCK_LENGTH, "Handle block length", spec.hasSpacer() ? List.of(SPACER_THICKNESS) : List.of(TANG_WIDTH), LOOSE, this::blockLength);
    }

    private GuardSlot slot(Known known) {
        return new GuardSlot(length(known, TANG_WIDTH), length(known, TANG_THICKNESS), length(known, GUARD_THICKNESS));
    }

    private Worked<Length> blockLength(Known known, Units units) {
        Length handle = spec.length(SpecificationField.HANDLE_LENGTH);
        if (!spec.hasSpacer()) {
            return Worked.of(handle, "The whole handle, " + handle.in(units));
        }
        Length spacer = length(known, SPACER_THICKNESS);
        Length block = handle.minus(spacer);
        return Worked.of(block, handle.in(units) + " − " + spacer.in(units) + " = " + block.in(units));
    }

    private void designed(String key, String label, Quantity value, Quantity tolerance) {
        dimensions.add(new Dimension(key, label, List.of(), (known, units) -> Worked.of(value, "As specified"), tolerance, PieceDimensions::near));
    }

    private void bySteel(String key, String label, Quantity value, Quantity tolerance, String why) {
        dimensions.add(new Dimension(key, label, List.of(), (known, units) -> Worked.of(value, why), tolerance, (r, e, u) -> Optional.empty()));
    }

    private void byRule(String key, String label, List<String> from, Quantity tolerance, Rule rule) {
        dimensions.add(new Dimension(key, label, from, rule, tolerance, PieceDimensions::near));
    }

    private static Length length(Known known, String key) {
        return (Length) known.value(key);
    }

    private static Optional<String> near(Quantity reading, Quantity expected, Units units) {
        double low = Math.min(reading.magnitude(), expected.magnitude());
        double high = Math.max(reading.magnitude(), expected.magnitude());
        return low > 0 && high / low <= SUSPICIOUS_RATIO ? Optional.empty()
                : Optional.of(reading.in(units) + " is far from the " + expected.in(units) + " that was expected. Is the decimal point right, and the unit?");
    }

    private static Optional<String> notOverStock(Quantity reading, Quantity expected, Units units) {
        return reading.magnitude() > expected.magnitude() + CLOSE.magnitude()
                ? Optional.of(reading.in(units) + " is thicker than the " + expected.in(units) + " it was ground from. Measure again?")
                : near(reading, expected, units);
    }
}

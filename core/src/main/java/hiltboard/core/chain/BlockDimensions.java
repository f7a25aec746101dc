package hiltboard.core.chain;

import static hiltboard.core.chain.Numbers.AS_IT_CAME;
import static hiltboard.core.chain.Numbers.CLOSE;
import static hiltboard.core.chain.Numbers.FAIR;
import static hiltboard.core.chain.Numbers.LOOSE;
import static hiltboard.core.chain.Numbers.length;
import static hiltboard.core.chain.PieceDimensions.*;

import hiltboard.core.chain.Dimension.Known;
import hiltboard.core.design.Specification;
import hiltboard.core.design.SpecificationField;
import hiltboard.core.fit.Clearance;
import hiltboard.core.fit.GuardSlot;
import hiltboard.core.fit.HandleStack;
import hiltboard.core.fit.LipDrive;
import hiltboard.core.fit.TangSlot;
import hiltboard.core.measure.Allowed;
import hiltboard.core.measure.Judgement;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Quantity;
import hiltboard.core.measure.Units;
import hiltboard.core.measure.Worked;
import hiltboard.core.measure.Working;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;

/** Tang, guard, spacer and cavity of a hidden tang. */
final class BlockDimensions {
    private static final Length SNUG = Length.ofInchFraction(1, 32);
    /** What a calliper does not tell apart. */
    private static final Length SAME = Length.ofInches("0.0005");
    /** More is not filed off a tang towards its end; common practice, from memory. */
    private static final Length TAPERED_AWAY = Length.ofInches("0.060");

    private final Specification spec;
    private final Numbers numbers;

    private BlockDimensions(Specification spec, Numbers numbers) {
        this.spec = spec;
        this.numbers = numbers;
    }

    static void write(Specification spec, Numbers numbers) {
        BlockDimensions block = new BlockDimensions(spec, numbers);
        block.tang();
        if (spec.isHiddenTang()) {
            block.guard();
        }
        if (spec.hasSpacer()) {
            block.spacer();
        }
        block.handle();
    }

    private void tang() {
        String where = spec.isHiddenTang() ? " at the guard" : " behind the bolster";
        numbers.followed(
                TANG_WIDTH, "Tang width" + where, spec.length(SpecificationField.TANG_WIDTH), CLOSE, AS_IT_CAME);
        numbers.byRule(
                TANG_THICKNESS,
                "Tang thickness" + where,
                List.of(BLADE_THICKNESS),
                CLOSE,
                (known, units) ->
                        Worked.of(length(known, BLADE_THICKNESS), "As thick as the blade, until it is measured"),
                Numbers::ground);
        along(TANG_BEHIND, "Tang thickness, half an inch behind");
        along(TANG_END, "Tang thickness at its end");
    }

    /** Tapered or not, until somebody measures it: then it counts. */
    private void along(String key, String label) {
        numbers.byRule(
                key,
                label,
                List.of(TANG_THICKNESS),
                CLOSE,
                (known, units) ->
                        Worked.of(length(known, TANG_THICKNESS), "As thick as at the shoulder, until it is measured"),
                BlockDimensions::tapers);
    }

    /** A tang gets thinner behind, and never thicker: the guard would bind there. */
    private static Judgement tapers(Quantity reading, Quantity expected, Known known, Units units) {
        return reading.magnitude() > expected.magnitude() + SAME.magnitude()
                ? Judgement.out(reading.in(units) + " is thicker than the " + expected.in(units)
                        + " at the shoulder: the guard binds there before it is home. Take it off, and measure again.")
                : Judgement.of(reading, expected, new Allowed(TAPERED_AWAY, SAME), units);
    }

    /** The slot is cut to the thickest of what goes through it. */
    private static Length thickest(Known known) {
        return Stream.of(TANG_THICKNESS, TANG_BEHIND, TANG_END)
                .map(key -> length(known, key))
                .max(Comparator.naturalOrder())
                .orElseThrow();
    }

    private void guard() {
        numbers.followed(
                GUARD_THICKNESS, "Guard thickness", spec.length(SpecificationField.GUARD_THICKNESS), CLOSE, AS_IT_CAME);
        List<String> tang = List.of(TANG_WIDTH, TANG_THICKNESS, TANG_BEHIND, TANG_END);
        numbers.byRule(
                SLOT_WIDTH,
                "Slot width",
                tang,
                CLOSE,
                (known, units) -> slot(known).width(units));
        numbers.add(new Dimension(
                        SLOT_CUTTER,
                        "Cutter",
                        tang,
                        (known, units) -> slot(known).cutter(units),
                        CLOSE)
                .stayingAsMade());
        numbers.byRule(
                SLOT_LENGTH,
                "Slot length, overall",
                List.of(TANG_WIDTH, SLOT_CUTTER),
                FAIR,
                (known, units) -> slot(known).length(length(known, SLOT_CUTTER), units));
        numbers.byRule(
                POCKET_DEPTH,
                "Pocket depth from the back",
                List.of(TANG_WIDTH, TANG_THICKNESS, TANG_BEHIND, TANG_END, GUARD_THICKNESS),
                CLOSE,
                (known, units) -> new GuardSlot(slot(known), length(known, GUARD_THICKNESS)).pocketDepth(units));
        numbers.byRule(
                LIP_WIDTH, "Opening of the lip at the front", List.of(TANG_THICKNESS), CLOSE, this::lip, this::lipFits);
    }

    private Worked<Length> lip(Known known, Units units) {
        Length tang = length(known, TANG_THICKNESS);
        Length drive = LipDrive.most(spec.guardMaterial()).half();
        Length lip = tang.minus(drive);
        Working line = new Working(units);
        return Worked.of(
                lip,
                "Tang " + line.of(tang) + " − " + line.of(drive) + " to drive in "
                        + spec.guardMaterial().words().toLowerCase(Locale.ROOT) + line.comesTo(lip));
    }

    private Judgement lipFits(Quantity reading, Quantity expected, Known known, Units units) {
        Length gap = ((Length) reading).minus(length(known, TANG_THICKNESS));
        Length most = LipDrive.most(spec.guardMaterial());
        Clearance clearance = Clearance.ofLip(gap, most, units);
        return clearance.fit().isGood()
                ? Judgement.in()
                : Judgement.out("The lip is " + clearance.words() + ". "
                        + (gap.isPositive()
                                ? "Peen it closed from behind, or make the guard anew."
                                : "File it until the tang starts into it."));
    }

    private static TangSlot slot(Known known) {
        return new TangSlot(length(known, TANG_WIDTH), thickest(known));
    }

    private void spacer() {
        numbers.designed(SPACER_THICKNESS, "Spacer thickness", spec.length(SpecificationField.SPACER_THICKNESS), CLOSE);
        numbers.byRule(
                TANG_SLOT_IN_SPACER,
                "Slot width in the spacer",
                List.of(TANG_THICKNESS, TANG_BEHIND, TANG_END),
                CLOSE,
                (known, units) -> over(thickest(known), TangSlot.CLEARANCE, CLOSE, units));
    }

    private void handle() {
        List<String> parts = new ArrayList<>();
        if (spec.isHiddenTang()) {
            parts.add(GUARD_THICKNESS);
        }
        if (spec.hasSpacer()) {
            parts.add(SPACER_THICKNESS);
        }
        numbers.byRule(
                BLOCK_LENGTH,
                "Handle block length",
                spec.hasSpacer() ? List.of(HANDLE_LENGTH, SPACER_THICKNESS) : List.of(HANDLE_LENGTH),
                LOOSE,
                this::blockLength);
        parts.add(BLOCK_LENGTH);
        numbers.byRule(
                STACK_LENGTH,
                "Guard, spacer and block together",
                parts,
                LOOSE,
                (known, units) -> sum(known, parts, units));
        numbers.byRule(
                CAVITY_WIDTH,
                "Cavity width",
                List.of(TANG_THICKNESS),
                LOOSE,
                (known, units) -> over(length(known, TANG_THICKNESS), SNUG, LOOSE, units));
        List<String> stack = new ArrayList<>(parts);
        stack.add(TANG_LENGTH);
        if (spec.isPeened()) {
            numbers.designed(CAP_THICKNESS, "End cap, thick", spec.length(SpecificationField.CAP_THICKNESS), LOOSE);
        }
        if (spec.isTakeDown()) {
            numbers.designed(NUT_THREAD, "Thread inside the nut", spec.length(SpecificationField.NUT_THREAD), LOOSE);
        }
        numbers.designed(TANG_LENGTH, "Tang length", spec.length(SpecificationField.TANG_LENGTH), LOOSE);
        numbers.byRule(
                CAVITY_DEPTH,
                isThrough() ? "Hole through the block" : "Cavity depth",
                isThrough() ? List.of(BLOCK_LENGTH) : stack,
                LOOSE,
                isThrough() ? this::through : this::cavity);
    }

    private boolean isThrough() {
        return spec.isPeened() || spec.isTakeDown();
    }

    private Worked<Length> through(Known known, Units units) {
        Length block = length(known, BLOCK_LENGTH);
        return Worked.of(block, "The tang comes out behind: right through the block, " + block.tightIn(LOOSE, units));
    }

    /**
     * As deep as the tang reaches behind guard or bolster and spacer, and a little room behind it; right through where
     * that is all of the block.
     */
    private Worked<Length> cavity(Known known, Units units) {
        Length block = length(known, BLOCK_LENGTH);
        Length tang = length(known, TANG_LENGTH);
        Working line = new Working(units);
        StringBuilder sum = new StringBuilder("Tang " + line.of(tang));
        Length depth = tang;
        for (Length before : inFront(known)) {
            depth = depth.minus(before);
            sum.append(" − ").append(line.of(before));
        }
        depth = depth.plus(HandleStack.BEHIND_THE_TANG);
        if (depth.compareTo(block) >= 0) {
            return Worked.of(
                    block, sum + " reaches the end of the block: right through, " + block.tightIn(LOOSE, units));
        }
        return Worked.of(depth, sum + " + " + line.of(HandleStack.BEHIND_THE_TANG) + line.comesTo(depth, LOOSE));
    }

    /** What the tang passes before it reaches the block. */
    private List<Length> inFront(Known known) {
        List<Length> parts = new ArrayList<>();
        parts.add(
                spec.isHiddenTang() ? length(known, GUARD_THICKNESS) : spec.length(SpecificationField.BOLSTER_LENGTH));
        if (spec.hasSpacer()) {
            parts.add(length(known, SPACER_THICKNESS));
        }
        return parts;
    }

    private Worked<Length> blockLength(Known known, Units units) {
        Length handle = length(known, HANDLE_LENGTH);
        if (!spec.hasSpacer()) {
            return Worked.of(handle, "The whole handle, " + handle.in(units));
        }
        Length spacer = length(known, SPACER_THICKNESS);
        Length block = handle.minus(spacer);
        Working line = new Working(units);
        return Worked.of(block, line.of(handle) + " − " + line.of(spacer) + line.comesTo(block, LOOSE));
    }

    private static Worked<Length> sum(Known known, List<String> parts, Units units) {
        Length whole = parts.stream().map(part -> length(known, part)).reduce(Length.ZERO, Length::plus);
        Working line = new Working(units);
        return Worked.of(
                whole,
                String.join(
                                " + ",
                                parts.stream()
                                        .map(part -> line.of(length(known, part)))
                                        .toList())
                        + line.comesTo(whole, LOOSE));
    }

    private static Worked<Length> over(Length tang, Length clearance, Length tolerance, Units units) {
        Length width = tang.plus(clearance);
        Working line = new Working(units);
        return Worked.of(width, line.of(tang) + " + " + line.of(clearance) + line.comesTo(width, tolerance));
    }
}

package hiltboard.core.chain;

import static hiltboard.core.chain.Numbers.CLOSE;
import static hiltboard.core.chain.Numbers.FAIR;
import static hiltboard.core.chain.Numbers.LOOSE;
import static hiltboard.core.chain.Numbers.TIGHT;
import static hiltboard.core.chain.Numbers.length;
import static hiltboard.core.chain.PieceDimensions.*;

import hiltboard.core.design.Specification;
import hiltboard.core.design.SpecificationField;
import hiltboard.core.folder.BackSpring;
import hiltboard.core.folder.BearingStack;
import hiltboard.core.folder.NailNick;
import hiltboard.core.folder.PivotRelief;
import hiltboard.core.measure.Allowed;
import hiltboard.core.measure.Judgement;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Quantity;
import hiltboard.core.measure.Units;
import hiltboard.core.measure.Worked;
import hiltboard.core.measure.Working;
import java.util.ArrayList;
import java.util.List;

/** Pivot, bearings, back spacer, spring, nick and relief of a folder. */
final class FolderDimensions {
    private static final Allowed SHEET = Allowed.eitherWay(Length.ofInches("0.008"));
    private static final Allowed PIVOT = Allowed.eitherWay(CLOSE);
    /** What a depth micrometer in a pocket of this kind is good for; common practice. */
    private static final Allowed POCKET = Allowed.eitherWay(CLOSE);

    private final Specification spec;
    private final Numbers numbers;

    private FolderDimensions(Specification spec, Numbers numbers) {
        this.spec = spec;
        this.numbers = numbers;
    }

    static void write(Specification spec, Numbers numbers) {
        FolderDimensions folder = new FolderDimensions(spec, numbers);
        numbers.followed(
                PIVOT_DIAMETER, "Pivot diameter", spec.length(SpecificationField.PIVOT_DIAMETER), TIGHT, PIVOT);
        if (spec.isFrameLock()) {
            folder.bearings();
        } else {
            folder.slipJoint();
        }
    }

    private void bearings() {
        numbers.followed(
                PLATE_THICKNESS, "Plate thickness", spec.length(SpecificationField.PLATE_THICKNESS), CLOSE, SHEET);
        numbers.designed(WASHER_THICKNESS, "Bearing washer", spec.length(SpecificationField.WASHER_THICKNESS), TIGHT);
        numbers.designed(BALL_DIAMETER, "Bearing ball", spec.length(SpecificationField.BALL_DIAMETER), TIGHT);
        numbers.designed(ACTION_CLEARANCE, "Clearance a side", spec.length(SpecificationField.ACTION_CLEARANCE), CLOSE);
        List<String> bearing = List.of(WASHER_THICKNESS, BALL_DIAMETER, ACTION_CLEARANCE);
        numbers.byRule(
                BEARING_POCKET,
                "Bearing pocket in the plate",
                bearing,
                TIGHT,
                (known, units) -> spec.hasBladePocket()
                        ? stack(known).handlePocket(units)
                        : stack(known).onePocket(units),
                this::pocket);
        if (spec.hasBladePocket()) {
            numbers.byRule(
                    BLADE_POCKET,
                    "Bearing pocket in the blade, each side",
                    bearing,
                    TIGHT,
                    (known, units) -> stack(known).bladePocket(units));
        }
        numbers.byRule(
                PIVOT_ROOM,
                "Room for the pivot in the plate",
                List.of(PLATE_THICKNESS, BEARING_POCKET),
                CLOSE,
                (known, units) -> {
                    Length plate = length(known, PLATE_THICKNESS);
                    Length pocket = length(known, BEARING_POCKET);
                    Length room = plate.minus(pocket);
                    Working line = new Working(units);
                    return Worked.of(room, line.of(plate) + " − " + line.of(pocket) + line.comesTo(room));
                });
        numbers.byRule(
                BACK_SPACER,
                "Back spacer",
                List.of(BLADE_THICKNESS, WASHER_THICKNESS, BALL_DIAMETER, ACTION_CLEARANCE),
                TIGHT,
                (known, units) -> stack(known).backSpacer(length(known, BLADE_THICKNESS), units));
        numbers.byRule(
                HANDLE_STACK,
                "Handle thickness at the spacer",
                List.of(PLATE_THICKNESS, BACK_SPACER),
                FAIR,
                (known, units) -> stacked(length(known, PLATE_THICKNESS), length(known, BACK_SPACER), units));
    }

    private static BearingStack stack(Dimension.Known known) {
        return new BearingStack(
                length(known, WASHER_THICKNESS), length(known, BALL_DIAMETER), length(known, ACTION_CLEARANCE));
    }

    private void spring() {
        BackSpring spring = new BackSpring(spec.springSteel());
        String of = "Usual for a spring of " + spring.steel().designation() + "; its own data sheet comes first";
        numbers.usual(
                SPRING_HARDENING,
                "Hardening heat of the spring",
                spring.steel().hardening(),
                BladeDimensions.HEAT_WITHIN,
                of);
        numbers.usual(
                SPRING_TEMPERING,
                "Tempering heat of the spring",
                spring.tempering().orElse(spring.steel().tempering()),
                BladeDimensions.HEAT_WITHIN,
                of);
        numbers.usual(
                SPRING_HARDNESS,
                "Hardness of the spring",
                BackSpring.HARDNESS,
                BackSpring.WITHIN,
                "46 to 52 HRC, so that it bends and comes back");
    }

    private void slipJoint() {
        spring();
        numbers.byRule(
                SPRING_THICKNESS,
                "Spring thickness",
                List.of(BLADE_THICKNESS),
                CLOSE,
                (known, units) ->
                        Worked.of(length(known, BLADE_THICKNESS), "As thick as the blade: the relief gives the room"));
        List<String> ground = List.of(STOCK_THICKNESS, EDGE_THICKNESS, HEEL_WIDTH, BEVEL_HEIGHT);
        numbers.byRule(
                NICK_LEAST,
                "Nick, at least",
                ground,
                FAIR,
                (known, units) -> nick(known).least(units));
        numbers.byRule(
                NICK_MOST,
                "Nick, at most",
                ground,
                FAIR,
                (known, units) -> nick(known).most(units));
        numbers.add(new Dimension(
                NICK_DEPTH,
                "Nick depth",
                List.of(),
                (known, units) -> Worked.of(spec.length(SpecificationField.NICK_DEPTH), "As specified"),
                FAIR,
                FolderDimensions::nickHolds));
        List<String> left = new ArrayList<>(ground);
        left.add(NICK_DEPTH);
        numbers.byRule(
                NICK_LEFT,
                "Nick left after the bevel",
                left,
                FAIR,
                (known, units) -> nick(known).left(length(known, NICK_DEPTH), units));
        numbers.byRule(
                PIVOT_RELIEF,
                "Relief inside each side",
                List.of(PIVOT_DIAMETER),
                TIGHT,
                (known, units) -> new PivotRelief(length(known, PIVOT_DIAMETER)).depth(units));
        numbers.byRule(
                RELIEF_OFFSET,
                "Cutter's way around the pivot",
                List.of(PIVOT_DIAMETER),
                FAIR,
                (known, units) -> new PivotRelief(length(known, PIVOT_DIAMETER)).cutterOffset(units));
        numbers.designed(
                SCALE_THICKNESS,
                spec.hasLiners() ? "Cover thickness" : "Side thickness",
                spec.length(SpecificationField.SCALE_THICKNESS),
                LOOSE);
        if (spec.hasLiners()) {
            numbers.designed(
                    LINER_THICKNESS, "Liner thickness", spec.length(SpecificationField.LINER_THICKNESS), CLOSE);
        }
        numbers.byRule(
                HANDLE_STACK,
                "Handle thickness",
                spec.hasLiners()
                        ? List.of(SCALE_THICKNESS, LINER_THICKNESS, SPRING_THICKNESS)
                        : List.of(SCALE_THICKNESS, SPRING_THICKNESS),
                LOOSE,
                (known, units) -> {
                    Length side = spec.hasLiners()
                            ? length(known, SCALE_THICKNESS).plus(length(known, LINER_THICKNESS))
                            : length(known, SCALE_THICKNESS);
                    return stacked(side, length(known, SPRING_THICKNESS), units);
                });
    }

    private static NailNick nick(Dimension.Known known) {
        return new NailNick(
                length(known, STOCK_THICKNESS),
                length(known, EDGE_THICKNESS),
                length(known, HEEL_WIDTH),
                length(known, BEVEL_HEIGHT));
    }

    /** By the stock as it was measured and the bevel that follows. */
    private static Judgement nickHolds(Quantity reading, Quantity expected, Dimension.Known known, Units units) {
        return nick(known).doubt((Length) reading, units).map(Judgement::out).orElseGet(Judgement::in);
    }

    /** A pocket's depth decides how far blade and plate stand apart. */
    private Judgement pocket(Quantity reading, Quantity expected, Dimension.Known known, Units units) {
        Judgement judged = Judgement.of(reading, expected, POCKET, units);
        if (!judged.isOut() || spec.hasBladePocket()) {
            return judged;
        }
        Length clearance = length(known, WASHER_THICKNESS)
                .plus(length(known, BALL_DIAMETER))
                .minus((Length) reading);
        return stack(known).question(clearance, units).map(Judgement::out).orElse(judged);
    }

    private static Worked<Length> stacked(Length side, Length middle, Units units) {
        Length whole = side.times(2).plus(middle);
        Working line = new Working(units);
        return Worked.of(whole, "2 × " + line.of(side) + " + " + line.of(middle) + line.comesTo(whole));
    }
}

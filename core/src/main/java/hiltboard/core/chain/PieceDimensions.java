package hiltboard.core.chain;

import hiltboard.core.design.Specification;
import hiltboard.core.measure.HardnessDifference;
import java.util.List;

/**
 * The numbers of a piece, from its specification, and the keys that they are known by. A key stays the same for ever.
 */
public final class PieceDimensions {
    public static final String BLADE_LENGTH = "blade.length";
    public static final String HEEL_WIDTH = "blade.heel-width";
    public static final String HANDLE_LENGTH = "handle.length";
    public static final String BEVEL_HEIGHT = "bevel.height";
    public static final String STOCK_THICKNESS = "stock.thickness";
    public static final String CENTRE_LINE = "centre-line.height";
    public static final String LAND_LINE = "centre-line.land";
    public static final String EDGE_BEFORE_HARDENING = "edge.before-hardening";
    public static final String HARDENING_TEMPERATURE = "hardening.temperature";
    public static final String KILN_AT_SOAK = "kiln.at-soak";
    public static final String KILN_AT_TEMPER = "kiln.at-temper";
    public static final String SOAK = "hardening.soak";
    public static final String TEMPERING_TEMPERATURE = "tempering.temperature";
    public static final String HARDNESS = "hardness";
    public static final String BLADE_THICKNESS = "blade.thickness";
    public static final String TIP_THICKNESS = "blade.tip-thickness";
    public static final String EDGE_THICKNESS = "edge.thickness";
    public static final String BEVEL_ANGLE = "bevel.angle";

    public static final String PIN_DIAMETER = "pin.diameter";
    public static final String PIN_DRILL = "pin.drill";
    public static final String TANG_HOLE = "tang.hole";
    public static final String SCALE_DRILL = "scale.drill";
    public static final String SCALE_HOLE = "scale.hole";
    public static final String BOLSTER_DRILL = "bolster.drill";
    public static final String BOLSTER_PIN_LENGTH = "bolster.pin-length";
    public static final String DOVETAIL_UNDERCUT = "bolster.dovetail";
    public static final String PIN_LENGTH = "pin.length";
    public static final String SCALE_THICKNESS = "scale.thickness";
    public static final String SCALE_LINER = "scale.liner";
    public static final String LINED_SCALE = "scale.lined";
    public static final String SCALE_RELIEF_DEPTH = "scale.relief-depth";
    public static final String SCALE_RELIEF_RIM = "scale.relief-rim";
    public static final String HANDLE_HOLLOW = "handle.deepest-hollow";
    public static final String COUNTERBORE_DEPTH = "counterbore.depth";
    public static final String COUNTERBORE_LEFT = "counterbore.left-under-head";
    public static final String TANG_FRONT = "tang.thickness-front";
    public static final String TANG_MIDDLE = "tang.thickness-middle";
    public static final String TANG_BUTT = "tang.thickness-butt";

    public static final String TANG_WIDTH = "tang.width";
    public static final String TANG_LENGTH = "tang.length";
    public static final String NUT_THREAD = "nut.thread";
    public static final String CAP_THICKNESS = "cap.thickness";
    public static final String TANG_THICKNESS = "tang.thickness";
    public static final String TANG_BEHIND = "tang.thickness-behind";
    public static final String TANG_END = "tang.thickness-end";
    public static final String LIP_WIDTH = "slot.lip-width";
    public static final String GUARD_THICKNESS = "guard.thickness";
    public static final String SLOT_WIDTH = "slot.width";
    public static final String SLOT_CUTTER = "slot.cutter";
    public static final String SLOT_LENGTH = "slot.length";
    public static final String POCKET_DEPTH = "slot.pocket-depth";
    public static final String SPACER_THICKNESS = "spacer.thickness";
    public static final String TANG_SLOT_IN_SPACER = "spacer.slot-width";
    public static final String BLOCK_LENGTH = "handle-block.length";
    public static final String STACK_LENGTH = "stack.length";
    public static final String CAVITY_WIDTH = "cavity.width";
    public static final String CAVITY_DEPTH = "cavity.depth";

    public static final String SHOP_TEMPERATURE = "shop.temperature";
    public static final String ADHESIVE_WORKING = "adhesive.working";
    public static final String ADHESIVE_GRIPS = "adhesive.grips";
    public static final String ADHESIVE_SETS = "adhesive.sets";
    public static final String ADHESIVE_CURES = "adhesive.cures";
    public static final String PULL_WINDOW = "adhesive.pull-window";

    public static final String PIVOT_DIAMETER = "pivot.diameter";
    public static final String PLATE_THICKNESS = "plate.thickness";
    public static final String WASHER_THICKNESS = "bearing.washer";
    public static final String BALL_DIAMETER = "bearing.ball";
    public static final String ACTION_CLEARANCE = "bearing.clearance";
    public static final String BEARING_POCKET = "bearing.pocket";
    public static final String BLADE_POCKET = "bearing.blade-pocket";
    public static final String PIVOT_ROOM = "pivot.room";
    public static final String BACK_SPACER = "back-spacer.thickness";
    public static final String SPRING_HARDENING = "spring.hardening";
    public static final String SPRING_TEMPERING = "spring.tempering";
    public static final String SPRING_HARDNESS = "spring.hardness";
    public static final String SPRING_THICKNESS = "spring.thickness";
    public static final String NICK_DEPTH = "nick.depth";
    public static final String NICK_LEAST = "nick.least";
    public static final String NICK_MOST = "nick.most";
    public static final String NICK_LEFT = "nick.left";
    public static final String PIVOT_RELIEF = "relief.depth";
    public static final String RELIEF_OFFSET = "relief.cutter-offset";
    public static final String LINER_THICKNESS = "liner.thickness";
    public static final String HANDLE_STACK = "handle.thickness";

    public static final String HEAD_THICKNESS = "head.thickness";
    public static final String CHEEK_THICKNESS = "head.cheek-thickness";
    public static final String EYE_LENGTH = "eye.length";
    public static final String EYE_WIDTH = "eye.width";
    public static final String EYE_DEPTH = "eye.depth";
    public static final String HAFT_TOP_LENGTH = "haft.top-length";
    public static final String HAFT_TOP_WIDTH = "haft.top-width";
    public static final String KERF_DEPTH = "haft.kerf-depth";

    public static final String SHEATH_THREAD = "sheath.thread";
    public static final String SHEATH_MARGIN = "sheath.margin";

    /** Hardness is held to this around what was wanted; common practice. */
    public static final HardnessDifference HARDNESS_WITHIN = HardnessDifference.of("1");

    private PieceDimensions() {}

    /** Which number of a piece with a sheath says how thick what goes into it is. */
    public static String inSheath(Specification spec) {
        return SheathDimensions.inside(spec);
    }

    /** Every number that such a piece has, upstream first. */
    public static List<Dimension> of(Specification spec) {
        Numbers numbers = new Numbers();
        BladeDimensions.write(spec, numbers);
        if (spec.isAxe()) {
            AxeDimensions.write(spec, numbers);
        }
        if (spec.hasScales()) {
            ScaleDimensions.write(spec, numbers);
        } else if (spec.hasBlock()) {
            BlockDimensions.write(spec, numbers);
        } else if (spec.isFolder()) {
            FolderDimensions.write(spec, numbers);
        }
        if (spec.isGlued()) {
            AdhesiveDimensions.write(spec, numbers);
        }
        if (spec.hasSheath()) {
            SheathDimensions.write(spec, numbers);
        }
        return numbers.all();
    }
}

package hiltboard.core.route;

import static hiltboard.core.route.Station.*;
import static hiltboard.core.route.WayBack.*;

import hiltboard.core.design.Finish;
import hiltboard.core.design.Mark;
import hiltboard.core.design.Specification;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * What goes wrong in a shop, where, what has to be measured then, and the ways back that are usual for it. Common
 * practice.
 */
public enum Mishap {
    CRACKED(
            "Cracked in the quench",
            at(KILN, FORGE),
            "Length of the crack",
            Optional.of(Part.BLADE),
            REMAKE,
            SPARE,
            SCRAP),
    WARPED(
            "Warped",
            at(KILN, FORGE, FITTING, GRINDER),
            "How far off straight",
            Optional.of(Part.BLADE),
            REDO,
            HEAT_AGAIN,
            REMAKE,
            SPARE,
            SCRAP),
    NOT_HARD("Not hard", at(KILN, FORGE, FINISHING), "", Optional.of(Part.BLADE), HEAT_AGAIN, REMAKE, SPARE, SCRAP),
    DELAMINATED(
            "Delaminated",
            at(FORGE, KILN, GRINDER),
            "Length of the open weld",
            Optional.of(Part.BLADE),
            REMAKE,
            SPARE,
            SCRAP),
    CLADDING_GROUND_THROUGH(
            "Ground through the cladding",
            at(GRINDER),
            "Length of the bare core",
            Optional.of(Part.BLADE),
            GO_ON,
            REMAKE,
            SPARE,
            SCRAP),
    LAMINATE_FLAW(
            "Flaw found in the laminate",
            at(GRINDER, FORGE, TANK),
            "Depth of the flaw",
            Optional.of(Part.BLADE),
            GRIND_OUT,
            GO_ON,
            REMAKE,
            SPARE,
            SCRAP),
    BURNT_EDGE(
            "Burnt edge",
            at(GRINDER, FINISHING),
            "Height of the colour",
            Optional.of(Part.BLADE),
            REDO,
            HEAT_AGAIN,
            REMAKE,
            SPARE,
            SCRAP),
    HOLE_MISPLACED(
            "Hole misplaced",
            at(DRILL, MILL, FITTING),
            "How far off",
            Optional.empty(),
            REDO,
            HEAT_AGAIN,
            REMAKE,
            SPARE,
            SCRAP),
    HOLE_FORGOTTEN(
            "Hole, notch or file work forgotten",
            at(KILN, FITTING, DRILL),
            "",
            Optional.of(Part.BLADE),
            HEAT_AGAIN,
            GO_ON,
            REMAKE,
            SPARE,
            SCRAP),
    WRONG_PIN(
            "Wrong size pin", at(DRILL, FITTING, GLUING), "Diameter of the pin", Optional.empty(), REDO, REMAKE, GO_ON),
    SLOT_TOO_WIDE("Slot too wide", at(MILL, FITTING), "Width of the slot", Optional.of(Part.GUARD), REMAKE, GO_ON),
    GUARD_SNAPPED("Guard snapped", at(FITTING), "", Optional.of(Part.GUARD), REMAKE, WELD),
    STALE_PART(
            "Part made to a number that moved",
            at(MILL, FITTING, GLUING),
            "How far off",
            Optional.empty(),
            REDO,
            REMAKE,
            GO_ON),
    PINS_OFF(
            "Pins not lined up after a late spacer",
            at(DRILL, FITTING),
            "How far off",
            Optional.of(Part.HANDLE),
            REDO,
            REMAKE),
    CUTTER_BROKEN("Cutter broken in the work", at(MILL, DRILL), "", Optional.empty(), REDO, REMAKE, SPARE, SCRAP),
    TEAR_OUT(
            "Tear-out, chip or void",
            at(DRILL, MILL, GRINDER, FINISHING),
            "Depth",
            Optional.of(Part.HANDLE),
            REDO,
            REMAKE,
            GO_ON),
    ETCH_PATCHY("Etch patchy", at(TANK, FINISHING), "", Optional.of(Part.BLADE), REDO, GO_ON),
    ETCH_STREAKS("Streaks or lines in the etch", at(TANK, FINISHING), "", Optional.of(Part.BLADE), REDO, GO_ON),
    ETCH_SPOTS("Spots in the etch", at(TANK, FINISHING), "", Optional.of(Part.BLADE), REDO, GO_ON),
    ETCH_PALE("Etch too pale", at(TANK, FINISHING), "", Optional.of(Part.BLADE), REDO, GO_ON),
    ETCH_DEEP("Etch too deep", at(TANK, FINISHING), "Depth", Optional.of(Part.BLADE), REDO, GO_ON, REMAKE, SPARE),
    TONES_SWAPPED("Two tones swapped", at(TANK, FINISHING), "", Optional.of(Part.BLADE), REDO, GO_ON),
    TANG_RUST("Rust spots from the tang", at(TANK, FINISHING, FITTING), "", Optional.of(Part.BLADE), REDO, GO_ON),
    EDGE_TUMBLED(
            "Edge or line rounded in the tumbler",
            at(FINISHING),
            "Width of the round",
            Optional.of(Part.BLADE),
            REDO,
            GO_ON),
    FINISH_SCRATCHED(
            "Finish scratched",
            at(FINISHING, FITTING, GLUING, GRINDER),
            "Length of the scratch",
            Optional.of(Part.BLADE),
            REDO,
            GO_ON),
    STENCIL_LIFTED("Stencil lifted or burnt", at(TANK), "", Optional.of(Part.BLADE), REDO, GO_ON),
    HANDLE_STUCK("Bedded handle stuck", at(GLUING), "", Optional.of(Part.HANDLE), WARM, REMAKE, GO_ON),
    HANDLE_DIP(
            "Dip, flat or scratch in the handle",
            at(TABLE, FINISHING, GRINDER),
            "Depth",
            Optional.of(Part.HANDLE),
            REDO,
            REMAKE,
            GO_ON),
    GLUE_FAILED("Glue starved or not set", at(GLUING, GRINDER, FINISHING), "", Optional.of(Part.HANDLE), REDO, REMAKE),
    SCALES_OFF_LINE("Scales off line", at(GLUING, FITTING), "How far off", Optional.of(Part.HANDLE), REDO, REMAKE),
    MATERIAL_BROKEN("Material broken on arrival", at(TABLE, LAYOUT), "", Optional.empty(), REMAKE),
    SHEATH_TIGHT("Sheath too tight", at(LEATHER), "", Optional.of(Part.SHEATH), REDO, REMAKE),
    CLIENT_CHANGES("Client changes mind", at(TABLE), "", Optional.empty()),
    MAKER_ILL("Maker ill", at(TABLE), "", Optional.empty()),
    OTHER(
            "Something else",
            EnumSet.allOf(Station.class),
            "Size, where it matters",
            Optional.empty(),
            REDO,
            HEAT_AGAIN,
            REMAKE,
            GO_ON,
            SPARE,
            SCRAP);

    private final String words;
    private final Set<Station> stations;
    private final String measured;
    private final Optional<Part> part;
    private final List<WayBack> waysBack;

    Mishap(String words, Set<Station> stations, String measured, Optional<Part> part, WayBack... waysBack) {
        this.words = words;
        this.stations = stations;
        this.measured = measured;
        this.part = part;
        this.waysBack = List.of(waysBack);
    }

    private static Set<Station> at(Station... stations) {
        return Set.of(stations);
    }

    public static Optional<Mishap> named(String name) {
        return Arrays.stream(values()).filter(each -> each.name().equals(name)).findFirst();
    }

    /** What keeps it from coming again, in a sentence. */
    public String beforehand() {
        return Beforehand.against(this);
    }

    public String words() {
        return words;
    }

    /** Whether it usually happens at this station. */
    public boolean isUsualAt(Station station) {
        return stations.contains(station);
    }

    /** Whether such a piece has what this ruins. */
    public boolean canHappenTo(Specification spec) {
        return switch (this) {
            case DELAMINATED, LAMINATE_FLAW -> spec.isFromBillet();
            case CLADDING_GROUND_THROUGH -> spec.isLaminated();
            case SLOT_TOO_WIDE, GUARD_SNAPPED -> spec.isHiddenTang();
            case PINS_OFF -> spec.hasAlignmentPins();
            case WRONG_PIN -> spec.hasScales() || spec.isFolder() || spec.hasAlignmentPins();
            case SCALES_OFF_LINE -> spec.hasScales();
            case HANDLE_STUCK -> spec.isBedded();
            case GLUE_FAILED -> spec.isGlued();
            case ETCH_PATCHY, ETCH_STREAKS, ETCH_SPOTS, ETCH_PALE, ETCH_DEEP, TANG_RUST ->
                spec.finish().isEtched();
            case TONES_SWAPPED -> spec.finish() == Finish.TWO_TONE_MASKED;
            case EDGE_TUMBLED -> spec.finish().isTumbled();
            case STENCIL_LIFTED -> spec.mark() == Mark.ELECTRO_ETCHED;
            case SHEATH_TIGHT -> spec.hasSheath();
            default -> true;
        };
    }

    /** What is measured of it; empty where nothing is. */
    public String measured() {
        return measured;
    }

    /** Whether nobody can decide without the measure. */
    public boolean needsMeasure() {
        return this == LAMINATE_FLAW;
    }

    /** The part that it ruins, where it is always the same one. */
    Optional<Part> part() {
        return part;
    }

    /** The ways back that are usual for it; a piece can always be held. */
    List<WayBack> waysBack() {
        return waysBack;
    }
}

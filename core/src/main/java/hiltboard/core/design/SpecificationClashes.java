package hiltboard.core.design;

import hiltboard.core.material.HandleMaterial;
import hiltboard.core.material.Quench;
import hiltboard.core.material.Steel;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Units;
import java.util.EnumMap;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * Choices that are possible alone and impossible together, whatever the order of work. Common practice of the trade.
 */
final class SpecificationClashes {
    private static final Length MOST_OF_A_ZERO_EDGE = Length.ofInches("0.005");

    private final Specification spec;
    private final Units units;
    private final Map<SpecificationField, Clash> clashes = new EnumMap<>(SpecificationField.class);

    private SpecificationClashes(Specification spec, Units units) {
        this.spec = spec;
        this.units = units;
    }

    /** What clashes, and what would go together. */
    record Clash(String problem, String accepted) {}

    /** The clashes by the field that they are shown at; answers that are missing clash with nothing. */
    static Map<SpecificationField, Clash> of(Specification spec, Units units) {
        SpecificationClashes found = new SpecificationClashes(spec, units);
        if (spec.answers(SpecificationField.CONSTRUCTION)) {
            found.form();
            if (spec.answers(SpecificationField.STEEL) && spec.answers(SpecificationField.HARDENING)) {
                found.heat();
            }
            if (spec.answersAll(
                    SpecificationField.WASHER_THICKNESS,
                    SpecificationField.BALL_DIAMETER,
                    SpecificationField.ACTION_CLEARANCE,
                    SpecificationField.PLATE_THICKNESS,
                    SpecificationField.POCKETS)) {
                found.bearings();
            }
            if (spec.answers(SpecificationField.TANG_LENGTH)) {
                found.tang();
            }
            if (spec.answersAll(SpecificationField.GRIND, SpecificationField.EDGE_THICKNESS)) {
                found.edge();
            }
            if (spec.answers(SpecificationField.FINISH)) {
                found.finish();
            }
            if (spec.answers(SpecificationField.HANDLE_TURN)) {
                found.handleTurn();
            }
            if (spec.isAxe()
                    && spec.answers(SpecificationField.HANDLE_MATERIAL)
                    && !spec.handleMaterial().bearsBlows()) {
                found.clash(
                        SpecificationField.HANDLE_MATERIAL,
                        spec.handleMaterial().words() + " breaks as a haft",
                        "straight-grained hardwood: "
                                + Stream.of(HandleMaterial.values())
                                        .filter(HandleMaterial::bearsBlows)
                                        .map(wood -> wood.words().toLowerCase(Locale.ROOT))
                                        .collect(Collectors.joining(", ")));
            }
            if (spec.answersAll(SpecificationField.HANDLE_FINISH, SpecificationField.HANDLE_MATERIAL)) {
                found.handleFinish();
            }
            if (spec.answersAll(SpecificationField.GUARD_STATE, SpecificationField.ALIGNMENT_PINS)
                    && spec.hasHardenedGuard()
                    && spec.hasAlignmentPins()) {
                found.clash(
                        SpecificationField.ALIGNMENT_PINS,
                        "A hardened guard cannot be drilled together with the stack",
                        "no alignment pins, or a guard that is left soft");
            }
        }
        return found.clashes;
    }

    private void form() {
        if (spec.construction().isForged() && spec.answers(SpecificationField.STEEL_FORM) && !spec.isForged()) {
            clash(
                    SpecificationField.STEEL_FORM,
                    spec.isAxe()
                            ? "An eye is slit and drifted in the forge"
                            : "An integral bolster is forged in one with the blade",
                    "a form that is forged");
        }
    }

    private void heat() {
        boolean isAir = spec.steel().isAirHardening();
        if (isAir && (spec.hardening() != Hardening.IN_KILN && spec.hardening() != Hardening.OUTSIDE)) {
            clash(
                    SpecificationField.HARDENING,
                    spec.steel().designation()
                            + " hardens in air and wants a kiln: clay, torch and colour do nothing good for it",
                    "in the kiln, or an outside treater");
        }
        if (spec.answers(SpecificationField.BEVELS)
                && spec.isClayCoated()
                && spec.bevels() == BevelTiming.AFTER_HARDENING) {
            clash(
                    SpecificationField.BEVELS,
                    "Bevels that are ground only after hardening take the line of the clay away again",
                    "“Rough before, finish after”, or a blade without clay");
        }
        if (spec.answers(SpecificationField.TEMPER_HEAT)
                && spec.steel().curve().at(spec.temperHeat()).isEmpty()) {
            clash(
                    SpecificationField.TEMPER_HEAT,
                    "What " + spec.steel().designation() + " becomes at "
                            + spec.temperHeat().in(units) + " is not known",
                    spec.steel().curve().range().in(units));
        }
        if (spec.answers(SpecificationField.QUENCH) && !spec.steel().takes(spec.quench())) {
            clash(
                    SpecificationField.QUENCH,
                    wrongQuench(spec.steel(), spec.quench()),
                    "as usual for the steel; " + spec.steel().designation() + " takes "
                            + Stream.of(Quench.values())
                                    .filter(spec.steel()::takes)
                                    .map(Quench::words)
                                    .collect(Collectors.joining(" or ")));
        }
    }

    private static String wrongQuench(Steel steel, Quench quench) {
        return switch (quench) {
            case PLATES_AND_AIR -> steel.designation() + " stays soft between plates";
            case WATER_THEN_OIL -> "Water cracks " + steel.designation();
            case FAST_OIL -> (steel.isAirHardening() ? "A liquid" : "Fast oil") + " cracks " + steel.designation();
            case MEDIUM_OIL ->
                steel.isAirHardening()
                        ? "A liquid cracks " + steel.designation()
                        : "Medium oil is too slow for " + steel.designation() + ", which stays soft in it";
        };
    }

    /** A tang that is peened or screwed comes out behind the handle; half of a nut's thread holds at the least. */
    private void tang() {
        if (!spec.isPeened() && !spec.isTakeDown()) {
            return;
        }
        Length behind = spec.isPeened()
                ? spec.length(SpecificationField.CAP_THICKNESS)
                : spec.length(SpecificationField.NUT_THREAD).half();
        Length least = KnifeShape.fitting(spec)
                .plus(spec.length(SpecificationField.HANDLE_LENGTH))
                .plus(behind);
        if (spec.length(SpecificationField.TANG_LENGTH).compareTo(least) < 0) {
            clash(
                    SpecificationField.TANG_LENGTH,
                    spec.isPeened()
                            ? "The tang does not come out of its cap, and nothing is left to peen"
                            : "The tang does not reach through the handle into its nut",
                    least.upIn(units) + " or more");
        }
    }

    private void edge() {
        if (spec.grind() == Grind.ZERO_GROUND
                && spec.length(SpecificationField.EDGE_THICKNESS).compareTo(MOST_OF_A_ZERO_EDGE) > 0) {
            clash(
                    SpecificationField.EDGE_THICKNESS,
                    "A bevel that is ground down to nothing leaves no edge",
                    "0.005 in (0.13 mm) or less");
        }
    }

    private void finish() {
        boolean isHamon = spec.finish() == Finish.HAMON;
        if (isHamon && spec.answers(SpecificationField.STEEL) && !spec.steel().takesHamon()) {
            clash(
                    SpecificationField.FINISH,
                    spec.steel().designation() + " hardens too deeply to show a line",
                    "a shallow-hardening steel: 1075, 1095, W1 or W2");
        } else if (isHamon && spec.answers(SpecificationField.HARDENING) && !spec.isClayCoated()) {
            clash(SpecificationField.FINISH, "There is no line without clay", "hardened with clay");
        } else if (spec.finish() == Finish.PATTERN
                && spec.answers(SpecificationField.STEEL_FORM)
                && !spec.isFromBillet()) {
            clash(SpecificationField.FINISH, "One steel has no pattern to show", "a clad or pattern-welded billet");
        } else if (spec.finish() == Finish.PATTERN && spec.isMachined()) {
            clash(
                    SpecificationField.FINISH,
                    "A machined batch is cut from bar, which has no pattern to show",
                    "another finish");
        }
    }

    private void handleTurn() {
        if (spec.isEtchedOnTheHandle() && spec.finish().isTumbled()) {
            clash(
                    SpecificationField.HANDLE_TURN,
                    "A tumbler batters a handle that is on already",
                    "blade first, or a finish that is not tumbled");
        } else if (spec.isEtchedOnTheHandle() && spec.isSharpenedBeforeHandle()) {
            clash(
                    SpecificationField.SHARPENING,
                    "With the handle on before the etch, the edge cannot go on before the handle",
                    "last");
        } else if (spec.isShapedOnTemporaryPins() && !spec.hasScales()) {
            clash(
                    SpecificationField.HANDLE_TURN,
                    "Temporary pins hold scales, and this knife has a block",
                    "blade first, or handle first");
        }
    }

    private void handleFinish() {
        if (spec.handleFinish() == HandleFinish.OIL && !spec.handleMaterial().takesOil()) {
            clash(
                    SpecificationField.HANDLE_FINISH,
                    "Oil does not go into " + spec.handleMaterial().words().toLowerCase(Locale.ROOT),
                    HandleFinish.usualFor(spec.handleMaterial()).words().toLowerCase(Locale.ROOT));
        }
    }

    private void bearings() {
        Length washer = spec.length(SpecificationField.WASHER_THICKNESS);
        Length ball = spec.length(SpecificationField.BALL_DIAMETER);
        Length clearance = spec.length(SpecificationField.ACTION_CLEARANCE);
        if (clearance.compareTo(ball) >= 0) {
            clash(
                    SpecificationField.ACTION_CLEARANCE,
                    "A clearance as large as the ball leaves no pocket for it",
                    "less than the ball");
        } else if (!spec.hasBladePocket()
                && washer.plus(ball).minus(clearance).compareTo(spec.length(SpecificationField.PLATE_THICKNESS)) >= 0) {
            clash(
                    SpecificationField.PLATE_THICKNESS,
                    "The bearing's pocket goes through the plate",
                    "a thicker plate, a thinner washer, or pockets in handle and blade");
        }
    }

    private void clash(SpecificationField field, String problem, String accepted) {
        clashes.putIfAbsent(field, new Clash(problem, accepted));
    }
}

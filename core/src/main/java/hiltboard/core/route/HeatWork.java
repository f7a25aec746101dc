package hiltboard.core.route;

import static hiltboard.core.design.SpecificationField.*;
import static hiltboard.core.route.Cautions.SOLVENT;
import static hiltboard.core.route.Station.*;
import static hiltboard.core.route.Trait.*;

import hiltboard.core.chain.PieceDimensions;
import hiltboard.core.design.ColdTreatment;
import hiltboard.core.design.Hardening;
import hiltboard.core.design.Specification;
import hiltboard.core.material.Quench;
import hiltboard.core.material.Steel;
import hiltboard.core.material.TemperingCurve;
import hiltboard.core.measure.Span;
import hiltboard.core.measure.Units;
import java.time.Duration;
import java.util.Locale;

/** Hardening in every style of the trade, and what follows it before anything else may happen. */
final class HeatWork {
    /** Two to four weeks are usual; common practice, from memory. */
    /**
     * What hardens in air is softened only near its critical heat, and hardens again above it. Common practice, from
     * memory.
     */
    private static final String JUST_SHORT_OF_GLOWING =
            "The end just short of glowing, below about 1300 °F (700 °C), no shine even in "
                    + "the dark; let it cool, and twice more. ";

    private static final Duration AT_THE_TREATER = Duration.ofDays(21);

    private final Draft draft;
    private final Specification spec;

    private HeatWork(Draft draft) {
        this.draft = draft;
        this.spec = draft.spec;
    }

    static void write(Draft draft) {
        HeatWork work = new HeatWork(draft);
        if (draft.spec.isSentOut()) {
            work.outside();
        } else {
            work.coat();
            work.harden();
            work.temper();
        }
        FolderWork.heat(draft);
        work.afterwards();
    }

    private boolean isByEye() {
        return spec.hardening() == Hardening.BY_EYE;
    }

    private int expectedHrc() {
        return (int) Math.round(spec.steel().curve().at(spec.temperHeat()).orElse((double)
                spec.steel().temperedHrc()));
    }

    private void outside() {
        draft.add(Operation.at(TABLE, "send-out", "Send to the treater with its sheet", Effort.SEND_OUT)
                .is(SENDS_OUT)
                .shapedBy(STEEL, HARDENING)
                .sets(Condition.AWAY)
                .toDo(
                        "On the sheet: steel, count, marks, hardness wanted, edge left, cold treatment wanted or not. It is sent thick.",
                        "Write down the date out and the date it is promised back.")
                .targets(PieceDimensions.HARDNESS, PieceDimensions.EDGE_BEFORE_HARDENING)
                .checks("The sheet lies with the blade, and a copy stays here."));
        draft.add(Operation.at(TABLE, "harden", "Hardened and tempered outside", Effort.BACK_FROM_TREATER)
                .is(HARDENS, FIRST_TEMPER, LAST_TEMPER)
                .shapedBy(STEEL, HARDENING)
                .rest(AT_THE_TREATER, "at the treater's")
                .clears(Condition.AWAY, Condition.ANNEALED)
                .sets(Condition.TEMPERED)
                .toDo("On its return compare count, marks, scale and warp with the sheet.")
                .checks("Count and marks agree with the sheet.", "Warp and scale are written down.")
                .leaves(State.HARDENED));
    }

    private void coat() {
        if (spec.steel().isAirHardening() || spec.isFoiledAgainstScale()) {
            foil();
        }
        if (spec.isCoatedAgainstScale()) {
            draft.add(Operation.at(KILN, "coat-against-scale", "Coat it against scale", Effort.COAT_AGAINST_SCALE)
                    .is(COATS_AGAINST_SCALE)
                    .shapedBy(SCALE_GUARD, STEEL)
                    .toDo(
                            "Degrease, warm the blade to the hand, and brush or dip a thin, even coat on.",
                            "Let it dry through before the fire; the coat comes off in the quench, or with a brush after it.")
                    .cautions(SOLVENT, "Wash and dust may hold silica: mix it wet, wipe it wet.")
                    .checks("No bare spot shows, and it is dry all over."));
        }
        if (spec.isClayCoated()) {
            draft.add(Operation.at(KILN, "degrease-for-clay", "Degrease for the clay", Effort.DEGREASE_FOR_CLAY)
                    .is(DEGREASES_FOR_CLAY)
                    .shapedBy(HARDENING)
                    .toDo("Wipe with solvent; from then on only clean hands touch it.")
                    .cautions(SOLVENT)
                    .checks("A white rag stays clean."));
            draft.add(Operation.at(KILN, "apply-clay", "Lay the clay on and let it dry", Effort.APPLY_CLAY)
                    .is(COATS_WITH_CLAY)
                    .shapedBy(HARDENING)
                    .sets(Condition.CLAYED)
                    .rest(Duration.ofHours(12), "clay drying")
                    .toDo(
                            "Mix the clay as thick as batter, and write the mixture down: too thin it runs, too thick it cracks.",
                            "Lay it " + Quench.CLAY_THICK + " over the spine, and leave the edge bare.",
                            "Let it dry overnight, until it is pale all over and no longer cold against the cheek.")
                    .cautions("Clay dust is silica: mix it wet, wipe it wet.")
                    .checks(
                            "It is dry through: pale all over.",
                            "No crack runs through the clay; where one does, it is laid on again."));
        }
    }

    private void foil() {
        draft.add(Operation.at(KILN, "degrease-for-foil", "Degrease for the foil", Effort.DEGREASE_FOR_FOIL)
                .is(DEGREASES_FOR_FOIL)
                .shapedBy(STEEL, HARDENING)
                .toDo("Wipe with solvent, handle with clean gloves.")
                .cautions(SOLVENT)
                .checks("A white rag stays clean."));
        Operation.Builder wrap = Operation.at(KILN, "wrap-foil", "Wrap in foil", Effort.WRAP_FOIL)
                .is(WRAPS_FOIL)
                .shapedBy(STEEL, HARDENING, SCALE_GUARD)
                .toDo("Fold every seam twice, and pad the tip.")
                .cautions("Foil edges cut like a blade.")
                .checks("There is no hole in the foil.");
        draft.add(
                spec.steel().isAirHardening()
                        ? wrap
                        : wrap.toDo(
                                "Leave one end so that it can be cut open at the quench: through foil a liquid quench comes too late."));
    }

    private void harden() {
        Quench quench = spec.quench();
        Operation.Builder harden = Operation.at(
                        isByEye() ? Station.FORGE : KILN,
                        "harden",
                        draft.rework.heats() > 1 ? "Harden once more (heat " + draft.rework.heats() + ")" : "Harden",
                        Effort.HARDEN)
                .is(HARDENS)
                .shapedBy(STEEL, QUENCH)
                .clears(Condition.ANNEALED, Condition.TEMPERED, Condition.CLAYED)
                .sets(Condition.UNTEMPERED)
                .targets(PieceDimensions.HARDENING_TEMPERATURE, PieceDimensions.SOAK)
                .leaves(State.HARDENED);
        ready(harden);
        if (isByEye()) {
            harden.toDo(
                            "Work in the shade: bright daylight makes colours unreadable; a square tube muffles the flame.",
                            "The magnet lets go at about " + Units.both(Steel.CURIE::in) + " in every steel: go "
                                    + Steel.PAST_THE_MAGNET + ", by colour, evenly.",
                            "Quench a coupon of the same steel first and break it: fine grey grain is right, coarse and "
                                    + "sparkling was too hot.",
                            spec.steel().wantsSoak()
                                    ? spec.steel().designation() + " should stay at heat for "
                                            + Span.words(spec.steel().soak())
                                            + ": by eye it does not get that, and never comes to its full hardness."
                                    : "")
                    .checks(
                            "The coupon broke fine and grey.",
                            "The magnet no longer held, and it was taken a little further.");
        } else {
            harden.toDo("Let the kiln recover after the door: enter what it shows when the soak's clock is started.")
                    .readings(PieceDimensions.KILN_AT_SOAK)
                    .checks("The kiln had recovered before the soak was counted.");
        }
        harden.toDo(
                quenched(quench),
                spec.isAxe()
                        ? "Eye and poll stay soft."
                        : quench.isLiquid()
                                ? "It warps about half way down: into plates or jig before that, and held there until the hand can "
                                        + "hold it; what is bent "
                                        + "then stays bent until it is tempered."
                                : "It stays between the plates until the hand can hold it; what is bent then stays bent until it "
                                        + "is tempered.",
                quench.isLiquid()
                        ? "Scale that pops off in the " + (quench == Quench.WATER_THEN_OIL ? "water" : "oil")
                                + " is a good sign; where it clings in patches, try those with the file."
                        : "");
        if (draft.rework.heats() > 1) {
            harden.toDo(
                    "Before a further heat look at what bent it the last time: uneven bevels, uneven heat, a slanting quench, stress "
                            + "from forging or grinding. What is not changed bends it again.");
        }
        if (spec.isClayCoated()) {
            harden.toDo(
                    "Brush the clay off, wet, before the file and the temper.",
                    "A quick grind at 120 grit shows the ghost of the line, up to its turn at the tip, while a second quench is still "
                            + "possible; the blade is brittle meanwhile. Where there is no line, clay it again.");
        }
        harden.cautions(
                quench.cautions(spec.isAxe()),
                "A blade that cracks in the quench throws pieces" + (quench.isLiquid() ? " and oil" : "")
                        + ": face covered, nobody in line.",
                Cautions.UNTEMPERED);
        draft.add(harden.checks(
                spec.isFileTestedUntempered()
                        ? "It came out of the quench whole: no crack, no ping."
                        : FileTest.AFTER_THE_QUENCH));
        if (spec.isFileTestedUntempered()) {
            draft.add(Operation.at(KILN, "file-test", "Try it with the file, untempered", Effort.FILE_TEST)
                    .is(FILE_TESTS)
                    .shapedBy(HARDNESS_TRIED)
                    .toDo("Draw a file across the edge with light strokes, beside a soft piece; bend and drop nothing.")
                    .cautions(Cautions.UNTEMPERED)
                    .checks(FileTest.AFTER_THE_QUENCH));
        }
        if (spec.isTakenCold()) {
            cold();
        }
    }

    private void ready(Operation.Builder harden) {
        Quench quench = spec.quench();
        String warm = Units.both(quench.medium()::in);
        harden.toDo(
                switch (quench) {
                    case FAST_OIL, MEDIUM_OIL ->
                        "Before the fire: oil at " + warm + (spec.isAxe() ? "" : ", deep enough to go wholly under")
                                + ", lid and extinguisher beside it.";
                    case WATER_THEN_OIL ->
                        "Before the fire: water at " + warm
                                + " and oil beside it, lid and extinguisher at hand; a spare blank lies ready.";
                    case PLATES_AND_AIR -> "Before the fire: plates cold and clean, the air line tried.";
                });
    }

    private String quenched(Quench quench) {
        String open = spec.isFoiledAgainstScale() && quench.isLiquid()
                ? "Cut the foil open at the mouth of the tank and let the blade slide out. "
                : "";
        return switch (quench) {
            case FAST_OIL, MEDIUM_OIL ->
                open + "Quench in " + quench.words() + ", " + Quench.intoLiquid(spec.isAxe()) + ".";
            case WATER_THEN_OIL ->
                open + "Quench in water, count two or three, then over into the oil, " + Quench.intoLiquid(spec.isAxe())
                        + ".";
            case PLATES_AND_AIR -> "Quench " + Quench.ONTO_PLATES + ".";
        };
    }

    private void cold() {
        draft.add(Operation.at(
                        KILN,
                        "cold-treat",
                        "Cold treatment: " + spec.cold().words().toLowerCase(Locale.ROOT),
                        Effort.COLD_TREAT)
                .is(COLD_TREATS)
                .shapedBy(STEEL, HARDENING, COLD, COLD_TURN)
                .rest(Duration.ofHours(1), "in the cold")
                .toDo(
                        spec.isTakenColdBetweenTempers()
                                ? "After the first temper, from room temperature slowly down; the next temper the same day."
                                : "Into the cold as soon as the hand can hold it.",
                        spec.cold() == ColdTreatment.NITROGEN
                                ? "Lower it slowly through the vapour first: plunged, it may crack."
                                : "")
                .cautions(spec.cold().caution(), spec.isTakenColdBetweenTempers() ? "" : Cautions.UNTEMPERED)
                .checks(
                        spec.isTakenColdBetweenTempers()
                                ? "It went in from room temperature."
                                : "It went in the same hour as the quench."));
    }

    private void temper() {
        String oven = isByEye()
                ? "A steady oven, settled at heat before the blade goes in: enter what it shows; a thermometer of its own "
                        + "beside the blade tells the truth."
                : "The kiln has to come down from hardening heat first, which takes hours: enter what it shows when the blade goes in.";
        Operation.Builder first = temper("temper-first", spec.tempers() == 1 ? "Temper" : "First temper", oven)
                .is(FIRST_TEMPER)
                .clears(Condition.UNTEMPERED)
                .sets(Condition.TEMPERED)
                .readings(PieceDimensions.KILN_AT_TEMPER)
                .cautions(Cautions.UNTEMPERED);
        if (spec.isClampedInFirstTemper()) {
            first.toDo(
                            "Where it is off: clamp it lightly, wrapped, shimmed the other way, and let the heat do the rest; "
                                    + "never force it "
                                    + "cold.")
                    .cautions(
                            "An untempered blade can burst in the clamp: face shield, glove, a shield between blade and face, "
                                    + "hand-tight only.");
        }
        draft.add(spec.tempers() == 1 ? first.is(LAST_TEMPER) : first);
        if (spec.tempers() == 2) {
            draft.add(temper("temper-second", "Second temper", "").is(LAST_TEMPER));
        } else if (spec.tempers() == 3) {
            draft.add(temper("temper-second", "Second temper", "").is(TEMPERS_BETWEEN));
            draft.add(temper("temper-third", "Third temper", "").is(LAST_TEMPER));
        }
    }

    private Operation.Builder temper(String key, String title, String first) {
        return Operation.at(KILN, key, title, Effort.TEMPER)
                .shapedBy(STEEL, TEMPER_HOURS, TEMPER_HEAT)
                .rest(spec.temperTime(), "tempering")
                .toDo(
                        first,
                        colour(),
                        Span.words(spec.temperTime()) + " at heat, then let it cool until the hand can hold it.")
                .targets(PieceDimensions.TEMPERING_TEMPERATURE)
                .checks("It has cooled to room temperature.");
    }

    /** Colours are read on clean carbon steel; chromium shows them late and paler. */
    private String colour() {
        return spec.steel().isAirHardening()
                ? "Go by the thermometer: steel with much chromium shows its colours late, and they mislead."
                : "Clean a spot to bright steel first: " + TemperColour.at(spec.temperHeat())
                        + " is right for this heat; " + TemperColour.tooSoft(spec.temperHeat()) + " is too soft.";
    }

    private void afterwards() {
        draft.add(Operation.at(GRINDER, "remove-scale", "Take the scale off", Effort.REMOVE_SCALE)
                .is(REMOVES_SCALE, NEEDS_TEMPERED)
                .toDo(
                        spec.isAxe()
                                ? "Worn belt, cheeks first, then the bit; the eye is left to the file."
                                : "Worn belt, flats first.",
                        spec.isAxe()
                                ? ""
                                : "Count the passes until a flat is clean all over: more than a few say how far it moved; "
                                        + "measure what thickness is left.")
                .checks(
                        spec.isAxe()
                                ? "Cheeks and bit are clean steel."
                                : "Both flats are clean steel: a dark low spot at the edge wants more, or the blade is "
                                        + "thinner there."));
        soften();
        if (spec.isHardnessTestedTempered()) {
            draft.add(Operation.at(FINISHING, "test-hardness", "Test the hardness", Effort.TEST_HARDNESS)
                    .is(TESTS_HARDNESS, NEEDS_TEMPERED)
                    .shapedBy(STEEL, TEMPER_HEAT)
                    .toDo("A file beside a soft piece, then the tester: three readings on a flat"
                            + (spec.isAxe() ? " near the edge" : "") + ", enter the middle one.")
                    .targets(PieceDimensions.HARDNESS)
                    .readings(PieceDimensions.HARDNESS)
                    .checks(FileTest.tempered(expectedHrc())));
        }
        draft.add(Operation.at(FITTING, "straighten", "Sight it and straighten", Effort.STRAIGHTEN)
                .is(STRAIGHTENS, NEEDS_TEMPERED)
                .toDo(
                        spec.isAxe()
                                ? "Sight from the edge through the eye, and write down how far it is off and where."
                                : "Sight along spine and edge, and write down how far it is off and where.",
                        spec.isAxe()
                                ? "Where it is off by more than the grinder can take: set it at forging heat, then normalise, harden "
                                        + "and temper once more; a head this thick does not come straight in a clamp."
                                : "Where it is off: clamp it shimmed the other way and temper it once more, "
                                        + Span.words(TemperingCurve.EACH) + "; or count on a heat more.",
                        "Where it is off a second time: look at bevels, heat and quench before a third; a new "
                                + (spec.isAxe() ? "head" : "blade") + " is the better way then.")
                .cautions(spec.isAxe() ? "" : "Eyes: a blade that breaks in the clamp flies.")
                .checks((spec.isAxe() ? "Edge and eye lie in one line" : "Spine and edge are straight")
                        + ", or what is left is written down and the grinder can take it."));
        if (spec.hasScales()) {
            draft.add(Operation.at(GRINDER, "true-tang", "True the tang's flats", Effort.TRUE_TANG)
                    .is(TRUES_TANG, NEEDS_TEMPERED, USES_FRESH_BELTS)
                    .toDo(
                            "Heat and scale have moved the flats that the scales will lie on: true both on the flat platen or the plate.",
                            "On a grinder with a magnet: dress the wheel, clean chuck and blade until the palm feels no grit, the wheel "
                                    + "standing still; touch off while the table moves, or it burns a groove.",
                            "Lift the blade off, or tape the ground side: dragged over a magnet it is scratched.")
                    .cautions(
                            "Check that the magnet holds before the wheel turns: a loose part flies. Stand aside, guard on; oil mist "
                                    + "burns, and makes the floor slippery.")
                    .checks(
                            "On granite no light shows under the tang, both sides.",
                            "The grinding pattern is even all over: a low spot shows as its own pattern."));
        }
    }

    private void soften() {
        if (spec.hardening() == Hardening.TORCHED_SPINE) {
            draft.add(Operation.at(Station.FORGE, "soften-spine", "Soften spine and tang by torch", Effort.SOFTEN_SPINE)
                    .is(SOFTENS, NEEDS_TEMPERED)
                    .shapedBy(HARDENING)
                    .toDo(
                            "Edge in wet sand or water; on bright steel the colours run from the spine: stop at blue, well above the edge.",
                            "Two or three times, cooled between.")
                    .cautions(Cautions.TORCH)
                    .checks("No colour lies within the edge's third."));
        }
        if (spec.isAxe()) {
            draft.add(Operation.at(
                            Station.FORGE,
                            "draw-back-eye",
                            "Draw eye and poll back with a hot drift",
                            Effort.DRAW_BACK_EYE)
                    .is(SOFTENS, NEEDS_TEMPERED)
                    .shapedBy(CONSTRUCTION, STEEL)
                    .toDo(
                            "Bit in water or wet rags; a drift at dull red into the eye, until eye and poll run blue and grey.",
                            spec.steel().isAirHardening()
                                    ? Cautions.NO_RED_HEAT
                                    : "Once more with a fresh drift, where a file still skates on the poll.")
                    .cautions(Cautions.TORCH)
                    .checks("A file bites on eye and poll.", "No colour has run into the bit."));
        }
        if (spec.isPeened()) {
            draft.add(Operation.at(
                            Station.FORGE, "soften-tang-end", "Soften the tang's end fully", Effort.SOFTEN_TANG_END)
                    .is(SOFTENS, NEEDS_TEMPERED)
                    .shapedBy(HELD_BY, STEEL)
                    .toDo(
                            "Wet rag around the ricasso.",
                            spec.steel().isAirHardening()
                                    ? JUST_SHORT_OF_GLOWING + Cautions.NO_RED_HEAT
                                    : "Red heat on the last inch, then slowly to cold.")
                    .cautions(Cautions.TORCH)
                    .checks("A file bites on the tang's end."));
        }
        if (spec.isTakeDown()) {
            draft.add(Operation.at(Station.FORGE, "draw-thread", "Draw the threaded end", Effort.DRAW_THREAD)
                    .is(SOFTENS, NEEDS_TEMPERED)
                    .shapedBy(HELD_BY, STEEL)
                    .toDo(
                            "Wet rag around the ricasso: a hard thread snaps under its nut.",
                            spec.steel().isAirHardening()
                                    ? JUST_SHORT_OF_GLOWING + Cautions.NO_RED_HEAT
                                    : "Run the threaded end to blue and beyond, to grey.")
                    .cautions(Cautions.TORCH)
                    .checks("A file bites on the thread's end."));
        }
    }
}

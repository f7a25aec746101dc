package hiltboard.core.route;

import static hiltboard.core.design.SpecificationField.*;
import static hiltboard.core.route.Cautions.FERRIC;
import static hiltboard.core.route.Cautions.SOLVENT;
import static hiltboard.core.route.Station.*;
import static hiltboard.core.route.Trait.*;

import hiltboard.core.chain.PieceDimensions;
import hiltboard.core.design.BevelTiming;
import hiltboard.core.design.Finish;
import hiltboard.core.design.Mark;
import hiltboard.core.design.MarkTiming;
import hiltboard.core.design.Specification;
import hiltboard.core.design.Use;
import hiltboard.core.etch.UsualEtches;
import java.time.Duration;
import java.util.Set;

/** The last grind, the finish, the acid and the mark. */
final class BladeWork {
    private final Draft draft;
    private final Specification spec;

    private BladeWork(Draft draft) {
        this.draft = draft;
        this.spec = draft.spec;
    }

    static void grind(Draft draft) {
        new BladeWork(draft).grind();
    }

    static void finish(Draft draft) {
        BladeWork work = new BladeWork(draft);
        work.easeCorners();
        if (draft.spec.finish().isEtched()) {
            work.etched();
        } else {
            work.bright();
        }
        work.mark();
        if (!draft.spec.isFolder()) {
            draft.add(Operation.at(FINISHING, "wrap-blade", "Wrap the blade", Effort.WRAP_BLADE)
                    .is(WRAPS_BLADE)
                    .sets(Condition.WRAPPED)
                    .toDo("Oil it, paper it, tape it; edge and point covered.")
                    .cautions("Wipe away from the edge.")
                    .checks(
                            draft.spec.isAxe()
                                    ? "Nothing of the edge shows, and the eye is open."
                                    : "Nothing of the blade shows."));
        }
    }

    private void grind() {
        Effort effort = switch (spec.bevels()) {
            case BEFORE_HARDENING -> Effort.CLEAN_UP_GRIND;
            case ROUGH_THEN_FINISH -> Effort.FINISH_GRIND;
            case AFTER_HARDENING -> Effort.GRIND_HARD_BEVELS;
        };
        Operation.Builder grind = Operation.at(
                        GRINDER,
                        "finish-grind",
                        spec.bevels() == BevelTiming.AFTER_HARDENING ? "Grind the bevels" : "Finish the grind",
                        effort)
                .is(FINISH_GRINDS, GRINDS_BEVELS, USES_FRESH_BELTS, NEEDS_TEMPERED)
                .shapedBy(
                        BEVELS,
                        GRIND,
                        BEVEL_HEIGHT,
                        EDGE_THICKNESS,
                        DISTAL_TAPER,
                        TIP_THICKNESS,
                        SWEDGE,
                        WHEEL_DIAMETER,
                        CONVEX_BULGE,
                        CHEEK_THICKNESS)
                .toDo(
                        "Dip it at every pass: when the fingers feel it, it is hot.",
                        spec.isAxe()
                                ? "Finish one side, copy it to the other, then bring both to one: begin at the cheek, end in the "
                                        + "middle of the edge."
                                : "Finish one side, copy it to the other, then bring both to one: compare where the bevel leaves the "
                                        + "spine and where it enters at the plunge.",
                        "The edge thins at each grit: look and feel, and come to the scribed line slowly; a coarse belt is past it in two "
                                + "passes.",
                        "A hump is blended in many passes, never in one; the full face of the belt, since its edge digs grooves.",
                        Set.of(Use.VEGETABLES, Use.MEAT).contains(spec.use())
                                ? "Put a first edge on early and cut with it: then decide how thin it ends."
                                : "",
                        spec.isAxe()
                                ? "After the last pass measure the edge."
                                : "After the last pass measure the blade at the ricasso and the edge at the heel.")
                .targets(PieceDimensions.EDGE_THICKNESS)
                .readings(PieceDimensions.EDGE_THICKNESS)
                .cautions("No gloves: feel the heat. Colour on the edge means that the temper is gone.")
                .checks(
                        "Left and right were measured and are the same.",
                        "The bevel reaches its line on both sides, and the land at the edge is even and in the middle.",
                        "The belt was the one that was planned, or it is noted which.",
                        "No colour is seen anywhere on the edge.")
                .leaves(State.GROUND);
        grind.targets(PieceDimensions.BEVEL_ANGLE);
        if (!spec.isAxe()) {
            grind.targets(PieceDimensions.BLADE_THICKNESS).readings(PieceDimensions.BLADE_THICKNESS);
        }
        if (spec.hasDistalTaper()) {
            grind.targets(PieceDimensions.TIP_THICKNESS).readings(PieceDimensions.TIP_THICKNESS);
        }
        if (spec.isSlipJoint()) {
            grind.targets(PieceDimensions.NICK_LEFT);
        }
        if (spec.bevels() != BevelTiming.BEFORE_HARDENING) {
            grind.is(HEAVY_GRINDING);
        }
        if (spec.steel().stainless()) {
            grind.cautions(
                    "Belts for stainless only: steel dust of other grades may start rust (cautious practice, unproven).");
        }
        if (spec.finish() == Finish.TWO_TONE_GROUND) {
            grind.is(FINISHES_BLADE).cautions("The flats are dark already: belt and fingers on the bevels only.");
        }
        draft.add(grind);
    }

    private void easeCorners() {
        draft.add(Operation.at(
                        FINISHING,
                        "ease-corners",
                        spec.isAxe() ? "Ease the corners of poll and beard" : "Ease spine and butt",
                        Effort.EASE_CORNERS)
                .is(EASES_CORNERS, NEEDS_TEMPERED)
                .toDo(
                        spec.isAxe()
                                ? "Break every corner of poll, cheeks and beard that a hand or a sheath meets."
                                : "Break the corners of the spine, of the choil and of whatever steel stands out at the butt; "
                                        + "round the spine "
                                        + "where a finger lies.")
                .checks(
                        spec.isAxe()
                                ? "A hand runs over poll and beard without feeling a corner."
                                : "A finger runs along the spine without feeling a corner."));
    }

    private void bright() {
        switch (spec.finish()) {
            case BELT_SATIN ->
                draft.add(Operation.at(GRINDER, "belt-satin", "Belt satin", Effort.BELT_SATIN)
                        .is(POLISHES, FINISHES_BLADE)
                        .shapedBy(FINISH)
                        .toDo("120, 220, 400, then non-woven: a step of much more than double leaves scratches.")
                        .checks("The lines run even from heel to " + (spec.isAxe() ? "toe." : "tip."))
                        .sets(Condition.FINISHED)
                        .leaves(State.FINISHED));
            case MIRROR -> {
                draft.add(Operation.at(FINISHING, "sand-for-mirror", "Sand by hand to 2000", Effort.SAND_FOR_MIRROR)
                        .is(POLISHES)
                        .shapedBy(FINISH)
                        .toDo(
                                "220, 320, 400, 600, 1000, 2000: each grit across the last scratches until they are gone; hard backing "
                                        + "first, soft at the end.")
                        .checks("No scratch coarser than 2000 shows in low light."));
                draft.add(Operation.at(FINISHING, "buff-mirror", "Buff to a mirror", Effort.BUFF_MIRROR)
                        .is(POLISHES, FINISHES_BLADE)
                        .shapedBy(FINISH)
                        .toDo(
                                "Edge down, light hand, a clean wheel for each compound.",
                                "Buff lightly and look: deep scratches show only now. Where one shows, go back two grits, then buff again.")
                        .cautions(Cautions.BUFFER, "Compounds: gloves where hands stay in them for long.")
                        .checks("A printed line can be read in it.")
                        .sets(Condition.FINISHED)
                        .leaves(State.FINISHED));
            }
            default ->
                draft.add(Operation.at(FINISHING, "hand-sand", "Sand by hand to satin", Effort.HAND_SATIN)
                        .is(POLISHES, FINISHES_BLADE)
                        .shapedBy(FINISH)
                        .toDo(
                                "220, 320, 400, 600: each grit across the last scratches until they are gone.",
                                "The last strokes lengthwise, one way, on a hard backing.")
                        .checks("No scratch of an earlier grit shows in low light.")
                        .sets(Condition.FINISHED)
                        .leaves(State.FINISHED));
        }
    }

    private void etched() {
        sandForEtch();
        if (spec.finish() == Finish.VALLEY_AND_PEAK) {
            draft.add(Operation.at(GRINDER, "texture", "Cut the coarse texture", Effort.TEXTURE)
                    .is(TEXTURES)
                    .shapedBy(FINISH)
                    .toDo(
                            "Deep and even: the peaks will be sanded bright, the valleys stay dark. No fine polish before it: it would be "
                                    + "cut away again.")
                    .checks("It is even over both sides."));
        }
        if (spec.finish() == Finish.TWO_TONE_MASKED) {
            draft.add(Operation.at(TANK, "mask", "Mask the second tone", Effort.MASK)
                    .is(MASKS)
                    .shapedBy(FINISH)
                    .toDo(
                            "Cut the mask in pieces, and lift only the first areas now; the second are lifted before the second bath.",
                            "What is opened first keeps etching: its time is its own and all later ones together.")
                    .checks(
                            "The edges of the mask are pressed down all round.",
                            "All the steel that is to go dark now lies open, and no more."));
        }
        if (spec.isEtchedOnTheHandle()) {
            draft.add(Operation.at(TANK, "tape-handle", "Tape the handle off", Effort.TAPE_HANDLE)
                    .is(TAPES_HANDLE)
                    .of(Part.HANDLE)
                    .shapedBy(HANDLE_TURN)
                    .toDo(
                            "Tape round the front, varnish over the tape's edge and over every pin.",
                            "Hang it by the handle, point down, so that only the blade is wet.")
                    .checks("No gap shows at the tape's edge.", "The pins are covered."));
        }
        draft.add(Operation.at(TANK, "degrease-for-etch", "Degrease for the bath", Effort.DEGREASE_FOR_ETCH)
                .is(DEGREASES_FOR_ETCH)
                .sets(Condition.DEGREASED)
                .toDo(
                        spec.isShapedOnTemporaryPins()
                                ? "Take the scales off their pins: what lies under them would stay raw, and the acid would stain them."
                                : "",
                        "Have acetone, rags, neutraliser, water and clock at hand before you begin.",
                        "Solvent until a clean white rag stays clean; alcohol alone has not been enough.")
                .cautions(SOLVENT)
                .checks(
                        "A white rag stays clean.",
                        spec.isShapedOnTemporaryPins() ? "The scales are off their pins." : ""));
        etch();
        neutralise();
        afterTheBath();
    }

    /** How fine the ground under an etch is, and what it takes. */
    private record Sanding(int grit, Effort effort) {}

    private void sandForEtch() {
        int grit = UsualEtches.of(spec).orElseThrow().grit();
        Sanding to = new Sanding(grit, effort(grit));
        draft.add(Operation.at(
                        FINISHING,
                        "sand-for-etch",
                        spec.finish() == Finish.VALLEY_AND_PEAK ? "Even it out for the texture" : "Sand for the etch",
                        to.effort())
                .is(POLISHES)
                .shapedBy(FINISH)
                .toDo(
                        "Even " + to.grit() + " all over; "
                                + (spec.finish() == Finish.VALLEY_AND_PEAK
                                        ? "no finer, since the texture goes over it."
                                        : "the acid shows every coarser scratch."),
                        spec.isFromBillet() ? "Look for small cracks and open welds now: rough marks hid them." : "")
                .checks("No scratch coarser than " + to.grit() + " is left."));
    }

    /** To the next grit that somebody has said a time for. */
    private static Effort effort(int grit) {
        if (grit <= 220) {
            return Effort.SAND_TO_220;
        }
        if (grit <= 400) {
            return Effort.SAND_TO_400;
        }
        if (grit <= 800) {
            return Effort.SAND_TO_800;
        }
        return grit <= 1500 ? Effort.SAND_TO_1500 : Effort.SAND_TO_2000;
    }

    private void etch() {
        EtchTime bath = EtchTime.of(spec);
        Operation.Builder etch = Operation.at(
                        TANK, "etch", spec.isEtchedOnTheHandle() ? "Dip the blade to the line" : "Etch", bath.effort())
                .is(ETCHES)
                .shapedBy(FINISH, STEEL)
                .rest(bath.rest(), bath.words())
                .clears(Condition.DEGREASED)
                .sets(Condition.ACID, Condition.ETCHED)
                .toDo(
                        "First the coupon, then the piece: a scrap of the same steel and finish shows what this bath does today.",
                        "Look after five seconds: a spot is residue, and can still be wiped.",
                        bath.recipe().name() + ": " + bath.recipe().cyclesInWords() + "; after each "
                                + bath.recipe().cycle(1).words() + ".",
                        "After each cycle wipe with a white tissue: dark lines under the glove are residue, and eat no further.",
                        "Neutralise between cycles too: acid that stays goes on eating.",
                        "Log the bath: old ones take longer.")
                .cautions(
                        spec.finish() == Finish.HAMON
                                ? "Lemon juice or weak ferric chloride: goggles, gloves, collect the waste."
                                : FERRIC,
                        "A tall narrow tube tips over, and a tight cap builds pressure: a stand, a tray, a loose lid, a label with "
                                + "content and date.",
                        bath.caution())
                .checks(
                        "The coupon came out right; a finished knife that looks good is not etched on a guess.",
                        "It was even after the first look.",
                        bath.good(),
                        "The tissue comes away without black after the last cycle.",
                        "The bath is logged.");
        draft.add(
                spec.isEtchedOnTheHandle()
                        ? etch.cautions(
                                "Tape and hanging wire: the edge cuts both, and acid drips from them; another metal in the bath eats the "
                                        + "blade.")
                        : etch.is(BATHES_WHOLE));
    }

    private void neutralise() {
        Operation.Builder stop = Operation.at(TANK, "neutralise", "Neutralise", Effort.NEUTRALISE)
                .is(NEUTRALISES)
                .shapedBy(NEUTRALISER)
                .clears(Condition.ACID)
                .toDo(
                        switch (spec.neutraliser()) {
                            case SOAP -> "Wash it with soap and much water, then rinse.";
                            case BAKING_SODA -> "Baking soda in water until it foams no more, then rinse.";
                            case TRISODIUM_PHOSPHATE -> "Trisodium phosphate in water, then rinse well.";
                            case AMMONIA_CLEANER -> "Spray it, wait, rinse well.";
                        });
        String where = spec.isAxe() ? "eye" : "tang";
        String bleeds = "water bleeds out of the "
                + (spec.isAxe() ? "eye." : spec.hasScales() || spec.isFolder() ? "tang's holes." : "tang's corners.");
        if (goesWetIntoTheTumbler()) {
            stop.toDo("Straight into the wet tumbler, still wet: where it dries first it spots; " + bleeds)
                    .checks("No yellow water stands at the " + where + ", and the blade is still wet all over.");
        } else {
            stop.toDo("Dry it at once; " + bleeds + " Blotches right after drying are normal, and go with the oil.")
                    .checks("It is dry, and no yellow water stands at the " + where + ".");
        }
        draft.add(
                switch (spec.neutraliser()) {
                    case TRISODIUM_PHOSPHATE ->
                        stop.cautions("Trisodium phosphate is caustic: gloves, goggles, not on aluminium.");
                    case AMMONIA_CLEANER ->
                        stop.cautions("Never ammonia cleaner with bleach, and never into the acid.");
                    case SOAP, BAKING_SODA -> stop;
                });
    }

    private boolean goesWetIntoTheTumbler() {
        return spec.finish().isTumbled() && spec.isTumbledWet();
    }

    private void afterTheBath() {
        if (spec.finish().isTumbled()) {
            Operation.Builder tumble = Operation.at(FINISHING, "tumble", "Tumble", Effort.TUMBLE)
                    .is(TUMBLES)
                    .shapedBy(TUMBLING, FINISH)
                    .rest(Duration.ofMinutes(spec.isTumbledWet() ? 7 : 15), "tumbling")
                    .toDo(
                            spec.isTumbledWet()
                                    ? "Wet, five to seven minutes in mixed media; dry it and oil it at once."
                                    : "Dry, fifteen minutes; oil it when it comes out.")
                    .checks(
                            "It is even all over, both sides; a darker spot along the edge is a low place. Compare both sides, and the "
                                    + "picture of the last one.");
            tumble.cautions("A blade that is held in a jig: its edge sealed off, the guard shut before it runs.");
            draft.add(
                    spec.finish() == Finish.TWO_TONE_GROUND
                            ? tumble
                            : tumble.is(FINISHES_BLADE).sets(Condition.FINISHED).leaves(State.FINISHED));
        } else {
            draft.add(Operation.at(FINISHING, "polish-back", "Polish back after the bath", Effort.POLISH_BACK)
                    .is(SANDS_PEAKS, FINISHES_BLADE)
                    .shapedBy(FINISH)
                    .toDo(
                            switch (spec.finish()) {
                                case VALLEY_AND_PEAK ->
                                    "1500 on a hard backing: the peaks come bright, the valleys are not touched.";
                                case HAMON -> "1500 powder in oil, five minutes a round, until the line stands clear.";
                                case PATTERN -> "2500 on a hard backing over the bright layers, then oil.";
                                case TWO_TONE_MASKED -> "Take the mask off, oil it; a soft cloth only.";
                                default -> "Polish it back evenly to a soft grey.";
                            })
                    .checks(
                            switch (spec.finish()) {
                                case VALLEY_AND_PEAK, PATTERN ->
                                    "At an angle to the light the peaks are bright and the valleys dark, alike on "
                                            + "both sides.";
                                case HAMON -> "The line is seen from heel to tip, with its turn at the tip.";
                                default -> "It is even on both sides.";
                            })
                    .sets(Condition.FINISHED)
                    .leaves(State.FINISHED));
        }
    }

    private void mark() {
        if (spec.mark() != Mark.ELECTRO_ETCHED) {
            return;
        }
        Operation.Builder mark = Operation.at(TANK, "electro-mark", "Electro-etch the mark", Effort.ELECTRO_MARK)
                .is(MARKS)
                .shapedBy(MARK)
                .sets(Condition.MARKED)
                .toDo(
                        "Tape the stencil flat; dabs of a few seconds for a mark, for depth 20 to 30 seconds and never more than a minute; "
                                + "cool in water between: a hot blade lifts the stencil.",
                        "Try it on scrap: where it does not start, clean the contact piece and turn the current up, never bridge it. The "
                                + "lamp on the charger and the steel going dark show that it etches.")
                .cautions(
                        "Use an electrolyte meant for this steel; with salt it makes chlorine and hydrogen, with stainless chromium "
                                + "compounds too: fresh air, no spark, waste collected.",
                        "A charger that was rebuilt can shock: fuse, insulated box, dry hands, no solvent near a spark.")
                .checks(
                        "All that is to be etched lies open under the stencil, and no more.",
                        "No touch was longer than a minute.",
                        "A fingernail just catches in a deep mark.",
                        "The mark reads sharp at its edges.");
        if (spec.markTiming() == MarkTiming.LAST) {
            mark.toDo("The finish around it is done: mask it all round.");
        }
        boolean isBeforeAcid = spec.finish().isEtched() && spec.markTiming() == MarkTiming.BEFORE_ACID;
        draft.add(isBeforeAcid || spec.markTiming() == MarkTiming.LAST ? mark : mark.is(FINISHES_BLADE));
    }
}

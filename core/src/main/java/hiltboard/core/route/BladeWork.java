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
import java.time.Duration;

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
        if (draft.spec.finish().isEtched()) {
            work.etched();
        } else {
            work.bright();
        }
        work.mark();
        if (!draft.spec.isFolder()) {
            draft.add(Operation.at(FINISHING, "wrap-blade", "Wrap the blade", 5).is(WRAPS_BLADE).sets(Condition.WRAPPED)
                    .toDo("Oil it, paper it, tape it; edge and point covered.").checks("Nothing of the blade shows"));
        }
    }

    private void grind() {
        int minutes = switch (spec.bevels()) {
            case BEFORE_HARDENING -> 30;
            case ROUGH_THEN_FINISH -> 60;
            case AFTER_HARDENING -> 145;
        };
        Operation.Builder grind = Operation.at(GRINDER, "finish-grind", spec.bevels() == BevelTiming.AFTER_HARDENING ? "Grind the bevels" : "Finish the grind", minutes)
                .is(FINISH_GRINDS, GRINDS_BEVELS, USES_FRESH_BELTS, NEEDS_TEMPERED).shapedBy(BEVELS, GRIND, BEVEL_HEIGHT, EDGE_THICKNESS, DISTAL_TAPER, TIP_THICKNESS, SWEDGE, WHEEL_DIAMETER, CONVEX_BULGE)
                .toDo("Dip at every pass.", "One side, then match the other: compare where the bevel leaves the spine and where it enters at the plunge.", "A hump is blended in many passes, never in one; full face of the belt, its edge gouges.",
                        spec.isAxe() ? "After the last pass measure the edge." : "After the last pass measure the blade at the ricasso and the edge at the heel.")
                .targets(PieceDimensions.EDGE_THICKNESS).readings(PieceDimensions.EDGE_THICKNESS)
                .cautions("No gloves: feel the heat. Colour on the edge means that the temper is gone.")
                .checks("Left and right were measured and are the same", "The belt was the one that was planned, or it is noted", "No colour anywhere on the edge").leaves(State.GROUND);
        if (!spec.isAxe()) {
            grind.targets(PieceDimensions.BLADE_THICKNESS, PieceDimensions.BEVEL_ANGLE).readings(PieceDimensions.BLADE_THICKNESS);
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
            grind.cautions("Belts for stainless only: steel dust of other grades may start rust (cautious practice, unproven).");
        }
        if (spec.finish() == Finish.TWO_TONE_GROUND) {
            grind.is(FINISHES_BLADE).cautions("The flats are dark already: belt and fingers on the bevels only.");
        }
        draft.add(grind);
    }

    private void bright() {
        switch (spec.finish()) {
            case BELT_SATIN -> draft.add(Operation.at(GRINDER, "belt-satin", "Belt satin", 40).is(POLISHES, FINISHES_BLADE).shapedBy(FINISH)
                    .toDo("120, 220, 400, then non-woven; no step of much more than double.")
                    .checks("Lines run even from heel to tip").sets(Condition.FINISHED).leaves(State.FINISHED));
            case MIRROR -> {
                draft.add(Operation.at(FINISHING, "sand-for-mirror", "Sand by hand to 2000", 240).is(POLISHES).shapedBy(FINISH)
                        .toDo("220, 320, 400, 600, 1000, 2000: each grit across the last scratches until they are gone.").checks("No scratch coarser than 2000 in low light"));
                draft.add(Operation.at(FINISHING, "buff-mirror", "Buff to a mirror", 40).is(POLISHES, FINISHES_BLADE).shapedBy(FINISH)
                        .toDo("Edge down, light hand, clean wheel for each compound.").cautions(Cautions.BUFFER)
                        .checks("A printed line can be read in it").sets(Condition.FINISHED).leaves(State.FINISHED));
            }
            default -> draft.add(Operation.at(FINISHING, "hand-sand", "Sand by hand to satin", 150).is(POLISHES, FINISHES_BLADE).shapedBy(FINISH)
                    .toDo("220, 320, 400, 600: each grit across the last scratches until they are gone.", "Last strokes lengthwise, one way, on a hard backing.")
                    .checks("No scratch of an earlier grit in low light").sets(Condition.FINISHED).leaves(State.FINISHED));
        }
    }

    private void etched() {
        if (spec.finish() == Finish.VALLEY_AND_PEAK) {
            draft.add(Operation.at(GRINDER, "texture", "Cut the coarse texture", 40).is(TEXTURES).shapedBy(FINISH)
                    .toDo("Deep and even: the peaks will be sanded, the valleys stay dark.").checks("Even over both sides"));
        }
        String grit = switch (spec.finish()) {
            case HAMON -> "2000";
            case PATTERN -> "1000";
            case ETCHED_GREY -> "600";
            default -> "400";
        };
        draft.add(Operation.at(FINISHING, "sand-for-etch", "Sand for the etch", spec.finish() == Finish.HAMON ? 180 : 70).is(POLISHES).shapedBy(FINISH)
                .toDo("Even " + grit + " all over; the acid shows every coarser scratch.").checks("No scratch coarser than " + grit));
        if (spec.finish() == Finish.TWO_TONE_MASKED) {
            draft.add(Operation.at(TANK, "mask", "Mask the second tone", 30).is(MASKS).shapedBy(FINISH)
                    .toDo("What is opened first keeps etching: its time is its own and all later ones together.").checks("Edges of the mask pressed down all round"));
        }
        if (spec.isEtchedOnTheHandle()) {
            draft.add(Operation.at(TANK, "tape-handle", "Tape the handle off", 20).is(TAPES_HANDLE).of(Part.HANDLE).shapedBy(HANDLE_TURN)
                    .toDo("Tape round the front, varnish over the tape's edge and over every pin.", "Hang it by the handle, point down, so that only the blade is wet.").checks("No gap at the tape's edge", "Pins are covered"));
        }
        draft.add(Operation.at(TANK, "degrease-for-etch", "Degrease for the bath", 10).is(DEGREASES_FOR_ETCH).sets(Condition.DEGREASED)
                .toDo("Solvent until a clean white rag stays clean; alcohol alone has not been enough.").cautions(SOLVENT).checks("A white rag stays clean"));
        Bath bath = Bath.of(spec);
        Operation.Builder etch = Operation.at(TANK, "etch", spec.isEtchedOnTheHandle() ? "Dip the blade to the line" : "Etch", bath.attendedMinutes()).is(ETCHES).shapedBy(FINISH, STEEL).rest(bath.rest(), bath.words()).clears(Condition.DEGREASED).sets(Condition.ACID, Condition.ETCHED)
                .toDo("First the coupon, then the piece: a scrap of the same steel and finish shows what this bath does today.", "Look after the first seconds: residue shows while it can still be wiped.", bath.recipe(),
                        "After each cycle wipe with a white tissue: dark lines under the glove are residue, and eat no further.", "Log the bath: old ones take longer.")
                .cautions(spec.finish() == Finish.HAMON ? "Lemon juice or weak ferric chloride: goggles, gloves, collect the waste." : FERRIC, bath.caution()).checks("The coupon came out right", "Even after the first look", "No residue after the last cycle", "The bath is logged");
        draft.add(spec.isEtchedOnTheHandle() ? etch.cautions("Tape and hanging wire: the edge cuts both, and acid drips from them; another metal in the bath eats the blade.") : etch.is(BATHES_WHOLE));
        neutralise();
        afterTheBath();
    }

    private void neutralise() {
        Operation.Builder stop = Operation.at(TANK, "neutralise", "Neutralise", 10).is(NEUTRALISES).shapedBy(NEUTRALISER).clears(Condition.ACID)
                .toDo(switch (spec.neutraliser()) {
                    case SOAP -> "Soap and much water, then rinse.";
                    case BAKING_SODA -> "Baking soda in water until it foams no more, then rinse.";
                    case TRISODIUM_PHOSPHATE -> "Trisodium phosphate in water, then rinse well.";
                    case AMMONIA_CLEANER -> "Spray, wait, rinse well.";
                });
        if (goesWetIntoTheTumbler()) {
            stop.toDo("Straight into the wet tumbler, still wet: where it dries first it spots. Water bleeds out of the tang's holes.").checks("No yellow water at the tang, still wet all over");
        } else {
            stop.toDo("Dry it at once; water bleeds out of the tang's holes.").checks("Dry, no yellow water at the tang");
        }
        draft.add(switch (spec.neutraliser()) {
            case TRISODIUM_PHOSPHATE -> stop.cautions("Trisodium phosphate is caustic: gloves, goggles, not on aluminium.");
            case AMMONIA_CLEANER -> stop.cautions("Never ammonia cleaner with bleach, and never into the acid.");
            case SOAP, BAKING_SODA -> stop;
        });
    }

    private boolean goesWetIntoTheTumbler() {
        return spec.finish().isTumbled() && spec.isTumbledWet();
    }

    private void afterTheBath() {
        if (spec.finish().isTumbled()) {
            Operation.Builder tumble = Operation.at(FINISHING, "tumble", "Tumble", 5).is(TUMBLES).shapedBy(TUMBLING, FINISH)
                    .rest(Duration.ofMinutes(spec.isTumbledWet() ? 7 : 15), "tumbling")
                    .toDo(spec.isTumbledWet() ? "Wet, five to seven minutes in mixed media; dry and oil at once." : "Dry, fifteen minutes; oil when it comes out.").checks("Even all over, both sides");
            draft.add(spec.finish() == Finish.TWO_TONE_GROUND ? tumble : tumble.is(FINISHES_BLADE).sets(Condition.FINISHED).leaves(State.FINISHED));
        } else {
            draft.add(Operation.at(FINISHING, "polish-back", "Polish back after the bath", 45).is(SANDS_PEAKS, FINISHES_BLADE).shapedBy(FINISH)
                    .toDo(switch (spec.finish()) {
                        case VALLEY_AND_PEAK -> "1500 on a hard backing: peaks bright, valleys untouched.";
                        case HAMON -> "1500 powder in oil, five minutes a round, until the line stands clear.";
                        case PATTERN -> "2500 on a hard backing over the bright layers, then oil.";
                        case TWO_TONE_MASKED -> "Mask off; oil; a soft cloth only.";
                        default -> "Polish back evenly to a soft grey.";
                    }).checks("Even on both sides").sets(Condition.FINISHED).leaves(State.FINISHED));
        }
    }

    private void mark() {
        if (spec.mark() != Mark.ELECTRO_ETCHED) {
            return;
        }
        Operation.Builder mark = Operation.at(TANK, "electro-mark", "Electro-etch the mark", 15).is(MARKS).shapedBy(MARK).sets(Condition.MARKED)
                .toDo("Tape the stencil flat; dabs of a few seconds for a mark, for depth 20 to 30 seconds and never more than a minute; cool in water between.", "Try it on scrap: where it does not start, clean the contact and turn the current up, never bridge it.")
                .cautions("Use an electrolyte meant for this steel; with salt it makes chlorine and hydrogen: fresh air.", "A charger that was rebuilt can shock: fuse, insulated box, dry hands, no solvent near a spark.").checks("No touch was longer than a minute", "The mark reads sharp at its edges");
        if (spec.markTiming() == MarkTiming.LAST) {
            mark.toDo("The finish around it is done: mask it all round.");
        }
        boolean isBeforeAcid = spec.finish().isEtched() && spec.markTiming() == MarkTiming.BEFORE_ACID;
        draft.add(isBeforeAcid || spec.markTiming() == MarkTiming.LAST ? mark : mark.is(FINISHES_BLADE));
    }
}

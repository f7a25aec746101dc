package hiltboard.core.route;

import static hiltboard.core.design.SpecificationField.*;
import static hiltboard.core.route.Cautions.SOLVENT;
import static hiltboard.core.route.Station.*;
import static hiltboard.core.route.Trait.*;

import hiltboard.core.chain.PieceDimensions;
import hiltboard.core.design.Hardening;
import hiltboard.core.design.Specification;
import hiltboard.core.material.Quench;
import hiltboard.core.measure.Span;
import java.time.Duration;
import java.util.Locale;

/** Hardening in every style of the trade, and what follows it before anything else may happen. */
final class HeatWork {
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

    private void outside() {
        draft.add(Operation.at(TABLE, "send-out", "Send to the treater with its sheet", 20).is(SENDS_OUT).shapedBy(STEEL, HARDENING).sets(Condition.AWAY)
                .toDo("Sheet: steel, count, marks, hardness wanted, edge left. Sent thick.", "Write down the date out and the date it is promised back.")
                .targets(PieceDimensions.HARDNESS, PieceDimensions.EDGE_BEFORE_HARDENING).checks("The sheet lies with the blade, a copy stays here"));
        draft.add(Operation.at(TABLE, "harden", "Hardened and tempered outside", 15).is(HARDENS, FIRST_TEMPER, LAST_TEMPER).shapedBy(STEEL, HARDENING)
                .rest(Duration.ofDays(10), "at the treater's").clears(Condition.AWAY, Condition.ANNEALED).sets(Condition.TEMPERED)
                .toDo("On its return: count, marks, scale and warp against the sheet.").checks("Count and marks agree with the sheet", "Warp and scale are written down").leaves(State.HARDENED));
    }

    private void coat() {
        if (spec.steel().isAirHardening()) {
            draft.add(Operation.at(KILN, "degrease-for-foil", "Degrease for the foil", 5).is(DEGREASES_FOR_FOIL).shapedBy(STEEL, HARDENING)
                    .toDo("Wipe with solvent, handle with clean gloves.").cautions(SOLVENT).checks("A white rag stays clean"));
            draft.add(Operation.at(KILN, "wrap-foil", "Wrap in foil", 10).is(WRAPS_FOIL).shapedBy(STEEL, HARDENING)
                    .toDo("Double-fold every seam; pad the tip.").cautions("Foil edges cut like a blade.").checks("No hole in the foil"));
        }
        if (spec.isClayCoated()) {
            draft.add(Operation.at(KILN, "degrease-for-clay", "Degrease for the clay", 5).is(DEGREASES_FOR_CLAY).shapedBy(HARDENING)
                    .toDo("Solvent, then clean hands only.").cautions(SOLVENT).checks("A white rag stays clean"));
            draft.add(Operation.at(KILN, "apply-clay", "Lay the clay on and let it dry", 35).is(COATS_WITH_CLAY).shapedBy(HARDENING).sets(Condition.CLAYED).rest(Duration.ofHours(12), "clay drying")
                    .toDo("Like batter, about 1/8 in thick over the spine; the edge bare.", "Overnight, until it is pale and cold-dry to the cheek.")
                    .cautions("Clay dust is silica: mix it wet, wipe it wet.").checks("Dry through: pale all over"));
        }
    }

    private void harden() {
        boolean byEye = spec.hardening() == Hardening.BY_EYE;
        Quench quench = spec.quench();
        Operation.Builder harden = Operation.at(byEye ? Station.FORGE : KILN, "harden", draft.rework.heats() > 1 ? "Harden once more (heat " + draft.rework.heats() + ")" : "Harden", 40).is(HARDENS)
                .shapedBy(STEEL, QUENCH).clears(Condition.ANNEALED, Condition.TEMPERED, Condition.CLAYED).sets(Condition.UNTEMPERED)
                .toDo("Quench in " + quench.words() + (quench.isLiquid() ? ", point first, straight, wholly under." : "; air on the plates, 1½ to 2 minutes."),
                        "Straighten only while it is still warm and soft, in plates or jig.")
                .targets(PieceDimensions.HARDENING_TEMPERATURE, PieceDimensions.SOAK).checks("A file skates on the edge").leaves(State.HARDENED);
        if (byEye) {
            harden.toDo("Colour in the shade and the magnet; a square tube muffles the flame. Bright daylight makes colours unreadable.").checks("The magnet no longer held");
        } else {
            harden.toDo("Let the kiln recover after the door: enter what it shows when the soak's clock is started.").readings(PieceDimensions.KILN_AT_SOAK)
                    .checks("The kiln had recovered before the soak was counted");
        }
        if (spec.isClayCoated()) {
            harden.toDo("A quick test grind shows the line while a second quench is still possible; the blade is brittle meanwhile.");
        }
        switch (quench) {
            case FAST_OIL, MEDIUM_OIL -> harden.cautions(Cautions.QUENCH_OIL);
            case WATER_THEN_OIL -> harden.cautions("Water cracks blades; a wet blade into hot oil spits: face shield, lid.", Cautions.QUENCH_OIL);
            case PLATES_AND_AIR -> harden.cautions("Hot plates and foil: gloves and face shield.");
        }
        draft.add(harden.cautions(Cautions.UNTEMPERED));
        if (spec.isFileTestedUntempered()) {
            draft.add(Operation.at(Station.KILN, "file-test", "Try it with the file, untempered", 5).is(FILE_TESTS).shapedBy(HARDNESS_TRIED)
                    .toDo("A file across the edge beside a soft piece: light strokes, nothing bent or dropped.").cautions(Cautions.UNTEMPERED).checks("The file skates and sings on the edge"));
        }
        if (spec.isTakenCold()) {
            draft.add(Operation.at(KILN, "cold-treat", "Cold treatment: " + spec.cold().words().toLowerCase(Locale.ROOT), 10).is(COLD_TREATS).shapedBy(STEEL, HARDENING, COLD, COLD_TURN)
                    .rest(Duration.ofHours(1), "in the cold")
                    .toDo(spec.isTakenColdBetweenTempers() ? "After the first temper, from room temperature slowly down; the next temper the same day." : "Into the cold as soon as it is at hand warmth.")
                    .cautions(spec.cold().caution(), spec.isTakenColdBetweenTempers() ? "" : Cautions.UNTEMPERED)
                    .checks(spec.isTakenColdBetweenTempers() ? "It went in from room temperature" : "It went in the same hour as the quench"));
        }
    }

    private void temper() {
        Operation.Builder first = temper("temper-first", spec.tempers() == 1 ? "Temper" : "First temper").is(FIRST_TEMPER).cautions(Cautions.UNTEMPERED).clears(Condition.UNTEMPERED).sets(Condition.TEMPERED)
                .toDo("The kiln has to come down from hardening heat first, which takes hours: enter what it shows when the blade goes in.").readings(PieceDimensions.KILN_AT_TEMPER);
        draft.add(spec.tempers() == 1 ? first.is(LAST_TEMPER) : first);
        if (spec.tempers() == 2) {
            draft.add(temper("temper-second", "Second temper").is(LAST_TEMPER));
        } else if (spec.tempers() == 3) {
            draft.add(temper("temper-second", "Second temper").is(TEMPERS_BETWEEN));
            draft.add(temper("temper-third", "Third temper").is(LAST_TEMPER));
        }
    }

    private Operation.Builder temper(String key, String title) {
        return Operation.at(KILN, key, title, 10).shapedBy(STEEL, TEMPER_HOURS, TEMPER_HEAT).rest(spec.temperTime(), "tempering")
                .toDo("Clean a spot to see the colour.", Span.words(spec.temperTime()) + " at heat, then cool to the hand.")
                .targets(PieceDimensions.TEMPERING_TEMPERATURE).checks("Cooled to room temperature");
    }

    private void afterwards() {
        draft.add(Operation.at(GRINDER, "remove-scale", "Take the scale off", 15).is(REMOVES_SCALE, NEEDS_TEMPERED)
                .toDo("Worn belt, flats first.").checks("Clean steel on both flats"));
        if (spec.hardening() == Hardening.TORCHED_SPINE) {
            draft.add(Operation.at(Station.FORGE, "soften-spine", "Soften spine and tang by torch", 25).is(SOFTENS, NEEDS_TEMPERED).shapedBy(HARDENING)
                    .toDo("Edge in wet sand or water, colours run from the spine on bright steel; stop at blue, well above the edge.").cautions("Torch: flame, hot steel, nothing that burns near.").checks("No colour within the edge's third"));
        }
        if (spec.hasBlock() && spec.isPeened()) {
            draft.add(Operation.at(Station.FORGE, "soften-tang-end", "Soften the tang's end fully", 15).is(SOFTENS, NEEDS_TEMPERED).shapedBy(HELD_BY)
                    .toDo("Wet rag around the ricasso; red heat on the last inch, then slowly to cold.").cautions("Torch: flame, hot steel, nothing that burns near.").checks("A file bites on the tang's end"));
        }
        if (spec.isHardnessTestedTempered()) {
            draft.add(Operation.at(FINISHING, "test-hardness", "Test the hardness", 10).is(TESTS_HARDNESS, NEEDS_TEMPERED).shapedBy(STEEL, TEMPER_HEAT)
                .toDo("File beside a soft piece, then the tester: three readings on a flat, enter the middle one.")
                .targets(PieceDimensions.HARDNESS).readings(PieceDimensions.HARDNESS).checks("The file skates along the whole edge"));
        }
        draft.add(Operation.at(FITTING, "straighten", "Sight it and straighten", 15).is(STRAIGHTENS, NEEDS_TEMPERED)
                .toDo("Sight along spine and edge.", "Clamp it shimmed the other way and temper again if it is off.")
                .cautions("Eyes: a blade that breaks in the clamp flies.").checks("Spine and edge are straight"));
    }
}

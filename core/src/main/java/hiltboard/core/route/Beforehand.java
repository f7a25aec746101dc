package hiltboard.core.route;

/** What keeps a mishap from coming again. Common practice, no source. */
final class Beforehand {
    private Beforehand() {}

    static String against(Mishap mishap) {
        return switch (mishap) {
            case CRACKED ->
                "Thicken the edge before the quench, break sharp corners and scratches across the blade, and take "
                        + "the slower of the quenches that still hardens this steel.";
            case WARPED ->
                "Relieve stress before hardening, grind both sides alike, hang it straight, and look along it while "
                        + "it can still be moved.";
            case NOT_HARD ->
                "Check the kiln at three heats, keep the way to the tank short, warm and stir the oil, and grind "
                        + "the scale off before the file decides.";
            case DELAMINATED ->
                "Grind the faces bright, degrease and seal them, weld at full heat, and cut off both ends.";
            case CLADDING_GROUND_THROUGH ->
                "Measure the cladding at the cut end, and grind both sides from the core’s line.";
            case LAMINATE_FLAW -> "Look at the billet at a fine grit before it is cut to outline.";
            case BURNT_EDGE ->
                "Dip after each pass, a fresh belt, light pressure; bare fingers on the edge after hardening.";
            case HOLE_MISPLACED ->
                "One datum for all holes, centre punch and spot drill, and check against the hole table "
                        + "before the drill goes through.";
            case HOLE_FORGOTTEN ->
                "Tick every hole, notch and file work at the gate to the fire: hard steel takes none.";
            case WRONG_PIN -> "Measure the pin that is used, and drill for that one.";
            case SLOT_TOO_WIDE ->
                "Measure the tang where the guard sits, take a cutter under it, and file the rest to fit.";
            case GUARD_SNAPPED ->
                "Relieve the slot’s corners, anneal what is to move, and drive on the block, not on the ends.";
            case STALE_PART ->
                "Make the part to a reading, not to the drawing, and look at what has moved before it is made.";
            case PINS_OFF -> "Decide the spacers before anything is drilled through, and drill the stack as one.";
            case CUTTER_BROKEN -> "Anneal first, clamp short, one pass at a time, and stop when the sound changes.";
            case TEAR_OUT ->
                "Back the hole with scrap, a sharp drill, and look for voids before the material is promised.";
            case ETCH_PATCHY ->
                "Degrease until a white rag stays clean, touch it no more, and look after the first seconds.";
            case ETCH_STREAKS ->
                "Wipe with a white tissue after each cycle, clean gloves, rinse in much water, and move it in the bath.";
            case ETCH_SPOTS ->
                "Look after the first seconds: a fingerprint or a spot is residue then, and can still be wiped.";
            case ETCH_PALE ->
                "Try the bath with a coupon of the same steel first, count what it has eaten, and keep it warm.";
            case ETCH_DEEP -> "Set its clock, look at half time, and never leave it to do something else.";
            case TONES_SWAPPED ->
                "Work the openings out beforehand: what is opened first goes on etching and ends the darkest.";
            case TANG_RUST -> "Neutralise the tang and its holes too, blow them dry, and oil before it is laid away.";
            case EDGE_TUMBLED ->
                "Seal the edge off or sharpen after it, look after half the time, and keep the stones fine.";
            case FINISH_SCRATCHED ->
                "Tape the blade as soon as it is finished, and keep grit off the bench where handles are fitted.";
            case STENCIL_LIFTED -> "Clean and dry under it, press the edges down, short bursts with time to cool.";
            case HANDLE_STUCK ->
                "Wax the tang twice, set the clock when the adhesive is mixed, and pull inside the window.";
            case HANDLE_DIP -> "Work to both scribed lines, and take the last tenths by hand.";
            case GLUE_FAILED ->
                "Rough and clean both faces, weigh the parts, clamp lightly, and let it rest its time warm.";
            case SCALES_OFF_LINE ->
                "Dry fit on the pins, front ends finished first, and look again once it is clamped.";
            case MATERIAL_BROKEN -> "Order one more than is needed, and open parcels the day they come.";
            case SHEATH_TIGHT -> "Wrap the knife before it is formed wet, and try it before it is glued.";
            case CLIENT_CHANGES -> "Have the drawing approved, and say at the table what a later change costs.";
            case MAKER_ILL -> "Leave days in hand before a promise, and let two people be able to do each step.";
            case OTHER -> "Write a lesson at the piece: it is offered where the same design, steel or step comes up.";
        };
    }
}

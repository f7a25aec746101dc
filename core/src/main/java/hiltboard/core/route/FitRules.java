package hiltboard.core.route;

import static hiltboard.core.route.OrderRule.rule;
import static hiltboard.core.route.Severity.COSTLY;
import static hiltboard.core.route.Severity.STOP;
import static hiltboard.core.route.Trait.*;

import hiltboard.core.chain.PieceDimensions;
import hiltboard.core.material.Steel;
import hiltboard.core.measure.Span;
import java.util.List;

/** Guard, spacer, cavity and bed of a hidden tang. Common practice. */
final class FitRules {
    static final List<OrderRule> ALL = List.of(
            rule("grind-before-measuring", STOP)
                    .first(FINISH_GRINDS)
                    .then(MEASURES_FOR_GUARD, MAKES_SPACER)
                    .because("Guard, spacer and stack are made to what is measured after the last grinding pass.")
                    .otherwise("The part is made to the wrong number and does not fit the finished blade.")
                    .remedy("Finish the grind, then measure."),
            rule("ricasso-before-measuring", STOP)
                    .first(SANDS_RICASSO)
                    .then(MEASURES_FOR_GUARD)
                    .because("Shoulders, ricasso and the front of the tang are sanded before measuring.")
                    .otherwise("A gap that no one can close: sanded later, the shoulder stands back from the guard.")
                    .remedy("Sand almost to final, then measure."),
            rule("measure-before-slot", STOP)
                    .first(MEASURES_FOR_GUARD)
                    .then(CUTS_GUARD, MAKES_SPACER, LISTS_STACK)
                    .because("The slot is cut to the measured tang.")
                    .otherwise("A slot too wide cannot be made narrower.")
                    .remedy("Measure tang and guard."),
            rule("measure-before-cavity", COSTLY)
                    .first(MEASURES_FOR_GUARD)
                    .then(OPENS_CAVITY)
                    .because("The cavity is opened to the measured tang.")
                    .otherwise("A gap at the front, or a split block.")
                    .remedy("Measure the tang."),
            rule("slot-before-fit", STOP)
                    .first(CUTS_GUARD)
                    .then(FITS_GUARD)
                    .because("The guard needs its slot.")
                    .otherwise("Without its slot there is no guard to drive on.")
                    .remedy("Mill the slot."),
            rule("fitting-soft-first", STOP)
                    .first(CUTS_GUARD)
                    .then(HARDENS_FITTING)
                    .because("The guard is slotted while it is soft.")
                    .otherwise("A hard guard breaks the cutter, and only carbide cuts it.")
                    .remedy("Mill the slot first."),
            rule("fitting-temper-at-once", STOP)
                    .first(HARDENS_FITTING)
                    .then(TEMPERS_FITTING)
                    .within(Steel.TEMPERED_WITHIN)
                    .because("A hardened fitting is tempered at once, like a blade.")
                    .otherwise("A hardened guard that waits untempered cracks by itself.")
                    .remedy("Into the temper within " + Span.words(Steel.TEMPERED_WITHIN) + "."),
            rule("fitting-tempered-before-fit", STOP)
                    .first(HARDENS_FITTING, TEMPERS_FITTING)
                    .then(FITS_GUARD)
                    .because("A hardened guard is tempered before it is fitted, driven or pulled.")
                    .otherwise("It snaps in two on the tang.")
                    .remedy("Temper the guard first."),
            rule("fit-before-outline", COSTLY)
                    .first(FITS_GUARD)
                    .then(SHAPES_GUARD, DRILLS_ALIGNMENT)
                    .because("The slot fits and prints before outline and pins.")
                    .otherwise("The outline moves after the slot is fitted, and pins break out of it.")
                    .remedy("Drive it on, read the print."),
            rule("outline-before-guard-finish", COSTLY)
                    .first(SHAPES_GUARD)
                    .then(FINISHES_GUARD)
                    .because("Front and edges of the guard are finished on its final outline.")
                    .otherwise("Shaping takes the finish off again.")
                    .remedy("Shape the guard first."),
            rule("guard-finished-before-glue", STOP)
                    .first(FINISHES_GUARD)
                    .then(GLUES_HANDLE, ASSEMBLES)
                    .because("The guard's front and edges are finished before the handle goes on.")
                    .otherwise("With the blade in the way its front cannot be reached any more.")
                    .remedy("Finish front and edges now."),
            rule("drawn-before-chasing", COSTLY)
                    .first(SOFTENS, REMOVES_SCALE)
                    .then(CHASES_THREAD)
                    .because("The thread is drawn soft, then chased.")
                    .otherwise("A hard, scaled thread ruins the die, and snaps under its nut.")
                    .remedy("Draw the threaded end by torch."),
            rule("chased-before-nut", COSTLY)
                    .first(CHASES_THREAD)
                    .then(MAKES_NUT, DRY_FITS)
                    .because("The nut is made to a chased thread.")
                    .otherwise("A nut that fits scale and not thread is loose for ever.")
                    .remedy("Chase the thread."),
            rule("stack-before-pins", STOP)
                    .first(LISTS_STACK, MAKES_SPACER)
                    .then(DRILLS_ALIGNMENT)
                    .because("The whole stack is known and made before alignment holes are drilled through it as one.")
                    .otherwise("Parts that come later cannot be lined up with holes that are drilled already.")
                    .remedy("List guard, spacer and front; make them; drill them together."),
            rule("cavity-before-pins", COSTLY)
                    .first(OPENS_CAVITY)
                    .then(DRILLS_ALIGNMENT)
                    .because("Guard, spacer and handle are drilled as one.")
                    .otherwise("A block that is opened later does not line up with the holes.")
                    .remedy("Open the cavity first."),
            rule("parts-before-bedding", COSTLY)
                    .first(OPENS_CAVITY, FITS_GUARD, MAKES_SPACER, DRILLS_ALIGNMENT)
                    .then(RELEASES, BEDS)
                    .because("Everything that the bed touches is there first.")
                    .otherwise("The bed fits a part that is gone.")
                    .remedy("Make and fit the parts first."),
            rule("release-before-bedding", STOP)
                    .first(RELEASES)
                    .then(BEDS)
                    .because("Release agent goes on before bedding.")
                    .otherwise(
                            "Glued for ever: the adhesive takes hold of tang and guard, and the handle never comes off whole.")
                    .remedy("Wax or jelly on tang and guard, every face."),
            rule("bed-before-pull", STOP)
                    .first(BEDS)
                    .then(PULLS_BEDDED)
                    .within(PieceDimensions.PULL_WINDOW)
                    .because("Pull the handle after it grips and before it sets.")
                    .otherwise(
                            "The adhesive sets, and the handle comes off only with heat and a sledge-hammer, if at all.")
                    .remedy("Pull it now, blade wrapped, point away."),
            rule("pull-before-cure", STOP)
                    .first(PULLS_BEDDED)
                    .then(CURES_BEDDED)
                    .because("The handle is pulled and put back before the full cure.")
                    .otherwise("After the full cure it never comes off whole.")
                    .remedy("Pull, clean, put back."),
            rule("cure-before-shaping-off", STOP)
                    .first(CURES_BEDDED)
                    .then(SHAPES_OFF_KNIFE, CLEANS_RELEASE)
                    .because("The bed cures before the block is shaped off the knife.")
                    .otherwise("The bed is still soft inside, and it tears.")
                    .remedy("Leave it alone overnight."),
            rule("release-off-before-glue", STOP)
                    .first(CLEANS_RELEASE)
                    .then(CLEANS_FOR_GLUE, GLUES_HANDLE)
                    .because("All release agent is off before the final glue.")
                    .otherwise("No bond: the adhesive finds grease or a smooth face, and the handle comes loose.")
                    .remedy("Solvent on tang, guard and cavity walls."),
            rule("softened-before-peening", STOP)
                    .first(SOFTENS)
                    .then(PEENS)
                    .because("The tang is softened fully before it is peened.")
                    .otherwise("A hard tang splits instead of spreading.")
                    .remedy("Soften the end by torch, edge kept cold; air-hardening steel never red."),
            rule("glue-before-peening", STOP)
                    .first(GLUES_HANDLE)
                    .then(PEENS)
                    .within(PieceDimensions.ADHESIVE_WORKING)
                    .because("It is peened while the adhesive is wet.")
                    .otherwise("Once the adhesive has set, the joint cracks under the hammer.")
                    .remedy("Peen within the working time."),
            rule("peen-before-squeeze-out", COSTLY)
                    .first(PEENS)
                    .then(CLEANS_SQUEEZE_OUT, CURES_HANDLE)
                    .because("Peening presses more adhesive out.")
                    .otherwise("What peening presses out sets on the front of the handle.")
                    .remedy("Peen, then swab."));

    private FitRules() {}
}

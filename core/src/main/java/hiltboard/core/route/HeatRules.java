package hiltboard.core.route;

import static hiltboard.core.route.OrderRule.rule;
import static hiltboard.core.route.Severity.CARE;
import static hiltboard.core.route.Severity.COSTLY;
import static hiltboard.core.route.Severity.STOP;
import static hiltboard.core.route.Trait.*;

import hiltboard.core.design.Specification;
import hiltboard.core.material.Steel;
import hiltboard.core.measure.Span;
import java.util.List;

/** Quench, temper, and what waits for them. Common practice. */
final class HeatRules {
    static final List<OrderRule> ALL = List.of(
            rule("degrease-before-foil", CARE)
                    .first(DEGREASES_FOR_FOIL)
                    .then(WRAPS_FOIL)
                    .because("Degrease before foil.")
                    .otherwise("Grease burns in under the foil and leaves stains that go deep.")
                    .remedy("Wipe with solvent until the rag stays clean."),
            rule("foil-before-hardening", COSTLY)
                    .first(WRAPS_FOIL)
                    .then(HARDENS)
                    .because("A blade that is to be in foil is wrapped before the heat.")
                    .otherwise("In the open air of the kiln it gets heavy scale and a soft skin.")
                    .remedy("Wrap it, every seam folded twice, the tip padded."),
            rule("coat-before-hardening", COSTLY)
                    .first(COATS_AGAINST_SCALE)
                    .then(HARDENS)
                    .because("The coat against scale is on and dry before the heat.")
                    .otherwise(
                            "The bare blade scales and loses carbon at its skin, and that has to be ground off again.")
                    .remedy("Coat it and let it dry."),
            rule("degrease-before-clay", CARE)
                    .first(DEGREASES_FOR_CLAY)
                    .then(COATS_WITH_CLAY)
                    .because("Degrease before the clay.")
                    .otherwise("The clay does not hold on a greasy blade and peels off in the fire.")
                    .remedy("Solvent, then clean hands only."),
            rule("clay-before-heat", STOP)
                    .first(COATS_WITH_CLAY)
                    .then(HARDENS)
                    .because("The clay is on and dry before the heat.")
                    .otherwise("Wet clay bursts off in steam, the blade may crack, and there is no line.")
                    .remedy("Lay it on and let it dry overnight."),
            rule("sheet-before-treater", COSTLY)
                    .first(SENDS_OUT)
                    .then(HARDENS)
                    .because("The blade goes out with its sheet: steel, count, marks, hardness, edge left.")
                    .otherwise("It comes back at a hardness nobody asked for.")
                    .remedy("Write the sheet, send it with the blade."),
            rule("temper-at-once", STOP)
                    .first(HARDENS)
                    .then(FIRST_TEMPER)
                    .within(Steel.TEMPERED_WITHIN)
                    .because("Temper at once after hardening.")
                    .otherwise("Steel that waits untempered cracks by itself, sometimes on the bench.")
                    .remedy("Into the temper within " + Span.words(Steel.TEMPERED_WITHIN) + "."),
            rule("harden-before-cold", STOP)
                    .first(HARDENS)
                    .then(COLD_TREATS)
                    .because("Cold treatment follows the quench.")
                    .otherwise("Soft steel gains nothing in the cold: there is nothing to transform yet.")
                    .remedy("Harden first."),
            rule("cold-before-temper", COSTLY)
                    .where(spec -> !spec.isTakenColdBetweenTempers())
                    .first(COLD_TREATS)
                    .then(FIRST_TEMPER)
                    .because("This steel is taken cold before its first temper.")
                    .otherwise("Part of the steel stays soft austenite, and the edge never gets as hard as it should.")
                    .remedy("Cold first, then temper the same day."),
            rule("cold-between-tempers", COSTLY)
                    .where(Specification::isTakenColdBetweenTempers)
                    .first(FIRST_TEMPER)
                    .then(COLD_TREATS)
                    .because("This job takes the blade cold after its first temper.")
                    .otherwise("Untempered and shrinking in the cold, it may crack.")
                    .remedy("Temper it once first."),
            rule("cold-before-last-temper", COSTLY)
                    .where(Specification::isTakenColdBetweenTempers)
                    .first(COLD_TREATS)
                    .then(TEMPERS_BETWEEN, LAST_TEMPER)
                    .because("What turns hard in the cold is tempered after it.")
                    .otherwise("What turned hard in the cold stays untempered, and the edge chips.")
                    .remedy("Cold first, then the next temper."),
            rule("file-test-untempered", COSTLY)
                    .first(HARDENS)
                    .then(FILE_TESTS)
                    .because("The file tries a hardened edge.")
                    .otherwise("A soft blade tells the file nothing.")
                    .remedy("Harden it first."),
            rule("file-test-before-temper", COSTLY)
                    .first(FILE_TESTS)
                    .then(COLD_TREATS, FIRST_TEMPER)
                    .because("This job tries the hardness before the temper.")
                    .otherwise("A blade that did not harden is tempered for nothing, and found out late.")
                    .remedy("Try it with the file, then temper at once."),
            rule("temper-twice", COSTLY)
                    .first(FIRST_TEMPER)
                    .then(TEMPERS_BETWEEN, LAST_TEMPER)
                    .because("The second temper follows the first, cooled between.")
                    .otherwise("What turned hard while it cooled from the first temper stays brittle.")
                    .remedy("Let it cool to the hand, then again."),
            rule("temper-three-times", COSTLY)
                    .first(TEMPERS_BETWEEN)
                    .then(LAST_TEMPER)
                    .because("The third temper follows the second, cooled between.")
                    .otherwise("Fresh martensite of the second cooling stays untempered.")
                    .remedy("Let it cool to the hand, then again."),
            rule("temper-before-work", STOP)
                    .first(FIRST_TEMPER)
                    .then(NEEDS_TEMPERED)
                    .onlyOrder()
                    .because("Nothing is fitted, driven, drilled, ground or straightened on untempered steel.")
                    .otherwise("It snaps like glass: untempered steel bears no blow and no bend.")
                    .remedy("Temper it first."),
            rule("last-temper-before-work", COSTLY)
                    .where(spec -> !spec.isSentOut() && spec.tempers() > 1)
                    .first(TEMPERS_BETWEEN, LAST_TEMPER)
                    .then(NEEDS_TEMPERED)
                    .onlyOrder()
                    .because(
                            "Its next temper is due: no longer like glass, the blade is not yet as tough as it will be.")
                    .otherwise(
                            "What turned hard while it cooled from the first temper stays brittle, and the edge chips in use.")
                    .remedy("Temper it again, cooled to the hand between."),
            rule("heat-before-dressing", COSTLY)
                    .first(LAST_TEMPER)
                    .then(REMOVES_SCALE, SOFTENS, TESTS_HARDNESS, STRAIGHTENS, FINISH_GRINDS)
                    .because("Scale, hardness, straightness and grind come after the last heat.")
                    .otherwise("Every later heat undoes them: scale comes back, and the blade moves again.")
                    .remedy("Temper twice first."),
            rule("scale-off-before-belts", CARE)
                    .first(REMOVES_SCALE)
                    .then(USES_FRESH_BELTS, SOFTENS)
                    .onlyOrder()
                    .because("Scale comes off with a worn belt first.")
                    .otherwise("Scale ruins fresh belts and hides the torch's colours.")
                    .remedy("Worn belt first."),
            rule("scale-off-before-hardness", COSTLY)
                    .first(REMOVES_SCALE)
                    .then(TESTS_HARDNESS)
                    .because("Hardness is tested on clean steel.")
                    .otherwise("Scale and a soft skin read low, and a good blade is hardened again for nothing.")
                    .remedy("Clean a spot down to steel."),
            rule("soften-before-hardness", COSTLY)
                    .first(SOFTENS)
                    .then(TESTS_HARDNESS)
                    .because("Hardness is tested after the torch.")
                    .otherwise("An edge that the torch softened is found too late.")
                    .remedy("Soften first, then test the edge."),
            rule("hardness-before-grinding", COSTLY)
                    .first(TESTS_HARDNESS, FILE_TESTS)
                    .then(FINISH_GRINDS)
                    .because("Hardness is known before the finish grind.")
                    .otherwise("Hours of grinding and sanding go into a blade that may be soft.")
                    .remedy("File and tester first."),
            rule("straight-before-grinding", COSTLY)
                    .first(STRAIGHTENS)
                    .then(HEAVY_GRINDING)
                    .because("Warp is corrected before heavy grinding.")
                    .otherwise("Bevels ground on a bent blade come out unequal.")
                    .remedy("Sight it, correct it, then grind."),
            rule("heat-before-finish", COSTLY)
                    .first(LAST_TEMPER, REMOVES_SCALE)
                    .then(POLISHES)
                    .because("The finish goes on after the heat.")
                    .otherwise("The fire takes the finish off again.")
                    .remedy("Harden, temper, take the scale off."),
            rule("true-tang-after-heat", COSTLY)
                    .first(REMOVES_SCALE, STRAIGHTENS)
                    .then(TRUES_TANG)
                    .because("The tang's flats are trued once the blade is straight.")
                    .otherwise("Straightening bends the trued flats again.")
                    .remedy("Scale off, sight it, straighten it."),
            rule("true-tang-before-scales", COSTLY)
                    .first(TRUES_TANG)
                    .then(DRILLS_SCALES, PINS_FOR_A_WHILE, DRY_FITS)
                    .because("Scales lie on flats that were trued after the heat.")
                    .otherwise("Heat has moved the tang: the scales rock on it, and a gap shows along the handle.")
                    .remedy("True the tang's flats on the platen."),
            rule("spring-soft-first", STOP)
                    .first(MAKES_SPRING)
                    .then(HARDENS_SPRING)
                    .because("The spring is profiled and drilled soft.")
                    .otherwise("A hard spring cannot be drilled any more, and a new one has to be made.")
                    .remedy("Make the spring first."),
            rule("spring-temper-at-once", STOP)
                    .first(HARDENS_SPRING)
                    .then(TEMPERS_SPRING)
                    .within(Steel.TEMPERED_WITHIN)
                    .because("A spring is tempered at once.")
                    .otherwise("An untempered spring is brittle and breaks at the first bend.")
                    .remedy("Into the temper within " + Span.words(Steel.TEMPERED_WITHIN) + "."),
            rule("spring-hardened-before-fit", STOP)
                    .first(HARDENS_SPRING, TEMPERS_SPRING)
                    .then(FITS_SPRING)
                    .because("The spring is fitted after hardening and tempering.")
                    .otherwise("Hardening moves it out of its fit, and a soft spring takes a set.")
                    .remedy("Harden and temper the spring, then fit it."));

    private HeatRules() {}
}

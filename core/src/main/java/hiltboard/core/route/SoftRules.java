package hiltboard.core.route;

import static hiltboard.core.route.OrderRule.rule;
import static hiltboard.core.route.Severity.COSTLY;
import static hiltboard.core.route.Severity.STOP;
import static hiltboard.core.route.Trait.*;

import hiltboard.core.design.Specification;
import java.util.List;

/** What is done while the steel is soft. Common practice. */
final class SoftRules {
    static final List<OrderRule> ALL = List.of(
            rule("holes-in-square-stock", COSTLY)
                    .where(spec -> !spec.isDrilledAfterProfile())
                    .first(DRILLS_SOFT_STEEL)
                    .then(PROFILES)
                    .because("Holes go in while the stock is square.")
                    .otherwise("A profiled blank has nothing left to clamp square, and the holes wander.")
                    .remedy("Drill first; if profiled already, clamp in a shaped vice block."),
            rule("dowels-after-holes", COSTLY)
                    .first(MAKES_TANG_HOLES)
                    .then(REAMS_DOWELS)
                    .because("Dowel holes are drilled in the first clamping, then reamed.")
                    .otherwise("Without a drilled hole there is nothing for the reamer to follow.")
                    .remedy("Station one first."),
            rule("dowels-before-outline", COSTLY)
                    .first(REAMS_DOWELS)
                    .then(PROFILES)
                    .because("The second station holds the part on its dowels.")
                    .otherwise("In unreamed holes the part sits loose, and its outline runs off its holes.")
                    .remedy("Ream both holes."),
            rule("profile-before-holes", COSTLY)
                    .where(Specification::isDrilledAfterProfile)
                    .first(PROFILES)
                    .then(DRILLS_SOFT_STEEL)
                    .because("This job drills after the profile, in a fixture that holds the outline.")
                    .otherwise("The fixture holds an outline that is not there yet, and the holes sit off it.")
                    .remedy("Profile it, then drill it in the fixture."),
            rule("nick-before-bevels", COSTLY)
                    .first(CUTS_NICK)
                    .then(GRINDS_BEVELS)
                    .onlyOrder()
                    .because("The nail nick is cut before the bevels, into a flat that can be clamped.")
                    .otherwise("The cutter runs on a slope, and the nick is deep on one side and shallow on the other.")
                    .remedy("Cut the nick first."),
            rule("profile-before-file-work", COSTLY)
                    .first(PROFILES)
                    .then(FILES_SOFT_STEEL, STAMPS, SCRIBES_CENTRE_LINE)
                    .because("Notches, shoulders, stamp and centre line sit on the finished profile.")
                    .otherwise("Grinding the profile afterwards takes them off again.")
                    .remedy("Profile to the line first."),
            rule("soft-work-before-hardening", STOP)
                    .first(DRILLS_SOFT_STEEL, PROFILES, FILES_SOFT_STEEL, STAMPS)
                    .then(SENDS_OUT, HARDENS)
                    .because("All holes, notches, shoulders and file work are done while the steel is soft.")
                    .otherwise("Hard steel cannot be drilled or filed: what is forgotten now needs the fire again.")
                    .remedy("Do what is open now, while it can be done."),
            rule("centre-line-before-bevels", COSTLY)
                    .first(SCRIBES_CENTRE_LINE)
                    .then(GRINDS_BEVELS)
                    .because("The centre line is scribed before the bevels.")
                    .otherwise("Without a line the edge wanders from one side to the other.")
                    .remedy("Scribe it at half the measured thickness."),
            rule("rough-bevels-before-hardening", COSTLY)
                    .first(GRINDS_BEVELS_SOFT)
                    .then(SENDS_OUT, HARDENS, COATS_WITH_CLAY)
                    .because("This job grinds bevels before hardening.")
                    .otherwise("The blade goes into the quench at the wrong thickness.")
                    .remedy("Grind to the edge left for the quench."),
            rule("soft-work-before-coating", COSTLY)
                    .first(DRILLS_SOFT_STEEL, PROFILES, FILES_SOFT_STEEL, STAMPS, GRINDS_BEVELS_SOFT)
                    .then(DEGREASES_FOR_FOIL, WRAPS_FOIL, DEGREASES_FOR_CLAY, COATS_WITH_CLAY)
                    .because("The blade is degreased when no hand touches it again.")
                    .otherwise("It is greasy again before foil or clay.")
                    .remedy("Finish the soft work first."));

    private SoftRules() {}
}

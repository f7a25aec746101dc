package hiltboard.core.route;

import static hiltboard.core.measure.Units.INCH_FAHRENHEIT;
import static org.assertj.core.api.Assertions.assertThat;

import hiltboard.core.chain.DimensionChain;
import hiltboard.core.chain.Link;
import hiltboard.core.chain.PieceDimensions;
import hiltboard.core.design.Construction;
import hiltboard.core.design.Specification;
import hiltboard.core.design.Specifications;
import hiltboard.core.forge.LaminateFlaw;
import hiltboard.core.measure.Judgement;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Quantity;
import hiltboard.core.measure.Temperature;
import hiltboard.core.route.LateChange.Effect;
import java.time.Duration;
import java.time.Instant;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

/**
 * The mishap book: mistakes that ruin pieces, each played through the real engine up to the moment before the damage,
 * where the program has to speak up. Common practice of the trade, no published source.
 */
class MishapBookTest {
    private static final RoutePlanner PLANNER = new RoutePlanner(OrderRules.all());

    @Test
    @DisplayName("[trade] holes forgotten before hardening")
    void holes_forgotten() {
        assertRefused(Knife.of(Construction.FULL_TANG), "harden", "Hard steel cannot be drilled", "drill-tang-holes");
    }

    @Test
    @DisplayName("[trade] a spacer decided on after the guard's pins were drilled")
    void late_spacer() {
        Knife knife = Knife.of(Construction.HIDDEN_TANG, "spacer", "NONE", "alignmentPins", "TWO");
        Effect effect = change(knife, knife.before("dry-fit"), Specifications.hiddenTang("alignmentPins", "TWO"));
        assertThat(effect.conflicts()).anySatisfy(conflict -> {
            assertThat(conflict.step().key()).isEqualTo("drill-alignment-pins");
            assertThat(conflict.consequence()).contains("cannot be lined up");
        });
        assertThat(effect.turned().comesIn()).extracting(Operation::key).containsExactly("make-spacer");
        assertThat(effect.turned().again()).extracting(Operation::key).contains("list-stack", "drill-alignment-pins");
    }

    @Test
    @DisplayName("[trade] a guard driven on an untempered blade")
    void guard_on_untempered() {
        Knife knife = Knife.of(Construction.HIDDEN_TANG);
        assertRefused(knife, "fit-guard", "snaps like glass", "temper-first", "temper-second");
        Gate once = knife.gate("fit-guard", knife.before("fit-guard", "temper-second"));
        assertThat(once.closedBy()).singleElement().satisfies(obstacle -> {
            assertThat(obstacle.rule().reason()).contains("next temper is due", "no longer like glass");
            assertThat(obstacle.rule().severity()).isEqualTo(Severity.COSTLY);
        });
    }

    @Test
    @DisplayName("[trade] a blade hammered straight while it is untempered, even where every order was overridden")
    void hammered_untempered() {
        Knife knife = Knife.of(Construction.FULL_TANG);
        Progress progress = knife.before("temper-first");
        Set<String> everyOrder =
                Set.copyOf(OrderRules.all().stream().map(OrderRule::key).toList());
        Gate gate = Gate.before(
                knife.step("straighten"), progress.doneAt().keySet(), progress.conditions(), everyOrder, true);
        assertThat(gate.closedBy())
                .singleElement()
                .satisfies(obstacle -> assertThat(obstacle.rule().key()).isEqualTo("no-force-on-untempered"));
    }

    @Test
    @DisplayName("[trade] a spacer made to the planned instead of the measured thickness")
    void spacer_to_the_planned_number() {
        assertRefused(Knife.of(Construction.HIDDEN_TANG), "make-spacer", "wrong number", "finish-grind");
        Specification lock = Specifications.of(Construction.FRAME_LOCK, "stockThickness", ".170");
        Link spacer = chain(
                        lock,
                        Map.of(PieceDimensions.BLADE_THICKNESS, inches("0.167")),
                        Map.of(PieceDimensions.BACK_SPACER, inches("0.210")))
                .link(PieceDimensions.BACK_SPACER)
                .orElseThrow();
        assertThat(spacer.stale())
                .hasValueSatisfying(stale -> assertThat(stale.now()).isEqualTo(inches("0.207")));
        assertThat(spacer.hangsOnIt()).contains(PieceDimensions.HANDLE_STACK);
    }

    @Test
    @DisplayName("[trade] a handle bedded without release agent")
    void bedded_dry() {
        assertRefused(bedded(), "bed-handle", "Glued for ever", "release-agent");
    }

    @Test
    @DisplayName(
            "[trade] a bedded handle left past its window: pulled after it grips, before it sets, sooner in a warm shop")
    void bedded_handle_forgotten() {
        Knife knife = bedded();
        Progress progress = knife.before("pull-handle");
        Instant grips = progress.doneAt().get("bed-handle");
        assertThat(pullWindow(knife, progress, 24).closes()).isEqualTo(grips.plus(Duration.ofMinutes(30)));
        assertThat(pullWindow(knife, progress, 34).closes()).isEqualTo(grips.plus(Duration.ofMinutes(14)));
        assertThat(pullWindow(knife, progress, 24).warnFrom()).isBefore(grips.plus(Duration.ofMinutes(30)));
    }

    private static Progress.Window pullWindow(Knife knife, Progress progress, double celsius) {
        DimensionChain chain =
                chain(knife.spec(), Map.of(PieceDimensions.SHOP_TEMPERATURE, Temperature.ofCelsius(celsius)), Map.of());
        return progress.windows(chain::value).stream()
                .filter(window -> window.step().operation().key().equals("pull-handle"))
                .findFirst()
                .orElseThrow();
    }

    @Test
    @DisplayName("[trade] scale fronts unfinished at glue-up, and glue without a dry fit")
    void unfinished_at_glue_up() {
        assertRefused(Knife.of(Construction.FULL_TANG), "glue-handle", "cannot be reached", "finish-fronts");
        assertRefused(Knife.of(Construction.FULL_TANG), "glue-handle", "while it gels", "dry-fit");
    }

    @Test
    @DisplayName("[trade] the ricasso sanded again after the guard was measured: the slot no longer fits")
    void ricasso_sanded_late() {
        assertRefused(
                Knife.of(Construction.HIDDEN_TANG), "measure-for-guard", "A gap that no one can close", "sand-ricasso");
        DimensionChain chain = chain(
                Specifications.hiddenTang(),
                Map.of(PieceDimensions.TANG_THICKNESS, inches("0.150")),
                Map.of(PieceDimensions.SLOT_WIDTH, inches("0.163")));
        assertThat(chain.stale())
                .extracting(link -> link.dimension().key())
                .containsExactly(PieceDimensions.SLOT_WIDTH);
    }

    @Test
    @DisplayName("[trade] tang hole and scale hole of different size")
    void two_sizes_of_hole() {
        Map<String, Quantity> readings = Map.of(PieceDimensions.TANG_HOLE, inches("0.257"));
        assertThat(question(Specifications.fullTang(), PieceDimensions.SCALE_HOLE, inches("0.250"), readings))
                .contains("must not meet two sizes");
        assertThat(question(Specifications.fullTang(), PieceDimensions.SCALE_HOLE, inches("0.257"), readings))
                .isEmpty();
    }

    @Test
    @DisplayName("[trade] two tones by grinding: bevels ground before etch and tumble")
    void bevels_before_the_dark() {
        assertRefused(
                Knife.of(Construction.FULL_TANG, "finish", "TWO_TONE_GROUND", "bevels", "AFTER_HARDENING"),
                "finish-grind",
                "dull the bevels",
                "tumble");
    }

    @Test
    @DisplayName("[trade] the handle ground on an etched blade that is not wrapped")
    void etched_and_unwrapped() {
        Knife knife = Knife.of(Construction.FULL_TANG, "finish", "ETCHED_DARK_TUMBLED");
        Gate gate = knife.gate("shape-handle", knife.before("shape-handle", "wrap-blade"));
        assertThat(gate.closedBy())
                .extracting(obstacle -> obstacle.rule().key())
                .containsExactlyInAnyOrder("wrap-before-handle", "etched-blade-wrapped");
    }

    @Test
    @DisplayName("[trade] outer cladding ground before the edge was test-etched")
    void cladding_ground_blind() {
        assertRefused(
                Knife.of(Construction.FULL_TANG, "steelForm", "LAMINATED"),
                "grind-clad-faces",
                "One side's layer is lost",
                "test-etch-edge");
    }

    @Test
    @DisplayName("[trade] a flaw ground over or left without a decision; the numbers of go and no-go")
    void undecided_flaw() {
        Knife knife = Knife.of(Construction.FULL_TANG, "steelForm", "LAMINATED");
        Progress sound = knife.before("harden");
        Set<Condition> flawed = EnumSet.copyOf(sound.conditions());
        flawed.add(Condition.FLAW_OPEN);
        Gate gate = Gate.before(knife.step("harden"), sound.doneAt().keySet(), flawed, Set.of(), true);
        assertThat(gate.closedBy())
                .singleElement()
                .satisfies(obstacle -> assertThat(obstacle.rule().consequence()).contains("warps in the quench"));
        LaminateFlaw flaw = new LaminateFlaw(inches("0.020"), inches("0.200"), inches("0.170"));
        assertThat(flaw.leftGroundOut(INCH_FAHRENHEIT).value()).isEqualTo(inches("0.160"));
        assertThat(flaw.leftGroundOut(INCH_FAHRENHEIT).cautions())
                .singleElement()
                .asString()
                .contains("0.010 in")
                .contains("warps");
        assertThat(flaw.staysInside(INCH_FAHRENHEIT).value()).isEqualTo(inches("0.005"));
        assertThat(flaw.staysInside(INCH_FAHRENHEIT).cautions())
                .singleElement()
                .asString()
                .contains("quench opens it");
    }

    @Test
    @DisplayName("[trade] the soak counted from the door: W2 soaks at 1475 °F, the kiln shows 1400 °F")
    void soak_from_the_door() {
        Specification w2 = Specifications.fullTang("steel", "W2");
        assertThat(question(w2, PieceDimensions.KILN_AT_SOAK, Temperature.ofFahrenheit(1400), Map.of()))
                .contains("not recovered");
        assertThat(question(w2, PieceDimensions.KILN_AT_SOAK, Temperature.ofFahrenheit(1470), Map.of()))
                .isEmpty();
    }

    @Test
    @DisplayName("[trade] tempering in a kiln that is still at hardening heat")
    void temper_in_a_hot_kiln() {
        assertThat(question(
                        Specifications.fullTang(),
                        PieceDimensions.KILN_AT_TEMPER,
                        Temperature.ofFahrenheit(1100),
                        Map.of()))
                .contains("has not come down");
        assertThat(question(
                        Specifications.fullTang(),
                        PieceDimensions.KILN_AT_TEMPER,
                        Temperature.ofFahrenheit(405),
                        Map.of()))
                .isEmpty();
    }

    @Test
    @DisplayName("[trade] a spring fitted before it is hardened")
    void spring_fitted_soft() {
        assertRefused(Knife.of(Construction.SLIP_JOINT), "fit-spring", "out of its fit", "harden-spring");
    }

    @Test
    @DisplayName("[trade] a nick too shallow for the bevel that follows, or so deep that it breaks through")
    void nick_wrong() {
        Specification slip = Specifications.of(Construction.SLIP_JOINT, "stockThickness", ".100", "heelWidth", "3/4");
        assertThat(question(slip, PieceDimensions.NICK_DEPTH, inches("0.015"), Map.of()))
                .contains("too shallow");
        assertThat(question(slip, PieceDimensions.NICK_DEPTH, inches("0.095"), Map.of()))
                .contains("breaks through");
        assertThat(question(slip, PieceDimensions.NICK_DEPTH, inches("0.030"), Map.of()))
                .isEmpty();
    }

    @Test
    @DisplayName("[trade] a counterbore shallower than the handle's deepest hollow")
    void counterbore_too_shallow() {
        Specification fastened = Specifications.fullTang("fastening", "SHOULDERED_FASTENERS", "handleHollow", ".100");
        assertThat(question(fastened, PieceDimensions.COUNTERBORE_DEPTH, inches("0.090"), Map.of()))
                .contains("cuts through to the head's seat");
        assertThat(question(fastened, PieceDimensions.COUNTERBORE_DEPTH, inches("0.130"), Map.of()))
                .isEmpty();
    }

    @Test
    @DisplayName("[trade] a sheath's welt glued before the trial fit")
    void welt_glued_early() {
        assertRefused(
                Knife.of(Construction.FULL_TANG, "sheath", "LEATHER"),
                "cement-sheath",
                "too loose for ever",
                "trial-fit-sheath");
    }

    @Test
    @DisplayName("[trade] pieces of a batch unnumbered at the quench")
    void unnumbered_at_the_quench() {
        assertRefused(Knife.of(Specifications.fullTang(), Place.LATER_OF_BATCH), "harden", "swapped", "number-piece");
    }

    @Test
    @DisplayName("[trade] a batch past its gate while the first piece is unproven")
    void unproven_first_piece() {
        Knife knife = Knife.of(Specifications.fullTang(), Place.LATER_OF_BATCH);
        Progress progress = knife.before("see-first-piece");
        Gate gate = Gate.before(
                knife.step("see-first-piece"), progress.doneAt().keySet(), progress.conditions(), Set.of(), false);
        assertThat(gate.closedBy())
                .singleElement()
                .satisfies(obstacle -> assertThat(obstacle.rule().consequence()).contains("repeated in every piece"));
    }

    @Test
    @DisplayName("[trade] sharpening for another use than the brief's: said, not shut")
    void sharpened_for_another_use() {
        Knife knife = Knife.of(Construction.FULL_TANG);
        Gate gate = knife.gate("sharpen", knife.before("sharpen", "read-brief"));
        assertThat(gate.isOpen()).isTrue();
        assertThat(gate.cares())
                .singleElement()
                .satisfies(obstacle -> assertThat(obstacle.rule().consequence()).contains("wrong edge for the use"));
    }

    @Test
    @DisplayName("[trade] wax still in the cavity at the final glue, also where it was put back on after cleaning")
    void wax_in_the_cavity() {
        Knife knife = bedded();
        assertRefused(knife, "glue-handle", "No bond", "clean-release");
        Map<String, Instant> done = new HashMap<>(knife.before("clean-for-glue").doneAt());
        done.put("release-agent", done.get("clean-release").plusSeconds(60));
        Progress greasedAgain = new Progress(knife.route(), done);
        assertThat(knife.gate("clean-for-glue", greasedAgain).closedBy())
                .extracting(obstacle -> obstacle.rule().key())
                .containsExactly("grease-off-for-glue");
    }

    @Test
    @DisplayName("[trade] the parts of a stack drilled singly: the step asks for it, and waits for every part")
    void stack_drilled_singly() {
        Knife knife = Knife.of(Construction.HIDDEN_TANG, "alignmentPins", "TWO");
        assertRefused(knife, "drill-alignment-pins", "cannot be lined up", "make-spacer");
        assertThat(knife.step("drill-alignment-pins").operation().checks()).contains("The stack was drilled as one.");
    }

    @Test
    @DisplayName(
            "[trade] stainless on a belt that was used for carbon steel: cautious practice, unproven, so only said")
    void stainless_on_a_carbon_belt() {
        assertThat(Knife.of(Construction.FULL_TANG, "steel", "440C")
                        .step("finish-grind")
                        .operation()
                        .cautions())
                .anyMatch(line -> line.contains("stainless") && line.contains("unproven"));
        assertThat(Knife.of(Construction.FULL_TANG)
                        .step("finish-grind")
                        .operation()
                        .cautions())
                .noneMatch(line -> line.contains("unproven"));
    }

    @Test
    @DisplayName("[trade] a line by clay wanted after the blade was hardened through")
    void late_clay() {
        Knife knife = Knife.of(Construction.FULL_TANG, "steel", "1095");
        Effect effect = change(
                knife, knife.before("finish-grind"), Specifications.fullTang("steel", "1095", "hardening", "CLAY"));
        assertThat(effect.conflicts())
                .anySatisfy(conflict -> assertThat(conflict.step().key()).isEqualTo("harden"));
        assertThat(effect.turned().rework().heats()).isEqualTo(2);
        assertThat(effect.turned().comesIn()).extracting(Operation::key).contains("normalise", "apply-clay");
        assertThat(effect.turned().again())
                .extracting(Operation::key)
                .contains("harden", "temper-first", "temper-second")
                .doesNotContain("drill-tang-holes", "profile");
    }

    @Test
    @DisplayName("[trade] a thicker edge wanted after the finish grind, with the spacer made: steel does not come back")
    void late_thicker_grind() {
        Knife knife = Knife.of(Construction.HIDDEN_TANG);
        Effect effect = change(knife, knife.before("dry-fit"), Specifications.hiddenTang("edgeThickness", ".035"));
        assertThat(effect.conflicts())
                .anySatisfy(conflict -> assertThat(conflict.consequence()).contains("cannot be put back"));
        assertThat(effect.turned().again())
                .extracting(Operation::key)
                .contains("finish-grind", "make-spacer", "mill-guard-slot");
        assertThat(effect.material()).contains("a new bar of 1084");
        assertThat(effect.needsClient()).isTrue();
    }

    @Test
    @DisplayName("[trade] a glued knife led back into the fire by a late change of its fastening")
    void fire_on_a_glued_knife() {
        Knife knife = Knife.of(Construction.FULL_TANG);
        Effect effect = change(knife, knife.before("sharpen"), Specifications.fullTang("fastening", "SCREWS"));
        assertThat(effect.turned().comesIn()).extracting(Operation::key).contains("take-handle-off", "normalise");
        assertThat(effect.turned().again())
                .extracting(Operation::key)
                .contains("flatten-scales", "drill-scales", "shape-handle");
        assertThat(effect.material()).contains("a pair of scales");
        Progress turned =
                new Progress(effect.route(), Map.of(), Map.of(), effect.turned().worn(Knife.MORNING));
        Gate gate = Gate.before(
                effect.route().step("normalise").orElseThrow(),
                Set.of("take-handle-off"),
                turned.conditions(),
                Set.of(),
                true);
        assertThat(gate.closedBy())
                .anySatisfy(
                        obstacle -> assertThat(obstacle.rule().consequence()).contains("Wood and adhesive burn"));
    }

    @Test
    @DisplayName("[trade] the handle glued up before the blade is etched")
    void glued_before_the_bath() {
        assertRefused(
                Knife.of(Construction.FULL_TANG, "finish", "ETCHED_DARK_TUMBLED"),
                "glue-handle",
                "stays raw",
                "etch",
                "neutralise");
        assertRefused(
                Knife.of(Construction.HIDDEN_TANG, "finish", "PATTERN", "steelForm", "PATTERN_WELDED"),
                "glue-handle",
                "stains the handle",
                "etch");
        assertThat(Knife.of(Construction.FULL_TANG, "finish", "ETCHED_GREY", "handleTurn", "HANDLE_FIRST")
                        .keys())
                .containsSubsequence("glue-handle", "finish-handle", "tape-handle", "etch");
    }

    @Test
    @DisplayName("[trade] a hidden tang wanted of a blade that is drilled for scales: quenched, the empty holes crack")
    void quenched_with_empty_holes() {
        Knife knife = Knife.of(Construction.FULL_TANG, "lightening", "HOLES");
        Effect effect = change(knife, knife.before("harden"), Specifications.fullTang());
        assertThat(effect.conflicts()).anySatisfy(conflict -> {
            assertThat(conflict.step().key()).isEqualTo("drill-lightening-holes");
            assertThat(conflict.consequence()).contains("crack");
        });
        assertThat(effect.turned().again()).extracting(Operation::key).contains("choose-stock");
        Knife pinned = Knife.of(Construction.FULL_TANG, "pinCount", "3");
        assertThat(change(pinned, pinned.before("harden"), Specifications.fullTang("pinCount", "2"))
                        .conflicts())
                .as("one pin fewer than is drilled")
                .anySatisfy(conflict -> assertThat(conflict.step().key()).isEqualTo("drill-tang-holes"));
        assertThat(change(pinned, pinned.before("harden"), Specifications.fullTang("pinCount", "4"))
                        .conflicts())
                .isEmpty();
        assertThat(change(knife, knife.before("finish-grind"), Specifications.fullTang())
                        .turned()
                        .again())
                .as("hard already: it is not quenched again")
                .isEmpty();
    }

    @Test
    @DisplayName("[trade] a guard hardened, not tempered, put on the knife and hammered: it snaps in two")
    void an_untempered_guard() {
        Knife knife = Knife.of(Construction.HIDDEN_TANG, "guardMaterial", "TOOL_STEEL", "guardState", "HARDENED");
        assertRefused(knife, "fit-guard", "snaps in two", "temper-guard");
        Progress hard = knife.before("fit-guard", "temper-guard");
        assertThat(hard.conditions()).contains(Condition.FITTING_UNTEMPERED, Condition.TEMPERED);
        Set<String> everyOrder =
                Set.copyOf(OrderRules.all().stream().map(OrderRule::key).toList());
        assertThat(Gate.before(knife.step("fit-guard"), hard.doneAt().keySet(), hard.conditions(), everyOrder, true)
                        .closedBy())
                .extracting(obstacle -> obstacle.rule().key())
                .as("even where every order was overridden")
                .containsExactly("no-force-on-an-untempered-fitting");
        assertThat(knife.before("fit-guard").conditions()).doesNotContain(Condition.FITTING_UNTEMPERED);
    }

    @Test
    @DisplayName("[trade] an edge for another use than the brief's: asked back with what the client said")
    void an_edge_for_another_use() {
        Specification slicer = Specifications.fullTang("edgeAngle", "22", "edgeTooth", "COARSE");
        Operation sharpen = Knife.of(slicer).step("sharpen").operation();
        assertThat(EdgeForUse.before(sharpen, slicer, "Onions and herbs"))
                .singleElement()
                .satisfies(obstacle -> {
                    assertThat(obstacle.rule().reason()).contains("22° a side", "“Onions and herbs”");
                    assertThat(obstacle.rule().severity().closesGate()).isTrue();
                });
        assertThat(EdgeForUse.before(sharpen, slicer, "Briskets"))
                .as("it is what a roast wants")
                .isEmpty();
        assertThat(EdgeForUse.before(sharpen, slicer, "She did not say")).isEmpty();
        assertThat(EdgeForUse.before(Knife.of(slicer).step("hand-sand").operation(), slicer, "Onions and herbs"))
                .isEmpty();
    }

    @Test
    @DisplayName("[trade] handed over with the brief unread")
    void brief_unread() {
        assertRefused(Knife.of(Construction.FULL_TANG), "hand-over", "for another use", "read-brief");
    }

    @Test
    @DisplayName(
            "[trade] a bedded handle that stuck is warmed and pulled; a dip at the last check leads back to the handle")
    void ways_back_that_were_missing() {
        Knife knife = bedded();
        Making stuck = new Making(knife.spec(), Place.ALONE, Rework.NONE, knife.before("pull-handle"));
        assertThat(new WaysBack(stuck, PLANNER).of(Mishap.HANDLE_STUCK, knife.step("pull-handle"), false))
                .filteredOn(way -> way.way() == WayBack.WARM)
                .singleElement()
                .satisfies(way -> assertThat(String.join(" ", way.cautions())).contains("fumes", "point away"));
        Knife plain = Knife.of(Construction.FULL_TANG);
        Making checked = new Making(plain.spec(), Place.ALONE, Rework.NONE, plain.before("last-check"));
        assertThat(new WaysBack(checked, PLANNER).of(Mishap.HANDLE_DIP, plain.step("last-check"), false))
                .filteredOn(way -> way.way() == WayBack.REDO)
                .extracting(way -> way.from().orElseThrow())
                .contains("sand-handle", "shape-handle")
                .doesNotContain("approve-outline", "finish-grind");
    }

    @Test
    @DisplayName("[trade] what makers do without a word is asked at its step: start check, set-up kept, both sides, "
            + "dwell, test strike, coupon, residue, age")
    void what_goes_unspoken() {
        Knife knife = Knife.of(Construction.FULL_TANG, "finish", "ETCHED_DARK_TUMBLED", "sheath", "LEATHER");
        assertChecked(knife, "drill-tang-holes", "the spindle runs before the feed");
        assertChecked(Knife.of(Construction.SLIP_JOINT), "relieve-sides", "Stops and angles");
        assertChecked(knife, "finish-grind", "Left and right were measured");
        assertChecked(knife, "electro-mark", "No touch was longer than a minute");
        assertChecked(Knife.of(Construction.FULL_TANG, "mark", "STAMPED"), "stamp-mark", "test strike");
        assertChecked(knife, "etch", "coupon");
        assertChecked(knife, "etch", "The tissue comes away without black");
        assertChecked(knife, "glue-handle", "no band is cracked with age");
        assertChecked(knife, "prime-sheath", "fresh by its date");
        assertChecked(Knife.of(Construction.SLIP_JOINT), "cut-nail-nick", "flat on granite");
    }

    private static void assertChecked(Knife knife, String step, String check) {
        assertThat(knife.step(step).operation().checks()).anyMatch(line -> line.contains(check));
    }

    private static Knife bedded() {
        return Knife.of(Construction.HIDDEN_TANG, "bedding", "BEDDED", "alignmentPins", "TWO");
    }

    private static void assertRefused(Knife knife, String step, String consequence, String... forgotten) {
        Gate gate = knife.gate(step, knife.before(step, forgotten));
        assertThat(gate.closedBy())
                .anySatisfy(
                        obstacle -> assertThat(obstacle.rule().consequence()).contains(consequence));
        assertThat(knife.gate(step, knife.before(step)).isOpen()).isTrue();
    }

    private static Effect change(Knife knife, Progress progress, Specification to) {
        Making making = new Making(knife.spec(), Place.ALONE, Rework.NONE, progress);
        return (Effect) new LateChange(making, to, PLANNER).effect(Map.of(), Map.of(), INCH_FAHRENHEIT);
    }

    private static String question(Specification spec, String key, Quantity reading, Map<String, Quantity> readings) {
        Judgement judged = chain(spec, readings, Map.of()).judge(key, reading);
        return judged.isOut() ? judged.words() : "";
    }

    private static DimensionChain chain(
            Specification spec, Map<String, Quantity> readings, Map<String, Quantity> made) {
        return DimensionChain.of(PieceDimensions.of(spec), readings, made, INCH_FAHRENHEIT);
    }

    private static Length inches(String decimal) {
        return Length.ofInches(decimal);
    }
}

package hiltboard.core.route;

import static org.assertj.core.api.Assertions.assertThat;

import hiltboard.core.design.Specification;
import hiltboard.core.design.Specifications;
import hiltboard.core.route.Planned.Ordered;
import java.util.HashSet;
import java.util.Set;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * Mistakes that ruin pieces, played through the gates: everything before the step is done but the work that was forgotten, and
 * the gate has to say so before the damage. Common practice of the trade, no published source.
 */
class MishapsPreventedTest {
    private final RoutePlanner planner = new RoutePlanner(OrderRules.all());

    @ParameterizedTest(name = "[trade] full tang: {1} refused while {0} is open, since: {2}")
    @CsvSource({
        "drill-tang-holes, harden, Hard steel cannot be drilled",
        "file-choil, harden, Hard steel cannot be drilled",
        "approve-outline, profile, A wrong shape is a restart",
        "approve-outline, drill-tang-holes, A wrong shape is a restart",
        "drill-tang-holes, profile, Nothing is left to clamp",
        "scribe-centre-line, rough-bevels, The edge wanders",
        "rough-bevels, harden, wrong thickness",
        "harden, temper-first, cracks by itself",
        "temper-first, temper-second, stays untempered",
        "temper-second, straighten, snaps like glass",
        "temper-second, drill-scales, snaps like glass",
        "temper-second, finish-grind, snaps like glass",
        "test-hardness, finish-grind, soft blade",
        "straighten, finish-grind, Unequal bevels",
        "finish-grind, hand-sand, takes the finish off",
        "flatten-scales, drill-scales, do not line up",
        "finish-fronts, glue-handle, cannot be reached",
        "dry-fit, glue-handle, while it gels",
        "clean-for-glue, glue-handle, No bond",
        "clean-squeeze-out, cure-handle, there for ever",
        "cure-handle, shape-handle, It shifts",
        "wrap-blade, shape-handle, Scratches on the finish",
        "shape-handle, finish-handle, takes the finish off",
        "last-check, hand-over, no record"})
    void on_a_full_tang(String forgotten, String step, String consequence) {
        assertRefused(Specifications.fullTang(), forgotten, step, consequence);
    }

    @ParameterizedTest(name = "[trade] hidden tang, bedded, pinned, etched, sheathed: {1} refused while {0} is open, since: {2}")
    @CsvSource({
        "file-shoulders, harden, Hard steel cannot be drilled",
        "temper-second, fit-guard, snaps like glass",
        "finish-grind, measure-for-guard, wrong number",
        "sand-ricasso, measure-for-guard, A gap that no one can close",
        "measure-for-guard, mill-guard-slot, too wide cannot be made narrower",
        "measure-for-guard, make-spacer, too wide cannot be made narrower",
        "fit-guard, shape-guard, Pins break out",
        "make-spacer, drill-alignment-pins, cannot be lined up",
        "list-stack, drill-alignment-pins, cannot be lined up",
        "release-agent, bed-handle, Glued for ever",
        "pull-handle, cure-bed, never comes off whole",
        "cure-bed, shape-off-knife, The bed tears",
        "clean-release, glue-handle, No bond",
        "sand-for-etch, etch, Scratches shout",
        "electro-mark, etch, Uneven on the dark",
        "degrease-for-etch, etch, Patches",
        "fit-guard, etch, etching it again",
        "etch, neutralise, keeps eating",
        "neutralise, tumble, Rust spots",
        "trial-fit-sheath, close-sheath, too loose for ever",
        "sheath-inside, close-sheath, cannot be reached"})
    void on_a_hidden_tang(String forgotten, String step, String consequence) {
        assertRefused(Specifications.hiddenTang("bedding", "BEDDED", "alignmentPins", "TWO", "finish", "ETCHED_DARK_TUMBLED", "sheath", "LEATHER"), forgotten, step, consequence);
    }

    @ParameterizedTest(name = "[trade] stainless: {1} refused while {0} is open, since: {2}")
    @CsvSource({"wrap-foil, harden, Heavy scale", "cold-treat, temper-first, Soft austenite stays", "harden, cold-treat, nothing to transform"})
    void on_stainless(String forgotten, String step, String consequence) {
        assertRefused(Specifications.fullTang("steel", "440C"), forgotten, step, consequence);
    }

    private void assertRefused(Specification spec, String forgotten, String stepKey, String consequence) {
        Route route = ((Ordered) planner.plan(Operations.of(spec, Place.ALONE))).route();
        Route.Step step = route.step(stepKey).orElseThrow();
        Set<String> done = new HashSet<>();
        route.steps().stream().map(each -> each.operation().key()).filter(key -> !key.equals(stepKey) && !key.equals(forgotten)).forEach(done::add);
        Gate gate = Gate.before(step, done, Set.of(), true);
        assertThat(gate.closedBy()).anySatisfy(obstacle -> {
            assertThat(obstacle.missing()).extracting(Operation::key).contains(forgotten);
            assertThat(obstacle.rule().consequence()).contains(consequence);
        });
        done.add(forgotten);
        assertThat(Gate.before(step, done, Set.of(), true).isItsTurn()).isTrue();
    }
}

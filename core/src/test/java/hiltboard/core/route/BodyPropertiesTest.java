package hiltboard.core.route;

import static org.assertj.core.api.Assertions.assertThat;

import hiltboard.core.design.Specification;
import hiltboard.core.design.Specifications;
import hiltboard.core.measure.Units;
import hiltboard.core.route.LateChange.Effect;
import hiltboard.core.route.Route.Step;
import hiltboard.core.route.WaysBack.Way;
import java.time.Instant;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.parallel.Execution;
import org.junit.jupiter.api.parallel.ExecutionMode;

/**
 * What a piece is decides what may be done with it, whatever came before: any piece, in any state that open gates lead
 * to, after any late change and any way back, goes on to its end, and on the way nothing is heated, bathed, hammered or
 * drilled that must not be.
 */
@Execution(ExecutionMode.CONCURRENT)
class BodyPropertiesTest {
    private static final RoutePlanner PLANNER = new RoutePlanner(OrderRules.all());
    private static final Set<Trait> FIRE = EnumSet.of(
            Trait.NORMALISES, Trait.ANNEALS, Trait.HARDENS, Trait.FIRST_TEMPER, Trait.LAST_TEMPER, Trait.SENDS_OUT);
    private static final Set<Trait> FORCE =
            EnumSet.of(Trait.NEEDS_TEMPERED, Trait.FITS_GUARD, Trait.PEENS, Trait.WEDGES);

    @Test
    void after_any_late_change_in_any_state_the_piece_goes_on_to_its_end() {
        Random random = new Random(51);
        int changed = 0;
        for (int i = 0; i < 350; i++) {
            Making making = anyState(random);
            Specification to =
                    random.nextBoolean() ? Specifications.random(random) : Specifications.nearTo(making.spec(), random);
            if (new LateChange(making, to, PLANNER).effect(Map.of(), Map.of(), Units.INCH_FAHRENHEIT)
                    instanceof Effect effect) {
                goesOn(making, effect.route(), effect.turned());
                changed++;
            }
        }
        assertThat(changed).isGreaterThan(300);
    }

    @Test
    void after_any_way_back_from_any_state_the_piece_goes_on_to_its_end() {
        Random random = new Random(52);
        for (int i = 0; i < 250; i++) {
            Making making = anyState(random);
            List<Step> steps = making.route().steps();
            Step at = steps.get(random.nextInt(steps.size()));
            Mishap mishap = Mishap.values()[random.nextInt(Mishap.values().length)];
            for (Way way : new WaysBack(making, PLANNER)
                    .of(mishap, at, false).stream()
                            .filter(each -> !each.turned().again().isEmpty())
                            .toList()) {
                Route route = ((Planned.Ordered) PLANNER.plan(
                                making.spec(),
                                Operations.of(
                                        making.spec(),
                                        making.place(),
                                        way.turned().rework())))
                        .route();
                goesOn(making, route, way.turned());
            }
        }
    }

    /** A piece worked on in any order that its gates leave open, up to any moment; cares are not heeded. */
    private static Making anyState(Random random) {
        Specification spec = Specifications.random(random);
        Route route = Knife.of(spec).route();
        Map<String, Instant> done = new HashMap<>();
        int many = random.nextInt(route.steps().size());
        for (int i = 0; i < many; i++) {
            Set<Condition> conditions = new Progress(route, done).conditions();
            doAgainWhatIsGone(route, done, conditions);
            List<Step> open = route.steps().stream()
                    .filter(step -> !done.containsKey(step.operation().key())
                            && Gate.before(step, done.keySet(), conditions, Set.of(), true)
                                    .isOpen())
                    .toList();
            assertThat(open)
                    .as(() -> "nothing can be done in " + conditions + ": " + whyNot(route, done, conditions))
                    .isNotEmpty();
            Operation next = open.get(random.nextInt(open.size())).operation();
            assertBears(conditions, next);
            done.put(next.key(), Knife.MORNING.plusSeconds(60L * i));
        }
        return new Making(spec, Place.ALONE, Rework.NONE, new Progress(route, done));
    }

    /** What a gate says is to be done again is open again; sometimes a maker does it at once, sometimes never. */
    private static void doAgainWhatIsGone(Route route, Map<String, Instant> done, Set<Condition> conditions) {
        route.steps().stream()
                .filter(step -> !done.containsKey(step.operation().key()))
                .flatMap(step -> Gate.before(step, done.keySet(), conditions, Set.of(), true)
                        .settingRight(step, route, done.keySet(), conditions)
                        .closedBy()
                        .stream())
                .flatMap(obstacle -> obstacle.again().stream())
                .map(Operation::key)
                .toList()
                .forEach(done::remove);
    }

    private static String whyNot(Route route, Map<String, Instant> done, Set<Condition> conditions) {
        return route.steps().stream()
                .filter(step -> !done.containsKey(step.operation().key()))
                .map(step -> step.operation().key() + " "
                        + Gate.before(step, done.keySet(), conditions, Set.of(), true).closedBy().stream()
                                .map(obstacle -> obstacle.rule().key()
                                        + obstacle.missing().stream()
                                                .map(Operation::key)
                                                .toList())
                                .toList())
                .toList()
                .toString();
    }

    /** Does what is left, in the order of the route, through open gates. */
    private static void goesOn(Making making, Route route, TurnedBack turned) {
        Set<String> again =
                new HashSet<>(turned.again().stream().map(Operation::key).toList());
        Map<String, Instant> done = new HashMap<>();
        route.steps().stream()
                .map(step -> step.operation().key())
                .filter(key -> making.progress().isDone(key) && !again.contains(key))
                .forEach(key -> done.put(key, making.progress().doneAt().get(key)));
        Instant turn = Knife.MORNING.plusSeconds(1_000_000);
        int i = 0;
        for (Step step : route.steps()) {
            if (!done.containsKey(step.operation().key())) {
                Set<Condition> conditions = new Progress(route, done, Map.of(), turned.worn(turn)).conditions();
                Gate gate = Gate.before(step, done.keySet(), conditions, Set.of(), true);
                assertThat(gate.closedBy())
                        .as(() -> step.operation().key() + " of " + making.spec() + " as it lies: " + conditions
                                + ", done again: " + again)
                        .isEmpty();
                assertBears(conditions, step.operation());
                done.put(step.operation().key(), turn.plusSeconds(60L * ++i));
            }
        }
        assertThat(new Progress(route, done, Map.of(), turned.worn(turn)).conditions())
                .contains(Condition.HANDLED, Condition.TEMPERED)
                .doesNotContain(Condition.UNTEMPERED, Condition.ACID, Condition.WET_GLUE);
    }

    private static void assertBears(Set<Condition> conditions, Operation operation) {
        boolean isHandled = conditions.contains(Condition.HANDLED);
        assertThat(isHandled && operation.traits().stream().anyMatch(FIRE::contains))
                .as("fire on a handle: %s", operation.key())
                .isFalse();
        assertThat(isHandled && (operation.is(Trait.BATHES_WHOLE) || operation.is(Trait.TUMBLES)))
                .as("a bath on a handle: %s", operation.key())
                .isFalse();
        assertThat(conditions.contains(Condition.UNTEMPERED)
                        && operation.traits().stream().anyMatch(FORCE::contains))
                .as("force on untempered steel: %s", operation.key())
                .isFalse();
        assertThat(!conditions.contains(Condition.ANNEALED)
                        && (operation.is(Trait.DRILLS_SOFT_STEEL) || operation.is(Trait.FILES_SOFT_STEEL)))
                .as("hard steel drilled: %s", operation.key())
                .isFalse();
    }
}

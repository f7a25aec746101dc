package hiltboard.core.route;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.fail;

import hiltboard.core.chain.Dimension;
import hiltboard.core.chain.DimensionChain;
import hiltboard.core.chain.PieceDimensions;
import hiltboard.core.design.Construction;
import hiltboard.core.design.Specification;
import hiltboard.core.design.SpecificationField;
import hiltboard.core.design.Specifications;
import hiltboard.core.field.Choice;
import hiltboard.core.field.Option;
import hiltboard.core.material.SteelLibrary;
import hiltboard.core.measure.Units;
import hiltboard.core.route.Planned.Ordered;
import hiltboard.core.route.Route.Step;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.parallel.Execution;
import org.junit.jupiter.api.parallel.ExecutionMode;

/** What holds for any piece: every construction, every school, any sizes, in any combination that the form takes. */
@Execution(ExecutionMode.CONCURRENT)
class RoutePropertiesTest {
    private static final int SPECIFICATIONS = 2_500;
    /** Until everything has been seen; so many are more than enough. */
    private static final int AT_MOST = 5_000;

    private static final RoutePlanner PLANNER = new RoutePlanner(OrderRules.all());

    @Test
    void any_piece_that_the_form_takes_has_a_route_that_keeps_every_rule_and_does_every_operation_once() {
        Random random = new Random(42);
        Map<Construction, Integer> made = new EnumMap<>(Construction.class);
        for (int i = 0; i < SPECIFICATIONS; i++) {
            Specification spec = Specifications.random(random);
            List<Operation> work = Operations.of(spec, anyPlace(random));
            Planned planned = PLANNER.plan(spec, work);
            assertKeepsEveryRule(spec, ((Ordered) planned).route(), work);
            made.merge(spec.construction(), 1, Integer::sum);
        }
        assertThat(made.keySet()).containsExactlyInAnyOrder(Construction.values());
        assertThat(made.values()).allMatch(count -> count > SPECIFICATIONS / 50);
    }

    @Test
    void walking_the_route_every_gate_is_open_in_its_turn_and_no_condition_is_broken() {
        Random random = new Random(47);
        for (int i = 0; i < 1_000; i++) {
            Specification spec = Specifications.random(random);
            if (Knife.plan(spec, Place.ALONE) instanceof Ordered ordered) {
                walk(spec, ordered.route());
            }
        }
    }

    private static void walk(Specification spec, Route route) {
        Map<String, Instant> done = new HashMap<>();
        Instant at = Knife.MORNING;
        for (Step step : route.steps()) {
            Set<Condition> conditions = new Progress(route, done).conditions();
            Gate gate = Gate.before(step, done.keySet(), conditions, Set.of(), true);
            assertThat(gate.closedBy())
                    .as(() -> step.operation().key() + " of " + spec + " in " + conditions)
                    .isEmpty();
            at = at.plusSeconds(60);
            done.put(step.operation().key(), at);
        }
        assertThat(new Progress(route, done).conditions())
                .contains(Condition.SHARP, Condition.TEMPERED)
                .doesNotContain(
                        Condition.ACID,
                        Condition.GREASED,
                        Condition.WET_GLUE,
                        Condition.UNTEMPERED,
                        Condition.CLAYED,
                        Condition.AWAY,
                        Condition.CEMENTED);
    }

    @Test
    void the_order_comes_from_the_rules_and_not_from_the_list() {
        Random random = new Random(43);
        for (int i = 0; i < 500; i++) {
            Specification spec = Specifications.random(random);
            List<Operation> work = new ArrayList<>(Operations.of(spec, anyPlace(random)));
            Collections.shuffle(work, random);
            if (PLANNER.plan(spec, work) instanceof Ordered ordered) {
                assertKeepsEveryRule(spec, ordered.route(), work);
            }
        }
    }

    @Test
    void the_same_piece_always_has_the_same_route() {
        Random random = new Random(44);
        for (int i = 0; i < 300; i++) {
            Specification spec = Specifications.random(random);
            assertThat(Knife.plan(spec, Place.ALONE)).isEqualTo(Knife.plan(spec, Place.ALONE));
        }
    }

    @Test
    void steps_speak_only_of_numbers_that_the_piece_has_and_say_what_to_do_and_to_check() {
        Random random = new Random(45);
        for (int i = 0; i < 1_000; i++) {
            Specification spec = Specifications.random(random);
            DimensionChain chain =
                    DimensionChain.of(PieceDimensions.of(spec), Map.of(), Map.of(), Units.INCH_FAHRENHEIT);
            Set<String> numbers =
                    PieceDimensions.of(spec).stream().map(Dimension::key).collect(Collectors.toSet());
            assertThat(chain.links()).hasSameSizeAs(numbers);
            assertThat(Operations.of(spec, Place.ALONE)).allSatisfy(operation -> {
                assertThat(numbers)
                        .as("%s of %s", operation.key(), spec.construction())
                        .containsAll(operation.targets())
                        .containsAll(operation.readings())
                        .containsAll(operation.makes());
                assertThat(operation.time().restNumber().isEmpty()
                                || numbers.contains(operation.time().restNumber()))
                        .isTrue();
                assertThat(operation.toDo()).isNotEmpty();
                assertThat(operation.checks()).isNotEmpty();
            });
        }
    }

    @Test
    void every_rule_applies_to_some_piece_and_says_why() {
        Random random = new Random(46);
        Set<String> used = new HashSet<>();
        Set<Trait> work = EnumSet.noneOf(Trait.class);
        List<Rule> rules = new ArrayList<>(OrderRules.all());
        for (int i = 0; i < AT_MOST && used.size() + work.size() < rules.size() + Trait.values().length; i++) {
            Specification spec = Specifications.random(random);
            if (PLANNER.plan(
                            spec,
                            Operations.of(
                                    spec,
                                    anyPlace(random),
                                    random.nextInt(10) == 0 ? Rework.NONE.takenApart() : Rework.NONE))
                    instanceof Ordered ordered) {
                ordered.route().steps().forEach(step -> {
                    step.waits().forEach(wait -> used.add(wait.rule().key()));
                    work.addAll(step.operation().traits());
                });
            }
        }
        assertThat(used)
                .containsExactlyInAnyOrderElementsOf(
                        rules.stream().map(Rule::key).toList());
        rules.addAll(ConditionRules.all());
        assertThat(rules).allSatisfy(rule -> {
            assertThat(rule.reason()).endsWith(".");
            assertThat(rule.consequence()).endsWith(".");
            assertThat(rule.remedy()).endsWith(".");
        });
        assertThat(rules).extracting(Rule::key).doesNotHaveDuplicates();
        assertThat(work).as("every kind of work is done somewhere").containsExactlyInAnyOrder(Trait.values());
    }

    @Test
    void the_random_pieces_cover_every_answer_of_every_choice() {
        Random random = new Random(48);
        Map<SpecificationField, Set<String>> asked = new EnumMap<>(SpecificationField.class);
        for (SpecificationField field : SpecificationField.values()) {
            if (field.kind(SteelLibrary.KNOWN) instanceof Choice choice) {
                asked.put(field, choice.options().stream().map(Option::value).collect(Collectors.toSet()));
            }
        }
        Map<SpecificationField, Set<String>> seen = new EnumMap<>(SpecificationField.class);
        for (int i = 0; i < AT_MOST && !seen.equals(asked); i++) {
            Specifications.random(random).entries().forEach((key, value) -> {
                SpecificationField field = SpecificationField.withKey(key).orElseThrow();
                if (asked.containsKey(field)) {
                    seen.computeIfAbsent(field, each -> new HashSet<>()).add(value);
                }
            });
        }
        assertThat(seen).isEqualTo(asked);
    }

    private static void assertKeepsEveryRule(Specification spec, Route route, List<Operation> work) {
        List<Operation> order = route.steps().stream().map(Step::operation).toList();
        assertThat(order).containsExactlyInAnyOrderElementsOf(work);
        assertThat(order).extracting(Operation::key).doesNotHaveDuplicates();
        Map<String, Integer> places = new HashMap<>();
        order.forEach(operation -> places.put(operation.key(), places.size()));
        List<OrderRule> rules = OrderRules.all().stream()
                .filter(rule -> rule.appliesTo().test(spec))
                .toList();
        for (OrderRule rule : rules) {
            List<Operation> first = order.stream().filter(rule::comesFirst).toList();
            for (Operation later : order.stream().filter(rule::waits).toList()) {
                for (Operation earlier : first) {
                    if (places.get(earlier.key()) > places.get(later.key()) && rule.orders(earlier, later)) {
                        fail(rule.key() + ": " + earlier.key() + " stands after " + later.key());
                    }
                }
            }
        }
    }

    private static Place anyPlace(Random random) {
        return Place.values()[random.nextInt(Place.values().length)];
    }
}

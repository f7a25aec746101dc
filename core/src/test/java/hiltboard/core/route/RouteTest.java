package hiltboard.core.route;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.fail;

import hiltboard.core.chain.Dimension;
import hiltboard.core.chain.PieceDimensions;
import hiltboard.core.design.Specification;
import hiltboard.core.design.Specifications;
import hiltboard.core.route.Planned.Contradiction;
import hiltboard.core.route.Planned.Ordered;
import hiltboard.core.route.Route.Step;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class RouteTest {
    private static final int SPECIFICATIONS = 3_000;
    private final RoutePlanner planner = new RoutePlanner(OrderRules.all());

    @Test
    void any_knife_has_a_route_that_keeps_every_rule_and_does_every_operation_once() {
        Random random = new Random(42);
        for (int i = 0; i < SPECIFICATIONS; i++) {
            List<Operation> work = Operations.of(Specifications.random(random), anyPlace(random));
            assertKeepsEveryRule(route(work), work);
        }
    }

    @Test
    void the_order_comes_from_the_rules_and_not_from_the_list() {
        Random random = new Random(43);
        for (int i = 0; i < 500; i++) {
            List<Operation> work = new ArrayList<>(Operations.of(Specifications.random(random), anyPlace(random)));
            Collections.shuffle(work, random);
            assertKeepsEveryRule(route(work), work);
        }
    }

    @Test
    void the_same_knife_always_has_the_same_route() {
        Random random = new Random(44);
        for (int i = 0; i < 500; i++) {
            Specification spec = Specifications.random(random);
            assertThat(route(Operations.of(spec, Place.ALONE))).isEqualTo(route(Operations.of(spec, Place.ALONE)));
        }
    }

    @Test
    void steps_speak_only_of_numbers_that_the_piece_has() {
        Random random = new Random(45);
        for (int i = 0; i < 1_000; i++) {
            Specification spec = Specifications.random(random);
            Set<String> numbers = PieceDimensions.of(spec).stream().map(Dimension::key).collect(Collectors.toSet());
            assertThat(Operations.of(spec, Place.ALONE)).allSatisfy(operation -> {
                assertThat(numbers).containsAll(operation.targets()).containsAll(operation.readings()).containsAll(operation.makes());
                assertThat(operation.toDo()).isNotEmpty();
                assertThat(operation.checks()).isNotEmpty();
            });
        }
    }

    @ParameterizedTest(name = "[trade] {0} before {1} on a {2} tang")
    @CsvSource({
        "approve-outline, drill-tang-holes, FULL", "drill-tang-holes, profile, FULL", "drill-tang-holes, harden, FULL", "file-choil, harden, FULL",
        "scribe-centre-line, rough-bevels, FULL", "harden, temper-first, FULL", "temper-second, drill-scales, FULL", "test-hardness, finish-grind, FULL",
        "straighten, finish-grind, FULL", "finish-fronts, glue-handle, FULL", "flatten-scales, glue-handle, FULL", "dry-fit, glue-handle, FULL",
        "clean-squeeze-out, cure-handle, FULL", "cure-handle, shape-handle, FULL", "wrap-blade, shape-handle, FULL", "read-brief, sharpen, FULL",
        "finish-handle, sharpen, FULL", "last-check, hand-over, FULL", "file-shoulders, harden, HIDDEN", "temper-second, fit-guard, HIDDEN",
        "finish-grind, measure-for-guard, HIDDEN", "sand-ricasso, measure-for-guard, HIDDEN", "measure-for-guard, mill-guard-slot, HIDDEN",
        "fit-guard, shape-guard, HIDDEN", "finish-grind, make-spacer, HIDDEN", "make-spacer, dry-fit, HIDDEN"})
    void the_order_of_the_trade(String before, String after, String tang) {
        Specification spec = tang.equals("FULL") ? Specifications.fullTang() : Specifications.hiddenTang();
        List<String> keys = keys(route(Operations.of(spec, Place.ALONE)));
        assertThat(keys).contains(before, after);
        assertThat(keys.indexOf(before)).isLessThan(keys.indexOf(after));
    }

    @Test
    @DisplayName("[trade] mark before acid, degrease before the bath, neutralise at once, then tumble; the guard is fitted before")
    void etched_and_tumbled() {
        List<String> keys = keys(route(Operations.of(Specifications.hiddenTang("finish", "ETCHED_DARK_TUMBLED"), Place.ALONE)));
        assertThat(keys).containsSubsequence("fit-guard", "degrease-for-etch", "etch", "neutralise", "tumble", "wrap-blade");
        assertThat(keys).containsSubsequence("sand-for-etch", "electro-mark", "degrease-for-etch");
    }

    @Test
    @DisplayName("[trade] stainless: degrease, foil, harden, cold, temper")
    void stainless() {
        assertThat(keys(route(Operations.of(Specifications.fullTang("steel", "440C"), Place.ALONE))))
                .containsSubsequence("degrease-for-foil", "wrap-foil", "harden", "cold-treat", "temper-first", "temper-second");
    }

    @Test
    @DisplayName("[trade] bedding: release, bed, pull in its window, cure, shape off the knife, clean, glue")
    void bedded_handle() {
        assertThat(keys(route(Operations.of(Specifications.hiddenTang("bedding", "BEDDED", "alignmentPins", "TWO"), Place.ALONE))))
                .containsSubsequence("release-agent", "bed-handle", "pull-handle", "cure-bed", "shape-off-knife", "dry-fit", "glue-handle")
                .containsSubsequence("cure-bed", "clean-release", "glue-handle").containsSubsequence("make-spacer", "drill-alignment-pins")
                .doesNotContain("shape-handle");
    }

    @Test
    @DisplayName("[trade] the school of the bevels changes the route and its hours")
    void bevel_schools() {
        Route before = route(Operations.of(Specifications.fullTang("bevels", "BEFORE_HARDENING"), Place.ALONE));
        Route after = route(Operations.of(Specifications.fullTang("bevels", "AFTER_HARDENING"), Place.ALONE));
        assertThat(keys(before)).contains("rough-bevels");
        assertThat(keys(after)).doesNotContain("rough-bevels");
        assertThat(after.attendedMinutes()).isNotEqualTo(before.attendedMinutes());
    }

    @Test
    void a_batch_numbers_its_pieces_and_proves_the_first() {
        assertThat(keys(route(Operations.of(Specifications.fullTang(), Place.FIRST_OF_BATCH)))).containsSubsequence("number-piece", "drill-tang-holes", "prove-first-piece", "harden");
        assertThat(keys(route(Operations.of(Specifications.fullTang(), Place.LATER_OF_BATCH)))).containsSubsequence("number-piece", "see-first-piece", "drill-tang-holes");
    }

    @Test
    void rules_that_contradict_each_other_are_named() {
        List<OrderRule> rules = new ArrayList<>(OrderRules.all());
        rules.add(new OrderRule("sharp-first", Set.of(Trait.SHARPENS), Set.of(Trait.HARDENS), Severity.COSTLY, "r", "c", "m", java.util.Optional.empty()));
        Planned planned = new RoutePlanner(rules).plan(Operations.of(Specifications.fullTang(), Place.ALONE));
        assertThat(planned).isInstanceOfSatisfying(Contradiction.class, contradiction -> {
            assertThat(contradiction.rules()).extracting(OrderRule::key).contains("sharp-first");
            assertThat(contradiction.circle()).extracting(Operation::key).contains("harden", "sharpen");
        });
    }

    @Test
    void every_rule_applies_to_some_knife_and_says_why() {
        Random random = new Random(46);
        Set<String> used = new HashSet<>();
        for (int i = 0; i < 500; i++) {
            route(Operations.of(Specifications.random(random), anyPlace(random))).steps()
                    .forEach(step -> step.waits().forEach(wait -> used.add(wait.rule().key())));
        }
        assertThat(OrderRules.all()).allSatisfy(rule -> {
            assertThat(used).contains(rule.key());
            assertThat(rule.reason()).isNotBlank();
            assertThat(rule.consequence()).isNotBlank();
            assertThat(rule.remedy()).isNotBlank();
        });
        assertThat(OrderRules.all()).extracting(OrderRule::key).doesNotHaveDuplicates();
    }

    private static void assertKeepsEveryRule(Route route, List<Operation> work) {
        List<Operation> order = route.steps().stream().map(Step::operation).toList();
        assertThat(order).containsExactlyInAnyOrderElementsOf(work).doesNotHaveDuplicates();
        for (int i = 0; i < order.size(); i++) {
            for (Operation later : order.subList(i + 1, order.size())) {
                for (OrderRule rule : OrderRules.all()) {
                    if (rule.orders(later, order.get(i))) {
                        fail(rule.key() + ": " + later.key() + " stands after " + order.get(i).key());
                    }
                }
            }
        }
    }

    private Route route(List<Operation> work) {
        Planned planned = planner.plan(work);
        assertThat(planned).isInstanceOf(Ordered.class);
        return ((Ordered) planned).route();
    }

    private static List<String> keys(Route route) {
        return route.steps().stream().map(step -> step.operation().key()).toList();
    }

    private static Place anyPlace(Random random) {
        return Place.values()[random.nextInt(Place.values().length)];
    }
}

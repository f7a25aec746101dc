package hiltboard.core.route;

import static org.assertj.core.api.Assertions.assertThat;

import hiltboard.core.design.Specification;
import hiltboard.core.design.Specifications;
import hiltboard.core.route.Planned.Contradiction;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The order of the trade on the routes of usual pieces. Common practice, no published source. */
class TradeOrderTest {
    @ParameterizedTest(name = "[trade] {0} before {1} on a {2} tang")
    @CsvSource({
        "approve-outline, drill-tang-holes, FULL",
        "drill-tang-holes, profile, FULL",
        "drill-tang-holes, harden, FULL",
        "file-choil, harden, FULL",
        "scribe-centre-line, rough-bevels, FULL",
        "harden, temper-first, FULL",
        "temper-second, drill-scales, FULL",
        "test-hardness, finish-grind, FULL",
        "straighten, finish-grind, FULL",
        "finish-fronts, glue-handle, FULL",
        "flatten-scales, glue-handle, FULL",
        "dry-fit, glue-handle, FULL",
        "clean-squeeze-out, cure-handle, FULL",
        "cure-handle, shape-handle, FULL",
        "wrap-blade, shape-handle, FULL",
        "read-brief, sharpen, FULL",
        "finish-handle, sharpen, FULL",
        "last-check, hand-over, FULL",
        "file-shoulders, harden, HIDDEN",
        "temper-second, fit-guard, HIDDEN",
        "finish-grind, measure-for-guard, HIDDEN",
        "sand-ricasso, measure-for-guard, HIDDEN",
        "measure-for-guard, mill-guard-slot, HIDDEN",
        "fit-guard, shape-guard, HIDDEN",
        "finish-grind, make-spacer, HIDDEN",
        "make-spacer, dry-fit, HIDDEN"
    })
    void the_order_of_the_trade(String before, String after, String tang) {
        Specification spec = tang.equals("FULL") ? Specifications.fullTang() : Specifications.hiddenTang();
        List<String> keys = keys(route(spec));
        assertThat(keys).contains(before, after);
        assertThat(keys.indexOf(before)).isLessThan(keys.indexOf(after));
    }

    @Test
    @DisplayName(
            "[trade] mark before acid, degrease before the bath, neutralise at once, then tumble; the guard is fitted before")
    void etched_and_tumbled() {
        List<String> keys = keys(route(Specifications.hiddenTang("finish", "ETCHED_DARK_TUMBLED")));
        assertThat(keys)
                .containsSubsequence("fit-guard", "degrease-for-etch", "etch", "neutralise", "tumble", "wrap-blade");
        assertThat(keys).containsSubsequence("sand-for-etch", "electro-mark", "degrease-for-etch");
    }

    @Test
    @DisplayName("[trade] stainless: degrease, foil, harden, cold, temper")
    void stainless() {
        assertThat(keys(route(Specifications.fullTang("steel", "440C"))))
                .containsSubsequence(
                        "degrease-for-foil", "wrap-foil", "harden", "cold-treat", "temper-first", "temper-second");
    }

    @Test
    @DisplayName("[trade] bedding: release, bed, pull in its window, cure, shape off the knife, clean, glue")
    void bedded_handle() {
        assertThat(keys(route(Specifications.hiddenTang("bedding", "BEDDED", "alignmentPins", "TWO"))))
                .containsSubsequence(
                        "release-agent",
                        "bed-handle",
                        "pull-handle",
                        "cure-bed",
                        "shape-off-knife",
                        "dry-fit",
                        "glue-handle")
                .containsSubsequence("cure-bed", "clean-release", "glue-handle")
                .containsSubsequence("make-spacer", "drill-alignment-pins")
                .doesNotContain("shape-handle");
    }

    @Test
    @DisplayName("[trade] the school of the bevels changes the route and its hours")
    void bevel_schools() {
        Route before = route(Specifications.fullTang("bevels", "BEFORE_HARDENING"));
        Route after = route(Specifications.fullTang("bevels", "AFTER_HARDENING"));
        assertThat(keys(before)).contains("rough-bevels");
        assertThat(keys(after)).doesNotContain("rough-bevels");
        assertThat(after.attendedMinutes()).isNotEqualTo(before.attendedMinutes());
    }

    @Test
    void a_batch_numbers_its_pieces_and_proves_the_first() {
        assertThat(keys(route(Specifications.fullTang(), Place.FIRST_OF_BATCH)))
                .containsSubsequence("number-piece", "drill-tang-holes", "prove-first-piece", "harden");
        assertThat(keys(route(Specifications.fullTang(), Place.LATER_OF_BATCH)))
                .containsSubsequence("number-piece", "see-first-piece", "drill-tang-holes");
    }

    @Test
    void rules_that_contradict_each_other_are_named() {
        List<OrderRule> rules = new ArrayList<>(OrderRules.all());
        rules.add(OrderRule.rule("sharp-first", Severity.COSTLY)
                .first(Trait.SHARPENS)
                .then(Trait.HARDENS));
        Planned planned = new RoutePlanner(rules)
                .plan(Specifications.fullTang(), Operations.of(Specifications.fullTang(), Place.ALONE));
        assertThat(planned).isInstanceOfSatisfying(Contradiction.class, contradiction -> {
            assertThat(contradiction.rules()).extracting(OrderRule::key).contains("sharp-first");
            assertThat(contradiction.circle()).extracting(Operation::key).contains("harden", "sharpen");
        });
    }

    private static Route route(Specification spec) {
        return Knife.of(spec).route();
    }

    private static Route route(Specification spec, Place place) {
        return Knife.of(spec, place).route();
    }

    private static List<String> keys(Route route) {
        return route.steps().stream().map(step -> step.operation().key()).toList();
    }
}

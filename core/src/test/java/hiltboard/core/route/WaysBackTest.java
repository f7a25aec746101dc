package hiltboard.core.route;

import static org.assertj.core.api.Assertions.assertThat;

import hiltboard.core.design.Construction;
import hiltboard.core.design.Specifications;
import hiltboard.core.route.WaysBack.Way;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

class WaysBackTest {
    private static final RoutePlanner PLANNER = new RoutePlanner(OrderRules.all());

    @Test
    @DisplayName("[trade] a cracked blade is not done again: a new blade, the spare, or scrap")
    void a_crack_is_the_end_of_the_blade() {
        Knife knife = Knife.of(Construction.FULL_TANG);
        assertThat(ways(knife, knife.before("temper-first"), Mishap.CRACKED, "harden", true))
                .extracting(Way::way)
                .containsExactlyInAnyOrder(WayBack.REMAKE, WayBack.SPARE, WayBack.SCRAP, WayBack.HOLD);
        assertThat(ways(knife, knife.before("temper-first"), Mishap.CRACKED, "harden", false))
                .extracting(Way::way)
                .doesNotContain(WayBack.SPARE);
    }

    @Test
    @DisplayName(
            "[trade] a new blade begins at the bar, annealed and at its first heat, and takes the approval with it")
    void a_new_blade() {
        Knife knife = Knife.of(Construction.FULL_TANG);
        Way way = way(ways(knife, knife.before("finish-grind"), Mishap.CRACKED, "straighten", false), WayBack.REMAKE);
        assertThat(way.turned().again())
                .extracting(Operation::key)
                .startsWith("choose-stock")
                .contains("drill-tang-holes", "harden", "temper-second")
                .doesNotContain("approve-outline");
        assertThat(way.turned().conditions()).containsExactly(Condition.ANNEALED);
        assertThat(way.material()).containsExactly("A new bar of 1084");
        assertThat(way.turned().minutes())
                .isEqualTo(way.turned().again().stream()
                        .mapToInt(Operation::attendedMinutes)
                        .sum());
    }

    @Test
    @DisplayName(
            "[trade] not hard: normalised and hardened once more, the heats counted; the scales that were drilled stay")
    void heat_again() {
        Knife knife = Knife.of(Construction.FULL_TANG);
        Way way = way(
                ways(knife, knife.before("finish-fronts"), Mishap.NOT_HARD, "test-hardness", false),
                WayBack.HEAT_AGAIN);
        assertThat(way.turned().again())
                .extracting(Operation::key)
                .contains("harden", "temper-first", "test-hardness")
                .doesNotContain("drill-scales", "drill-tang-holes", "profile");
        assertThat(way.turned().comesIn()).extracting(Operation::key).containsExactly("normalise");
        assertThat(way.cautions()).first().isEqualTo("This is heat 2: each one costs carbon and grain.");
        assertThat(way.cautions()).anyMatch(line -> line.contains("Look first at what went wrong"));
        assertThat(way.turned().rework()).isEqualTo(new Rework(2, false, false));
    }

    @Test
    @DisplayName("[trade] the fourth heat: better a new blade")
    void too_many_heats() {
        Knife knife = Knife.of(Construction.FULL_TANG);
        Making tired = new Making(knife.spec(), Place.ALONE, new Rework(3, false, false), knife.before("finish-grind"));
        assertThat(way(
                                new WaysBack(tired, PLANNER).of(Mishap.WARPED, knife.step("straighten"), false),
                                WayBack.HEAT_AGAIN)
                        .cautions())
                .anyMatch(line -> line.contains("new blade"));
    }

    @Test
    @DisplayName(
            "[trade] a hole forgotten in a hard blade: soften, drill, harden once more; drilling hard steel is not offered")
    void a_forgotten_hole() {
        Knife knife = Knife.of(Construction.FULL_TANG);
        List<Way> ways = ways(knife, knife.before("drill-scales"), Mishap.HOLE_FORGOTTEN, "drill-scales", false);
        assertThat(way(ways, WayBack.HEAT_AGAIN).turned().comesIn())
                .extracting(Operation::key)
                .containsExactlyInAnyOrder("normalise", "anneal");
        assertThat(ways(knife, knife.before("drill-scales"), Mishap.HOLE_MISPLACED, "drill-tang-holes", false))
                .extracting(Way::from)
                .doesNotContain(Optional.of("drill-tang-holes"));
        assertThat(ways(knife, knife.before("harden"), Mishap.HOLE_MISPLACED, "drill-tang-holes", false))
                .extracting(Way::from)
                .contains(Optional.of("drill-tang-holes"));
    }

    @Test
    @DisplayName(
            "[trade] a blade in its glued handle goes into no kiln: the handle comes off first, is lost and made anew")
    void no_fire_under_glue() {
        Knife knife = Knife.of(Construction.FULL_TANG);
        Way way = way(
                ways(knife, knife.before("finish-handle"), Mishap.BURNT_EDGE, "finish-handle", false),
                WayBack.HEAT_AGAIN);
        assertThat(way.turned().comesIn()).extracting(Operation::key).containsExactly("take-handle-off", "normalise");
        assertThat(way.turned().again())
                .extracting(Operation::key)
                .contains("harden", "flatten-scales", "drill-scales", "glue-handle", "shape-handle")
                .doesNotContain("drill-tang-holes", "profile");
        assertThat(way.cautions()).anyMatch(line -> line.contains("comes off first and is lost"));
        assertThat(way.material()).containsExactly("A pair of scales: Black walnut");
    }

    @Test
    @DisplayName("[trade] scales on screws come off for the fire and go on again; nothing of them is lost")
    void scales_on_screws() {
        Knife knife = Knife.of(Construction.FULL_TANG, "fastening", "SCREWS");
        Way way = way(
                ways(knife, knife.before("finish-handle"), Mishap.BURNT_EDGE, "finish-handle", false),
                WayBack.HEAT_AGAIN);
        assertThat(way.turned().comesIn()).extracting(Operation::key).contains("take-handle-off");
        assertThat(way.turned().again())
                .extracting(Operation::key)
                .contains("assemble-handle")
                .doesNotContain("flatten-scales", "drill-scales");
        assertThat(way.material()).isEmpty();
    }

    @Test
    @DisplayName("[trade] a starved joint comes apart by itself: glued again with the handle as it is")
    void a_starved_joint() {
        Knife knife = Knife.of(Construction.FULL_TANG);
        Way way = ways(knife, knife.before("shape-handle"), Mishap.GLUE_FAILED, "shape-handle", false).stream()
                .filter(each -> each.from().equals(Optional.of("glue-handle")))
                .findFirst()
                .orElseThrow();
        assertThat(way.turned().again())
                .extracting(Operation::key)
                .contains("glue-handle", "cure-handle")
                .doesNotContain("flatten-scales", "finish-fronts");
        assertThat(way.cautions()).containsExactly("The handle comes apart first and goes together again.");
    }

    @Test
    @DisplayName("[trade] a patchy etch found when the handle is on: no second bath before the handle is off")
    void no_bath_under_a_handle() {
        Knife knife = Knife.of(Construction.FULL_TANG, "finish", "ETCHED_DARK_TUMBLED");
        Way way = ways(knife, knife.before("finish-handle"), Mishap.ETCH_PATCHY, "finish-handle", false).stream()
                .filter(each -> each.from().equals(Optional.of("etch")))
                .findFirst()
                .orElseThrow();
        assertThat(way.turned().comesIn()).extracting(Operation::key).containsExactly("take-handle-off");
        assertThat(way.turned().again())
                .extracting(Operation::key)
                .contains("degrease-for-etch", "etch", "tumble", "flatten-scales");
        Knife dipped = Knife.of(Construction.FULL_TANG, "finish", "ETCHED_GREY", "handleTurn", "HANDLE_FIRST");
        assertThat(ways(dipped, dipped.before("sharpen"), Mishap.ETCH_PATCHY, "polish-back", false))
                .filteredOn(each -> each.from().equals(Optional.of("etch")))
                .singleElement()
                .satisfies(each -> assertThat(each.turned().takesHandleOff()).isFalse());
    }

    @Test
    @DisplayName("[trade] a snapped guard: remade or welded, asked each time; the blade stays as it is")
    void a_snapped_guard() {
        Knife knife = Knife.of(Construction.HIDDEN_TANG);
        List<Way> ways = ways(knife, knife.before("dry-fit"), Mishap.GUARD_SNAPPED, "fit-guard", false);
        assertThat(ways).extracting(Way::way).contains(WayBack.REMAKE, WayBack.WELD);
        assertThat(way(ways, WayBack.REMAKE).turned().again())
                .extracting(Operation::key)
                .contains("mill-guard-slot", "fit-guard", "shape-guard")
                .doesNotContain("finish-grind", "measure-for-guard");
        assertThat(way(ways, WayBack.REMAKE).material()).containsExactly("Guard blank: Brass");
    }

    @Test
    @DisplayName("[trade] a patchy etch goes back to the sanding, and the blade is no longer etched")
    void a_patchy_etch() {
        Knife knife = Knife.of(Construction.FULL_TANG, "finish", "ETCHED_DARK_TUMBLED");
        Way way = ways(knife, knife.before("wrap-blade"), Mishap.ETCH_PATCHY, "etch", false).stream()
                .filter(each -> each.from().equals(Optional.of("sand-for-etch")))
                .findFirst()
                .orElseThrow();
        assertThat(way.turned().again())
                .extracting(Operation::key)
                .contains("sand-for-etch", "degrease-for-etch", "etch", "neutralise", "tumble");
        assertThat(way.turned().conditions()).doesNotContain(Condition.ETCHED).contains(Condition.TEMPERED);
    }

    @Test
    @DisplayName("[trade] a fingerprint that the acid found: solvent and in again, or sanded back and etched again")
    void a_spot_while_it_is_etched() {
        for (Knife knife : List.of(
                Knife.of(Construction.FULL_TANG, "finish", "ETCHED_DARK_TUMBLED"),
                Knife.of(
                        Construction.FULL_TANG, "finish", "PATTERN", "steelForm", "PATTERN_WELDED", "steel", "1084"))) {
            assertThat(ways(knife, knife.before("etch"), Mishap.ETCH_SPOTS, "etch", false))
                    .extracting(each -> each.from().orElse(each.way().name()))
                    .contains("etch", "sand-for-etch", "degrease-for-etch", "GO_ON");
        }
    }

    @Test
    void every_mishap_at_any_step_of_any_piece_has_a_way_back_that_can_be_walked() {
        Random random = new Random(7);
        for (int i = 0; i < 1_000; i++) {
            Knife knife = Knife.of(Specifications.random(random));
            String at = knife.keys().get(random.nextInt(knife.keys().size()));
            Mishap mishap = Mishap.values()[random.nextInt(Mishap.values().length)];
            Progress progress = knife.before(at);
            for (Way way : ways(knife, progress, mishap, at, random.nextBoolean())) {
                assertThat(progress.doneAt().keySet())
                        .containsAll(way.turned().again().stream()
                                .map(Operation::key)
                                .toList());
                assertThat(way.turned().conditions()).doesNotContain(Condition.FLAW_OPEN);
                assertThat(way.turned().minutes()).isNotNegative();
            }
        }
    }

    private static List<Way> ways(Knife knife, Progress progress, Mishap mishap, String at, boolean hasSpare) {
        return new WaysBack(new Making(knife.spec(), Place.ALONE, Rework.NONE, progress), PLANNER)
                .of(mishap, knife.step(at), hasSpare);
    }

    private static Way way(List<Way> ways, WayBack kind) {
        return ways.stream().filter(each -> each.way() == kind).findFirst().orElseThrow();
    }
}

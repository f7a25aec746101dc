package hiltboard.core.route;

import static org.assertj.core.api.Assertions.assertThat;

import hiltboard.core.chain.PieceDimensions;
import hiltboard.core.design.Specification;
import hiltboard.core.design.Specifications;
import hiltboard.core.measure.Span;
import hiltboard.core.route.Progress.Window;
import hiltboard.core.route.WorkLeft.Stage;
import java.time.Duration;
import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

class ProgressTest {
    private static final Set<Condition> SOUND = Set.of(Condition.ANNEALED, Condition.CLEANED);
    private static final Instant MORNING = Instant.parse("2026-03-02T08:00:00Z");
    private final Route route = route(Specifications.fullTang(), Place.ALONE);

    @Test
    @DisplayName("[trade] hardening waits for holes and file work, and says that hard steel cannot be drilled")
    void the_gate_before_hardening() {
        Set<String> done = allBefore("harden");
        done.remove("drill-tang-holes");
        Gate gate = Gate.before(route.step("harden").orElseThrow(), done, SOUND, Set.of(), true);
        assertThat(gate.isOpen()).isFalse();
        assertThat(gate.closedBy()).singleElement().satisfies(obstacle -> {
            assertThat(obstacle.missing()).extracting(Operation::key).containsExactly("drill-tang-holes");
            assertThat(obstacle.rule().consequence()).contains("cannot be drilled");
        });
    }

    @Test
    @DisplayName("[trade] an untempered piece cannot be worked on; gluing waits for fronts and dry fit")
    void the_gates_before_fitting_and_gluing() {
        Set<String> untempered = allBefore("temper-first");
        assertThat(Gate.before(route.step("drill-scales").orElseThrow(), untempered, SOUND, Set.of(), true)
                        .closedBy())
                .anySatisfy(obstacle -> assertThat(obstacle.rule().key()).isEqualTo("temper-before-work"));
        Set<String> unfinished = allBefore("glue-handle");
        unfinished.removeAll(Set.of("finish-fronts", "dry-fit"));
        assertThat(Gate.before(route.step("glue-handle").orElseThrow(), unfinished, SOUND, Set.of(), true)
                        .closedBy())
                .extracting(obstacle -> obstacle.rule().key())
                .containsExactlyInAnyOrder("fronts-before-glue", "dry-fit-before-adhesive");
    }

    @Test
    void an_override_opens_its_rule_and_stays_visible_and_opens_no_other() {
        Set<String> done = allBefore("glue-handle");
        done.removeAll(Set.of("finish-fronts", "dry-fit"));
        Gate gate =
                Gate.before(route.step("glue-handle").orElseThrow(), done, SOUND, Set.of("fronts-before-glue"), true);
        assertThat(gate.overridden())
                .extracting(obstacle -> obstacle.rule().key())
                .containsExactly("fronts-before-glue");
        assertThat(gate.closedBy())
                .extracting(obstacle -> obstacle.rule().key())
                .containsExactly("dry-fit-before-adhesive");
    }

    @Test
    void care_is_said_and_does_not_close_the_gate() {
        Set<String> done = allBefore("sharpen");
        done.remove("read-brief");
        Gate gate = Gate.before(route.step("sharpen").orElseThrow(), done, SOUND, Set.of(), true);
        assertThat(gate.isOpen()).isTrue();
        assertThat(gate.isItsTurn()).isFalse();
        assertThat(gate.cares())
                .extracting(obstacle -> obstacle.rule().key())
                .containsExactly("brief-before-sharpening");
    }

    @Test
    @DisplayName("[trade] the rest of a batch waits until its first piece is proved")
    void the_first_piece_proves_the_process() {
        Route later = route(Specifications.fullTang(), Place.LATER_OF_BATCH);
        Route.Step look = later.step("see-first-piece").orElseThrow();
        assertThat(Gate.before(look, Set.of(), SOUND, Set.of(), false).closedBy())
                .extracting(obstacle -> obstacle.rule().key())
                .containsExactly("first-piece-proved");
        assertThat(Gate.before(look, Set.of(), SOUND, Set.of(), true).isOpen()).isTrue();
        assertThat(Gate.before(later.step("drill-tang-holes").orElseThrow(), Set.of(), SOUND, Set.of(), true)
                        .closedBy())
                .extracting(obstacle -> obstacle.rule().key())
                .contains("first-piece-before-the-rest");
    }

    @Test
    @DisplayName("[trade] the temper clock runs from the quench and closes after two hours")
    void the_temper_window() {
        Progress progress = progressUpTo("temper-first");
        assertThat(progress.isUntempered()).isTrue();
        assertThat(progress.windows())
                .singleElement()
                .isEqualTo(new Window(
                        route.step("temper-first").orElseThrow(),
                        rule("temper-at-once"),
                        MORNING,
                        MORNING.plus(Duration.ofHours(2))));
        assertThat(progressUpTo("temper-second").isUntempered()).isFalse();
    }

    private WorkLeft left(Progress progress, String key) {
        return progress.workLeft().stream()
                .filter(work -> work.operation().key().equals(key))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void what_is_left_says_what_it_waits_for_and_what_closes() {
        Progress quenched = progressUpTo("temper-first");
        assertThat(quenched.workLeft()).extracting(WorkLeft::step).isEqualTo(quenched.stepsLeft());
        WorkLeft temper = left(quenched, "temper-first");
        assertThat(temper.stage()).isEqualTo(Stage.NEXT);
        assertThat(temper.waitsFor()).isEmpty();
        assertThat(temper.windows()).isEqualTo(quenched.windows());
        assertThat(temper.stretch())
                .hasValue(new Stretch(
                        temper.operation().attendedMinutes(), temper.operation().rest()));
        WorkLeft second = left(quenched, "temper-second");
        assertThat(second.stage()).isEqualTo(Stage.WAITS);
        assertThat(second.waitsFor()).extracting(Operation::key).contains("temper-first");
        assertThat(second.windows()).isEmpty();
    }

    @Test
    void a_step_under_way_or_at_rest_is_left_until_it_is_done() {
        Map<String, Instant> done = progressUpTo("temper-first").doneAt();
        Instant up = MORNING.plus(Duration.ofHours(3));
        Progress running = new Progress(route, done, Map.of(), Worn.NEW, Set.of("temper-first"), MORNING);
        assertThat(left(running, "temper-first").stage()).isEqualTo(Stage.UNDER_WAY);
        assertThat(left(running, "temper-first").windows())
                .as("it has begun in time")
                .isEmpty();
        Progress resting =
                new Progress(route, done, Map.of("temper-first", up), Worn.NEW, Set.of("temper-first"), MORNING);
        assertThat(left(resting, "temper-first").stage()).isEqualTo(Stage.RESTS);
        assertThat(left(resting, "temper-first").restsUntil()).hasValue(up);
        assertThat(left(resting, "temper-first").stretch()).isEmpty();
        assertThat(left(resting, "temper-second").stage()).isEqualTo(Stage.WAITS);
    }

    @Test
    @DisplayName(
            "[trade] the client's yes is the owner's to write down, everything else anybody's; a cure rests as long "
                    + "as the piece's own number says")
    void hands_and_rests_of_what_is_left() {
        List<WorkLeft> left = new Progress(route, Map.of())
                .workLeft(key -> key.equals(PieceDimensions.ADHESIVE_CURES)
                        ? Optional.of(Span.ofMinutes(77))
                        : Optional.empty());
        assertThat(left)
                .filteredOn(work -> work.operation().hands() == Operation.Hands.OWNER)
                .extracting(work -> work.operation().key())
                .containsExactly("approve-outline");
        assertThat(left)
                .filteredOn(work -> work.operation().key().equals("cure-handle"))
                .extracting(WorkLeft::rest)
                .containsExactly(Duration.ofMinutes(77));
    }

    @Test
    void the_state_on_the_wall_follows_the_work() {
        assertThat(progressUpTo("profile").state()).isEqualTo(State.BAR);
        assertThat(progressUpTo("harden").state()).isEqualTo(State.PROFILED);
        assertThat(progressUpTo("temper-first").state()).isEqualTo(State.HARDENED);
        assertThat(progressUpTo("hand-over").state()).isEqualTo(State.HANDLED);
        assertThat(new Progress(route, Map.of()).attendedMinutesLeft()).isEqualTo(route.attendedMinutes());
    }

    @Test
    @DisplayName("[trade] doing the quench again undoes both tempers and what was ground since, and leaves the holes")
    void what_is_done_again() {
        assertThat(progressUpTo("hand-sand").redoneWith("harden"))
                .extracting(Operation::key)
                .contains("harden", "temper-first", "temper-second", "finish-grind")
                .doesNotContain("drill-tang-holes", "profile", "hand-sand");
    }

    private static Route route(Specification spec, Place place) {
        return Knife.of(spec, place).route();
    }

    private static OrderRule rule(String key) {
        return OrderRules.all().stream()
                .filter(each -> each.key().equals(key))
                .findFirst()
                .orElseThrow();
    }

    private Set<String> allBefore(String key) {
        return new java.util.HashSet<>(progressUpTo(key).doneAt().keySet());
    }

    private Progress progressUpTo(String key) {
        Map<String, Instant> done = new HashMap<>();
        for (Route.Step step : route.steps()) {
            if (step.operation().key().equals(key)) {
                break;
            }
            done.put(step.operation().key(), MORNING);
        }
        return new Progress(route, done);
    }

    @Test
    @DisplayName("[trade] a blade that is wrapped once more keeps its handle, an outline that is approved once more "
            + "keeps its steel: only the order counted")
    void what_only_came_later_is_not_done_again() {
        assertThat(progressUpTo("hand-over").redoneWith("wrap-blade"))
                .extracting(Operation::key)
                .contains("wrap-blade")
                .doesNotContain("glue-handle", "shape-handle");
        assertThat(progressUpTo("hand-over").redoneWith("approve-outline"))
                .extracting(Operation::key)
                .containsExactly("approve-outline");
        Set<String> onlyOrder = Set.of("wrap-before-glue", "approval-before-steel");
        assertThat(onlyOrder)
                .allSatisfy(key -> assertThat(rule(key).isOnlyOrder()).isTrue());
    }
}

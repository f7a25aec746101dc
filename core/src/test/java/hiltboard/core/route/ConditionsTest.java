package hiltboard.core.route;

import static hiltboard.core.route.Condition.*;
import static org.assertj.core.api.Assertions.assertThat;

import hiltboard.core.design.Construction;
import java.time.Duration;
import java.time.Instant;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What a piece is, beyond how far it has come. Common practice of the trade, no published source. */
class ConditionsTest {

    @ParameterizedTest(name = "[trade] {0}: {2} is refused on a piece that is {3} and lacks {4}")
    @CsvSource({
        "soft-for-cutting, FULL_TANG, drill-tang-holes, '', ANNEALED",
        "soft-for-cutting, HIDDEN_TANG, file-shoulders, TEMPERED, ANNEALED",
        "no-force-on-untempered, HIDDEN_TANG, fit-guard, UNTEMPERED, ''",
        "no-force-on-untempered, FULL_TANG, straighten, UNTEMPERED, ''",
        "no-force-on-an-untempered-fitting, HIDDEN_TANG, fit-guard, FITTING_UNTEMPERED, ''",
        "not-while-away, FULL_TANG, finish-grind, AWAY, ''",
        "flaw-decided, FULL_TANG, harden, FLAW_OPEN, ''",
        "flaw-decided, FULL_TANG, rough-bevels, FLAW_OPEN, ''",
        "clean-for-the-bath, ETCHED, etch, '', DEGREASED",
        "clean-for-the-glue, FULL_TANG, glue-handle, '', CLEANED",
        "tacky-for-closing, SHEATHED, close-sheath, '', CEMENTED",
        "acid-off, ETCHED, tumble, ACID, ''",
        "etched-blade-wrapped, ETCHED, shape-handle, ETCHED, WRAPPED",
        "greased-for-bedding, BEDDED, bed-handle, '', GREASED",
        "grease-off-for-glue, BEDDED, glue-handle, GREASED, ''",
        "no-fire-on-a-handle, FULL_TANG, harden, HANDLED, ''",
        "no-fire-on-a-handle, HIDDEN_TANG, temper-second, HANDLED, ''",
        "no-bath-on-a-handle, ETCHED, etch, HANDLED, ''",
        "no-bath-on-a-handle, ETCHED, tumble, HANDLED, ''",
        "handle-off-for-what-it-hides, FULL_TANG, drill-scales, HANDLED, ''",
        "handle-off-for-what-it-hides, HIDDEN_TANG, fit-guard, HANDLED, ''",
        "glue-set, FULL_TANG, shape-handle, WET_GLUE, ''"
    })
    void refused_whatever_came_before(String rule, String which, String step, String has, String lacks) {
        Knife knife = knife(which);
        Progress progress = knife.before(step);
        assertThat(knife.gate(step, progress).isOpen()).as("in its turn").isTrue();
        Set<Condition> conditions = EnumSet.copyOf(progress.conditions());
        conditions.addAll(conditions(has));
        conditions.removeAll(conditions(lacks));
        Gate gate = Gate.before(knife.step(step), progress.doneAt().keySet(), conditions, Set.of(), true);
        assertThat(gate.closedBy())
                .extracting(obstacle -> obstacle.rule().key())
                .containsExactly(rule);
        assertThat(Gate.before(knife.step(step), progress.doneAt().keySet(), conditions, Set.of(rule), true)
                        .isOpen())
                .as("overridden with a reason")
                .isTrue();
    }

    @Test
    void every_condition_rule_is_in_the_table_or_only_said() throws NoSuchMethodException {
        CsvSource table = ConditionsTest.class
                .getDeclaredMethod(
                        "refused_whatever_came_before",
                        String.class,
                        String.class,
                        String.class,
                        String.class,
                        String.class)
                .getAnnotation(CsvSource.class);
        Set<String> rows = new HashSet<>(
                Arrays.stream(table.value()).map(row -> row.split(",")[0]).toList());
        rows.add("sharp-and-wrapped");
        assertThat(rows)
                .containsExactlyInAnyOrderElementsOf(
                        ConditionRules.all().stream().map(ConditionRule::key).toList());
    }

    @Test
    @DisplayName("[trade] a sharp blade that is not wrapped is said before anybody grips it, not shut")
    void sharp_and_unwrapped() {
        Knife knife = Knife.of(Construction.FULL_TANG);
        Set<Condition> sharp = EnumSet.of(SHARP, TEMPERED);
        Gate gate = Gate.before(
                knife.step("finish-handle"),
                knife.before("finish-handle").doneAt().keySet(),
                sharp,
                Set.of(),
                true);
        assertThat(gate.isOpen()).isTrue();
        assertThat(gate.cares()).extracting(obstacle -> obstacle.rule().key()).containsExactly("sharp-and-wrapped");
    }

    @Test
    @DisplayName(
            "[trade] a bar comes annealed, the quench makes it brittle, the temper tough; clay, acid, wax and wet glue come and go")
    void conditions_follow_the_work() {
        assertThat(knife("FULL_TANG").before("harden").conditions()).containsExactly(ANNEALED);
        assertThat(knife("FULL_TANG").before("temper-first").conditions()).containsExactly(UNTEMPERED);
        assertThat(knife("FULL_TANG").before("temper-second").conditions()).containsExactly(TEMPERED);
        assertThat(knife("ETCHED").before("neutralise").conditions()).contains(ACID, ETCHED, MARKED);
        assertThat(knife("ETCHED").before("tumble").conditions())
                .contains(ETCHED)
                .doesNotContain(ACID);
        assertThat(knife("BEDDED").before("pull-handle").conditions()).contains(GREASED, BEDDED);
        assertThat(knife("BEDDED").before("glue-handle").conditions()).doesNotContain(GREASED);
        assertThat(knife("FULL_TANG").before("cure-handle").conditions()).contains(WET_GLUE);
        assertThat(knife("FULL_TANG").before("shape-handle").conditions())
                .contains(GLUED, WRAPPED)
                .doesNotContain(WET_GLUE);
        assertThat(knife("FULL_TANG").before("last-check").conditions())
                .contains(SHARP)
                .doesNotContain(WRAPPED);
    }

    @Test
    @DisplayName("[trade] hard steel stays hard when its soft work is to be done again: it cannot simply be drilled")
    void work_done_again_makes_nothing_soft() {
        Knife knife = knife("FULL_TANG");
        Progress hard = knife.before("remove-scale");
        Map<String, Instant> done = new HashMap<>(hard.doneAt());
        hard.redoneWith("drill-tang-holes").forEach(operation -> done.remove(operation.key()));
        assertThat(done).doesNotContainKey("harden");
        Set<Condition> kept = TurnedBack.conditionsWithout(hard.conditions(), hard.redoneWith("drill-tang-holes"));
        Progress turned =
                new Progress(knife.route(), done, Map.of(), new Worn(kept, Knife.MORNING.plus(Duration.ofDays(1))));
        assertThat(turned.conditions()).contains(TEMPERED);
        assertThat(knife.gate("drill-tang-holes", turned).closedBy())
                .extracting(obstacle -> obstacle.rule().key())
                .containsExactly("soft-for-cutting");
    }

    @Test
    @DisplayName(
            "[trade] windows: temper 2 h, bath 15 min after degreasing, neutralise 5 min, glue 1 h after cleaning, contact cement 30 min")
    void windows() {
        assertThat(window("FULL_TANG", "temper-first")).isEqualTo(Duration.ofHours(2));
        assertThat(window("ETCHED", "etch")).isEqualTo(Duration.ofMinutes(15));
        assertThat(window("ETCHED", "neutralise")).isEqualTo(Duration.ofMinutes(5));
        assertThat(window("FULL_TANG", "glue-handle")).isEqualTo(Duration.ofHours(1));
        assertThat(window("SHEATHED", "close-sheath")).isEqualTo(Duration.ofMinutes(30));
        assertThat(window("SLIP_JOINT", "temper-spring")).isEqualTo(Duration.ofHours(2));
    }

    @Test
    void a_window_counts_from_when_the_rest_was_up_and_warns_in_its_last_quarter() {
        Knife knife = knife("SHEATHED");
        Progress before = knife.before("close-sheath");
        Instant tacky = before.doneAt().get("cement-sheath").minus(Duration.ofMinutes(10));
        Progress progress = new Progress(knife.route(), before.doneAt(), Map.of("cement-sheath", tacky), Worn.NEW);
        Progress.Window window = progress.windows().stream()
                .filter(each -> each.step().operation().key().equals("close-sheath"))
                .findFirst()
                .orElseThrow();
        assertThat(window.opened()).isEqualTo(tacky);
        assertThat(window.closes()).isEqualTo(tacky.plus(Duration.ofMinutes(30)));
        assertThat(window.warnFrom()).isEqualTo(window.closes().minusSeconds(450));
    }

    @Test
    @DisplayName("a blade need not stay clean while it lies in the acid; that it is away is asked all the same")
    void what_it_had_to_be_it_need_not_stay() {
        Knife knife = knife("ETCHED");
        Progress progress = knife.before("etch");
        Set<Condition> conditions = EnumSet.copyOf(progress.conditions());
        conditions.remove(DEGREASED);
        conditions.add(HANDLED);
        Gate gate = Gate.before(knife.step("etch"), progress.doneAt().keySet(), conditions, Set.of(), true);
        assertThat(gate.closedBy())
                .extracting(obstacle -> obstacle.rule().key())
                .containsExactlyInAnyOrder("clean-for-the-bath", "no-bath-on-a-handle");
        assertThat(gate.begun().closedBy())
                .extracting(obstacle -> obstacle.rule().key())
                .containsExactly("no-bath-on-a-handle");
    }

    @ParameterizedTest(name = "[trade] {3} is lost {2} min after “{1}”, and that work is done again")
    @CsvSource({
        "ETCHED, degrease-for-etch, 15, DEGREASED, etch",
        "FULL_TANG, clean-for-glue, 60, CLEANED, glue-handle",
        "SHEATHED, cement-sheath, 30, CEMENTED, close-sheath"
    })
    void a_window_that_closes_changes_the_piece(String which, String work, int minutes, Condition lost, String next) {
        Knife knife = knife(which);
        Progress fresh = knife.before(next);
        Instant over = fresh.doneAt().get(work).plus(Duration.ofMinutes(minutes));
        Progress inTime =
                new Progress(knife.route(), fresh.doneAt(), Map.of(), Worn.NEW, Set.of(), over.minusSeconds(1));
        assertThat(inTime.conditions()).contains(lost);
        assertThat(inTime.windows())
                .extracting(window -> window.step().operation().key())
                .contains(next);
        assertThat(inTime.changesByItself(number -> Optional.empty())).contains(over);
        assertThat(inTime.lostWindows(number -> Optional.empty())).isEmpty();
        Progress late = new Progress(knife.route(), fresh.doneAt(), Map.of(), Worn.NEW, Set.of(), over);
        assertThat(late.conditions()).doesNotContain(lost);
        assertThat(late.windows()).as("there is nothing to hurry for any more").isEmpty();
        assertThat(late.changesByItself(number -> Optional.empty())).isNotEqualTo(Optional.of(over));
        assertThat(late.lostWindows(number -> Optional.empty()))
                .extracting(window -> window.step().operation().key())
                .containsExactly(next);
        Gate gate = knife.gate(next, late)
                .settingRight(knife.step(next), knife.route(), late.doneAt().keySet(), late.conditions());
        assertThat(gate.closedBy())
                .singleElement()
                .satisfies(obstacle -> assertThat(obstacle.again())
                        .get()
                        .extracting(Operation::key)
                        .isEqualTo(work));
    }

    @Test
    void what_does_not_last_is_never_kept_at_a_turn() {
        assertThat(new Worn(Set.of(TEMPERED, DEGREASED, CLEANED), Knife.MORNING).conditions())
                .containsExactly(TEMPERED);
    }

    @Test
    void what_missing_work_will_set_right_is_not_said_twice_unless_its_rule_was_overridden() {
        Knife knife = knife("FULL_TANG");
        Progress unclean = knife.before("glue-handle", "clean-for-glue");
        assertThat(gate(knife, unclean, Set.of())).containsExactly("clean-before-glue");
        assertThat(gate(knife, unclean, Set.of("clean-before-glue"))).containsExactly("clean-for-the-glue");
    }

    private static List<String> gate(Knife knife, Progress progress, Set<String> overridden) {
        return Gate.before(
                        knife.step("glue-handle"), progress.doneAt().keySet(), progress.conditions(), overridden, true)
                .settingRight(
                        knife.step("glue-handle"),
                        knife.route(),
                        progress.doneAt().keySet(),
                        progress.conditions())
                .closedBy()
                .stream()
                .map(obstacle -> obstacle.rule().key())
                .toList();
    }

    @Test
    @DisplayName("[trade] a blade that lies in the oven has no window to temper in")
    void starting_the_temper_closes_its_window() {
        Knife knife = knife("FULL_TANG");
        Progress waits = knife.before("temper-first");
        assertThat(waits.windows())
                .extracting(window -> window.step().operation().key())
                .containsExactly("temper-first");
        Progress tempers = new Progress(
                knife.route(),
                waits.doneAt(),
                Map.of(),
                Worn.NEW,
                Set.of("temper-first"),
                Knife.MORNING.plus(Duration.ofHours(5)));
        assertThat(tempers.windows()).isEmpty();
    }

    private static Duration window(String which, String step) {
        Knife knife = knife(which);
        Progress progress = knife.before(step);
        Progress.Window window = progress.windows().stream()
                .filter(each -> each.step().operation().key().equals(step))
                .findFirst()
                .orElseThrow();
        return Duration.between(window.opened(), window.closes());
    }

    private static Knife knife(String which) {
        return switch (which) {
            case "ETCHED" -> Knife.of(Construction.FULL_TANG, "finish", "ETCHED_DARK_TUMBLED");
            case "BEDDED" -> Knife.of(Construction.HIDDEN_TANG, "bedding", "BEDDED");
            case "SHEATHED" -> Knife.of(Construction.FULL_TANG, "sheath", "LEATHER");
            default -> Knife.of(Construction.valueOf(which));
        };
    }

    private static List<Condition> conditions(String names) {
        return names.isEmpty() ? List.of() : List.of(Condition.valueOf(names));
    }
}

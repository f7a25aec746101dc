package hiltboard.core.route;

import static org.assertj.core.api.Assertions.assertThat;

import hiltboard.core.chain.DimensionChain;
import hiltboard.core.chain.Link;
import hiltboard.core.chain.PieceDimensions;
import hiltboard.core.design.Construction;
import hiltboard.core.design.Finish;
import hiltboard.core.design.Specification;
import hiltboard.core.design.SpecificationField;
import hiltboard.core.design.Specifications;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Quantity;
import hiltboard.core.measure.Units;
import hiltboard.core.route.LateChange.Answer;
import hiltboard.core.route.LateChange.Contradicts;
import hiltboard.core.route.LateChange.Effect;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LateChangeTest {
    private static final RoutePlanner PLANNER = new RoutePlanner(OrderRules.all());

    @ParameterizedTest(name = "[trade] {2} after everything before “{1}”: done again {3}, not {4}")
    @CsvSource({
        "FULL_TANG, dry-fit, handleMaterial=ANTLER, flatten-scales, finish-grind",
        "FULL_TANG, shape-handle, handleMaterial=ANTLER, glue-handle, hand-sand",
        "FULL_TANG, finish-grind, notches=NONE, '', profile",
        "FULL_TANG, glue-handle, scaleThickness=1/4, flatten-scales, drill-tang-holes",
        "FULL_TANG, dry-fit, scaleLiner=LINED, drill-scales, flatten-scales",
        "FULL_TANG, shape-handle, scaleLiner=LINED, glue-handle, drill-tang-holes",
        "FULL_TANG, harden, pinDiameter=9/32, drill-tang-holes, choose-stock",
        "FULL_TANG, dry-fit, bladeLength=3-1/2, profile, choose-stock",
        "HIDDEN_TANG, dry-fit, guardMaterial=COPPER, mill-guard-slot, finish-grind",
        "HIDDEN_TANG, dry-fit, spacerMaterial=BRASS, make-spacer, mill-guard-slot",
        "HIDDEN_TANG, dry-fit, steel=1095, choose-stock, approve-outline",
        "FRAME_LOCK, try-action, actionClearance=.015, make-back-spacer, finish-grind",
        "HATCHET, finish-handle, haftLength=12, shape-haft, harden"
    })
    void what_it_spoils(Construction construction, String until, String change, String again, String stays) {
        Knife knife = Knife.of(construction);
        Effect effect = effect(knife, knife.before(until), Specifications.of(construction, change.split("=")));
        List<String> redone =
                effect.turned().again().stream().map(Operation::key).toList();
        if (again == null || again.isEmpty()) {
            assertThat(redone).isEmpty();
        } else {
            assertThat(redone).contains(again);
        }
        assertThat(redone).doesNotContain(stays);
    }

    @Test
    @DisplayName(
            "[trade] a choil that is no longer wanted was filed for nothing; one that is wanted after the quench needs soft steel again")
    void work_for_nothing_and_work_too_late() {
        Knife knife = Knife.of(Construction.FULL_TANG);
        assertThat(effect(knife, knife.before("harden"), Specifications.fullTang("notches", "NONE"))
                        .lost())
                .extracting(Operation::key)
                .containsExactly("file-choil");
        Knife plain = Knife.of(Construction.FULL_TANG, "notches", "NONE");
        Effect late = effect(plain, plain.before("finish-grind"), Specifications.fullTang());
        assertThat(late.conflicts())
                .anySatisfy(conflict ->
                        assertThat(conflict.consequence()).contains("Hard steel cannot be drilled or filed"));
        assertThat(late.turned().rework()).isEqualTo(new Rework(2, true, false));
        assertThat(late.turned().comesIn()).extracting(Operation::key).contains("file-choil", "normalise", "anneal");
    }

    @Test
    @DisplayName("[trade] sides that are made anew lie without adhesive, however wet the covers were on the old ones")
    void wet_covers_go_with_the_old_sides() {
        Knife knife = Knife.of(Construction.SLIP_JOINT);
        Progress wet = knife.before("cure-handle");
        assertThat(wet.conditions()).contains(Condition.WET_GLUE);
        Effect effect = effect(knife, wet, Specifications.of(Construction.SLIP_JOINT, "sides", "MILLED_SCALES"));
        assertThat(effect.lost()).extracting(Operation::key).contains("glue-handle");
        assertThat(effect.turned().conditions()).doesNotContain(Condition.WET_GLUE);
        assertThat(effect.conflicts()).isEmpty();
    }

    @Test
    void before_any_work_a_change_only_changes_the_route() {
        Knife knife = Knife.of(Construction.FULL_TANG);
        Effect effect = effect(
                knife,
                knife.before("approve-outline"),
                Specifications.fullTang("finish", "ETCHED_DARK_TUMBLED", "sheath", "LEATHER"));
        assertThat(effect.turned().again()).isEmpty();
        assertThat(effect.conflicts()).isEmpty();
        assertThat(effect.turned().comesIn()).extracting(Operation::key).contains("etch", "neutralise", "cut-leather");
        assertThat(effect.dropsOut()).extracting(Operation::key).containsExactly("hand-sand");
        assertThat(effect.minutesMore()).isPositive();
    }

    @Test
    @DisplayName("[worked] a ball of 0.080 in wants a pocket of 0.080 in: cut anew it fits, kept at 0.0625 in it is "
            + "stale with all that hangs on it")
    void a_part_that_no_longer_fits() {
        Knife knife = Knife.of(Construction.FRAME_LOCK, "stockThickness", ".170");
        Map<String, Quantity> read = Map.of(PieceDimensions.BLADE_THICKNESS, Length.ofInches("0.167"));
        Specification wider =
                Specifications.of(Construction.FRAME_LOCK, "stockThickness", ".170", "ballDiameter", ".080");
        Effect effect = (Effect) new LateChange(making(knife, knife.before("fit-lock")), wider, PLANNER)
                .effect(
                        read,
                        Map.of(
                                PieceDimensions.BEARING_POCKET,
                                Length.ofInches("0.0625"),
                                PieceDimensions.PIN_LENGTH,
                                Length.ofInches("1")),
                        Units.INCH_FAHRENHEIT);
        assertThat(effect.turned().again()).extracting(Operation::key).contains("cut-bearing-pockets");
        assertThat(effect.noLongerFit())
                .as("the pocket is cut anew, to the new number")
                .isEmpty();
        Link pocket = DimensionChain.of(
                        PieceDimensions.of(wider),
                        read,
                        Map.of(PieceDimensions.BEARING_POCKET, Length.ofInches("0.0625")),
                        Units.INCH_FAHRENHEIT)
                .link(PieceDimensions.BEARING_POCKET)
                .orElseThrow();
        assertThat(pocket.stale())
                .hasValueSatisfying(stale -> assertThat(stale.now()).isEqualTo(Length.ofInches("0.080")));
        assertThat(pocket.hangsOnIt()).contains(PieceDimensions.PIVOT_ROOM);
    }

    @Test
    @DisplayName(
            "[trade] the client is asked where outline, use, look or price change, and not about the shop's own way of working")
    void whom_it_concerns() {
        Knife knife = Knife.of(Construction.FULL_TANG);
        Progress early = knife.before("harden");
        assertThat(effect(knife, early, Specifications.fullTang("finish", "BELT_SATIN"))
                        .asksClient())
                .containsExactly(SpecificationField.FINISH);
        assertThat(effect(knife, early, Specifications.fullTang("edgeThickness", ".012"))
                        .needsClient())
                .isTrue();
        Effect ownWay = effect(knife, early, Specifications.fullTang("abrasiveStart", "GRIT_60"));
        assertThat(ownWay.needsClient()).isFalse();
        assertThat(ownWay.turned().again()).isEmpty();
    }

    @Test
    @DisplayName("[trade] steel that is gone cannot be put back; taking more away can be done")
    void one_way_only() {
        Knife knife = Knife.of(Construction.FULL_TANG);
        Progress ground = knife.before("hand-sand");
        assertThat(effect(knife, ground, Specifications.fullTang("edgeThickness", ".030"))
                        .conflicts())
                .anySatisfy(conflict -> assertThat(conflict.remedy()).contains("new start for the blade"));
        Effect thinner = effect(knife, ground, Specifications.fullTang("edgeThickness", ".010"));
        assertThat(thinner.conflicts()).isEmpty();
        assertThat(thinner.turned().again()).extracting(Operation::key).containsExactly("finish-grind", "ease-corners");
    }

    @Test
    @DisplayName(
            "[trade] a choil filed with carbide after all: the quench stays as it was done, and so does the count of heats")
    void what_the_owner_judges_to_stay() {
        Knife plain = Knife.of(Construction.FULL_TANG, "notches", "NONE");
        Making hard = making(plain, plain.before("finish-grind"));
        TurnedBack turned = effect(plain, plain.before("finish-grind"), Specifications.fullTang())
                .turned();
        LateChange change = new LateChange(hard, Specifications.fullTang(), PLANNER);
        TurnedBack kept = change.keeping(
                turned,
                new HashSet<>(turned.again().stream().map(Operation::key).toList()));
        assertThat(kept.again()).isEmpty();
        assertThat(kept.rework()).isEqualTo(Rework.NONE);
        assertThat(kept.conditions()).contains(Condition.TEMPERED);
        assertThat(change.keeping(turned, Set.of("test-hardness")).rework()).isEqualTo(new Rework(2, true, false));
    }

    @Test
    void settings_that_contradict_each_other_are_named_and_change_nothing() {
        List<OrderRule> rules = new ArrayList<>(OrderRules.all());
        rules.add(OrderRule.rule("satin-before-bevels", Severity.STOP)
                .where(spec -> spec.finish() == Finish.BELT_SATIN)
                .first(Trait.POLISHES)
                .then(Trait.GRINDS_BEVELS));
        Knife knife = Knife.of(Construction.FULL_TANG);
        Answer answer = new LateChange(
                        making(knife, knife.before("rough-bevels")),
                        Specifications.fullTang("finish", "BELT_SATIN"),
                        new RoutePlanner(rules))
                .effect(Map.of(), Map.of(), Units.INCH_FAHRENHEIT);
        assertThat(answer)
                .isInstanceOfSatisfying(
                        Contradicts.class,
                        clash -> assertThat(clash.contradiction().rules())
                                .extracting(OrderRule::key)
                                .contains("satin-before-bevels"));
        Optional<Mend> mend = Mend.of(
                Specifications.fullTang("finish", "BELT_SATIN"), Place.ALONE, Rework.NONE, new RoutePlanner(rules));
        assertThat(mend.orElseThrow().words())
                .as("in one sentence")
                .isEqualTo("Change “Finish” from “Belt satin” to “Hand satin”.");
        rules.add(OrderRule.rule("sharp-first", Severity.COSTLY)
                .first(Trait.SHARPENS)
                .then(Trait.HARDENS));
        assertThat(Mend.of(
                        Specifications.fullTang("finish", "BELT_SATIN"),
                        Place.ALONE,
                        Rework.NONE,
                        new RoutePlanner(rules)))
                .as("no single answer mends both")
                .isEmpty();
    }

    @Test
    void any_change_of_any_piece_at_any_time_is_answered_and_leaves_a_route_that_can_be_walked() {
        Random random = new Random(21);
        for (int i = 0; i < 500; i++) {
            Specification from = Specifications.random(random);
            Specification to = Specifications.random(random);
            Knife knife = Knife.of(from);
            Progress progress =
                    knife.before(knife.keys().get(random.nextInt(knife.keys().size())));
            if (new LateChange(making(knife, progress), to, PLANNER).effect(Map.of(), Map.of(), Units.INCH_FAHRENHEIT)
                    instanceof Effect effect) {
                assertSound(progress, effect);
            }
        }
    }

    private static void assertSound(Progress progress, Effect effect) {
        Set<String> route = new HashSet<>(effect.route().steps().stream()
                .map(step -> step.operation().key())
                .toList());
        Set<String> again = new HashSet<>(
                effect.turned().again().stream().map(Operation::key).toList());
        assertThat(progress.doneAt().keySet()).containsAll(again);
        assertThat(route)
                .containsAll(again)
                .containsAll(
                        effect.turned().comesIn().stream().map(Operation::key).toList());
        assertThat(effect.lost()).noneMatch(operation -> route.contains(operation.key()));
        Set<String> stays = new HashSet<>(progress.doneAt().keySet());
        stays.retainAll(route);
        stays.removeAll(again);
        effect.route().steps().stream()
                .filter(step -> stays.contains(step.operation().key())
                        && step.operation().part() == Part.BLADE)
                .forEach(step -> assertThat(step.waits())
                        .as("%s stays as it is", step.operation().key())
                        .noneMatch(wait -> !wait.rule().isOnlyOrder()
                                && again.contains(wait.operation().key())));
    }

    private static Making making(Knife knife, Progress progress) {
        return new Making(knife.spec(), Place.ALONE, Rework.NONE, progress);
    }

    private static Effect effect(Knife knife, Progress progress, Specification to) {
        return (Effect)
                new LateChange(making(knife, progress), to, PLANNER).effect(Map.of(), Map.of(), Units.INCH_FAHRENHEIT);
    }

    @Test
    @DisplayName(
            "[trade] a smaller pin after the holes are drilled is a conflict: a hole only grows, and nobody is sent to drill it again")
    void a_hole_only_grows() {
        Knife knife = Knife.of(Construction.FULL_TANG);
        Effect effect = effect(knife, knife.before("rough-bevels"), Specifications.fullTang("pinDiameter", "3/16"));
        assertThat(effect.turned().again()).extracting(Operation::key).doesNotContain("drill-tang-holes");
        assertThat(effect.conflicts()).anySatisfy(conflict -> {
            assertThat(conflict.reason()).contains("0.250 in", "a hole only grows");
            assertThat(conflict.remedy()).contains("Sleeve", "bigger pin");
        });
        Effect bigger = effect(knife, knife.before("rough-bevels"), Specifications.fullTang("pinDiameter", "9/32"));
        assertThat(bigger.conflicts()).isEmpty();
        assertThat(bigger.turned().again()).extracting(Operation::key).contains("drill-tang-holes");
        assertThat(effect(knife, knife.before("drill-tang-holes"), Specifications.fullTang("pinDiameter", "3/16"))
                        .conflicts())
                .as("nothing is drilled yet")
                .isEmpty();
    }

    @Test
    @DisplayName("[trade] an hour of work moves the price, 59 minutes do not; material always does")
    void from_when_the_price_moves() {
        Effect free = effect(
                Knife.of(Construction.FULL_TANG),
                Knife.of(Construction.FULL_TANG).before("approve-outline"),
                Specifications.fullTang("abrasiveStart", "GRIT_60"));
        assertThat(costing(free, 59, List.of()).changesPrice()).isFalse();
        assertThat(costing(free, 60, List.of()).changesPrice()).isTrue();
        assertThat(costing(free, -60, List.of()).changesPrice()).isTrue();
        assertThat(costing(free, -59, List.of()).changesPrice()).isFalse();
        assertThat(costing(free, 0, List.of("a handle block")).changesPrice()).isTrue();
    }

    private static Effect costing(Effect effect, int minutes, List<String> material) {
        return new Effect(
                effect.route(),
                effect.turned(),
                effect.dropsOut(),
                effect.lost(),
                effect.conflicts(),
                effect.noLongerFit(),
                effect.asksClient(),
                minutes,
                material);
    }
}

package hiltboard.core.route;

import static hiltboard.core.measure.Units.INCH_FAHRENHEIT;
import static org.assertj.core.api.Assertions.assertThat;

import hiltboard.core.chain.DimensionChain;
import hiltboard.core.chain.PieceDimensions;
import hiltboard.core.design.Construction;
import hiltboard.core.measure.Hardness;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Quantity;
import hiltboard.core.route.Unsettled.Accepted;
import java.math.BigDecimal;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class UnsettledTest {
    private static final Length MADE = Length.ofInches("0.170");
    private static final Map<String, Quantity> SANDED =
            Map.of(PieceDimensions.TANG_THICKNESS, Length.ofInches("0.158"));
    private final Knife guarded = Knife.of(Construction.HIDDEN_TANG, "stockThickness", ".163");

    @ParameterizedTest(name = "[trade] a slot that was milled before the tang was sanded on shuts “{0}”")
    @ValueSource(strings = {"fit-guard", "shape-guard", "dry-fit", "glue-handle"})
    void a_part_made_to_a_number_that_moved_is_an_obstacle(String step) {
        assertThat(before(guarded, step, SANDED, Map.of(PieceDimensions.SLOT_WIDTH, MADE), List.of()))
                .singleElement()
                .satisfies(obstacle -> {
                    assertThat(obstacle.rule().severity().closesGate()).isTrue();
                    assertThat(obstacle.rule().reason()).contains("0.170 in", "0.165 in", "0.005 in off", "± 0.002 in");
                });
    }

    @ParameterizedTest(name = "“{0}” makes it anew or has nothing to do with it")
    @ValueSource(strings = {"mill-guard-slot", "hand-sand", "read-brief"})
    void what_neither_uses_nor_hides_it_goes_on(String step) {
        assertThat(before(guarded, step, SANDED, Map.of(PieceDimensions.SLOT_WIDTH, MADE), List.of()))
                .isEmpty();
    }

    @Test
    @DisplayName("[worked] what is taken as it is counts until the number moves on by more than its tolerance")
    void it_is_taken_as_it_is_until_it_moves_on() {
        Accepted taken = new Accepted(PieceDimensions.SLOT_WIDTH, MADE, Length.ofInches("0.165"));
        assertThat(before(guarded, "fit-guard", SANDED, Map.of(PieceDimensions.SLOT_WIDTH, MADE), List.of(taken)))
                .isEmpty();
        Map<String, Quantity> sandedOn = Map.of(PieceDimensions.TANG_THICKNESS, Length.ofInches("0.154"));
        assertThat(before(guarded, "fit-guard", sandedOn, Map.of(PieceDimensions.SLOT_WIDTH, MADE), List.of(taken)))
                .hasSize(1);
        assertThat(Unsettled.hasStaleParts(
                        chain(guarded, SANDED, Map.of(PieceDimensions.SLOT_WIDTH, MADE)), List.of(taken)))
                .isFalse();
        assertThat(Unsettled.hasStaleParts(chain(guarded, SANDED, Map.of(PieceDimensions.SLOT_WIDTH, MADE)), List.of()))
                .isTrue();
    }

    @Test
    void a_part_that_is_within_its_tolerance_shuts_nothing() {
        assertThat(before(
                        guarded,
                        "fit-guard",
                        Map.of(PieceDimensions.TANG_THICKNESS, Length.ofInches("0.162")),
                        Map.of(PieceDimensions.SLOT_WIDTH, MADE),
                        List.of()))
                .isEmpty();
    }

    @Test
    @DisplayName("[trade] 45 HRC where 60 was wanted shuts the finish grind")
    void a_soft_blade_is_not_ground_on() {
        Knife knife = Knife.of(Construction.FULL_TANG);
        Quantity wanted =
                chain(knife, Map.of(), Map.of()).value(PieceDimensions.HARDNESS).orElseThrow();
        Hardness soft = new Hardness(BigDecimal.valueOf(45));
        assertThat(before(knife, "finish-grind", Map.of(PieceDimensions.HARDNESS, soft), Map.of(), List.of()))
                .singleElement()
                .satisfies(obstacle -> assertThat(obstacle.rule().reason()).contains("45 HRC"));
        assertThat(before(
                        knife,
                        "finish-grind",
                        Map.of(PieceDimensions.HARDNESS, soft),
                        Map.of(),
                        List.of(new Accepted(PieceDimensions.HARDNESS, soft, wanted))))
                .isEmpty();
        assertThat(before(knife, "finish-grind", Map.of(PieceDimensions.HARDNESS, wanted), Map.of(), List.of()))
                .isEmpty();
        assertThat(before(knife, "test-hardness", Map.of(PieceDimensions.HARDNESS, soft), Map.of(), List.of()))
                .as("it can be measured again")
                .isEmpty();
    }

    @Test
    @DisplayName("[trade] a tang hole that no longer matches its pin shuts the dry fit")
    void holes_that_do_not_match_shut_assembly() {
        Knife knife = Knife.of(Construction.FULL_TANG);
        Map<String, Quantity> readings = Map.of(
                PieceDimensions.PIN_DIAMETER,
                Length.ofInchFraction(3, 16),
                PieceDimensions.TANG_HOLE,
                Length.ofInches("0.257"));
        assertThat(before(knife, "dry-fit", readings, Map.of(), List.of()))
                .singleElement()
                .satisfies(obstacle -> assertThat(obstacle.rule().reason()).contains("A hole only grows"));
        assertThat(before(knife, "rough-bevels", readings, Map.of(), List.of())).isEmpty();
    }

    private static List<Gate.Obstacle> before(
            Knife knife,
            String step,
            Map<String, Quantity> readings,
            Map<String, Quantity> made,
            List<Accepted> accepted) {
        Set<String> done = knife.before("hand-over").doneAt().keySet();
        return Unsettled.before(
                knife.step(step),
                knife.route(),
                done,
                () -> chain(knife, readings, made),
                readings,
                accepted,
                INCH_FAHRENHEIT);
    }

    private static DimensionChain chain(Knife knife, Map<String, Quantity> readings, Map<String, Quantity> made) {
        return DimensionChain.of(PieceDimensions.of(knife.spec()), readings, made, INCH_FAHRENHEIT);
    }
}

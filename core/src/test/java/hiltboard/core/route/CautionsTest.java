package hiltboard.core.route;

import static org.assertj.core.api.Assertions.assertThat;

import hiltboard.core.design.Construction;
import hiltboard.core.design.Specifications;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Cautions stand where the work is, and nowhere else. Usual cautions of the trade, no published source. */
class CautionsTest {

    @Test
    @DisplayName(
            "[trade] eyes at every mill, drill, belt and fire; ears at every belt, hammer and tumbler, on any piece")
    void at_every_machine() {
        Random random = new Random(61);
        for (int i = 0; i < 400; i++) {
            for (Operation operation : Operations.of(Specifications.random(random), Place.ALONE)) {
                String cautions = String.join(" ", operation.cautions());
                switch (operation.station()) {
                    case MILL, DRILL ->
                        assertThat(cautions)
                                .as(operation.key())
                                .contains("Eyes")
                                .contains("Clamp the work");
                    case GRINDER -> assertThat(cautions).as(operation.key()).contains("Eyes, ears and lungs");
                    case FORGE -> {
                        boolean isHot = operation.is(Trait.FORGES_ON)
                                || operation.is(Trait.HARDENS)
                                || operation.is(Trait.SOFTENS);
                        assertThat(cautions.contains("eyes and ears"))
                                .as(operation.key())
                                .isEqualTo(isHot);
                    }
                    default -> assertThat(cautions).as(operation.key()).doesNotContain("key out of the chuck");
                }
                if (operation.is(Trait.TUMBLES)
                        || operation.is(Trait.FITS_GUARD)
                        || operation.is(Trait.STAMPS)
                        || operation.is(Trait.PEENS)) {
                    assertThat(cautions).as(operation.key()).containsIgnoringCase("ears");
                }
                assertThat(operation.cautions()).doesNotHaveDuplicates();
            }
        }
    }

    @ParameterizedTest(name = "[trade] {0} {1}: “{2}” warns of {3} and not of {4}")
    @CsvSource({
        "FULL_TANG, handleMaterial=WALNUT, finish-handle, Oily rags, buffer",
        "FULL_TANG, handleMaterial=CAST_RESIN, finish-handle, buffer, Oily rags",
        "FULL_TANG, handleFinish=CYANOACRYLATE, finish-handle, gets hot enough to smoke, buffer",
        "FULL_TANG, finish=PATTERN steelForm=PATTERN_WELDED, etch, coffee, Steel wool",
        "FULL_TANG, finish=ETCHED_DARK_TUMBLED, etch, Steel wool, coffee",
        "FULL_TANG, finish=ETCHED_DARK_TUMBLED, tumble, lid shut, coffee",
        "FULL_TANG, sharpenedWith=BELTS, sharpen, belt grabs, slides",
        "FULL_TANG, sharpenedWith=STONES, sharpen, slides, belt grabs",
        "FULL_TANG, sharpenedWith=GUIDED_RODS, sharpen, clamp, wheel turns",
        "FULL_TANG, sharpenedWith=WHEEL, sharpen, wheel turns, clamp holds",
        "FULL_TANG, steel=440C, cold-treat, Dry ice, nitrogen",
        "FULL_TANG, steel=440C cold=NITROGEN, cold-treat, nitrogen, Dry ice",
        "HIDDEN_TANG, alignmentPins=TWO, drill-alignment-pins, no open flame, Oily",
        "HIDDEN_TANG, guardMaterial=TOOL_STEEL guardState=HARDENED, temper-guard, brittle like glass, Oily"
    })
    void where_it_applies(Construction construction, String settings, String step, String has, String hasNot) {
        String cautions = String.join(
                " ",
                Knife.of(construction, settings.split("[ =]"))
                        .step(step)
                        .operation()
                        .cautions());
        assertThat(cautions).contains(has).doesNotContain(hasNot);
    }

    @Test
    @DisplayName("[trade] taking a handle off with heat warns of fumes, flame and the temper")
    void parting_with_heat() {
        String cautions = String.join(
                " ",
                Knife.takenApart(Specifications.fullTang())
                        .step("take-handle-off")
                        .operation()
                        .cautions());
        assertThat(cautions).contains("fumes", "no open flame", "oiled", "temper is gone");
    }

    @Test
    void every_consequence_is_a_sentence_that_a_newcomer_understands() {
        List<Rule> rules = new ArrayList<>(OrderRules.all());
        rules.addAll(ConditionRules.all());
        assertThat(rules).allSatisfy(rule -> {
            assertThat(rule.consequence().split(" ").length)
                    .as("%s: %s", rule.key(), rule.consequence())
                    .isGreaterThanOrEqualTo(6);
            assertThat(rule.consequence()).matches("\\p{Lu}.*\\.");
        });
    }
}

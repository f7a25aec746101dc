package hiltboard.core.design;

import static org.assertj.core.api.Assertions.assertThat;

import hiltboard.core.field.Finding;
import hiltboard.core.measure.Units;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/**
 * Answers that are possible alone and impossible together are found at the form, each at its field and with what would
 * go.
 */
class SpecificationClashesTest {

    @ParameterizedTest(name = "[trade] {0}: {2}")
    @CsvSource(
            delimiter = '|',
            value = {
                "construction=INTEGRAL steelForm=BAR | steelForm | forged in one with the blade",
                "construction=HATCHET steelForm=BAR | steelForm | drifted in the forge",
                "steel=440C hardening=CLAY | hardening | hardens in air",
                "steel=D2 hardening=BY_EYE | hardening | wants a kiln",
                "steel=A2 hardening=TORCHED_SPINE | hardening | wants a kiln",
                "steel=440C quench=FAST_OIL | quench | cracks 440C",
                "steel=1084 quench=PLATES | quench | stays soft between plates",
                "steel=5160 hardening=CLAY finish=HAMON | finish | hardens too deeply",
                "steel=1095 hardening=IN_KILN finish=HAMON | finish | no line without clay",
                "finish=PATTERN | finish | One steel has no pattern",
                "construction=FRAME_LOCK plateThickness=3/32 ballDiameter=.090 washerThickness=.030 | "
                        + "plateThickness | goes through the plate",
                "construction=FRAME_LOCK ballDiameter=1/32 actionClearance=.040 | actionClearance | leaves no pocket",
                "stockThickness=.060 | stockThickness | is not likely here",
                "construction=HATCHET steelForm=FORGED eyeWidth=1-1/4 headThickness=1 | eyeWidth | does not fit",
                "fastening=SHOULDERED_FASTENERS handleHollow=1/4 scaleThickness=3/16 | handleHollow | does not fit",
                "distalTaper=TAPERED tipThickness=3/16 | tipThickness | does not fit",
                "tangTaper=TAPERED buttThickness=1/4 | buttThickness | does not fit"
            })
    void clashes_are_found_at_their_field(String settings, String field, String problem) {
        List<Finding> findings = answer(settings.strip()).findings();
        assertThat(findings).anySatisfy(finding -> {
            assertThat(finding.field()).isEqualTo(field);
            assertThat(finding.problem()).contains(problem);
            assertThat(finding.accepted()).isNotBlank();
        });
    }

    @ParameterizedTest(name = "[trade] these go together: {0}")
    @CsvSource({
        "steel=W2 hardening=CLAY finish=HAMON",
        "steel=1095 hardening=CLAY quench=WATER_THEN_OIL",
        "steelForm=LAMINATED finish=PATTERN",
        "steel=440C hardening=OUTSIDE",
        "construction=FRAME_LOCK pockets=BOTH plateThickness=3/32",
        "steel=5160 hardening=CLAY"
    })
    void what_goes_together(String settings) {
        assertThat(answer(settings).findings()).isEmpty();
    }

    @ParameterizedTest
    @EnumSource(Construction.class)
    void the_usual_answers_of_every_construction_make_a_specification_and_survive_being_kept(
            Construction construction) {
        Specification spec = Specifications.of(construction);
        assertThat(spec.construction()).isEqualTo(construction);
        assertThat(SpecificationReader.restore(spec.entries())).isEqualTo(spec);
    }

    @Test
    void only_the_questions_of_the_construction_are_asked() {
        assertThat(answer("construction=SLIP_JOINT").asked())
                .contains("nickDepth", "linerThickness", "pivotDiameter")
                .doesNotContain("guardThickness", "plateThickness", "haftLength", "notches");
        assertThat(answer("construction=SLIP_JOINT sides=MILLED_SCALES").asked())
                .doesNotContain("linerThickness", "adhesive");
        assertThat(answer("construction=FRAME_LOCK").asked())
                .contains("washerThickness", "pockets")
                .doesNotContain("nickDepth", "scaleThickness");
        assertThat(answer("construction=TOMAHAWK steelForm=FORGED").asked())
                .contains("eyeLength", "haftLength")
                .doesNotContain("bladeLength", "grind", "handleLength");
        assertThat(answer("construction=HIDDEN_TANG heldBy=TAKE_DOWN").asked())
                .doesNotContain("bedding", "adhesive", "releaseAgent");
        assertThat(answer("construction=HIDDEN_TANG bedding=BEDDED").asked()).contains("releaseAgent", "adhesive");
        assertThat(answer("construction=MACHINED").asked()).doesNotContain("fastening", "steelForm", "tangTaper");
        assertThat(answer("finish=ETCHED_DARK_TUMBLED").asked()).contains("neutraliser", "tumbling", "handleTurn");
        assertThat(answer("hardening=OUTSIDE").asked()).doesNotContain("quench");
    }

    @Test
    void a_specification_that_was_kept_before_a_question_existed_has_its_usual_answer() {
        Map<String, String> old = new LinkedHashMap<>(Specifications.fullTang().entries());
        old.keySet()
                .removeAll(Set.of(
                        "steelForm",
                        "hardening",
                        "quench",
                        "fastening",
                        "tangTaper",
                        "lightening",
                        "scaleRelief",
                        "adhesive",
                        "sharpening",
                        "abrasiveStart",
                        "distalTaper",
                        "markTiming"));
        assertThat(SpecificationReader.restore(old)).isEqualTo(Specifications.fullTang());
        Map<String, String> hidden =
                new LinkedHashMap<>(Specifications.hiddenTang().entries());
        hidden.keySet().removeAll(Set.of("heldBy", "adhesive", "steelForm", "hardening"));
        assertThat(SpecificationReader.restore(hidden)).isEqualTo(Specifications.hiddenTang());
    }

    private static SpecificationReader.Answer answer(String settings) {
        Map<String, String> entries = Specifications.usual();
        for (String setting : settings.split(" ")) {
            entries.put(setting.split("=")[0], setting.split("=")[1]);
        }
        return SpecificationReader.read(entries, Units.INCH_FAHRENHEIT);
    }
}

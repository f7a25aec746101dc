package hiltboard.core.forge;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hiltboard.core.field.Finding;
import hiltboard.core.field.Option;
import hiltboard.core.material.Steel;
import hiltboard.core.material.SteelLibrary;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Units;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** Every work of the forge reads what is typed by the same rules. */
class RecipeStepTest {

    /** A possible answer for a field that has no usual one. */
    private static String possible(StepField field) {
        return field == StepField.BETWEEN ? "1084" : field == StepField.WEIGHT ? "2 lb" : "1/2";
    }

    private static Map<String, String> possible(ForgeWork work) {
        Map<String, String> entries = new HashMap<>();
        work.fields()
                .forEach(field ->
                        entries.put(field.key(), work.usual(field).isEmpty() ? possible(field) : work.usual(field)));
        return entries;
    }

    @ParameterizedTest
    @EnumSource(ForgeWork.class)
    void what_was_understood_reads_back_as_the_same_step_whoever_reads_it(ForgeWork work) {
        RecipeStep step = RecipeStep.read(work, possible(work), Units.INCH_FAHRENHEIT, SteelLibrary.KNOWN)
                .step();
        assertThat(step.answers().keySet()).containsExactlyInAnyOrderElementsOf(work.fields());
        for (Units units : List.of(Units.INCH_FAHRENHEIT, Units.MILLIMETRE_CELSIUS)) {
            Map<String, String> typed = new HashMap<>();
            work.fields().forEach(field -> typed.put(field.key(), step.entry(field, units)));
            RecipeStep.Read again = RecipeStep.read(work, typed, units, SteelLibrary.KNOWN);
            assertThat(again.findings()).isEmpty();
            work.fields()
                    .forEach(field ->
                            assertThat(again.step().entry(field, units)).isEqualTo(step.entry(field, units)));
        }
    }

    @ParameterizedTest
    @EnumSource(ForgeWork.class)
    void nonsense_is_found_at_its_own_field_with_what_would_be_accepted(ForgeWork work) {
        for (StepField field : work.fields()) {
            Map<String, String> entries = possible(work);
            entries.put(field.key(), "nonsense");
            assertThat(RecipeStep.read(work, entries, Units.INCH_FAHRENHEIT, SteelLibrary.KNOWN)
                            .findings())
                    .as(field.name())
                    .singleElement()
                    .satisfies(finding -> {
                        assertThat(finding.field()).isEqualTo(field.key());
                        assertThat(finding.given()).isEqualTo("nonsense");
                        assertThat(finding.accepted()).isNotBlank();
                    });
        }
    }

    @ParameterizedTest
    @EnumSource(ForgeWork.class)
    void every_work_says_how_it_is_done_and_what_can_hurt(ForgeWork work) {
        assertThat(work.title()).isNotBlank();
        assertThat(work.howTo()).endsWith(".");
        assertThat(work.cautions())
                .isNotEmpty()
                .allSatisfy(caution -> assertThat(caution).isNotBlank());
        assertThat(ForgeWork.named(work.name())).hasValue(work);
    }

    @Test
    void all_that_is_wrong_is_found_at_once() {
        Map<String, String> entries = possible(ForgeWork.STACK);
        entries.putAll(Map.of("firstSteel", "tin", "firstThickness", "thin", "pieces", "0", "width", ""));
        assertThat(RecipeStep.read(ForgeWork.STACK, entries, Units.INCH_FAHRENHEIT, SteelLibrary.KNOWN)
                        .findings())
                .extracting(Finding::field)
                .containsExactlyInAnyOrder("firstSteel", "firstThickness", "pieces", "width");
    }

    @ParameterizedTest(name = "{0} of {1} in a {2}")
    @CsvSource({
        "pieces, 201, STACK",
        "pieces, 2.5, STACK",
        "pieces, -7, STACK",
        "turns, 501, TWIST",
        "turns, -1, TWIST",
        "toLength, 241 in, UPSET",
        "offEachEnd, -1/2, CROP",
        "loss, 1e3, WELD"
    })
    void what_no_smith_means_is_refused(String key, String entry, ForgeWork work) {
        Map<String, String> entries = possible(work);
        entries.put(key, entry);
        assertThat(RecipeStep.read(work, entries, Units.INCH_FAHRENHEIT, SteelLibrary.KNOWN)
                        .findings())
                .extracting(Finding::field)
                .containsExactly(key);
    }

    @Test
    void an_answer_that_was_left_empty_is_not_there() {
        Map<String, String> entries = possible(ForgeWork.CLAD);
        entries.putAll(Map.of("between", "", "betweenThickness", "", "weight", ""));
        RecipeStep step = RecipeStep.read(ForgeWork.CLAD, entries, Units.INCH_FAHRENHEIT, SteelLibrary.KNOWN)
                .step();
        assertThat(step.has(StepField.BETWEEN)).isFalse();
        assertThat(step.entry(StepField.BETWEEN, Units.INCH_FAHRENHEIT)).isEmpty();
        assertThatThrownBy(() -> step.length(StepField.BETWEEN_THICKNESS)).isInstanceOf(IllegalStateException.class);
        assertThat(step.with(StepField.LENGTH, Length.ofInches("7")).length(StepField.LENGTH))
                .isEqualTo(Length.ofInches("7"));
    }

    @Test
    @DisplayName("[trade, from memory] manganese steels etch dark, nickel and chromium bright, mild steel between; "
            + "all that can be hardened here can be stacked")
    void steels_etch_as_their_alloys_do() {
        for (String dark : List.of("1075", "1084", "1095", "W2", "O1", "5160")) {
            assertThat(ForgeSteel.named(dark, SteelLibrary.KNOWN)
                            .orElseThrow()
                            .tone()
                            .words())
                    .as(dark)
                    .isEqualTo("dark");
        }
        for (String bright : List.of("75Ni8", "440C", "X46Cr13", "D2")) {
            assertThat(ForgeSteel.named(bright, SteelLibrary.KNOWN)
                            .orElseThrow()
                            .tone()
                            .words())
                    .as(bright)
                    .isEqualTo("bright");
        }
        assertThat(ForgeSteel.named("mild steel", SteelLibrary.KNOWN))
                .isEqualTo(ForgeSteel.named("MILD_STEEL", SteelLibrary.KNOWN));
        assertThat(ForgeSteel.named("mild steel", SteelLibrary.KNOWN)
                        .orElseThrow()
                        .tone()
                        .words())
                .isEqualTo("grey");
        assertThat(ForgeSteel.named("1018", SteelLibrary.KNOWN))
                .as("a bar is bought by its number")
                .isEqualTo(ForgeSteel.named("mild steel", SteelLibrary.KNOWN));
        assertThat(ForgeSteel.named("butter", SteelLibrary.KNOWN)).isEmpty();
        assertThat(StepField.FIRST_STEEL
                        .kind(new StepForm(ForgeWork.STACK, SteelLibrary.KNOWN))
                        .options())
                .extracting(Option::value)
                .containsAll(Steel.known().stream().map(Steel::designation).toList())
                .doesNotHaveDuplicates();
    }
}

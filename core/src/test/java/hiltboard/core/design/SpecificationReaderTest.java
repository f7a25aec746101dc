package hiltboard.core.design;

import static hiltboard.core.measure.Units.INCH_FAHRENHEIT;
import static hiltboard.core.measure.Units.MILLIMETRE_CELSIUS;
import static org.assertj.core.api.Assertions.assertThat;

import hiltboard.core.measure.Length;
import java.util.HashMap;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;

class SpecificationReaderTest {

    @Test
    void the_usual_entries_make_a_knife_of_either_construction() {
        assertThat(SpecificationReader.read(Specifications.usual(), INCH_FAHRENHEIT).findings()).isEmpty();
        assertThat(SpecificationReader.read(Specifications.usualHiddenTang(), INCH_FAHRENHEIT).findings()).isEmpty();
    }

    @Test
    void all_findings_are_collected_each_at_its_field() {
        Map<String, String> entries = Specifications.usual();
        entries.put("stockThickness", "thick");
        entries.put("bladeLength", "40 in");
        entries.put("steel", "mystery");
        entries.put("pinCount", "0");
        SpecificationReader.Answer answer = SpecificationReader.read(entries, INCH_FAHRENHEIT);
        assertThat(answer.specification()).isEmpty();
        assertThat(answer.findings()).extracting(Finding::field).containsExactlyInAnyOrder("stockThickness", "bladeLength", "steel", "pinCount");
        assertThat(answer.findings()).allSatisfy(finding -> {
            assertThat(finding.given()).isEqualTo(entries.get(finding.field()));
            assertThat(finding.accepted()).isNotBlank();
        });
        assertThat(answer.understood()).containsEntry("heelWidth", "1.125 in");
    }

    @Test
    void values_that_cannot_go_together_are_found() {
        Map<String, String> entries = Specifications.usualHiddenTang();
        entries.put("tangWidth", "1-1/4");
        assertThat(SpecificationReader.read(entries, INCH_FAHRENHEIT).findings()).extracting(Finding::field).containsExactly("tangWidth");
        entries = Specifications.usual();
        entries.put("grind", "HOLLOW");
        entries.put("bevelHeight", "2 in");
        assertThat(SpecificationReader.read(entries, INCH_FAHRENHEIT).findings()).extracting(Finding::field).containsExactly("bevelHeight");
    }

    @Test
    void only_the_questions_of_the_construction_are_asked() {
        assertThat(SpecificationReader.read(Specifications.usual(), INCH_FAHRENHEIT).asked()).contains("pinDiameter").doesNotContain("guardThickness", "bevelHeight");
        assertThat(SpecificationReader.read(Specifications.usualHiddenTang(), INCH_FAHRENHEIT).asked()).contains("guardThickness", "spacerThickness").doesNotContain("pinDiameter");
        assertThat(SpecificationReader.read(Map.of(), INCH_FAHRENHEIT).findings()).isNotEmpty();
    }

    @Test
    void a_kept_specification_reads_back_the_same_for_every_knife() {
        Random random = new Random(11);
        for (int i = 0; i < 2_000; i++) {
            Specification spec = Specifications.random(random);
            assertThat(SpecificationReader.restore(spec.entries())).isEqualTo(spec);
        }
    }

    @Test
    void an_inch_entry_stays_exact_when_it_is_kept_and_read_in_millimetres() {
        Map<String, String> entries = new HashMap<>(Specifications.usual());
        entries.put("stockThickness", "3/16");
        Specification spec = SpecificationReader.read(entries, INCH_FAHRENHEIT).specification().orElseThrow();
        assertThat(spec.entries()).containsEntry("stockThickness", "4.7625 mm");
        assertThat(spec.length(SpecificationField.STOCK_THICKNESS)).isEqualTo(Length.ofInches("0.1875"));
        assertThat(spec.words(SpecificationField.STOCK_THICKNESS, MILLIMETRE_CELSIUS)).isEqualTo("4.763 mm");
        assertThat(spec.words(SpecificationField.GUARD_MATERIAL, INCH_FAHRENHEIT)).isEmpty();
    }
}

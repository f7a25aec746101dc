package hiltboard.core.design;

import static hiltboard.core.measure.Units.INCH_FAHRENHEIT;
import static hiltboard.core.measure.Units.MILLIMETRE_CELSIUS;
import static org.assertj.core.api.Assertions.assertThat;

import hiltboard.core.design.SpecificationReader.Answer;
import hiltboard.core.field.Finding;
import hiltboard.core.material.SteelLibrary;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Worked;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

class SpecificationReaderTest {

    @Test
    void the_usual_entries_make_a_knife_of_either_construction() {
        assertThat(SpecificationReader.read(Specifications.usual(), INCH_FAHRENHEIT)
                        .findings())
                .isEmpty();
        assertThat(SpecificationReader.read(Specifications.usualHiddenTang(), INCH_FAHRENHEIT)
                        .findings())
                .isEmpty();
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
        assertThat(answer.findings())
                .extracting(Finding::field)
                .containsExactlyInAnyOrder("stockThickness", "bladeLength", "steel", "pinCount");
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
        assertThat(SpecificationReader.read(entries, INCH_FAHRENHEIT).findings())
                .extracting(Finding::field)
                .containsExactly("tangWidth");
        entries = Specifications.usual();
        entries.put("grind", "HOLLOW");
        entries.put("bevelHeight", "2 in");
        assertThat(SpecificationReader.read(entries, INCH_FAHRENHEIT).findings())
                .extracting(Finding::field)
                .containsExactly("bevelHeight");
    }

    @Test
    void only_the_questions_of_the_construction_are_asked() {
        assertThat(SpecificationReader.read(Specifications.usual(), INCH_FAHRENHEIT)
                        .asked())
                .contains("pinDiameter")
                .doesNotContain("guardThickness", "bevelHeight");
        assertThat(SpecificationReader.read(Specifications.usualHiddenTang(), INCH_FAHRENHEIT)
                        .asked())
                .contains("guardThickness", "spacerThickness")
                .doesNotContain("pinDiameter");
        assertThat(SpecificationReader.read(Map.of(), INCH_FAHRENHEIT).findings())
                .isNotEmpty();
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
        Specification spec = SpecificationReader.read(entries, INCH_FAHRENHEIT)
                .specification()
                .orElseThrow();
        assertThat(spec.entries()).containsEntry("stockThickness", "4.7625 mm");
        assertThat(spec.length(SpecificationField.STOCK_THICKNESS)).isEqualTo(Length.ofInches("0.1875"));
        assertThat(spec.words(SpecificationField.STOCK_THICKNESS, MILLIMETRE_CELSIUS))
                .isEqualTo("4.763 mm");
        assertThat(spec.words(SpecificationField.GUARD_MATERIAL, INCH_FAHRENHEIT))
                .isEmpty();
    }

    @Test
    @DisplayName("[worked] whoever takes a job on usual answers keeps 5/32 in as 3.96875 mm, in both systems of "
            + "units, and so every other usual size")
    void the_usual_answer_is_exact_for_both_readers() {
        for (Construction construction : Construction.values()) {
            Map<String, String> chosen = Map.of("construction", construction.name());
            Specification inches = SpecificationReader.read(
                            SpecificationReader.completed(chosen, INCH_FAHRENHEIT), INCH_FAHRENHEIT)
                    .specification()
                    .orElseThrow();
            Specification millimetres = SpecificationReader.read(
                            SpecificationReader.completed(chosen, MILLIMETRE_CELSIUS), MILLIMETRE_CELSIUS)
                    .specification()
                    .orElseThrow();
            assertThat(millimetres).isEqualTo(inches);
        }
        Specification usual = SpecificationReader.read(
                        SpecificationReader.completed(Map.of(), INCH_FAHRENHEIT), INCH_FAHRENHEIT)
                .specification()
                .orElseThrow();
        assertThat(usual.length(SpecificationField.STOCK_THICKNESS)).isEqualTo(Length.ofInchFraction(5, 32));
        assertThat(SpecificationField.STOCK_THICKNESS.usualIn(INCH_FAHRENHEIT)).isEqualTo("5/32 in");
    }

    @Test
    @DisplayName("[trade] six 3/8 pins in a 2 in handle overlap and are refused with how many go")
    void pins_need_room_between_them() {
        assertThat(findings(
                        "handleLength", "2", "pinCount", "6", "pinDiameter", "3/8", "handleMaterial", "GLASS_EPOXY"))
                .anySatisfy(finding -> {
                    assertThat(finding.field()).isEqualTo("pinCount");
                    assertThat(finding.problem()).contains("overlap");
                    assertThat(finding.accepted()).contains("at most 2 of this size");
                });
        assertThat(findings("pinCount", "6", "pinDiameter", "1/4", "handleMaterial", "GLASS_EPOXY"))
                .isEmpty();
    }

    @Test
    @DisplayName("[trade] one diameter of wood stays to the outline, 3 mm of what does not split; from memory")
    void pins_need_room_to_the_outline() {
        assertThat(findings("pinDiameter", "3/8"))
                .as("9.5 mm in a walnut handle of 25 mm")
                .anySatisfy(finding -> {
                    assertThat(finding.field()).isEqualTo("pinDiameter");
                    assertThat(finding.problem()).contains("0.375 in");
                });
        assertThat(findings("pinDiameter", "3/8", "handleMaterial", "GLASS_EPOXY"))
                .isEmpty();
        assertThat(findings("construction", "HIDDEN_TANG", "alignmentPins", "TWO"))
                .isEmpty();
        assertThat(findings(
                        "construction",
                        "HIDDEN_TANG",
                        "alignmentPins",
                        "TWO",
                        "handleThickness",
                        "1/2",
                        "handleRounding",
                        "1/8",
                        "frontWidth",
                        ".800"))
                .anySatisfy(finding -> assertThat(finding.field()).isEqualTo("alignmentPins"));
    }

    @Test
    @DisplayName("[trade] a nick of 0.015 in for a bevel that takes more than that is refused on the order form")
    void a_nick_is_judged_by_the_bevel_that_follows() {
        assertThat(findings("construction", "SLIP_JOINT", "nickDepth", ".015")).anySatisfy(finding -> {
            assertThat(finding.field()).isEqualTo("nickDepth");
            assertThat(finding.problem()).contains("too shallow");
            assertThat(finding.accepted())
                    .as("no deeper than a nick is made, though the stock would bear it")
                    .isEqualTo("0.0291 in to 0.060 in");
        });
        assertThat(findings("construction", "SLIP_JOINT")).isEmpty();
    }

    @Test
    @DisplayName("[trade] a frame lock's clearance of 0.062 in is named as what it is, and keeps nothing back")
    void an_unlikely_clearance_is_questioned() {
        Answer answer = read("construction", "FRAME_LOCK", "actionClearance", ".062");
        assertThat(answer.doubts().get("actionClearance")).contains("pocket was forgotten");
        assertThat(answer.specification()).isPresent();
        assertThat(read("construction", "FRAME_LOCK").doubts()).isEmpty();
        assertThat(read("construction", "FRAME_LOCK", "actionClearance", ".040")
                        .doubts()
                        .get("actionClearance"))
                .contains("gap");
        assertThat(read("construction", "FRAME_LOCK", "actionClearance", ".011")
                        .doubts()
                        .get("actionClearance"))
                .contains("tight");
    }

    @Test
    @DisplayName("a knife that is there already opens with too little room, and can be changed elsewhere")
    void what_was_there_before_is_not_found_again() {
        Map<String, String> tight = new HashMap<>(read("pinDiameter", "3/8", "handleMaterial", "GLASS_EPOXY")
                .specification()
                .orElseThrow()
                .entries());
        tight.put("handleMaterial", "WALNUT");
        Specification kept = SpecificationReader.restore(tight);
        assertThat(kept.length(SpecificationField.PIN_DIAMETER)).isEqualTo(Length.ofInchFraction(3, 8));
        Map<String, String> changed = new HashMap<>(SpecificationReader.completed(tight, MILLIMETRE_CELSIUS));
        changed.put("sheath", "LEATHER");
        assertThat(SpecificationReader.reread(changed, kept, MILLIMETRE_CELSIUS, SteelLibrary.KNOWN)
                        .findings())
                .isEmpty();
        changed.put("pinDiameter", "10 mm");
        assertThat(SpecificationReader.reread(changed, kept, MILLIMETRE_CELSIUS, SteelLibrary.KNOWN)
                        .findings())
                .extracting(Finding::field)
                .containsExactly("pinDiameter");
    }

    @Test
    @DisplayName("[trade] a length that no bar has is asked back with a guess")
    void an_unlikely_size_is_guessed_at() {
        assertThat(findings("stockThickness", "15.6 in"))
                .anySatisfy(finding -> assertThat(finding.problem()).contains("did you mean", "0.156 in"));
        assertThat(findings("stockThickness", "156"))
                .anySatisfy(finding -> assertThat(finding.problem()).contains("0.156 in"));
    }

    @Test
    @DisplayName("[worked] a pin's hole that is 0.100 in off leaves as much less to the outline and to the next "
            + "hole, and is warned of where too little stays")
    void a_hole_off_its_place() {
        Specification knife = read().specification().orElseThrow();
        List<Worked<Length>> near = KnifeShape.leftWhenOff(knife, Length.ofInches("0.010"), INCH_FAHRENHEIT);
        List<Worked<Length>> far = KnifeShape.leftWhenOff(knife, Length.ofInches("0.110"), INCH_FAHRENHEIT);
        assertThat(near)
                .hasSize(2)
                .allSatisfy(left -> assertThat(left.cautions()).isEmpty());
        for (int i = 0; i < 2; i++) {
            assertThat(near.get(i).value().minus(far.get(i).value())).isEqualTo(Length.ofInches("0.100"));
        }
        assertThat(far.get(0).cautions()).singleElement().asString().contains("splits");
        assertThat(KnifeShape.leftWhenOff(
                        read("construction", "HIDDEN_TANG").specification().orElseThrow(),
                        Length.ofInches("0.1"),
                        INCH_FAHRENHEIT))
                .isEmpty();
    }

    private static List<Finding> findings(String... changes) {
        return read(changes).findings();
    }

    private static Answer read(String... changes) {
        Map<String, String> entries = new HashMap<>();
        for (int i = 0; i < changes.length; i += 2) {
            entries.put(changes[i], changes[i + 1]);
        }
        return SpecificationReader.read(SpecificationReader.completed(entries, INCH_FAHRENHEIT), INCH_FAHRENHEIT);
    }
}

package hiltboard.core.design;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hiltboard.core.field.Finding;
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

/** Sizes of outline and section as they are typed: followed, refused with the reason, kept and changed late. */
class ShapeEntriesTest {

    @ParameterizedTest(name = "{0} = {1}: {2}")
    @CsvSource(
            delimiter = '|',
            value = {
                "bellyBow | 1 in | runs past the point",
                "spineBow | 1 in | runs past the point",
                "pointDrop | 1-1/2 | The edge crosses the spine",
                "bellyStart | 4 | The belly would begin behind the heel",
                "spineBreak | 5 | The spine would leave the straight behind the heel",
                "ricasso | 4 | The ricasso leaves no edge",
                "ricassoWidth | 1-1/4 | The ricasso is wider than the heel",
                "choilRadius | 1/4 | The choil is wider than the ricasso",
                "waistAt | 4 | The waist lies behind the palm swell",
                "swellAt | 5 | The palm swell lies behind the butt",
                "buttRound | 3/4 | The butt is not wide enough",
                "swedge | 5 | The swedge is longer than the blade",
                "handleRounding | 1 | cut into the tang",
                "barWidth | 1 | wider than the bar"
            })
    void an_impossible_size_is_refused_where_it_is_typed(String field, String entry, String reason) {
        Map<String, String> entries = Specifications.usual();
        entries.put(field, entry);
        List<Finding> findings =
                SpecificationReader.read(entries, Units.INCH_FAHRENHEIT).findings();
        assertThat(findings).extracting(Finding::field).containsExactly(field);
        assertThat(findings.get(0).problem()).contains(reason);
        assertThat(findings.get(0).given()).isEqualTo(entry);
        assertThat(findings.get(0).accepted()).isNotBlank();
    }

    @ParameterizedTest(name = "{0}: {1} = {2}")
    @CsvSource(
            delimiter = '|',
            value = {
                "grind=HOLLOW;bevelHeight=1 | wheelDiameter | 6 | thinner than its edge",
                "grind=CONVEX | convexBulge | 1/16 | swell beyond the flats",
                "grind=ZERO_GROUND | edgeThickness | .020 | leaves no edge",
                "lightening=HOLES | holeDiameter | 3/4 | do not fit between the pins",
                "lightening=HOLES;holeCount=12 | holeCount | 12 | do not follow",
                "construction=HIDDEN_TANG | ricassoWidth | .690 | there are no shoulders",
                "grooveDepth=1/8;grooveAt=1/4 | grooveAt | 1/4 | runs out at the end",
                "steelForm=LAMINATED | coreThickness | 3/16 | does not fit stock thickness"
            })
    void an_impossible_size_of_a_grind_or_a_construction_is_refused(
            String others, String field, String entry, String reason) {
        Map<String, String> entries = Specifications.usual();
        for (String other : others.split(";")) {
            entries.put(other.split("=")[0], other.split("=")[1]);
        }
        entries.put(field, entry);
        List<Finding> findings =
                SpecificationReader.read(entries, Units.INCH_FAHRENHEIT).findings();
        if (reason.equals("do not follow")) {
            assertThat(findings).extracting(Finding::field).containsExactly("holeDiameter");
        } else {
            assertThat(findings).anySatisfy(finding -> {
                assertThat(finding.field()).isEqualTo(field);
                assertThat(finding.problem()).contains(reason);
            });
        }
    }

    @Test
    @DisplayName("the limit that is named can be typed as it stands, in inches and in millimetres")
    void a_named_limit_is_taken() {
        for (Units units : List.of(Units.INCH_FAHRENHEIT, Units.MILLIMETRE_CELSIUS)) {
            Map<String, String> entries = new HashMap<>(Map.of("bladeLength", "5 in", "bellyBow", "2 in"));
            Finding finding = SpecificationReader.read(SpecificationReader.completed(entries, units), units)
                    .findings()
                    .get(0);
            String limit = finding.accepted().replace("at most ", "");
            double number = Double.parseDouble(limit.replaceAll(" .*", ""));
            entries.put("bellyBow", (Math.floor(number * 1000) / 1000) + limit.replaceAll("^\\S+", ""));
            assertThat(SpecificationReader.read(SpecificationReader.completed(entries, units), units)
                            .findings())
                    .as(limit)
                    .isEmpty();
        }
    }

    @Test
    void an_empty_size_is_an_answer_and_says_what_it_was_taken_to_be() {
        SpecificationReader.Answer answer = SpecificationReader.read(Specifications.usual(), Units.INCH_FAHRENHEIT);
        assertThat(answer.findings()).isEmpty();
        assertThat(answer.asked())
                .contains("profile", "bellyBow", "swellWidth", "barWidth")
                .doesNotContain("tangLength", "wheelDiameter", "holeCount", "grooveRadius");
        assertThat(answer.understood().get("bellyBow")).endsWith(" in");
        assertThat(answer.understood().get("frontWidth"))
                .isEqualTo(answer.understood().get("ricassoWidth"));
    }

    @ParameterizedTest
    @EnumSource(Construction.class)
    @DisplayName("what was chosen, read again, gives the same knife; what is kept whole gives it without any rule")
    void chosen_and_kept(Construction construction) {
        Specification spec = Specifications.of(
                construction,
                construction.isAxe() ? new String[0] : new String[] {"bellyBow", "5 mm", "buttDrop", "-2 mm"});
        assertThat(SpecificationReader.restore(spec.chosen())).isEqualTo(spec);
        assertThat(SpecificationReader.restore(spec.entries())).isEqualTo(spec);
        assertThat(spec.chosen().size()).isLessThanOrEqualTo(spec.entries().size());
        if (!construction.isAxe()) {
            assertThat(spec.chosen())
                    .containsEntry("bellyBow", "5 mm")
                    .containsEntry("buttDrop", "-2 mm")
                    .doesNotContainKey("waistAt");
            assertThat(spec.length(SpecificationField.BUTT_DROP)).isEqualTo(Length.ofMillimetres("-2"));
        }
    }

    @Test
    @DisplayName("[worked] a blade an inch longer keeps a belly that was chosen and takes along one that was not")
    void a_longer_blade_takes_along_what_follows() {
        Specification followed = Specifications.fullTang("bladeLength", "4");
        Specification chosen = Specifications.fullTang("bladeLength", "4", "bellyStart", "1.5");
        assertThat(longer(followed).length(SpecificationField.BELLY_START).inches())
                .isCloseTo(0.45 * 5, within(0.006));
        assertThat(longer(chosen).length(SpecificationField.BELLY_START)).isEqualTo(Length.ofInches("1.5"));
    }

    private static Specification longer(Specification spec) {
        Map<String, String> entries = new HashMap<>(spec.chosen());
        entries.put("bladeLength", "5 in");
        return SpecificationReader.restore(entries);
    }

    @ParameterizedTest
    @CsvSource({
        "4.2 mm, 0.165354331 in is no round number, 4.2 mm",
        "0.163 in, a round number, 0.163 in",
        "5/32, four places, 0.1563 in is not it"
    })
    @DisplayName("a size that is no round number of somebody's unit keeps its own when they type it again")
    void entries_lose_nothing(String entry, String why, String inInches) {
        Specification spec = Specifications.fullTang("stockThickness", entry);
        String again = spec.entryIn("stockThickness", Units.INCH_FAHRENHEIT);
        assertThat(Specifications.fullTang("stockThickness", again).length(SpecificationField.STOCK_THICKNESS))
                .as(why)
                .isEqualTo(spec.length(SpecificationField.STOCK_THICKNESS));
        if (!inInches.contains("not")) {
            assertThat(again).isEqualTo(inInches);
        }
        assertThat(spec.entryIn("tangLength", Units.INCH_FAHRENHEIT)).isEmpty();
        assertThat(spec.entryIn("finish", Units.INCH_FAHRENHEIT)).isEqualTo("HAND_SATIN");
    }

    @Test
    void differences_name_what_was_and_what_is_in_the_readers_units() {
        Specification before = Specifications.fullTang("bladeLength", "4", "lightening", "HOLES");
        Specification after = Specifications.fullTang("bladeLength", "4-1/2", "finish", "BELT_SATIN");
        List<Difference> differences = Difference.between(before, after, Units.INCH_FAHRENHEIT);
        assertThat(differences)
                .extracting(Difference::field)
                .contains("bladeLength", "finish", "lightening", "holeCount", "bellyStart");
        assertThat(differences)
                .extracting(Difference::words)
                .contains("Blade length was 4 in, is 4.5 in", "Lightening holes was 3, is dropped");
        assertThat(Difference.between(before, after, Units.MILLIMETRE_CELSIUS))
                .extracting(Difference::words)
                .contains("Blade length was 101.6 mm, is 114.3 mm");
        assertThat(Difference.between(before, before, Units.INCH_FAHRENHEIT)).isEmpty();
    }
}

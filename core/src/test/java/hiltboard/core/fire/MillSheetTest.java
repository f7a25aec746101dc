package hiltboard.core.fire;

import static org.assertj.core.api.Assertions.assertThat;

import hiltboard.core.design.SpecificationField;
import hiltboard.core.design.SpecificationReader;
import hiltboard.core.field.Finding;
import hiltboard.core.material.Composition.Share;
import hiltboard.core.material.Datum;
import hiltboard.core.material.Element;
import hiltboard.core.material.Quench;
import hiltboard.core.material.Steel;
import hiltboard.core.material.SteelLibrary;
import hiltboard.core.measure.Temperature;
import hiltboard.core.measure.Units;
import hiltboard.core.money.PriceItem;
import java.time.Duration;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Sheets are invented; what a sheet is held against is published (Andrews 1965, Just 1969) or arithmetic. */
class MillSheetTest {
    private static final Units UNITS = Units.INCH_FAHRENHEIT;

    static Map<String, String> sheet() {
        return new LinkedHashMap<>(Map.ofEntries(
                Map.entry("designation", "Shop 12"),
                Map.entry("family", "carbon steel"),
                Map.entry("source", "Mill sheet 12"),
                Map.entry("C", "0.80-0.93"),
                Map.entry("Mn", "0,75"),
                Map.entry("density", "7.85"),
                Map.entry("hardening", "1500 F"),
                Map.entry("soak", "5 min"),
                Map.entry("quench", "Fast oil"),
                Map.entry("asQuenched", "65"),
                Map.entry("tempering", "400"),
                Map.entry("curve", "300 F = 64; 204.5 C = 60.5; 800 F = 44"),
                Map.entry("normalising", "1600 F; 1525 F; 1450 F"),
                Map.entry("forgingLow", "1500 F"),
                Map.entry("forgingHigh", "2100 F"),
                Map.entry("hamon", "yes")));
    }

    private static MillSheet.Answer with(String... changes) {
        Map<String, String> entries = sheet();
        for (int i = 0; i < changes.length; i += 2) {
            entries.put(changes[i], changes[i + 1]);
        }
        return MillSheet.read(entries, UNITS);
    }

    @Test
    void a_whole_sheet_is_a_steel_with_its_one_source() {
        Steel steel = with().steel().orElseThrow();
        assertThat(steel.designation()).isEqualTo("Shop 12");
        assertThat(steel.grade().composition().shares())
                .containsEntry(Element.C, new Share(0.80, 0.93))
                .containsEntry(Element.MN, new Share(0.75, 0.75));
        assertThat(steel.hardening().in(UNITS)).isEqualTo("1500 °F");
        assertThat(steel.soak()).isEqualTo(Duration.ofMinutes(5));
        assertThat(steel.quench()).isEqualTo(Quench.FAST_OIL);
        assertThat(steel.takesHamon()).isTrue();
        assertThat(steel.stainless()).isFalse();
        assertThat(steel.grade().normalising()).hasSize(3);
        assertThat(steel.curve().bandHrc()).as("where nothing is said").isEqualTo(1.5);
        assertThat(Datum.values())
                .allSatisfy(datum ->
                        assertThat(steel.grade().source(datum).inFull()).isEqualTo("Mill sheet 12"));
    }

    @Test
    void an_entry_without_its_unit_is_in_the_readers_own_and_goes_out_with_one() {
        assertThat(with().entries())
                .containsEntry("tempering", "400 F")
                .containsEntry("soak", "300 s")
                .containsEntry("curve", "300 F = 64; 204.5 C = 60.5; 800 F = 44");
        MillSheet.Answer celsius = MillSheet.read(Map.of("tempering", "205"), Units.MILLIMETRE_CELSIUS);
        assertThat(celsius.findings()).extracting(Finding::field).doesNotContain("tempering");
    }

    @ParameterizedTest
    @ValueSource(strings = {"other", "MILD_STEEL", "Mild steel", "Brass"})
    void a_steel_is_not_called_like_another_metal_of_the_rack(String name) {
        assertThat(with("designation", name).findings())
                .extracting(Finding::field)
                .containsExactly("designation");
        Map<String, String> kept = new HashMap<>(with().entries());
        kept.put("designation", name);
        assertThat(MillSheet.restore(kept).designation())
                .as("kept before anybody asked")
                .isEqualTo(name);
    }

    @Test
    void what_is_kept_reads_the_same_in_any_units() {
        Map<String, String> kept = with().entries();
        Steel again = MillSheet.read(kept, Units.MILLIMETRE_CELSIUS).steel().orElseThrow();
        assertThat(MillSheet.read(kept, UNITS).steel()).contains(again);
        assertThat(MillSheet.read(kept, UNITS).entries()).isEqualTo(kept);
    }

    static Stream<Steel> known() {
        return Steel.known().stream();
    }

    /** A known grade as its mill would write it. */
    private static Map<String, String> written(Steel steel) {
        Map<String, String> entries = new LinkedHashMap<>(Map.of(
                "designation",
                "Own " + steel.designation(),
                "family",
                steel.family(),
                "source",
                "sheet",
                "density",
                String.valueOf(steel.density().gramsPerCubicCentimetre()),
                "hardening",
                steel.hardening().celsius() + " C",
                "soak",
                steel.soak().toMinutes() + " min",
                "quench",
                steel.quench().words(),
                "asQuenched",
                String.valueOf(steel.asQuenchedHrc()),
                "tempering",
                "400 F",
                "hamon",
                steel.takesHamon() ? "yes" : "no"));
        steel.grade()
                .composition()
                .shares()
                .forEach((element, share) -> entries.put(element.symbol(), share.least() + "-" + share.most()));
        entries.put(
                "curve",
                steel.curve().points().stream()
                        .map(point -> Math.round(point.temperature().fahrenheit()) + " F = " + point.hrc())
                        .collect(Collectors.joining("; ")));
        entries.put(
                "normalising",
                steel.grade().normalising().stream()
                        .map(heat -> Math.round(heat.fahrenheit()) + " F")
                        .collect(Collectors.joining("; ")));
        steel.cold().ifPresent(cold -> entries.put("cold", Math.round(cold.fahrenheit()) + " F"));
        return entries;
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("known")
    void every_known_grade_passes_what_a_sheet_is_held_against(Steel steel) {
        Map<String, String> entries = written(steel);
        entries.replaceAll((key, value) ->
                key.equals("hardening") ? Math.round(steel.hardening().fahrenheit()) + " F" : value);
        MillSheet.Answer answer = MillSheet.read(entries, UNITS);
        assertThat(answer.findings()).isEmpty();
        Steel own = answer.steel().orElseThrow();
        assertThat(own.temperedHrc()).isEqualTo(steel.temperedHrc());
        assertThat(own.stainless()).isEqualTo(steel.stainless());
        assertThat(own.isAirHardening()).isEqualTo(steel.isAirHardening());
        assertThat(own.cold().isPresent()).isEqualTo(steel.cold().isPresent());
    }

    @ParameterizedTest(name = "{0} = {1}")
    @CsvSource(
            delimiter = '|',
            value = {
                "designation | ''",
                "designation | a name that is far too long for any list",
                "family | cast iron",
                "source | ''",
                "C | ''",
                "C | lots",
                "C | 0.9-0.8",
                "C | -0.8",
                "Mn | 1.2345",
                "Cr | 300",
                "density | 3",
                "density | heavy",
                "forgingHigh | ''",
                "forgingHigh | 1400 F",
                "normalising | 1600 F; warm",
                "hardening | ''",
                "hardening | 5000 F",
                "soak | 0 s",
                "soak | 3 h",
                "soak | a while",
                "quench | brine and luck",
                "cold | chilly",
                "asQuenched | 75",
                "asQuenched | hard",
                "tempering | ''",
                "curve | ''",
                "curve | 300 F = 64",
                "curve | 300 F = 64; 200 F = 60",
                "curve | 300 F 64; 400 F = 60",
                "curve | 300 F = 64; 400 F = 90",
                "band | 9",
                "hamon | perhaps"
            })
    void an_entry_that_is_not_understood_is_found_at_its_field_with_what_would_be_accepted(String field, String entry) {
        MillSheet.Answer answer = with(field, entry);
        assertThat(answer.steel()).isEmpty();
        assertThat(answer.findings()).extracting(Finding::field).contains(field);
        assertThat(answer.findings())
                .allSatisfy(finding -> assertThat(finding.accepted()).isNotBlank());
        assertThat(answer.entries()).as("what was typed is kept").containsEntry(field, entry);
    }

    @ParameterizedTest(name = "[worked] {0} = {1}: {2}")
    @CsvSource(
            delimiter = '|',
            value = {
                "C | 0.1 | no steel that a blade is hardened from",
                "C | 4.5 | no steel that a blade is hardened from",
                "Co | 62 | Its shares come to 63.6",
                "hardening | 1300 F | does not begin to turn: Ac1 is about 1319 °F (Andrews 1965)",
                "curve | 300 F = 64; 1400 F = 30 | above Ac1",
                "tempering | 900 F | does not know the usual temper",
                "curve | 300 F = 60; 500 F = 64 | does not make it harder",
                "asQuenched | 60 | does not make it harder than it was quenched",
                "normalising | 1450 F; 1525 F | Each heat is cooler"
            })
    void values_that_no_steel_has_are_found(String field, String entry, String problem) {
        assertThat(with(field, entry).findings())
                .extracting(Finding::problem)
                .anySatisfy(found -> assertThat(found).contains(problem));
    }

    @Test
    @DisplayName("[worked] Just 1969: 0.4 % carbon gives at most 60 √0.4 + 20 = 57.9 HRC; 62 is more than steel can")
    void so_little_carbon_is_not_so_hard() {
        assertThat(with("C", "0.40", "asQuenched", "62", "curve", "300 F = 56; 500 F = 50")
                        .findings())
                .extracting(Finding::problem)
                .containsExactly("So much carbon gives at most about 57.9 HRC (60 √C + 20)");
        assertThat(with("C", "0.40", "asQuenched", "58", "curve", "300 F = 56; 500 F = 50")
                        .findings())
                .isEmpty();
    }

    @Test
    void every_mistake_is_found_at_once() {
        assertThat(with("soak", "", "quench", "", "density", "x").findings())
                .extracting(Finding::field)
                .containsExactlyInAnyOrder("soak", "quench", "density");
        assertThat(MillSheet.read(Map.of(), UNITS).findings())
                .extracting(Finding::field)
                .contains(
                        "designation",
                        "family",
                        "source",
                        "C",
                        "density",
                        "hardening",
                        "soak",
                        "quench",
                        "asQuenched",
                        "tempering",
                        "curve")
                .doesNotContain("Mn", "cold", "forgingLow", "band", "hamon", "normalising");
    }

    @Test
    void the_shops_own_counts_before_a_known_grade_of_its_name_and_stands_after_the_others() {
        Steel own = with("designation", "1084", "hardening", "1490 F").steel().orElseThrow();
        SteelLibrary library = new SteelLibrary(List.of(own));
        assertThat(library.named("1084").orElseThrow().hardening()).isEqualTo(Temperature.ofFahrenheit(1490));
        assertThat(library.all()).hasSize(Steel.known().size()).last().isEqualTo(own);
        assertThat(SteelLibrary.KNOWN.named("1084").orElseThrow().hardening())
                .as("the known grade itself is as it was")
                .isEqualTo(Temperature.ofFahrenheit(1500));
        assertThat(library.named("unheard of")).isEmpty();
    }

    @Test
    void a_knife_of_the_shops_own_steel_is_read_in_such_a_shop_and_in_no_other() {
        SteelLibrary library = new SteelLibrary(List.of(with().steel().orElseThrow()));
        Map<String, String> entries = SpecificationReader.completed(Map.of("steel", "Shop 12"), UNITS);
        var specification = SpecificationReader.read(entries, UNITS, library)
                .specification()
                .orElseThrow();
        assertThat(specification.steel().designation()).isEqualTo("Shop 12");
        assertThat(specification.words(SpecificationField.STEEL, UNITS)).isEqualTo("Shop 12, carbon steel");
        assertThat(SpecificationReader.restore(specification.entries(), library))
                .isEqualTo(specification);
        assertThat(SpecificationReader.read(entries, UNITS).findings())
                .extracting(Finding::field)
                .containsExactly("steel");
        assertThat(SpecificationReader.read(Map.of("steel", "?"), UNITS, library)
                        .findings())
                .filteredOn(finding -> finding.field().equals("steel"))
                .singleElement()
                .satisfies(finding -> assertThat(finding.accepted()).contains("Shop 12, carbon steel"));
        assertThat(PriceItem.all(library)).extracting(PriceItem::key).contains("steel:Shop 12");
    }
}

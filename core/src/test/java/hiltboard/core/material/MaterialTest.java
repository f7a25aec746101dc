package hiltboard.core.material;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hiltboard.core.measure.Units;
import java.time.Duration;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class MaterialTest {

    @ParameterizedTest(name = "[trade] {0} hardens from {1}, {2}")
    @CsvSource({
        "1075, 1515 °F, FAST_OIL",
        "1084, 1500 °F, FAST_OIL",
        "W2, 1475 °F, FAST_OIL",
        "75Ni8, 1490 °F, MEDIUM_OIL",
        "440C, 1900 °F, PLATES_AND_AIR"
    })
    void usual_hardening_heats(String designation, String heat, Quench quench) {
        Steel steel = Steel.named(designation).orElseThrow();
        assertThat(steel.hardening().in(Units.INCH_FAHRENHEIT)).isEqualTo(heat);
        assertThat(steel.quench()).isEqualTo(quench);
    }

    @Test
    @DisplayName("[trade] soak: 15 min for W2, 20 min for stainless; tempered at about 400 °F")
    void soaks_and_tempers() {
        assertThat(Steel.named("W2").orElseThrow().soak()).isEqualTo(Duration.ofMinutes(15));
        assertThat(Steel.named("440C").orElseThrow().soak()).isEqualTo(Duration.ofMinutes(20));
        assertThat(Steel.known()).allSatisfy(steel -> {
            assertThat(steel.tempering().in(Units.INCH_FAHRENHEIT)).isEqualTo("400 °F");
            assertThat(steel.tempering().celsius()).isLessThan(steel.hardening().celsius());
        });
    }

    @Test
    void stainless_goes_between_plates_and_names_are_found_in_any_case() {
        assertThat(Steel.known()).allMatch(steel -> !steel.stainless() || steel.isAirHardening());
        assertThat(Steel.named(" 80crv2 ")).isPresent();
        assertThat(Steel.named("mystery")).isEmpty();
    }

    @Test
    void dust_is_cautioned_for_every_handle_material_and_oily_wood_is_wiped_before_gluing() {
        assertThat(HandleMaterial.values())
                .allSatisfy(material -> assertThat(material.dustCaution()).containsIgnoringCase("extraction"));
        assertThat(HandleMaterial.DENSE_OILY_WOOD.gluing()).contains("solvent");
    }

    @Test
    @DisplayName("[table] Wood Handbook, specific gravity at 12 %: hickory 0.72, maple 0.63, walnut 0.55; as used it "
            + "weighs its water too, 1.12 times as much")
    void densities_of_woods() {
        assertThat(HandleMaterial.HICKORY.density().gramsPerCubicCentimetre()).isCloseTo(0.72 * 1.12, within(1e-9));
        assertThat(HandleMaterial.MAPLE.density().gramsPerCubicCentimetre()).isCloseTo(0.63 * 1.12, within(1e-9));
        assertThat(HandleMaterial.WALNUT.density().gramsPerCubicCentimetre()).isCloseTo(0.55 * 1.12, within(1e-9));
    }

    @Test
    @DisplayName(
            "common practice: metals from titanium to copper in their order of weight, stainless a little lighter than carbon steel")
    void densities_of_metals() {
        assertThat(Steel.named("1084").orElseThrow().density().gramsPerCubicCentimetre())
                .isEqualTo(7.85);
        assertThat(Steel.named("440C").orElseThrow().density().gramsPerCubicCentimetre())
                .isBetween(7.6, 7.84);
        assertThat(HandleMaterial.TITANIUM.density().gramsPerCubicCentimetre()).isBetween(4.4, 4.6);
        assertThat(FittingMaterial.BRASS.density().gramsPerCubicCentimetre()).isBetween(8.4, 8.8);
        assertThat(FittingMaterial.COPPER.density().gramsPerCubicCentimetre()).isBetween(8.9, 9.0);
    }

    @ParameterizedTest(name = "[trade] {0} is {1}; {2} HRC as quenched, soaked {3} min")
    @CsvSource({
        "1075, carbon steel, 65, 3",
        "X65Cr13, stainless steel, 59.5, 20",
        "X46Cr13, stainless steel, 56, 20",
        "80CrV2, oil-hardening tool steel, 65, 8",
        "O1, oil-hardening tool steel, 65, 10",
        "52100, bearing steel, 66, 10",
        "5160, spring steel, 63, 10",
        "75Ni8, nickel steel, 64, 5",
        "W2, water-hardening tool steel, 66, 15"
    })
    void families_hardness_and_soak(String designation, String family, double asQuenched, int minutes) {
        Steel steel = Steel.named(designation).orElseThrow();
        assertThat(steel.family()).isEqualTo(family);
        assertThat(steel.asQuenchedHrc()).isEqualTo(asQuenched);
        assertThat(steel.soak().toMinutes()).isEqualTo(minutes);
        assertThat(steel.takes(steel.quench())).isTrue();
    }

    @ParameterizedTest(name = "[trade] a spring of {0} is tempered at {1} to {2} °F")
    @CsvSource({"1075, 550, 700", "1095, 550, 700", "5160, 550, 700", "X46Cr13, 450, 600"})
    void springs(String designation, int least, int most) {
        assertThat(new hiltboard.core.folder.BackSpring(Steel.named(designation).orElseThrow())
                        .tempering()
                        .orElseThrow()
                        .fahrenheit())
                .isBetween((double) least, (double) most);
    }

    @ParameterizedTest(name = "[trade] {0} stays too hard for a spring")
    @CsvSource({"D2", "A2", "440C", "X65Cr13"})
    void no_springs(String designation) {
        assertThat(new hiltboard.core.folder.BackSpring(Steel.named(designation).orElseThrow()).tempering())
                .isEmpty();
    }
}

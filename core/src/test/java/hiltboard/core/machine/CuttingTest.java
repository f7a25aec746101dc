package hiltboard.core.machine;

import static hiltboard.core.measure.Units.INCH_FAHRENHEIT;
import static hiltboard.core.measure.Units.MILLIMETRE_CELSIUS;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import hiltboard.core.machine.CutterLife.Cut;
import hiltboard.core.machine.Cutting.Mill;
import hiltboard.core.measure.Angle;
import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.SurfaceSpeed;
import java.util.List;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class CuttingTest {

    @Test
    @DisplayName("[worked] RPM = 12·V/(π·D): 1/8 in at 100 ft/min = 3056; 2 teeth of 0.0005 in: 3.06 in/min")
    void speed_and_feed() {
        double rpm = Cutting.turns(SurfaceSpeed.ofFeet(100), inches("0.125"), 1e9, INCH_FAHRENHEIT)
                .value()
                .number();
        assertThat(rpm).isCloseTo(3056, within(0.5));
        assertThat(Cutting.feed(rpm, 2, inches("0.0005"), INCH_FAHRENHEIT)
                        .value()
                        .in(INCH_FAHRENHEIT))
                .isEqualTo("3.06 in/min");
        assertThat(Cutting.feed(rpm, 2, inches("0.0005"), MILLIMETRE_CELSIUS)
                        .value()
                        .in(MILLIMETRE_CELSIUS))
                .isEqualTo("78 mm/min");
        assertThat(Cutting.turns(SurfaceSpeed.ofFeet(100), inches("0.125"), 2500, INCH_FAHRENHEIT)
                        .value()
                        .number())
                .as("no faster than it turns")
                .isEqualTo(2500);
    }

    @Test
    @DisplayName("[textbook, memory] high-speed steel in annealed carbon steel 100 ft/min, chip of 1/8 in about 0.0005")
    void usual_data() {
        Cutting cutting = new Cutting(
                Workpiece.CARBON_ANNEALED,
                CutterMaterial.HIGH_SPEED_STEEL,
                inches("0.125"),
                2,
                Mill.usual(Stiffness.LIGHT));
        assertThat(cutting.speed().in(INCH_FAHRENHEIT)).isEqualTo("100 ft/min");
        assertThat(cutting.chipLoad()).isEqualTo(inches("0.0005"));
    }

    @ParameterizedTest
    @EnumSource(Workpiece.class)
    void a_stiffer_or_stronger_machine_never_cuts_less_and_carbide_is_never_slower(Workpiece piece) {
        Length before = Length.ZERO;
        for (Stiffness stiffness : Stiffness.values()) {
            Length depth = new Cutting(piece, CutterMaterial.CARBIDE, inches("0.25"), 4, Mill.usual(stiffness))
                    .slotDepth(INCH_FAHRENHEIT)
                    .value();
            assertThat(depth).isGreaterThanOrEqualTo(before).isGreaterThan(Length.ZERO);
            before = depth;
        }
        piece.speed(CutterMaterial.HIGH_SPEED_STEEL)
                .ifPresent(slow -> assertThat(piece.speed(CutterMaterial.CARBIDE)
                                .orElseThrow()
                                .metresPerMinute())
                        .isGreaterThan(slow.metresPerMinute()));
    }

    @Test
    @DisplayName("[trade] hardened steel wants carbide; 0.005 in a pass is much for 1/8 in")
    void hardened() {
        assertThatThrownBy(() -> new Cutting(
                        Workpiece.HARDENED,
                        CutterMaterial.HIGH_SPEED_STEEL,
                        inches("0.125"),
                        4,
                        Mill.usual(Stiffness.RIGID)))
                .isInstanceOf(ImpossibleQuantity.class)
                .hasMessageContaining("carbide");
        Cutting hard = new Cutting(
                Workpiece.HARDENED, CutterMaterial.CARBIDE, inches("0.125"), 4, Mill.usual(Stiffness.MEDIUM));
        assertThat(hard.slotDepth(INCH_FAHRENHEIT).value()).isEqualTo(inches("0.005"));
        assertThat(hard.passes(inches("0.021"), INCH_FAHRENHEIT).value().number())
                .isEqualTo(5);
    }

    @Test
    void what_power_bears_counts_where_it_is_less_than_what_stiffness_bears() {
        Cutting weak = new Cutting(
                Workpiece.CARBON_ANNEALED,
                CutterMaterial.CARBIDE,
                inches("0.5"),
                4,
                new Mill(Stiffness.RIGID, 100, 6000));
        Length depth = weak.slotDepth(MILLIMETRE_CELSIUS).value();
        // P · η = kc · depth · width · feed
        double watts = 2100
                * depth.millimetres()
                * 12.7
                * weak.feed(MILLIMETRE_CELSIUS).value().millimetresPerMinute()
                / 60_000;
        assertThat(watts).isCloseTo(70, within(0.1));
        assertThat(weak.force(depth)).isCloseTo(70 / (300 * 0.3048 / 60), within(0.5));
    }

    @Test
    @DisplayName("[worked] 20 N on carbide of 1/8 in that sticks out 3/4: F·L³/(3·E·π·d⁴/64) = 0.0155 mm")
    void deflection() {
        EndMill mill = new EndMill(inches("0.125"), inches("0.75"), CutterMaterial.CARBIDE);
        double byHand = 20 * Math.pow(19.05, 3) / (3 * 600_000 * Math.PI * Math.pow(3.175, 4) / 64);
        assertThat(mill.deflection(20, MILLIMETRE_CELSIUS).value().millimetres())
                .isCloseTo(byHand, within(1e-6));
        assertThat(byHand).isCloseTo(0.0154, within(0.0002));
        assertThat(new EndMill(inches("0.125"), inches("1.5"), CutterMaterial.CARBIDE)
                        .deflection(20, MILLIMETRE_CELSIUS)
                        .value()
                        .millimetres())
                .as("twice as long yields eight times as far")
                .isCloseTo(8 * byHand, within(1e-5));
        assertThat(mill.deflection(100, INCH_FAHRENHEIT).cautions()).isNotEmpty();
        assertThatThrownBy(() -> mill.deflection(Double.NaN, INCH_FAHRENHEIT)).isInstanceOf(ImpossibleQuantity.class);
    }

    @ParameterizedTest(name = "[trade] {0}, {1} in through {2} in: {3} in at a time")
    @CsvSource({
        "CARBON_ANNEALED, 0.25, 0.25, 0.25",
        "CARBON_ANNEALED, 0.125, 1, 0.125",
        "BRASS, 0.125, 1, 0.25",
        "WOOD, 0.25, 0.375, 0.25"
    })
    void pecks(Workpiece piece, String drill, String depth, String peck) {
        assertThat(new DrillMethod(piece, CutterMaterial.HIGH_SPEED_STEEL, inches(drill), inches(depth))
                        .peck(INCH_FAHRENHEIT)
                        .value())
                .isEqualTo(inches(peck));
    }

    @ParameterizedTest
    @EnumSource(Workpiece.class)
    void every_brittle_material_is_backed_and_every_drill_is_cleared_with_a_brush(Workpiece piece) {
        List<String> howTo = new DrillMethod(piece, CutterMaterial.CARBIDE, inches("0.25"), inches("0.375")).howTo();
        assertThat(howTo).anyMatch(line -> line.contains("brush"));
        boolean isBrittle = piece.chips() == Workpiece.Chips.DUST;
        assertThat(howTo.stream().anyMatch(line -> line.contains("flat board"))).isEqualTo(isBrittle);
        assertThat(howTo.stream().anyMatch(line -> line.contains("end mill") || line.contains("An end mill")))
                .isEqualTo(piece == Workpiece.LAYERED_TUSK);
    }

    @Test
    @DisplayName("[worked] 82° from 0.257 to 0.375: (0.118 / 2) / tan 41° = 0.0679 in")
    void countersink() {
        assertThat(new Countersink(inches("0.257"), inches("0.375"), new Angle(82))
                        .depth(INCH_FAHRENHEIT)
                        .value()
                        .inches())
                .isCloseTo(0.0679, within(0.0001));
        assertThat(new Countersink(inches("0.2"), inches("0.4"), new Angle(90))
                        .depth(INCH_FAHRENHEIT)
                        .value())
                .isEqualTo(inches("0.1"));
        assertThat(new Countersink(Length.ZERO, inches("0.1875"), new Angle(118))
                        .depth(INCH_FAHRENHEIT)
                        .value()
                        .inches())
                .as("a point of 118° goes 0.3 of its drill deep, as handbooks give it")
                .isCloseTo(0.3 * 0.1875, within(0.0003));
        assertThatThrownBy(() -> new Countersink(inches("0.4"), inches("0.2"), new Angle(90)))
                .isInstanceOf(ImpossibleQuantity.class);
    }

    @Test
    void a_cutter_wears_by_what_it_cut_and_a_spare_is_called_for_in_time() {
        Length metre = Length.ofMillimetres("1000");
        CutterLife fresh = new CutterLife(CutterMaterial.CARBIDE, inches("0.125"), List.of());
        assertThat(fresh.worked(INCH_FAHRENHEIT).value().number()).isZero();
        CutterLife hard = new CutterLife(
                CutterMaterial.CARBIDE, inches("0.125"), List.of(new Cut(Workpiece.HARDENED, metre.times(1.2))));
        assertThat(hard.used()).as("3 m at 1/4 in, half of it at 1/8").isCloseTo(0.8, within(1e-9));
        assertThat(hard.worked(INCH_FAHRENHEIT).cautions())
                .singleElement()
                .asString()
                .contains("spare");
        assertThat(new CutterLife(
                                CutterMaterial.CARBIDE,
                                inches("0.125"),
                                List.of(
                                        new Cut(Workpiece.HARDENED, metre.times(1.2)),
                                        new Cut(Workpiece.CARBON_ANNEALED, metre.times(15))))
                        .worked(INCH_FAHRENHEIT)
                        .cautions())
                .singleElement()
                .asString()
                .contains("Past its usual life");
    }

    private static Length inches(String decimal) {
        return Length.ofInches(decimal);
    }
}

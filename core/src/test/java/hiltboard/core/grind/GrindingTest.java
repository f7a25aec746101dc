package hiltboard.core.grind;

import static hiltboard.core.measure.Units.INCH_FAHRENHEIT;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import hiltboard.core.design.BevelTiming;
import hiltboard.core.material.Quench;
import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Length;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class GrindingTest {

    @ParameterizedTest(name = "[worked] half of {0} in is {1} in")
    @CsvSource({"0.156, 0.078", "0.163, 0.0815", "0.1875, 0.09375"})
    void the_centre_line_lies_at_half_the_measured_thickness(String thickness, String half) {
        assertThat(new CentreLine(inches(thickness)).height(INCH_FAHRENHEIT).value())
                .isEqualTo(inches(half));
    }

    @Test
    @DisplayName("[worked] 0.156 stock, 0.020 edge, 1.000 high: atan(0.068) = 3.89° a side")
    void bevel_angle() {
        assertThat(new Bevel(inches("0.156"), inches("0.020"), inches("1"))
                        .anglePerSide(INCH_FAHRENHEIT)
                        .value()
                        .degrees())
                .isCloseTo(3.89, within(0.005));
    }

    @Test
    void a_bevel_without_slope_has_no_angle_and_a_steeper_one_has_more() {
        assertThat(new Bevel(inches("0.1"), inches("0.1"), inches("1"))
                        .anglePerSide(INCH_FAHRENHEIT)
                        .value()
                        .degrees())
                .isZero();
        double before = 0;
        for (int thou = 20; thou < 250; thou++) {
            double angle = new Bevel(inches("0." + String.format("%03d", thou)), Length.ZERO, inches("1"))
                    .anglePerSide(INCH_FAHRENHEIT)
                    .value()
                    .degrees();
            assertThat(angle).isGreaterThan(before);
            before = angle;
        }
    }

    @Test
    @DisplayName("[worked] 8 in wheel, 1 in wide hollow: 4 − √(16 − 0.25) = 0.0314 in")
    void hollow_depth() {
        assertThat(new HollowDepth(inches("8"), inches("1"))
                        .depth(INCH_FAHRENHEIT)
                        .value()
                        .inches())
                .isCloseTo(0.0314, within(0.00005));
        assertThat(new HollowDepth(inches("8"), inches("8"))
                        .depth(INCH_FAHRENHEIT)
                        .value())
                .isEqualTo(inches("4"));
    }

    @ParameterizedTest(name = "[trade] agreed {0} in, {1}, clay {2}: {3} in goes into the quench")
    @CsvSource({
        "0.010, FAST_OIL, false, 0.025",
        "0.020, FAST_OIL, false, 0.030",
        "0.040, FAST_OIL, false, 0.050",
        "0.020, FAST_OIL, true, 0.050",
        "0.020, WATER_THEN_OIL, false, 0.050",
        "0.045, WATER_THEN_OIL, true, 0.055",
        "0.020, PLATES_AND_AIR, false, 0.03937"
    })
    void edge_left_for_the_quench(String agreed, Quench quench, boolean isClayed, String left) {
        Length edge = new EdgeLeft(
                        inches("0.156"),
                        inches(agreed),
                        inches("5"),
                        BevelTiming.ROUGH_THEN_FINISH,
                        quench,
                        isClayed,
                        false)
                .beforeHardening(INCH_FAHRENHEIT)
                .value();
        assertThat(edge.inches()).isCloseTo(inches(left).inches(), within(0.00001));
        assertThat(edge).as("never less than what is wanted at the end").isGreaterThan(inches(agreed));
    }

    @Test
    void the_full_thickness_stays_where_bevels_come_after_or_the_stock_is_thin() {
        assertThat(edge(inches("0.156"), BevelTiming.AFTER_HARDENING)).isEqualTo(inches("0.156"));
        assertThat(edge(inches("0.020"), BevelTiming.ROUGH_THEN_FINISH)).isEqualTo(inches("0.020"));
    }

    @ParameterizedTest(name = "[trade] {0} in long of {1} in, sent out {2}: {3} in goes into the quench")
    @CsvSource({
        "10, 0.125, false, 0.03937",
        "9.9, 0.125, false, 0.025",
        "12, 0.156, false, 0.025",
        "5, 0.125, true, 0.03937",
        "14, 0.094, false, 0.03937"
    })
    void long_thin_blades_and_what_is_sent_out_keep_about_a_millimetre(
            String blade, String stock, boolean isSentOut, String left) {
        assertThat(new EdgeLeft(
                                inches(stock),
                                inches("0.010"),
                                inches(blade),
                                BevelTiming.ROUGH_THEN_FINISH,
                                Quench.FAST_OIL,
                                false,
                                isSentOut)
                        .beforeHardening(INCH_FAHRENHEIT)
                        .value()
                        .inches())
                .isCloseTo(inches(left).inches(), within(0.00001));
    }

    @ParameterizedTest(name = "[trade] {0} in wanted from {1}, {2}, clay {3}: {4} in of spine goes into the quench")
    @CsvSource({
        "0.156, 0.312, FAST_OIL, false, 0.166",
        "0.156, 0.312, PLATES_AND_AIR, false, 0.162",
        "0.156, 0.312, FAST_OIL, true, 0.172",
        "0.156, 0.156, FAST_OIL, false, 0.156"
    })
    void spine_left_for_the_quench(String wanted, String stock, Quench quench, boolean isClayed, String left) {
        SpineLeft spine = new SpineLeft(inches(stock), inches(wanted), quench, isClayed);
        assertThat(spine.beforeHardening(INCH_FAHRENHEIT).value()).isEqualTo(inches(left));
        assertThat(spine.beforeHardening(INCH_FAHRENHEIT).cautions().isEmpty()).isEqualTo(!stock.equals(wanted));
    }

    @Test
    void impossible_blades_are_refused() {
        assertThatThrownBy(() -> new CentreLine(Length.ZERO)).isInstanceOf(ImpossibleQuantity.class);
        assertThatThrownBy(() -> new Bevel(inches("0.1"), inches("0.2"), inches("1")))
                .isInstanceOf(ImpossibleQuantity.class);
        assertThatThrownBy(() -> new Bevel(inches("0.1"), inches("0.02"), Length.ZERO))
                .isInstanceOf(ImpossibleQuantity.class);
        assertThatThrownBy(() -> new HollowDepth(inches("2"), inches("3"))).isInstanceOf(ImpossibleQuantity.class);
    }

    private static Length edge(Length stock, BevelTiming bevels) {
        return new EdgeLeft(stock, inches("0.015"), inches("4"), bevels, Quench.FAST_OIL, false, false)
                .beforeHardening(INCH_FAHRENHEIT)
                .value();
    }

    private static Length inches(String decimal) {
        return Length.ofInches(decimal);
    }
}

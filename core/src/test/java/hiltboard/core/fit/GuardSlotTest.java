package hiltboard.core.fit;

import static hiltboard.core.measure.Units.INCH_FAHRENHEIT;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Length;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

class GuardSlotTest {
    private final GuardSlot slot = new GuardSlot(new TangSlot(inches("0.690"), inches("0.163")), inches("0.366"));

    @Test
    @DisplayName(
            "[trade] tang 0.690 × 0.163, guard 0.366: slot 0.170 wide, cutter 1/8, 0.815 long overall, pocket 0.346")
    void the_common_case() {
        assertThat(slot.tang().width(INCH_FAHRENHEIT).value()).isEqualTo(inches("0.170"));
        assertThat(slot.tang().cutter(INCH_FAHRENHEIT).value()).isEqualTo(inches("0.125"));
        assertThat(slot.tang().length(inches("0.125"), INCH_FAHRENHEIT).value()).isEqualTo(inches("0.815"));
        assertThat(slot.pocketDepth(INCH_FAHRENHEIT).value()).isEqualTo(inches("0.346"));
    }

    @Test
    void the_working_can_be_checked_by_hand() {
        assertThat(slot.tang().width(INCH_FAHRENHEIT).working()).containsExactly("0.163 in + 0.007 in = 0.170 in");
        assertThat(slot.pocketDepth(INCH_FAHRENHEIT).working()).containsExactly("0.366 in − 0.020 in = 0.346 in");
    }

    @Test
    void the_cutter_always_goes_into_the_slot_and_the_next_size_does_not() {
        for (int thou = 60; thou <= 500; thou++) {
            Length tang = inches("0." + String.format("%03d", thou));
            GuardSlot each = new GuardSlot(new TangSlot(inches("0.900"), tang), inches("0.250"));
            assertThat(each.tang().cutter(INCH_FAHRENHEIT).value())
                    .isLessThan(each.tang().width(INCH_FAHRENHEIT).value());
            assertThat(each.tang().cutter(INCH_FAHRENHEIT).value().plus(inches("0.145")))
                    .isGreaterThanOrEqualTo(each.tang().width(INCH_FAHRENHEIT).value());
        }
    }

    @Test
    @DisplayName(
            "[trade] a slot of 0.188 is milled with 5/32, which leaves 0.016 a wall; 3/16 would leave 0.00025 and rub")
    void a_finishing_pass_is_left_at_each_wall() {
        GuardSlot each = new GuardSlot(new TangSlot(inches("0.720"), inches("0.181")), inches("0.366"));
        assertThat(each.tang().width(INCH_FAHRENHEIT).value()).isEqualTo(inches("0.188"));
        assertThat(each.tang().cutter(INCH_FAHRENHEIT).value()).isEqualTo(Length.ofInchFraction(5, 32));
        assertThat(each.tang().cutter(INCH_FAHRENHEIT).working())
                .singleElement()
                .asString()
                .contains("5/32 in", "to finish at each wall");
        assertThat(each.tang().cutter(INCH_FAHRENHEIT).cautions()).isEmpty();
    }

    @Test
    void a_tang_measured_in_millimetres_gets_a_metric_cutter_and_one_that_is_too_thin_for_a_clean_pass_says_so() {
        assertThat(new GuardSlot(
                                new TangSlot(Length.ofMillimetres("18"), Length.ofMillimetres("4.6")),
                                Length.ofMillimetres("9"))
                        .tang()
                        .cutter(INCH_FAHRENHEIT)
                        .value())
                .isEqualTo(Length.ofMillimetres("4"));
        assertThat(new GuardSlot(new TangSlot(inches("0.500"), inches("0.058")), inches("0.250"))
                        .tang()
                        .cutter(INCH_FAHRENHEIT)
                        .cautions())
                .singleElement()
                .asString()
                .contains("rubs");
    }

    @Test
    void impossible_guards_are_refused() {
        assertThatThrownBy(() -> new GuardSlot(new TangSlot(inches("0.690"), inches("0.163")), inches("0.020")))
                .isInstanceOf(ImpossibleQuantity.class)
                .hasMessageContaining("lip");
        assertThatThrownBy(() -> new GuardSlot(new TangSlot(inches("0.690"), inches("0.050")), inches("0.366")))
                .isInstanceOf(ImpossibleQuantity.class)
                .hasMessageContaining("cutter");
        assertThatThrownBy(() -> new GuardSlot(new TangSlot(inches("0.100"), inches("0.163")), inches("0.366")))
                .isInstanceOf(ImpossibleQuantity.class)
                .hasMessageContaining("tang width");
    }

    private static Length inches(String decimal) {
        return Length.ofInches(decimal);
    }
}

package hiltboard.core.fit;

import static hiltboard.core.measure.Units.INCH_FAHRENHEIT;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Length;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

class GuardSlotTest {
    private final GuardSlot slot = new GuardSlot(inches("0.690"), inches("0.163"), inches("0.366"));

    @Test
    @DisplayName("[trade] tang 0.690 × 0.163, guard 0.366: slot 0.170 wide, cutter 1/8, 0.815 long overall, pocket 0.346")
    void the_common_case() {
        assertThat(slot.width(INCH_FAHRENHEIT).value()).isEqualTo(inches("0.170"));
        assertThat(slot.cutter(INCH_FAHRENHEIT).value()).isEqualTo(inches("0.125"));
        assertThat(slot.length(inches("0.125"), INCH_FAHRENHEIT).value()).isEqualTo(inches("0.815"));
        assertThat(slot.pocketDepth(INCH_FAHRENHEIT).value()).isEqualTo(inches("0.346"));
    }

    @Test
    void the_working_can_be_checked_by_hand() {
        assertThat(slot.width(INCH_FAHRENHEIT).working()).containsExactly("0.163 in + 0.007 in = 0.170 in");
        assertThat(slot.pocketDepth(INCH_FAHRENHEIT).working()).containsExactly("0.366 in − 0.020 in = 0.346 in");
    }

    @Test
    void the_cutter_always_goes_into_the_slot_and_the_next_size_does_not() {
        for (int thou = 60; thou <= 500; thou++) {
            Length tang = inches("0." + String.format("%03d", thou));
            GuardSlot each = new GuardSlot(inches("0.900"), tang, inches("0.250"));
            assertThat(each.cutter(INCH_FAHRENHEIT).value()).isLessThan(each.width(INCH_FAHRENHEIT).value());
            assertThat(each.cutter(INCH_FAHRENHEIT).value().plus(inches("0.125"))).isGreaterThanOrEqualTo(each.width(INCH_FAHRENHEIT).value());
        }
    }

    @Test
    void impossible_guards_are_refused() {
        assertThatThrownBy(() -> new GuardSlot(inches("0.690"), inches("0.163"), inches("0.020"))).isInstanceOf(ImpossibleQuantity.class).hasMessageContaining("lip");
        assertThatThrownBy(() -> new GuardSlot(inches("0.690"), inches("0.050"), inches("0.366"))).isInstanceOf(ImpossibleQuantity.class).hasMessageContaining("cutter");
        assertThatThrownBy(() -> new GuardSlot(inches("0.100"), inches("0.163"), inches("0.366"))).isInstanceOf(ImpossibleQuantity.class).hasMessageContaining("tang width");
    }

    private static Length inches(String decimal) {
        return Length.ofInches(decimal);
    }
}

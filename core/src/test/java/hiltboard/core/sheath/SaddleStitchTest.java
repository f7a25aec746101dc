package hiltboard.core.sheath;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Units;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

class SaddleStitchTest {
    private static final Length SEAM = Length.ofMillimetres("240");
    private static final Length PITCH = Length.ofMillimetres("4");

    @Test
    @DisplayName("[trade] thread: 4 to 6 seams through thin leather, about ten through three layers of 8 oz")
    void thread() {
        assertThat(seams(SheathTemplate.layers(2))).isBetween(4.0, 6.5);
        assertThat(seams(SheathTemplate.layers(8))).isBetween(8.0, 10.5);
        assertThat(seams(SheathTemplate.layers(5)))
                .isBetween(seams(SheathTemplate.layers(2)), seams(SheathTemplate.layers(8)));
    }

    @Test
    void a_seam_of_nothing_is_refused() {
        assertThatThrownBy(() -> new SaddleStitch(Length.ZERO, SheathTemplate.layers(8), PITCH))
                .isInstanceOf(ImpossibleQuantity.class);
        assertThatThrownBy(() -> new SaddleStitch(SEAM, Length.ZERO, PITCH)).isInstanceOf(ImpossibleQuantity.class);
        assertThatThrownBy(() -> new SaddleStitch(SEAM, SheathTemplate.layers(8), Length.ZERO))
                .isInstanceOf(ImpossibleQuantity.class);
    }

    private static double seams(Length thickness) {
        return new SaddleStitch(SEAM, thickness, PITCH)
                        .thread(Units.MILLIMETRE_CELSIUS)
                        .value()
                        .millimetres()
                / SEAM.millimetres();
    }
}

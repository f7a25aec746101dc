package hiltboard.core.etch;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Units;
import java.time.Duration;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

class ElectroEtchTest {
    private static final Units METRIC = Units.MILLIMETRE_CELSIUS;
    private static final Duration THREE_MINUTES = Duration.ofMinutes(3);

    @Test
    @DisplayName("[worked] 2 A for 180 s dissolve 0.1042 g of iron; over 20 cm² that is 6.6 µm at 100 %")
    void faraday() {
        ElectroEtch all = new ElectroEtch(2, 2000, 1);
        assertThat(all.grams(THREE_MINUTES)).isCloseTo(0.1042, within(5e-5));
        assertThat(all.depth(THREE_MINUTES, METRIC).value().millimetres()).isCloseTo(0.0066, within(5e-5));
        assertThat(all.density().value().number()).isCloseTo(0.1, within(1e-9));
    }

    @Test
    @DisplayName("[table] the Faraday constant is the product of the defined charge and Avogadro's number (SI, 2019)")
    void faraday_constant() {
        assertThat(ElectroEtch.FARADAY).isCloseTo(1.602_176_634e-19 * 6.022_140_76e23, within(1e-4));
    }

    @Test
    void the_time_for_a_depth_is_the_depth_of_that_time() {
        ElectroEtch etch = new ElectroEtch(1.5, 350, 0.7);
        Length depth = Length.ofMillimetres("0.05");
        Duration time = etch.timeFor(depth, METRIC).value().duration();
        assertThat(etch.depth(time, METRIC).value().millimetres()).isCloseTo(0.05, within(1e-5));
        assertThat(etch.depth(THREE_MINUTES, METRIC).note()).startsWith("an estimate");
    }

    @Test
    void what_cannot_be_is_refused() {
        assertThatThrownBy(() -> new ElectroEtch(0, 1, 1)).isInstanceOf(ImpossibleQuantity.class);
        assertThatThrownBy(() -> new ElectroEtch(1, 1, 1.2)).isInstanceOf(ImpossibleQuantity.class);
    }
}

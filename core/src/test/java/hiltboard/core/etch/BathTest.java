package hiltboard.core.etch;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hiltboard.core.field.Finding;
import hiltboard.core.measure.Units;
import java.util.HashMap;
import java.util.Map;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

class BathTest {
    private static final Units INCHES = Units.INCH_FAHRENHEIT;
    private static final Map<String, String> TALL_TUBE = Map.of(
            "name", "Tall tube",
            "liquid", "FERRIC_WATER",
            "firstParts", "40",
            "secondParts", "60",
            "stock", "42 °Bé",
            "volume", "1 qt",
            "across", "2 1/2",
            "height", "14",
            "place", "Kitchen counter",
            "temperature", "70 F");

    private static Bath.Read with(String... changes) {
        Map<String, String> entries = new HashMap<>(TALL_TUBE);
        for (int i = 0; i < changes.length; i += 2) {
            entries.put(changes[i], changes[i + 1]);
        }
        return Bath.read(entries, INCHES);
    }

    @Test
    @DisplayName("[worked] 40 : 60 of 42 °Bé: 40 × 1.408 × 39.3 % ÷ (40 × 1.408 + 60) = 19 mass %")
    void strength_by_parts() {
        Bath bath = with().bath();
        assertThat(with().findings()).isEmpty();
        assertThat(bath.strength().orElseThrow().percent()).isCloseTo(19.0, within(0.3));
        assertThat(bath.vessel().orElseThrow().isSlender()).isTrue();
    }

    @Test
    void it_is_kept_and_read_again_as_it_was() {
        Bath bath = with().bath();
        Bath again = Bath.ofKept(bath.kept());
        assertThat(again.kept()).isEqualTo(bath.kept());
        assertThat(again.entry(BathField.PLACE, INCHES)).isEqualTo("Kitchen counter");
        assertThat(again.liquid()).isEqualTo(Liquid.FERRIC_WATER);
    }

    @Test
    void what_is_half_said_is_missed() {
        assertThat(with("secondParts", "").findings())
                .extracting(Finding::field)
                .containsExactly("secondParts");
        assertThat(with("height", "").findings()).extracting(Finding::field).containsExactly("height");
        assertThat(with("volume", "").findings()).extracting(Finding::field).containsExactly("volume");
        assertThat(with("stock", "80 %", "temperature", "3000 F").findings())
                .extracting(Finding::field)
                .containsExactly("stock", "temperature");
    }

    @Test
    void coffee_has_no_strength_of_ferric_chloride() {
        Bath coffee = with("liquid", "COFFEE").bath();
        assertThat(coffee.strength()).isEmpty();
        assertThat(coffee.liquid().etches()).isTrue();
        assertThat(Liquid.DEGREASER.etches()).isFalse();
        for (Liquid liquid : Liquid.values()) {
            assertThat(liquid.cautions()).as(liquid.words()).isNotEmpty();
            assertThat(liquid.waste()).as(liquid.words()).isNotEmpty();
        }
    }
}

package hiltboard.core.etch;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hiltboard.core.material.EtchTone;
import hiltboard.core.material.Steel;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

class EtchToneTest {
    private static EtchTone tone(String steel) {
        return EtchTone.of(Steel.named(steel).orElseThrow().grade().composition());
    }

    @Test
    @DisplayName("[trade, from memory] manganese and carbon go dark, nickel and chromium stay bright")
    void by_alloy() {
        assertThat(tone("1084").darkness()).isGreaterThan(tone("75Ni8").darkness());
        assertThat(tone("O1").darkness()).isGreaterThan(tone("52100").darkness());
        assertThat(tone("1095").words()).isEqualTo("dark");
        assertThat(tone("75Ni8").words()).isEqualTo("bright");
        assertThat(tone("440C").words()).isEqualTo("bright");
    }

    @Test
    @DisplayName("a layer that stays bright stands proud of one that goes dark, by no more than that was etched")
    void relief() {
        double proud = tone("75Ni8").standsOver(tone("1084"), 22.5);
        assertThat(proud).isPositive().isLessThanOrEqualTo(22.5);
        assertThat(tone("1084").standsOver(tone("75Ni8"), 22.5)).isCloseTo(-proud, within(1e-9));
    }

    @Test
    void a_stainless_blade_by_itself_turns_grey() {
        EtchTone alone =
                EtchTone.alone(Steel.named("440C").orElseThrow().grade().composition());
        assertThat(alone.words()).isEqualTo("grey");
        assertThat(EtchTone.alone(Steel.named("1095").orElseThrow().grade().composition()))
                .isEqualTo(tone("1095"));
    }
}

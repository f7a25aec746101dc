package hiltboard.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import hiltboard.core.field.SomeLiquid;
import hiltboard.core.field.SomeTimes;
import java.time.Duration;
import java.util.Map;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

class LiquidAndTimeTest {
    private static double millilitres(String entry) {
        return ((Understood.Value<LiquidVolume>) ShopNotation.liquid(entry))
                .value()
                .millilitres();
    }

    @Test
    @DisplayName("[table] US measures (NIST SP 811, appendix B.8): 1 gal = 3.785 411 784 L")
    void volumes_as_they_are_written() {
        assertThat(millilitres("1 gal")).isCloseTo(3785.411784, within(1e-6));
        assertThat(millilitres("1 qt")).isCloseTo(946.352946, within(1e-6));
        assertThat(millilitres("1 pt")).isCloseTo(473.176473, within(1e-6));
        assertThat(millilitres("8 fl oz")).isCloseTo(236.588236, within(1e-6));
        assertThat(millilitres("8 fl. oz")).isEqualTo(millilitres("1 cup"));
        assertThat(millilitres("1.5 L")).isEqualTo(1500);
        assertThat(millilitres("1,5 l")).isEqualTo(1500);
        assertThat(millilitres("250")).isEqualTo(250);
        assertThat(ShopNotation.liquid("a bucket")).isInstanceOf(Understood.Refused.class);
        assertThat(new SomeLiquid().typed("0", Units.INCH_FAHRENHEIT)).isInstanceOf(Understood.Refused.class);
    }

    @Test
    void volumes_as_they_are_said() {
        assertThat(new LiquidVolume(250).in(Units.MILLIMETRE_CELSIUS)).isEqualTo("250 mL");
        assertThat(new LiquidVolume(12.34).in(Units.MILLIMETRE_CELSIUS)).isEqualTo("12.3 mL");
        assertThat(new LiquidVolume(12_500).in(Units.MILLIMETRE_CELSIUS)).isEqualTo("12.50 L");
        assertThat(new LiquidVolume(236.588).in(Units.INCH_FAHRENHEIT)).isEqualTo("8.0 fl oz (237 mL)");
        assertThatThrownBy(() -> new LiquidVolume(-1)).isInstanceOf(ImpossibleQuantity.class);
    }

    @Test
    void times_as_a_recipe_says_them() {
        Map.of(
                        "20-30 s", TimeRange.ofSeconds(20, 30),
                        "20–30 s", TimeRange.ofSeconds(20, 30),
                        "2 to 3 min", TimeRange.ofMinutes(2, 3),
                        "60-90 min", TimeRange.ofMinutes(60, 90),
                        "5 min", TimeRange.ofMinutes(5, 5),
                        "1 h", TimeRange.ofMinutes(60, 60),
                        "5", TimeRange.ofMinutes(5, 5),
                        "2-3", TimeRange.ofMinutes(2, 3),
                        "90 s to 2 min", TimeRange.ofSeconds(90, 120))
                .forEach((entry, meant) ->
                        assertThat(TimeRange.read(entry)).as(entry).isEqualTo(new Understood.Value<>(meant)));
        for (String wrong : new String[] {"", "0 s", "30-20 s", "soon", "-5 min"}) {
            assertThat(TimeRange.read(wrong)).as(wrong).isInstanceOf(Understood.Refused.class);
        }
    }

    @Test
    @DisplayName("what a time is said as is read as the same time")
    void said_and_read_again() {
        SomeTimes kind = new SomeTimes(Duration.ofDays(2));
        for (int least = 1; least < 4000; least += 37) {
            for (int more : new int[] {0, 1, 30, 60, 600}) {
                int coarse = least + more >= 1800 ? 60 : 1;
                TimeRange range = TimeRange.ofSeconds(
                        Math.max(1, least / coarse * coarse), Math.max(60 / coarse, (least + more) / coarse * coarse));
                if (range.least().compareTo(range.most()) <= 0) {
                    assertThat(kind.restored(kind.kept(range))).isEqualTo(range);
                    assertThat(TimeRange.read(range.words()))
                            .as(range.words())
                            .isEqualTo(new Understood.Value<>(range));
                }
            }
        }
        assertThat(TimeRange.ofSeconds(20, 30).words()).isEqualTo("20–30 s");
        assertThat(TimeRange.ofSeconds(90, 90).words()).isEqualTo("1 min 30 s");
    }
}

package hiltboard.core.fire;

import static hiltboard.core.fire.Kilns.mm;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hiltboard.core.fire.HardnessTest.Verdict;
import hiltboard.core.fire.Warp.Direction;
import hiltboard.core.fire.Warp.Place;
import hiltboard.core.fire.Warp.Remedy;
import hiltboard.core.measure.Hardness;
import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Units;
import java.math.BigDecimal;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class AfterTheFireTest {
    private static final Hardness WANTED = new Hardness(new BigDecimal("60"));

    private static HardnessTest test(String readings) {
        List<Hardness> taken = Arrays.stream(readings.split(" "))
                .map(reading -> new Hardness(new BigDecimal(reading)))
                .toList();
        return new HardnessTest(taken, WANTED, HardnessTest.USUAL_BAND);
    }

    @ParameterizedTest(name = "[worked] {0} against 60 ± 1: mean {1}, {2}")
    @CsvSource({
        "60.5 61 60, 60.5, AS_WANTED",
        "58.8 59 59.2, 59, AS_WANTED",
        "58.9 58.8 59, 58.9, SOFT",
        "61 61 61, 61, AS_WANTED",
        "61 61.2 61.1, 61.1, HARD",
        "57 60 63, 60, SCATTERED",
        "45 46 45.5, 45.5, SOFT"
    })
    void readings_are_averaged_and_judged(String readings, String mean, Verdict verdict) {
        assertThat(test(readings).mean().hrc()).isEqualByComparingTo(mean);
        assertThat(test(readings).verdict()).isEqualTo(verdict);
        assertThat(test(readings).advice().isEmpty()).isEqualTo(verdict == Verdict.AS_WANTED);
        assertThat(test(readings).working().get(1)).contains("60 ± 1 HRC");
    }

    @Test
    @DisplayName("[worked] 181 ÷ 3 is about 60.3; 181.5 ÷ 3 is 60.5")
    void a_mean_that_is_rounded_says_so() {
        assertThat(test("60 60 61").working().get(0)).endsWith("÷ 3 ≈ 60.3 HRC");
        assertThat(test("60 60.5 61").working().get(0)).endsWith("÷ 3 = 60.5 HRC");
    }

    @Test
    void one_reading_is_no_test() {
        assertThatThrownBy(() -> test("60"))
                .isInstanceOf(ImpossibleQuantity.class)
                .hasMessageContaining("two readings or more");
        assertThatThrownBy(() -> new HardnessTest(test("60 61").readings(), WANTED, Double.NaN))
                .isInstanceOf(ImpossibleQuantity.class);
    }

    @Test
    @DisplayName("[worked] 200 mm ÷ 1000 = 0.2 mm passes; a short blade has a tenth of a millimetre")
    void limits_by_length() {
        assertThat(new Warp(Place.BELLY, Direction.LEFT, mm("0.2"), mm("200")).passes())
                .isTrue();
        assertThat(new Warp(Place.BELLY, Direction.LEFT, mm("0.21"), mm("200")).passes())
                .isFalse();
        assertThat(new Warp(Place.POINT, Direction.LEFT, mm("0.1"), mm("60")).passes())
                .isTrue();
        assertThat(new Warp(Place.POINT, Direction.RIGHT, mm("0.5"), mm("200")).working(Units.MILLIMETRE_CELSIUS))
                .last()
                .asString()
                .contains("to the right at the point: it is off");
    }

    @Test
    void remedies_are_the_mildest_first_and_end_when_it_was_heated_too_often() {
        Warp small = new Warp(Place.WHOLE, Direction.LEFT, mm("0.6"), mm("200"));
        assertThat(small.remedies(1, false, false))
                .as("nothing untempered is clamped")
                .containsExactly(Remedy.WHILE_WARM, Remedy.HEATED_AGAIN);
        assertThat(small.remedies(1, false, true))
                .as("but where the job's school does")
                .containsExactly(Remedy.WHILE_WARM, Remedy.CLAMPED_TEMPER, Remedy.HEATED_AGAIN);
        assertThat(small.remedies(1, true, false)).containsExactly(Remedy.CLAMPED_TEMPER, Remedy.HEATED_AGAIN);
        assertThat(small.remedies(3, true, false)).containsExactly(Remedy.CLAMPED_TEMPER);
        assertThat(new Warp(Place.WHOLE, Direction.LEFT, mm("3"), mm("200")).remedies(1, true, false))
                .containsExactly(Remedy.HEATED_AGAIN);
        assertThat(new Warp(Place.BELLY, Direction.DOWN, mm("0.5"), mm("200")).remedies(1, true, false))
                .containsExactly(Remedy.GROUND_OUT, Remedy.HEATED_AGAIN);
        assertThat(new Warp(Place.BELLY, Direction.LEFT, mm("0.1"), mm("200")).remedies(1, true, false))
                .isEmpty();
    }
}

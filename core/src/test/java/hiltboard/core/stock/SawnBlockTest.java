package hiltboard.core.stock;

import static hiltboard.core.measure.Units.INCH_FAHRENHEIT;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Length;
import hiltboard.core.stock.SawnBlock.Scale;
import hiltboard.core.stock.SawnBlock.Yield;
import java.util.Random;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SawnBlockTest {
    private static final Length KERF = Length.ofInchFraction(1, 16);

    @ParameterizedTest(
            name =
                    "[worked] {0} × {1} × {2} in into scales of {3} × {4} × {5} in: {6} bookmatched, {7} more pairs, {8} single")
    @CsvSource({
        "1.000, 2.0, 5.5, 0.375, 1.50, 5.00, 1, 0, 0",
        "0.8125, 2.0, 5.5, 0.375, 1.50, 5.00, 1, 0, 0",
        "0.810, 2.0, 5.5, 0.375, 1.50, 5.00, 0, 0, 1",
        "1.500, 2.0, 5.5, 0.375, 1.50, 5.00, 1, 0, 1",
        "1.500, 3.1, 5.5, 0.375, 1.50, 5.00, 2, 1, 0",
        "1.000, 2.0, 11.0, 0.375, 1.50, 5.00, 2, 0, 0",
        "0.300, 2.0, 5.5, 0.375, 1.50, 5.00, 0, 0, 0"
    })
    void yields_whole_scales_with_a_cut_between_each(
            String t,
            String w,
            String l,
            String scaleT,
            String scaleW,
            String scaleL,
            int bookmatched,
            int plain,
            int single) {
        Yield yield = new SawnBlock(Length.ofInches(t), Length.ofInches(w), Length.ofInches(l), KERF)
                .into(
                        new Scale(Length.ofInches(scaleT), Length.ofInches(scaleW), Length.ofInches(scaleL)),
                        INCH_FAHRENHEIT);
        assertThat(yield.bookmatched()).isEqualTo(bookmatched);
        assertThat(yield.plain()).isEqualTo(plain);
        assertThat(yield.single()).isEqualTo(single);
        assertThat(yield.working()).hasSize(4);
    }

    @Test
    void scales_and_saw_cuts_never_need_more_than_the_block() {
        Random random = new Random(3);
        for (int i = 0; i < 500; i++) {
            SawnBlock block = new SawnBlock(
                    thou(random, 300, 3000), thou(random, 800, 6000), thou(random, 2000, 20000), thou(random, 20, 130));
            Scale scale = new Scale(thou(random, 150, 500), thou(random, 700, 2000), thou(random, 2000, 6000));
            Yield yield = block.into(scale, INCH_FAHRENHEIT);
            double wood = (2.0 * yield.pairs() + yield.single())
                    * scale.thickness().inches()
                    * scale.width().inches()
                    * scale.length().inches();
            assertThat(wood)
                    .isLessThanOrEqualTo(block.thickness().inches()
                            * block.width().inches()
                            * block.length().inches());
            assertThat(yield.plain() == 0 || yield.single() <= 1).isTrue();
        }
    }

    @Test
    void impossible_sizes_are_named() {
        Length inch = Length.ofInches("1");
        assertThatThrownBy(() -> new SawnBlock(inch, inch, inch, Length.ZERO))
                .isInstanceOf(ImpossibleQuantity.class)
                .hasMessageContaining("kerf");
        assertThatThrownBy(() -> new SawnBlock(Length.ZERO, inch, inch, KERF))
                .isInstanceOf(ImpossibleQuantity.class)
                .hasMessageContaining("thickness of the block");
        assertThatThrownBy(() -> new Scale(new Length(1), inch, inch))
                .isInstanceOf(ImpossibleQuantity.class)
                .hasMessageContaining("thickness of a scale");
    }

    @ParameterizedTest(
            name = "[table, from memory: North American hardwood, surfaced two sides] nominal {0} in is {1} in")
    @CsvSource({
        "0.375, 0.1875",
        "0.5, 0.3125",
        "0.625, 0.4375",
        "0.75, 0.5625",
        "1, 0.8125",
        "1.25, 1.0625",
        "1.5, 1.3125",
        "2, 1.75"
    })
    void a_nominal_plank_is_thinner(String nominal, String planed) {
        assertThat(Plank.planed(Length.ofInches(nominal))).isEqualTo(Length.ofInches(planed));
    }

    @Test
    @DisplayName(
            "[trade] nominal 1 in planed is thinner than a thick handle, and never is a plank thicker than it was sold")
    void planed_is_less_and_grows_with_nominal() {
        assertThat(Plank.planed(Length.ofInches("1"))).isLessThan(Length.ofInches("0.875"));
        Length before = Length.ZERO;
        for (int sixteenths = 4; sixteenths <= 48; sixteenths++) {
            Length nominal = Length.ofInchFraction(sixteenths, 16);
            Length planed = Plank.planed(nominal);
            assertThat(planed).isLessThan(nominal).isGreaterThanOrEqualTo(before);
            before = planed;
        }
    }

    private static Length thou(Random random, int least, int most) {
        return Length.ofInchFraction(least + random.nextInt(most - least), 1000);
    }
}

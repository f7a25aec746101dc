package hiltboard.core.folder;

import static hiltboard.core.measure.Units.INCH_FAHRENHEIT;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Length;
import java.util.Random;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FolderTest {
    private final BearingStack usual = new BearingStack(inches("0.020"), inches("0.0625"), inches("0.020"));

    @Test
    @DisplayName("[trade] ball 1/16, washer 0.020, clearance 0.020: one pocket of 0.0625 in")
    void one_pocket() {
        assertThat(usual.onePocket(INCH_FAHRENHEIT).value()).isEqualTo(inches("0.0625"));
        assertThat(usual.onePocket(INCH_FAHRENHEIT).working())
                .containsExactly("0.020 in + 0.0625 in − 0.020 in = 0.0625 in");
    }

    @Test
    @DisplayName("[trade] two pockets: the handle takes the washer, the blade the ball less the clearance")
    void two_pockets() {
        assertThat(usual.handlePocket(INCH_FAHRENHEIT).value()).isEqualTo(inches("0.020"));
        assertThat(usual.bladePocket(INCH_FAHRENHEIT).value()).isEqualTo(inches("0.0425"));
    }

    @ParameterizedTest(name = "[worked] blade {0} in: back spacer {1} in")
    @CsvSource({"0.170, 0.210", "0.167, 0.207", "0.125, 0.165"})
    void back_spacer(String blade, String spacer) {
        assertThat(usual.backSpacer(inches(blade), INCH_FAHRENHEIT).value()).isEqualTo(inches(spacer));
    }

    @Test
    void both_ways_of_pocketing_leave_the_same_room_between_blade_and_plate() {
        Random random = new Random(9);
        for (int i = 0; i < 1_000; i++) {
            Length washer = thou(5 + random.nextInt(35));
            Length ball = thou(40 + random.nextInt(80));
            Length clearance = thou(5 + random.nextInt(30));
            BearingStack stack = new BearingStack(washer, ball, clearance);
            Length parts = washer.plus(ball);
            assertThat(parts.minus(stack.onePocket(INCH_FAHRENHEIT).value())).isEqualTo(clearance);
            assertThat(parts.minus(stack.handlePocket(INCH_FAHRENHEIT).value())
                            .minus(stack.bladePocket(INCH_FAHRENHEIT).value()))
                    .isEqualTo(clearance);
        }
    }

    @ParameterizedTest(name = "[trade] clearance {0}: {1}")
    @CsvSource({
        "0.010, shows every error",
        "0.005, shows every error",
        "0.0119, is tight",
        "0.012, ''",
        "0.020, ''",
        "0.0399, ''",
        "0.040, is a gap",
        "0.060, is a gap",
        "0.062, the pocket was forgotten"
    })
    void clearances_that_show(String clearance, String caution) {
        var pocket = new BearingStack(inches("0.020"), inches("0.0625"), inches(clearance)).onePocket(INCH_FAHRENHEIT);
        assertThat(String.join("", pocket.cautions())).contains(caution);
        assertThat(pocket.cautions().isEmpty()).isEqualTo(caution.isEmpty());
    }

    @Test
    @DisplayName("[trade] a clearance of 0.070 in is a gap")
    void a_gap() {
        assertThat(new BearingStack(inches("0.020"), inches("0.125"), inches("0.070"))
                        .onePocket(INCH_FAHRENHEIT)
                        .cautions())
                .anyMatch(line -> line.contains("is a gap"));
    }

    @Test
    void a_bearing_that_cannot_be_is_refused() {
        assertThatThrownBy(() -> new BearingStack(inches("0.020"), inches("0.0625"), inches("0.0625")))
                .isInstanceOf(ImpossibleQuantity.class)
                .hasMessageContaining("clearance");
        assertThatThrownBy(() -> new BearingStack(inches("0.020"), inches("0.0625"), Length.ZERO))
                .isInstanceOf(ImpossibleQuantity.class);
        assertThatThrownBy(() -> new BearingStack(Length.ZERO, inches("0.0625"), inches("0.020")))
                .isInstanceOf(ImpossibleQuantity.class)
                .hasMessageContaining("bearing");
    }

    @Test
    @DisplayName(
            "[worked] full flat from 0.100 to 0.010 over 3/4 in, nick a quarter of the width down: the bevel takes a quarter of 0.045")
    void what_the_bevel_takes_at_the_nick() {
        NailNick nick = new NailNick(inches("0.100"), inches("0.010"), inches("0.750"), inches("0.750"));
        assertThat(nick.takenOff()).isEqualTo(inches("0.01125"));
        assertThat(nick.least(INCH_FAHRENHEIT).value()).isEqualTo(inches("0.02325"));
        assertThat(nick.most(INCH_FAHRENHEIT).value()).isEqualTo(inches("0.06875"));
        assertThat(nick.left(inches("0.030"), INCH_FAHRENHEIT).value()).isEqualTo(inches("0.01875"));
        assertThat(nick.left(inches("0.030"), INCH_FAHRENHEIT).cautions()).isEmpty();
    }

    @Test
    @DisplayName("[trade] a nick of 0.025 to 0.030 in holds on a usual slip joint")
    void usual_nicks_hold() {
        NailNick nick = new NailNick(inches("0.094"), inches("0.012"), inches("0.625"), inches("0.500"));
        assertThat(nick.takenOff())
                .as("the bevel begins below the nick's middle")
                .isLessThan(inches("0.010"));
        assertThat(nick.least(INCH_FAHRENHEIT).value()).isLessThan(inches("0.025"));
        assertThat(nick.most(INCH_FAHRENHEIT).value()).isGreaterThan(inches("0.030"));
    }

    @Test
    void a_nick_that_is_ground_away_or_breaks_through_carries_a_caution() {
        NailNick nick = new NailNick(inches("0.100"), inches("0.010"), inches("0.750"), inches("0.750"));
        assertThat(nick.left(inches("0.010"), INCH_FAHRENHEIT).value()).isEqualTo(Length.ZERO);
        assertThat(nick.left(inches("0.010"), INCH_FAHRENHEIT).cautions())
                .anyMatch(line -> line.contains("Too shallow"));
        assertThat(nick.left(inches("0.080"), INCH_FAHRENHEIT).cautions())
                .anyMatch(line -> line.contains("breaks through"));
        assertThatThrownBy(() -> new NailNick(inches("0.100"), inches("0.010"), inches("0.500"), inches("0.750")))
                .isInstanceOf(ImpossibleQuantity.class);
        assertThatThrownBy(() -> new NailNick(inches("0.010"), inches("0.100"), inches("0.750"), inches("0.750")))
                .isInstanceOf(ImpossibleQuantity.class);
    }

    @Test
    void a_low_bevel_leaves_the_nick_alone() {
        assertThat(new NailNick(inches("0.100"), inches("0.010"), inches("1"), inches("0.500")).takenOff())
                .isEqualTo(Length.ZERO);
    }

    @Test
    @DisplayName("[trade] relief 0.008 to 0.010 in deep; the cutter runs ring radius + cutter radius from the pivot")
    void relief() {
        PivotRelief relief = new PivotRelief(inches("0.125"));
        assertThat(relief.depth(INCH_FAHRENHEIT).value()).isBetween(inches("0.008"), inches("0.010"));
        assertThat(relief.cutterOffset(INCH_FAHRENHEIT).value())
                .isEqualTo(inches("0.0625").plus(inches("0.09375")).plus(inches("0.0625")));
        assertThatThrownBy(() -> new PivotRelief(Length.ZERO)).isInstanceOf(ImpossibleQuantity.class);
    }

    private static Length thou(int count) {
        return Length.ofInches("0.001").times(count);
    }

    private static Length inches(String decimal) {
        return Length.ofInches(decimal);
    }
}

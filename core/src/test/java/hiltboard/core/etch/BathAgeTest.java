package hiltboard.core.etch;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hiltboard.core.etch.BathAge.Factor;
import hiltboard.core.etch.BathAge.Tried;
import hiltboard.core.measure.LiquidVolume;
import hiltboard.core.measure.TimeRange;
import hiltboard.core.measure.Units;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

class BathAgeTest {
    private static final Optional<Strength> TWENTY = Optional.of(Strength.ofPercent(Solute.FERRIC_CHLORIDE, 20));
    private static final LiquidVolume LITRE = new LiquidVolume(1000);
    /** All that a litre of 20 mass % can eat: 1182 g × 0.2 ÷ 162.20 ÷ 2 × 55.845 g. */
    private static final double CAN_EAT = 1182 * 0.2 / 162.20 / 2 * 55.845 / 7.85e-3;

    private static BathAge bath(double eaten, Tried... tried) {
        return new BathAge(eaten, LITRE, TWENTY, List.of(tried));
    }

    @Test
    @DisplayName("[worked] Fe + 2 FeCl₃ → 3 FeCl₂: what a litre can eat, and the share that it has eaten")
    void what_it_can_eat() {
        assertThat(bath(CAN_EAT / 4).spent().orElseThrow()).isCloseTo(0.25, within(1e-6));
        assertThat(bath(CAN_EAT / 4).spentWorked(Units.MILLIMETRE_CELSIUS).working())
                .anyMatch(line -> line.contains("÷ 2 × 55.845"));
        assertThat(BathAge.eaten(20_000, 15))
                .as("two faces of 100 cm² by 15 µm")
                .isEqualTo(300);
    }

    @Test
    void a_fresh_bath_takes_the_recipes_time() {
        Factor factor = bath(0).factor();
        assertThat(factor.likely()).isEqualTo(1);
        assertThat(factor.isGuess()).isFalse();
        assertThat(bath(0).factor().of(TimeRange.ofMinutes(2, 3))).isEqualTo(TimeRange.ofMinutes(2, 3));
    }

    @Test
    @DisplayName(
            "[trade] an hour becomes an hour and a half once a third of it is used up; until somebody tries it, a guess")
    void nobody_has_tried_it() {
        Factor factor = bath(CAN_EAT / 3).factor();
        assertThat(factor.likely()).isCloseTo(1.5, within(1e-6));
        assertThat(factor.least()).isEqualTo(1);
        assertThat(factor.most()).isGreaterThan(1.5);
        assertThat(factor.isGuess()).isTrue();
        assertThat(factor.words()).startsWith("a guess");
        Factor unknown = new BathAge(100, LITRE, Optional.empty(), List.of()).factor();
        assertThat(unknown.isGuess()).isTrue();
        assertThat(unknown.most()).isEqualTo(1.5);
    }

    @Test
    void a_coupon_says_what_it_really_does() {
        Factor factor = bath(CAN_EAT / 10, new Tried(CAN_EAT / 10, 1.3)).factor();
        assertThat(factor.likely()).isCloseTo(1.3, within(1e-9));
        assertThat(factor.isGuess()).isFalse();
        assertThat(factor.least()).isLessThan(1.3);
        assertThat(factor.most()).isGreaterThan(1.3);
        assertThat(factor.words()).isEqualTo("one trial in this bath");
    }

    @Test
    @DisplayName("what a trial said is carried on by what the bath has eaten since")
    void it_goes_on_ageing() {
        Factor then = bath(0.1 * CAN_EAT, new Tried(0.1 * CAN_EAT, 1.2)).factor();
        Factor now = bath(0.4 * CAN_EAT, new Tried(0.1 * CAN_EAT, 1.2)).factor();
        assertThat(now.likely()).isCloseTo(1.2 * 0.9 / 0.6, within(1e-9));
        assertThat(now.likely()).isGreaterThan(then.likely());
    }

    @Test
    void several_trials_narrow_it_down_and_hold_all_of_them() {
        Factor factor =
                bath(0, new Tried(0, 1.2), new Tried(0, 1.5), new Tried(0, 1.3)).factor();
        assertThat(factor.likely()).isCloseTo(4.0 / 3, within(1e-9));
        assertThat(factor.least()).isLessThanOrEqualTo(1.2);
        assertThat(factor.most()).isGreaterThanOrEqualTo(1.5);
    }

    @Test
    void a_spent_bath_says_so_and_stays_finite() {
        Factor factor = bath(2 * CAN_EAT).factor();
        assertThat(factor.isSpent()).isTrue();
        assertThat(factor.likely()).isCloseTo(5, within(1e-9));
        assertThat(bath(2 * CAN_EAT).spentWorked(Units.INCH_FAHRENHEIT).cautions())
                .isNotEmpty();
    }

    @Test
    @DisplayName("the suggested time holds the recipe's own range, longer by the factor")
    void todays_time() {
        TimeRange today = bath(0, new Tried(0, 1.5)).factor().of(TimeRange.ofMinutes(60, 60));
        assertThat(today.least()).isLessThan(Duration.ofMinutes(90));
        assertThat(today.most()).isGreaterThan(Duration.ofMinutes(90));
        assertThat(BathAge.usualDepth(Liquid.COFFEE, Duration.ofHours(1)))
                .isLessThan(BathAge.usualDepth(Liquid.FERRIC_WATER, Duration.ofHours(1)));
        assertThat(BathAge.usualDepth(Liquid.DEGREASER, Duration.ofHours(1))).isZero();
    }
}

package hiltboard.core.forge;

import static hiltboard.core.measure.Units.INCH_FAHRENHEIT;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import hiltboard.core.forge.ForgeMachine.Kind;
import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Length;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

class ForgeMachineTest {
    private static final List<Recipe.Stage> STAGES = Recipes.then(
                    Recipes.bar("1", "2", "4"),
                    Recipes.step(ForgeWork.DRAW, "toThickness", "1/2", "toWidth", "2", "loss", "0"),
                    Recipes.step(ForgeWork.CROP))
            .stages(List.of(), INCH_FAHRENHEIT);
    private static final Recipe.Stage DRAWN = STAGES.get(3);
    private static final Recipe.Stage CROPPED = STAGES.get(4);

    @Test
    @DisplayName("[worked] a bite of 2 in on a billet 2 in wide is 2 581 mm²: at 75 N/mm² 21.8 tons of 2 000 lb, so "
            + "25 tons are enough and 20 are not")
    void a_press_takes_what_it_has_the_force_for() {
        Billet before = DRAWN.before().orElseThrow();
        Billet after = DRAWN.after().orElseThrow();
        assertThat(press(25, "30").needs(ForgeWork.DRAW, before, after).orElseThrow())
                .isCloseTo(2_580.64 * 75 / 8_896.443, within(0.01));
        assertThat(press(25, "30").refusals(ForgeWork.DRAW, before, after, INCH_FAHRENHEIT))
                .isEmpty();
        assertThat(press(20, "30").refusals(ForgeWork.DRAW, before, after, INCH_FAHRENHEIT))
                .singleElement()
                .asString()
                .contains("22 tons");
        assertThat(press(25, "7").refusals(ForgeWork.DRAW, before, after, INCH_FAHRENHEIT))
                .singleElement()
                .asString()
                .contains("8 in long");
        assertThat(press(25, "30").needs(ForgeWork.WELD, before, after).orElseThrow())
                .as("closing clean joints at welding heat takes less")
                .isLessThan(21);
    }

    @Test
    void a_narrower_die_takes_less_and_a_hammer_is_not_asked_for_tons() {
        Billet before = DRAWN.before().orElseThrow();
        Billet after = DRAWN.after().orElseThrow();
        double wide = press(25, "30").needs(ForgeWork.DRAW, before, after).orElseThrow();
        ForgeMachine narrow = new ForgeMachine(
                "Narrow", Kind.PRESS, Optional.of(25d), Optional.of(inch("1")), inch("30"), inch("5"), "");
        assertThat(narrow.needs(ForgeWork.DRAW, before, after).orElseThrow()).isCloseTo(wide / 2, within(1e-9));
        assertThat(hammer("5").needs(ForgeWork.DRAW, before, after)).isEmpty();
        assertThat(hammer("0.75").refusals(ForgeWork.DRAW, before, after, INCH_FAHRENHEIT))
                .singleElement()
                .asString()
                .contains("high");
    }

    @Test
    void a_step_is_in_trouble_only_if_not_one_machine_of_a_kind_takes_it() {
        ForgeMachine weak = press(5, "30");
        ForgeMachine smallFire = new ForgeMachine(
                "Small forge", Kind.FIRE, Optional.empty(), Optional.empty(), inch("3"), inch("5"), "");
        assertThat(ForgeMachine.troubles(List.of(weak), DRAWN, INCH_FAHRENHEIT))
                .singleElement()
                .asString()
                .contains("tons");
        assertThat(ForgeMachine.troubles(List.of(weak, hammer("5")), DRAWN, INCH_FAHRENHEIT))
                .as("the hammer takes it")
                .isEmpty();
        assertThat(ForgeMachine.troubles(List.of(hammer("5"), smallFire), DRAWN, INCH_FAHRENHEIT))
                .as("it does not fit into the fire")
                .singleElement()
                .asString()
                .contains("Small forge");
        assertThat(ForgeMachine.troubles(List.of(weak, smallFire), CROPPED, INCH_FAHRENHEIT))
                .as("a saw needs neither")
                .isEmpty();
        assertThat(ForgeMachine.troubles(List.of(), DRAWN, INCH_FAHRENHEIT))
                .as("nothing is known, nothing is said")
                .isEmpty();
        assertThat(ForgeMachine.troubles(List.of(weak), STAGES.get(0), INCH_FAHRENHEIT))
                .isEmpty();
    }

    @Test
    void machines_that_cannot_be_are_refused() {
        assertThatThrownBy(() -> press(0, "30"))
                .isInstanceOf(ImpossibleQuantity.class)
                .hasMessageContaining("force");
        assertThatThrownBy(() -> press(Double.NaN, "30")).isInstanceOf(ImpossibleQuantity.class);
        assertThatThrownBy(() -> press(25, "0"))
                .isInstanceOf(ImpossibleQuantity.class)
                .hasMessageContaining("size");
        assertThatThrownBy(() -> new ForgeMachine(
                        "Press", Kind.PRESS, Optional.empty(), Optional.empty(), inch("3"), inch("3"), ""))
                .isInstanceOf(ImpossibleQuantity.class);
    }

    @Test
    @DisplayName("[trade] what is carried to a borrowed press fits what is done there")
    void a_carry_list_fits_the_work() {
        assertThat(CarryList.of(List.of(ForgeWork.WELD, ForgeWork.TWIST)))
                .anyMatch(line -> line.contains("wrench"))
                .anyMatch(line -> line.contains("Fuel"))
                .doesNotHaveDuplicates();
        assertThat(CarryList.of(List.of(ForgeWork.DRAW))).noneMatch(line -> line.contains("wrench"));
        assertThat(CarryList.of(Stream.of(ForgeWork.values()).toList()))
                .hasSizeGreaterThan(12)
                .doesNotHaveDuplicates();
    }

    private static ForgeMachine press(double tons, String longest) {
        return new ForgeMachine(
                "Press", Kind.PRESS, Optional.of(tons), Optional.of(inch("2")), inch(longest), inch("5"), "");
    }

    private static ForgeMachine hammer(String thickest) {
        return new ForgeMachine(
                "Hammer", Kind.HAMMER, Optional.empty(), Optional.of(inch("3")), inch("40"), inch(thickest), "");
    }

    private static Length inch(String inches) {
        return Length.ofInches(inches);
    }
}

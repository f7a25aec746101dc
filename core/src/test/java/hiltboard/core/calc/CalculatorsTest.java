package hiltboard.core.calc;

import static org.assertj.core.api.Assertions.assertThat;

import hiltboard.core.calc.Calculator.Input;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Quantity;
import hiltboard.core.measure.Units;
import java.util.Map;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class CalculatorsTest {

    static java.util.List<Calculator> all() {
        return Calculators.all();
    }

    @ParameterizedTest
    @MethodSource("all")
    void every_calculator_computes_with_its_own_inputs_and_shows_its_working_and_source(Calculator calculator) {
        Map<String, Quantity> inputs = calculator.inputs().stream().collect(Collectors.toMap(Input::name, input -> sensible(input.name())));
        assertThat(calculator.formula().compute(inputs, Units.INCH_FAHRENHEIT)).isNotEmpty().allSatisfy(result -> {
            assertThat(result.worked().working()).isNotEmpty();
            assertThat(result.worked().value().in(Units.MILLIMETRE_CELSIUS)).isNotBlank();
        });
        assertThat(calculator.source()).isNotBlank();
        assertThat(calculator.inputs()).isNotEmpty();
    }

    @Test
    void calculators_are_found_by_name() {
        assertThat(Calculators.named("guard-slot")).isPresent();
        assertThat(Calculators.named("no-such")).isEmpty();
        assertThat(Calculators.all()).extracting(Calculator::name).doesNotHaveDuplicates();
    }

    private static Length sensible(String input) {
        return Length.ofInches(switch (input) {
            case "wheel" -> "8";
            case "edge" -> "0.020";
            case "tangWidth", "height" -> "0.690";
            default -> "0.1875";
        });
    }
}

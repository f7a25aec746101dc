package hiltboard.core.calc;

import static org.assertj.core.api.Assertions.assertThat;

import hiltboard.core.calc.Calculator.Input;
import hiltboard.core.calc.Calculator.Inputs;
import hiltboard.core.field.Finding;
import hiltboard.core.field.Form;
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
        Form<Input> form = calculator.read(sensible(calculator), Units.INCH_FAHRENHEIT);
        assertThat(form.findings()).isEmpty();
        Inputs inputs = Inputs.of(form);
        assertThat(calculator.formula().compute(inputs, Units.INCH_FAHRENHEIT))
                .isNotEmpty()
                .allSatisfy(result -> {
                    assertThat(result.worked().working()).isNotEmpty();
                    assertThat(result.worked().value().in(Units.MILLIMETRE_CELSIUS))
                            .isNotBlank();
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

    @ParameterizedTest
    @MethodSource("all")
    void what_is_likely_of_an_input_holds_what_is_usual_and_refuses_what_nobody_has(Calculator calculator) {
        Map<String, String> entries = sensible(calculator);
        entries.replaceAll((key, usual) -> "999999999");
        assertThat(calculator.read(entries, Units.INCH_FAHRENHEIT).findings())
                .extracting(Finding::field)
                .containsExactlyElementsOf(
                        calculator.inputs().stream().map(Input::key).toList());
    }

    private static Map<String, String> sensible(Calculator calculator) {
        return calculator.inputs().stream()
                .collect(Collectors.toMap(
                        Input::key, input -> input.otherwise().isEmpty() ? sensible(input.key()) : input.otherwise()));
    }

    private static String sensible(String key) {
        return switch (key) {
            case "wheel" -> "8";
            case "edge", "warp" -> ".020";
            case "before", "land", "wanted" -> ".030";
            case "tangWidth", "height" -> ".690";
            case "blade" -> "5";
            case "point", "tang" -> "1/8";
            case "scale" -> ".375";
            case "hollow" -> ".100";
            case "thread" -> "6-32";
            default -> "3/16";
        };
    }
}

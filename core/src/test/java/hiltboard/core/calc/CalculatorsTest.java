package hiltboard.core.calc;

import static org.assertj.core.api.Assertions.assertThat;

import hiltboard.core.calc.Calculator.Input;
import hiltboard.core.calc.Calculator.Inputs;
import hiltboard.core.calc.Calculator.Kind;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.ThreadSize;
import hiltboard.core.measure.Units;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class CalculatorsTest {
    private static final Set<Kind> LENGTHS = Set.of(Kind.LENGTH, Kind.HOLE);

    static java.util.List<Calculator> all() {
        return Calculators.all();
    }

    @ParameterizedTest
    @MethodSource("all")
    void every_calculator_computes_with_its_own_inputs_and_shows_its_working_and_source(Calculator calculator) {
        Inputs inputs = new Inputs(
                of(calculator, LENGTHS, CalculatorsTest::sensible),
                of(
                        calculator,
                        Set.of(Kind.THREAD),
                        name -> ThreadSize.named("6-32").orElseThrow()),
                of(calculator, Set.of(Kind.PERCENT), name -> 75));
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
        assertThat(calculator.inputs())
                .filteredOn(input -> LENGTHS.contains(input.kind()))
                .allSatisfy(input -> {
                    assertThat(input.likely().holds(sensible(input.name()))).isTrue();
                    assertThat(input.likely().holds(Length.ofInches("999999999")))
                            .isFalse();
                });
    }

    private static <T> Map<String, T> of(Calculator calculator, Set<Kind> kinds, Function<String, T> value) {
        return calculator.inputs().stream()
                .filter(input -> kinds.contains(input.kind()))
                .map(Input::name)
                .collect(Collectors.toMap(name -> name, value));
    }

    private static Length sensible(String input) {
        return Length.ofInches(
                switch (input) {
                    case "wheel" -> "8";
                    case "edge" -> "0.020";
                    case "tangWidth", "height" -> "0.690";
                    default -> "0.1875";
                });
    }
}

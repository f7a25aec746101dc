package hiltboard.server.calc;

import hiltboard.core.calc.Calculator;
import hiltboard.core.calc.Calculator.Input;
import hiltboard.core.calc.Calculator.Inputs;
import hiltboard.core.calc.Calculator.Result;
import hiltboard.core.calc.Calculators;
import hiltboard.core.field.Form;
import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Quantity;
import hiltboard.core.measure.Units;
import hiltboard.server.FieldView;
import hiltboard.server.Refusal;
import hiltboard.server.access.Person;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Calculators by name. A quantity goes in as text in shop notation or as {@code {"value": 4.2, "unit": "mm"}}. */
@RestController
class CalcController {

    record CalculatorView(String name, String title, String source, List<FieldView> inputs) {}

    record ResultView(
            String name,
            String label,
            String value,
            String unit,
            String note,
            List<String> working,
            List<String> cautions) {}

    record Answer(String name, Map<String, String> understood, List<ResultView> results) {}

    @GetMapping("/api/calc")
    List<CalculatorView> all(Person person) {
        return Calculators.all().stream()
                .map(calculator -> new CalculatorView(
                        calculator.name(),
                        calculator.title(),
                        calculator.source(),
                        calculator.inputs().stream()
                                .map(input -> FieldView.of(input, Map.of(), person.units()))
                                .toList()))
                .toList();
    }

    @PostMapping("/api/calc/{name}")
    Answer run(@PathVariable String name, @RequestBody Map<String, Object> body, Person person) {
        Calculator calculator = Calculators.named(name)
                .orElseThrow(
                        () -> Refusal.notThere("There is no calculator “" + name + "”; GET /api/calc lists them."));
        Units units = person.units();
        Map<String, String> entries = new HashMap<>();
        body.forEach((key, given) -> entries.put(key, entry(given)));
        Form<Input> form = calculator.read(entries, units);
        if (!form.findings().isEmpty()) {
            throw Refusal.entries(form.findings());
        }
        return new Answer(name, form.understood(), compute(calculator, form, entries, units));
    }

    /** What cannot be is said of the field that it was typed into. */
    private static List<ResultView> compute(
            Calculator calculator, Form<Input> form, Map<String, String> entries, Units units) {
        try {
            return calculator.formula().compute(Inputs.of(form), units).stream()
                    .map(result -> view(result, units))
                    .toList();
        } catch (ImpossibleQuantity impossible) {
            String field = form.answers().entrySet().stream()
                    .filter(input ->
                            input.getValue().value() instanceof Quantity quantity && impossible.isAbout(quantity))
                    .map(input -> input.getKey().key())
                    .findFirst()
                    .orElse(impossible.quantity());
            throw Refusal.impossible(field, entries.getOrDefault(field, ""), impossible, units);
        }
    }

    private static String entry(Object given) {
        if (given instanceof Map<?, ?> quantity) {
            return quantity.get("value") + " " + quantity.get("unit");
        }
        return given == null ? "" : given.toString();
    }

    private static ResultView view(Result result, Units units) {
        Quantity value = result.worked().value();
        String symbol = value.symbol(units);
        String said = value.in(units);
        return new ResultView(
                result.name(),
                result.label(),
                said.substring(0, said.length() - symbol.length()).strip(),
                symbol,
                result.worked().note(),
                result.worked().working(),
                result.worked().cautions());
    }
}

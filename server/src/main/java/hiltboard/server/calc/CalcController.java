package hiltboard.server.calc;

import hiltboard.core.calc.Calculator;
import hiltboard.core.calc.Calculator.Input;
import hiltboard.core.calc.Calculator.Result;
import hiltboard.core.calc.Calculators;
import hiltboard.core.design.Finding;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Quantity;
import hiltboard.core.measure.ShopNotation;
import hiltboard.core.measure.Understood;
import hiltboard.core.measure.Units;
import hiltboard.server.Refusal;
import hiltboard.server.access.Person;
import java.util.ArrayList;
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

    record InputView(String name, String label, String kind) {}

    record CalculatorView(String name, String title, String source, List<InputView> inputs) {}

    record ResultView(String name, String label, String value, String unit, String note, List<String> working, List<String> cautions) {}

    record Answer(String name, Map<String, String> understood, List<ResultView> results) {}

    @GetMapping("/api/calc")
    List<CalculatorView> all() {
        return Calculators.all().stream().map(calculator -> new CalculatorView(calculator.name(), calculator.title(), calculator.source(),
                calculator.inputs().stream().map(input -> new InputView(input.name(), input.label(), input.kind().name())).toList())).toList();
    }

    @PostMapping("/api/calc/{name}")
    Answer run(@PathVariable String name, @RequestBody Map<String, Object> body, Person person) {
        Calculator calculator = Calculators.named(name).orElseThrow(() -> Refusal.notThere("There is no calculator “" + name + "”; GET /api/calc lists them."));
        Map<String, Quantity> inputs = inputs(calculator, body, person.units());
        List<ResultView> results = calculator.formula().compute(inputs, person.units()).stream().map(result -> view(result, person.units())).toList();
        Map<String, String> understood = new HashMap<>();
        inputs.forEach((key, value) -> understood.put(key, value.in(person.units())));
        return new Answer(name, understood, results);
    }

    private static Map<String, Quantity> inputs(Calculator calculator, Map<String, Object> body, Units units) {
        Map<String, Quantity> inputs = new HashMap<>();
        List<Finding> findings = new ArrayList<>();
        for (Input input : calculator.inputs()) {
            String entry = entry(body.get(input.name()));
            Understood<Length> read = ShopNotation.length(entry, units);
            if (read instanceof Understood.Value<Length> value) {
                inputs.put(input.name(), value.quantity());
            } else if (read instanceof Understood.Refused<Length> refused) {
                findings.add(new Finding(input.name(), entry, refused.problem(), refused.accepted()));
            }
        }
        if (!findings.isEmpty()) {
            throw Refusal.entries(findings);
        }
        return inputs;
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
        return new ResultView(result.name(), result.label(), said.substring(0, said.length() - symbol.length()).strip(), symbol,
                result.worked().note(), result.worked().working(), result.worked().cautions());
    }
}

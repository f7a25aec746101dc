package hiltboard.server.calc;

import hiltboard.core.calc.Calculator;
import hiltboard.core.calc.Calculator.Input;
import hiltboard.core.calc.Calculator.Inputs;
import hiltboard.core.calc.Calculator.Result;
import hiltboard.core.calc.Calculators;
import hiltboard.core.design.Finding;
import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Quantity;
import hiltboard.core.measure.ThreadSize;
import hiltboard.core.measure.Understood;
import hiltboard.core.measure.Units;
import hiltboard.server.Refusal;
import hiltboard.server.access.Person;
import java.util.ArrayList;
import java.util.LinkedHashMap;
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
    List<CalculatorView> all() {
        return Calculators.all().stream()
                .map(calculator -> new CalculatorView(
                        calculator.name(),
                        calculator.title(),
                        calculator.source(),
                        calculator.inputs().stream()
                                .map(input -> new InputView(
                                        input.name(),
                                        input.label(),
                                        input.kind().name()))
                                .toList()))
                .toList();
    }

    @PostMapping("/api/calc/{name}")
    Answer run(@PathVariable String name, @RequestBody Map<String, Object> body, Person person) {
        Calculator calculator = Calculators.named(name)
                .orElseThrow(
                        () -> Refusal.notThere("There is no calculator “" + name + "”; GET /api/calc lists them."));
        Units units = person.units();
        Read read = new Read(units);
        calculator.inputs().forEach(input -> read.take(input, entry(body.get(input.name()))));
        if (!read.findings.isEmpty()) {
            throw Refusal.entries(read.findings);
        }
        return new Answer(name, read.understood, compute(calculator, read, body, units));
    }

    /** What cannot be is said of the field that it was typed into. */
    private static List<ResultView> compute(Calculator calculator, Read read, Map<String, Object> body, Units units) {
        try {
            return calculator.formula().compute(new Inputs(read.lengths, read.threads, read.percents), units).stream()
                    .map(result -> view(result, units))
                    .toList();
        } catch (ImpossibleQuantity impossible) {
            String field = read.lengths.entrySet().stream()
                    .filter(input -> impossible.isAbout(input.getValue()))
                    .map(Map.Entry::getKey)
                    .findFirst()
                    .orElse(impossible.quantity());
            throw Refusal.impossible(field, entry(body.get(field)), impossible, units);
        }
    }

    /** The inputs as far as they were understood. */
    private static final class Read {
        private final Units units;
        private final Map<String, Length> lengths = new LinkedHashMap<>();
        private final Map<String, ThreadSize> threads = new LinkedHashMap<>();
        private final Map<String, Integer> percents = new LinkedHashMap<>();
        private final Map<String, String> understood = new LinkedHashMap<>();
        private final List<Finding> findings = new ArrayList<>();

        private Read(Units units) {
            this.units = units;
        }

        private void take(Input input, String entry) {
            switch (input.kind()) {
                case LENGTH -> takeLength(input, entry, input.likely().read(entry, units));
                case HOLE -> takeLength(input, entry, input.likely().readHole(entry, units));
                case THREAD ->
                    ThreadSize.named(entry)
                            .ifPresentOrElse(
                                    thread -> {
                                        threads.put(input.name(), thread);
                                        understood.put(input.name(), thread.name());
                                    },
                                    () -> find(input, entry, "a thread such as 6-32, 1/4-20, M5 or M2.5×0.45"));
                case PERCENT -> {
                    String text = entry.strip().replace("%", "").strip();
                    if (text.matches("\\d{1,3}")) {
                        percents.put(input.name(), Integer.valueOf(text));
                        understood.put(input.name(), text + " %");
                    } else {
                        find(input, entry, "a share such as 75, from 30 to 100 %");
                    }
                }
            }
        }

        private void takeLength(Input input, String entry, Understood<Length> read) {
            if (read instanceof Understood.Value<Length> value) {
                lengths.put(input.name(), value.quantity());
                understood.put(input.name(), value.quantity().saidIn(units));
            } else if (read instanceof Understood.Refused<Length> refused) {
                findings.add(new Finding(input.name(), entry, refused.problem(), refused.accepted()));
            }
        }

        private void find(Input input, String entry, String accepted) {
            findings.add(new Finding(
                    input.name(),
                    entry,
                    entry.isBlank() ? "Nothing was entered" : "“" + entry.strip() + "” was not understood",
                    accepted));
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

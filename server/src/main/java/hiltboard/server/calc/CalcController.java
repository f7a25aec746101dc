package hiltboard.server.calc;

import hiltboard.core.calc.Calculator;
import hiltboard.core.calc.Calculator.Input;
import hiltboard.core.calc.Calculator.Inputs;
import hiltboard.core.calc.Calculator.Piece;
import hiltboard.core.calc.Calculator.Result;
import hiltboard.core.calc.Calculators;
import hiltboard.core.chain.DimensionChain;
import hiltboard.core.design.SpecificationField;
import hiltboard.core.field.Form;
import hiltboard.core.machine.Cutting.Mill;
import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Quantity;
import hiltboard.core.measure.Units;
import hiltboard.core.route.Station;
import hiltboard.core.route.Workplace;
import hiltboard.server.FieldView;
import hiltboard.server.Refusal;
import hiltboard.server.access.Person;
import hiltboard.server.job.PieceFile;
import hiltboard.server.job.PieceFiles;
import hiltboard.server.route.Workplaces;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
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

    /** A calculator at a station, with what the piece's own numbers come to; nothing where it is not fed whole. */
    record ToolView(CalculatorView calculator, @Nullable Answer answer) {}

    private final PieceFiles pieces;
    private final Workplaces workplaces;

    CalcController(PieceFiles pieces, Workplaces workplaces) {
        this.pieces = pieces;
        this.workplaces = workplaces;
    }

    @GetMapping("/api/calc")
    @Transactional(readOnly = true)
    List<CalculatorView> all(Person person) {
        Piece shop = shop();
        return Calculators.all().stream()
                .map(calculator -> view(calculator, shop, person.units()))
                .toList();
    }

    /** What the shop itself has, where no piece is at hand. */
    private Piece shop() {
        return fed(
                workplaces.mill().flatMap(Workplace::mill),
                number -> Optional.empty(),
                (key, units) -> Optional.empty());
    }

    private static CalculatorView view(Calculator calculator, Piece piece, Units units) {
        return new CalculatorView(
                calculator.name(),
                calculator.title(),
                calculator.source(),
                calculator.inputs().stream()
                        .map(input -> FieldView.of(input, piece, units))
                        .toList());
    }

    /** The tools of a station, fed by a piece. @param piece zero where none is at hand */
    @GetMapping("/api/calc/at/{station}")
    @Transactional(readOnly = true)
    List<ToolView> at(@PathVariable Station station, @RequestParam(defaultValue = "0") long piece, Person person) {
        Piece fed = piece == 0 ? shop() : fed(pieces.open(piece));
        return tools(Calculators.at(station, piece == 0 ? Piece.NONE : fed), fed, person.units());
    }

    /** Every calculator, fed by a piece. */
    @GetMapping("/api/calc/of/{piece}")
    @Transactional(readOnly = true)
    List<ToolView> of(@PathVariable long piece, Person person) {
        return tools(Calculators.all(), fed(pieces.open(piece)), person.units());
    }

    /** Those that are fed whole come first. */
    private static List<ToolView> tools(List<Calculator> calculators, Piece fed, Units units) {
        return calculators.stream()
                .map(calculator -> {
                    CalculatorView view = view(calculator, fed, units);
                    Map<String, String> entries = new HashMap<>();
                    view.inputs().forEach(input -> entries.put(input.key(), input.usual()));
                    return new ToolView(view, entries.containsValue("") ? null : possible(calculator, entries, units));
                })
                .sorted(Comparator.comparing(tool -> tool.answer() == null))
                .toList();
    }

    /** Its chain's number, and where it has none, the specification's. */
    private Piece fed(PieceFile file) {
        DimensionChain chain = file.chain(Units.MILLIMETRE_CELSIUS);
        return fed(
                workplaces.mill().flatMap(Workplace::mill),
                chain::value,
                (key, units) -> SpecificationField.withKey(key)
                        .filter(field -> file.specification().answersAll(field))
                        .map(field -> file.specification().entryIn(field.key(), units)));
    }

    private static Piece fed(
            Optional<Mill> mill,
            Function<String, Optional<Quantity>> numbers,
            BiFunction<String, Units, Optional<String>> answers) {
        return new Piece() {
            @Override
            public Optional<Quantity> number(String number) {
                return numbers.apply(number);
            }

            @Override
            public Optional<String> answered(String key, Units units) {
                return mill.flatMap(there -> Calculators.ofMill(key, there)).or(() -> answers.apply(key, units));
            }
        };
    }

    private static @Nullable Answer possible(Calculator calculator, Map<String, String> entries, Units units) {
        try {
            return answer(calculator, entries, units);
        } catch (Refusal nothingToCompute) {
            return null;
        }
    }

    @PostMapping("/api/calc/{name}")
    Answer run(@PathVariable String name, @RequestBody Map<String, Object> body, Person person) {
        Calculator calculator = Calculators.named(name)
                .orElseThrow(
                        () -> Refusal.notThere("There is no calculator “" + name + "”; GET /api/calc lists them."));
        Units units = person.units();
        Map<String, String> entries = new HashMap<>();
        body.forEach((key, given) -> entries.put(key, entry(given)));
        return answer(calculator, entries, units);
    }

    /** @throws Refusal with what was not understood, or cannot be */
    private static Answer answer(Calculator calculator, Map<String, String> entries, Units units) {
        Form<Input> form = calculator.read(entries, units);
        if (!form.findings().isEmpty()) {
            throw Refusal.entries(form.findings());
        }
        return new Answer(calculator.name(), form.understood(), compute(calculator, form, entries, units));
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
        String said = value.in(units);
        // What is said in two units at once, an ounce with its grams, is not taken apart.
        String symbol = said.endsWith(value.symbol(units)) ? value.symbol(units) : "";
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

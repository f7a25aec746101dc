package hiltboard.core.calc;

import hiltboard.core.field.Answer;
import hiltboard.core.field.Field;
import hiltboard.core.field.Form;
import hiltboard.core.field.Kind;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Quantity;
import hiltboard.core.measure.ThreadSize;
import hiltboard.core.measure.Units;
import hiltboard.core.measure.Worked;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * A calculation that can be asked for by name.
 *
 * @param source where its formula comes from
 */
public record Calculator(String name, String title, String source, List<Input> inputs, Formula formula) {
    public Calculator {
        inputs = List.copyOf(inputs);
    }

    /** One quantity that goes in. */
    public record Input(String key, String label, Kind<?> kind) implements Field<Map<Input, Answer<?>>> {
        @Override
        public Kind<?> kind(Map<Input, Answer<?>> known) {
            return kind;
        }
    }

    /** What was understood of every input, by its key. */
    public record Inputs(Map<String, Answer<?>> answers) {
        /** Those of a form without findings. */
        public static Inputs of(Form<Input> form) {
            return new Inputs(form.answers().entrySet().stream()
                    .collect(Collectors.toMap(each -> each.getKey().key(), Map.Entry::getValue)));
        }

        public Inputs {
            answers = Map.copyOf(answers);
        }

        Length length(String key) {
            return (Length) value(key);
        }

        ThreadSize thread(String key) {
            return (ThreadSize) value(key);
        }

        int percent(String key) {
            return (Integer) value(key);
        }

        private Object value(String key) {
            return Optional.ofNullable(answers.get(key)).orElseThrow().value();
        }
    }

    /** Reads the entries of the inputs, by their keys. */
    public Form<Input> read(Map<String, String> entries, Units units) {
        return Form.read(inputs, entries, units, growing -> growing);
    }

    /** One quantity that comes out. */
    public record Result(String name, String label, Worked<? extends Quantity> worked) {}

    /** Computes results from complete inputs. */
    @FunctionalInterface
    public interface Formula {
        /** @throws hiltboard.core.measure.ImpossibleQuantity if the inputs cannot be */
        List<Result> compute(Inputs inputs, Units units);
    }
}

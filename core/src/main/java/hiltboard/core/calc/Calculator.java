package hiltboard.core.calc;

import hiltboard.core.measure.Length;
import hiltboard.core.measure.LengthRange;
import hiltboard.core.measure.Quantity;
import hiltboard.core.measure.ThreadSize;
import hiltboard.core.measure.Units;
import hiltboard.core.measure.Worked;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A calculation that can be asked for by name.
 *
 * @param source where its formula comes from
 */
public record Calculator(String name, String title, String source, List<Input> inputs, Formula formula) {
    public Calculator {
        inputs = List.copyOf(inputs);
    }

    /** What kind of entry an input takes. */
    public enum Kind {
        LENGTH,
        HOLE,
        THREAD,
        PERCENT
    }

    /**
     * One quantity that goes in.
     *
     * @param likely the sizes it takes, where it is a length
     */
    public record Input(String name, String label, Kind kind, LengthRange likely) {}

    /** What was understood of every input, by its name. */
    public record Inputs(Map<String, Length> lengths, Map<String, ThreadSize> threads, Map<String, Integer> percents) {
        public Inputs {
            lengths = Map.copyOf(lengths);
            threads = Map.copyOf(threads);
            percents = Map.copyOf(percents);
        }

        Length length(String name) {
            return Optional.ofNullable(lengths.get(name)).orElseThrow();
        }

        ThreadSize thread(String name) {
            return Optional.ofNullable(threads.get(name)).orElseThrow();
        }

        int percent(String name) {
            return Optional.ofNullable(percents.get(name)).orElseThrow();
        }
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

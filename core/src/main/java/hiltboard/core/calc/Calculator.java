package hiltboard.core.calc;

import hiltboard.core.measure.Quantity;
import hiltboard.core.measure.Units;
import hiltboard.core.measure.Worked;
import java.util.List;
import java.util.Map;

/**
 * A calculation that can be asked for by name.
 *
 * @param source where its formula comes from
 */
public record Calculator(String name, String title, String source, List<Input> inputs, Formula formula) {
    public Calculator {
        inputs = List.copyOf(inputs);
    }

    /** What kind of quantity an input is, so that its entry can be read. */
    public enum Kind { LENGTH }

    /** One quantity that goes in. */
    public record Input(String name, String label, Kind kind) {}

    /** One quantity that comes out. */
    public record Result(String name, String label, Worked<? extends Quantity> worked) {}

    /** Computes results from complete inputs. */
    @FunctionalInterface
    public interface Formula {
        /** @throws hiltboard.core.measure.ImpossibleQuantity if the inputs cannot be */
        List<Result> compute(Map<String, Quantity> inputs, Units units);
    }
}

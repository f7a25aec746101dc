package hiltboard.core.calc;

import hiltboard.core.field.Answer;
import hiltboard.core.field.Field;
import hiltboard.core.field.Form;
import hiltboard.core.field.Kind;
import hiltboard.core.measure.Angle;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Quantity;
import hiltboard.core.measure.Units;
import hiltboard.core.measure.Worked;
import hiltboard.core.route.Station;
import java.math.BigDecimal;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * A calculation that can be asked for by name.
 *
 * @param source where its formula comes from
 * @param stations whose tool it is
 */
public record Calculator(
        String name, String title, String source, Set<Station> stations, List<Input> inputs, Formula formula) {
    public Calculator {
        stations = Set.copyOf(stations);
        inputs = List.copyOf(inputs);
    }

    /** The numbers of the piece that a calculator is fed with. */
    @FunctionalInterface
    public interface Piece {
        /** Nothing is at hand. */
        Piece NONE = number -> Optional.empty();

        /** @param number a key of the piece's chain */
        Optional<Quantity> number(String number);

        /**
         * What was answered in the piece's specification, as the reader would type it; empty where it has none such.
         */
        default Optional<String> answered(String field, Units units) {
            return Optional.empty();
        }
    }

    /**
     * One quantity that goes in.
     *
     * @param from key of the piece's number that it usually is; empty where no number of a piece is meant
     * @param otherwise what it usually is where no piece says, as it would be typed
     */
    public record Input(String key, String label, Kind<?> kind, String from, String otherwise) implements Field<Piece> {
        @Override
        public Kind<?> kind(Piece known) {
            return kind;
        }

        @Override
        public String usual(Piece known, Units units) {
            return number(known)
                    .map(number -> number instanceof Length length ? length.entryIn(units) : number.in(units))
                    .or(() -> answered(known, units))
                    .orElse(otherwise);
        }

        private Optional<Quantity> number(Piece piece) {
            return from.isEmpty() ? Optional.empty() : piece.number(from);
        }

        private Optional<String> answered(Piece piece, Units units) {
            return from.isEmpty() ? Optional.empty() : piece.answered(from, units);
        }

        private boolean isFedBy(Piece piece) {
            return from.isEmpty()
                    || !otherwise.isEmpty()
                    || number(piece).isPresent()
                    || answered(piece, Units.MILLIMETRE_CELSIUS).isPresent();
        }
    }

    /** Whether this piece has all the numbers that it asks of one: no slot is computed for a knife without a guard. */
    public boolean isFor(Piece piece) {
        return inputs.stream().allMatch(input -> input.isFedBy(piece));
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
            return of(key, Length.class);
        }

        Angle angle(String key) {
            return of(key, Angle.class);
        }

        int count(String key) {
            return of(key, Integer.class);
        }

        double number(String key) {
            return of(key, BigDecimal.class).doubleValue();
        }

        /** A choice among the constants of a type. */
        <E extends Enum<E>> E one(String key, Class<E> type) {
            return Enum.valueOf(type, of(key, String.class));
        }

        <T> T of(String key, Class<T> type) {
            return type.cast(value(key));
        }

        private Object value(String key) {
            return Optional.ofNullable(answers.get(key)).orElseThrow().value();
        }
    }

    /** Reads the entries of the inputs, by their keys. */
    public Form<Input> read(Map<String, String> entries, Units units) {
        return Form.read(inputs, entries, units, answers -> Piece.NONE);
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

package hiltboard.core.field;

import hiltboard.core.measure.Understood;
import hiltboard.core.measure.Units;
import java.util.Arrays;
import java.util.List;
import java.util.function.Function;
import java.util.stream.Collectors;

/** One of these; by its value or its words, whatever the case of the letters. Kept as its value. */
public record Choice(List<Option> options) implements Kind<String> {
    public Choice {
        options = List.copyOf(options);
    }

    /** Written as {@code VALUE=Words}, the usual one first. */
    public static Choice of(String... valuesAndWords) {
        return new Choice(Option.all(valuesAndWords));
    }

    /** Those of a type, in its order, by their names. */
    public static <E extends Enum<E>> Choice of(Class<E> type, Function<E, String> words) {
        return new Choice(Arrays.stream(type.getEnumConstants())
                .map(each -> new Option(each.name(), words.apply(each)))
                .toList());
    }

    @Override
    public Class<String> type() {
        return String.class;
    }

    @Override
    public Understood<String> read(String entry, Units units) {
        return options.stream()
                .filter(option ->
                        option.value().equalsIgnoreCase(entry) || option.words().equalsIgnoreCase(entry))
                .findFirst()
                .map(Option::value)
                .<Understood<String>>map(Understood.Value::new)
                .orElseGet(() -> new Understood.Refused<>(
                        Understood.quoted(entry) + " is not one of the choices", accepted(units)));
    }

    @Override
    public String accepted(Units units) {
        return options.stream()
                .filter(option -> !option.value().isEmpty())
                .map(Option::words)
                .collect(Collectors.joining("; "));
    }

    @Override
    public String words(String value, Units units) {
        return options.stream()
                .filter(option -> option.value().equals(value))
                .map(Option::words)
                .findFirst()
                .orElse(value);
    }

    @Override
    public String kept(String value) {
        return value;
    }

    @Override
    public String restored(String kept) {
        return kept;
    }

    @Override
    public boolean holds(String value) {
        return options.stream().anyMatch(option -> option.value().equals(value));
    }
}

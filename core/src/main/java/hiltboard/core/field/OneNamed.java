package hiltboard.core.field;

import hiltboard.core.measure.Understood;
import hiltboard.core.measure.Units;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/**
 * Something that is known by its name: a steel, a thread. Kept as that name.
 *
 * @param named finds it, whatever the case of the letters
 * @param name by which it is found again
 * @param accepted what is taken, in words
 * @param options what can be chosen; empty where the name is written
 */
public record OneNamed<T>(
        Class<T> type,
        Function<String, Optional<T>> named,
        Function<T, String> name,
        String accepted,
        List<Option> options)
        implements Kind<T> {
    public OneNamed {
        options = List.copyOf(options);
    }

    @Override
    public Understood<T> read(String entry, Units units) {
        return named.apply(entry)
                .<Understood<T>>map(Understood.Value::new)
                .orElseGet(() -> Understood.unread(entry, accepted));
    }

    @Override
    public String accepted(Units units) {
        return accepted;
    }

    @Override
    public String words(T answer, Units units) {
        return name.apply(answer);
    }

    @Override
    public String kept(T answer) {
        return name.apply(answer);
    }

    @Override
    public T restored(String kept) {
        return named.apply(kept).orElseThrow();
    }
}

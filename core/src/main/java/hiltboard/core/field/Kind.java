package hiltboard.core.field;

import hiltboard.core.measure.Understood;
import hiltboard.core.measure.Units;
import java.util.List;
import java.util.Optional;

/**
 * What the answers to a field are, with their limits: how one is read, kept, and said again. Immutable; a feature adds
 * its own beside those of this package.
 *
 * @param <T> what an answer is once it is understood
 */
public interface Kind<T> {
    Class<T> type();

    /** Reads an entry that is not blank and has no spaces around it; a bare number is in the reader's unit. */
    Understood<T> read(String entry, Units units);

    /** What is taken, in words. */
    String accepted(Units units);

    /** An answer as the reader reads it. */
    String words(T answer, Units units);

    /** As it stands in the data. */
    String kept(T answer);

    /** What {@link #kept} wrote. @throws RuntimeException if it did not */
    T restored(String kept);

    /** So that it reads back as exactly the same, whoever reads it: what goes out in a file. */
    default String exactly(T answer) {
        return kept(answer);
    }

    /** As the reader would type it. */
    default String entry(T answer, Units units) {
        return exactly(answer);
    }

    /** What an entry was taken for, as it is said beside it. */
    default String echo(T answer, Units units) {
        return words(answer, units);
    }

    /** Whether an answer lies within the limits, wherever it comes from. */
    default boolean holds(T answer) {
        return true;
    }

    /** What can be chosen, the usual one first; empty where the answer is written. */
    default List<Option> options() {
        return List.of();
    }

    /** Reads what was typed, or says that nothing was. */
    default Understood<T> typed(String entry, Units units) {
        return entry.isBlank()
                ? options().isEmpty()
                        ? Understood.nothing(accepted(units))
                        : new Understood.Refused<>("Nothing was chosen", accepted(units))
                : read(entry.strip(), units);
    }

    /** This value as an answer, where it can be one. */
    default Optional<Answer<T>> answer(Object value) {
        return Optional.of(value)
                .filter(type()::isInstance)
                .map(type()::cast)
                .filter(this::holds)
                .map(held -> new Answer<>(this, held));
    }

    /** The answer that was kept so. @throws RuntimeException if it was none of this kind */
    default Answer<T> ofKept(String kept) {
        return new Answer<>(this, restored(kept));
    }
}

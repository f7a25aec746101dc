package hiltboard.core.field;

import hiltboard.core.measure.Units;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/** The answers of a form once it is whole: how they are kept, come back and are looked up. */
public final class Answers {
    private Answers() {}

    /** As they stand in the data, by the fields' keys. */
    public static Map<String, String> kept(Map<? extends Field<?>, Answer<?>> answers) {
        Map<String, String> kept = new TreeMap<>();
        answers.forEach((field, answer) -> kept.put(field.key(), answer.kept()));
        return kept;
    }

    /**
     * As {@link #kept} wrote them; a field that the table does not have any more is left out.
     *
     * @param nothing of which nothing is answered yet
     * @throws RuntimeException if it did not
     */
    public static <F extends Field<A>, A> Map<F, Answer<?>> restored(
            List<F> table, Map<String, String> kept, A nothing) {
        Map<F, Answer<?>> answers = new LinkedHashMap<>();
        for (F field : table) {
            String value = kept.get(field.key());
            if (value != null) {
                answers.put(field, field.kind(nothing).ofKept(value));
            }
        }
        return Map.copyOf(answers);
    }

    /** An answer as the reader would type it; empty where there is none. */
    public static <F> String entry(Map<F, Answer<?>> answers, F field, Units units) {
        return Optional.ofNullable(answers.get(field))
                .map(answer -> answer.entry(units))
                .orElse("");
    }

    public static <F, T> Optional<T> value(Map<F, Answer<?>> answers, F field, Class<T> type) {
        return Optional.ofNullable(answers.get(field)).map(Answer::value).map(type::cast);
    }
}

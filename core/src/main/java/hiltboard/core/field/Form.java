package hiltboard.core.field;

import hiltboard.core.measure.Understood;
import hiltboard.core.measure.Units;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * What came of a form: every entry that is not understood is found before anything is kept.
 *
 * @param answers in the order of the fields
 * @param understood what each good entry was taken for, by the field's key, in the reader's units
 * @param asked the keys of the fields that were asked, in order
 * @param unfollowed fields that nobody answered and that do not follow from the others: those others are what is wrong
 */
public record Form<F>(
        Map<F, Answer<?>> answers,
        Map<String, String> understood,
        List<String> asked,
        List<F> unfollowed,
        List<Finding> findings) {

    /**
     * Reads the entries of a table's fields.
     *
     * @param entries by the fields' keys, as they were typed; one that is not there is empty
     * @param known makes what the fields look at of the answers, which go on growing while they are read
     */
    public static <F extends Field<A>, A> Form<F> read(
            List<F> table, Map<String, String> entries, Units units, Function<Map<F, Answer<?>>, A> known) {
        Map<F, Answer<?>> answers = new LinkedHashMap<>();
        return new Reader<>(answers, known.apply(answers), entries, units).read(table);
    }

    /** The answers as they stand in the data. */
    public Map<F, String> kept() {
        return answers.entrySet().stream()
                .collect(Collectors.toMap(
                        Map.Entry::getKey, each -> each.getValue().kept()));
    }

    private static final class Reader<F extends Field<A>, A> {
        private final Map<F, Answer<?>> answers;
        private final A known;
        private final Map<String, String> entries;
        private final Units units;
        private final Map<String, String> understood = new LinkedHashMap<>();
        private final List<String> asked = new ArrayList<>();
        private final List<F> unfollowed = new ArrayList<>();
        private final List<F> empty = new ArrayList<>();
        private final List<Finding> findings = new ArrayList<>();

        private Reader(Map<F, Answer<?>> answers, A known, Map<String, String> entries, Units units) {
            this.answers = answers;
            this.known = known;
            this.entries = entries;
            this.units = units;
        }

        private Form<F> read(List<F> table) {
            for (F field : table) {
                if (isAsked(field)) {
                    asked.add(field.key());
                    take(field, entry(field));
                }
            }
            empty.stream().filter(field -> field.isNeeded(known)).forEach(field -> take(field, field.kind(known)));
            return new Form<>(answers, understood, asked, unfollowed, findings);
        }

        private String entry(F field) {
            return entries.getOrDefault(field.key(), "").strip();
        }

        private boolean isAsked(F field) {
            try {
                return field.isAsked(known);
            } catch (IllegalStateException earlierAnswerMissing) {
                return false;
            }
        }

        private void take(F field, String entry) {
            if (!entry.isEmpty()) {
                take(field, field.kind(known));
            } else if (field.isUsuallyByRule()) {
                takeUsual(field);
            } else {
                empty.add(field);
            }
        }

        private <T> void take(F field, Kind<T> kind) {
            Understood<T> read = kind.typed(entry(field), units);
            if (read instanceof Understood.Value<T> value) {
                put(field, new Answer<>(kind, value.value()));
            } else if (read instanceof Understood.Refused<T> refused) {
                findings.add(new Finding(
                        field.key(),
                        entries.getOrDefault(field.key(), ""),
                        refused.problem(),
                        refused.accepted().equals(kind.accepted(units))
                                ? field.accepted(known, units)
                                : refused.accepted()));
            }
        }

        private void put(F field, Answer<?> answer) {
            answers.put(field, answer);
            understood.put(field.key(), answer.echo(units));
        }

        /** A number that nobody entered is as the other answers make it. */
        private void takeUsual(F field) {
            usual(field)
                    .flatMap(value -> field.kind(known).answer(value))
                    .ifPresentOrElse(answer -> put(field, answer), () -> unfollowed.add(field));
        }

        private Optional<Object> usual(F field) {
            try {
                return field.usualFor(known);
            } catch (IllegalStateException | IllegalArgumentException earlierAnswerWrong) {
                return Optional.empty();
            }
        }
    }
}

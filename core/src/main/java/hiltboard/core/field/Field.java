package hiltboard.core.field;

import hiltboard.core.measure.Units;
import java.util.Optional;
import java.util.Set;

/**
 * One question of a form. A form's fields stand in the order in which they are asked, so that each may look at the
 * answers before it.
 *
 * @param <A> what a field looks at: the answers so far, and what else its form knows
 */
public interface Field<A> {
    /** By which an entry is sent and kept; also the column of a table. */
    String key();

    /** What it asks, with the unit of a bare number that has only one. */
    String label();

    Kind<?> kind(A known);

    /** The part of the form that it belongs to; empty where the form has none. */
    default String group() {
        return "";
    }

    /**
     * The choices of other fields of which one must be made before a page asks this: the section before its sizes.
     * Empty where nothing like that is needed.
     */
    default Set<String> onlyWith(A known) {
        return Set.of();
    }

    default boolean isAsked(A known) {
        return true;
    }

    /** Whether an empty entry is missed; looked at once all entries of the form are read. */
    default boolean isNeeded(A known) {
        return true;
    }

    /** Whether the usual answer follows from other answers, so that an empty entry is an answer. */
    default boolean isUsuallyByRule() {
        return false;
    }

    /** What other answers make of an empty entry; empty where they make nothing. */
    default Optional<Object> usualFor(A known) {
        return Optional.empty();
    }

    /** What a form starts with, as the reader would type it; empty where nothing is usual. */
    default String usual(A known, Units units) {
        return "";
    }

    /** What is taken, in words. */
    default String accepted(A known, Units units) {
        return kind(known).accepted(units) + (isNeeded(known) || isUsuallyByRule() ? "" : ", or nothing");
    }
}

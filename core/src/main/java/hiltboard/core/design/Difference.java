package hiltboard.core.design;

import hiltboard.core.measure.Units;
import java.util.Arrays;
import java.util.List;

/**
 * One answer that differs between two specifications, in words; empty where the question is not asked.
 *
 * @param field key of the question
 */
public record Difference(String field, String label, String was, String is) {

    /** What differs, in the order of the questions. */
    public static List<Difference> between(Specification before, Specification after, Units units) {
        return Arrays.stream(SpecificationField.values())
                .map(field -> new Difference(
                        field.key(), field.label(), before.words(field, units), after.words(field, units)))
                .filter(difference -> !difference.was.equals(difference.is))
                .toList();
    }

    /** {@code Finish was Hand satin, is Etched dark}. */
    public String words() {
        return label + " " + (was.isEmpty() ? "" : "was " + was + ", ") + (is.isEmpty() ? "is dropped" : "is " + is);
    }
}

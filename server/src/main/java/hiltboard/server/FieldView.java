package hiltboard.server;

import hiltboard.core.field.Day;
import hiltboard.core.field.Field;
import hiltboard.core.field.Option;
import hiltboard.core.measure.Units;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;

/**
 * One question of a form, as a page asks it.
 *
 * @param group the part of the form that it belongs to
 * @param accepted what is taken, in words
 * @param usual what the form starts with, as it would be typed
 * @param isNeeded whether an empty entry is missed, as far as that can be said of an empty form
 * @param isUsuallyByRule whether it may be left empty, since it follows from other answers
 * @param choices empty where the answer is written; one without a value first where it may be left open
 * @param onlyWith the choices of other questions of which one must be made before this is asked; empty where it always
 *     is
 */
public record FieldView(
        String key,
        String label,
        String group,
        String accepted,
        String usual,
        boolean isNeeded,
        boolean isUsuallyByRule,
        boolean isDay,
        List<Option> choices,
        Set<String> onlyWith) {
    private static final Option NONE = new Option("", "None");

    /** @param empty what the field looks at before anybody has answered */
    public static <A> FieldView of(Field<A> field, A empty, Units units) {
        List<Option> choices = new ArrayList<>(field.kind(empty).options());
        boolean isNeeded = field.isNeeded(empty);
        String usual = field.usual(empty, units);
        if (!choices.isEmpty() && !isNeeded && usual.isEmpty()) {
            choices.add(0, NONE);
        }
        return new FieldView(
                field.key(),
                field.label(),
                field.group(),
                field.accepted(empty, units),
                usual,
                isNeeded,
                field.isUsuallyByRule(),
                field.kind(empty) instanceof Day,
                choices,
                new TreeSet<>(field.onlyWith(empty)));
    }
}

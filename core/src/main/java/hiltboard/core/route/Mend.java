package hiltboard.core.route;

import hiltboard.core.design.Specification;
import hiltboard.core.design.SpecificationField;
import hiltboard.core.field.Choice;
import hiltboard.core.field.Option;
import hiltboard.core.measure.Units;
import hiltboard.core.route.Planned.Ordered;
import java.util.Optional;

/** Settings that no order of work can serve, and the one answer whose change would mend it. */
public record Mend(SpecificationField field, String from, String to) {

    /**
     * The last question whose answer, changed alone, gives an order that keeps every rule. Later questions are schools,
     * earlier ones the knife itself.
     */
    public static Optional<Mend> of(Specification spec, Place place, Rework rework, RoutePlanner planner) {
        SpecificationField[] fields = SpecificationField.values();
        for (int i = fields.length - 1; i >= 0; i--) {
            if (fields[i].kind(spec) instanceof Choice choice && spec.entries().containsKey(fields[i].key())) {
                for (Option option : choice.options()) {
                    Optional<Specification> changed =
                            spec.entries().get(fields[i].key()).equals(option.value())
                                    ? Optional.empty()
                                    : spec.with(fields[i], option.value());
                    if (changed.filter(
                                    each -> planner.plan(each, Operations.of(each, place, rework)) instanceof Ordered)
                            .isPresent()) {
                        return Optional.of(
                                new Mend(fields[i], spec.words(fields[i], Units.INCH_FAHRENHEIT), option.words()));
                    }
                }
            }
        }
        return Optional.empty();
    }

    /** {@code Change “Bevels are ground” from “After hardening” to “Rough before, finish after”.} */
    public String words() {
        return "Change “" + field.label() + "” from “" + from + "” to “" + to + "”.";
    }
}

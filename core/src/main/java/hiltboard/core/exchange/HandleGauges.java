package hiltboard.core.exchange;

import hiltboard.core.design.Specification;
import hiltboard.core.fit.HandleSections;
import hiltboard.core.measure.Units;
import java.util.List;

/** The handle's sections as templates at 1:1: cut out, held against the handle, the same for every one of a batch. */
public final class HandleGauges {
    private HandleGauges() {}

    /** From front to butt; none for a folder and for an axe. */
    public static List<Template> of(Specification spec, Units units) {
        return HandleSections.of(spec).stream()
                .map(section -> new Template(
                        section.name() + ", "
                                + section.behindFront().asTaped(units).brieflyIn(units) + " behind the front: "
                                + section.high().asRead(units).in(units) + " × "
                                + section.thick().asRead(units).in(units),
                        List.of(section.border()),
                        List.of()))
                .toList();
    }
}

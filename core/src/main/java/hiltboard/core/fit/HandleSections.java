package hiltboard.core.fit;

import hiltboard.core.blade.Outline;
import hiltboard.core.design.HandleForm;
import hiltboard.core.design.Specification;
import hiltboard.core.design.SpecificationField;
import hiltboard.core.measure.Length;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** The finished handle cut across where a maker holds a gauge against it, from front to butt. */
public final class HandleSections {
    private HandleSections() {}

    /**
     * One cut.
     *
     * @param behindFront how far behind the front of the handle
     */
    public record Section(String name, Length behindFront, HandleForm.Cut cut, boolean isFaceted) {
        /** Its border around its middle. */
        public Outline border() {
            return isFaceted ? cut.border().faceted(0) : cut.border().outline(0);
        }

        public Length high() {
            return Length.ofMillimetres(2 * cut.border().halfHigh());
        }

        public Length thick() {
            return Length.ofMillimetres(2 * cut.border().halfThick());
        }

        /** The radius of its corners, or how far from each its flat begins. */
        public Length corner() {
            return Length.ofMillimetres(
                    isFaceted ? cut.border().facet() : cut.border().radius());
        }
    }

    /** None for a folder, whose sides are flat, and for an axe. */
    public static List<Section> of(Specification spec) {
        Optional<HandleForm> form = spec.isAxe() ? Optional.empty() : HandleForm.of(spec);
        List<Section> sections = new ArrayList<>();
        form.ifPresent(handle -> {
            double swell = spec.length(SpecificationField.SWELL_AT).millimetres();
            double butt = handle.buttBegins() - handle.front();
            add(spec, sections, handle, "Front", 0);
            add(
                    spec,
                    sections,
                    handle,
                    "Waist",
                    spec.length(SpecificationField.WAIST_AT).millimetres());
            add(spec, sections, handle, "Palm swell", swell);
            add(spec, sections, handle, "Between swell and butt", (swell + butt) / 2);
            add(spec, sections, handle, "Butt", butt);
        });
        return List.copyOf(sections);
    }

    private static void add(
            Specification spec, List<Section> sections, HandleForm handle, String name, double behindFront) {
        handle.at(handle.front() + behindFront)
                .ifPresent(cut ->
                        sections.add(new Section(name, Length.ofMillimetres(behindFront), cut, spec.hasFacets())));
    }
}

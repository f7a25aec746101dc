package hiltboard.core.job;

import hiltboard.core.design.Advice;
import hiltboard.core.design.Specification;
import hiltboard.core.design.SpecificationField;
import java.util.ArrayList;
import java.util.List;

/** What the client is told about keeping the knife. Common practice of the trade. */
public final class CareCard {
    private CareCard() {}

    /** The lines of the card for this knife. */
    public static List<String> of(Specification spec) {
        List<String> lines = new ArrayList<>();
        lines.add("It is sharp. Keep it from children, cut away from yourself, never catch a falling knife.");
        lines.add("Wash by hand, dry at once. No dishwasher.");
        lines.add(
                spec.steel().stainless()
                        ? "The blade is stainless, which is not rust-proof: salt and acid are rinsed off after use."
                        : "The blade is " + spec.steel().family()
                                + ": it rusts if left wet and greys with use. A thin film of food-safe oil or wax keeps it.");
        lines.add("Its edge is " + spec.count(SpecificationField.EDGE_ANGLE) + "° a side"
                + (spec.hasMicroBevel() ? ", with a steeper micro bevel honed onto it" : "")
                + ": sharpen it at that, before it is blunt.");
        if (spec.finish().isEtched()) {
            lines.add("The finish is etched: no metal polish, no scouring.");
        }
        lines.add("Handle: " + spec.handleMaterial().words() + ". Do not soak it; keep it from heat.");
        if (spec.hasLeatherSheath()) {
            lines.add("Do not store it in the leather sheath: leather holds moisture.");
        }
        if (spec.isAxe()) {
            lines.add("Look at the head before each use: a loose head is not swung.");
        }
        if (spec.isFolder()) {
            lines.add("A drop of light oil at the pivot; keep grit out; close it with the palm, not over the edge.");
        }
        Advice.of(spec).stream()
                .map(Advice::card)
                .filter(line -> !line.isEmpty())
                .forEach(lines::add);
        lines.add("It cuts; it is no pry bar, screwdriver or chisel.");
        return List.copyOf(lines);
    }
}

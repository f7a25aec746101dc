package hiltboard.core.exchange;

import hiltboard.core.measure.Length;
import hiltboard.core.measure.Units;
import hiltboard.core.sheath.SheathPart;
import hiltboard.core.sheath.SheathPlan;
import java.util.List;

/** The parts of a sheath as templates at 1:1: cut edge, holes, and what is drawn on them. */
public final class SheathTemplates {
    private SheathTemplates() {}

    /** The largest first, as they are cut. */
    public static List<Template> of(SheathPlan plan, Units units) {
        return plan.parts(units).stream()
                .map(part ->
                        new Template(named(part, units), List.of(part.cut()), List.of(), part.lines(), pricked(part)))
                .toList();
    }

    private static String named(SheathPart part, Units units) {
        return part.name() + ", "
                + (part.holes().isEmpty()
                        ? "no holes"
                        : part.holes().size() + " holes of "
                                + part.hole().asRead(units).in(units));
    }

    private static List<Sheet.Circle> pricked(SheathPart part) {
        Length hole = part.hole();
        return part.holes().stream()
                .map(at -> new Sheet.Circle(at, hole.millimetres()))
                .toList();
    }
}

package hiltboard.core.exchange;

import hiltboard.core.blade.KnifeOutline;
import hiltboard.core.blade.KnifeOutline.Use;
import hiltboard.core.blade.Outline;
import hiltboard.core.blade.Point;
import hiltboard.core.design.KnifeShape;
import hiltboard.core.design.Specification;
import hiltboard.core.machine.Bore;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/**
 * One part as it is cut out: its closed outlines and its holes as they are drilled, from one datum. The datum is where
 * the spine meets the front of the handle; x towards the point, y away from the edge, in millimetres. The right scale
 * is the left one mirrored over the spine's line.
 *
 * @param lines what is only drawn on it: a fold, a groove
 * @param pricked holes along a seam, which nobody measures one by one
 */
public record Template(
        String name, List<Outline> outlines, List<Bore> holes, List<Outline> lines, List<Sheet.Circle> pricked) {
    /** What the part is called that is cut out of the bar. */
    public static final String STEEL = "Blade and tang";

    private static final String MOCK_UP = "Mock-up";

    public Template {
        outlines = List.copyOf(outlines);
        holes = List.copyOf(holes);
        lines = List.copyOf(lines);
        pricked = List.copyOf(pricked);
    }

    /** With nothing on it but its holes. */
    public Template(String name, List<Outline> outlines, List<Bore> holes) {
        this(name, outlines, holes, List.of(), List.of());
    }

    /** The parts of a piece that are cut to an outline. */
    public static List<Template> of(Specification spec) {
        KnifeOutline knife = KnifeShape.outline(spec);
        List<Template> parts = new ArrayList<>();
        if (spec.isAxe()) {
            parts.add(new Template("Head", List.of(knife.blade()), List.of()));
            parts.add(new Template("Haft", List.of(knife.handle()), List.of()));
            return parts;
        }
        List<Bore> bores =
                knife.holes().stream().map(hole -> Bore.of(hole, spec)).toList();
        parts.add(new Template(STEEL, List.of(knife.steel()), bores));
        if (spec.hasBlock()) {
            parts.add(new Template("Handle block", List.of(knife.handle()), List.of()));
        } else {
            String what = spec.isFolder() ? "side" : "scale";
            Template left = new Template(
                    "Left " + what,
                    List.of(KnifeShape.scale(spec)),
                    bores.stream()
                            .filter(bore -> bore.use() != Use.LIGHTENING && bore.use() != Use.BOLSTER)
                            .toList());
            parts.add(left);
            parts.add(left.mirrored("Right " + what));
            if (spec.hasScaleBolsters()) {
                Template bolster = new Template(
                        "Left bolster",
                        List.of(knife.guard()),
                        bores.stream().filter(bore -> bore.use() == Use.BOLSTER).toList());
                parts.add(bolster);
                parts.add(bolster.mirrored("Right bolster"));
            }
        }
        parts.add(new Template(MOCK_UP, mockUp(spec, knife), List.of()));
        return parts;
    }

    /** Whether it is the knife to be held before anything is cut, and no part of it. */
    public boolean isMockUp() {
        return name.equals(MOCK_UP);
    }

    /** What is cut from hardboard and held: with scales the steel's own outline is the whole knife. */
    private static List<Outline> mockUp(Specification spec, KnifeOutline knife) {
        return spec.hasScales()
                ? List.of(knife.steel())
                : Stream.of(knife.blade(), knife.guard(), knife.spacer(), knife.handle())
                        .filter(line -> !line.isEmpty())
                        .toList();
    }

    private Template mirrored(String mirrorName) {
        return new Template(
                mirrorName,
                outlines.stream().map(line -> line.moved(Template::over)).toList(),
                holes.stream().map(bore -> bore.at(over(bore.centre()))).toList());
    }

    private static Point over(Point point) {
        return new Point(point.x(), -point.y());
    }
}

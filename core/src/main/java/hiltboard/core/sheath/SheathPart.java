package hiltboard.core.sheath;

import hiltboard.core.blade.Outline;
import hiltboard.core.blade.Point;
import hiltboard.core.measure.Length;
import java.util.List;
import java.util.function.UnaryOperator;

/**
 * One part of a sheath as it is cut out, in millimetres.
 *
 * @param holes pierced or punched, in the order of the seam
 * @param hole how wide they are
 * @param lines what is only drawn on it: the groove of the stitches, the fold, where another part lies
 */
public record SheathPart(String name, Outline cut, List<Point> holes, Length hole, List<Outline> lines) {
    public SheathPart {
        holes = List.copyOf(holes);
        lines = List.copyOf(lines);
    }

    SheathPart moved(String as, UnaryOperator<Point> move) {
        return new SheathPart(
                as,
                cut.moved(move),
                holes.stream().map(move).toList(),
                hole,
                lines.stream().map(line -> line.moved(move)).toList());
    }
}

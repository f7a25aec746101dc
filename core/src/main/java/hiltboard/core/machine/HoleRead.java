package hiltboard.core.machine;

import hiltboard.core.blade.Point;
import hiltboard.core.measure.Length;
import java.util.Optional;

/**
 * A hole as it was measured.
 *
 * @param part as its template calls it
 * @param number in the part's table, from one
 * @param size empty where only its place was measured
 */
public record HoleRead(String part, int number, Length x, Length y, Optional<Length> size) {
    public Point place() {
        return new Point(x.millimetres(), y.millimetres());
    }
}

package hiltboard.core.stock.cutting;

import hiltboard.core.measure.Length;

/**
 * A bar on the rack.
 *
 * @param id by which the caller knows it
 */
public record Bar(String id, String grade, Length thickness, Length width, Length length) {

    /** Bars that are cut alike: all but their names. */
    Bar alike() {
        return new Bar("", grade, thickness, width, length);
    }

    /** Square millimetres of its side. */
    double area(double alongMillimetres) {
        return alongMillimetres * width.millimetres();
    }
}

package hiltboard.core.exchange;

import hiltboard.core.blade.Outline;
import java.util.List;
import java.util.Optional;

/** What came of a drawing that came in. */
public sealed interface ReadDrawing {

    /**
     * Its closed outlines, y upwards, in the drawing's own unit.
     *
     * @param millimetresPerUnit empty where the drawing does not say
     */
    record Outlines(List<Outline> closed, Optional<Double> millimetresPerUnit) implements ReadDrawing {
        public Outlines {
            closed = List.copyOf(closed);
        }
    }

    /** What is wrong with it, and what would be taken. */
    record Refused(String problem, String accepted) implements ReadDrawing {}
}

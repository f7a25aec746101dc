package hiltboard.core.machine;

import hiltboard.core.measure.Length;
import hiltboard.core.measure.ThreadSize;
import hiltboard.core.measure.Units;
import hiltboard.core.measure.Worked;
import java.util.Optional;

/**
 * The hole that a screw goes through: the close clearance of its thread (ISO 273 fine; the close fit of the usual
 * charts for inch screws).
 */
public record ScrewHole(ThreadSize thread) {

    /** Of a screw of this diameter; empty where no thread is so thick. */
    public static Optional<ScrewHole> of(Length diameter) {
        return ThreadSize.ofMajor(diameter).map(ScrewHole::new);
    }

    public Worked<Length> drill(Units units) {
        String name = thread.series().nearest(thread.close()).name();
        return Worked.of(
                        thread.close(),
                        thread.name() + " screw: close clearance "
                                + thread.close().in(units) + ", " + name + " drill; with room "
                                + thread.free().in(units))
                .called(name + " drill");
    }
}

package hiltboard.core.route;

import hiltboard.core.machine.Cutting.Mill;
import hiltboard.core.measure.Length;
import java.util.Optional;

/**
 * One of the places to work that a station has: one of two grinders, a kiln of 20 in. Immutable.
 *
 * @param longest piece that it takes; empty where that does not matter
 * @param mill what it bears, of a mill; empty where nobody has said
 */
public record Workplace(Station station, String name, Optional<Length> longest, Optional<Mill> mill) {
    public Workplace(Station station, String name, Optional<Length> longest) {
        this(station, name, longest, Optional.empty());
    }

    public boolean takes(Length length) {
        return longest.map(most -> length.compareTo(most) <= 0).orElse(true);
    }
}

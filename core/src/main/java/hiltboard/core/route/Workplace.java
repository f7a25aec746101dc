package hiltboard.core.route;

import hiltboard.core.measure.Length;
import java.util.Optional;

/**
 * One of the places to work that a station has: one of two grinders, a kiln of 20 in. Immutable.
 *
 * @param longest piece that it takes; empty where that does not matter
 */
public record Workplace(Station station, String name, Optional<Length> longest) {

    public boolean takes(Length length) {
        return longest.map(most -> length.compareTo(most) <= 0).orElse(true);
    }
}

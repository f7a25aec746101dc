package hiltboard.core.route;

import hiltboard.core.measure.Temperature;
import java.util.Map;
import java.util.NavigableMap;
import java.util.TreeMap;

/**
 * What clean carbon steel looks like after minutes at a tempering heat: palest yellow 430 °F, pale straw 450, straw
 * 460, yellow-brown 490, brown-purple 520, purple 540, blue 560 (handbook table, from memory). Hours shift it: two
 * hours at 400 °F show straw already.
 */
final class TemperColour {
    private static final int HOURS_SHIFT = 50;
    private static final int PURPLE = 540;
    private static final NavigableMap<Integer, String> FROM_FAHRENHEIT = new TreeMap<>(Map.of(
            0,
            "hardly any colour",
            430,
            "palest yellow",
            450,
            "straw to gold",
            490,
            "yellow-brown",
            520,
            "brown to purple",
            540,
            "purple",
            560,
            "blue",
            620,
            "grey-blue"));

    private TemperColour() {}

    /** The colour at which a blade that is tempered at this heat has become too soft. */
    static String tooSoft(Temperature heat) {
        return heat.fahrenheit() + HOURS_SHIFT < PURPLE ? "blue" : "grey all over";
    }

    /** The colour after hours at this heat. */
    static String at(Temperature heat) {
        return FROM_FAHRENHEIT
                .floorEntry((int) Math.floor(heat.fahrenheit() + HOURS_SHIFT + 1e-6))
                .getValue();
    }
}

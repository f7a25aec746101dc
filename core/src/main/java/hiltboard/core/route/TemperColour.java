package hiltboard.core.route;

import hiltboard.core.measure.Temperature;

/**
 * What clean carbon steel looks like after minutes at a tempering heat: palest yellow 430 °F, pale straw 450, straw 460, yellow-brown 490,
 * brown-purple 520, purple 540, blue 560 (handbook table, from memory). Hours shift it: two hours at 400 °F show straw already.
 */
final class TemperColour {
    private static final int HOURS_SHIFT = 50;
    private static final int PURPLE = 540;
    private static final int[] FROM_FAHRENHEIT = {430, 450, 490, 520, 540, 560, 620};
    private static final String[] WORDS = {"palest yellow", "straw to gold", "yellow-brown", "brown to purple", "purple", "blue",
            "grey-blue"};

    private TemperColour() {}

    /** The colour at which a blade that is tempered at this heat has become too soft. */
    static String tooSoft(Temperature heat) {
        return heat.fahrenheit() + HOURS_SHIFT < PURPLE ? "blue" : "grey all over";
    }

    /** The colour after hours at this heat. */
    static String at(Temperature heat) {
        String colour = "hardly any colour";
        for (int i = 0; i < WORDS.length; i++) {
            if (heat.fahrenheit() + HOURS_SHIFT >= FROM_FAHRENHEIT[i] - 1e-6) {
                colour = WORDS[i];
            }
        }
        return colour;
    }
}

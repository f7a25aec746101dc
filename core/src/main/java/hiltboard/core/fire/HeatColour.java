package hiltboard.core.fire;

import hiltboard.core.measure.Temperature;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * What hot steel looks like: the glow, and the film that grows on clean carbon steel. Usual tables of handbooks, from
 * memory. A rule of thumb, no measurement.
 *
 * @param from the temperature at which it is usually seen
 * @param red, green and blue: roughly how it looks, 0 to 255
 */
public record HeatColour(Temperature from, String words, Kind kind, int red, int green, int blue) {
    public enum Kind {
        TEMPER,
        GLOW
    }

    public static final String LIGHT_DECEIVES =
            "Light deceives: the same glow looks darker in daylight than in the shade. Nobody reads a colour to better than 30 °F (15 °C).";
    public static final String TIME_SHIFTS =
            "Time shifts a temper colour: these are for some minutes at heat. Hours at 400 °F (205 °C) give "
                    + "straw as well, and stainless colours later.";

    private static final List<HeatColour> TEMPER = List.of(
            temper(430, "palest yellow", 0xf1e6b4),
            temper(450, "pale straw", 0xead48a),
            temper(460, "straw", 0xdfbf62),
            temper(490, "yellow-brown", 0xb98c3e),
            temper(520, "brown-purple", 0x8a5a55),
            temper(540, "purple", 0x6a4c86),
            temper(560, "blue", 0x3f5fa8));
    private static final List<HeatColour> GLOW = List.of(
            glow(930, "faint red, seen in the dark", 0x3a0d0a),
            glow(1075, "blood red", 0x5c0f0c),
            glow(1175, "dark cherry", 0x7d1510),
            glow(1275, "medium cherry", 0x9c1d13),
            glow(1375, "cherry", 0xbd2817),
            glow(1475, "bright cherry", 0xd93c1c),
            glow(1550, "light red", 0xea5524),
            glow(1650, "orange", 0xf57f2c),
            glow(1725, "light orange", 0xfa9d3f),
            glow(1825, "yellow", 0xfcc45c),
            glow(1975, "light yellow", 0xfde292),
            glow(2200, "white", 0xfff8e1));

    private static HeatColour temper(int fahrenheit, String words, int rgb) {
        return colour(fahrenheit, words, Kind.TEMPER, rgb);
    }

    private static HeatColour glow(int fahrenheit, String words, int rgb) {
        return colour(fahrenheit, words, Kind.GLOW, rgb);
    }

    private static HeatColour colour(int fahrenheit, String words, Kind kind, int rgb) {
        return new HeatColour(
                Temperature.ofFahrenheit(fahrenheit), words, kind, rgb >> 16, rgb >> 8 & 0xff, rgb & 0xff);
    }

    /** All of them, coldest first. */
    public static List<HeatColour> all() {
        return Stream.of(TEMPER, GLOW).flatMap(List::stream).toList();
    }

    /** The colour at this temperature; empty where none is seen. */
    public static Optional<HeatColour> at(Temperature temperature) {
        return all().stream()
                .filter(colour -> colour.from.celsius() <= temperature.celsius() + 1e-9)
                .max(Comparator.comparingDouble(colour -> colour.from.celsius()))
                .filter(colour -> colour.kind == Kind.GLOW || temperature.fahrenheit() < 640);
    }
}

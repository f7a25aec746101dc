package hiltboard.core.material;

import hiltboard.core.measure.Temperature;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What a steel is, by its standard designation, before anything is done to it.
 *
 * @param number of the material where the designation has one, such as 1.2235; otherwise empty
 * @param forging from the lowest to the highest heat it is forged at; empty where that is not known
 * @param normalising each cooler than the one before; empty where the steel is annealed instead, since it hardens in
 *     air
 */
public record Grade(
        String designation,
        String number,
        String family,
        Composition composition,
        Density density,
        Optional<HeatRange> forging,
        List<Temperature> normalising,
        Map<Datum, Source> sources) {

    private static final Source MEMORY = new Source("Data sheets of the grade", true);

    public Grade {
        normalising = List.copyOf(normalising);
        sources = Map.copyOf(sources);
    }

    /** The families that a steel can be of, as the trade calls them. */
    public static List<String> families() {
        return KnownSteels.FAMILIES;
    }

    public Source source(Datum datum) {
        return sources.getOrDefault(datum, MEMORY);
    }

    /** Soft steel that clads a hard core and is never hardened itself. */
    public static Grade mild() {
        return KnownSteels.MILD;
    }
}

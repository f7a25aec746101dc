package hiltboard.core.chain;

import hiltboard.core.chain.Link.Stale;
import hiltboard.core.measure.Judgement;
import hiltboard.core.measure.Quantity;
import hiltboard.core.measure.Units;
import hiltboard.core.measure.Worked;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;

/** The graph of all numbers of one piece, computed downstream from what was designed and what was measured. */
public final class DimensionChain {
    private final Map<String, Link> links = new LinkedHashMap<>();
    private final Map<String, Dimension> dimensions;
    private final Map<String, Quantity> readings;
    private final Map<String, Quantity> madeTo;
    private final Units units;

    private DimensionChain(
            List<Dimension> dimensions, Map<String, Quantity> readings, Map<String, Quantity> madeTo, Units units) {
        this.dimensions = dimensions.stream()
                .collect(Collectors.toMap(Dimension::key, Function.identity(), (a, b) -> b, LinkedHashMap::new));
        this.readings = readings;
        this.madeTo = madeTo;
        this.units = units;
        this.dimensions.keySet().forEach(key -> link(key, List.of()));
    }

    /**
     * Computes every number.
     *
     * @param readings what was measured, by key; keys that are no longer part of the piece are ignored
     * @param madeTo what parts were made to, by key
     * @throws IllegalStateException if numbers hang on each other in a circle or on one that does not exist
     * @throws hiltboard.core.measure.ImpossibleQuantity if the readings cannot belong to one piece
     */
    public static DimensionChain of(
            List<Dimension> dimensions, Map<String, Quantity> readings, Map<String, Quantity> madeTo, Units units) {
        return new DimensionChain(dimensions, readings, madeTo, units);
    }

    public List<Link> links() {
        return dimensions.keySet().stream().map(links::get).toList();
    }

    public Optional<Link> link(String key) {
        return Optional.ofNullable(links.get(key));
    }

    /** The value that counts now, if the piece has such a number. */
    public Optional<Quantity> value(String key) {
        return link(key).map(Link::current);
    }

    public List<Link> stale() {
        return links().stream().filter(link -> link.stale().isPresent()).toList();
    }

    /**
     * What a reading of a number is, beside all that is known of the piece. @throws java.util.NoSuchElementException if
     * it has no such number
     */
    public Judgement judge(String key, Quantity reading) {
        Link link = link(key).orElseThrow();
        return link.dimension()
                .judge()
                .of(
                        reading,
                        link.expected().value(),
                        wanted -> link(wanted).orElseThrow().current(),
                        units);
    }

    private Link link(String key, List<String> path) {
        Link done = links.get(key);
        if (done != null) {
            return done;
        }
        Dimension dimension = dimensions.get(key);
        if (dimension == null || path.contains(key)) {
            throw new IllegalStateException("The chain is broken at " + key + ", reached by " + path);
        }
        List<String> longer = new ArrayList<>(path);
        longer.add(key);
        Worked<? extends Quantity> expected =
                dimension.rule().compute(wanted -> link(wanted, longer).current(), units);
        Link link = judged(dimension, expected);
        links.put(key, link);
        return link;
    }

    private Link judged(Dimension dimension, Worked<? extends Quantity> expected) {
        Optional<Quantity> reading = Optional.ofNullable(readings.get(dimension.key()));
        Optional<Quantity> made = Optional.ofNullable(madeTo.get(dimension.key()));
        Optional<Quantity> kept = made.filter(value -> dimension.staysAsMade());
        Quantity current = reading.or(() -> kept).orElse(expected.value());
        Source source = reading.isPresent()
                ? Source.MEASURED
                : kept.isPresent() ? Source.MADE_TO : dimension.sourceUnmeasured();
        Optional<Stale> stale = made.filter(
                        value -> !dimension.staysAsMade() && !value.isWithin(dimension.tolerance(), expected.value()))
                .map(value -> new Stale(value, expected.value(), dimension.tolerance()));
        List<String> hangers = dimensions.values().stream()
                .filter(other -> other.from().contains(dimension.key()))
                .map(Dimension::key)
                .toList();
        return new Link(dimension, source, current, expected, hangers, made, stale);
    }
}

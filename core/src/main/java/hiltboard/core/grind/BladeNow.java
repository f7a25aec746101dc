package hiltboard.core.grind;

import hiltboard.core.blade.BladeSection;
import hiltboard.core.measure.Length;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Function;

/**
 * A blade as it is now, from what was measured at a few places: between them everything runs straight, beyond the
 * outermost it stays in the same proportion to the drawing.
 *
 * @param otherwise edge where none was measured: the bar's thickness before a bevel is on it
 */
public record BladeNow(BladeSection blade, Length otherwise, List<Measured> places) {
    public BladeNow {
        places = places.stream().sorted(Comparator.comparing(Measured::place)).toList();
    }

    /** What was measured at a place. @param left and right: heights of the bevels */
    public record Measured(
            BladePlace place,
            Optional<Length> edge,
            Optional<Length> spine,
            Optional<Length> left,
            Optional<Length> right) {

        public Optional<SidesCompared.Pair> heights() {
            return left.flatMap(low -> right.map(high -> new SidesCompared.Pair(low, high)));
        }
    }

    /** @param share of the way from the plunge to the point, zero to less than one */
    public GroundAt at(double share) {
        GroundAt drawn = GroundAt.designed(blade, share, otherwise);
        Length spine = proportional(share, Measured::spine, GroundAt::spine).orElse(drawn.spine());
        Length edge = between(share, Measured::edge).orElse(drawn.edge());
        Optional<Length> left = proportional(share, Measured::left, GroundAt::left);
        Optional<Length> right = proportional(share, Measured::right, GroundAt::right);
        return GroundAt.measured(
                blade,
                share,
                spine,
                smaller(edge, spine),
                smaller(left.or(() -> right).orElse(drawn.left()), drawn.width()),
                smaller(right.or(() -> left).orElse(drawn.right()), drawn.width()));
    }

    private static Length smaller(Length one, Length other) {
        return one.compareTo(other) < 0 ? one : other;
    }

    private Optional<Length> between(double share, Function<Measured, Optional<Length>> what) {
        TreeMap<Double, Double> known = new TreeMap<>();
        places.forEach(each ->
                what.apply(each).ifPresent(length -> known.put(each.place().share(), length.magnitude())));
        return along(known, share).map(nanometres -> new Length(Math.round(nanometres)));
    }

    /** What was measured as a share of what is drawn there. */
    private Optional<Length> proportional(
            double share, Function<Measured, Optional<Length>> what, Function<GroundAt, Length> drawn) {
        TreeMap<Double, Double> known = new TreeMap<>();
        places.forEach(each -> what.apply(each)
                .ifPresent(length -> known.put(
                        each.place().share(),
                        length.magnitude()
                                / drawn.apply(finished(each.place().share())).magnitude())));
        return along(known, share).map(part -> drawn.apply(finished(share)).times(part));
    }

    private GroundAt finished(double share) {
        return GroundAt.designed(blade, share, blade.edge());
    }

    private static Optional<Double> along(TreeMap<Double, Double> known, double share) {
        Optional<Map.Entry<Double, Double>> below = Optional.ofNullable(known.floorEntry(share));
        Optional<Map.Entry<Double, Double>> above = Optional.ofNullable(known.ceilingEntry(share));
        if (below.isEmpty() || above.isEmpty()) {
            return below.or(() -> above).map(Map.Entry::getValue);
        }
        double from = below.get().getKey();
        double to = above.get().getKey();
        double part = to > from ? (share - from) / (to - from) : 0;
        return Optional.of(below.get().getValue()
                + part * (above.get().getValue() - below.get().getValue()));
    }
}

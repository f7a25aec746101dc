package hiltboard.core.material;

import hiltboard.core.measure.Span;
import hiltboard.core.measure.Temperature;
import java.time.Duration;
import java.util.List;
import java.util.Optional;

/**
 * Hardness after {@value #TIMES} tempers of two hours each. Between its points it is read along a straight line;
 * outside them nothing is known.
 *
 * @param points at least two, by rising temperature
 * @param bandHrc how far a real blade may lie from it, either way
 */
public record TemperingCurve(List<Point> points, double bandHrc) {
    /** How often, and how long each time, a blade was tempered whose hardness the curve shows. */
    public static final int TIMES = 2;

    public static final Duration EACH = Duration.ofHours(2);
    public static final String AS_DRAWN = "twice for " + Span.words(EACH);

    /** @param hrc Rockwell C, 20 to 70 */
    public record Point(Temperature temperature, double hrc) {
        public Point {
            if (!(hrc >= 20 && hrc <= 70)) {
                throw new IllegalArgumentException("A hardness of " + hrc + " HRC is not read on the C scale");
            }
        }
    }

    public TemperingCurve {
        points = List.copyOf(points);
        if (points.size() < 2 || !(bandHrc > 0)) {
            throw new IllegalArgumentException("A tempering curve needs two points and a band");
        }
        for (int i = 1; i < points.size(); i++) {
            if (!(points.get(i - 1).temperature().celsius()
                    < points.get(i).temperature().celsius())) {
                throw new IllegalArgumentException("The points of a tempering curve rise in temperature");
            }
        }
    }

    public HeatRange range() {
        return new HeatRange(
                points.get(0).temperature(), points.get(points.size() - 1).temperature());
    }

    /** Hardness after this temper, in HRC; empty outside the points. */
    public Optional<Double> at(Temperature temperature) {
        double celsius = temperature.celsius();
        for (int i = 1; i < points.size(); i++) {
            Point low = points.get(i - 1);
            Point high = points.get(i);
            if (celsius >= low.temperature().celsius() - 1e-9
                    && celsius <= high.temperature().celsius() + 1e-9) {
                double share = (celsius - low.temperature().celsius())
                        / (high.temperature().celsius() - low.temperature().celsius());
                return Optional.of(low.hrc() + share * (high.hrc() - low.hrc()));
            }
        }
        return Optional.empty();
    }

    /** The lowest temperature that tempers to this hardness; empty where no point of the curve has it. */
    public Optional<Temperature> temperatureFor(double hrc) {
        for (int i = 1; i < points.size(); i++) {
            Point low = points.get(i - 1);
            Point high = points.get(i);
            if (hrc <= Math.max(low.hrc(), high.hrc()) && hrc >= Math.min(low.hrc(), high.hrc())) {
                double share = low.hrc() == high.hrc() ? 0 : (hrc - low.hrc()) / (high.hrc() - low.hrc());
                return Optional.of(Temperature.ofCelsius(low.temperature().celsius()
                        + share
                                * (high.temperature().celsius()
                                        - low.temperature().celsius())));
            }
        }
        return Optional.empty();
    }
}

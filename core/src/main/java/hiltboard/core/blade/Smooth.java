package hiltboard.core.blade;

/**
 * A smooth line through values at rising places that never goes beyond its neighbours: piecewise cubic with the slopes
 * of Fritsch and Butland (SIAM J. Sci. Stat. Comput. 5, 1984), zero at a greatest or least value; flat at its first and
 * last place only if the line there is.
 */
final class Smooth {
    private final double[] places;
    private final double[] values;
    private final double[] slopes;

    private Smooth(double[] places, double[] values, double[] slopes) {
        this.places = places;
        this.values = values;
        this.slopes = slopes;
    }

    static Smooth through(double[] places, double[] values) {
        int last = places.length - 1;
        double[] slopes = new double[places.length];
        for (int i = 1; i < last; i++) {
            slopes[i] = between(
                    rise(places, values, i - 1),
                    rise(places, values, i),
                    places[i] - places[i - 1],
                    places[i + 1] - places[i]);
        }
        slopes[0] = rise(places, values, 0);
        slopes[last] = rise(places, values, last - 1);
        return new Smooth(places, values, slopes);
    }

    private static double rise(double[] places, double[] values, int i) {
        return (values[i + 1] - values[i]) / (places[i + 1] - places[i]);
    }

    private static double between(double before, double after, double widthBefore, double widthAfter) {
        if (before * after <= 0) {
            return 0;
        }
        double share = (widthBefore + 2 * widthAfter) / (3 * (widthBefore + widthAfter));
        return before * after / (share * after + (1 - share) * before);
    }

    double at(double place) {
        int i = piece(place);
        double width = places[i + 1] - places[i];
        double t = (place - places[i]) / width;
        double u = 1 - t;
        return values[i] * u * u * (1 + 2 * t)
                + slopes[i] * width * t * u * u
                + values[i + 1] * t * t * (3 - 2 * t)
                - slopes[i + 1] * width * t * t * u;
    }

    double slopeAt(double place) {
        int i = piece(place);
        double width = places[i + 1] - places[i];
        double t = (place - places[i]) / width;
        return (values[i + 1] - values[i]) / width * 6 * t * (1 - t)
                + slopes[i] * (1 - t) * (1 - 3 * t)
                + slopes[i + 1] * t * (3 * t - 2);
    }

    private int piece(double place) {
        int i = 0;
        while (i < places.length - 2 && place > places[i + 1]) {
            i++;
        }
        return i;
    }
}

package hiltboard.core.measure;

/**
 * How far a reading may lie from what was expected. It is wider than what a part made to the number may be off where
 * everything downstream follows the reading: a guard of 0.366 in is a good 3/8 guard once its pocket is cut to it.
 *
 * @param below how much less it may be
 * @param above how much more
 */
public record Allowed(Quantity below, Quantity above) {

    public static Allowed eitherWay(Quantity tolerance) {
        return new Allowed(tolerance, tolerance);
    }
}

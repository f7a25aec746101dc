package hiltboard.core.measure;

/**
 * A line of arithmetic while it is written down: it says “=” where the figures as they are shown make the result as it
 * is shown, and “≈” where one of them had to be rounded to be shown. Of one line and one thread.
 */
public final class Working {
    private final Units units;
    private boolean isRounded;

    public Working(Units units) {
        this.units = units;
    }

    /** One figure of the line. */
    public String of(Quantity figure) {
        isRounded |= !isShownWhole(figure);
        return figure.in(units);
    }

    private boolean isShownWhole(Quantity figure) {
        if (figure instanceof Length length) {
            return length.isShownWhole(units);
        }
        if (figure instanceof Figure number) {
            return number.isShownWhole();
        }
        return !(figure instanceof Volume || figure instanceof SurfaceSpeed || figure instanceof Feed)
                && (!(figure instanceof Angle angle) || angle.isShownWhole());
    }

    /** One figure as a tape shows it. */
    public String taped(Length figure) {
        return coarse(figure, figure.asTaped(units));
    }

    /** A figure that is shown so, rounded from what it is. */
    public String rounded(String shown) {
        isRounded = true;
        return shown;
    }

    private String coarse(Length exact, Length coarse) {
        isRounded |= !coarse.equals(exact);
        return coarse.brieflyIn(units);
    }

    /** What the line comes to, with the sign before it. */
    public String comesTo(Quantity result) {
        return sign(of(result));
    }

    /** As {@link #comesTo(Quantity)}, shown no finer than a part that may be off by this needs. */
    public String comesTo(Length result, Length tolerance) {
        Length coarse = result.asTightAs(tolerance, units);
        of(coarse);
        isRounded |= !coarse.equals(result);
        return sign(result.tightIn(tolerance, units));
    }

    /** As {@link #comesTo(Quantity)}, as a tape shows it. */
    public String comesToTaped(Length result) {
        return sign(taped(result));
    }

    /** Where less than nothing counts as nothing: says so. */
    public String comesToOrNothing(Length result) {
        return result.nanometres() < 0 ? ", less than nothing" : comesTo(result);
    }

    private String sign(String result) {
        return (isRounded ? " ≈ " : " = ") + result;
    }
}

package hiltboard.core.design;

import static hiltboard.core.design.SpecificationField.BUTT_ROUND;
import static hiltboard.core.design.SpecificationField.HANDLE_ROUNDING;
import static hiltboard.core.design.SpecificationField.STOCK_THICKNESS;

import hiltboard.core.blade.Area;
import hiltboard.core.blade.RoundedRectangle;
import java.util.Optional;

/**
 * The finished handle of a knife, cut across anywhere: as wide as its outline there, thickest at the palm swell, its
 * four corners rounded.
 */
public final class HandleForm {
    private static final double AT_AN_END = 0.001;

    private final Specification spec;
    private final HandleThickness along;
    private final Area outline;

    private HandleForm(Specification spec) {
        this.spec = spec;
        this.along = HandleThickness.of(spec, KnifeShape.of(spec).handle());
        this.outline = Area.of(KnifeShape.outline(spec).handle());
    }

    /** Empty where the handle is no block and has no scales. */
    public static Optional<HandleForm> of(Specification spec) {
        return spec.hasBlock() || spec.hasScales() ? Optional.of(new HandleForm(spec)) : Optional.empty();
    }

    /**
     * A cut across the handle, in millimetres.
     *
     * @param middle height of its middle above the spine's line, mostly below nothing
     * @param border from side to side and from belly to back
     */
    public record Cut(double middle, RoundedRectangle border) {}

    /** Behind the heel's plane, in millimetres: where the handle begins. */
    public double front() {
        return along.front();
    }

    /** Behind the heel's plane, in millimetres: where it ends. */
    public double end() {
        return along.front() + along.length();
    }

    /** Behind the heel's plane, in millimetres: where its butt begins to be rounded. */
    public double buttBegins() {
        return end() - spec.length(BUTT_ROUND).millimetres();
    }

    /** The cut at a place behind the heel's plane, in millimetres; empty where there is no handle. */
    public Optional<Cut> at(double behindHeel) {
        // Its two ends belong to it, though its border is not crossed there.
        double clear = Math.abs(behindHeel - front()) < AT_AN_END
                ? front() + AT_AN_END
                : Math.abs(behindHeel - end()) < AT_AN_END ? end() - AT_AN_END : behindHeel;
        double[] border = outline.crossings(-clear);
        if (border.length < 2) {
            return Optional.empty();
        }
        double low = border[0];
        double high = border[border.length - 1];
        double thick = thickness(behindHeel);
        double rounding = spec.length(HANDLE_ROUNDING).millimetres();
        return Optional.of(new Cut((low + high) / 2, RoundedRectangle.across((high - low) / 2, thick / 2, rounding)));
    }

    private double thickness(double behindHeel) {
        return spec.hasBlock()
                ? along.ofBlock(behindHeel)
                : 2 * along.ofScale(behindHeel) + spec.length(STOCK_THICKNESS).millimetres();
    }
}

package hiltboard.core.design;

import static hiltboard.core.design.SpecificationField.ENDS_THINNER;
import static hiltboard.core.design.SpecificationField.HANDLE_THICKNESS;
import static hiltboard.core.design.SpecificationField.SWELL_AT;

import hiltboard.core.blade.HandleProfile;

/**
 * How thick a handle is along its length, in millimetres: most at the palm swell, less towards both ends.
 *
 * @param front and {@code length} of the handle, behind the heel's plane
 * @param swell where it is thickest, behind its front
 * @param thickest of the block, or of one scale with its liner
 * @param thinnerBy how much less the whole handle is at both ends
 */
record HandleThickness(double front, double length, double swell, double thickest, double thinnerBy) {

    /** @param spec of a knife with a block or with scales */
    static HandleThickness of(Specification spec, HandleProfile handle) {
        return new HandleThickness(
                handle.front().millimetres(),
                handle.length().millimetres(),
                spec.length(SWELL_AT).millimetres(),
                (spec.hasBlock() ? spec.length(HANDLE_THICKNESS) : spec.scaleOnTang()).millimetres(),
                spec.length(ENDS_THINNER).millimetres());
    }

    double ofScale(double behindHeel) {
        return thickest - thinnerBy / 2 * towardsEnds(behindHeel);
    }

    double ofBlock(double behindHeel) {
        return thickest - thinnerBy * towardsEnds(behindHeel);
    }

    /** Nothing at the palm swell, one at both ends of the handle, smoothly between. */
    private double towardsEnds(double behindHeel) {
        double at = Math.max(0, behindHeel - front);
        double share = at < swell ? (swell - at) / swell : (at - swell) / (length - swell);
        return Math.min(1, share * share);
    }
}

package hiltboard.core.forge;

import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Units;
import hiltboard.core.measure.Working;
import java.util.ArrayList;
import java.util.List;

/**
 * A clad blade ground with flat bevels: where each layer comes out, and how unevenly it may be forged. Plane geometry:
 * a bevel from half the edge's thickness to half the blade's reaches a layer's boundary at the height where it is as
 * thick as that.
 *
 * @param core the core's thickness in the forged blank
 * @param sideLayers thickness of each layer on one side, from the core outwards
 * @param ground thickness of the blade after its faces are ground
 * @param edge thickness left at the edge
 * @param bevelHeight from the edge up
 */
public record CladBlade(Length core, List<Length> sideLayers, Length ground, Length edge, Length bevelHeight) {

    /** @throws ImpossibleQuantity if there is no cladding, or it cannot be ground so */
    public CladBlade {
        sideLayers = List.copyOf(sideLayers);
        if (sideLayers.isEmpty() || !core.isPositive() || sideLayers.stream().anyMatch(layer -> !layer.isPositive())) {
            throw new ImpossibleQuantity(
                    "cladding",
                    sideLayers.size() + " layers",
                    "a core and a layer or more on each side, all of some thickness");
        }
        if (edge.compareTo(Length.ZERO) < 0 || edge.compareTo(ground) >= 0 || !bevelHeight.isPositive()) {
            throw new ImpossibleQuantity(
                    "bevel",
                    units -> edge.in(units) + " to " + ground.in(units),
                    units -> "an edge thinner than the blade, and a height");
        }
        Length whole = forged(core, sideLayers);
        if (ground.compareTo(whole) > 0) {
            throw new ImpossibleQuantity(
                    "ground thickness", ground, units -> "at most the forged " + whole.downIn(units));
        }
    }

    private static Length forged(Length core, List<Length> sideLayers) {
        return core.plus(
                new Length(2 * sideLayers.stream().mapToLong(Length::nanometres).sum()));
    }

    /** The blank as it is forged, before its faces are ground. */
    public Length forged() {
        return forged(core, sideLayers);
    }

    /**
     * Where a layer begins on one side's bevel.
     *
     * @param layer from the core outwards, the first is 1
     * @param height above the edge
     */
    public record Surfacing(int layer, Length height) {}

    /**
     * Where the layers come out on one side, if the core lies off the middle towards it.
     *
     * @param shift of the core's middle towards this side; negative away from it. What one side's cladding loses the
     *     other gains, each layer in its share.
     */
    public List<Surfacing> surfacings(Length shift) {
        double slope = (ground.millimetres() - edge.millimetres()) / 2 / bevelHeight.millimetres();
        double cladding = (forged().millimetres() - core.millimetres()) / 2;
        double squeezed = (cladding - shift.millimetres()) / cladding;
        double boundary = core.millimetres() / 2 + shift.millimetres();
        List<Surfacing> found = new ArrayList<>();
        for (int i = 0; i < sideLayers.size(); i++) {
            if (boundary > edge.millimetres() / 2 && boundary < ground.millimetres() / 2) {
                found.add(new Surfacing(i + 1, Length.ofMillimetres((boundary - edge.millimetres() / 2) / slope)));
            }
            boundary += sideLayers.get(i).millimetres() * squeezed;
        }
        return found;
    }

    /**
     * How far the core may lie off the middle.
     *
     * @param core until it leaves the edge, so that soft cladding would cut
     * @param outermost until the outermost layer of one side is ground away
     */
    public record Tolerance(Length core, Length outermost, List<String> working) {
        public Tolerance {
            working = List.copyOf(working);
        }

        public Length least() {
            return core.compareTo(outermost) < 0 ? core : outermost;
        }
    }

    /** How unevenly it may be forged; nothing where even a perfect one is ground through. */
    public Tolerance tolerance(Units units) {
        Length untilCore = core.minus(edge).half();
        double cladding = (forged().millimetres() - core.millimetres()) / 2;
        Length groundOff = forged().minus(ground).half();
        double outermost = sideLayers.get(sideLayers.size() - 1).millimetres();
        Length untilOutermost = Length.ofMillimetres(Math.max(
                0, Math.round(cladding * (1 - groundOff.millimetres() / outermost) * 1e4) / 1e4));
        Length kept = untilCore.isPositive() ? untilCore : Length.ZERO;
        Working ofCore = new Working(units);
        return new Tolerance(
                kept,
                untilOutermost,
                List.of(
                        "core: (" + ofCore.of(core) + " − " + ofCore.of(edge) + ") / 2"
                                + ofCore.comesToOrNothing(untilCore),
                        "outermost layer: " + Length.ofMillimetres(cladding).in(units) + " × (1 − "
                                + groundOff.in(units) + " / "
                                + sideLayers.get(sideLayers.size() - 1).in(units) + ") ≈ " + untilOutermost.in(units)));
    }
}

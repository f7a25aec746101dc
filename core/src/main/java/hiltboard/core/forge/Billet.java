package hiltboard.core.forge;

import hiltboard.core.measure.Length;
import hiltboard.core.measure.Mass;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * A billet as it is after some work.
 *
 * @param layers as they lay in the stack, from below; after twisting and the like they still are so many, but no longer
 *     flat
 * @param isWelded whether it is one piece; a stack that is only clamped is not
 * @param hasSoundEnds whether the ends that never weld well are off
 * @param turns of twist by metre of its length
 * @param grain which steel lies where
 */
public record Billet(
        BarSection section,
        Length length,
        List<Layer> layers,
        boolean isWelded,
        boolean hasSoundEnds,
        double turns,
        Grain grain) {
    public Billet {
        layers = List.copyOf(layers);
    }

    static Billet stacked(List<Layer> layers, Length thickness, Length width, Length length) {
        List<Layer> joined = Layer.joined(layers);
        return new Billet(
                BarSection.flat(thickness, width),
                length,
                joined,
                false,
                false,
                0,
                Grain.stacked(joined, thickness.millimetres()));
    }

    /** In cubic millimetres. */
    public double volume() {
        return section.area() * length.millimetres();
    }

    /** What each steel weighs, in the order of the stack. */
    public Map<ForgeSteel, Mass> masses() {
        Map<ForgeSteel, Double> grams = new LinkedHashMap<>();
        layers.forEach(layer -> grams.merge(
                layer.steel(),
                layer.share() * volume() / 1000 * layer.steel().density().gramsPerCubicCentimetre(),
                Double::sum));
        Map<ForgeSteel, Mass> masses = new LinkedHashMap<>();
        grams.forEach((steel, weight) -> masses.put(steel, Mass.ofGrams(weight)));
        return masses;
    }

    public Mass mass() {
        return new Mass(masses().values().stream().mapToLong(Mass::milligrams).sum());
    }

    /** How thick a layer is on the average, where they lie flat. */
    public Length layerThickness() {
        return section.thickness().times(1d / layers.size());
    }

    /** Forged to another section and length, everything moving along. */
    Billet forged(BarSection to, Length newLength) {
        return new Billet(
                to,
                newLength,
                layers,
                isWelded,
                hasSoundEnds,
                turns * length.millimetres() / newLength.millimetres(),
                grain.forged(section, to, length.millimetres(), newLength.millimetres()));
    }

    Billet with(BarSection other, Length newLength, Grain newGrain) {
        return new Billet(other, newLength, layers, isWelded, hasSoundEnds, turns, newGrain);
    }

    Billet welded() {
        return new Billet(section, length, layers, true, hasSoundEnds, turns, grain);
    }
}

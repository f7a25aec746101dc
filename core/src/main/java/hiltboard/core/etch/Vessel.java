package hiltboard.core.etch;

import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.LiquidVolume;
import hiltboard.core.measure.Units;
import hiltboard.core.measure.Volume;
import hiltboard.core.measure.Worked;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * What a bath stands in, inside.
 *
 * @param across diameter of a round tube, or width of a trough
 * @param along length of a trough; empty where it is round
 * @param height to the rim
 */
public record Vessel(Length across, Optional<Length> along, Length height) {
    /** A blade that hangs or lies in it needs this much over it. */
    private static final Length OVER_IT = Length.ofMillimetres("10");
    /** So much stays free below the rim, so that nothing runs over when a hand goes in. */
    private static final double FULLEST = 0.95;

    private static final double SLENDER = 3;

    /** @throws ImpossibleQuantity if a side is nothing */
    public Vessel {
        for (Length side : List.of(across, along.orElse(across), height)) {
            if (!side.isPositive()) {
                throw new ImpossibleQuantity("inside of the vessel", side, "more than nothing");
            }
        }
    }

    /** Inside, across; in mm². */
    public double bottom() {
        double width = across.millimetres();
        return along.map(length -> length.millimetres() * width).orElse(Math.PI * width * width / 4);
    }

    public LiquidVolume holds() {
        return LiquidVolume.of(new Volume(bottom() * height.millimetres()));
    }

    /** Whether it tips over when somebody brushes past. */
    public boolean isSlender() {
        return height.millimetres() > SLENDER * across.millimetres();
    }

    /**
     * What has to be poured in so that a blade is covered.
     *
     * @param deep how deep the blade reaches into it: its length where it hangs, its width where it lies on its spine
     * @param steel what of it is in the bath
     * @throws ImpossibleQuantity if the vessel is too shallow for it
     */
    public Worked<LiquidVolume> toCover(Length deep, Volume steel, Units units) {
        Length level = deep.plus(OVER_IT);
        double most = height.millimetres() * FULLEST;
        if (level.millimetres() > most) {
            throw new ImpossibleQuantity(
                    "depth",
                    level,
                    reader -> "up to "
                            + Length.ofMillimetres(Math.floor(most)).in(reader)
                            + " in this vessel: hang it otherwise, or take a taller one");
        }
        LiquidVolume displaced = LiquidVolume.of(steel);
        LiquidVolume poured = LiquidVolume.of(new Volume(bottom() * level.millimetres()));
        LiquidVolume needed = poured.minus(displaced);
        return new Worked<>(
                needed,
                "",
                List.of(
                        taped(deep, units) + " + " + taped(OVER_IT, units) + " over it ≈ " + taped(level, units),
                        String.format(Locale.ROOT, "%.1f cm²", bottom() / 100) + " × "
                                + String.format(Locale.ROOT, "%.1f cm", level.millimetres() / 10) + " ≈ "
                                + poured.in(units),
                        poured.in(units) + " − " + displaced.in(units) + " of steel ≈ " + needed.in(units)),
                isSlender()
                        ? List.of(
                                "It is tall and narrow: a stand and a tray, and a loose lid, since a tight one builds "
                                        + "pressure.")
                        : List.of());
    }

    private static String taped(Length length, Units units) {
        return length.asTaped(units).brieflyIn(units);
    }
}

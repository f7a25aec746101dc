package hiltboard.core.forge;

import hiltboard.core.material.Saw;
import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Length;

/**
 * What one blade takes of a billet before it is forged or sawn to shape: as much steel as a bar of these sizes, and a
 * saw cut.
 */
public record BladeBlank(Length thickness, Length width, Length length) {
    /** @throws ImpossibleQuantity if it has no size */
    public BladeBlank {
        if (!thickness.isPositive() || !width.isPositive() || !length.isPositive()) {
            throw new ImpossibleQuantity(
                    "blank",
                    units -> thickness.in(units) + " × " + width.in(units) + " × " + length.in(units),
                    units -> "more than nothing every way");
        }
    }

    /** In cubic millimetres. */
    public double volume() {
        return thickness.millimetres() * width.millimetres() * length.millimetres();
    }

    /** How long a piece of a billet it takes, with its saw cut. */
    public Length lengthOf(BarSection section) {
        return Length.ofMillimetres(volume() / section.area()).plus(Saw.KERF);
    }

    /** How many come out of a billet. */
    public int countIn(Billet billet) {
        return (int) Math.min(
                Integer.MAX_VALUE,
                billet.length().plus(Saw.KERF).nanometres()
                        / lengthOf(billet.section()).nanometres());
    }

    /** What so many of them take of a billet of this section, in cubic millimetres. */
    public double volumeOf(int blades, BarSection section) {
        return blades * lengthOf(section).millimetres() * section.area();
    }
}

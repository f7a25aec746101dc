package hiltboard.core.forge;

import hiltboard.core.measure.Length;
import hiltboard.core.measure.Units;

/** Bars of one kind that a recipe asks for, each cut to this length. */
public record BarToCut(ForgeSteel steel, Length thickness, Length width, Length length, int count) {

    public String words(Units units) {
        return count + " × " + steel.words() + ", " + thickness.brieflyIn(units) + " × " + width.brieflyIn(units) + ", "
                + length.brieflyIn(units) + " long";
    }
}

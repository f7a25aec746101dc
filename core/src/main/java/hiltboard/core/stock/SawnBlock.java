package hiltboard.core.stock;

import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Units;
import java.util.ArrayList;
import java.util.List;

/**
 * A block or plank that is sawn into scales. Slabs are sawn off through its thickness; two that lay against each other,
 * opened like a book, mirror each other's figure. Arithmetic that anyone can redo: n pieces of a length take n of it
 * and n − 1 saw cuts.
 *
 * @param thickness that can be counted on, planed where it was sold nominal
 * @param kerf what the saw takes at each cut
 */
public record SawnBlock(Length thickness, Length width, Length length, Length kerf) {

    /** @throws ImpossibleQuantity if the saw takes nothing, or the block has no size */
    public SawnBlock {
        if (!kerf.isPositive()) {
            throw new ImpossibleQuantity("kerf", kerf, "more than nothing");
        }
        mustBePositive("thickness of the block", thickness);
        mustBePositive("width of the block", width);
        mustBePositive("length of the block", length);
    }

    /** The sizes of one scale as it is sawn. */
    public record Scale(Length thickness, Length width, Length length) {

        private static final Length LEAST = Length.ofInchFraction(1, 64);

        /** @throws ImpossibleQuantity if it is smaller than anything that can be sawn */
        public Scale {
            mustBeSawable("thickness of a scale", thickness);
            mustBeSawable("width of a scale", width);
            mustBeSawable("length of a scale", length);
        }

        private static void mustBeSawable(String what, Length length) {
            if (length.compareTo(LEAST) < 0) {
                throw new ImpossibleQuantity(what, length, units -> "at least " + LEAST.upIn(units));
            }
        }
    }

    /**
     * What a block yields.
     *
     * @param bookmatched pairs whose two scales lay against each other
     * @param plain further pairs, of slabs that are left over in two stacks
     * @param single one scale that stays without a second
     * @param working arithmetic that can be checked by hand
     */
    public record Yield(int bookmatched, int plain, int single, List<String> working) {
        public Yield {
            working = List.copyOf(working);
        }

        public int pairs() {
            return bookmatched + plain;
        }
    }

    /** How many scales of this size come out of it. */
    public Yield into(Scale scale, Units units) {
        List<String> working = new ArrayList<>();
        int slabs = count("through the thickness", thickness, scale.thickness(), units, working);
        int stacks = count("across the width", width, scale.width(), units, working)
                * count("along the length", length, scale.length(), units, working);
        int left = slabs % 2 * stacks;
        working.add(stacks + (stacks == 1 ? " stack" : " stacks") + " of " + slabs + ": " + slabs / 2 * stacks
                + " bookmatched" + (left == 0 ? "" : ", " + left + " left over"));
        return new Yield(slabs / 2 * stacks, left / 2, left % 2, working);
    }

    private int count(String where, Length there, Length each, Units units, List<String> working) {
        int count = (int) (there.plus(kerf).nanometres() / each.plus(kerf).nanometres());
        working.add(where + ": (" + there.in(units) + " + " + kerf.in(units) + ") / (" + each.in(units) + " + "
                + kerf.in(units) + ") → " + count);
        return count;
    }

    private static void mustBePositive(String what, Length length) {
        if (!length.isPositive()) {
            throw new ImpossibleQuantity(what, length, "more than nothing");
        }
    }
}

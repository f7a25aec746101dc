package hiltboard.core.machine;

import hiltboard.core.fit.TangSlot;
import hiltboard.core.measure.DrillSeries;
import hiltboard.core.measure.DrillSize;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Units;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What is set on a readout to mill the slot of a tang: zero in the middle of the slot, then every move with its place.
 * X runs along the slot, Y across it, away from the maker. Walls are cut against the turning cutter, which is clockwise
 * around the inside; only the last skim runs with it. Common practice.
 */
public final class ReadoutSheet {
    /** Holes of a chain stand so much further apart than the drill is thick. From memory. */
    private static final Length WEB = Length.ofInches("0.010");
    /** A drill that goes first leaves so much to the cutter on both sides together. From memory. */
    private static final Length LEFT_TO_THE_CUTTER = Length.ofInches("0.020");

    /** What the last skim takes at each wall. From memory. */
    private static final Length SKIM = Length.ofInches("0.002");

    private final TangSlot slot;
    private final Length cutter;

    public ReadoutSheet(TangSlot slot, Length cutter) {
        this.slot = slot;
        this.cutter = cutter;
    }

    /**
     * One move.
     *
     * @param x along the slot from its middle, and y across it
     */
    public record Move(String words, Length x, Length y) {}

    /** The same move on a piece that lies end for end: what ran to the right runs to the left. */
    public static Move turned(Move move) {
        return new Move(move.words(), move.x().times(-1), move.y().times(-1));
    }

    /** From zero to the last wall. */
    public List<Move> moves(Units units) {
        List<Move> moves = new ArrayList<>();
        moves.add(new Move("Zero in the middle of the slot", Length.ZERO, Length.ZERO));
        chain(moves);
        Length end = slot.tangWidth().half();
        Length beside = slot.width(units).value().minus(cutter).half();
        moves.add(new Move("Slot, to the left end", end.times(-1), Length.ZERO));
        moves.add(new Move("Slot, to the right end", end, Length.ZERO));
        if (beside.isPositive()) {
            Length rough = beside.compareTo(SKIM) > 0 ? beside.minus(SKIM) : beside;
            moves.add(new Move("Near wall", end, rough.times(-1)));
            moves.add(new Move("Along it, against the cutter", end.times(-1), rough.times(-1)));
            moves.add(new Move("Far wall", end.times(-1), rough));
            moves.add(new Move("Along it, against the cutter", end, rough));
            moves.add(new Move("Far wall, to its size", end, beside));
            moves.add(new Move("Last skim, with the cutter: back along it", end.times(-1), beside));
            moves.add(new Move("Near wall, to its size", end.times(-1), beside.times(-1)));
            moves.add(new Move("Last skim, with the cutter: back along it", end, beside.times(-1)));
        }
        return List.copyOf(moves);
    }

    /** A chain of holes through the slot before the cutter goes in: the largest even spacing that fits. */
    private void chain(List<Move> moves) {
        Optional<DrillSize> drill = drill();
        if (drill.isEmpty()) {
            return;
        }
        Length least = drill.get().diameter().plus(WEB);
        int spaces = (int) (slot.tangWidth().nanometres() / least.nanometres());
        for (int i = 0; i <= spaces; i++) {
            Length x = slot.tangWidth()
                    .times(spaces == 0 ? 0 : (double) i / spaces)
                    .minus(slot.tangWidth().half());
            moves.add(new Move(
                    "Drill, hole " + (i + 1) + " of " + (spaces + 1), spaces == 0 ? Length.ZERO : x, Length.ZERO));
        }
    }

    /** The drill of the chain; empty where the cutter is too thin for one. */
    public Optional<DrillSize> drill() {
        return DrillSeries.of(cutter).largestUnder(cutter.minus(LEFT_TO_THE_CUTTER));
    }
}

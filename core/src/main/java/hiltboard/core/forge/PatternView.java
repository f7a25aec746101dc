package hiltboard.core.forge;

import hiltboard.core.blade.BladeSection;
import hiltboard.core.blade.BladeSection.Slice;
import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Length;
import java.util.Optional;
import java.util.function.DoubleFunction;

/**
 * What is seen of a billet, as small squares in rows from the top left.
 *
 * @param left of the picture in millimetres, in the frame of what is looked at
 * @param top in millimetres, upwards
 * @param step a square's side in millimetres
 * @param isCoarse whether the squares are larger than they were asked for, since there would be too many: thin layers
 *     run together
 * @param shades how much of each square is dark, from 0 (bright) to 100 (dark); -1 where there is no steel
 */
public record PatternView(
        int columns, int rows, double left, double top, double step, boolean isCoarse, byte[] shades) {
    private static final byte NO_STEEL = -1;
    private static final int MOST_SQUARES = 4_000_000;
    /** Places looked at in each square, each way: thin layers would flicker otherwise. */
    private static final int LOOKS = 2;

    /** A place in the frame, as the steel that lies there; empty where there is none. */
    @FunctionalInterface
    private interface Seen {
        Optional<ForgeSteel> at(double x, double y);
    }

    /** The billet cut across at this share of its length: x across, y through its thickness. */
    public static PatternView across(Billet billet, double share, Length step) {
        double along = billet.length().millimetres() * share;
        double half = billet.section().width().millimetres() / 2;
        double thick = billet.section().thickness().millimetres() / 2;
        double corner = billet.section().cornersOff().millimetres();
        boolean isRound = billet.section().isRound();
        return of(-half, half, -thick, thick, step, (x, y) -> {
            boolean isInside = isRound
                    ? x * x + y * y <= half * half
                    : Math.abs(x) <= half && Math.abs(y) <= thick && Math.abs(x) + Math.abs(y) <= half + thick - corner;
            return isInside ? Optional.of(billet.grain().at(along, x, y)) : Optional.empty();
        });
    }

    /**
     * One side of a blade that is ground from the billet, its middle plane in the billet's, its heel at the billet's
     * beginning. In the blade's frame: x from the heel's plane, y up.
     */
    public static PatternView onBlade(Billet billet, BladeSection blade, Length step) {
        DoubleFunction<Optional<Slice>> slices = blade.slices();
        double length = blade.profile().length().millimetres();
        double top = 0;
        double bottom = 0;
        for (int i = 0; i <= 200; i++) {
            Slice slice = slices.apply(length * i / 200).orElseThrow();
            top = Math.max(top, slice.high());
            bottom = Math.min(bottom, slice.low());
        }
        double middle = (top + bottom) / 2;
        double[] lastX = {Double.NaN};
        Slice[] last = new Slice[1];
        return of(0, length, bottom, top, step, (x, y) -> {
            if (x != lastX[0]) {
                lastX[0] = x;
                last[0] = slices.apply(x).orElse(new Slice(0, 0, height -> 0));
            }
            boolean isInside = y >= last[0].low() && y <= last[0].high();
            return isInside
                    ? Optional.of(
                            billet.grain().at(x, y - middle, last[0].thickness().applyAsDouble(y) / 2))
                    : Optional.empty();
        });
    }

    private static PatternView of(double left, double right, double bottom, double top, Length step, Seen seen) {
        if (!step.isPositive()) {
            throw new ImpossibleQuantity("fineness of the picture", step, "more than nothing");
        }
        double finest = Math.sqrt((right - left) * (top - bottom) / MOST_SQUARES);
        boolean isCoarse = finest > step.millimetres();
        double side = isCoarse ? finest : step.millimetres();
        int columns = (int) Math.ceil((right - left) / side);
        int rows = (int) Math.ceil((top - bottom) / side);
        byte[] shades = new byte[columns * rows];
        for (int column = 0; column < columns; column++) {
            for (int row = 0; row < rows; row++) {
                shades[row * columns + column] = shade(left + column * side, top - row * side, side, seen);
            }
        }
        return new PatternView(columns, rows, left, top, side, isCoarse, shades);
    }

    private static byte shade(double left, double top, double side, Seen seen) {
        double dark = 0;
        int there = 0;
        for (int i = 0; i < LOOKS; i++) {
            for (int j = 0; j < LOOKS; j++) {
                Optional<ForgeSteel> steel = seen.at(left + (i + 0.5) / LOOKS * side, top - (j + 0.5) / LOOKS * side);
                if (steel.isPresent()) {
                    there++;
                    dark += steel.get().tone().darkness();
                }
            }
        }
        return 2 * there < LOOKS * LOOKS ? NO_STEEL : (byte) Math.round(100 * dark / there);
    }
}

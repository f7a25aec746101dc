package hiltboard.core.forge;

import java.util.Arrays;
import java.util.List;

/**
 * Which steel lies where in a billet. Places are in millimetres from the middle of the section and from one end: along
 * the billet, across it, and through its thickness. Each work of the smith is undone to find where a place came from:
 * what is asked of the finished billet is answered by the stack.
 */
@FunctionalInterface
public interface Grain {

    ForgeSteel at(double along, double across, double through);

    /** Layers lying flat, from the lower face up; beyond the faces the outermost one. */
    static Grain stacked(List<Layer> layers, double thickness) {
        double[] tops = new double[layers.size()];
        double top = 0;
        for (int i = 0; i < tops.length; i++) {
            top += layers.get(i).share();
            tops[i] = top;
        }
        return (along, across, through) -> {
            int found = Arrays.binarySearch(tops, through / thickness + 0.5);
            return layers.get(Math.min(found < 0 ? -found - 1 : found + 1, tops.length - 1))
                    .steel();
        };
    }

    /** Everything moves with the sides as they are drawn in or out, and the length gives what the section takes. */
    default Grain forged(BarSection from, BarSection to, double lengthFrom, double lengthTo) {
        double stretch = lengthFrom / lengthTo;
        return (along, across, through) -> {
            double wide = across / (to.width().millimetres() / 2);
            double thick = through / (to.thickness().millimetres() / 2);
            double factor = (from.isRound() ? 1 : ray(wide, thick)) / (to.isRound() ? 1 : ray(wide, thick));
            double kept = from.isRound() == to.isRound() ? 1 : factor;
            return at(
                    along * stretch,
                    wide * kept * from.width().millimetres() / 2,
                    thick * kept * from.thickness().millimetres() / 2);
        };
    }

    /**
     * How much farther the edge of a square of half side 1 lies than that of a circle of radius 1, in the direction of
     * a place.
     */
    private static double ray(double wide, double thick) {
        double most = Math.max(Math.abs(wide), Math.abs(thick));
        return most == 0 ? 1 : Math.hypot(wide, thick) / most;
    }

    /** A piece is cut off the end from which is measured. */
    default Grain cropped(double off) {
        return (along, across, through) -> at(along + off, across, through);
    }

    /**
     * Pieces cut one after the other and laid on each other.
     *
     * @param thickness of each, ground
     * @param pitch from the beginning of one piece to that of the next
     * @param isTurned whether every other one lies with its upper face down
     */
    default Grain restacked(int pieces, double thickness, double pitch, boolean isTurned) {
        return (along, across, through) -> {
            double fromBelow = through + pieces * thickness / 2;
            int piece = (int) Math.max(0, Math.min(pieces - 1, Math.floor(fromBelow / thickness)));
            double inPiece = fromBelow - (piece + 0.5) * thickness;
            return at(along + piece * pitch, across, isTurned && piece % 2 == 1 ? -inPiece : inPiece);
        };
    }

    /** Cut in two and laid on both sides of a core, the faces that lay up outside. */
    default Grain around(ForgeSteel core, double coreThickness, double thickness, double pitch) {
        return (along, across, through) -> {
            double beyond = Math.abs(through) - coreThickness / 2;
            return beyond < 0 ? core : at(through > 0 ? along : along + pitch, across, beyond - thickness / 2);
        };
    }

    /** A square bar turned by an eighth and forged square again from its corners. */
    default Grain onTheBias() {
        double eighth = Math.sqrt(0.5);
        return (along, across, through) -> {
            double turnedAcross = (across - through) * eighth;
            double turnedThrough = (across + through) * eighth;
            double factor = ray(across, through) / ray(turnedAcross, turnedThrough);
            return at(along, turnedAcross / factor, turnedThrough / factor);
        };
    }

    /** Twisted about its middle, in turns by millimetre. A square bar is about round while it is twisted. */
    default Grain twisted(double turns) {
        return (along, across, through) -> {
            double angle = 2 * Math.PI * turns * along;
            double turnedAcross = across * Math.cos(angle) + through * Math.sin(angle);
            double turnedThrough = through * Math.cos(angle) - across * Math.sin(angle);
            double factor = ray(across, through) / ray(turnedAcross, turnedThrough);
            return at(along, turnedAcross / factor, turnedThrough / factor);
        };
    }

    /** Grooves across both faces by turns, forged or ground flat again: what lay under a groove stands at the face. */
    default Grain laddered(double pitch, double depth, double thickness) {
        return (along, across, through) -> {
            double upper = depth * groove(along / pitch) * Math.max(0, through / thickness + 0.5);
            double lower = depth * groove(along / pitch + 0.5) * Math.max(0, 0.5 - through / thickness);
            return at(along, across, through - upper + lower);
        };
    }

    private static double groove(double place) {
        return Math.max(0, Math.cos(2 * Math.PI * place));
    }

    /** Dimples all over both faces, forged flat again. */
    default Grain rippled(double size, double depth) {
        return (along, across, through) -> at(along, across, through + depth * Ripple.at(along / size, across / size));
    }
}

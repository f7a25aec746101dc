package hiltboard.core.fit;

import hiltboard.core.blade.RoundedRectangle;
import hiltboard.core.measure.Judgement;
import hiltboard.core.measure.Judgement.Verdict;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Units;
import hiltboard.core.measure.Worked;
import hiltboard.core.measure.Working;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * Alignment pins through guard, spacers and the front of the handle, beside the tang. Least distances are common
 * practice of the trade, with no published source.
 *
 * @param layers what a pin goes through, cut across as often as its shape changes
 * @param diameter of the holes
 */
public record StackPins(List<Layer> layers, Length diameter) {
    /** A search for a place looks so often, in millimetres. */
    private static final double STEP = 0.25;
    /** A pin reaches so many diameters into the handle. Common practice, from memory. */
    private static final double INTO_THE_BLOCK = 2;
    /** Left in front of a blind hole so that it never shows. Common practice, from memory. */
    public static final Length SKIN = Length.ofInches("0.060");
    /** A pin is cut shorter than its holes, so that the parts close. */
    private static final Length ROOM = Length.ofInchFraction(1, 64);

    public StackPins {
        layers = List.copyOf(layers);
    }

    /**
     * A part, cut across at one place.
     *
     * @param outline as it will be when it is finished
     * @param middle height of the outline's middle over the tang's, in millimetres
     * @param opening for the tang
     * @param toOutline and {@code toOpening} the least that stays beside a hole, in millimetres
     */
    public record Layer(
            String part, RoundedRectangle outline, double middle, Opening opening, double toOutline, double toOpening) {
        double left(Pin pin, double radius) {
            return outline.inside(pin.along - middle, pin.across) - radius;
        }

        double beside(Pin pin, double radius) {
            return opening.beyond(pin.along, pin.across) - radius;
        }
    }

    /** What a pin must not come into. */
    @FunctionalInterface
    public interface Opening {
        /** How far a place lies beside it, from the tang's middle up and across, in millimetres; less inside it. */
        double beyond(double along, double across);

        static Opening of(RoundedRectangle shape) {
            return (along, across) -> -shape.inside(along, across);
        }
    }

    /** @param across from the tang's middle to the right, {@code along} up from it, in millimetres */
    public record Pin(double across, double along) {}

    /** What stays beside a pin's hole, at the worst place of a part. */
    public record Room(String part, String to, Length left, Length least, Judgement judged) {}

    /** What stays beside a pin in every part. */
    public List<Room> rooms(Pin pin, Units units) {
        Map<String, Room> worst = new LinkedHashMap<>();
        double radius = diameter.millimetres() / 2;
        for (Layer layer : layers) {
            note(worst, layer.part, "outline", layer.left(pin, radius), layer.toOutline, units);
            note(worst, layer.part, "tang’s opening", layer.beside(pin, radius), layer.toOpening, units);
        }
        return List.copyOf(worst.values());
    }

    private static void note(Map<String, Room> worst, String part, String to, double left, double least, Units units) {
        Length stays = Length.ofMillimetres(left);
        Length needed = Length.ofMillimetres(least);
        Room room = new Room(part, to, stays, needed, judge(stays, needed, part, to, units));
        worst.merge(part + to, room, (one, other) -> one.left.compareTo(other.left) <= 0 ? one : other);
    }

    private static Judgement judge(Length left, Length least, String part, String to, Units units) {
        String what = part + ": ";
        if (!left.isPositive()) {
            return Judgement.out(what + "the pin breaks out at the " + to + ".");
        }
        if (left.compareTo(least) < 0) {
            return Judgement.out(
                    what + left.in(units) + " stays to the " + to + ", " + least.in(units) + " is the least.");
        }
        return left.compareTo(least.times(1.1)) < 0
                ? new Judgement(Verdict.NEAR, what + left.in(units) + " to the " + to + ", just enough.")
                : Judgement.in();
    }

    /**
     * How much more than the least stays, at the worst place of all; less than nothing where too little stays.
     *
     * @param most where less than this stays, nobody asks how much less
     */
    private double spare(Pin pin, double most) {
        double radius = diameter.millimetres() / 2;
        double spare = Double.MAX_VALUE;
        for (Layer layer : layers) {
            spare = Math.min(spare, layer.left(pin, radius) - layer.toOutline);
            if (spare <= most) {
                return spare;
            }
        }
        for (Layer layer : layers) {
            spare = Math.min(spare, layer.beside(pin, radius) - layer.toOpening);
            if (spare <= most) {
                return spare;
            }
        }
        return spare;
    }

    /** Two places across from each other where most stays; the best that there are, even if it is too little. */
    public List<Pin> best() {
        RoundedRectangle outline = layers.get(0).outline;
        Pin best = new Pin(0, 0);
        double most = Double.NEGATIVE_INFINITY;
        for (double across = 0; across <= outline.halfThick(); across += STEP) {
            for (double along = 0; along <= outline.halfHigh(); along += STEP) {
                Pin pin = new Pin(across, along);
                double spare = Math.min(spare(pin, most), spare(new Pin(-across, -along), most));
                if (spare > most) {
                    most = spare;
                    best = pin;
                }
            }
        }
        return List.of(best, new Pin(-best.across, -best.along));
    }

    /**
     * How deep the glued guard and spacers are drilled from behind, to the drill's full diameter.
     *
     * @param throughBefore what is drilled right through before the guard, all together
     */
    public static Worked<Length> stop(Length throughBefore, Length guard, Units units) {
        Length stop = throughBefore.plus(guard).minus(SKIN);
        Working line = new Working(units);
        Worked<Length> answer = Worked.of(
                stop,
                (throughBefore.isPositive() ? line.of(throughBefore) + " + " : "") + line.of(guard) + " − "
                        + line.of(SKIN) + " of skin" + line.comesTo(stop));
        return guard.compareTo(SKIN.times(2)) < 0
                ? answer.withCaution("The guard is thin: half of it stays as skin at best. Drill by hand, by the stop.")
                : answer;
    }

    /** How deep the front of the handle is drilled. */
    public static Worked<Length> intoTheBlock(Length diameter, Units units) {
        Length deep = diameter.times(INTO_THE_BLOCK);
        Working line = new Working(units);
        return Worked.of(deep, "2 × " + line.of(diameter) + line.comesTo(deep));
    }

    /** How long a pin is cut. */
    public static Worked<Length> pin(Length stop, Length intoTheBlock, Units units) {
        Length pin = stop.plus(intoTheBlock).minus(ROOM);
        Working line = new Working(units);
        return Worked.of(
                pin,
                line.of(stop) + " + " + line.of(intoTheBlock) + " − " + line.of(ROOM) + " so that the parts close"
                        + line.comesTo(pin));
    }

    /** What has to be done, in its order. */
    public static List<String> asOne() {
        List<String> steps = new ArrayList<>();
        steps.add("Draw every part's finished outline first: pins stay inside it.");
        steps.add("Clean the faces; a drop of cyanoacrylate between guard and spacers, lined up on the tang.");
        steps.add("Drill them as one from behind, to the stop.");
        steps.add("Pin them, lay them on the handle's front, drill it through the same holes.");
        steps.add("Part them with gentle heat: fumes, fresh air, no solvent or flame near; mark what is hot.");
        return List.copyOf(steps);
    }
}

package hiltboard.core.machine;

import hiltboard.core.measure.Figure;
import hiltboard.core.measure.ImpossibleQuantity;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.SurfaceSpeed;
import hiltboard.core.measure.Units;
import hiltboard.core.measure.Worked;
import hiltboard.core.measure.Working;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * How a hole is drilled in a material: speed, pecks, what goes behind it. Common practice of the trade, from memory.
 *
 * @param depth through the material
 */
public record DrillMethod(Workpiece piece, CutterMaterial material, Length diameter, Length depth) {
    /** Up to this many times its diameter a drill clears itself. */
    private static final double CLEARS_ITSELF = 3;
    /** Drills run slower than end mills: their chips have to climb out. From memory. */
    private static final double SLOWER = 0.7;

    private static final double MOST_RPM = 3000;

    /** @throws ImpossibleQuantity if there is no hole, or such a drill does not cut this */
    public DrillMethod {
        if (!diameter.isPositive() || !depth.isPositive()) {
            throw new ImpossibleQuantity(
                    "hole",
                    units -> diameter.in(units) + ", " + depth.in(units) + " deep",
                    units -> "more than nothing");
        }
        if (piece.speed(material).isEmpty()) {
            throw new ImpossibleQuantity(
                    "drill",
                    material.words().toLowerCase(Locale.ROOT),
                    "carbide: " + piece.words().toLowerCase(Locale.ROOT) + " takes the edge off anything softer");
        }
    }

    public Worked<Figure> turns(Units units) {
        double metres = piece.speed(material).orElseThrow().metresPerMinute() * SLOWER;
        return Cutting.turns(new SurfaceSpeed(metres), diameter, MOST_RPM, units);
    }

    /** How deep at a time; the whole depth where the drill clears itself. */
    public Worked<Length> peck(Units units) {
        Working line = new Working(units);
        double deep = depth.magnitude() / diameter.magnitude();
        if (deep <= CLEARS_ITSELF && piece.chips() != Workpiece.Chips.DUST) {
            return with(
                    depth,
                    String.format(
                            Locale.ROOT,
                            "%.1f diameters deep: in one go, it clears itself up to %.0f",
                            deep,
                            CLEARS_ITSELF));
        }
        Length peck = diameter.times(piece.chips() == Workpiece.Chips.SHORT ? 2 : 1);
        Length each = peck.compareTo(depth) < 0 ? peck : depth;
        return with(
                each,
                String.format(Locale.ROOT, "%.1f diameters deep: out and clear the flutes every ", deep)
                        + line.of(each));
    }

    private Worked<Length> with(Length peck, String sum) {
        List<String> lines = new ArrayList<>(List.of(sum));
        lines.addAll(howTo());
        return new Worked<>(peck, "", lines, List.of());
    }

    /** What else it wants, in the order in which it is done. */
    public List<String> howTo() {
        List<String> lines = new ArrayList<>();
        lines.add("Clamped, with a stop at its left: work that can spin, spins.");
        if (piece == Workpiece.LAYERED_TUSK) {
            lines.add("An end mill, not a twist drill: it chips. Tape does not help.");
        }
        switch (piece) {
            case WOOD, HORN_AND_BONE, LAYERED_TUSK, LAMINATE, CARBON_FIBRE ->
                lines.add("A flat board behind it, clamped hard against the exit, or it breaks out.");
            case STAINLESS_ANNEALED, TITANIUM -> lines.add("Keep it feeding: a drill that rubs hardens the hole.");
            case BRASS -> lines.add("A drill with its lips dubbed flat, or it grabs.");
            case HARDENED -> lines.add("Carbide, short, and no side load; holes belong in before hardening.");
            default -> lines.add("Centre-drill first; cutting oil.");
        }
        lines.add("Stop the spindle and clear flutes with a brush or a pick, never with a blade or a finger.");
        return List.copyOf(lines);
    }
}

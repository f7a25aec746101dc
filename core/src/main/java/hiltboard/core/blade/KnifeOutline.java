package hiltboard.core.blade;

import java.util.List;

/**
 * The knife from the side.
 *
 * @param bar the stock it is cut from, with room for the saw
 * @param blade outline from spine to edge, without the tang
 * @param tang the steel behind the blade
 * @param bevel the line where the bevel begins
 * @param lines other lines on the blade: where a swedge ends, where layers come out
 * @param guard guard or bolster; none where there is none
 * @param spacer none where there is none
 * @param handle the scales or the block
 * @param holes everything that is drilled through the plane of the drawing
 */
public record KnifeOutline(
        Outline bar,
        Outline blade,
        Outline tang,
        Outline bevel,
        List<Outline> lines,
        Outline guard,
        Outline spacer,
        Outline handle,
        List<Hole> holes) {
    public KnifeOutline {
        lines = List.copyOf(lines);
        holes = List.copyOf(holes);
    }

    /** What a hole is for. */
    public enum Use {
        PIN("pin"),
        PIVOT("pivot"),
        LIGHTENING("lightening hole"),
        TUBE("lanyard tube"),
        BOLSTER("bolster pin");

        private final String words;

        Use(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** @param diameter in millimetres, of what goes through or of the empty hole */
    public record Hole(Use use, Point centre, double diameter) {}

    /** Blade and tang as one closed line. */
    public Outline steel() {
        return blade.along(tang.reversed());
    }

    /** Length of the blade from the heel's plane to the point, in millimetres. */
    public double bladeLength() {
        return blade.points().stream().mapToDouble(Point::x).max().orElseThrow();
    }

    /** The knife's length from butt to point, in millimetres. */
    public double overallLength() {
        return bladeLength()
                - handle.points().stream().mapToDouble(Point::x).min().orElseThrow();
    }

    /** Holes of one use, from the front. */
    public List<Hole> holes(Use use) {
        return holes.stream().filter(hole -> hole.use() == use).toList();
    }
}

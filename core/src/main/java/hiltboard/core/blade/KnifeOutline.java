package hiltboard.core.blade;

import hiltboard.core.design.Specification;
import hiltboard.core.design.SpecificationField;
import java.util.List;
import java.util.stream.IntStream;

/**
 * The knife from the side, true to the specification's lengths and widths. What the specification does not say (the drop of
 * the point, the swell of the handle) is a plain drop point and a plain handle.
 *
 * @param bar the stock it is cut from, with room for the saw
 * @param blade outline from spine to edge, without the tang
 * @param tang the steel behind the blade
 * @param bevel the line where the bevel begins
 * @param guard none for a full tang
 * @param spacer none where there is none
 * @param handle the scales or the block
 * @param pins centres of the handle's pins
 * @param pinDiameter in millimetres; zero without pins
 */
public record KnifeOutline(
        Outline bar, Outline blade, Outline tang, Outline bevel, Outline guard, Outline spacer, Outline handle,
        List<Point> pins, double pinDiameter) {

    private static final double SAW_ROOM = 3;
    private static final double SLIMMEST_HANDLE = 20;
    private static final double WIDEST_HANDLE = 27;
    private static final double RICASSO_SHARE = 0.07;

    public static KnifeOutline of(Specification spec) {
        return spec.isAxe() ? AxeOutline.of(spec) : new Drawing(spec).outline();
    }

    /** Length of the blade from the heel's plane to the point, in millimetres. */
    public double bladeLength() {
        return blade.points().stream().mapToDouble(Point::x).max().orElseThrow();
    }

    /** The knife's length from butt to point, in millimetres. */
    public double overallLength() {
        return bladeLength() - handle.points().stream().mapToDouble(Point::x).min().orElseThrow();
    }

    private static final class Drawing {
        private final Specification spec;
        private final double length;
        private final double width;
        private final double handleLength;
        private final double handleWidth;

        private Drawing(Specification spec) {
            this.spec = spec;
            length = mm(SpecificationField.BLADE_LENGTH);
            width = mm(SpecificationField.HEEL_WIDTH);
            handleLength = mm(SpecificationField.HANDLE_LENGTH);
            handleWidth = Math.min(WIDEST_HANDLE, Math.max(SLIMMEST_HANDLE, width * 0.9));
        }

        private KnifeOutline outline() {
            Outline tang = spec.hasScales() ? handle(0) : spec.isFolder() ? folderTang() : hiddenTang();
            List<Point> pins = spec.hasScales() ? pins() : spec.isFolder() ? List.of(pivot()) : List.of();
            double pin = spec.hasScales() ? mm(SpecificationField.PIN_DIAMETER) : spec.isFolder() ? mm(SpecificationField.PIVOT_DIAMETER) : 0;
            double guard = spec.isHiddenTang() ? mm(SpecificationField.GUARD_THICKNESS) : 0;
            double spacer = spec.hasSpacer() ? mm(SpecificationField.SPACER_THICKNESS) : 0;
            return new KnifeOutline(bar(tang.points()), blade(), tang, bevel(), guard > 0 ? block(0, guard, width * 0.12 + 2) : Outline.none(),
                    spacer > 0 ? block(guard, spacer, (handleWidth - width) / 2) : Outline.none(), handle(guard + spacer), pins, pin);
        }

        private Outline blade() {
            double ricasso = length * RICASSO_SHARE;
            return Outline.from(0, 0)
                    .to(length * 0.55, 0).curve(length * 0.84, 0, length, -width * 0.38)
                    .curve(length * 0.88, -width, length * 0.55, -width)
                    .to(ricasso, -width).to(ricasso * 0.7, -width * 0.93).to(0, -width * 0.93);
        }

        private Outline bevel() {
            double ricasso = length * RICASSO_SHARE;
            double top = Math.min(0, -width + spec.bevelHeight().millimetres());
            double shown = Math.min(top, -width * 0.04);
            return Outline.from(ricasso, -width).curve(ricasso, shown, ricasso + width * 0.35, shown)
                    .to(length * 0.6, shown).curve(length * 0.86, shown, length * 0.985, -width * 0.40);
        }

        /** The handle behind guard and spacer; centred on a hidden tang, in line with the spine of a full tang. */
        private Outline handle(double front) {
            double end = front + handleLengthBehind(front);
            double top = spec.hasBlock() ? -width / 2 + handleWidth / 2 : 0;
            double bottom = top - handleWidth;
            double span = end - front;
            return Outline.from(-front, top)
                    .curve(-front - span * 0.5, top + handleWidth * 0.10, -end + 4, top - handleWidth * 0.05)
                    .curve(-end, top - handleWidth * 0.08, -end, top - handleWidth * 0.35)
                    .to(-end + 1, bottom + handleWidth * 0.12).curve(-end + 2, bottom - handleWidth * 0.06, -end + 9, bottom - handleWidth * 0.04)
                    .curve(-front - span * 0.62, bottom + handleWidth * 0.16, -front - span * 0.42, bottom - handleWidth * 0.02)
                    .curve(-front - span * 0.22, bottom - handleWidth * 0.14, -front, bottom + handleWidth * 0.10);
        }

        private double handleLengthBehind(double front) {
            double spacer = spec.hasSpacer() ? mm(SpecificationField.SPACER_THICKNESS) : 0;
            return front == 0 ? handleLength : handleLength - spacer;
        }

        private Outline hiddenTang() {
            double tang = mm(SpecificationField.TANG_WIDTH);
            double middle = -width / 2;
            double end = (spec.isHiddenTang() ? mm(SpecificationField.GUARD_THICKNESS) : 0) + handleLength * 0.75;
            return Outline.from(0, middle + tang / 2).to(-end, middle + tang * 0.22).to(-end - 3, middle).to(-end, middle - tang * 0.22)
                    .to(0, middle - tang / 2);
        }

        /** What is hidden between the sides of a folder: the part around the pivot. */
        private Outline folderTang() {
            double back = width * 0.9;
            return Outline.from(0, 0).to(-back, 0).curve(-back - 2, -width * 0.5, -back, -width * 0.85).to(0, -width * 0.93);
        }

        private Point pivot() {
            return new Point(-width * 0.5, -width * 0.47);
        }

        private Outline block(double front, double thickness, double over) {
            return Outline.from(-front, over).to(-front - thickness, over).to(-front - thickness, -width - over).to(-front, -width - over);
        }

        private List<Point> pins() {
            int count = spec.count(SpecificationField.PIN_COUNT);
            double first = handleLength * 0.16;
            double step = count == 1 ? 0 : handleLength * 0.68 / (count - 1);
            return IntStream.range(0, count)
                    .mapToObj(i -> new Point(-(count == 1 ? handleLength / 2 : first + step * i), -handleWidth * 0.47)).toList();
        }

        private Outline bar(List<Point> tang) {
            double back = tang.stream().mapToDouble(Point::x).min().orElse(0) - SAW_ROOM;
            double low = Math.min(-width, tang.stream().mapToDouble(Point::y).min().orElse(0)) - SAW_ROOM;
            double high = Math.max(0, tang.stream().mapToDouble(Point::y).max().orElse(0)) + SAW_ROOM;
            return Outline.from(back, high).to(length + SAW_ROOM, high).to(length + SAW_ROOM, low).to(back, low);
        }

        private double mm(SpecificationField field) {
            return spec.length(field).millimetres();
        }
    }
}

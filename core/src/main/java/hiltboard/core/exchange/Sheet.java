package hiltboard.core.exchange;

import hiltboard.core.blade.Outline;
import hiltboard.core.blade.Point;
import hiltboard.core.machine.Bore;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * A drawing at 1:1 with everything on it in place.
 *
 * @param width of the sheet in millimetres; the drawing begins at its lower left corner
 * @param closed outlines to cut along
 * @param mockUp outlines of what is held before anything is cut
 * @param open lines that are only read: datum crosses and the scale bar
 * @param between heights at which one template ends and the next begins: there a page may end
 */
public record Sheet(
        String title,
        double width,
        double height,
        List<Outline> closed,
        List<Outline> mockUp,
        List<Circle> circles,
        List<Outline> open,
        List<Label> labels,
        List<Double> between) {
    private static final double MARGIN = 8;
    private static final double GAP = 14;
    private static final double CROSS = 4;
    private static final double TEXT = 3.5;
    private static final double BAR = 100;
    private static final double TICK = 10;

    public Sheet {
        closed = List.copyOf(closed);
        mockUp = List.copyOf(mockUp);
        between = List.copyOf(between);
        circles = List.copyOf(circles);
        open = List.copyOf(open);
        labels = List.copyOf(labels);
    }

    public record Circle(Point centre, double diameter) {}

    /** Words whose base line begins here. @param height of its letters in millimetres */
    public record Label(Point at, double height, String words) {}

    /** The templates above each other, with a bar of 100 mm to check the print. */
    public static Sheet of(String title, List<Template> templates) {
        return new Laying(title).lay(templates);
    }

    /** Lays one template above the other. */
    private static final class Laying {
        private final String title;
        private final List<Outline> closed = new ArrayList<>();
        private final List<Outline> mockUp = new ArrayList<>();
        private final List<Double> between = new ArrayList<>();
        private final List<Circle> circles = new ArrayList<>();
        private final List<Outline> open = new ArrayList<>();
        private final List<Label> labels = new ArrayList<>();
        private double width = BAR;
        private double top = MARGIN;

        private Laying(String title) {
            this.title = title;
        }

        private Sheet lay(List<Template> templates) {
            scaleBar();
            for (int i = templates.size() - 1; i >= 0; i--) {
                between.add(top - GAP / 2);
                lay(templates.get(i));
            }
            labels.add(new Label(new Point(MARGIN, top), TEXT * 1.4, title));
            return new Sheet(
                    title, width + 2 * MARGIN, top + TEXT * 2 + MARGIN, closed, mockUp, circles, open, labels, between);
        }

        private void scaleBar() {
            Outline bar = Outline.from(MARGIN, top).to(MARGIN + BAR, top);
            open.add(bar);
            for (double at = 0; at <= BAR; at += TICK) {
                open.add(Outline.from(MARGIN + at, top - 1.5).to(MARGIN + at, top + 1.5));
            }
            labels.add(new Label(
                    new Point(MARGIN, top + 3),
                    TEXT,
                    "This bar is 100 mm long, a tick every 10 mm. Print at 100 %, without fitting to the page."));
            top += GAP;
        }

        private void lay(Template template) {
            List<Point> points = template.outlines().stream()
                    .flatMap(line -> line.points().stream())
                    .toList();
            double left = points.stream().mapToDouble(Point::x).min().orElse(0);
            double low = points.stream().mapToDouble(Point::y).min().orElse(0);
            double high = points.stream().mapToDouble(Point::y).max().orElse(0);
            double right = points.stream().mapToDouble(Point::x).max().orElse(0);
            Point shift = new Point(MARGIN - left, top - low);
            List<Outline> lines = template.isMockUp() ? mockUp : closed;
            template.outlines().forEach(line -> lines.add(line.moved(point -> shifted(point, shift))));
            for (Bore hole : template.holes()) {
                Point centre = shifted(hole.centre(), shift);
                circles.add(new Circle(centre, hole.diameter().millimetres()));
                cross(centre, hole.diameter().millimetres() / 2 + 1);
            }
            template.lines().forEach(line -> open.add(line.moved(point -> shifted(point, shift))));
            template.pricked().forEach(hole -> circles.add(new Circle(shifted(hole.centre(), shift), hole.diameter())));
            cross(shift, CROSS);
            top += high - low + 3;
            holeTable(template);
            labels.add(new Label(
                    new Point(MARGIN, top),
                    TEXT,
                    template.name()
                            + (template.holes().isEmpty() ? "" : ", holes from the cross at the front of the handle")));
            width = Math.max(width, right - left);
            top += GAP;
        }

        /** The same numbers as in the table that goes with the drawing: a check on where the holes lie. */
        private void holeTable(Template template) {
            for (int i = template.holes().size(); i > 0; i--) {
                Bore hole = template.holes().get(i - 1);
                labels.add(new Label(
                        new Point(MARGIN, top),
                        TEXT * 0.8,
                        String.format(
                                        Locale.ROOT,
                                        "%d  %s %.2f  x %.2f  y %.2f  drilled %.2f mm  %s",
                                        i,
                                        hole.use().words(),
                                        hole.part().millimetres(),
                                        hole.centre().x(),
                                        hole.centre().y(),
                                        hole.diameter().millimetres(),
                                        hole.drill())
                                .strip()));
                top += TEXT * 1.2;
            }
        }

        private void cross(Point at, double half) {
            open.add(Outline.from(at.x() - half, at.y()).to(at.x() + half, at.y()));
            open.add(Outline.from(at.x(), at.y() - half).to(at.x(), at.y() + half));
        }

        private static Point shifted(Point point, Point shift) {
            return new Point(point.x() + shift.x(), point.y() + shift.y());
        }
    }
}

package hiltboard.server.job;

import hiltboard.core.blade.Outline;
import hiltboard.core.blade.Point;
import java.util.Collection;
import java.util.DoubleSummaryStatistics;
import java.util.List;

/** The smallest frame around lines of a drawing, in millimetres, y downwards. */
public record Frame(double minX, double minY, double width, double height) {
    public static Frame around(Collection<Outline> lines) {
        List<Point> points =
                lines.stream().flatMap(line -> line.points().stream()).toList();
        DoubleSummaryStatistics x = points.stream().mapToDouble(Point::x).summaryStatistics();
        DoubleSummaryStatistics y = points.stream().mapToDouble(Point::y).summaryStatistics();
        return new Frame(x.getMin(), -y.getMax(), x.getMax() - x.getMin(), y.getMax() - y.getMin());
    }
}

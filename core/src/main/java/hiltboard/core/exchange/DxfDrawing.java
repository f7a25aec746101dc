package hiltboard.core.exchange;

import hiltboard.core.blade.Outline;
import hiltboard.core.blade.Point;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Reads the outlines of an ASCII DXF: polylines with their arcs, and lines and arcs that join end to end. Everything
 * else is passed over.
 */
public final class DxfDrawing {
    private static final int MOST_LINES = 400_000;
    private static final String ACCEPTED = "an ASCII DXF with closed polylines, or lines and arcs that join";
    private static final Map<String, Double> UNITS = Map.of("1", 25.4, "4", 1.0, "5", 10.0, "2", 304.8, "6", 1000.0);

    private record Pair(int code, String value) {}

    /** An entity with its codes; those that come again, as a polyline's corners do, in their order. */
    private record Entity(String kind, List<Pair> pairs) {
        private double number(int code, double usual) {
            return pairs.stream()
                    .filter(pair -> pair.code == code)
                    .findFirst()
                    .map(pair -> parsed(pair.value))
                    .orElse(usual);
        }

        private Point at(int code) {
            return new Point(number(code, 0), number(code + 10, 0));
        }
    }

    private final List<Entity> entities = new ArrayList<>();
    private final List<Outline> closed = new ArrayList<>();
    private final List<Outline> open = new ArrayList<>();
    private Optional<Double> unit = Optional.empty();

    private DxfDrawing() {}

    public static ReadDrawing read(String text) {
        try {
            DxfDrawing drawing = new DxfDrawing();
            drawing.parse(text);
            drawing.walk();
            drawing.join();
            return drawing.closed.isEmpty()
                    ? new ReadDrawing.Refused("No outline of the drawing is closed", ACCEPTED)
                    : new ReadDrawing.Outlines(drawing.closed, drawing.unit);
        } catch (UnreadableDrawing unreadable) {
            return unreadable.refused();
        }
    }

    private void parse(String text) {
        List<String> lines = text.lines().limit(MOST_LINES + 1L).toList();
        if (lines.size() > MOST_LINES) {
            throw new UnreadableDrawing("The drawing has more than " + MOST_LINES + " lines", "a simpler drawing");
        }
        String section = "";
        String variable = "";
        for (int i = 0; i + 1 < lines.size(); i += 2) {
            Pair pair = new Pair(code(lines.get(i)), lines.get(i + 1).strip());
            if (pair.code == 9) {
                variable = pair.value;
            } else if (variable.equals("$INSUNITS") && pair.code == 70) {
                unit = Optional.ofNullable(UNITS.get(pair.value));
            }
            if (pair.code == 2 && !entities.isEmpty() && last().kind.equals("SECTION")) {
                section = pair.value;
            }
            if (pair.code == 0) {
                entities.add(new Entity(
                        section.equals("ENTITIES") || pair.value.equals("SECTION") ? pair.value : "",
                        new ArrayList<>()));
            } else if (!entities.isEmpty()) {
                last().pairs.add(pair);
            }
        }
        if (entities.isEmpty()) {
            throw new UnreadableDrawing("This is no ASCII DXF", ACCEPTED);
        }
    }

    private Entity last() {
        return entities.get(entities.size() - 1);
    }

    private static int code(String line) {
        try {
            return Integer.parseInt(line.strip());
        } catch (NumberFormatException notACode) {
            throw new UnreadableDrawing("This is no ASCII DXF", ACCEPTED);
        }
    }

    private void walk() {
        for (int i = 0; i < entities.size(); i++) {
            Entity entity = entities.get(i);
            switch (entity.kind) {
                case "POLYLINE" -> polyline(entity, vertices(i + 1));
                case "LWPOLYLINE" -> lightPolyline(entity);
                case "LINE" -> open.add(Outline.from(entity.at(10)).to(entity.at(11)));
                case "ARC" -> open.add(arc(entity));
                case "SPLINE", "ELLIPSE" ->
                    throw new UnreadableDrawing(
                            "The drawing has curves of the kind " + entity.kind,
                            "curves written out as polylines or arcs");
                default -> {}
            }
        }
    }

    private List<Entity> vertices(int from) {
        int to = from;
        while (to < entities.size() && entities.get(to).kind.equals("VERTEX")) {
            to++;
        }
        return entities.subList(from, to);
    }

    private void polyline(Entity entity, List<Entity> vertices) {
        List<Arcs.Vertex> corners = vertices.stream()
                .map(vertex -> new Arcs.Vertex(vertex.at(10), vertex.number(42, 0)))
                .toList();
        take(corners, ((int) entity.number(70, 0) & 1) == 1);
    }

    private void lightPolyline(Entity entity) {
        List<Arcs.Vertex> corners = new ArrayList<>();
        Map<Integer, Double> corner = new HashMap<>();
        for (Pair pair : entity.pairs) {
            if (pair.code == 10 && corner.containsKey(10)) {
                corners.add(vertex(corner));
                corner.clear();
            }
            if (pair.code == 10 || pair.code == 20 || pair.code == 42) {
                corner.put(pair.code, parsed(pair.value));
            }
        }
        if (corner.containsKey(10)) {
            corners.add(vertex(corner));
        }
        take(corners, ((int) entity.number(70, 0) & 1) == 1);
    }

    private static Arcs.Vertex vertex(Map<Integer, Double> corner) {
        return new Arcs.Vertex(new Point(corner.get(10), corner.getOrDefault(20, 0.0)), corner.getOrDefault(42, 0.0));
    }

    private void take(List<Arcs.Vertex> corners, boolean isClosed) {
        if (corners.size() < 2) {
            return;
        }
        Outline line = Outline.from(corners.get(0).at());
        for (int i = 0; i < corners.size() - (isClosed ? 0 : 1); i++) {
            line = line.along(bulged(
                    corners.get(i).at(),
                    corners.get((i + 1) % corners.size()).at(),
                    corners.get(i).bulge()));
        }
        (isClosed ? closed : open).add(line);
    }

    /** The arc that leaves with this bulge: it turns by four times its arc tangent. */
    private static Outline bulged(Point from, Point to, double bulge) {
        if (Math.abs(bulge) < 1e-9) {
            return Outline.from(from).to(to);
        }
        double angle = 4 * Math.atan(bulge);
        double away = 0.5 / Math.tan(angle / 2);
        Point centre = new Point(
                (from.x() + to.x()) / 2 - (to.y() - from.y()) * away,
                (from.y() + to.y()) / 2 + (to.x() - from.x()) * away);
        return round(centre, from, angle);
    }

    private static Outline arc(Entity entity) {
        double radius = entity.number(40, 0);
        double start = Math.toRadians(entity.number(50, 0));
        double angle = Math.toRadians(entity.number(51, 0)) - start;
        Point centre = entity.at(10);
        return round(
                centre,
                new Point(centre.x() + radius * Math.cos(start), centre.y() + radius * Math.sin(start)),
                angle <= 0 ? angle + 2 * Math.PI : angle);
    }

    private static Outline round(Point centre, Point from, double angle) {
        int steps = (int) Math.max(1, Math.ceil(Math.abs(angle) / (Math.PI / 8)));
        double handle = 4.0 / 3 * Math.tan(angle / steps / 4);
        double radius = from.distanceTo(centre);
        double start = Math.atan2(from.y() - centre.y(), from.x() - centre.x());
        Outline line = Outline.from(from);
        for (int i = 1; i <= steps; i++) {
            double a = start + angle * (i - 1) / steps;
            double b = start + angle * i / steps;
            line = line.cubic(
                    onCircle(centre, radius, a, handle),
                    onCircle(centre, radius, b, -handle),
                    onCircle(centre, radius, b, 0));
        }
        return line;
    }

    private static Point onCircle(Point centre, double radius, double angle, double ahead) {
        return new Point(
                centre.x() + radius * (Math.cos(angle) - ahead * Math.sin(angle)),
                centre.y() + radius * (Math.sin(angle) + ahead * Math.cos(angle)));
    }

    /** Lines and arcs whose ends meet become one outline; what does not close is left. */
    private void join() {
        double near = 1e-3
                * open.stream()
                        .flatMap(line -> line.points().stream())
                        .mapToDouble(point -> Math.abs(point.x()))
                        .max()
                        .orElse(1);
        List<Outline> left = new ArrayList<>(open);
        while (!left.isEmpty()) {
            Outline chain = left.remove(left.size() - 1);
            boolean grows = true;
            while (grows && chain.end().distanceTo(chain.start()) > near) {
                grows = false;
                for (int i = 0; i < left.size() && !grows; i++) {
                    Outline other = left.get(i);
                    boolean isForward = other.start().distanceTo(chain.end()) <= near;
                    if (isForward || other.end().distanceTo(chain.end()) <= near) {
                        chain = chain.along(isForward ? other : other.reversed());
                        left.remove(i);
                        grows = true;
                    }
                }
            }
            if (chain.segments().size() > 2 && chain.end().distanceTo(chain.start()) <= near) {
                closed.add(chain);
            }
        }
    }

    private static double parsed(String number) {
        try {
            double value = Double.parseDouble(number);
            if (Math.abs(value) < 1e7) {
                return value;
            }
        } catch (NumberFormatException notANumber) {
            // Refused below, as a number that is too large is.
        }
        throw new UnreadableDrawing(
                "“" + (number.length() > 20 ? number.substring(0, 20) + "…" : number) + "” is not a coordinate",
                "numbers below ten million");
    }
}

package hiltboard.core.exchange;

import hiltboard.core.blade.Outline;
import hiltboard.core.blade.Point;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Reads the data of an SVG path (SVG 1.1, W3C, section 8.3), turned over so that y grows upwards. */
public final class SvgPath {
    private static final Pattern NUMBER = Pattern.compile("[-+]?(?:\\d+\\.?\\d*|\\.\\d+)(?:[eE][-+]?\\d{1,3})?");
    private static final String COMMANDS = "MmLlHhVvCcSsQqTtAaZz";
    /** As near as this the end of a line is its beginning, whatever program rounded the numbers. */
    private static final double SAME = 1e-3;

    private static final int MOST_NUMBERS = 60_000;
    private static final String ACCEPTED = "path data of lines, curves and arcs that is closed with Z";

    private final String data;
    private final Matcher number;
    private final List<Outline> closed = new ArrayList<>();
    private int next;
    private int numbers;
    private Outline line = Outline.none();
    private Point at = new Point(0, 0);
    private Point control = at;
    private char before = 'M';

    private SvgPath(String data) {
        this.data = data;
        this.number = NUMBER.matcher(data);
    }

    /** The closed outlines of one path's data. */
    public static ReadDrawing read(String data) {
        try {
            SvgPath path = new SvgPath(data);
            path.walk();
            path.closeIfBack();
            return path.closed.isEmpty()
                    ? new ReadDrawing.Refused("No outline of the drawing is closed", ACCEPTED)
                    : new ReadDrawing.Outlines(path.closed, Optional.empty());
        } catch (UnreadableDrawing unreadable) {
            return unreadable.refused();
        }
    }

    private void walk() {
        char command = ' ';
        for (skip(); next < data.length(); skip()) {
            char here = data.charAt(next);
            if (COMMANDS.indexOf(here) >= 0) {
                command = here;
                next++;
            } else if (Character.isLetter(here)) {
                throw new UnreadableDrawing("“" + here + "” does not belong into a path", ACCEPTED);
            } else if (command == ' ' || Character.toUpperCase(command) == 'Z') {
                throw new UnreadableDrawing("A path begins with M", ACCEPTED);
            }
            step(command);
            before = Character.toUpperCase(command);
            command = command == 'M' ? 'L' : command == 'm' ? 'l' : command;
        }
    }

    private void skip() {
        while (next < data.length() && (Character.isWhitespace(data.charAt(next)) || data.charAt(next) == ',')) {
            next++;
        }
    }

    private void step(char command) {
        boolean isRelative = Character.isLowerCase(command);
        Point from = isRelative ? at : new Point(0, 0);
        switch (Character.toUpperCase(command)) {
            case 'M' -> {
                closeIfBack();
                at = point(from);
                line = Outline.from(up(at));
            }
            case 'L' -> to(point(from));
            case 'H' -> to(new Point(from.x() + number(), at.y()));
            case 'V' -> to(new Point(at.x(), from.y() + number()));
            case 'C' -> cubic(point(from), point(from), point(from));
            case 'S' -> cubic(before == 'C' || before == 'S' ? mirrored() : at, point(from), point(from));
            case 'Q' -> quadratic(point(from), point(from));
            case 'T' -> quadratic(before == 'Q' || before == 'T' ? mirrored() : at, point(from));
            case 'A' -> arc(number(), number(), number(), flag(), flag(), point(from));
            default -> close();
        }
    }

    /** Some programs come back to where a line began and do not say that it is closed. */
    private void closeIfBack() {
        if (line.segments().size() > 1 && line.end().distanceTo(line.start()) < SAME) {
            close();
        }
    }

    private void close() {
        if (line.segments().size() > 1) {
            closed.add(line);
        }
        at = up(line.start());
        line = Outline.from(line.start());
    }

    private void to(Point end) {
        line = line.to(up(end));
        at = end;
        control = end;
    }

    private void cubic(Point leaving, Point arriving, Point end) {
        line = line.cubic(up(leaving), up(arriving), up(end));
        control = arriving;
        at = end;
    }

    private void quadratic(Point through, Point end) {
        line = line.curve(up(through), up(end));
        control = through;
        at = end;
    }

    /**
     * From end points to a centre as in the standard's appendix F.6, then a cubic for each sixteenth of a turn or less.
     */
    private void arc(double radiusX, double radiusY, double degrees, boolean isLarge, boolean isSweep, Point end) {
        if (radiusX == 0 || radiusY == 0 || at.distanceTo(end) == 0) {
            to(end);
            return;
        }
        double turn = Math.toRadians(degrees);
        double cos = Math.cos(turn);
        double sin = Math.sin(turn);
        double halfX = (at.x() - end.x()) / 2;
        double halfY = (at.y() - end.y()) / 2;
        double x = cos * halfX + sin * halfY;
        double y = -sin * halfX + cos * halfY;
        double grow = Math.max(1, Math.sqrt(x * x / (radiusX * radiusX) + y * y / (radiusY * radiusY)));
        double a = Math.abs(radiusX) * grow;
        double b = Math.abs(radiusY) * grow;
        double below = a * a * y * y + b * b * x * x;
        double factor = Math.sqrt(Math.max(0, (a * a * b * b - below) / below)) * (isLarge == isSweep ? -1 : 1);
        double centreX = factor * a * y / b;
        double centreY = -factor * b * x / a;
        double start = Math.atan2((y - centreY) / b, (x - centreX) / a);
        double sweep = Math.atan2((-y - centreY) / b, (-x - centreX) / a) - start;
        sweep += isSweep && sweep < 0 ? 2 * Math.PI : !isSweep && sweep > 0 ? -2 * Math.PI : 0;
        Point centre = new Point(
                cos * centreX - sin * centreY + (at.x() + end.x()) / 2,
                sin * centreX + cos * centreY + (at.y() + end.y()) / 2);
        int steps = (int) Math.ceil(Math.abs(sweep) / (Math.PI / 8));
        double handle = 4.0 / 3 * Math.tan(sweep / steps / 4);
        for (int i = 1; i <= steps; i++) {
            double from = start + sweep * (i - 1) / steps;
            double to = start + sweep * i / steps;
            cubic(
                    ellipse(
                            centre,
                            a * (Math.cos(from) - handle * Math.sin(from)),
                            b * (Math.sin(from) + handle * Math.cos(from)),
                            cos,
                            sin),
                    ellipse(
                            centre,
                            a * (Math.cos(to) + handle * Math.sin(to)),
                            b * (Math.sin(to) - handle * Math.cos(to)),
                            cos,
                            sin),
                    i == steps ? end : ellipse(centre, a * Math.cos(to), b * Math.sin(to), cos, sin));
        }
    }

    private static Point ellipse(Point centre, double x, double y, double cos, double sin) {
        return new Point(centre.x() + cos * x - sin * y, centre.y() + sin * x + cos * y);
    }

    private Point mirrored() {
        return new Point(2 * at.x() - control.x(), 2 * at.y() - control.y());
    }

    private Point point(Point from) {
        return new Point(from.x() + number(), from.y() + number());
    }

    private double number() {
        skip();
        if (next >= data.length() || COMMANDS.indexOf(data.charAt(next)) >= 0) {
            throw new UnreadableDrawing("The path ends in the middle of a command", ACCEPTED);
        }
        if (!number.find(next) || number.start() != next) {
            throw new UnreadableDrawing("“" + data.charAt(next) + "” does not belong into a path", ACCEPTED);
        }
        if (++numbers > MOST_NUMBERS) {
            throw new UnreadableDrawing("The path has more than " + MOST_NUMBERS + " numbers", "a simpler outline");
        }
        next = number.end();
        double read = Double.parseDouble(number.group());
        if (!(Math.abs(read) < 1e7)) {
            throw new UnreadableDrawing("A number of the path is too large", "less than ten million");
        }
        return read;
    }

    /** One figure, which needs nothing between itself and what follows (SVG 1.1, 8.3.9, “flag”). */
    private boolean flag() {
        skip();
        char flag = next < data.length() ? data.charAt(next++) : ' ';
        if (flag != '0' && flag != '1') {
            throw new UnreadableDrawing("An arc of the path says neither 0 nor 1 where it has to", ACCEPTED);
        }
        return flag == '1';
    }

    private static Point up(Point point) {
        return new Point(point.x(), -point.y());
    }
}

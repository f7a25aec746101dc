package hiltboard.core.exchange;

import hiltboard.core.blade.Outline;
import hiltboard.core.blade.Point;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * What a program of {@link PartProgram} would move, read from its text again: G0 to G3, G80, G81 and G83 with their
 * words, in millimetres whatever it is written in. What it does not know it refuses, so that nothing is drawn that is
 * not moved.
 */
public final class Backplot {
    private static final Pattern WORD = Pattern.compile("([A-Z])([-+]?[0-9.]+)");
    private static final Set<Integer> KNOWN = Set.of(0, 1, 2, 3, 17, 20, 21, 40, 80, 81, 83, 90, 94, 98);
    private static final double MILLIMETRES_PER_INCH = 25.4;
    private static final int PER_TURN = 72;

    private final List<Stroke> strokes = new ArrayList<>();
    private double unit = 1;
    private int motion = 80;
    private double x;
    private double y;
    private double z = Double.NaN;
    private double bottom;
    private double retract;

    private Backplot() {}

    /**
     * A stretch of the way.
     *
     * @param isCut whether it is fed; else it is a rapid move
     * @param low the lowest that it goes, in millimetres over the work's top face
     */
    public record Stroke(boolean isCut, Outline line, double low) {}

    /** @throws IllegalArgumentException with the line that is none of such a program */
    public static List<Stroke> of(String program) {
        Backplot plot = new Backplot();
        program.lines().map(line -> line.replaceAll("\\([^)]*\\)", "").strip()).forEach(plot::block);
        return List.copyOf(plot.strokes);
    }

    private void block(String line) {
        if (line.isEmpty() || line.equals("%")) {
            return;
        }
        Map<Character, Double> words = new TreeMap<>();
        Matcher word = WORD.matcher(line);
        int end = 0;
        while (word.find()) {
            double value = Double.parseDouble(word.group(2));
            if (word.group(1).equals("G")) {
                code((int) value, line);
            } else {
                words.put(word.group(1).charAt(0), value);
            }
            end = word.end();
        }
        if (end != line.length()) {
            throw new IllegalArgumentException("Not a block of such a program: " + line);
        }
        move(words);
    }

    private void code(int code, String line) {
        if (!KNOWN.contains(code)) {
            throw new IllegalArgumentException("G" + code + " is not used by such a program: " + line);
        }
        switch (code) {
            case 20 -> unit = MILLIMETRES_PER_INCH;
            case 21 -> unit = 1;
            case 0, 1, 2, 3, 80, 81, 83 -> motion = code;
            default -> {
                // Planes, offsets and modes are as such a program always has them.
            }
        }
    }

    private void move(Map<Character, Double> words) {
        double toX = words.containsKey('X') ? words.get('X') * unit : x;
        double toY = words.containsKey('Y') ? words.get('Y') * unit : y;
        boolean isMoved = words.containsKey('X') || words.containsKey('Y');
        if (motion == 81 || motion == 83) {
            bottom = words.containsKey('Z') ? words.get('Z') * unit : bottom;
            retract = words.containsKey('R') ? words.get('R') * unit : retract;
            if (isMoved) {
                add(false, List.of(new Point(x, y), new Point(toX, toY)), z);
                add(true, List.of(new Point(toX, toY)), bottom);
            }
        } else {
            double toZ = words.containsKey('Z') ? words.get('Z') * unit : z;
            if (isMoved || words.containsKey('Z')) {
                add(motion != 0, way(words, toX, toY), Double.isNaN(z) ? toZ : Math.min(z, toZ));
            }
            z = toZ;
        }
        x = toX;
        y = toY;
    }

    private List<Point> way(Map<Character, Double> words, double toX, double toY) {
        Point from = new Point(x, y);
        Point to = new Point(toX, toY);
        if (motion != 2 && motion != 3) {
            return List.of(from, to);
        }
        Point centre = new Point(x + words.getOrDefault('I', 0.0) * unit, y + words.getOrDefault('J', 0.0) * unit);
        double start = Math.atan2(y - centre.y(), x - centre.x());
        double turned = Math.atan2(toY - centre.y(), toX - centre.x()) - start;
        double angle =
                motion == 3 ? turned <= 0 ? turned + 2 * Math.PI : turned : turned >= 0 ? turned - 2 * Math.PI : turned;
        int steps = Math.max(2, (int) Math.ceil(Math.abs(angle) / (2 * Math.PI) * PER_TURN));
        List<Point> points = new ArrayList<>(List.of(from));
        for (int i = 1; i < steps; i++) {
            double at = start + angle * i / steps;
            double radius = centre.distanceTo(from);
            points.add(new Point(centre.x() + radius * Math.cos(at), centre.y() + radius * Math.sin(at)));
        }
        points.add(to);
        return points;
    }

    private void add(boolean isCut, List<Point> points, double low) {
        strokes.add(new Stroke(isCut, Outline.through(points), low));
    }
}

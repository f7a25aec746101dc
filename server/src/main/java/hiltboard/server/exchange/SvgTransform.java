package hiltboard.server.exchange;

import hiltboard.core.blade.Point;
import java.util.Arrays;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Where a drawing's element is put (SVG 1.1, W3C, section 7.6): x' = a x + c y + e, y' = b x + d y + f. */
record SvgTransform(double a, double b, double c, double d, double e, double f) {
    static final SvgTransform NONE = new SvgTransform(1, 0, 0, 1, 0, 0);

    private static final Pattern STEP = Pattern.compile("\\s*,?\\s*([a-zA-Z]+)\\s*\\(([^()]*)\\)\\s*");

    /** What an attribute says; nothing if it says what the standard does not know. */
    static Optional<SvgTransform> read(String words) {
        SvgTransform all = NONE;
        Matcher step = STEP.matcher(words.strip());
        int at = 0;
        while (at < words.strip().length()) {
            if (!step.find(at) || step.start() != at) {
                return Optional.empty();
            }
            Optional<SvgTransform> next = step(step.group(1), step.group(2));
            if (next.isEmpty()) {
                return Optional.empty();
            }
            all = all.then(next.get());
            at = step.end();
        }
        return Optional.of(all);
    }

    private static Optional<SvgTransform> step(String name, String words) {
        try {
            double[] n = Arrays.stream(words.strip().split("[\\s,]+"))
                    .mapToDouble(Double::parseDouble)
                    .toArray();
            return switch (name + " " + n.length) {
                case "matrix 6" -> Optional.of(new SvgTransform(n[0], n[1], n[2], n[3], n[4], n[5]));
                case "translate 1" -> Optional.of(new SvgTransform(1, 0, 0, 1, n[0], 0));
                case "translate 2" -> Optional.of(new SvgTransform(1, 0, 0, 1, n[0], n[1]));
                case "scale 1" -> Optional.of(new SvgTransform(n[0], 0, 0, n[0], 0, 0));
                case "scale 2" -> Optional.of(new SvgTransform(n[0], 0, 0, n[1], 0, 0));
                case "rotate 1" -> Optional.of(turned(n[0]));
                case "rotate 3" ->
                    Optional.of(new SvgTransform(1, 0, 0, 1, n[1], n[2])
                            .then(turned(n[0]))
                            .then(new SvgTransform(1, 0, 0, 1, -n[1], -n[2])));
                case "skewX 1" -> Optional.of(new SvgTransform(1, 0, Math.tan(Math.toRadians(n[0])), 1, 0, 0));
                case "skewY 1" -> Optional.of(new SvgTransform(1, Math.tan(Math.toRadians(n[0])), 0, 1, 0, 0));
                default -> Optional.empty();
            };
        } catch (NumberFormatException noNumber) {
            return Optional.empty();
        }
    }

    private static SvgTransform turned(double degrees) {
        double cos = Math.cos(Math.toRadians(degrees));
        double sin = Math.sin(Math.toRadians(degrees));
        return new SvgTransform(cos, sin, -sin, cos, 0, 0);
    }

    /** This one around another: what is inside is moved first. */
    SvgTransform then(SvgTransform inside) {
        return new SvgTransform(
                a * inside.a + c * inside.b,
                b * inside.a + d * inside.b,
                a * inside.c + c * inside.d,
                b * inside.c + d * inside.d,
                a * inside.e + c * inside.f + e,
                b * inside.e + d * inside.f + f);
    }

    Point of(Point point) {
        return new Point(a * point.x() + c * point.y() + e, b * point.x() + d * point.y() + f);
    }
}

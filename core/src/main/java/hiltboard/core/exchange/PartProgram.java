package hiltboard.core.exchange;

import hiltboard.core.blade.Point;
import hiltboard.core.blade.inset.Offset;
import hiltboard.core.machine.Bore;
import hiltboard.core.machine.Cutting;
import hiltboard.core.machine.DrillMethod;
import hiltboard.core.machine.ToolPath;
import hiltboard.core.machine.Workpiece;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Units;
import java.text.Normalizer;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Consumer;
import java.util.stream.Collectors;

/**
 * A part as a program for a numerically controlled mill (ISO 6983-1): absolute, in millimetres or inches, drilling by
 * G81 and G83, outlines by G1, G2 and G3 with centres counted from the start of each arc. No tool is changed by it: for
 * each it stops (M0) and says in a comment which. Zero lies at the datum of {@link Template}, on the top face of the
 * work.
 */
public final class PartProgram {
    /** A drill goes on through by its point and a little more. A point of 118° is 0.3 of the diameter long. */
    private static final double POINT = 0.3;

    private static final Length THROUGH = Length.ofMillimetres("0.5");
    private static final Length ABOVE = Length.ofMillimetres("1");
    /** What the last skim takes all round, with the cutter. Common practice. */
    private static final Length SKIM = Length.ofMillimetres("0.1");

    private static final double TOLERANCE = 0.005;
    private static final double PLUNGE = 3;
    /** What a drill feeds in a turn, as a share of its diameter. Common practice, from memory. */
    private static final double FEED_A_TURN = 0.015;

    private final Template part;
    private final Setup setup;
    private final StringBuilder text = new StringBuilder();

    private PartProgram(Template part, Setup setup) {
        this.part = part;
        this.setup = setup;
    }

    /**
     * How the part lies on the machine.
     *
     * @param thickness that is cut through
     * @param safe height over the work for moves without cutting
     * @param dryRun by how much all is raised: nothing for the cut itself
     */
    public record Setup(Units units, Workpiece piece, Length thickness, Length safe, Length dryRun) {}

    /** All holes, drill by drill. @throws IllegalArgumentException for a part without holes */
    public static String holes(String title, Template part, Setup setup) {
        if (part.holes().isEmpty()) {
            throw new IllegalArgumentException(part.name() + " has no holes");
        }
        return new PartProgram(part, setup).holes(title);
    }

    /** Around its outline with such a cutter: against the cutter to the depth, with it for the last skim. */
    public static String outline(String title, Template part, Setup setup, Cutting cutting) {
        return new PartProgram(part, setup).outline(title, cutting);
    }

    private String holes(String title) {
        begin(title + ", holes of " + part.name());
        Map<String, List<Bore>> byDrill = part.holes().stream()
                .collect(Collectors.groupingBy(PartProgram::tool, LinkedHashMap::new, Collectors.toList()));
        byDrill.forEach(this::drill);
        end();
        return text.toString();
    }

    private static String tool(Bore bore) {
        return "drill " + bore.drill() + ", " + bore.diameter().in(Units.INCH_FAHRENHEIT) + " or "
                + bore.diameter().in(Units.MILLIMETRE_CELSIUS);
    }

    private void drill(String tool, List<Bore> bores) {
        Length diameter = bores.get(0).diameter();
        DrillMethod method = new DrillMethod(setup.piece, setup.piece.usualDrill(), diameter, setup.thickness);
        double rpm = Math.floor(method.turns(setup.units).value().number());
        Length peck = method.peck(setup.units).value();
        Length depth = setup.thickness.plus(diameter.times(POINT)).plus(THROUGH);
        boolean isPecked = peck.compareTo(setup.thickness) < 0;
        fit(tool, rpm);
        line("G0 Z" + z(setup.safe));
        String cycle = (isPecked ? "G98 G83" : "G98 G81") + at(bores.get(0).centre()) + " Z" + z(depth.times(-1)) + " R"
                + z(ABOVE) + (isPecked ? " Q" + number(peck) : "") + " F"
                + feed(rpm * FEED_A_TURN * diameter.millimetres());
        line(cycle);
        bores.stream().skip(1).forEach(bore -> line(at(bore.centre()).strip()));
        line("G80");
        line("G0 Z" + z(setup.safe));
        line("M5");
    }

    private String outline(String title, Cutting cutting) {
        begin(title + ", outline of " + part.name());
        double rpm = Math.floor(cutting.turns(setup.units).value().number());
        double feed = cutting.feed(setup.units).value().millimetresPerMinute();
        fit("end mill " + cutting.diameter().entryIn(setup.units), rpm);
        Length radius = cutting.diameter().half();
        Length depth = setup.thickness.plus(THROUGH);
        long passes = Math.round(cutting.passes(depth, setup.units).value().number());
        part.outlines().forEach(each -> {
            List<Point> rough = Offset.around(each, radius.plus(SKIM));
            comment(passes + " passes, against the cutter");
            line("G0 Z" + z(setup.safe));
            line("G0" + at(rough.get(0)));
            for (long pass = 1; pass <= passes; pass++) {
                line("G1 Z" + z(depth.times(-(double) pass / passes)) + " F" + feed(feed / PLUNGE));
                around(rough, feed);
            }
            comment("last skim, with the cutter");
            List<Point> skim = startingNear(rough.get(0), Offset.reversed(Offset.around(each, radius)));
            line("G1" + at(skim.get(0)) + " F" + feed(feed));
            around(skim, feed);
            line("G0 Z" + z(setup.safe));
        });
        line("M5");
        end();
        return text.toString();
    }

    /** So that the way from the last cut does not lead through the part. */
    private static List<Point> startingNear(Point here, List<Point> ring) {
        Point nearest =
                ring.stream().min(Comparator.comparingDouble(here::distanceTo)).orElseThrow();
        List<Point> turned = new ArrayList<>(ring);
        Collections.rotate(turned, -turned.indexOf(nearest));
        return turned;
    }

    private void around(List<Point> points, double feed) {
        Point from = points.get(0);
        boolean isFirst = true;
        for (ToolPath.Move move : ToolPath.around(points, TOLERANCE)) {
            Point start = from;
            String code = move.centre()
                    .map(centre -> (move.isCounterclockwise() ? "G3" : "G2") + at(move.to()) + " I"
                            + number(centre.x() - start.x()) + " J" + number(centre.y() - start.y()))
                    .orElseGet(() -> "G1" + at(move.to()));
            line(isFirst ? code + " F" + feed(feed) : code);
            isFirst = false;
            from = move.to();
        }
    }

    private void begin(String title) {
        line("%");
        comment(title);
        comment("zero: where the spine meets the front of the handle, on the top face");
        comment("the machine's own manual comes first; look at the plot, run it dry above the work, then cut");
        if (setup.dryRun.isPositive()) {
            comment("dry run: everything is raised by " + setup.dryRun.in(setup.units));
        }
        line(setup.units.length() == Units.LengthUnit.INCH ? "G20" : "G21");
        line("G17 G40 G80 G90 G94");
    }

    private void fit(String tool, double rpm) {
        line("M5");
        comment("fit " + tool);
        line("M0");
        line(String.format(Locale.ROOT, "S%.0f M3", rpm));
    }

    private void end() {
        line("M30");
        line("%");
    }

    private void line(String code) {
        text.append(code).append('\n');
    }

    /** Comments of ISO 6983 hold no brackets of their own, and old controls only capitals of plain letters. */
    private void comment(String words) {
        Consumer<String> written = plain -> line("(" + plain.toUpperCase(Locale.ROOT) + ")");
        written.accept(Normalizer.normalize(words, Normalizer.Form.NFKD)
                .replace("×", "x")
                .replaceAll("[()]", " ")
                .replaceAll("[^\\x20-\\x7e]", ""));
    }

    private String at(Point point) {
        return " X" + number(point.x()) + " Y" + number(point.y());
    }

    private String z(Length height) {
        return number(height.plus(setup.dryRun));
    }

    private String number(Length length) {
        return number(length.millimetres());
    }

    private String number(double millimetres) {
        String shown = setup.units.length() == Units.LengthUnit.INCH
                ? String.format(Locale.ROOT, "%.4f", millimetres / 25.4)
                : String.format(Locale.ROOT, "%.3f", millimetres);
        return Double.parseDouble(shown) == 0 ? shown.replace("-", "") : shown;
    }

    private String feed(double millimetresPerMinute) {
        return setup.units.length() == Units.LengthUnit.INCH
                ? String.format(Locale.ROOT, "%.2f", millimetresPerMinute / 25.4)
                : String.format(Locale.ROOT, "%.0f", millimetresPerMinute);
    }
}

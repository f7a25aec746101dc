package hiltboard.server.stock;

import hiltboard.core.blade.Outline;
import hiltboard.core.blade.Point;
import hiltboard.core.exchange.Sheet;
import hiltboard.core.exchange.Template;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Units;
import hiltboard.server.Table;
import hiltboard.server.stock.CutRepository.BarCut;
import hiltboard.server.stock.CutRepository.PlannedBlank;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

/** A bar that is going to be cut, as a drawing at 1:1 and as a list. */
public final class BarFile {
    private BarFile() {}

    /** Bar and blanks from the end at which cutting begins. @param width of the bar in millimetres */
    public static Sheet sheet(BarCut cut, String title, double width) {
        List<Outline> outlines = new ArrayList<>();
        double length = cut.lengthNanometres() / 1e6;
        outlines.add(Outline.from(0, 0).to(length, 0).to(length, width).to(0, width));
        cut.blanks().forEach(blank -> outlines.add(outline(blank)));
        String names = String.join(
                ", ",
                cut.blanks().stream()
                        .map(blank -> blank.name() + " " + blank.placing().words())
                        .toList());
        return Sheet.of(title, List.of(new Template("From the left end: " + names, outlines, List.of())));
    }

    /** Where every blank begins and ends on the bar (RFC 4180). */
    public static String list(BarCut cut) {
        return Table.written(csv -> list(cut, csv));
    }

    private static void list(BarCut cut, Table.Lines csv) {
        csv.writeRecord("order", "piece", "lies", "from_mm", "to_mm", "from_in", "to_in");
        for (int i = 0; i < cut.blanks().size(); i++) {
            PlannedBlank blank = cut.blanks().get(i);
            Length from = Length.ofMillimetres(blank.from());
            Length to = Length.ofMillimetres(blank.to());
            csv.writeRecord(
                    String.valueOf(i + 1),
                    blank.name(),
                    blank.placing().words(),
                    from.number(Units.MILLIMETRE_CELSIUS),
                    to.number(Units.MILLIMETRE_CELSIUS),
                    from.number(Units.INCH_FAHRENHEIT),
                    to.number(Units.INCH_FAHRENHEIT));
        }
    }

    static Outline outline(PlannedBlank blank) {
        List<Double> numbers = blank.points();
        return Outline.through(IntStream.range(0, numbers.size() / 2)
                .mapToObj(i -> new Point(numbers.get(2 * i), numbers.get(2 * i + 1)))
                .toList());
    }
}

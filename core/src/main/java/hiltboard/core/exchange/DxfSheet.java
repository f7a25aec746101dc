package hiltboard.core.exchange;

import hiltboard.core.blade.Outline;
import hiltboard.core.blade.Point;
import java.util.List;
import java.util.Locale;

/**
 * Writes a sheet as DXF R12 (AC1009, ASCII): closed polylines of lines and arcs, circles, text. Millimetres, stated in
 * a comment, in $INSUNITS for readers that know it, and in words on the drawing.
 */
public final class DxfSheet {
    /** Closer than any mill or saw in a shop. */
    private static final double TOLERANCE = 0.005;

    private final StringBuilder dxf = new StringBuilder();

    private DxfSheet() {}

    public static String write(Sheet sheet) {
        return new DxfSheet().dxf(sheet);
    }

    private String dxf(Sheet sheet) {
        pair(999, "Units: millimetres, 1:1");
        header(sheet);
        layers();
        pair(0, "SECTION");
        pair(2, "ENTITIES");
        sheet.closed().forEach(line -> polyline(line, true, "CUT"));
        sheet.mockUp().forEach(line -> polyline(line, true, "MOCKUP"));
        for (Sheet.Circle circle : sheet.circles()) {
            pair(0, "CIRCLE");
            pair(8, "HOLES");
            at(10, circle.centre());
            pair(40, circle.diameter() / 2);
        }
        sheet.open().forEach(line -> polyline(line, false, "MARKS"));
        sheet.labels().forEach(this::text);
        text(new Sheet.Label(new Point(8, 2), 2.5, "Millimetres"));
        pair(0, "ENDSEC");
        pair(0, "EOF");
        return dxf.toString();
    }

    private void header(Sheet sheet) {
        pair(0, "SECTION");
        pair(2, "HEADER");
        pair(9, "$ACADVER");
        pair(1, "AC1009");
        pair(9, "$INSUNITS");
        pair(70, 4);
        pair(9, "$EXTMIN");
        at(10, new Point(0, 0));
        pair(9, "$EXTMAX");
        at(10, new Point(sheet.width(), sheet.height()));
        pair(0, "ENDSEC");
    }

    private void layers() {
        pair(0, "SECTION");
        pair(2, "TABLES");
        pair(0, "TABLE");
        pair(2, "LAYER");
        pair(70, 4);
        for (String layer : List.of("CUT", "MOCKUP", "HOLES", "MARKS", "WORDS")) {
            pair(0, "LAYER");
            pair(2, layer);
            pair(70, 0);
            pair(62, 7);
            pair(6, "CONTINUOUS");
        }
        pair(0, "ENDTAB");
        pair(0, "ENDSEC");
    }

    private void polyline(Outline outline, boolean isClosed, String layer) {
        List<Arcs.Vertex> vertices = Arcs.of(outline, TOLERANCE);
        boolean endsWhereItBegan = isClosed && outline.end().distanceTo(outline.start()) < 1e-6;
        pair(0, "POLYLINE");
        pair(8, layer);
        pair(66, 1);
        at(10, new Point(0, 0));
        pair(70, isClosed ? 1 : 0);
        for (Arcs.Vertex vertex : endsWhereItBegan ? vertices.subList(0, vertices.size() - 1) : vertices) {
            pair(0, "VERTEX");
            pair(8, layer);
            at(10, vertex.at());
            pair(42, vertex.bulge());
        }
        pair(0, "SEQEND");
        pair(8, layer);
    }

    private void text(Sheet.Label label) {
        pair(0, "TEXT");
        pair(8, "WORDS");
        at(10, label.at());
        pair(40, label.height());
        pair(1, ascii(label.words()));
    }

    private void at(int code, Point point) {
        pair(code, point.x());
        pair(code + 10, point.y());
        pair(code + 20, 0.0);
    }

    private void pair(int code, double number) {
        pair(code, String.format(Locale.ROOT, "%.6f", number + 0.0));
    }

    private void pair(int code, int number) {
        pair(code, String.valueOf(number));
    }

    private void pair(int code, String value) {
        dxf.append(String.format(Locale.ROOT, "%3d\r\n", code)).append(value).append("\r\n");
    }

    /** R12 knows no Unicode: what is not ASCII is written as its code. */
    private static String ascii(String words) {
        StringBuilder ascii = new StringBuilder();
        words.chars()
                .forEach(each -> ascii.append(
                        each >= 32 && each < 127
                                ? String.valueOf((char) each)
                                : String.format(Locale.ROOT, "\\U+%04X", each)));
        return ascii.toString();
    }
}

package hiltboard.server.exchange;

import hiltboard.core.blade.Outline;
import hiltboard.core.blade.Point;
import hiltboard.core.exchange.Sheet;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.DoubleSummaryStatistics;
import java.util.List;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.interactive.viewerpreferences.PDViewerPreferences;
import org.apache.pdfbox.util.Matrix;

/** Writes a sheet as vector PDF at 1:1, on as many pages as it takes, with marks to lay them together. */
final class PdfSheet {
    private static final float POINTS_PER_MM = 72 / 25.4f;
    /** What printers leave white at the paper's edge. */
    private static final double MARGIN = 10;
    /** Drawn on both of two neighbouring pages. */
    private static final double OVERLAP = 10;

    private static final double MARK = 5;
    private static final double CIRCLE_HANDLE = 0.5522847498;

    /** Paper to print on. */
    enum Paper {
        A4(PDRectangle.A4),
        LETTER(PDRectangle.LETTER);

        private final PDRectangle size;

        Paper(PDRectangle size) {
            this.size = size;
        }
    }

    private final Sheet sheet;
    private final double pageWidth;
    private final double pageHeight;
    private final PDRectangle paper;
    private final PDDocument document;
    private final Lettering lettering;

    private PdfSheet(PDDocument document, Sheet sheet, Paper paper) {
        this.document = document;
        this.lettering = new Lettering(document);
        this.sheet = sheet;
        this.paper = new PDRectangle(paper.size.getHeight(), paper.size.getWidth());
        this.pageWidth = this.paper.getWidth() / POINTS_PER_MM - 2 * MARGIN;
        this.pageHeight = this.paper.getHeight() / POINTS_PER_MM - 2 * MARGIN;
    }

    static byte[] write(Sheet sheet, Paper paper) {
        try (PDDocument document = new PDDocument()) {
            document.getDocumentInformation().setTitle(sheet.title());
            PDViewerPreferences preferences = new PDViewerPreferences(new COSDictionary());
            // 1:1 is what it is for: a viewer must not offer to fit it to the page.
            preferences.setPrintScaling(PDViewerPreferences.PRINT_SCALING.None);
            document.getDocumentCatalog().setViewerPreferences(preferences);
            new PdfSheet(document, sheet, paper).pages();
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            document.save(out);
            return out.toByteArray();
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
    }

    /** What is on one page, by its heights on the sheet. @param isCut whether it goes on on the next page */
    private record Window(double low, double high, boolean isCut) {
        private boolean sees(double bottom, double top) {
            return top >= low && bottom <= high;
        }
    }

    private static List<Outline> seen(List<Outline> lines, Window window) {
        return lines.stream()
                .filter(line -> {
                    DoubleSummaryStatistics heights =
                            line.points().stream().mapToDouble(Point::y).summaryStatistics();
                    return window.sees(heights.getMin(), heights.getMax());
                })
                .toList();
    }

    private void pages() throws IOException {
        int columns = count(sheet.width(), pageWidth);
        List<Window> windows = windows();
        for (int row = 0; row < windows.size(); row++) {
            for (int column = 0; column < columns; column++) {
                boolean isBegunAbove = row > 0 && windows.get(row - 1).isCut();
                page(column, columns, windows.get(row), isBegunAbove, row, windows.size());
            }
        }
    }

    private static int count(double whole, double page) {
        return whole <= page ? 1 : (int) Math.ceil((whole - OVERLAP) / (page - OVERLAP));
    }

    /** From the top: as many whole templates as a page takes; one that is taller than a page is cut. */
    private List<Window> windows() {
        List<Window> windows = new ArrayList<>();
        double high = sheet.height();
        while (high > 0) {
            double least = Math.max(0, high - pageHeight);
            double top = high;
            double low = least == 0
                    ? 0
                    : sheet.between().stream()
                            .filter(each -> each >= least && each < top)
                            .min(Comparator.naturalOrder())
                            .orElse(-1.0);
            boolean isCut = low < 0;
            windows.add(new Window(isCut ? least : low, high, isCut));
            high = isCut ? least + OVERLAP : low;
        }
        return windows;
    }

    private void page(int column, int columns, Window window, boolean isBegunAbove, int row, int rows)
            throws IOException {
        PDPage page = new PDPage(paper);
        document.addPage(page);
        double left = column * (pageWidth - OVERLAP);
        try (PDPageContentStream out = new PDPageContentStream(document, page)) {
            boolean isLaidTogether = columns > 1
                    || window.isCut()
                    || row > 0 && windows().get(row - 1).isCut();
            if (isLaidTogether) {
                marks(out);
            }
            if (columns * rows > 1) {
                words(
                        out,
                        MARGIN,
                        MARGIN / 2,
                        3,
                        "Page " + (column + 1) + " of " + columns + " across, " + (row + 1) + " of " + rows + " down"
                                + (isLaidTogether ? ": lay the corner marks over each other" : ""));
            }
            out.addRect(points(MARGIN), points(MARGIN), points(pageWidth), points(window.high() - window.low()));
            out.clip();
            out.transform(new Matrix(
                    POINTS_PER_MM, 0, 0, POINTS_PER_MM, points(MARGIN - left), points(MARGIN - window.low())));
            draw(out, window);
        }
    }

    /** Crosses in the middle of the overlap at each corner. */
    private void marks(PDPageContentStream out) throws IOException {
        out.setLineWidth(0.4f);
        for (double x : new double[] {MARGIN + OVERLAP / 2, MARGIN + pageWidth - OVERLAP / 2}) {
            for (double y : new double[] {MARGIN + OVERLAP / 2, MARGIN + pageHeight - OVERLAP / 2}) {
                out.moveTo(points(x - MARK), points(y));
                out.lineTo(points(x + MARK), points(y));
                out.moveTo(points(x), points(y - MARK));
                out.lineTo(points(x), points(y + MARK));
            }
        }
        out.stroke();
    }

    /** What lies outside of the page's window is not written into it. */
    private void draw(PDPageContentStream out, Window window) throws IOException {
        out.setLineWidth(0.2f);
        for (List<Outline> lines : List.of(sheet.closed(), sheet.mockUp())) {
            for (Outline line : seen(lines, window)) {
                path(out, line);
                out.closeAndStroke();
            }
        }
        for (Sheet.Circle circle : sheet.circles()) {
            double radius = circle.diameter() / 2;
            if (window.sees(circle.centre().y() - radius, circle.centre().y() + radius)) {
                circle(out, circle.centre(), radius);
            }
        }
        out.setLineWidth(0.12f);
        for (Outline line : seen(sheet.open(), window)) {
            path(out, line);
            out.stroke();
        }
        for (Sheet.Label label : sheet.labels()) {
            if (!window.sees(label.at().y(), label.at().y() + label.height())) {
                continue;
            }
            out.beginText();
            out.setFont(lettering.font(), (float) label.height());
            out.newLineAtOffset((float) label.at().x(), (float) label.at().y());
            out.showText(lettering.shown(label.words()));
            out.endText();
        }
    }

    private static void path(PDPageContentStream out, Outline line) throws IOException {
        out.moveTo((float) line.start().x(), (float) line.start().y());
        for (Outline.Segment segment : line.segments()) {
            Point end = segment.end();
            if (segment.handles().isPresent()) {
                Outline.Handles handles = segment.handles().get();
                out.curveTo(
                        (float) handles.leaving().x(),
                        (float) handles.leaving().y(),
                        (float) handles.arriving().x(),
                        (float) handles.arriving().y(),
                        (float) end.x(),
                        (float) end.y());
            } else {
                out.lineTo((float) end.x(), (float) end.y());
            }
        }
    }

    private static void circle(PDPageContentStream out, Point centre, double radius) throws IOException {
        double k = radius * CIRCLE_HANDLE;
        double x = centre.x();
        double y = centre.y();
        Outline circle = Outline.from(x + radius, y)
                .cubic(new Point(x + radius, y + k), new Point(x + k, y + radius), new Point(x, y + radius))
                .cubic(new Point(x - k, y + radius), new Point(x - radius, y + k), new Point(x - radius, y))
                .cubic(new Point(x - radius, y - k), new Point(x - k, y - radius), new Point(x, y - radius))
                .cubic(new Point(x + k, y - radius), new Point(x + radius, y - k), new Point(x + radius, y));
        path(out, circle);
        out.closeAndStroke();
    }

    private void words(PDPageContentStream out, double x, double y, double height, String words) throws IOException {
        out.beginText();
        out.setFont(lettering.font(), points(height));
        out.newLineAtOffset(points(x), points(y));
        out.showText(lettering.shown(words));
        out.endText();
    }

    private static float points(double millimetres) {
        return (float) (millimetres * POINTS_PER_MM);
    }
}

package hiltboard.server.exchange;

import hiltboard.core.blade.Outline;
import hiltboard.core.blade.Point;
import hiltboard.core.exchange.Sheet;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDType1Font;
import org.apache.pdfbox.pdmodel.font.Standard14Fonts.FontName;
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
    private final PDType1Font font = new PDType1Font(FontName.HELVETICA);

    private PdfSheet(Sheet sheet, Paper paper) {
        this.sheet = sheet;
        this.paper = new PDRectangle(paper.size.getHeight(), paper.size.getWidth());
        this.pageWidth = this.paper.getWidth() / POINTS_PER_MM - 2 * MARGIN;
        this.pageHeight = this.paper.getHeight() / POINTS_PER_MM - 2 * MARGIN;
    }

    static byte[] write(Sheet sheet, Paper paper) {
        return new PdfSheet(sheet, paper).pdf();
    }

    private byte[] pdf() {
        int columns = count(sheet.width(), pageWidth);
        int rows = count(sheet.height(), pageHeight);
        try (PDDocument document = new PDDocument()) {
            document.getDocumentInformation().setTitle(sheet.title());
            for (int row = rows - 1; row >= 0; row--) {
                for (int column = 0; column < columns; column++) {
                    page(document, column, row, columns, rows);
                }
            }
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            document.save(out);
            return out.toByteArray();
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
    }

    private static int count(double whole, double page) {
        return whole <= page ? 1 : (int) Math.ceil((whole - OVERLAP) / (page - OVERLAP));
    }

    private void page(PDDocument document, int column, int row, int columns, int rows) throws IOException {
        PDPage page = new PDPage(paper);
        document.addPage(page);
        double left = column * (pageWidth - OVERLAP);
        double low = row * (pageHeight - OVERLAP);
        try (PDPageContentStream out = new PDPageContentStream(document, page)) {
            if (columns * rows > 1) {
                marks(out);
                words(
                        out,
                        MARGIN,
                        MARGIN / 2,
                        3,
                        "Page " + (column + 1) + " of " + columns + " across, " + (rows - row) + " of " + rows
                                + " down: lay the corner marks over each other");
            }
            out.addRect(points(MARGIN), points(MARGIN), points(pageWidth), points(pageHeight));
            out.clip();
            out.transform(new Matrix(POINTS_PER_MM, 0, 0, POINTS_PER_MM, points(MARGIN - left), points(MARGIN - low)));
            draw(out);
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

    private void draw(PDPageContentStream out) throws IOException {
        out.setLineWidth(0.2f);
        for (Outline line : sheet.closed()) {
            path(out, line);
            out.closeAndStroke();
        }
        for (Sheet.Circle circle : sheet.circles()) {
            circle(out, circle.centre(), circle.diameter() / 2);
        }
        out.setLineWidth(0.12f);
        for (Outline line : sheet.open()) {
            path(out, line);
            out.stroke();
        }
        for (Sheet.Label label : sheet.labels()) {
            out.beginText();
            out.setFont(font, (float) label.height());
            out.newLineAtOffset((float) label.at().x(), (float) label.at().y());
            out.showText(printable(label.words()));
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
        out.setFont(font, points(height));
        out.newLineAtOffset(points(x), points(y));
        out.showText(printable(words));
        out.endText();
    }

    /** The built-in face knows Western European letters only; a job's title may hold any. */
    private static String printable(String words) {
        StringBuilder known = new StringBuilder();
        words.codePoints()
                .forEach(each -> known.append(
                        each >= 32 && each < 127 || each >= 160 && each < 256 ? Character.toString(each) : "?"));
        return known.toString();
    }

    private static float points(double millimetres) {
        return (float) (millimetres * POINTS_PER_MM);
    }
}

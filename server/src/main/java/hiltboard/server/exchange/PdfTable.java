package hiltboard.server.exchange;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.graphics.state.RenderingMode;

/** Writes a sheet of words with one table on A4, on as many pages as it takes. */
public final class PdfTable {
    private static final float MARGIN = 50;
    private static final float SIZE = 11;
    private static final float LINE = 17;
    /** Bold letters are drawn with a line around them. */
    private static final float BOLD_LINE = 0.35f;

    private final PDDocument document;
    private final Lettering lettering;
    private final float width = PDRectangle.A4.getWidth() - 2 * MARGIN;
    private PDPageContentStream page;
    private float y;

    private PdfTable(PDDocument document) throws IOException {
        this.document = document;
        this.lettering = new Lettering(document);
        this.page = newPage();
    }

    /** @param columns heads of the table; every row has as many cells, all columns as wide */
    public static byte[] write(
            String title, List<String> before, List<String> columns, List<List<String>> rows, List<String> after) {
        try (PDDocument document = new PDDocument()) {
            document.getDocumentInformation().setTitle(title);
            PdfTable table = new PdfTable(document);
            table.line(List.of(title), true, SIZE + 6);
            table.y -= LINE / 2;
            for (String line : before) {
                table.paragraph(line);
            }
            table.y -= LINE / 2;
            table.line(columns, true, SIZE);
            table.rule();
            for (List<String> row : rows) {
                table.line(row, false, SIZE);
            }
            table.rule();
            for (String line : after) {
                table.y -= LINE / 2;
                table.paragraph(line);
            }
            table.page.close();
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            document.save(out);
            return out.toByteArray();
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
    }

    private PDPageContentStream newPage() throws IOException {
        PDPage next = new PDPage(PDRectangle.A4);
        document.addPage(next);
        y = PDRectangle.A4.getHeight() - MARGIN;
        return new PDPageContentStream(document, next);
    }

    /** Words that are too long for one line go on in the next. */
    private void paragraph(String words) throws IOException {
        List<String> line = new ArrayList<>();
        for (String word : words.split(" ", -1)) {
            line.add(word);
            if (lettering.width(String.join(" ", line), SIZE) > width) {
                line.remove(line.size() - 1);
                line(List.of(String.join(" ", line)), false, SIZE);
                line = new ArrayList<>(List.of(word));
            }
        }
        line(List.of(String.join(" ", line)), false, SIZE);
    }

    private void line(List<String> cells, boolean isBold, float size) throws IOException {
        if (y - LINE < MARGIN) {
            page.close();
            page = newPage();
        }
        y -= LINE;
        for (int i = 0; i < cells.size(); i++) {
            page.beginText();
            page.setFont(lettering.font(), size);
            page.setRenderingMode(isBold ? RenderingMode.FILL_STROKE : RenderingMode.FILL);
            page.setLineWidth(BOLD_LINE);
            page.newLineAtOffset(MARGIN + width * i / cells.size(), y);
            page.showText(lettering.shown(cells.get(i)));
            page.endText();
        }
    }

    private void rule() throws IOException {
        page.moveTo(MARGIN, y - 4);
        page.lineTo(MARGIN + width, y - 4);
        page.stroke();
        y -= 4;
    }
}

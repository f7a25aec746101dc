package hiltboard.server.exchange;

import static org.assertj.core.api.Assertions.assertThat;

import hiltboard.core.blade.Outline;
import hiltboard.core.exchange.Sheet;
import hiltboard.core.exchange.Template;
import hiltboard.server.exchange.PdfSheet.Paper;
import java.io.IOException;
import java.util.List;
import java.util.stream.IntStream;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Templates on paper: at 1:1, whole where a page takes them, with the letters that people are called by. */
class PdfSheetTest {

    private static Template part(String name, double length, double width) {
        return new Template(
                name, List.of(Outline.from(0, 0).to(length, 0).to(length, width).to(0, width)), List.of());
    }

    private static List<String> pages(PDDocument pdf) {
        return IntStream.rangeClosed(1, pdf.getNumberOfPages())
                .mapToObj(page -> {
                    try {
                        PDFTextStripper text = new PDFTextStripper();
                        text.setStartPage(page);
                        text.setEndPage(page);
                        return text.getText(pdf);
                    } catch (IOException failure) {
                        throw new IllegalStateException(failure);
                    }
                })
                .toList();
    }

    /** A blade of 216 mm and its tang are 250 mm long; A4 across takes 277, Letter 259. */
    @ParameterizedTest
    @EnumSource(Paper.class)
    void each_part_stands_whole_on_a_page_that_takes_it(Paper paper) throws IOException {
        Sheet sheet = Sheet.of(
                "Chef",
                List.of(
                        part("Blade and tang", 240, 55),
                        part("Left scale", 120, 30),
                        part("Right scale", 120, 30),
                        part("Mock-up", 240, 55)));
        try (PDDocument pdf = Loader.loadPDF(PdfSheet.write(sheet, paper))) {
            assertThat(pdf.getNumberOfPages()).isEqualTo(2);
            assertThat(pages(pdf)).noneMatch(words -> words.contains("lay the corner marks"));
            for (String name : List.of("Blade and tang", "Left scale", "Right scale", "Mock-up")) {
                assertThat(pages(pdf))
                        .filteredOn(words -> words.contains(name))
                        .as(name)
                        .hasSize(1);
            }
        }
    }

    @Test
    void what_no_page_takes_is_cut_with_marks_to_lay_it_together() throws IOException {
        Sheet sheet = Sheet.of("Sword", List.of(part("Blade and tang", 700, 55), part("Plate", 100, 250)));
        try (PDDocument pdf = Loader.loadPDF(PdfSheet.write(sheet, Paper.A4))) {
            assertThat(pages(pdf)).allMatch(words -> words.contains("lay the corner marks over each other"));
            assertThat(pdf.getNumberOfPages()).isEqualTo(9);
        }
    }

    @Test
    void no_viewer_offers_to_fit_it_to_the_page_and_every_letter_goes_with_it() throws IOException {
        Sheet sheet = Sheet.of("Für Łukasz – “the small one”, Ωμέγα, Жанна", List.of(part("Blade and tang", 200, 40)));
        try (PDDocument pdf = Loader.loadPDF(PdfSheet.write(sheet, Paper.A4))) {
            assertThat(pdf.getDocumentCatalog().getViewerPreferences().getPrintScaling())
                    .isEqualTo("None");
            assertThat(pages(pdf).get(0)).contains("Für Łukasz – “the small one”, Ωμέγα, Жанна");
            for (PDPage page : pdf.getPages()) {
                for (COSName name : page.getResources().getFontNames()) {
                    assertThat(page.getResources().getFont(name).isEmbedded()).isTrue();
                }
            }
        }
    }
}

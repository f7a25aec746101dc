package hiltboard.server.exchange;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.util.List;
import java.util.stream.IntStream;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;

class PdfTableTest {
    private static final List<String> HEADS = List.of("Mark", "Steel");

    private static PDDocument read(List<String> before, List<List<String>> rows, List<String> after)
            throws IOException {
        return Loader.loadPDF(PdfTable.write("A sheet", before, HEADS, rows, after));
    }

    @Test
    void everything_on_it_can_be_read_in_its_order() throws IOException {
        try (PDDocument pdf = read(
                List.of("To: somebody"),
                List.of(List.of("A", "1084"), List.of("B", "X46Cr13")),
                List.of("Thank you"))) {
            assertThat(pdf.getDocumentInformation().getTitle()).isEqualTo("A sheet");
            assertThat(pdf.getNumberOfPages()).isEqualTo(1);
            assertThat(new PDFTextStripper().getText(pdf).lines().map(String::strip))
                    .containsExactly("A sheet", "To: somebody", "Mark Steel", "A 1084", "B X46Cr13", "Thank you");
        }
    }

    @Test
    void a_long_table_goes_on_on_further_pages_and_loses_no_row() throws IOException {
        List<List<String>> rows =
                IntStream.range(0, 120).mapToObj(i -> List.of("M" + i, "1084")).toList();
        try (PDDocument pdf = read(List.of(), rows, List.of())) {
            assertThat(pdf.getNumberOfPages()).isGreaterThan(2);
            String text = new PDFTextStripper().getText(pdf);
            assertThat(rows)
                    .allSatisfy(
                            row -> assertThat(text.lines().map(String::strip)).contains(row.get(0) + " 1084"));
        }
    }

    @Test
    void a_long_line_is_broken_between_words_and_stays_on_the_paper() throws IOException {
        String words = "Please hang every blade by its tang and keep the marks with them "
                .repeat(6)
                .strip();
        try (PDDocument pdf = read(List.of(words), List.of(), List.of())) {
            String text = new PDFTextStripper().getText(pdf);
            assertThat(text.replaceAll("\\s+", " ")).contains(words);
            assertThat(text.lines()).allMatch(line -> line.length() < 110);
        }
    }

    @Test
    void letters_that_the_font_has_not_become_question_marks_instead_of_a_failure() throws IOException {
        try (PDDocument pdf =
                read(List.of("刃 – 1½ mm, 20 °C, Łódź\nnext\u0007"), List.of(List.of("😀", "é")), List.of())) {
            String text = new PDFTextStripper().getText(pdf);
            assertThat(text)
                    .contains("? – 1½ mm, 20 °C, Łódź")
                    .contains("next?")
                    .contains("é");
        }
    }
}

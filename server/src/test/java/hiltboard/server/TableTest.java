package hiltboard.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

class TableTest {
    private static List<Map<String, String>> read(String text) {
        List<Map<String, String>> lines = new ArrayList<>();
        Table.read(text, record -> lines.add(record.getFieldsAsMap()));
        return lines;
    }

    @Test
    @DisplayName("RFC 4180: lines end in CR LF; quotes, commas and line breaks stand in quotes and come back")
    void what_is_written_is_read_again() {
        String table = Table.written(csv -> {
            csv.writeRecord("name", "words");
            csv.writeRecord("a, b", "said \"no\"\r\nand left");
            csv.writeRecord("", "ö 1½ °F");
        });
        assertThat(table).startsWith("name,words\r\n\"a, b\",\"said \"\"no\"\"\r\nand left\"\r\n");
        assertThat(read(table))
                .containsExactly(
                        Map.of("name", "a, b", "words", "said \"no\"\r\nand left"),
                        Map.of("name", "", "words", "ö 1½ °F"));
    }

    @Test
    void a_mark_of_the_byte_order_and_plain_line_ends_are_taken_as_other_programs_write_them() {
        assertThat(read("\uFEFFname,words\na,b\n")).containsExactly(Map.of("name", "a", "words", "b"));
        assertThat(read("name,words")).isEmpty();
    }

    @Test
    void what_is_no_table_is_refused_with_the_lines_that_were_good() {
        assertThatThrownBy(() -> read("name,words\na,b\n\"c,d\ne,f"))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("After 1 lines")
                .hasMessageContaining("RFC 4180");
    }

    /** OWASP, “CSV Injection”: these beginnings make a spreadsheet reckon. */
    @Test
    void what_a_spreadsheet_would_reckon_goes_out_harmless_and_comes_in_as_it_was() {
        for (String cell : List.of(
                "=HYPERLINK(\"http://x\")",
                "+1+1",
                "-2+3",
                "@SUM(A1)",
                "\t=1",
                "\r=1",
                "'=quoted by somebody",
                "''=1")) {
            String table = Table.written(csv -> {
                csv.writeRecord("name", "words");
                csv.writeRecord("a", cell);
            });
            assertThat(table.split("\r\n", 2)[1]).doesNotContainPattern("(^|,)\"?[=+@\t\r-]");
            assertThat(read(table)).containsExactly(Map.of("name", "a", "words", cell));
        }
        String numbers = Table.written(csv -> {
            csv.writeRecord("below", "words");
            csv.writeRecord("-0.4", "it's 'quoted'");
        });
        assertThat(numbers).endsWith("-0.4,it's 'quoted'\r\n");
    }

    @Test
    void tables_of_other_programs_come_with_semicolons_or_tabs_and_commas_in_their_numbers() {
        Map<String, String> expected = Map.of("what", "W1, flat", "thickness", "4.2 mm", "price", "12.50");
        assertThat(read("what;thickness;price\n\"W1, flat\";4,2 mm;12,50\n")).containsExactly(expected);
        assertThat(read("\uFEFFwhat\tthickness\tprice\r\nW1, flat\t4,2 mm\t12,50\r\n"))
                .containsExactly(expected);
        assertThat(read("what,thickness\n\"a, b\",\"4,2 mm\"\n"))
                .as("with commas between cells a comma in one is what it was")
                .containsExactly(Map.of("what", "a, b", "thickness", "4,2 mm"));
    }
}

package hiltboard.server;

import de.siegmar.fastcsv.reader.CsvParseException;
import de.siegmar.fastcsv.reader.CsvReader;
import de.siegmar.fastcsv.reader.FieldModifier;
import de.siegmar.fastcsv.reader.NamedCsvRecord;
import de.siegmar.fastcsv.reader.NamedCsvRecordHandler;
import de.siegmar.fastcsv.writer.CsvWriter;
import de.siegmar.fastcsv.writer.LineDelimiter;
import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.io.Writer;
import java.util.Arrays;
import java.util.function.Consumer;
import java.util.regex.Pattern;
import java.util.stream.StreamSupport;

/**
 * Tables of comma-separated values (RFC 4180), with the names of the columns in their first line. What a spreadsheet
 * would take for a formula goes out behind an apostrophe, and comes in again without it. Tables of other programs come
 * in with semicolons or tabs too, and then with commas in their numbers.
 */
public final class Table {
    /** A spreadsheet reckons what begins so (OWASP, “CSV Injection”). */
    private static final Pattern FORMULA = Pattern.compile("'*[=+\\-@\t\r].*", Pattern.DOTALL);

    private static final Pattern NUMBER = Pattern.compile("[+-]?[0-9]*\\.?[0-9]+");
    private static final Pattern DECIMAL_COMMA = Pattern.compile("([+-]?[0-9]+),([0-9]+)(\\D*)");

    private Table() {}

    /** Where the lines of a table are written to. */
    public static final class Lines {
        private final CsvWriter csv;

        private Lines(CsvWriter csv) {
            this.csv = csv;
        }

        public void writeRecord(String... cells) {
            writeRecord(Arrays.asList(cells));
        }

        public void writeRecord(Iterable<String> cells) {
            csv.writeRecord(StreamSupport.stream(cells.spliterator(), false)
                    .map(Table::harmless)
                    .toList());
        }
    }

    private static String harmless(String cell) {
        return FORMULA.matcher(cell).matches() && !NUMBER.matcher(cell).matches() ? "'" + cell : cell;
    }

    private static String asItWas(String cell) {
        return cell.startsWith("'") && FORMULA.matcher(cell).matches() ? cell.substring(1) : cell;
    }

    private static String withPoint(String cell) {
        return DECIMAL_COMMA.matcher(cell).replaceFirst("$1.$2$3");
    }

    /**
     * Hands over every line under the names of its columns. @throws Refusal with the count of good lines where it is no
     * table any more
     */
    public static void read(String text, Consumer<NamedCsvRecord> line) {
        String table = text.startsWith("\uFEFF") ? text.substring(1) : text;
        char between = between(table);
        FieldModifier cells = FieldModifier.modify(between == ',' ? Table::asItWas : cell -> withPoint(asItWas(cell)));
        int good = 0;
        try (CsvReader<NamedCsvRecord> csv = CsvReader.builder()
                .fieldSeparator(between)
                .build(NamedCsvRecordHandler.of(handler -> handler.fieldModifier(cells)), table)) {
            for (NamedCsvRecord record : csv) {
                line.accept(record);
                good++;
            }
        } catch (CsvParseException broken) {
            throw Refusal.entry(
                    "text",
                    "",
                    "After " + good + " lines this is no table any more: " + broken.getMessage(),
                    "comma-separated values (RFC 4180)");
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
    }

    /** The names of columns have neither semicolons nor tabs: what the first line has more of stands between them. */
    private static char between(String table) {
        String names = table.lines().findFirst().orElse("");
        long commas = count(names, ',');
        long semicolons = count(names, ';');
        long tabs = count(names, '\t');
        return semicolons > commas && semicolons >= tabs ? ';' : tabs > commas ? '\t' : ',';
    }

    private static long count(String text, char wanted) {
        return text.chars().filter(each -> each == wanted).count();
    }

    public static String written(Consumer<Lines> lines) {
        StringWriter table = new StringWriter();
        lines.accept(to(table));
        return table.toString();
    }

    /** A table that is too long to be held in one piece. */
    public static Lines to(Writer table) {
        return new Lines(CsvWriter.builder()
                .lineDelimiter(LineDelimiter.CRLF)
                .bufferSize(0)
                .build(table));
    }
}

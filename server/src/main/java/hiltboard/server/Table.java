package hiltboard.server;

import de.siegmar.fastcsv.reader.CsvParseException;
import de.siegmar.fastcsv.reader.CsvReader;
import de.siegmar.fastcsv.reader.NamedCsvRecord;
import de.siegmar.fastcsv.writer.CsvWriter;
import de.siegmar.fastcsv.writer.LineDelimiter;
import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.function.Consumer;

/** Tables of comma-separated values (RFC 4180), with the names of the columns in their first line. */
public final class Table {
    private Table() {}

    /**
     * Hands over every line under the names of its columns. @throws Refusal with the count of good lines where it is no
     * table any more
     */
    public static void read(String text, Consumer<NamedCsvRecord> line) {
        int good = 0;
        try (CsvReader<NamedCsvRecord> csv =
                CsvReader.builder().ofNamedCsvRecord(text.startsWith("\uFEFF") ? text.substring(1) : text)) {
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

    public static String written(Consumer<CsvWriter> lines) {
        StringWriter table = new StringWriter();
        lines.accept(CsvWriter.builder()
                .lineDelimiter(LineDelimiter.CRLF)
                .bufferSize(0)
                .build(table));
        return table.toString();
    }
}

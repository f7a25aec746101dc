package hiltboard.server.exchange;

import de.siegmar.fastcsv.writer.CsvWriter;
import de.siegmar.fastcsv.writer.LineDelimiter;
import hiltboard.core.blade.KnifeOutline.Hole;
import hiltboard.core.exchange.Template;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Units;
import java.io.StringWriter;
import java.util.List;

/** Every hole of every part in one table (RFC 4180), from one datum: where the spine meets the front of the handle. */
final class HoleTable {
    private HoleTable() {}

    static String write(List<Template> templates) {
        StringWriter table = new StringWriter();
        CsvWriter csv = CsvWriter.builder().lineDelimiter(LineDelimiter.CRLF).bufferSize(0).build(table);
        csv.writeRecord("part", "hole", "for", "x_mm", "y_mm", "diameter_mm", "x_in", "y_in", "diameter_in");
        for (Template template : templates) {
            for (int i = 0; i < template.holes().size(); i++) {
                Hole hole = template.holes().get(i);
                csv.writeRecord(template.name(), String.valueOf(i + 1), hole.use().words(),
                        number(hole.centre().x(), Units.MILLIMETRE_CELSIUS), number(hole.centre().y(), Units.MILLIMETRE_CELSIUS), number(hole.diameter(), Units.MILLIMETRE_CELSIUS),
                        number(hole.centre().x(), Units.INCH_FAHRENHEIT), number(hole.centre().y(), Units.INCH_FAHRENHEIT), number(hole.diameter(), Units.INCH_FAHRENHEIT));
            }
        }
        return table.toString();
    }

    private static String number(double millimetres, Units units) {
        return Length.ofMillimetres(millimetres).number(units);
    }
}

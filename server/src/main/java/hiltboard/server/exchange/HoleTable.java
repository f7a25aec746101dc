package hiltboard.server.exchange;

import static hiltboard.core.measure.Units.INCH_FAHRENHEIT;
import static hiltboard.core.measure.Units.MILLIMETRE_CELSIUS;

import hiltboard.core.exchange.Template;
import hiltboard.core.machine.Bore;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.Units;
import hiltboard.server.Table;
import java.util.List;

/**
 * Every hole of every part in one table (RFC 4180) with what goes through it and the drill that makes it, from one
 * datum: where the spine meets the front of the handle.
 */
final class HoleTable {
    private HoleTable() {}

    static String write(List<Template> templates) {
        return Table.written(csv -> write(templates, csv));
    }

    private static void write(List<Template> templates, Table.Lines csv) {
        csv.writeRecord(
                "part",
                "hole",
                "for",
                "size_mm",
                "size_in",
                "drill",
                "x_mm",
                "y_mm",
                "diameter_mm",
                "x_in",
                "y_in",
                "diameter_in");
        for (Template template : templates) {
            for (int i = 0; i < template.holes().size(); i++) {
                Bore hole = template.holes().get(i);
                csv.writeRecord(
                        template.name(),
                        String.valueOf(i + 1),
                        hole.use().words(),
                        hole.part().number(MILLIMETRE_CELSIUS),
                        hole.part().number(INCH_FAHRENHEIT),
                        hole.drill(),
                        number(hole.centre().x(), MILLIMETRE_CELSIUS),
                        number(hole.centre().y(), MILLIMETRE_CELSIUS),
                        hole.diameter().number(MILLIMETRE_CELSIUS),
                        number(hole.centre().x(), INCH_FAHRENHEIT),
                        number(hole.centre().y(), INCH_FAHRENHEIT),
                        hole.diameter().number(INCH_FAHRENHEIT));
            }
        }
    }

    private static String number(double millimetres, Units units) {
        return Length.ofMillimetres(millimetres).number(units);
    }
}

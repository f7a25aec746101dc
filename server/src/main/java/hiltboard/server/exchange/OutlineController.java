package hiltboard.server.exchange;

import hiltboard.core.blade.Area;
import hiltboard.core.blade.KnifeOutline;
import hiltboard.core.blade.Outline;
import hiltboard.core.design.KnifeShape;
import hiltboard.core.design.Specification;
import hiltboard.core.design.SpecificationReader;
import hiltboard.core.exchange.DxfDrawing;
import hiltboard.core.exchange.ReadDrawing;
import hiltboard.core.exchange.Recognised;
import hiltboard.core.exchange.Template;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.ShopNotation;
import hiltboard.core.measure.Understood;
import hiltboard.core.measure.Units;
import hiltboard.server.Refusal;
import hiltboard.server.access.Person;
import hiltboard.server.job.Drawing;
import hiltboard.server.material.Specifications;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Takes an outline that was drawn elsewhere onto the table, as numbers that can be changed like any other. */
@RestController
class OutlineController {
    private static final int LONGEST_FILE = 8_000_000;
    private static final double LONGEST_KNIFE = 1_500;
    private static final int LOOKED_AT = 120;

    private final Specifications specifications;

    OutlineController(Specifications specifications) {
        this.specifications = specifications;
    }

    /**
     * A drawing's text, SVG or DXF, and what it does not say itself.
     *
     * @param overall how long the knife is in all; may be empty for a DXF that states its unit
     * @param blade how long its blade is; empty for a guess
     * @param entries the knife on the table, whose other answers stay
     */
    record NewOutline(
            String text,
            String overall,
            String blade,
            boolean isTurned,
            boolean isFlipped,
            Map<String, String> entries) {}

    /** @param file the outline as it was read, in the drawing's coordinates */
    record Brought(Map<String, String> entries, String file, Drawing drawing, String follows) {}

    @PostMapping("/api/exchange/outline")
    Brought read(@RequestBody NewOutline given, Person person) {
        Units units = person.units();
        if (given.text().length() > LONGEST_FILE) {
            throw Refusal.entry("file", "", "The file is too large", "up to 8 MB");
        }
        ReadDrawing read = given.text().stripLeading().startsWith("<")
                ? SvgFile.read(given.text())
                : DxfDrawing.read(given.text());
        if (read instanceof ReadDrawing.Refused refused) {
            throw Refusal.entry("file", "", refused.problem(), refused.accepted());
        }
        ReadDrawing.Outlines drawing = (ReadDrawing.Outlines) read;
        Recognised.Answer answer = Recognised.of(
                drawing.closed(),
                overall(given.overall(), drawing, units),
                blade(given.blade(), units),
                new Recognised.Laid(given.isTurned(), given.isFlipped()));
        if (answer instanceof Recognised.Refused refused) {
            throw Refusal.entry("file", "", refused.problem(), refused.accepted());
        }
        Recognised knife = ((Recognised.Found) answer).knife();
        Map<String, String> entries = new LinkedHashMap<>(given.entries());
        entries.put("profile", knife.isCornered() ? "CLIP" : "DROP");
        knife.numbers().forEach((key, length) -> entries.put(key, length.in(Units.MILLIMETRE_CELSIUS)));
        SpecificationReader.Answer specified = specifications.readCompleted(entries, units);
        Specification specification =
                specified.specification().orElseThrow(() -> Refusal.entries(specified.findings()));
        if (specification.isAxe()) {
            throw Refusal.entry("file", "", "An axe is not drawn from an outline yet", "a knife on the table");
        }
        Map<String, String> typed = new LinkedHashMap<>(given.entries());
        typed.put("profile", entries.get("profile"));
        knife.numbers().keySet().forEach(key -> typed.put(key, specification.entryIn(key, units)));
        return new Brought(
                typed,
                Drawing.closed(knife.outline()),
                Drawing.of(specification),
                follows(specification, knife.outline(), units));
    }

    private static Length overall(String entry, ReadDrawing.Outlines drawing, Units units) {
        if (entry.isBlank() && drawing.millimetresPerUnit().isPresent()) {
            double[] reach = drawing.closed().stream()
                    .map(Area::of)
                    .max(Comparator.comparingDouble(Area::squareMillimetres))
                    .orElseThrow()
                    .reach();
            double millimetres =
                    (reach[1] - reach[0]) * drawing.millimetresPerUnit().get();
            if (millimetres > 0 && millimetres < LONGEST_KNIFE) {
                return Length.ofMillimetres(millimetres);
            }
        }
        return length("overall", entry, units, entry.isBlank() ? "The drawing does not say how large it is" : "");
    }

    private static Optional<Length> blade(String entry, Units units) {
        return entry.isBlank() ? Optional.empty() : Optional.of(length("blade", entry, units, ""));
    }

    private static Length length(String field, String entry, Units units, String otherwise) {
        Understood<Length> read = ShopNotation.length(entry, units);
        if (read instanceof Understood.Value<Length> value
                && value.value().isPositive()
                && value.value().millimetres() < LONGEST_KNIFE) {
            return value.value();
        }
        String problem =
                read instanceof Understood.Refused<Length> refused ? refused.problem() : "This is no length of a knife";
        throw Refusal.entry(
                field,
                entry,
                otherwise.isEmpty() ? problem : otherwise,
                "the length in all, such as 9-1/2 in or 240 mm");
    }

    /** How far the drawn knife lies from the file at most, and where. */
    private static String follows(Specification specification, Outline file, Units units) {
        KnifeOutline knife = KnifeShape.outline(specification);
        Area drawn = Area.of(Template.of(specification).get(0).outlines().get(0));
        Area read = Area.of(file);
        double worst = 0;
        double where = 0;
        double butt = read.reach()[0];
        for (int i = 1; i < LOOKED_AT; i++) {
            double x = butt + (read.reach()[1] - butt) * i / LOOKED_AT;
            double off = apart(drawn.crossings(x), read.crossings(x));
            where = off > worst ? x : where;
            worst = Math.max(worst, off);
        }
        String place = where > knife.bladeLength() * 0.8
                ? "near the point"
                : where > 0 ? "along the blade" : where > butt * 0.8 ? "along the handle" : "at the butt";
        return "The drawing follows the file within "
                + Length.ofMillimetres(Math.round(worst * 10) / 10d).in(units) + "; most apart " + place + ".";
    }

    private static double apart(double[] drawn, double[] read) {
        return drawn.length < 2 || read.length < 2
                ? 0
                : Math.max(Math.abs(drawn[0] - read[0]), Math.abs(drawn[drawn.length - 1] - read[read.length - 1]));
    }
}

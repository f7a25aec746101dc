package hiltboard.acceptance.bench;

import hiltboard.core.design.KnifeShape;
import hiltboard.core.design.SpecificationField;
import hiltboard.core.design.SpecificationReader;
import hiltboard.core.measure.Length;
import hiltboard.core.measure.ShopNotation;
import hiltboard.core.measure.Understood;
import hiltboard.core.measure.Units;
import hiltboard.core.stock.cutting.Bar;
import hiltboard.core.stock.cutting.Blank;
import hiltboard.core.stock.cutting.CuttingProblem;
import hiltboard.core.stock.cutting.CuttingProblem.Wanted;
import hiltboard.core.stock.cutting.CuttingRules;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;

/**
 * Racks to cut from, made by chance: bars and offcuts of four steels in two thicknesses, single commissions and batches
 * that wait.
 */
final class Rack {
    private static final List<String> STEELS = List.of("1084", "1095", "52100", "440C");
    private static final List<String> THICKNESSES = List.of("1/8", "5/32");
    private static final List<String> PATTERNS =
            List.of("DROP", "CLIP", "SHEEPSFOOT", "STRAIGHT_BACK", "UPSWEPT", "FISH");

    private Rack() {}

    static CuttingProblem of(long seed, int bars, int blanks) {
        Random random = new Random(seed);
        List<Wanted> wanted = new ArrayList<>();
        while (wanted.size() < blanks) {
            Blank blank = blank(random);
            int alike = random.nextInt(3) == 0 ? 4 + random.nextInt(9) : 1;
            for (int i = 0; i < alike && wanted.size() < blanks; i++) {
                wanted.add(new Wanted("blank " + wanted.size(), blank));
            }
        }
        List<Bar> rack = new ArrayList<>();
        for (int i = 0; i < bars; i++) {
            int inches = random.nextInt(4) == 0 ? 14 + random.nextInt(20) : random.nextBoolean() ? 48 : 72;
            rack.add(new Bar(
                    "bar " + i,
                    STEELS.get(i % STEELS.size()),
                    inches(THICKNESSES.get(i / STEELS.size() % 2)),
                    inches(random.nextInt(3) == 0 ? "2" : "1-1/2"),
                    Length.ofInchFraction(inches, 1)));
        }
        return new CuttingProblem(wanted, rack, CuttingRules.USUAL);
    }

    private static Blank blank(Random random) {
        Map<String, String> entries = new LinkedHashMap<>();
        for (SpecificationField field : SpecificationField.values()) {
            entries.put(field.key(), field.usual());
        }
        String steel = STEELS.get(random.nextInt(STEELS.size()));
        String thickness = THICKNESSES.get(random.nextInt(THICKNESSES.size()));
        entries.put("steel", steel);
        entries.put("stockThickness", thickness);
        entries.put("profile", PATTERNS.get(random.nextInt(PATTERNS.size())));
        entries.put("bladeLength", String.valueOf(3 + random.nextInt(17) / 4.0));
        entries.put("handleLength", String.valueOf(4 + random.nextInt(5) / 4.0));
        return SpecificationReader.read(entries, Units.INCH_FAHRENHEIT)
                .specification()
                .map(spec -> new Blank(KnifeShape.outline(spec).steel(), steel, inches(thickness)))
                .orElseGet(() -> blank(random));
    }

    private static Length inches(String entry) {
        return ((Understood.Value<Length>) ShopNotation.length(entry, Units.INCH_FAHRENHEIT)).value();
    }
}

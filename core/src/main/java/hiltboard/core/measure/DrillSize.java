package hiltboard.core.measure;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A twist drill of the number, letter and fractional series (ASME B94.11M, from memory), 0.0135 in to 1 in, or of the
 * metric series (ISO 235, from memory), 1 mm to 14 mm. A size that stands in two series (E and 1/4) keeps both names;
 * each table is sorted by diameter.
 */
public record DrillSize(String name, Length diameter) {
    /** #1 first. */
    private static final String NUMBERS = """
            0.2280 0.2210 0.2130 0.2090 0.2055 0.2040 0.2010 0.1990 0.1960 0.1935
            0.1910 0.1890 0.1850 0.1820 0.1800 0.1770 0.1730 0.1695 0.1660 0.1610
            0.1590 0.1570 0.1540 0.1520 0.1495 0.1470 0.1440 0.1405 0.1360 0.1285
            0.1200 0.1160 0.1130 0.1110 0.1100 0.1065 0.1040 0.1015 0.0995 0.0980
            0.0960 0.0935 0.0890 0.0860 0.0820 0.0810 0.0785 0.0760 0.0730 0.0700
            0.0670 0.0635 0.0595 0.0550 0.0520 0.0465 0.0430 0.0420 0.0410 0.0400
            0.0390 0.0380 0.0370 0.0360 0.0350 0.0330 0.0320 0.0310 0.0292 0.0280
            0.0260 0.0250 0.0240 0.0225 0.0210 0.0200 0.0180 0.0160 0.0145 0.0135""";
    /** A first. */
    private static final String LETTERS = """
            0.234 0.238 0.242 0.246 0.250 0.257 0.261 0.266 0.272 0.277 0.281 0.290 0.295
            0.302 0.316 0.323 0.332 0.339 0.348 0.358 0.368 0.377 0.386 0.397 0.404 0.413""";

    private static final List<DrillSize> TABLE = table();
    private static final List<DrillSize> METRIC = metricTable();
    private static final Map<String, DrillSize> BY_NAME = byName();

    /** By twentieths of a millimetre up to 3 mm, by tenths above; smallest first. */
    static List<DrillSize> metric() {
        return METRIC;
    }

    /** Every number, letter and fraction, smallest first. */
    public static List<DrillSize> all() {
        return TABLE;
    }

    /** The drill of this name: {@code #28}, {@code F}, {@code 3/16}. */
    public static Optional<DrillSize> named(String name) {
        return Optional.ofNullable(BY_NAME.get(name));
    }

    private static List<DrillSize> metricTable() {
        List<DrillSize> sizes = new ArrayList<>();
        for (int hundredths = 100; hundredths <= 1400; hundredths += hundredths < 300 ? 5 : 10) {
            Length diameter = new Length(hundredths * 10_000L);
            sizes.add(new DrillSize(
                    BigDecimal.valueOf(hundredths, 2).setScale(hundredths % 10 == 0 ? 1 : 2, RoundingMode.UNNECESSARY)
                            + " mm",
                    diameter));
        }
        return List.copyOf(sizes);
    }

    private static List<DrillSize> table() {
        List<DrillSize> sizes = new ArrayList<>();
        String[] numbers = NUMBERS.split("\\s+");
        for (int i = 0; i < numbers.length; i++) {
            sizes.add(new DrillSize("#" + (i + 1), Length.ofInches(numbers[i])));
        }
        String[] letters = LETTERS.split("\\s+");
        for (int i = 0; i < letters.length; i++) {
            sizes.add(new DrillSize(String.valueOf((char) ('A' + i)), Length.ofInches(letters[i])));
        }
        for (int sixtyFourths = 1; sixtyFourths <= 64; sixtyFourths++) {
            sizes.add(new DrillSize(fractionName(sixtyFourths), Length.ofInchFraction(sixtyFourths, 64)));
        }
        sizes.sort(Comparator.comparing(DrillSize::diameter));
        return List.copyOf(sizes);
    }

    private static String fractionName(int sixtyFourths) {
        int shared = Integer.lowestOneBit(sixtyFourths);
        return shared >= 64 ? "1 in" : sixtyFourths / shared + "/" + 64 / shared;
    }

    private static Map<String, DrillSize> byName() {
        Map<String, DrillSize> names = new HashMap<>();
        TABLE.forEach(drill -> names.put(drill.name, drill));
        return Map.copyOf(names);
    }
}

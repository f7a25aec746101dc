package hiltboard.core.grind;

import hiltboard.core.measure.Length;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * An abrasive by the size of its grain. P grits: mean diameters of ISO 6344 and FEPA 43; plain grits: ANSI B74.12 and
 * B74.18; stones: JIS R 6001, electrical resistance method. All from memory, to about a tenth.
 *
 * @param number of the grit; zero where the grain itself is stated
 * @param micrometres mean diameter of the grain, {@value #FINEST} to {@value #COARSEST}
 */
public record Grit(Grading grading, int number, double micrometres) {
    private static final double FINEST = 0.6;
    private static final double COARSEST = 2000;
    /** A grain is held in its bond by about half: no scratch is deeper than what stands out. From memory. */
    private static final double STANDS_OUT = 0.5;

    private static final Pattern STATED = Pattern.compile("(\\d{1,4}(?:[.,]\\d{1,2})?)\\s*(?:µm|μm|um|micron|microns)");
    private static final Pattern STONE = Pattern.compile("(?:stone|jis|#)\\s*(\\d{2,5})|(\\d{2,5})\\s*stone");
    private static final Pattern P = Pattern.compile("(?:fepa\\s*)?p\\s*(\\d{2,5})");
    private static final Pattern PLAIN = Pattern.compile("(\\d{2,5})(?:\\s*grit)?");

    private static final List<Grit> TABLE = table();

    public Grit {
        if (!(micrometres >= FINEST && micrometres <= COARSEST)) {
            throw new IllegalArgumentException("A grain of " + micrometres + " µm is on no belt");
        }
    }

    private static List<Grit> table() {
        List<Grit> all = new ArrayList<>();
        add(
                all, Grading.P, 12, 1815, 16, 1324, 20, 1000, 24, 764, 30, 642, 36, 538, 40, 425, 50, 336, 60, 269, 80,
                201);
        add(all, Grading.P, 100, 162, 120, 125, 150, 100, 180, 82, 220, 68, 240, 58.5, 280, 52.2, 320, 46.2, 360, 40.5);
        add(all, Grading.P, 400, 35.0, 500, 30.2, 600, 25.8, 800, 21.8, 1000, 18.3, 1200, 15.3, 1500, 12.6, 2000, 10.3);
        add(all, Grading.P, 2500, 8.4);
        add(all, Grading.PLAIN, 24, 708, 30, 632, 36, 530, 40, 425, 50, 348, 60, 265, 80, 190, 100, 140, 120, 115);
        add(all, Grading.PLAIN, 150, 92, 180, 82, 220, 68, 240, 53, 280, 44, 320, 36, 360, 28.8, 400, 23.6, 500, 19.7);
        add(all, Grading.PLAIN, 600, 16, 800, 12.2, 1000, 9.2, 1200, 6.5);
        add(all, Grading.STONE, 240, 57, 280, 48, 320, 40, 400, 30, 500, 25, 600, 20, 700, 17, 800, 14, 1000, 11.5);
        add(all, Grading.STONE, 1200, 9.5, 1500, 8, 2000, 6.7, 2500, 5.5, 3000, 4, 4000, 3, 6000, 2, 8000, 1.2);
        return List.copyOf(all);
    }

    private static void add(List<Grit> all, Grading grading, double... numbersAndMicrometres) {
        for (int i = 0; i < numbersAndMicrometres.length; i += 2) {
            all.add(new Grit(grading, (int) numbersAndMicrometres[i], numbersAndMicrometres[i + 1]));
        }
    }

    /** Every size of a table, coarsest first; none where the grain itself is stated. */
    public static List<Grit> all(Grading grading) {
        return TABLE.stream().filter(grit -> grit.grading == grading).toList();
    }

    static Grit p(int number) {
        return of(Grading.P, number).orElseThrow();
    }

    public static Optional<Grit> of(Grading grading, int number) {
        return TABLE.stream()
                .filter(grit -> grit.grading == grading && grit.number == number)
                .findFirst();
    }

    /**
     * As it is printed on the belt, paper or stone: {@code P220}, {@code 220}, {@code stone 1000}, {@code 45 µm}. Empty
     * where no table has it.
     */
    public static Optional<Grit> named(String name) {
        String text = name.strip().toLowerCase(Locale.ROOT).replace('\u00a0', ' ');
        Matcher stated = STATED.matcher(text);
        if (stated.matches()) {
            double grain = Double.parseDouble(stated.group(1).replace(',', '.'));
            return grain >= FINEST && grain <= COARSEST
                    ? Optional.of(new Grit(Grading.MICROMETRES, 0, grain))
                    : Optional.empty();
        }
        return numbered(STONE, text, Grading.STONE)
                .or(() -> numbered(P, text, Grading.P))
                .or(() -> numbered(PLAIN, text, Grading.PLAIN));
    }

    private static Optional<Grit> numbered(Pattern pattern, String text, Grading grading) {
        Matcher match = pattern.matcher(text);
        if (!match.matches()) {
            return Optional.empty();
        }
        String number = match.groupCount() > 1 && match.group(1) == null ? match.group(2) : match.group(1);
        return of(grading, Integer.parseInt(number));
    }

    /** What {@link #named} finds again. */
    public String name() {
        return switch (grading) {
            case P -> "P" + number;
            case PLAIN -> String.valueOf(number);
            case STONE -> "stone " + number;
            case MICROMETRES -> grain();
        };
    }

    /** The size of the grain in words. */
    public String grain() {
        String shown = String.format(Locale.ROOT, micrometres < 100 ? "%.1f" : "%.0f", micrometres);
        return (shown.endsWith(".0") ? shown.substring(0, shown.length() - 2) : shown) + " µm";
    }

    /** How deep its scratches are at most. */
    public Length scratches() {
        return Length.ofMillimetres(micrometres * STANDS_OUT / 1000);
    }

    /** How many times finer another one is; less than one where it is coarser. */
    public double timesCoarserThan(Grit other) {
        return micrometres / other.micrometres;
    }

    public boolean isCoarserThan(Grit other) {
        return micrometres > other.micrometres;
    }
}

package hiltboard.core.measure;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A screw thread by its size: unified threads after ASME B1.1 ({@code 6-32}, {@code 1/4-20}), metric ones after ISO 261
 * and 262 ({@code M6}, {@code M2.5×0.45}).
 */
public record ThreadSize(String name, Length major, Length pitch, DrillSeries series) {
    private static final Pattern METRIC =
            Pattern.compile("m\\s*(\\d{1,2}(?:[.,]\\d)?)(?:\\s*[x×*]\\s*(\\d(?:[.,]\\d{1,2})?))?");
    private static final Pattern UNIFIED =
            Pattern.compile("(?:#|no\\.?\\s*)?(\\d{1,2}|\\d/\\d{1,2})\\s*-\\s*(\\d{2})(?:\\s*(?:unc|unf))?");
    /**
     * Of a 60° thread (ISO 68-1, ASME B1.1): percent of thread = (major − drill) ÷ (2 × 3/4 × √3/2 × pitch) × 100, and
     * 2 × 3/4 × √3/2 = 1.2990.
     */
    private static final double FULL_DEPTH = 1.2990;
    /**
     * Usual in shops: half of the thread holds as well as the screw does, three quarters taps without trouble. Common
     * practice.
     */
    public static final int USUAL_PERCENT = 75;

    private static final List<Standard> STANDARDS = standards();

    /** A thread that is made, with the holes that its screw goes through. */
    private record Standard(ThreadSize thread, Length close, Length free) {}

    /** A size that was written down. Empty where nobody makes such a thread. */
    public static Optional<ThreadSize> named(String entry) {
        String text = entry.strip().toLowerCase(Locale.ROOT);
        Matcher metric = METRIC.matcher(text);
        if (metric.matches()) {
            return metric(
                    metric.group(1).replace(',', '.'),
                    Optional.ofNullable(metric.group(2)).map(pitch -> pitch.replace(',', '.')));
        }
        Matcher unified = UNIFIED.matcher(text);
        return unified.matches()
                ? known().stream()
                        .filter(each -> each.name.equals(unified.group(1) + "-" + unified.group(2)))
                        .findFirst()
                : Optional.empty();
    }

    private static Optional<ThreadSize> metric(String major, Optional<String> pitch) {
        Length diameter = Length.ofMillimetres(major);
        Optional<ThreadSize> coarse = known().stream()
                .filter(each -> each.series == DrillSeries.METRIC && each.major.equals(diameter))
                .findFirst();
        if (pitch.isEmpty()) {
            return coarse;
        }
        Length step = Length.ofMillimetres(pitch.get());
        // A fine thread is named by its pitch; one that is no finer than the coarse one does not exist.
        return coarse.filter(each -> step.isPositive() && step.compareTo(each.pitch) <= 0)
                .map(each -> each.pitch.equals(step)
                        ? each
                        : new ThreadSize(metricName(diameter, step), diameter, step, DrillSeries.METRIC));
    }

    /** The coarsest thread whose screw is exactly this thick. */
    public static Optional<ThreadSize> ofMajor(Length diameter) {
        return known().stream().filter(each -> each.major.equals(diameter)).findFirst();
    }

    /** Threads that a knife shop meets. */
    public static List<ThreadSize> known() {
        return STANDARDS.stream().map(Standard::thread).toList();
    }

    /**
     * The hole that its screw just goes through: ISO 273 fine; for inch screws the close fit of the usual charts, from
     * memory.
     */
    public Length close() {
        return standard().close;
    }

    /**
     * The hole that its screw goes through with room: ISO 273 medium; for inch screws the free fit of the usual charts,
     * from memory.
     */
    public Length free() {
        return standard().free;
    }

    /** Clearance hangs on the thickness alone, not on the pitch. */
    private Standard standard() {
        return STANDARDS.stream()
                .filter(each -> each.thread.major.equals(major))
                .findFirst()
                .orElseThrow();
    }

    /** The drill that leaves about this share of the full thread. @throws ImpossibleQuantity outside 30 to 100 % */
    public Worked<Length> tapDrill(int percent, Units units) {
        if (percent < 30 || percent > 100) {
            throw new ImpossibleQuantity("share of the thread", percent + " %", "30 to 100 %");
        }
        Length exact = major.minus(pitch.times(FULL_DEPTH * percent / 100));
        DrillSize drill = series.nearest(exact);
        Working line = new Working(units);
        return Worked.of(
                        drill.diameter(),
                        line.of(major) + " − 1.299 × " + pitchWords(units) + " × " + percent + " %"
                                + line.comesTo(exact.nearest(new Length(100))),
                        "The nearest drill, " + drill.name() + ", leaves " + percentWith(drill.diameter()) + " %")
                .called(drill.name() + " drill");
    }

    private String pitchWords(Units units) {
        return series == DrillSeries.METRIC
                ? pitch.in(Units.MILLIMETRE_CELSIUS)
                : "1/" + Math.round(1 / pitch.inches()) + " in";
    }

    /** How much of the full thread a hole of this size leaves. */
    public long percentWith(Length hole) {
        return Math.round((major.magnitude() - hole.magnitude()) / (FULL_DEPTH * pitch.magnitude()) * 100);
    }

    private static String metricName(Length major, Length pitch) {
        return "M" + plain(major) + "×" + plain(pitch);
    }

    private static String plain(Length length) {
        return BigDecimal.valueOf(length.nanometres(), 6).stripTrailingZeros().toPlainString();
    }

    /**
     * Major diameters of numbered screws: 0.060 in + 0.013 in a number (ASME B1.1). The holes by drill name, close and
     * free.
     */
    private static List<Standard> standards() {
        List<Standard> all = new ArrayList<>();
        for (String line : List.of(
                "0-80 #52 #50",
                "1-64 #48 #46",
                "2-56 #43 #41",
                "3-48 #37 #35",
                "4-40 #32 #30",
                "5-40 #30 #29",
                "6-32 #27 #25",
                "8-32 #18 #16",
                "10-24 #9 #7",
                "10-32 #9 #7",
                "12-24 #2 #1",
                "1/4-20 F H",
                "1/4-28 F H",
                "5/16-18 P Q",
                "3/8-16 W X")) {
            String[] parts = line.split(" ");
            String[] name = parts[0].split("-");
            Length major = name[0].contains("/")
                    ? ShopNotation.inches(name[0])
                    : Length.ofInches(
                            new BigDecimal("0.060").add(new BigDecimal("0.013").multiply(new BigDecimal(name[0]))));
            all.add(new Standard(
                    new ThreadSize(
                            parts[0], major, Length.ofInchFraction(1, Integer.parseInt(name[1])), DrillSeries.INCH),
                    drill(parts[1]),
                    drill(parts[2])));
        }
        for (String line : List.of(
                "1.6 0.35 1.7 1.8",
                "2 0.4 2.2 2.4",
                "2.5 0.45 2.7 2.9",
                "3 0.5 3.2 3.4",
                "3.5 0.6 3.7 3.9",
                "4 0.7 4.3 4.5",
                "5 0.8 5.3 5.5",
                "6 1 6.4 6.6",
                "8 1.25 8.4 9",
                "10 1.5 10.5 11")) {
            List<Length> sizes =
                    List.of(line.split(" ")).stream().map(Length::ofMillimetres).toList();
            all.add(new Standard(
                    new ThreadSize(
                            metricName(sizes.get(0), sizes.get(1)), sizes.get(0), sizes.get(1), DrillSeries.METRIC),
                    sizes.get(2),
                    sizes.get(3)));
        }
        return List.copyOf(all);
    }

    private static Length drill(String name) {
        return DrillSize.named(name).orElseThrow().diameter();
    }
}

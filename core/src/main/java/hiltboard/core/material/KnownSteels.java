package hiltboard.core.material;

import hiltboard.core.material.Composition.Share;
import hiltboard.core.material.TemperingCurve.Point;
import hiltboard.core.measure.Temperature;
import java.time.Duration;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;

/**
 * The grades that the program brings along. Compositions are those of the standards that are named, recalled from
 * memory; heats are common practice of knife shops; hardness after tempering is as data sheets of such grades usually
 * give it, from memory.
 */
final class KnownSteels {
    private static final String CARBON = "carbon steel";
    private static final String BEARING = "bearing steel";
    private static final String SPRING = "spring steel";
    private static final String OIL_TOOL = "oil-hardening tool steel";
    private static final String WATER_TOOL = "water-hardening tool steel";
    private static final String NICKEL = "nickel steel";
    private static final String AIR = "air-hardening tool steel";
    private static final String STAINLESS = "stainless steel";

    static final List<String> FAMILIES = List.of(CARBON, SPRING, BEARING, NICKEL, WATER_TOOL, OIL_TOOL, AIR, STAINLESS);

    private static final String SAE_CARBON = "SAE J403";
    private static final String SAE_ALLOY = "SAE J404";
    private static final String AISI_TOOL = "AISI tool steels";
    private static final String EN_SPRING = "EN 10132-4";
    private static final String EN_STAINLESS = "EN 10088-1";
    private static final String ASTM_STAINLESS = "ASTM A276";
    /** Tempers of the curves below, °F. */
    private static final int[] TEMPERS = {300, 350, 400, 450, 500, 600, 700, 800};
    /** Lots of one grade, the heat before and the tester itself together; from memory. */
    private static final double USUAL_BAND = 1.5;

    private static final Temperature DRY_ICE = Temperature.ofFahrenheit(-95);

    static final Grade MILD = new Grade(
            "1018",
            "",
            "mild steel, for cladding",
            composition("C .15-.20 MN .60-.90"),
            new Density(7.85),
            Optional.of(HeatRange.ofFahrenheit(1600, 2300)),
            fahrenheit(1700),
            sources(SAE_CARBON));

    static final List<Steel> ALL = List.of(
            steel("1075", CARBON, SAE_CARBON, "C .70-.80 MN .40-.70")
                    .forged(1500, 2100)
                    .normalised(1600, 1525, 1450)
                    .hardened(1515, 3, Quench.FAST_OIL, 65)
                    .takes(Quench.WATER_THEN_OIL)
                    .shallow()
                    .tempers(64, 62, 60, 58, 57, 53, 48, 43),
            steel("1084", CARBON, SAE_CARBON, "C .80-.93 MN .60-.90")
                    .forged(1500, 2100)
                    .normalised(1600, 1525, 1450)
                    .hardened(1500, 3, Quench.FAST_OIL, 65)
                    .takes(Quench.MEDIUM_OIL, Quench.WATER_THEN_OIL)
                    .tempers(64, 62, 60, 59, 57, 54, 49, 44),
            steel("1095", CARBON, SAE_CARBON, "C .90-1.03 MN .30-.50")
                    .forged(1500, 2050)
                    .normalised(1600, 1525, 1450)
                    .hardened(1475, 5, Quench.FAST_OIL, 66)
                    .takes(Quench.WATER_THEN_OIL)
                    .shallow()
                    .tempers(65, 63, 61, 60, 58, 55, 50, 45),
            steel("W1", WATER_TOOL, AISI_TOOL, "C .70-1.50 SI .10-.40 MN .10-.40")
                    .forged(1500, 1950)
                    .normalised(1600, 1525, 1450)
                    .hardened(1450, 10, Quench.FAST_OIL, 66)
                    .takes(Quench.WATER_THEN_OIL)
                    .shallow()
                    .tempers(65, 63, 61, 60, 58, 55, 50, 45),
            steel("W2", WATER_TOOL, AISI_TOOL, "C .95-1.05 SI .10-.40 MN .10-.40 V .15-.35")
                    .forged(1500, 1950)
                    .normalised(1600, 1525, 1450)
                    .hardened(1475, 15, Quench.FAST_OIL, 66)
                    .takes(Quench.WATER_THEN_OIL)
                    .shallow()
                    .tempers(65, 64, 62, 60, 59, 55, 51, 46),
            steel("5160", SPRING, SAE_ALLOY, "C .56-.64 SI .15-.35 MN .75-1.00 CR .70-.90")
                    .forged(1600, 2150)
                    .normalised(1650, 1575, 1500)
                    .hardened(1525, 10, Quench.MEDIUM_OIL, 63)
                    .takes(Quench.FAST_OIL)
                    .tempers(61, 59, 58, 57, 56, 53, 49, 45),
            steel("52100", BEARING, SAE_ALLOY, "C .98-1.10 SI .15-.35 MN .25-.45 CR 1.30-1.60")
                    .forged(1650, 2050)
                    .normalised(1700, 1600, 1475)
                    .hardened(1500, 10, Quench.MEDIUM_OIL, 66)
                    .takes(Quench.FAST_OIL)
                    .gainsByCold()
                    .tempers(65, 63, 61, 60, 58, 56, 52, 48),
            steel("O1", OIL_TOOL, AISI_TOOL, "C .85-1.00 SI 0-.50 MN 1.00-1.40 CR .40-.60 V 0-.30 W .40-.60")
                    .forged(1550, 1950)
                    .normalised(1600, 1525, 1450)
                    .hardened(1475, 10, Quench.MEDIUM_OIL, 65)
                    .takes(Quench.FAST_OIL)
                    .gainsByCold()
                    .tempers(64, 62, 61, 59, 58, 55, 51, 47),
            steel("80CrV2", OIL_TOOL, EN_SPRING, "C .75-.85 SI .25-.40 MN .30-.50 CR .40-.70 V .15-.25")
                    .number("1.2235")
                    .forged(1550, 2050)
                    .normalised(1625, 1550, 1475)
                    .hardened(1525, 8, Quench.MEDIUM_OIL, 65)
                    .takes(Quench.FAST_OIL)
                    .tempers(63, 61, 60, 58, 57, 54, 50, 45),
            steel("75Ni8", NICKEL, EN_SPRING, "C .72-.78 SI .15-.35 MN .30-.50 CR 0-.15 NI 1.80-2.10")
                    .number("1.5634")
                    .forged(1550, 2050)
                    .normalised(1600, 1525, 1450)
                    .hardened(1490, 5, Quench.MEDIUM_OIL, 64)
                    .takes(Quench.FAST_OIL)
                    .tempers(62, 60, 59, 57, 56, 52, 47, 43),
            steel("A2", AIR, AISI_TOOL, "C .95-1.05 SI 0-.50 MN 0-1.00 CR 4.75-5.50 MO .90-1.40 V .15-.50")
                    .forged(1650, 2000)
                    .hardened(1775, 20, Quench.PLATES_AND_AIR, 63.5)
                    .gainsByCold()
                    .tempers(62, 61, 60, 59, 57, 56, 56, 56),
            steel("D2", AIR, AISI_TOOL, "C 1.40-1.60 SI 0-.60 MN 0-.60 CR 11-13 MO .70-1.20 V 0-1.10")
                    .light()
                    .forged(1700, 2000)
                    .hardened(1850, 25, Quench.PLATES_AND_AIR, 63)
                    .gainsByCold()
                    .tempers(62, 61, 60, 59, 58, 57, 57, 57),
            steel("X65Cr13", STAINLESS, EN_STAINLESS, "C .58-.70 SI 0-1 MN 0-1 CR 12.5-14.5")
                    .number("1.4037")
                    .light()
                    .forged(1650, 2050)
                    .hardened(1920, 20, Quench.PLATES_AND_AIR, 59.5)
                    .gainsByCold()
                    .tempers(59, 58, 57, 56, 55, 55, 54, 54),
            steel("X46Cr13", STAINLESS, EN_STAINLESS, "C .43-.50 SI 0-1 MN 0-1 CR 12.5-14.5")
                    .number("1.4034")
                    .light()
                    .forged(1650, 2050)
                    .hardened(1900, 20, Quench.PLATES_AND_AIR, 56)
                    .gainsByCold()
                    .tempers(55, 55, 54, 53, 52, 51, 51, 50),
            steel("440C", STAINLESS, ASTM_STAINLESS, "C .95-1.20 SI 0-1 MN 0-1 CR 16-18 MO 0-.75")
                    .light()
                    .forged(1700, 2050)
                    .hardened(1900, 20, Quench.PLATES_AND_AIR, 61)
                    .gainsByCold()
                    .tempers(60, 60, 59, 58, 57, 56, 56, 55));

    private KnownSteels() {}

    private static Draft steel(String designation, String family, String standard, String composition) {
        return new Draft(designation, family, standard, composition);
    }

    private static Composition composition(String words) {
        Map<Element, Share> shares = new EnumMap<>(Element.class);
        String[] parts = words.split(" ");
        for (int i = 0; i < parts.length; i += 2) {
            String[] limits = parts[i + 1].split("-");
            shares.put(
                    Element.valueOf(parts[i]), new Share(Double.parseDouble(limits[0]), Double.parseDouble(limits[1])));
        }
        return new Composition(shares);
    }

    private static List<Temperature> fahrenheit(int... heats) {
        return IntStream.of(heats).mapToObj(Temperature::ofFahrenheit).toList();
    }

    private static Map<Datum, Source> sources(String standard) {
        Source practice = new Source("Common practice of knife shops", true);
        return Map.of(
                Datum.COMPOSITION,
                new Source(standard, true),
                Datum.FORGING,
                practice,
                Datum.NORMALISING,
                practice,
                Datum.HARDENING,
                practice,
                Datum.COLD,
                practice);
    }

    /** Writes a steel down as it would be said. */
    private static final class Draft {
        private final String designation;
        private final String family;
        private final String standard;
        private final Composition composition;
        private String number = "";
        /** Much chromium makes it a little lighter. */
        private double density = 7.85;

        private Optional<HeatRange> forging = Optional.empty();
        private List<Temperature> normalising = List.of();
        private Temperature hardening = Temperature.ofCelsius(0);
        private Duration soak = Duration.ZERO;
        private Quench quench = Quench.FAST_OIL;
        private double asQuenched;
        private Optional<Temperature> cold = Optional.empty();
        private boolean isShallow;
        private final Set<Quench> media = EnumSet.noneOf(Quench.class);

        Draft(String designation, String family, String standard, String composition) {
            this.designation = designation;
            this.family = family;
            this.standard = standard;
            this.composition = composition(composition);
        }

        Draft number(String of) {
            number = of;
            return this;
        }

        Draft light() {
            density = 7.7;
            return this;
        }

        Draft forged(int low, int high) {
            forging = Optional.of(HeatRange.ofFahrenheit(low, high));
            return this;
        }

        Draft normalised(int... heats) {
            normalising = fahrenheit(heats);
            return this;
        }

        Draft hardened(int heat, int soakMinutes, Quench in, double hrc) {
            hardening = Temperature.ofFahrenheit(heat);
            soak = Duration.ofMinutes(soakMinutes);
            quench = in;
            media.add(in);
            asQuenched = hrc;
            return this;
        }

        /** What it may also be quenched in without cracking or staying soft, as a rule. */
        Draft takes(Quench... also) {
            media.addAll(List.of(also));
            return this;
        }

        Draft shallow() {
            isShallow = true;
            return this;
        }

        Draft gainsByCold() {
            cold = Optional.of(DRY_ICE);
            return this;
        }

        Steel tempers(int... hrc) {
            Grade grade = new Grade(
                    designation,
                    number,
                    family,
                    composition,
                    new Density(density),
                    forging,
                    normalising,
                    sources(standard));
            List<Point> points = new ArrayList<>();
            for (int i = 0; i < TEMPERS.length; i++) {
                points.add(new Point(Temperature.ofFahrenheit(TEMPERS[i]), hrc[i]));
            }
            return new Steel(
                    grade,
                    hardening,
                    soak,
                    quench,
                    media,
                    cold,
                    asQuenched,
                    Temperature.ofFahrenheit(400),
                    new TemperingCurve(points, USUAL_BAND),
                    family.equals(STAINLESS),
                    isShallow);
        }
    }
}

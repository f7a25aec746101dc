package hiltboard.core.material;

import java.util.List;

/** How the heat leaves the blade. */
public enum Quench {
    FAST_OIL("fast oil", HeatRange.ofFahrenheit(70, 120)),
    MEDIUM_OIL("medium oil", HeatRange.ofFahrenheit(120, 140)),
    WATER_THEN_OIL("water, then oil", HeatRange.ofFahrenheit(70, 100)),
    PLATES_AND_AIR("cold plates and air", HeatRange.ofFahrenheit(50, 90));

    private final String words;
    private final HeatRange medium;

    Quench(String words, HeatRange medium) {
        this.words = words;
        this.medium = medium;
    }

    public String words() {
        return words;
    }

    /**
     * How warm oil, water or plates are before the first blade goes in: common practice, from memory; the oil's own
     * sheet comes first.
     */
    public HeatRange medium() {
        return medium;
    }

    /** Whether the blade goes under a liquid. */
    public boolean isLiquid() {
        return this != PLATES_AND_AIR;
    }

    /** How the clay of a differential hardening is laid; common practice of the trade, no published source. */
    public static final String CLAY_THICK = "about 1/8 in (3 mm) thick";

    /** How a blade is quenched in plates; common practice of the trade, no published source. */
    public static final String ONTO_PLATES =
            "between cold plates, in its foil, with air blown along it for 1½ to 2 minutes";

    /** How it goes into a liquid: a blade wholly, of an axe the bit alone. Common practice. */
    public static String intoLiquid(boolean isAxe) {
        return isAxe
                ? "edge first, straight; only the bit, the first 1 to 1½ in (25 to 40 mm), moved up and down so that no sharp line "
                        + "forms"
                : "point first, straight, wholly under";
    }

    /** What it does to whoever quenches in it. Common practice; the sheet of oil and foil comes first. */
    public List<String> cautions(boolean isAxe) {
        String flares = isAxe
                ? "Oil flares round a head that is only half in it: long tongs, face shield, lid and extinguisher at hand, "
                        + "no water near."
                : "Oil flares: lid and extinguisher at hand, no water near, face shield, wholly under.";
        return switch (this) {
            case FAST_OIL, MEDIUM_OIL -> List.of(flares);
            case WATER_THEN_OIL ->
                List.of(
                        "Water cracks blades, one in so many whatever the maker does: write down how it went, and plan "
                                + "a spare. A wet blade into hot oil spits: face shield, lid.",
                        flares);
            case PLATES_AND_AIR ->
                List.of("Hot plates and foil: gloves and face shield; the air line blows hot foil and dust about.");
        };
    }
}

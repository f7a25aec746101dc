package hiltboard.core.fire;

import hiltboard.core.measure.Temperature;
import hiltboard.core.measure.TemperatureDifference;
import hiltboard.core.route.Operation;
import hiltboard.core.route.Station;
import hiltboard.core.route.Trait;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/** What a fire is lit for. Each step of a route at the kiln is one of these. */
public enum Treatment {
    STRESS_RELIEF("Relieve stress", Optional.empty()),
    NORMALISE("Normalise three times", Optional.of(Trait.NORMALISES)),
    ANNEAL("Anneal", Optional.of(Trait.ANNEALS)),
    HARDEN("Harden", Optional.of(Trait.HARDENS)),
    FIRST_TEMPER("First temper", Optional.of(Trait.FIRST_TEMPER)),
    LAST_TEMPER("Second temper", Optional.of(Trait.LAST_TEMPER)),
    STRAIGHTEN("Temper again, clamped straight", Optional.of(Trait.STRAIGHTENS));

    /** How far above its heat work in the kiln may get before somebody has to look; common practice, no source. */
    private static final TemperatureDifference BEARS = TemperatureDifference.ofKelvin(15);
    /** How much hotter than a temper the kiln may show when the work goes in; common practice, no source. */
    private static final TemperatureDifference BEARS_GOING_IN = TemperatureDifference.ofFahrenheit(25);

    private final String words;
    private final Optional<Trait> trait;

    Treatment(String words, Optional<Trait> trait) {
        this.words = words;
        this.trait = trait;
    }

    public String words() {
        return words;
    }

    public static Optional<Treatment> named(String name) {
        return Arrays.stream(values()).filter(each -> each.name().equals(name)).findFirst();
    }

    /** Whether a step of the route is done by it. What is hardened by eye or outside needs no kiln here. */
    public boolean isDoneAt(Operation operation) {
        boolean isFurtherTemper = this == LAST_TEMPER && operation.is(Trait.TEMPERS_BETWEEN);
        boolean isAlsoTheFirst = this == LAST_TEMPER && operation.is(Trait.FIRST_TEMPER);
        return (trait.filter(operation::is).isPresent() || isFurtherTemper)
                && !isAlsoTheFirst
                && (operation.station() == Station.KILN || this == STRAIGHTEN);
    }

    /** Whether each piece leaves the fire by itself and goes into the quench. */
    public boolean isQuenched() {
        return this == HARDEN;
    }

    /** Whether the work stays in the shut kiln and cools with it, once it has soaked. */
    public boolean isCooledInTheKiln() {
        return this == ANNEAL || this == STRESS_RELIEF;
    }

    public boolean isTemper() {
        return this == FIRST_TEMPER || this == LAST_TEMPER || this == STRAIGHTEN;
    }

    /** Whether a kiln that shows so much is hotter than work of this heat bears. */
    public static boolean isTooHot(Temperature heat, Temperature shown) {
        return shown.celsius() > heat.celsius() + BEARS.kelvin();
    }

    /** Whether the temper, or the hardness itself, would be gone if the work went in now. */
    public boolean isTooHotToGoIn(Temperature heat, Temperature shown) {
        return isTemper() && shown.celsius() > heat.celsius() + BEARS_GOING_IN.kelvin();
    }

    /** What must lie ready before the door is opened. Common practice. */
    List<String> ready() {
        return switch (this) {
            case HARDEN ->
                List.of(
                        "Face shield, gloves, tongs that have been tried cold",
                        "A file and a soft piece to compare",
                        "Straightening jig and clamp within reach",
                        "Rack slots free, numbered");
            case NORMALISE -> List.of("Face shield, gloves, tongs", "A dry rack in still air, away from draughts");
            case ANNEAL, STRESS_RELIEF ->
                List.of("Gloves, tongs", "Nothing that burns near the kiln while nobody stands by");
            case FIRST_TEMPER, LAST_TEMPER -> List.of("Gloves, tongs", "A clean spot on each blade, to see the colour");
            case STRAIGHTEN ->
                List.of(
                        "Gloves, tongs",
                        "Clamp with shims: over-bent the other way by about as much as it is off",
                        "Eyes: a blade that breaks in the clamp flies");
        };
    }
}

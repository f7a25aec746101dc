package hiltboard.core.forge;

import java.util.Collection;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/** What goes into the car for a day at somebody else's machine; common practice of the trade. */
public final class CarryList {
    private static final List<String> ALWAYS = List.of(
            "The billet, with a handle welded on",
            "The recipe, and something to write on",
            "Tongs that hold its section",
            "Callipers, rule, soapstone",
            "Wire brush",
            "Glasses, ear protection, gloves, leather apron",
            "First aid for burns",
            "Water for people, and a fire extinguisher");

    private CarryList() {}

    /** @param works that are to be done there */
    public static List<String> of(Collection<ForgeWork> works) {
        Set<String> list = new LinkedHashSet<>(ALWAYS);
        works.forEach(work -> list.addAll(ofWork(work)));
        return List.copyOf(list);
    }

    private static List<String> ofWork(ForgeWork work) {
        return switch (work) {
            case WELD -> List.of("Fuel for the welding heat", "Flux, if it is used");
            case RESTACK, WRAP, STACK, CLAD ->
                List.of(
                        "Saw and angle grinder",
                        "Solvent and clean rags, away from the fire",
                        "Welder for the edges, helmet");
            case CROP, CORNERS_OFF, GRIND -> List.of("Saw and angle grinder");
            case TWIST -> List.of("Twisting wrench, and a vice that holds", "Torch for cold places");
            case LADDER -> List.of("Groove dies");
            case RIPPLE -> List.of("Ball-faced hammer or dimple dies");
            case DRAW, BIAS, UPSET -> List.of("Stop blocks for the thickness");
        };
    }
}

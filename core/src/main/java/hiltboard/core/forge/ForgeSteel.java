package hiltboard.core.forge;

import hiltboard.core.material.Density;
import hiltboard.core.material.FittingMaterial;
import hiltboard.core.material.Steel;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/**
 * A steel as the smith knows it at the fire.
 *
 * @param key its standard designation, or MILD_STEEL
 * @param shade how it looks once etched; common practice, from memory
 */
public record ForgeSteel(String key, String words, Density density, Shade shade) {
    private static final Set<String> BRIGHT = Set.of("75Ni8", "D2");
    private static final ForgeSteel MILD = new ForgeSteel(
            FittingMaterial.MILD_STEEL.name(), "mild steel", FittingMaterial.MILD_STEEL.density(), Shade.GREY);
    private static final List<ForgeSteel> KNOWN = Stream.concat(
                    Steel.known().stream().map(ForgeSteel::of), Stream.of(MILD))
            .toList();

    /** How the acid leaves a steel: manganese goes dark, nickel and chromium stay bright. */
    public enum Shade {
        DARK,
        GREY,
        BRIGHT
    }

    private static ForgeSteel of(Steel steel) {
        Shade shade = steel.stainless() || BRIGHT.contains(steel.designation())
                ? Shade.BRIGHT
                : steel.designation().equals("A2") ? Shade.GREY : Shade.DARK;
        return new ForgeSteel(steel.designation(), steel.designation(), steel.density(), shade);
    }

    public static List<ForgeSteel> known() {
        return KNOWN;
    }

    public static Optional<ForgeSteel> named(String name) {
        String asked = name.strip().toUpperCase(Locale.ROOT);
        return KNOWN.stream()
                .filter(steel -> steel.key.toUpperCase(Locale.ROOT).equals(asked)
                        || steel.words.toUpperCase(Locale.ROOT).equals(asked))
                .findFirst();
    }
}
